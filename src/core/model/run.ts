/** A batch run through the models: plan, heat, cook values, levels. No judgement yet. */
import { planBatch, type PlannedItem, type PlannedStay, type PlannedStep } from '../batch/plan';
import type { Batch, Done, Kitchen, Pot } from '../batch/schema';
import { conductionShape, cookValues, donenessOf, USUAL_Z } from '../doneness';
import { partOf, soakedKg, type Part } from '../fill';
import type { Food } from '../food';
import {
  simulateThrough,
  type Air,
  type BodyShape,
  type Heating,
  type HeatItem,
  type HeatResult,
  type HeatStay,
  type HeatStep,
} from '../heat';
import type { ItemUnknowns } from '../unknown';
import { potVessel } from '../vessel';
import { handlingOf, surroundingsOf, waterLost, potKindOf } from '../vocabulary';
import { atmosphericPressure } from '../water';
import type { ItemCook, Lived, Model, ModelOptions } from './model';
import { lastOf } from '../series';
import { lastBefore } from './read';
import { needsOf, planIn, vesselIn } from './world';

function heatStep(
  step: PlannedStep,
  pours: boolean,
  pot: Pot,
  moreKPa: number,
  lived: Lived | undefined,
): HeatStep {
  if (step.kind === 'pressure')
    return {
      kind: 'pressure',
      gaugeKPa: Math.max(5, step.gaugeKPa + moreKPa),
      holdMin: step.holdMin,
      release: step.release,
      ...(lived && { hands: lived }),
    };
  const keepsWarm = step.kind === 'rest' && potKindOf(pot.kind).keepsWarm && step.keepWarm === true;
  return {
    kind: step.kind,
    minutes: step.minutes,
    pours,
    keepsWarm,
    ...(lived?.endsS !== undefined && { endsS: lived.endsS }),
    ...(lived?.notOverS !== undefined && { notOverS: lived.notOverS }),
  };
}

/** Minutes at 100 C until a food has given nine tenths of its juice (assumed). */
const GIVES_MIN: Readonly<Partial<Record<Food['group'], number>>> = {
  meat: 15,
  poultry: 10,
  fish: 4,
  bones: 30,
  vegetable: 6,
  leaf: 2,
};
/** And until one without a need of its own has drunk (assumed). */
const DRINKS_MIN = 20;

/** Minutes at 100 C past its need until it has gone on to drink nine tenths of what it can (assumed). */
const SWELLS_MIN: Readonly<Partial<Record<Food['group'], number>>> = {
  pasta: 60,
  grain: 150,
  pulse: 120,
};

/** Heat that it gets in another vessel; null for what is done on a board. */
function heatingOf({ how, in: vessel, minutes, ovenC }: Done, isFirst: boolean): Heating[] {
  const usual = handlingOf(how);
  const where = vessel ?? usual.vessel;
  const length = minutes ?? usual.minutes;
  if (!where || length <= 0) return [];
  const lost = isFirst ? 0 : waterLost(how, length);
  return [{ minutes: length, ...surroundingsOf(where, ovenC), ...(lost > 0 && { lost }) }];
}

/** Threads of pulled meat, mm (assumed; along the grain a fork leaves 5 to 10). */
const THREAD_MM = 8;

/** Piece that is made of a food before a stay; undefined where it stays as it was. */
function cutBefore({ food }: PlannedItem, done: readonly Done[]): BodyShape | undefined {
  const last = done.findLast(({ how }) => how === 'cut' || how === 'pulled' || how === 'picked');
  if (!last) return undefined;
  const cut = last.cut ?? (last.how === 'cut' ? null : { shape: 'stick' as const, mm: THREAD_MM });
  return (cut && conductionShape(food, cut)) ?? undefined;
}

function heatStay(item: PlannedItem, { from, to, done, keeps }: PlannedStay, i: number): HeatStay {
  const heated = done.flatMap((one) => heatingOf(one, i === 0));
  const shape = cutBefore(item, done);
  return {
    from,
    to,
    ...(heated.length > 0 && { heated }),
    ...(shape && { shape }),
    ...(keeps < 1 && { keeps }),
    ...(done.some(({ how }) => how === 'blended') && { blends: true }),
  };
}

/** An item as the heat model sees it: its soak in it, its water to come and go. */
function heatItem(item: PlannedItem, part: Part, size: number, swells: boolean): HeatItem {
  const { food } = item;
  const doneness = donenessOf(food, item);
  const soaked = (100 * soakedKg(item)) / (item.massG / 1000);
  const shape = conductionShape(food, item.cut);
  return {
    id: item.id,
    massKg: part.massKg,
    composition: { ...food.composition, water: food.composition.water + soaked },
    shape: shape && { ...shape, mm: shape.mm * size },
    startC: item.startC,
    stays: item.stays.map((stay, i) => heatStay(item, stay, i)),
    exchange: {
      kg: part.uptakeKg,
      doneMin:
        part.uptakeKg > 0
          ? (doneness?.needMin ?? DRINKS_MIN)
          : (GIVES_MIN[food.group] ?? DRINKS_MIN),
      z: doneness?.z ?? USUAL_Z,
      swells:
        swells && part.swellsKg > 0
          ? { kg: part.swellsKg, doneMin: SWELLS_MIN[food.group] ?? DRINKS_MIN }
          : null,
    },
  };
}

function cookOf(
  item: PlannedItem,
  heat: HeatResult,
  own: ItemUnknowns | undefined,
): ItemCook | null {
  const trace = heat.items[item.id];
  if (!trace) return null;
  const needs = needsOf(item, own);
  const z = needs.doneness?.z ?? USUAL_Z;
  const { s } = heat.trace;
  const { readied } = trace;
  /** Time in other vessels counts from the moment at which it goes in. */
  const along = (celsius: readonly number[], before: readonly number[]): readonly number[] => {
    const values = cookValues(s, celsius, z);
    const had = readied ? lastOf(cookValues(readied.s, before, z)) : 0;
    const from = had > 0 ? celsius.findIndex((c) => !Number.isNaN(c)) : -1;
    return from < 0 ? values : values.map((value, i) => (i < from ? value : value + had));
  };
  return {
    ...needs,
    centre: along(trace.centreC, readied?.centreC ?? []),
    surface: along(trace.surfaceC, readied?.surfaceC ?? []),
  };
}

/**
 * Runs a batch through the heat model.
 *
 * @throws RangeError for a food that is not in the table
 * @example runModel(batch, pot, kitchen).heat.trace.liquidC[0] // 20
 */
export function runModel(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  options: ModelOptions = {},
): Model {
  const planned = planBatch(batch, pot, kitchen);
  const { unknowns } = options;
  const plan = unknowns ? planIn(planned, unknowns) : planned;
  const usual = potVessel(pot);
  const vessel = unknowns ? vesselIn(usual, unknowns) : usual;
  const air: Air = {
    pressurePa: atmosphericPressure(kitchen.altitudeM),
    ambientC: kitchen.ambientC + (unknowns?.roomC ?? 0),
  };
  const parts = plan.items.map(partOf);
  const items = plan.items.map((item, i) =>
    heatItem(item, parts[i] as Part, unknowns?.items[item.id]?.size ?? 1, options.swells ?? true),
  );
  const heat = simulateThrough(
    items,
    plan.steps.map((step, i) =>
      heatStep(
        step,
        plan.pours.includes(i),
        pot,
        unknowns?.setpointKPa ?? 0,
        options.lived?.[step.id],
      ),
    ),
    vessel,
    air,
    options.spells ?? [],
    { stepS: options.stepS ?? 10, untilS: options.untilS ?? Infinity },
  );
  const cooks: Record<string, ItemCook> = {};
  for (const item of plan.items) {
    const cook = cookOf(item, heat, unknowns?.items[item.id]);
    if (cook) cooks[item.id] = cook;
  }
  const pouredAt = plan.pours.map((pour) => lastBefore(heat.trace.step, pour));
  return { plan, pot, kitchen, heat, vessel, air, parts, cooks, pouredAt };
}
