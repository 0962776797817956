/** The grades of one item: where each begins, and which it has come to. */
import type { Doneness } from '../doneness';
import { gradesOf, type Family, type GradeName } from '../food';
import { valueAt } from '../series';
import { BOUNDS, type Where } from './bounds';
import { firmness, meanCook } from './curve';

/** The beginning of a grade. */
export interface Step {
  readonly grade: GradeName;
  readonly where: Where;
  /** Cook value of an even piece at which it begins, min at 100 C. */
  readonly minutes: number;
}

/** An item's grades in order; the first begins raw. */
export interface Scale {
  readonly family: Family;
  readonly first: GradeName;
  readonly steps: readonly Step[];
  /** Cook value at which an even piece is late: the unit of its firmness, min. */
  readonly lateMin: number;
}

/** @param mm thickness of a piece */
export function scaleOf(family: Family, doneness: Doneness, mm: number): Scale {
  const { needMin } = doneness;
  const lateMin = doneness.lateMin ?? needMin;
  const [first, ...grades] = gradesOf(family);
  return {
    family,
    first: first as GradeName,
    lateMin,
    steps: BOUNDS[family].map(({ where, of, times, bySize }, i) => ({
      grade: grades[i] as GradeName,
      where,
      minutes: times * (of === 'need' ? needMin : lateMin) * (bySize ? (mm / 10) ** bySize : 1),
    })),
  };
}

/** The cook value that decides a step, min. */
export function measure(
  { lateMin }: Pick<Scale, 'lateMin'>,
  { where }: Pick<Step, 'where'>,
  centre: number,
  surface: number,
): number {
  return where === 'middle' ? centre : meanCook(centre, surface, lateMin);
}

/** Whether a step is past; quicker than its measure. */
export function isPast(scale: Scale, step: Step, centre: number, surface: number): boolean {
  const { where, minutes } = step;
  if (where === 'middle') return centre >= minutes;
  if (surface < minutes) return false;
  const left = firmness(centre / scale.lateMin) + firmness(surface / scale.lateMin);
  return left <= 2 * firmness(minutes / scale.lateMin);
}

/**
 * The grade a piece has come to.
 *
 * @param centre cook value of its middle, min
 * @param surface of its outside, min
 * @returns place in the family, 0 for the first
 * @example gradeAt(scaleOf(carrot.family, donenessOf(carrot), 30), 0, 0) // 0
 */
export function gradeAt(scale: Scale, centre: number, surface: number): number {
  const next = scale.steps.findIndex((step) => !isPast(scale, step, centre, surface));
  return next < 0 ? scale.steps.length : next;
}

/** The moment at which each grade begins, min; null for what is never reached. */
export function gradeTimes(
  scale: Scale,
  s: readonly number[],
  centre: readonly number[],
  surface: readonly number[],
): readonly (number | null)[] {
  let from = 0;
  return scale.steps.map((step) => {
    const past = (i: number): boolean =>
      isPast(scale, step, valueAt(centre, i), valueAt(surface, i));
    if (from >= s.length || !past(s.length - 1)) {
      from = s.length;
      return null;
    }
    let low = from;
    let high = s.length - 1;
    while (low < high) {
      const between = (low + high) >> 1;
      if (past(between)) high = between;
      else low = between + 1;
    }
    const before = Math.max(from, low - 1);
    from = low;
    return minuteBetween(scale, step, s, centre, surface, before, low);
  });
}

function minuteBetween(
  scale: Scale,
  step: Step,
  s: readonly number[],
  centre: readonly number[],
  surface: readonly number[],
  before: number,
  after: number,
): number {
  const at = (i: number): number => measure(scale, step, valueAt(centre, i), valueAt(surface, i));
  const low = at(before);
  const high = at(after);
  const share = high > low ? Math.min(1, Math.max(0, (step.minutes - low) / (high - low))) : 1;
  const start = valueAt(s, before);
  return (start + share * ((s[after] ?? start) - start)) / 60;
}
