/** The whole of needs.json, fitted: the chart's foods, then those outside it with the z of their kin. */
import { CHART, type ChartRow } from '../../doneness/chart';
import { KIN_CHART } from '../../doneness/kinChart';
import { fit, misfits, type Fitted, type Misfit } from './fit';
import { cookRows } from './rows';
import { SIZE_ROWS } from './sizes';

/** An entry of needs.json. */
export interface Entry extends Fitted {
  readonly like?: string;
  readonly soaked?: { readonly need: number; readonly late: number };
}

export interface FittedFood {
  readonly food: string;
  readonly entry: Entry;
  /** Of the rows that it was fitted to. */
  readonly fitted: readonly Misfit[];
  /** Of the rows that were held out. */
  readonly heldOut: readonly Misfit[];
}

interface Soak {
  readonly need: number;
  readonly late: number;
}

const round = (v: number): number => Number(v.toPrecision(4));

function shareOf(soaked: Fitted, plain: Fitted): Soak {
  return {
    need: round(soaked.needMin / plain.needMin),
    late: round((soaked.lateMin ?? 0) / (plain.lateMin ?? 1)),
  };
}

/**
 * Fits one food.
 *
 * @param rows of the chart
 * @param kinZ of the food it is like
 * @param usual what a soak leaves of a bean of which the chart has only soaked rows
 */
export function fitFood(
  rows: readonly ChartRow[],
  like: { readonly food: string; readonly z: number } | null,
  usual: Soak,
): FittedFood {
  const food = rows[0]?.food ?? '';
  const sizes = SIZE_ROWS.filter((row) => row.food === food);
  const dry = [...rows, ...sizes.filter((row) => !row.heldOut)].filter((row) => !row.soakedH);
  const wet = rows.filter((row) => row.soakedH);
  const main = cookRows(dry.length > 0 ? dry : wet);
  const found = fit(main, { kinZ: like?.z });
  const fitted = [...misfits(main, found)];
  let plain = found;
  let share: Soak | undefined;
  if (wet.length > 0 && dry.length > 0) {
    const soaked = cookRows(wet);
    const again = fit(soaked, { kinZ: like?.z, fixed: found.z });
    fitted.push(...misfits(soaked, again));
    share = shareOf(again, found);
  } else if (wet.length > 0) {
    share = usual;
    plain = {
      z: found.z,
      needMin: found.needMin / usual.need,
      lateMin: found.lateMin === null ? null : found.lateMin / usual.late,
    };
  }
  const out = sizes.filter((row) => row.heldOut);
  return {
    food,
    entry: {
      needMin: round(plain.needMin),
      lateMin: plain.lateMin === null ? null : round(plain.lateMin),
      z: round(plain.z),
      ...(like && { like: like.food }),
      ...(share && { soaked: share }),
    },
    fitted,
    heldOut: out.length > 0 ? misfits(cookRows(out), found) : [],
  };
}

/** The bean that the chart has both ways, whose soak others take. */
const BOTH_WAYS = 'black-beans';

/** Fits all foods. */
export function fitAll(): readonly FittedFood[] {
  const done = new Map<string, FittedFood>();
  const add = (one: FittedFood): FittedFood => {
    done.set(one.food, one);
    return one;
  };
  const rowsOf = (chart: readonly ChartRow[], food: string) =>
    chart.filter((row) => row.food === food);
  const none: Soak = { need: 1, late: 1 };
  const both = add(fitFood(rowsOf(CHART, BOTH_WAYS), null, none));
  const usual = both.entry.soaked ?? none;
  for (const food of new Set(CHART.map((row) => row.food)))
    if (food !== BOTH_WAYS) add(fitFood(rowsOf(CHART, food), null, usual));
  for (const food of new Set(KIN_CHART.map((row) => row.food))) {
    const rows = KIN_CHART.filter((row) => row.food === food);
    const like = rows[0]?.like ?? '';
    const z = done.get(like)?.entry.z;
    if (z === undefined) throw new RangeError(`${food} is like ${like}, which is not in the chart`);
    add(fitFood(rows, { food: like, z }, usual));
  }
  return [...done.values()];
}
