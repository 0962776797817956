/**
 * Beliefs about the pot and the foods in the middle of a cook: worlds drawn from the priors, brought to agree with
 * marks and readings, and run on to the table.
 */
import { quantileSorted } from 'd3-array';
import { scaled, tableMin, withNeeds, type Model, type Range } from '../model';
import type { Cook } from '../batch/schema';
import { gradesOf, type Span } from '../food';
import { between, valueAt } from '../series';
import { gradeAt, scaleOf } from '../texture';
import { conductionShape, donenessOf } from '../doneness';
import {
  bell,
  ITEM_SPREAD,
  numbersOf,
  ODD,
  oddShare,
  phi,
  seeded,
  toDraw,
  unknownsOf,
  type Chance,
  type ToDraw,
  type Unknowns,
} from '../unknown';
import { timelineOf, type TriedFood } from '../cook';
import { courseOf, type Course } from './course';
import { agree } from './ensemble';
import { hotSOf, seenOf, shownBy, type Seen } from './observe';
import { runCourse } from './run';

/** Worlds that are carried along. */
export const WORLDS = 60;
/**
 * Time step of a world, s. Steps of 60 s, against 10 s, moved the meal of the eight sample batches by 0.03 min
 * at the most, and one verdict of 696.
 */
const STEP_S = 45;
/** Points of the band. */
const BAND_POINTS = 48;

/** Needs that are weighed for each world, as logarithms: from a quarter to thirteen times. */
const STEP_LN = 0.05;
const NEEDS = Array.from({ length: 81 }, (_, i) => -1.4 + STEP_LN * i);
/** Density of any need at all: pieces left frozen, cut much larger, of another sort (assumed). */
const ANY = 0.004;
/** A grade told is the next one this often, and one further off hardly ever (assumed). */
const TOLD = [0.92, 0.06, 0.002] as const;
/**
 * Nobody calls tough what is as it was wanted, or as it was wanted what is tough, but this often as often
 * as he takes one grade for the next (assumed).
 */
const ACROSS = 0.1;

export interface World {
  readonly unknowns: Unknowns;
  readonly model: Model;
}

export interface Belief {
  /** s from the start of the cook */
  readonly tableS: Range;
  /** Of each step of pressure, s from the start. */
  readonly steps: readonly {
    readonly id: string;
    readonly hotS: Range;
    readonly endS: Range;
  }[];
  /** Its need, as a factor of its kind's. */
  readonly needs: Readonly<Record<string, Range>>;
  /** Arriving power as a factor of the prior. */
  readonly power: Range;
  /** Liquid up to now, in the middle of the worlds; min from the start. */
  readonly past: { readonly minute: readonly number[]; readonly p50: readonly number[] };
  /** Liquid from now on, min from the start. */
  readonly band: {
    readonly minute: readonly number[];
    readonly p10: readonly number[];
    readonly p50: readonly number[];
    readonly p90: readonly number[];
  };
}

export interface BelieveOptions {
  /** The same one gives the same answer. */
  readonly seed: number;
  readonly worlds?: number;
  /** Whether the pot itself would say what it has not. */
  readonly watched?: boolean;
}

function unknownsAt(cook: Cook, items: readonly ToDraw[], row: readonly number[]): Unknowns {
  let at = 0;
  const next = (): number => row[at++] as number;
  return unknownsOf(cook.pot, items, next, () => phi(next()));
}

function run(cook: Cook, course: Course, unknowns: Unknowns, untilS?: number): Model {
  return runCourse(cook, course, unknowns, STEP_S, untilS);
}

/** Stand-in time for a world that never shows it: late, by as much as a move takes. */
const LATE_S = 240;
const LATE_SHARE = 0.15;

/** For an unseen event, the target is max(prediction, now). */
function wantedOf(seen: readonly Seen[], shown: readonly number[]): readonly number[] {
  return seen.map((s, j) => (s.later ? Math.max(s.value, valueAt(shown, j)) : s.value));
}

/** Worlds that agree with what was seen, as rows of normal numbers. */
function agreeing(
  cook: Cook,
  course: Course,
  items: readonly ToDraw[],
  seen: readonly Seen[],
  chance: Chance,
  many: number,
): readonly (readonly number[])[] {
  const rows: readonly (readonly number[])[] = Array.from({ length: many }, () =>
    Array.from({ length: numbersOf(cook.pot, items) }, chance.normal),
  );
  if (seen.length === 0) return rows;
  const lastS = Math.max(...seen.map((s) => s.atS));
  const untilS = lastS + LATE_S + LATE_SHARE * lastS;
  const shown = rows.map((row) => {
    const model = run(cook, course, unknownsAt(cook, items, row), untilS);
    return seen.map((s) => {
      const value = shownBy(model, course.batch, s);
      return Number.isNaN(value) ? untilS : value;
    });
  });
  const wanted = shown.map((row) => wantedOf(seen, row));
  const sds = seen.map((s) => s.sd);
  return agree(rows, shown, wanted, sds, chance);
}

/** On which side of what is wanted a grade lies. */
const sideOf = (grade: number, wish: Span | null): number =>
  !wish ? 0 : grade < wish.from ? -1 : grade > wish.to ? 1 : 0;

/**
 * A need that agrees with how an item was found, in one world, by its chance over even steps (Bayes); null
 * where it was not tried.
 */
function needFound(
  model: Model,
  tried: readonly TriedFood[],
  id: string,
  size: number,
  usualSd: number,
  chance: Chance,
): number | null {
  const own = tried.filter((t) => t.item === id);
  const item = model.plan.items.find((i) => i.id === id);
  const cook = model.cooks[id];
  if (own.length === 0 || !item?.food.family || !cook) return null;
  const doneness = donenessOf(item.food, item);
  if (!doneness) return null;
  const { family } = item.food;
  const names: readonly string[] = gradesOf(family);
  const mm = (conductionShape(item.food, item.cut)?.mm ?? 0) * size;
  const { s } = model.heat.trace;
  const found = own.map(({ grade, s: atS }) => ({
    told: names.indexOf(grade),
    centre: between(s, cook.centre, atS),
    surface: between(s, cook.surface, atS),
  }));
  const odd = oddShare(item.food.group);
  const weights = NEEDS.map((ln) => {
    const before =
      (1 - odd) * bell(ln, { mean: 0, sd: usualSd }) +
      odd * bell(ln, { mean: 0, sd: ODD.sd }) +
      ANY;
    const scale = scaleOf(family, scaled(doneness, Math.exp(ln)), mm);
    return found.reduce((w, { told, centre, surface }) => {
      const grade = gradeAt(scale, centre, surface);
      const said = TOLD[Math.min(Math.abs(grade - told), TOLD.length - 1)] as number;
      return w * said * (sideOf(grade, item.wish) === sideOf(told, item.wish) ? 1 : ACROSS);
    }, before);
  });
  let at = chance.uniform() * weights.reduce((sum, w) => sum + w, 0);
  const picked = weights.findIndex((w) => (at -= w) <= 0);
  // Somewhere in its step, so that no need comes twice.
  const ln = NEEDS[picked < 0 ? NEEDS.length - 1 : picked] as number;
  return Math.exp(ln + STEP_LN * (chance.uniform() - 0.5));
}

/** With the needs that were found by trying. */
function tasted(
  world: World,
  tried: readonly TriedFood[],
  drawn: readonly ToDraw[],
  chance: Chance,
): World {
  if (tried.length === 0) return world;
  const { unknowns, model } = world;
  const items = Object.fromEntries(
    Object.entries(unknowns.items).map(([id, own]) => {
      const usualSd = drawn.find((one) => one.id === id)?.needSd ?? ITEM_SPREAD.need;
      const need = needFound(model, tried, id, own.size, usualSd, chance);
      return [id, need === null ? own : { ...own, need }];
    }),
  );
  return { unknowns: { ...unknowns, items }, model: withNeeds(model, items) };
}

/**
 * Worlds that agree with a cook so far, run on to the table.
 *
 * @param nowS s from its start
 * @example worldsOf(cook, 0, { seed: 1, worlds: 20 }).length // 20
 */
export function worldsOf(cook: Cook, nowS: number, options: BelieveOptions): readonly World[] {
  const { seed, worlds = WORLDS, watched = false } = options;
  const chance = seeded(seed);
  const items = toDraw(cook.batch, cook.kitchen);
  const course = courseOf(cook, nowS);
  const seen = seenOf(cook, nowS, watched);
  const rows = agreeing(cook, course, items, seen, chance, worlds);
  const { tried } = timelineOf(cook, nowS);
  return rows.map((row) => {
    const unknowns = unknownsAt(cook, items, row);
    return tasted({ unknowns, model: run(cook, course, unknowns) }, tried, items, chance);
  });
}

/** The same worlds, the plan of the cook changed. */
export function goOn(cook: Cook, nowS: number, worlds: readonly World[]): readonly World[] {
  const course = courseOf(cook, nowS);
  return worlds.map(({ unknowns }) => ({ unknowns, model: run(cook, course, unknowns) }));
}

function range(values: readonly number[]): Range {
  const sorted = values.filter((v) => !Number.isNaN(v)).sort((a, b) => a - b);
  // Of few draws: where the next one would lie below so often (Weibull's plotting positions).
  const n = sorted.length;
  const at = (share: number): number =>
    quantileSorted(sorted, Math.min(1, Math.max(0, (share * (n + 1) - 1) / (n - 1)))) ?? Number.NaN;
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}

/** The liquid of the worlds at moments from one to another, min from the start. */
function curvesOf(worlds: readonly World[], fromMin: number, toMin: number) {
  const minute = Array.from(
    { length: BAND_POINTS },
    (_, i) => fromMin + ((toMin - fromMin) * i) / (BAND_POINTS - 1),
  );
  const at = minute.map((m) =>
    range(worlds.map(({ model }) => between(model.heat.trace.s, model.heat.trace.liquidC, m * 60))),
  );
  return {
    minute,
    p10: at.map((r) => r.p10),
    p50: at.map((r) => r.p50),
    p90: at.map((r) => r.p90),
  };
}

/**
 * Mean and spread of worlds: 8 of 10 lie between p10 and p90.
 *
 * @example beliefOf(worldsOf(cook, 0, { seed: 1, worlds: 20 }), 0).tableS.p50 // 7478
 */
export function beliefOf(worlds: readonly World[], nowS: number): Belief {
  const tableS = range(worlds.map(({ model }) => 60 * tableMin(model)));
  const [first] = worlds;
  const nowMin = nowS / 60;
  const over = (value: (world: World) => number): Range => range(worlds.map(value));
  const steps = (first?.model.plan.steps ?? []).flatMap((step, i) => {
    if (step.kind !== 'pressure') return [];
    const of = ({ model }: World) => model.heat.steps[i];
    return [
      {
        id: step.id,
        hotS: over((w) => hotSOf(of(w)) ?? Number.NaN),
        endS: over((w) => of(w)?.endS ?? Number.NaN),
      },
    ];
  });
  const ids = Object.keys(first?.unknowns.items ?? {});
  return {
    tableS,
    steps,
    needs: Object.fromEntries(
      ids.map((id) => [id, over((w) => w.unknowns.items[id]?.need ?? 1)] as const),
    ),
    power: over(({ unknowns }) => unknowns.power * unknowns.efficiency),
    past: curvesOf(worlds, 0, nowMin),
    band: curvesOf(worlds, nowMin, Math.max(nowMin + 1, (tableS.p90 / 60) * 1.05)),
  };
}
