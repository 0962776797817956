/** Rows of kitchens' times as the fit sees them: cooked by the model, with when they are done and when not yet. */
import { SHORT_HOLD, type ChartRow } from '../../doneness/chart';
import { foodByKey, usualSpan, type Family, type Food, type Span } from '../../food';
import { BOUNDS, measure, type Bound } from '../../texture';
import { curveOf, middle, minuteOf, rangeOf, routesOf, type Curve, type Route } from './curves';

/** Not yet done at this much of the shorter time. */
export const NOT_YET = 0.75;
/** Leaves wilt at once, and fish sets long before kitchens call it done. */
const NOT_YET_OF: Readonly<Partial<Record<Family, number>>> = {
  green: 0.3,
  fish: 0.45,
  shellfish: 0.45,
};
/** Surely not done at this much of the middle. */
const NEVER = 0.44;
/** A firm row is right with a fifth less. */
export const FIRM = 0.8;
/** Done a little before the middle, so that the middle is right. */
const BY = 0.97;

/** A row along one route, with the times at which it is done and not yet. */
export interface Seen {
  readonly curve: Curve;
  readonly notYet: number;
  /** Surely not done at two fifths of the middle; 0 where the row does not tell. */
  readonly never: number;
  readonly doneBy: number;
}

/** A food's rows at one z. */
export interface At {
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

export function wishOf({ food }: Cooked, row: ChartRow): Span {
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
export function doneAt(cooked: Cooked, curve: Curve, needMin: number, lateMin: number): number {
  const bound = doneBound(cooked, curve.row);
  const wanted = bound.times * needMin;
  const had = (i: number): number =>
    measure({ lateMin }, bound, curve.centre[i] as number, curve.surface[i] as number);
  return minuteOf(curve, had, wanted);
}

/** The rows of a food, their cook values by a z. */
export function lookAt(cooked: Cooked, z: number): At {
  const { family } = cooked;
  return {
    z,
    seen: cooked.routes.map((route) => {
      const range = rangeOf(route.row, route.how);
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
