/** Plots the prediction of a cook and its outcome. Apart from the plan's plot, which knows no marks. */
import { known, lidS, timelineOf, type StepTimeline } from '@/core/cook';
import type { Cook } from '@/core/batch/schema';
import type { Belief } from '@/core/live';
import { between } from '@/core/series';
import { TRACE_TOP } from '../time/ticks';
import { NO_TICKS, type Plot, type PlotPart } from './plot';

/** Named moments of a step as it went. */
function momentsOf({ locked, hot, valve, down, off }: StepTimeline) {
  const named = [
    [locked, 'lid'],
    [hot, 'pressure'],
    ...valve.filter(({ opens }) => opens).map((one) => [one, 'valve'] as const),
    [down, 'pin'],
    // An open step has no lid.
    [locked && off, 'open'],
  ] as const;
  return named.flatMap(([second, text]) => {
    const seen = known(second);
    return seen ? [{ minute: seen.s / 60, text }] : [];
  });
}

/** A predicted curve, min from the lid. */
export interface PredictedCurve {
  readonly minute: readonly number[];
  readonly liquidC: readonly number[];
  readonly boilC: number;
}

/** Parts of the Trace of a cook on its way: what has been, and what is to come with its band. */
function livePart(minutes: readonly number[], { past, band }: Lived): readonly PlotPart[] {
  const now = past.minute.at(-1) ?? 0;
  const last = band.minute.at(-1) ?? now;
  const ahead = (minute: number): boolean =>
    band.minute.length > 0 && minute >= now && minute <= last;
  return [
    {
      kind: 'band',
      look: 'range',
      side: 'left',
      values: minutes.map((m) =>
        ahead(m) ? [between(band.minute, band.p10, m), between(band.minute, band.p90, m)] : null,
      ),
    },
    {
      kind: 'curve',
      look: 'given',
      side: 'left',
      values: minutes.map((m) => (ahead(m) ? between(band.minute, band.p50, m) : null)),
    },
    {
      kind: 'curve',
      look: 'liquid',
      side: 'left',
      values: minutes.map((m) => (m <= now ? between(past.minute, past.p50, m) : null)),
    },
  ];
}

/** Belief about a cook on its way, min from its start. */
export type Lived = Pick<Belief, 'past' | 'band'>;

/**
 * Plots the prediction of a cook, and over it the marks and, while the cook goes on, the present belief.
 *
 * @param nowMin minutes since it began; null once it is over
 */
export function cookPlot(
  cook: Cook,
  { minute, liquidC, boilC }: PredictedCurve,
  nowMin: number | null,
  lived: Lived | null = null,
): Plot {
  const timeline = timelineOf(cook);
  const offset = (lidS(timeline) ?? 0) / 60;
  // By the clock: names beside each other take turns in rows.
  const moments = timeline.steps.flatMap(momentsOf).sort((a, b) => a.minute - b.minute);
  const marks = moments.map((at): PlotPart => ({ kind: 'moment', look: 'mark', ...at }));
  const planned = minute.map((m) => m + offset);
  const minutes = lived
    ? [...planned, ...lived.past.minute, ...lived.band.minute].sort((a, b) => a - b)
    : planned;
  const until = planned.at(-1) ?? 0;
  const marked = moments.map(({ minute: at }) => at);
  return {
    minutes,
    // A cook that is late goes on past all that was predicted.
    lastMin: Math.max(minutes.at(-1) ?? 1, nowMin ?? 0, ...marked),
    times: [],
    left: { ...NO_TICKS, top: TRACE_TOP },
    right: null,
    parts: [
      { kind: 'level', look: 'boil', side: 'left', value: boilC, text: '' },
      {
        kind: 'curve',
        look: 'predicted',
        side: 'left',
        values: lived
          ? minutes.map((m) => (m < offset || m > until ? null : between(planned, liquidC, m)))
          : liquidC,
      },
      ...(lived ? livePart(minutes, lived) : []),
      ...(nowMin === null
        ? []
        : [{ kind: 'moment', look: 'now', minute: nowMin, text: '' } as const]),
      ...marks,
    ],
    read: () => null,
  };
}
