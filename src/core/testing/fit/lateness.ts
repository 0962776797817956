/** When a food is late: between what kitchens still call right and 2.5 times that. */
import { conductionShape } from '../../doneness';
import { gradeIndex, MELTING, type Family } from '../../food';
import { BOUNDS, meanCook, type Bound } from '../../texture';
import { at, middle, rangeOf } from './curves';
import { FIRM, wishOf, type At, type Cooked } from './rows';

/** Bounds of lateness. */
export interface LateBounds {
  /** Below this what the chart calls right would be too far. */
  above: number;
  /** Below this what the chart calls right would be past its first right grade. */
  comfort: number;
  below: number;
}

/** Lateness at which a piece stands just at a bound. */
function latenessAt(
  { times, bySize }: Bound,
  mm: number,
  { centre, surface }: { centre: number; surface: number },
): number {
  const by = times * (bySize ? (mm / 10) ** bySize : 1);
  let low = centre / by;
  let high = surface / by;
  for (let i = 0; i < 40; i++) {
    const between = (low + high) / 2;
    if (meanCook(centre, surface, between) > by * between) low = between;
    else high = between;
  }
  return (low + high) / 2;
}

export function lateBounds(cooked: Cooked, { seen }: At): LateBounds {
  const { food, family } = cooked;
  const steps: readonly Bound[] = BOUNDS[family];
  const bounds: LateBounds = { above: 0, comfort: 0, below: Infinity };
  for (const { curve } of seen) {
    const { row, how } = curve;
    const wish = wishOf(cooked, row);
    const mm = conductionShape(food, row.cut)?.mm ?? 10;
    const mid = middle(rangeOf(row, how));
    const valueAt = (k: number) => ({
      centre: at(curve, 'centre', k * mid),
      surface: at(curve, 'surface', k * mid),
    });
    for (const k of row.firm ? [FIRM, 1, 2 - FIRM] : [1]) {
      const value = valueAt(k);
      const tooFar = steps[wish.to];
      const next = steps[wish.from];
      if (tooFar?.of === 'late')
        bounds.above = Math.max(bounds.above, latenessAt(tooFar, mm, value));
      if (next?.of === 'late')
        bounds.comfort = Math.max(bounds.comfort, latenessAt(next, mm, value));
    }
    const named = row.late === null ? undefined : steps[gradeIndex(family, row.late) - 1];
    if (named?.of === 'late' && !(row.lateUnderPressure && how === 'simmer'))
      bounds.below = Math.min(bounds.below, latenessAt(named, mm, valueAt(2.5)));
  }
  return bounds;
}

/** Position of lateness between right and 2.5 times that, 0 to 1 in logarithms (assumed). */
const USUAL_PLACE = 0.5;
const PLACE: Readonly<Partial<Record<Family, number>>> = {
  green: 0.97,
  pulse: 0.25,
  grain: 0.6,
  pasta: 0.95,
  lean: 0.8,
  tough: 0.05,
};
/** Lateness over what is right, where the chart has no 2.5 times (assumed). */
const USUAL_BEYOND = 1.6;
const BEYOND: Readonly<Partial<Record<Family, number>>> = { aromatic: 1.1, pulse: 1.3 };
/** A food meant to melt is creamy while the chart calls it right. */
const MELTS = 0.7;

export function lateOf({ food, family }: Cooked, b: LateBounds): number | null {
  if (!BOUNDS[family].some((s) => s.of === 'late')) return null;
  if (b.below === Infinity)
    return Math.max(
      1.02 * b.above,
      (MELTING.has(food.key) ? MELTS : (BEYOND[family] ?? USUAL_BEYOND)) * b.comfort,
    );
  if (b.below <= b.above) return 1.02 * Math.max(b.above, b.comfort);
  const low = Math.max(b.above, Math.min(b.comfort, 0.9 * b.below), 0.3 * b.below);
  const place = PLACE[family] ?? USUAL_PLACE;
  return low ** (1 - place) * b.below ** place;
}
