/** A pot getting cold, against the rule, as a plot. */
import { formatTemperature, toCelsius, type Units } from '@/core/quantity';
import { between, lastOf } from '@/core/series';
import { thinned } from '../time/sample';
import { clockTicks, type ClockText } from '../time/ticks';
import { NO_TICKS, type Plot, type PlotPart } from './plot';

interface Curve {
  readonly minute: readonly number[];
  readonly warmestC: readonly number[];
}

export interface CoolingSeen {
  readonly curve: Curve;
  /** The middle 8 in 10; missing for a single curve. */
  readonly slow?: Curve;
  readonly fast?: Curve;
  readonly readings?: readonly { readonly minute: number; readonly celsius: number }[];
  readonly nowMin?: number | null;
  /** Under that it has to be from then on, min and C: a step a limit. */
  readonly limits: readonly { readonly fromMin: number; readonly celsius: number }[];
}

const TOP_C = 100;
const RESOLUTION = 1 / 200;
/** Longest time drawn past the last limit, min. */
const BEYOND_MIN = 60;
const TICKS: Readonly<Record<Units, readonly number[]>> = {
  metric: [5, 21, 57, 90],
  us: [41, 70, 135, 190],
};

/** Extends a curve at its last value: it is cold. */
const at = ({ minute, warmestC }: Curve, when: number): number => between(minute, warmestC, when);

export function coolingPlot(seen: CoolingSeen, units: Units, clock: ClockText): Plot {
  const { curve, slow, fast, readings = [], nowMin = null, limits } = seen;
  const ends = (limits.at(-1)?.fromMin ?? 0) + BEYOND_MIN;
  const lastMin = Math.max(60, Math.min(ends, Math.max(lastOf(curve.minute), nowMin ?? 0)));
  const edges = limits.map((limit) => limit.fromMin).filter((m) => m < lastMin);
  const all = [...curve.minute.filter((m) => m <= lastMin), ...edges, ...edges, lastMin].toSorted(
    (a, b) => a - b,
  );
  const kept = thinned(all, RESOLUTION, (i) => edges.includes(all[i] ?? -1));
  const minutes = kept.map((i) => all[i] ?? 0);
  /** A falling limit has two points at its minute: the old value and the new one. */
  const limit = minutes.map((m, i): number | null => {
    const passed = limits.filter((l) => l.fromMin < m || (l.fromMin === m && minutes[i - 1] === m));
    return passed.at(-1)?.celsius ?? null;
  });
  const band: readonly PlotPart[] =
    slow && fast
      ? [
          {
            kind: 'band',
            look: 'range',
            side: 'left',
            values: minutes.map((m): readonly [number, number] => [at(fast, m), at(slow, m)]),
          },
        ]
      : [];
  return {
    minutes,
    lastMin,
    times: clockTicks(lastMin, null, clock),
    left: {
      top: TOP_C,
      ticks: TICKS[units].map((round) => ({
        value: units === 'metric' ? round : toCelsius(round),
        text: `${round}°`,
      })),
    },
    right: NO_TICKS,
    parts: [
      ...band,
      { kind: 'curve', look: 'limit', side: 'left', values: limit },
      { kind: 'curve', look: 'liquid', side: 'left', values: minutes.map((m) => at(curve, m)) },
      ...(nowMin !== null && nowMin <= lastMin
        ? [{ kind: 'moment', look: 'now', minute: nowMin, text: '' } as const]
        : []),
      {
        kind: 'points',
        look: 'mark',
        side: 'left',
        at: readings.map((r) => ({
          minute: r.minute,
          value: r.celsius,
          text: formatTemperature(r.celsius, units),
        })),
      },
    ],
    read: (i) => {
      const m = minutes[i];
      return m === undefined
        ? null
        : { title: `${clock(m)} · ${formatTemperature(at(curve, m), units)}`, note: '' };
    },
  };
}
