/**
 * Fits need, limit and z of every food of the chart, then need and limit of the foods outside it
 * with the z of their kin, and writes src/core/doneness/needs.json.
 *
 * For each z the chart gives bounds: every row's middle must be at or past the need, 0.4 of it
 * short of it; its surface within the limit, 2.5 times it past. The z with the widest margins
 * wins; need and limit stand in the middle (geometric) of their bounds.
 */
import { writeFileSync } from 'node:fs';
import { CHART, USUAL_Z, type ChartRow } from '../src/core/doneness';
import { foodByKey } from '../src/core/food';
import { chartRoute, routeValue, type Route } from '../src/core/testing/chartRoute';
import { SHORT_HOLD } from '../src/core/doneness/chart';
import { KIN_CHART } from '../src/core/doneness/kinChart';

interface Bounds {
  needAbove: number;
  needBelow: number;
  limitAbove: number;
  limitBelow: number;
}

interface Cooked {
  readonly row: ChartRow;
  readonly early: readonly Route[];
  readonly right: readonly Route[];
  readonly late: readonly Route[];
}

function middle([from, to]: readonly [number, number]): number {
  return (from + to) / 2;
}

function cook(row: ChartRow): Cooked {
  const simmer = middle(row.simmer);
  const spread = row.firm ? [0.8, 1, 1.2] : [1];
  const early = [chartRoute(row, 'simmer', 0.4 * simmer)];
  const right = spread.map((k) => chartRoute(row, 'simmer', k * simmer));
  const late = [chartRoute(row, 'simmer', 2.5 * simmer)];
  if (row.pressure) {
    const hold = middle(row.pressure);
    if (hold >= SHORT_HOLD) early.push(chartRoute(row, 'pressure', 0.4 * hold));
    right.push(...spread.map((k) => chartRoute(row, 'pressure', k * hold)));
    late.push(chartRoute(row, 'pressure', 2.5 * hold));
  } else late.push(chartRoute(row, 'pressure', 1));
  return { row, early, right, late };
}

function bounds(rows: readonly Cooked[], z: number): Bounds {
  const b: Bounds = { needAbove: 0, needBelow: Infinity, limitAbove: 0, limitBelow: Infinity };
  for (const { row, early, right, late } of rows) {
    for (const r of early) b.needAbove = Math.max(b.needAbove, routeValue(r, z).centre);
    for (const r of right) {
      const v = routeValue(r, z);
      b.needBelow = Math.min(b.needBelow, v.centre);
      b.limitAbove = Math.max(b.limitAbove, v.surface);
    }
    if (row.over)
      for (const r of late) b.limitBelow = Math.min(b.limitBelow, routeValue(r, z).surface);
  }
  return b;
}

function margin(b: Bounds): number {
  const need = Math.log(b.needBelow / b.needAbove);
  const limit = b.limitBelow === Infinity ? Infinity : Math.log(b.limitBelow / b.limitAbove);
  return Math.min(need, limit);
}

/** Wide enough on either side; among z as good as this the usual one is nearest the truth, ln. */
const AMPLE = 0.5;
/** Starch takes up water, which heat hastens little; flesh and cell walls follow chemistry, C. */
const MAX_Z = { starch: 120, other: 60 };

function fit(rows: readonly Cooked[], kinZ?: number) {
  if (kinZ !== undefined) {
    const b = bounds(rows, kinZ);
    return { z: kinZ, b, m: margin(b) };
  }
  const group = foodByKey(rows[0]?.row.food ?? '')?.group;
  const starch = group === 'grain' || group === 'pasta' || group === 'pulse';
  let best = { z: 0, b: bounds(rows, USUAL_Z), m: -Infinity };
  for (let z = 20; z <= (starch ? MAX_Z.starch : MAX_Z.other); z += 1) {
    const b = bounds(rows, z);
    const m = Math.min(margin(b), AMPLE);
    const nearer = Math.abs(z - USUAL_Z) < Math.abs(best.z - USUAL_Z);
    if (m > best.m + 1e-9 || (m > best.m - 1e-9 && nearer)) best = { z, b, m };
  }
  return best;
}

const round = (v: number): number => Number(v.toPrecision(4));

/** Between its bounds; where they cross, on the side that keeps the chart's middle right. */
function needOf(b: Bounds): number {
  return b.needAbove < b.needBelow
    ? Math.sqrt(Math.max(b.needAbove, 0.05) * b.needBelow)
    : 0.98 * b.needBelow;
}

function limitOf(b: Bounds): number | null {
  if (b.limitBelow === Infinity) return null;
  return b.limitAbove < b.limitBelow ? Math.sqrt(b.limitAbove * b.limitBelow) : 1.02 * b.limitAbove;
}

interface Entry {
  needMin: number;
  limitMin: number | null;
  z: number;
  over: string | null;
  like?: string;
  soaked?: { need: number; limit: number };
}

/** Shares of need and limit that a soak leaves, where the chart has no unsoaked row of a bean. */
let usualSoak = { need: 0.5, limit: 0.5 };

function entry(food: string, rows: readonly ChartRow[], kinZ?: number): Entry {
  const plain = rows.filter((row) => !row.soakedH).map(cook);
  const soaked = rows.filter((row) => row.soakedH).map(cook);
  const { z, b, m } = fit(plain.length > 0 ? plain : soaked, kinZ);
  if (m <= 0) console.error(`${food}: its rows contradict each other at every z (${m.toFixed(2)})`);
  let need = needOf(b);
  let limit = limitOf(b);
  console.log(
    `${food.padEnd(18)} z ${z}  need ${need.toFixed(1)} (${b.needAbove.toFixed(1)}..${b.needBelow.toFixed(1)})` +
      `  limit ${limit?.toFixed(1) ?? '-'} (${b.limitAbove.toFixed(1)}..${b.limitBelow.toFixed(1)})`,
  );
  let share: { need: number; limit: number } | undefined;
  if (soaked.length > 0) {
    if (plain.length > 0) {
      const s = bounds(soaked, z);
      usualSoak = { need: needOf(s) / need, limit: (limitOf(s) ?? 0) / (limit ?? 1) };
    } else {
      need /= usualSoak.need;
      limit = limit === null ? null : limit / usualSoak.limit;
    }
    share = { need: round(usualSoak.need), limit: round(usualSoak.limit) };
  }
  return {
    needMin: round(need),
    limitMin: limit === null ? null : round(limit),
    z,
    over: rows[0]?.over ?? null,
    ...(share && { soaked: share }),
  };
}

const table: Record<string, Entry> = {};
for (const food of new Set(CHART.map((row) => row.food)))
  table[food] = entry(
    food,
    CHART.filter((row) => row.food === food),
  );
for (const food of new Set(KIN_CHART.map((row) => row.food))) {
  const rows = KIN_CHART.filter((row) => row.food === food);
  const like = rows[0]?.like ?? '';
  const kin = table[like];
  if (!kin) throw new Error(`${food} is like ${like}, which is not in the chart`);
  table[food] = { ...entry(food, rows, kin.z), like };
}
writeFileSync('src/core/doneness/needs.json', `${JSON.stringify(table, null, 2)}\n`);
