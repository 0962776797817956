/** A batch run through the models: plan, heat, cook values, levels. No judgement yet. */
import { planBatch, type PlannedItem, type PlannedStep } from '../batch/plan';
import type { Batch, Kitchen, Pot } from '../batch/schema';
import { conductionShape, cookValues, donenessOf, USUAL_Z } from '../doneness';
import { partOf, soakedKg, type Part } from '../fill';
import type { Food } from '../food';
import { simulateThrough, type Air, type HeatItem, type HeatResult, type HeatStep } from '../heat';
import type { ItemUnknowns } from '../unknown';
import { potVessel } from '../vessel';
import { atmosphericPressure } from '../water';
import type { ItemCook, Lived, Model, ModelOptions } from './model';
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
  const keepsWarm = step.kind === 'rest' && pot.kind === 'electric' && step.keepWarm === true;
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
    entersAt: item.entersAt,
    leavesAt: item.leavesAt,
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
  return {
    ...needs,
    centre: cookValues(heat.trace.s, trace.centreC, z),
    surface: cookValues(heat.trace.s, trace.surfaceC, z),
  };
}

/** Runs a batch through the heat model. @throws RangeError for a food that is not in the table */
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
