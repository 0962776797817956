/**
 * Need, lateness and z of foods out of kitchens' times.
 *
 * A row says that a food is done between two times, by each of two routes: it is not yet done at 0.75 of
 * the shorter one, and done by the middle even where it needs half a deviation more than usual. Both are what a kitchen sees, so they are censored: the
 * likelihood of a moment is the probability that it lies between them, with an error of 1 % at the later
 * end and 15 % at the earlier one. The moment is that of the model, for the size and the heat of the row. z has a prior by kind of
 * food, out of published kinetics, and so has the need of vegetables. The fit is the most likely pair
 * on a grid.
 *
 * Lateness lies between what the chart still calls right and 2.5 times that, which comes to the grade
 * that the row names; where in between is a prior by family (assumed).
 */
import type { ChartRow } from '../../doneness/chart';
import type { Family } from '../../food';
import { ITEM_SPREAD, phi } from '../../unknown';
import { rangeOf } from './curves';
import { lateBounds, lateOf } from './lateness';
import { needPrior, zPrior } from './priors';
import { doneAt, lookAt, type At, type Cooked, type Seen } from './rows';

/** Parameters fitted for a food. */
export interface Fitted {
  readonly needMin: number;
  readonly lateMin: number | null;
  readonly z: number;
}

/** How a row came out. */
export interface Misfit {
  readonly row: ChartRow;
  readonly how: 'pressure' | 'simmer';
  /** Minutes at which the fit has it done. */
  readonly doneMin: number;
  /** Range of the row, minutes. */
  readonly range: readonly [number, number];
  /** Logarithm by which it lies outside of not yet and done by; 0 inside. */
  readonly off: number;
}

/** At the time that kitchens give, what needs half a deviation more than usual is done as well. */
const MORE = Math.exp(ITEM_SPREAD.need / 2);
/**
 * Standard deviations of the ends, logarithms: what a chart says is done is surely done by then, and may
 * well be done before.
 */
const DONE_SD = 0.015;
const NOT_YET_SD = 0.15;
/** Likelihoods this near the best are as good, a logarithm. */
const FLAT = 0.02;
/** Minutes of warm-up and release that a hold of nothing is worth, so that it has a logarithm. */
const AROUND_HOLD = 4;

/** A minute as the likelihood counts it. */
function counted({ curve }: Seen, minute: number): number {
  return Math.log(minute + (curve.how === 'pressure' ? AROUND_HOLD : 0.5));
}

/** Logarithm of the normal distribution; far down by its asymptote (Abramowitz & Stegun 26.2.12). */
function logPhi(x: number): number {
  if (x > -2.5) return Math.log(phi(x));
  return (
    -(x * x) / 2 - Math.log(-x * Math.sqrt(2 * Math.PI)) + Math.log(1 - 1 / x ** 2 + 3 / x ** 4)
  );
}

function logPosterior(cooked: Cooked, { seen }: At, needMin: number, late: number | null): number {
  let sum = needPrior(cooked.family, needMin);
  for (const one of seen) {
    const done = (times: number): number =>
      counted(
        one,
        Math.min(1e4, doneAt(cooked, one.curve, times * needMin, lateOver(late, needMin))),
      );
    const t = done(1);
    // A firm row has its margin already.
    const by = done(one.curve.row.firm ? 1 : MORE);
    sum += logPhi((counted(one, one.doneBy) - by) / DONE_SD);
    // A hold of nothing cannot be too short.
    if (one.notYet > 0) sum += logPhi((t - counted(one, one.notYet)) / NOT_YET_SD);
    if (one.never > 0) sum += logPhi((t - counted(one, one.never)) / DONE_SD);
  }
  return sum;
}

/** A food that melts early is not late before it is done. */
function lateOver(late: number | null, needMin: number): number {
  return Math.max(late ?? 0, 1.02 * needMin);
}

const GRID = Array.from({ length: 651 }, (_, i) => 1e-4 * 10 ** (i / 100));

function bestNeed(cooked: Cooked, here: At, late: number | null) {
  const values = GRID.map((needMin) => logPosterior(cooked, here, needMin, late));
  const most = Math.max(...values);
  // A flat top is taken in its middle, a peak between the points of the grid.
  const flat = GRID.filter((_, i) => (values[i] as number) > most - FLAT);
  if (flat.length > 2)
    return { needMin: Math.sqrt((flat[0] as number) * (flat.at(-1) as number)), value: most };
  const peak = GRID[values.indexOf(most)] as number;
  let best = { needMin: peak, value: most };
  for (let k = -9; k <= 9; k++) {
    const needMin = peak * 10 ** (k / 1000);
    const value = logPosterior(cooked, here, needMin, late);
    if (value > best.value) best = { needMin, value };
  }
  return best;
}

/** Need and lateness at one z. */
function fitAt(cooked: Cooked, z: number) {
  const here = lookAt(cooked, z);
  const bounds = lateBounds(cooked, here);
  const late = lateOf(cooked, bounds);
  const { needMin: needed, value } = bestNeed(cooked, here, late);
  // A food that the chart calls late by a time is done before it.
  const needMin = late !== null && bounds.below < Infinity ? Math.min(needed, late / 1.02) : needed;
  return {
    needMin,
    lateMin: late === null ? null : lateOver(late, needMin),
    value,
  };
}

/** Starch takes up water, which heat hastens little; flesh and cell walls follow chemistry, C. */
const MOST_Z: Readonly<Partial<Record<Family, number>>> = { grain: 120, pasta: 120, pulse: 90 };
const ORDINARY_Z = 60;
const LEAST_Z = 18;

/**
 * Fits a food to its rows.
 *
 * @param kinZ z of the food that it is like; missing for a food of the chart
 * @param fixed z that is not fitted: of the same bean unsoaked
 */
export function fit(
  cooked: Cooked,
  { kinZ, fixed }: { readonly kinZ?: number | undefined; readonly fixed?: number | undefined } = {},
): Fitted {
  const { family, food } = cooked;
  const [mean, sd] = zPrior({ family, group: food.group }, kinZ);
  let best: Fitted | null = null;
  let most = -Infinity;
  const [from, to] =
    fixed === undefined
      ? [
          Math.max(LEAST_Z, Math.ceil(mean - 3 * sd)),
          Math.min(MOST_Z[family] ?? ORDINARY_Z, Math.floor(mean + 3 * sd)),
        ]
      : [fixed, fixed];
  for (let z = from; z <= to; z += 1) {
    const { needMin, lateMin, value } = fitAt(cooked, z);
    const posterior = value - ((z - mean) / sd) ** 2 / 2;
    if (posterior > most) {
      most = posterior;
      best = { needMin, lateMin, z };
    }
  }
  if (!best) throw new RangeError(`no z for ${cooked.food.key}`);
  return best;
}

/** How rows come out by a fit, those that it was fitted to and those held out. */
export function misfits(cooked: Cooked, { needMin, lateMin, z }: Fitted): readonly Misfit[] {
  return lookAt(cooked, z).seen.map((one) => {
    const { row, how } = one.curve;
    const doneMin = doneAt(cooked, one.curve, needMin, lateOver(lateMin, needMin));
    const t = counted(one, Math.min(1e4, doneMin));
    const low = one.notYet > 0 ? counted(one, one.notYet) : -Infinity;
    return {
      row,
      how,
      doneMin,
      range: rangeOf(row, how),
      off: Math.max(0, t - counted(one, one.doneBy)) - Math.max(0, low - t),
    };
  });
}
