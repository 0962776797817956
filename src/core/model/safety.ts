/** Facts of a run that decide its food safety: how hot centres got, how long they boiled, how long the pot stood warm. */
import { cookValues, USUAL_Z } from '../doneness';
import {
  centreRuleOf,
  classesOf,
  COLD_C,
  cooledSpans,
  COOL_C,
  HEATS,
  HOT_C,
  isPerishable,
  LECTIN_C,
  REHEAT_C,
  SAFE_CENTRE_C,
  type Course,
  type CourseFill,
  type CourseFood,
  type CourseStep,
  type Span,
} from '../guard';
import type { PlannedItem } from '../batch/plan';
import type { Food } from '../food';
import { isIn, lastOf, valueAt } from '../series';
import { tableMin } from './reports';
import { releaseOf, waitOf, potKindOf } from '../vocabulary';
import type { Model } from './model';
import type { FillReport, ReleaseReport } from './types';

/**
 * Minutes at 100 C that the middle of an item has had, none below 95 C. The rate at which the lectin goes is taken to
 * double in 10 C like cooking (assumed).
 */
function boiledMin(model: Model, id: string): number {
  const trace = model.heat.items[id];
  if (!trace) return 0;
  const counted = trace.centreC.map((c) => (c >= LECTIN_C ? c : Number.NaN));
  return lastOf(cookValues(model.heat.trace.s, counted, USUAL_Z));
}

/** Hottest middle of an item, and minutes at what whole cuts must reach; of what joins the liquid, the liquid. */
function heatOf(
  { heat }: Model,
  { id, food, stays }: PlannedItem,
): Pick<CourseFood, 'hottestC' | 'restMin'> {
  const { s, step, liquidC } = heat.trace;
  const centreC = food.shape === null ? null : heat.items[id]?.centreC;
  let hottestC = Number.NEGATIVE_INFINITY;
  let restS = 0;
  for (let i = 0; i < s.length; i++) {
    const at = step[i] ?? 0;
    if (!isIn({ stays }, at)) continue;
    const celsius = (centreC ?? liquidC)[i] ?? Number.NaN;
    if (celsius > hottestC) hottestC = celsius;
    if (i > 0 && celsius >= SAFE_CENTRE_C['whole-cut']) restS += (s[i] ?? 0) - (s[i - 1] ?? 0);
  }
  return { hottestC: Number.isFinite(hottestC) ? hottestC : null, restMin: restS / 60 };
}

/** Minutes that a food lies between cold and hot out of the pot: on its plate, or eaten at the table after it left. */
function asideMin(model: Model, item: PlannedItem): number {
  const { heat, plan } = model;
  const { s, step } = heat.trace;
  const trace = heat.items[item.id];
  if (!trace || item.apart) return 0;
  let zoneS = 0;
  for (let i = 1; i < s.length; i++) {
    const at = step[i] ?? 0;
    if (at < item.entersAt || at >= item.leavesAt || isIn(item, at)) continue;
    const celsius = trace.surfaceC[i] ?? Number.NaN;
    if (celsius > COLD_C && celsius < HOT_C) zoneS += (s[i] ?? 0) - (s[i - 1] ?? 0);
  }
  // Assume that meat taken out for good stays at room temperature: no one says where it waits.
  const isOut = item.leavesAt < plan.steps.length && item.for === 'eat' && !item.poured;
  const leftS = isOut ? (heat.steps[item.leavesAt]?.startS ?? Infinity) : Infinity;
  return zoneS / 60 + Math.max(0, tableMin(model) - leftS / 60);
}

/** Whether heat decides about a food: carrots are eaten raw. */
function needsHeat(said: string, food: Food): boolean {
  const classes = classesOf(said, food);
  return centreRuleOf(classes) !== null || classes.has('leftover') || classes.has('lectin');
}

/** The foods of a run as they are judged. @param chances of each, drawn; null while nothing was drawn */
export function foodsOf(
  model: Model,
  chances: Readonly<Record<string, number>> | null = null,
): readonly CourseFood[] {
  return model.plan.items.map((item, i): CourseFood => {
    const { id, said, food, massG, entersAt, leavesAt, stays, apart, startC } = item;
    const given = model.plan.batch.items[i];
    const useBy = given?.jars?.flatMap((jar) => jar.useBy ?? []).toSorted()[0];
    return {
      id,
      said,
      food,
      massG,
      entersAt,
      leavesAt,
      stays,
      apart,
      startC,
      asideMin: asideMin(model, item),
      ...(needsHeat(said, food) ? heatOf(model, item) : { hottestC: null, restMin: 0 }),
      boiledMin: classesOf(said, food).has('lectin') ? boiledMin(model, id) : 0,
      shortChance: chances && (chances[id] ?? 0),
      ...(given?.history && { history: given.history }),
      ...(useBy !== undefined && { useBy }),
    };
  });
}

/** Number of limits that a temperature is above. */
const bandOf = (celsius: number): number =>
  Number(celsius > COLD_C) +
  Number(celsius > COOL_C) +
  Number(celsius > HOT_C) +
  Number(celsius > REHEAT_C);
/** A sample of a pot that browns dry has no liquid to read. */
const BROWNS_C = 100;

/** One step of the trace, cut where the liquid passes a limit. */
function bandsOf({ s, step, liquidC }: Model['heat']['trace'], index: number): readonly Span[] {
  const spans: Span[] = [];
  let open: { minutes: number; coolestC: number; warmestC: number } | null = null;
  let band = -1;
  for (let n = Math.max(1, step.indexOf(index)); n < s.length && step[n] === index; n++) {
    const read = valueAt(liquidC, n);
    const celsius = Number.isFinite(read) ? read : BROWNS_C;
    const lasts = ((s[n] ?? 0) - (s[n - 1] ?? 0)) / 60;
    const now = bandOf(celsius);
    if (open && band === now) {
      open.minutes += lasts;
      open.coolestC = Math.min(open.coolestC, celsius);
      open.warmestC = Math.max(open.warmestC, celsius);
    } else {
      if (open) spans.push({ ...open, how: 'planned' });
      open = { minutes: lasts, coolestC: celsius, warmestC: celsius };
      band = now;
    }
  }
  if (open) spans.push({ ...open, how: 'planned' });
  return spans;
}

/** The contents of the pot from its first food to the end. */
function spansOf(model: Model): { readonly spans: readonly Span[]; readonly fromMin: number } {
  const { heat, plan, air } = model;
  const inPot = plan.items.filter(({ apart }) => !apart);
  const spoils = inPot.filter(({ said, food }) => isPerishable(said, food));
  const from = Math.min(...inPot.map(({ entersAt }) => entersAt));
  if (!Number.isFinite(from)) return { spans: [], fromMin: 0 };
  const heats = plan.steps.findIndex(({ kind }) => HEATS.has(kind));
  const spans: Span[] = [];
  for (let i = from; i < plan.steps.length; i++) {
    const kind = plan.steps[i]?.kind;
    const result = heat.steps[i];
    const minutes = ((result?.endS ?? 0) - (result?.startS ?? 0)) / 60;
    if (heats < 0 || i < heats) {
      // Dry beans may soak without limit; meat and broth may not stand warm.
      const keeps = !spoils.some(({ entersAt }) => entersAt <= i);
      const coldest = Math.min(air.ambientC, ...inPot.map(({ startC }) => startC));
      spans.push(
        keeps
          ? { minutes, coolestC: COLD_C, warmestC: COLD_C, how: 'planned' }
          : { minutes, coolestC: coldest, warmestC: air.ambientC, how: 'planned' },
      );
    } else if (kind === 'cool') spans.push(...cooledSpans(minutes));
    else spans.push(...bandsOf(heat.trace, i));
  }
  return {
    spans: spans.filter(({ minutes }) => minutes > 0),
    fromMin: (heat.steps[from]?.startS ?? 0) / 60,
  };
}

/** Liquids that are not mostly water. */
const NOT_WATERY: ReadonlySet<string> = new Set(['spirits', 'nut-butter', 'tomato-paste', 'miso']);

function stepsOf(model: Model, releases: readonly ReleaseReport[]): readonly CourseStep[] {
  return model.plan.steps.map((step, i): CourseStep => {
    const result = model.heat.steps[i];
    const report = releases.find((r) => r.step === step.id);
    return {
      id: step.id,
      kind: step.kind,
      minutes: ((result?.endS ?? 0) - (result?.startS ?? 0)) / 60,
      opens: step.kind === 'pressure' && releaseOf(step.release.method).lets !== null,
      waitMin: step.kind === 'pressure' ? waitOf(step.release) : 0,
      sprayChance: report?.sprayChance ?? 0,
      swollenL: (report?.swollenFraction ?? 0) * model.pot.capacityL,
      foamAboveHalf: report?.foamAboveHalf ?? false,
    };
  });
}

/**
 * The facts of a run for the guard.
 *
 * @param chances that each food falls short, drawn
 * @example guardedOf(runModel(batch, pot, kitchen), [], null).foods.length // 8
 */
export function guardedOf(
  model: Model,
  releases: readonly ReleaseReport[],
  fill: Pick<FillReport, 'worstL' | 'lineL' | 'lidOnL' | 'foams'> | null,
  chances: Readonly<Record<string, number>> | null = null,
): Course {
  const { spans, fromMin } = spansOf(model);
  const filled: CourseFill | null = fill && {
    worstL: fill.worstL,
    lineL: fill.lineL,
    lidOnL: fill.lidOnL,
    foams: fill.foams,
  };
  const { plan, pot, air, kitchen } = model;
  return {
    foods: foodsOf(model, chances),
    steps: stepsOf(model, releases),
    spans,
    spansFromMin: fromMin,
    fill: plan.items.length > 0 ? filled : null,
    pot: { keepsWarm: potKindOf(pot.kind).keepsWarm, capacityL: pot.capacityL },
    roomC: air.ambientC,
    wateryL: plan.items.reduce((sum, { food, massG, apart }) => {
      const watery = food.group === 'liquid' && !NOT_WATERY.has(food.key);
      return sum + (watery && !apart ? massG / 1000 : 0);
    }, 0),
    serveAt: plan.batch.serveAt ?? null,
    units: kitchen.units,
  };
}
