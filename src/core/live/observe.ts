/** Observations of a pot, and what a world of the models would have shown instead. */
import { contentsAt, type Model } from '../model';
import { stepsOf } from '../batch/plan';
import type { Batch, Cook } from '../batch/schema';
import { between } from '../series';
import { known, timelineOf, type SeenKind, type StepTimeline } from '../cook';

type Result = Model['heat']['steps'][number] | NonNullable<Model['heat']['end']['place']['now']>;

/** How far what is marked by hand, and what a pot says, is from the truth; s, C, L of the capacity (assumed). */
const BY_HAND: Readonly<Record<SeenKind, number>> = {
  pin: 30,
  hot: 30,
  down: 45,
  temperature: 2,
  level: 0.03,
};
const BY_POT: Readonly<Record<SeenKind, number>> = {
  pin: 5,
  hot: 5,
  down: 8,
  temperature: 1.5,
  level: 0.01,
};
/** The models themselves are not nearer than this to a pot, as a share of the time since the lid (assumed). */
const MODEL_SHARE = 0.01;

export interface Seen {
  readonly kind: SeenKind;
  readonly step: string;
  /** s from the start */
  readonly atS: number;
  /** Observed value: s, C, L. */
  readonly value: number;
  /** Standard deviation, as the value. */
  readonly sd: number;
  /** Not seen by then: it comes later than the value, s. */
  readonly later: boolean;
}

/**
 * Observations so far.
 * @param watched whether a pot would have said what it has not: then its silence counts too
 */
export function seenOf(cook: Cook, nowS: number, watched: boolean): readonly Seen[] {
  const { seen, steps } = timelineOf(cook, nowS);
  const all = seen.map(({ kind, step, s, how, value }): Seen => {
    const usual = (how === 'heard' ? BY_POT : BY_HAND)[kind];
    if (value === undefined)
      return { kind, step, atS: s, value: s, sd: Math.hypot(usual, MODEL_SHARE * s), later: false };
    const sd = kind === 'level' ? usual * cook.pot.capacityL : usual;
    return { kind, step, atS: s, value, sd, later: false };
  });
  const on = watched ? lidOn(steps) : undefined;
  const missing = on && (['pin', 'hot'] as const).find((kind) => on[kind] === null);
  return on && missing
    ? [...all, { kind: missing, step: on.id, atS: nowS, value: nowS, sd: 5, later: true }]
    : all;
}

/** The step whose lid was locked last, where it is not off yet. */
function lidOn(steps: readonly StepTimeline[]): StepTimeline | undefined {
  const on = steps
    .filter(({ locked }) => known(locked))
    .toSorted((a, b) => (a.locked?.s ?? 0) - (b.locked?.s ?? 0))
    .at(-1);
  return on && !known(on.off) ? on : undefined;
}

/** The result of a step, over or on its way; null where it has not begun. */
export function resultAt({ heat }: Model, index: number): Result | null {
  const { place } = heat.end;
  return heat.steps[index] ?? (place.step === index ? place.now : null);
}

/**
 * When a step came to pressure, s from the start; null where it has not.
 *
 * @example hotSOf(runModel(batch, pot, kitchen).heat.steps[0]) // 1309
 */
export function hotSOf(result: Result | null | undefined): number | null {
  return result?.reached ? result.startS + result.warmUpS : null;
}

/** The same observation in a world; NaN where it never happens. */
export function shownBy(model: Model, batch: Batch, seen: Seen): number {
  const { heat } = model;
  const index = stepsOf(batch).findIndex((s) => s.id === seen.step);
  const result = resultAt(model, index);
  switch (seen.kind) {
    case 'pin':
      return result?.pinS ?? Number.NaN;
    case 'hot':
      return hotSOf(result) ?? Number.NaN;
    case 'down':
      return heat.steps[index]?.endS ?? Number.NaN;
    case 'temperature':
      return between(heat.trace.s, heat.trace.liquidC, seen.atS);
    case 'level': {
      const next = heat.trace.s.findIndex((s) => s >= seen.atS);
      const at = next < 0 ? heat.trace.s.length - 1 : next;
      return at < 0 ? Number.NaN : contentsAt(model, at).levelL;
    }
  }
}
