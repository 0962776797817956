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
import { BOUNDS, meanCook, type Bound } from '../../texture';
import { SHORT_HOLD, type ChartRow } from '../../doneness/chart';
import { conductionShape } from '../../doneness';
import {
  foodByKey,
  gradeIndex,
  MELTING,
  usualSpan,
  type Family,
  type Food,
  type Span,
} from '../../food';
import { ITEM_SPREAD, phi } from '../../unknown';
import { at, curveOf, middle, minuteOf, routesOf, type Curve, type Route } from './curves';

/** What is fitted of a food. */
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

/** Not yet done at this much of the shorter time. */
export const NOT_YET = 0.75;
/** At the time that kitchens give, what needs half a deviation more than usual is done as well. */
const MORE = Math.exp(ITEM_SPREAD.need / 2);
/** Leaves wilt at once, and fish sets long before kitchens call it done. */
const NOT_YET_OF: Readonly<Partial<Record<Family, number>>> = {
  green: 0.3,
  fish: 0.45,
  shellfish: 0.45,
};
/**
 * Standard deviations of the ends, logarithms: what a chart says is done is surely done by then, and may
 * well be done before.
 */
const DONE_SD = 0.015;
const NOT_YET_SD = 0.15;
/** Surely not done at this much of the middle. */
const NEVER = 0.44;
/** A firm row is right with a fifth less. */
const FIRM = 0.8;
/** Done a little before the middle, so that the middle is right. */
const BY = 0.97;
/** Likelihoods this near the best are as good, a logarithm. */
const FLAT = 0.02;
/** Minutes of warm-up and release that a hold of nothing is worth, so that it has a logarithm. */
const AROUND_HOLD = 4;

/** z before any row was looked at, C: mean and standard deviation. */
type Prior = readonly [number, number];
/**
 * Vegetables: 95 kJ/mol, 70 to 120 (pectin; from memory); beans 19 to 45 (Quast & da Silva 1977, kitchens);
 * rice 34 and 78 (Suzuki et al. 1976), whose water takes its time: wide; collagen a third of the time
 * at high (kitchens); proteins of fish set at 50 to 60 C,
 * ten times as fast in 10 to 20 C, and it dries out more slowly (from memory): between; of lean meat wide.
 */
const PRIORS: Readonly<Record<Family, Prior>> = {
  vegetable: [28, 5],
  aromatic: [28, 5],
  green: [28, 5],
  pulse: [38, 15],
  pasta: [60, 25],
  grain: [60, 25],
  tough: [30, 5],
  bone: [30, 5],
  gelatinous: [30, 5],
  lean: [40, 10],
  fish: [30, 8],
  shellfish: [30, 8],
  minced: [40, 10],
  ready: [33, 5],
};
/**
 * Need before any row was looked at, min: vegetables soften first order by 0.2 to 0.5 a minute at 100 C
 * (Huang & Bourne 1983, Rao & Lund 1986; from memory), and are tender with a fifth of it left.
 */
const NEED_PRIORS: Readonly<Partial<Record<Family, Prior>>> = { vegetable: [5, 0.35] };
/** A food unlike its kind is not held to it, logarithm. */
const UNLIKE = 2;

function needPrior(family: Family, needMin: number): number {
  const [mean, sd] = NEED_PRIORS[family] ?? [needMin, 1];
  return -Math.min(UNLIKE, (Math.log(needMin / mean) / sd) ** 2 / 2);
}

/** Poultry is tender before its collagen has gone: wide. */
const POULTRY: Prior = [40, 12];
/** Kin share their z, C. */
const KIN_SD = 2;

interface Seen {
  readonly curve: Curve;
  readonly notYet: number;
  /** Surely not done at two fifths of the middle; 0 where the row does not tell. */
  readonly never: number;
  readonly doneBy: number;
}

/** A food's rows at one z. */
interface At {
  readonly z: number;
  readonly seen: readonly Seen[];
}

/** A food with its rows cooked. */
export interface Cooked {
  readonly food: Food;
  readonly family: Family;
  readonly rows: readonly ChartRow[];
  readonly routes: readonly Route[];
}

export function cookRows(rows: readonly ChartRow[]): Cooked {
  const food = foodByKey(rows[0]?.food ?? '');
  if (!food?.family) throw new RangeError(`${rows[0]?.food} has no family`);
  return { food, family: food.family, rows, routes: rows.flatMap(routesOf) };
}

function wishOf({ food }: Cooked, row: ChartRow): Span {
  return usualSpan(food, food.family as Family, { whole: row.cut === null, late: false });
}

/** The bound at which a food is first right, counted from its need. */
function doneBound(cooked: Cooked, row: ChartRow): Bound {
  const steps: readonly Bound[] = BOUNDS[cooked.family];
  const first = steps[wishOf(cooked, row).from - 1];
  const done = first?.of === 'need' ? first : steps.find((b) => b.of === 'need' && b.times === 1);
  if (!done) throw new RangeError(`${cooked.family} is never done`);
  return done;
}

/** Minute of a route at which a food is done. */
function doneAt(cooked: Cooked, curve: Curve, needMin: number, lateMin: number): number {
  const bound = doneBound(cooked, curve.row);
  const wanted = bound.times * needMin;
  const measure = (i: number): number => {
    const centre = curve.centre[i] as number;
    return bound.where === 'middle'
      ? centre
      : meanCook(centre, curve.surface[i] as number, lateMin);
  };
  return minuteOf(curve, measure, wanted);
}

function lookAt(cooked: Cooked, z: number): At {
  const { family } = cooked;
  return {
    z,
    seen: cooked.routes.map((route) => {
      const range =
        route.how === 'simmer' ? route.row.simmer : (route.row.pressure as [number, number]);
      // Warm-up and release do most of a short hold: it is never too short.
      const told = route.how === 'simmer' || (middle(range) >= SHORT_HOLD && !route.row.early);
      return {
        curve: curveOf(route, z),
        notYet: told ? (NOT_YET_OF[family] ?? NOT_YET) * range[0] : 0,
        never: told && family !== 'green' ? NEVER * middle(range) : 0,
        doneBy: BY * (route.row.firm ? FIRM : 1) * middle(range),
      };
    }),
  };
}

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

/** What melts early is not late before it is done. */
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

/** What lateness must lie between. */
interface LateBounds {
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

function lateBounds(cooked: Cooked, { seen }: At): LateBounds {
  const { food, family } = cooked;
  const steps: readonly Bound[] = BOUNDS[family];
  const bounds: LateBounds = { above: 0, comfort: 0, below: Infinity };
  for (const { curve } of seen) {
    const { row, how } = curve;
    const wish = wishOf(cooked, row);
    const mm = conductionShape(food, row.cut)?.mm ?? 10;
    const mid = middle(how === 'simmer' ? row.simmer : (row.pressure as [number, number]));
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

/** Where lateness lies between what is right and 2.5 times that, 0 to 1 in logarithms (assumed). */
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
/** What is meant to melt is creamy while the chart calls it right. */
const MELTS = 0.7;

function lateOf({ food, family }: Cooked, b: LateBounds): number | null {
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

/** Need and lateness at one z. */
function fitAt(cooked: Cooked, z: number) {
  const here = lookAt(cooked, z);
  const bounds = lateBounds(cooked, here);
  const late = lateOf(cooked, bounds);
  const { needMin: needed, value } = bestNeed(cooked, here, late);
  // Where the chart says by when it is late, it is done before.
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
  const own = food.group === 'poultry' ? POULTRY : PRIORS[family];
  const alone = kinZ === undefined || family === 'fish' || family === 'shellfish';
  const [mean, sd]: Prior = alone ? own : [kinZ, KIN_SD];
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
      range: how === 'simmer' ? row.simmer : (row.pressure as [number, number]),
      off: Math.max(0, t - counted(one, one.doneBy)) - Math.max(0, low - t),
    };
  });
}
