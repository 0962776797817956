/**
 * Fits need, lateness and z of every food of the chart, then need and lateness of the foods outside
 * it with the z of their kin, and writes src/core/doneness/needs.json.
 *
 * For each z the chart gives bounds: every row's middle must be done at its middle, and not past
 * what is usually wanted; 0.4 of it short of it; 2.5 times it come to the grade that the row names.
 * The z with the widest margins wins; both values stand between their bounds.
 */
import { writeFileSync } from 'node:fs';
import {
  type Bound,
  BOUNDS,
  CHART,
  type ChartRow,
  conductionShape,
  type Family,
  type Food,
  foodByKey,
  gradeIndex,
  KIN_CHART,
  meanCook,
  MELTING,
  SHORT_HOLD,
  USUAL_Z,
  usualSpan,
} from '../src/core';
import { chartRoute, routeValue, type Route } from '../src/core/testing/chartRoute';

interface Bounds {
  needAbove: number;
  needBelow: number;
  /** Lateness below this would make what the chart calls right too far. */
  lateAbove: number;
  /** Lateness below this would put what the chart calls right past its first right grade. */
  comfort: number;
  lateBelow: number;
}

interface Cooked {
  readonly row: ChartRow;
  readonly food: Food;
  readonly family: Family;
  readonly mm: number;
  readonly early: readonly Route[];
  readonly right: readonly Route[];
  readonly late: readonly Route[];
}

/** Where lateness stands between what is right and 2.5 times that, 0 to 1 in logarithms (assumed). */
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

function middle([from, to]: readonly [number, number]): number {
  return (from + to) / 2;
}

function cook(row: ChartRow): Cooked {
  const food = foodByKey(row.food);
  if (!food?.family) throw new RangeError(`${row.food} has no family`);
  const simmer = middle(row.simmer);
  const spread = row.firm ? [0.8, 1, 1.2] : [1];
  const early = [chartRoute(row, 'simmer', 0.4 * simmer)];
  const right = spread.map((k) => chartRoute(row, 'simmer', k * simmer));
  const late = row.lateUnderPressure ? [] : [chartRoute(row, 'simmer', 2.5 * simmer)];
  if (row.pressure) {
    const hold = middle(row.pressure);
    if (hold >= SHORT_HOLD) early.push(chartRoute(row, 'pressure', 0.4 * hold));
    right.push(...spread.map((k) => chartRoute(row, 'pressure', k * hold)));
    late.push(chartRoute(row, 'pressure', 2.5 * hold));
  }
  const mm = conductionShape(food, row.cut)?.mm ?? 10;
  return { row, food, family: food.family, mm, early, right, late };
}

type Value = ReturnType<typeof routeValue>;

/** The lateness at which a piece stands just at a bound. */
function latenessAt({ times, bySize }: Bound, mm: number, { centre, surface }: Value) {
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

function bounds(rows: readonly Cooked[], z: number): Bounds {
  const b: Bounds = {
    needAbove: 0,
    needBelow: Infinity,
    lateAbove: 0,
    comfort: 0,
    lateBelow: Infinity,
  };
  for (const { row, food, family, mm, early, right, late } of rows) {
    const steps = BOUNDS[family];
    const wish = usualSpan(food, family, { whole: row.cut === null, late: false });
    const tooFar = steps[wish.to];
    const next = steps[wish.from];
    for (const r of early) b.needAbove = Math.max(b.needAbove, routeValue(r, z).centre);
    for (const r of right) {
      const v = routeValue(r, z);
      b.needBelow = Math.min(b.needBelow, v.centre);
      if (tooFar?.of === 'late') b.lateAbove = Math.max(b.lateAbove, latenessAt(tooFar, mm, v));
      if (next?.of === 'late') b.comfort = Math.max(b.comfort, latenessAt(next, mm, v));
    }
    const named = row.late === null ? undefined : steps[gradeIndex(family, row.late) - 1];
    if (named)
      for (const r of late)
        b.lateBelow = Math.min(b.lateBelow, latenessAt(named, mm, routeValue(r, z)));
  }
  return b;
}

function margin(b: Bounds): number {
  const need = Math.log(b.needBelow / b.needAbove);
  const late = b.lateBelow === Infinity ? Infinity : Math.log(b.lateBelow / b.lateAbove);
  return Math.min(need, late);
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
  const group = rows[0]?.food.group;
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

function lateOf(food: string, family: Family, b: Bounds): number | null {
  if (!BOUNDS[family].some((s) => s.of === 'late')) return null;
  if (b.lateBelow === Infinity)
    return Math.max(
      1.02 * b.lateAbove,
      (MELTING.has(food) ? MELTS : (BEYOND[family] ?? USUAL_BEYOND)) * b.comfort,
    );
  if (b.lateBelow <= b.lateAbove) return 1.02 * Math.max(b.lateAbove, b.comfort);
  const low = Math.max(b.lateAbove, Math.min(b.comfort, 0.9 * b.lateBelow), 0.3 * b.lateBelow);
  const place = PLACE[family] ?? USUAL_PLACE;
  return low ** (1 - place) * b.lateBelow ** place;
}

interface Entry {
  needMin: number;
  lateMin: number | null;
  z: number;
  like?: string;
  soaked?: { need: number; late: number };
}

/** Shares of need and lateness that a soak leaves, where the chart has no unsoaked row of a bean. */
let usualSoak = { need: 0.5, late: 0.5 };

function entry(food: string, rows: readonly ChartRow[], kinZ?: number): Entry {
  const plain = rows.filter((row) => !row.soakedH).map(cook);
  const soaked = rows.filter((row) => row.soakedH).map(cook);
  const first = plain.length > 0 ? plain : soaked;
  const { z, b, m } = fit(first, kinZ);
  const family = first[0]?.family ?? 'ready';
  if (m <= 0) console.error(`${food}: its rows contradict each other at every z (${m.toFixed(2)})`);
  let need = needOf(b);
  let late = lateOf(food, family, b);
  // What melts early is not late before it is done.
  if (late !== null) late = Math.max(late, 1.02 * need);
  console.log(
    `${food.padEnd(18)} z ${z.toFixed(0)}  need ${need.toFixed(1)} (${b.needAbove.toFixed(1)}..${b.needBelow.toFixed(1)})` +
      `  late ${late?.toFixed(1) ?? '-'} (${b.lateAbove.toFixed(1)}, ${b.comfort.toFixed(1)}..${b.lateBelow.toFixed(1)})`,
  );
  let share: { need: number; late: number } | undefined;
  if (soaked.length > 0) {
    if (plain.length > 0) {
      const s = bounds(soaked, z);
      usualSoak = { need: needOf(s) / need, late: (lateOf(food, family, s) ?? 0) / (late ?? 1) };
    } else {
      need /= usualSoak.need;
      late = late === null ? null : late / usualSoak.late;
    }
    share = { need: round(usualSoak.need), late: round(usualSoak.late) };
  }
  return {
    needMin: round(need),
    lateMin: late === null ? null : round(late),
    z: round(z),
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
