/** What was seen of a pot, and what a world of the models would have shown instead. */
import { contentsAt, type Model } from '../model';
import { stepsOf } from '../batch/plan';
import type { Batch, Cook, Mark } from '../batch/schema';
import { between } from '../series';
import { secondsOf } from './course';

type Result = Model['heat']['steps'][number] | NonNullable<Model['heat']['end']['place']['now']>;

/** What is compared. */
export type SeenKind = 'pin-up' | 'at-pressure' | 'pin-down' | 'temperature' | 'level';

/** How far what is marked by hand, and what a pot says, is from the truth; s, C, L of the capacity (assumed). */
const BY_HAND: Readonly<Record<SeenKind, number>> = {
  'pin-up': 30,
  'at-pressure': 30,
  'pin-down': 45,
  temperature: 2,
  level: 0.03,
};
const BY_POT: Readonly<Record<SeenKind, number>> = {
  'pin-up': 5,
  'at-pressure': 5,
  'pin-down': 8,
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
  /** What was seen: s, C, L. */
  readonly value: number;
  /** Standard deviation, as the value. */
  readonly sd: number;
  /** Not seen by then: it comes later than the value, s. */
  readonly later: boolean;
}

const SEEN = new Set<string>(Object.keys(BY_HAND));
const isSeen = (kind: string): kind is SeenKind => SEEN.has(kind);

/** The step that is on at a moment, by its first mark. */
function stepAt(marks: readonly Mark[], at: number): string | null {
  return marks.findLast((m) => m.kind === 'lid-locked' && Date.parse(m.at) <= at)?.step ?? null;
}

/**
 * What was seen so far.
 *
 * @param watched whether a pot would have said what it has not: then its silence counts too
 */
export function seenOf(cook: Cook, nowS: number, watched: boolean): readonly Seen[] {
  const marks = cook.marks.toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at));
  const seen = marks.flatMap((mark): readonly Seen[] => {
    const { kind } = mark;
    const atS = secondsOf(cook, mark.at);
    const step = mark.step ?? stepAt(marks, Date.parse(mark.at));
    if (!isSeen(kind) || step === null || atS > nowS + 1) return [];
    const timed = kind !== 'temperature' && kind !== 'level';
    if (!timed && mark.value === undefined) return [];
    const usual = (mark.heard ? BY_POT : BY_HAND)[kind];
    const sd = kind === 'level' ? usual * cook.pot.capacityL : usual;
    return [
      {
        kind,
        step,
        atS,
        value: timed ? atS : (mark.value ?? 0),
        sd: timed ? Math.hypot(sd, MODEL_SHARE * atS) : sd,
        later: false,
      },
    ];
  });
  if (!watched) return seen;
  const on = marks.findLast((m) => m.kind === 'lid-locked');
  const off = marks.some((m) => m.kind === 'lid-off' && m.step === on?.step);
  if (!on?.step || off) return seen;
  const missing = (['pin-up', 'at-pressure'] as const).find(
    (kind) => !seen.some((s) => s.kind === kind && s.step === on.step),
  );
  return missing
    ? [...seen, { kind: missing, step: on.step, atS: nowS, value: nowS, sd: 5, later: true }]
    : seen;
}

/** The result of a step, over or on its way; null where it has not begun. */
export function resultAt({ heat }: Model, index: number): Result | null {
  const { place } = heat.end;
  return heat.steps[index] ?? (place.step === index ? place.now : null);
}

/** When a step came to pressure, s from the start; null where it has not. */
export function hotSOf(result: Result | null | undefined): number | null {
  return result?.reached ? result.startS + result.warmUpS : null;
}

/** What a world shows of the same; NaN where it never comes to it. */
export function shownBy(model: Model, batch: Batch, seen: Seen): number {
  const { heat } = model;
  const index = stepsOf(batch).findIndex((s) => s.id === seen.step);
  const result = resultAt(model, index);
  switch (seen.kind) {
    case 'pin-up':
      return result?.pinS ?? Number.NaN;
    case 'at-pressure':
      return hotSOf(result) ?? Number.NaN;
    case 'pin-down':
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
