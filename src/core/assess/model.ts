/** A batch run through the models: plan, heat, cook values, levels. No judgement yet. */
import {
  planBatch,
  type Batch,
  type Kitchen,
  type Plan,
  type PlannedStep,
  type Pot,
} from '../batch';
import { conductionShape, cookValues, donenessOf, USUAL_Z, type Doneness } from '../doneness';
import { contents, partOf, type Contents, type Part } from '../fill';
import {
  heatPot,
  simulate,
  type Air,
  type HeatItem,
  type HeatPot,
  type HeatResult,
  type HeatStep,
} from '../heat';
import { atmosphericPressure } from '../water';

/** Unknowns that a draw moves; 1 and 0 leave things as given. */
export interface Variation {
  readonly mass: (item: string) => number;
  readonly startC: (item: string) => number;
  readonly efficiency: number;
  readonly loss: number;
}

export interface ItemCook {
  readonly doneness: Doneness | null;
  readonly centre: readonly number[];
  readonly surface: readonly number[];
}

export interface Model {
  readonly plan: Plan;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly heat: HeatResult;
  readonly hot: HeatPot;
  readonly air: Air;
  readonly parts: readonly Part[];
  readonly cooks: Readonly<Record<string, ItemCook>>;
}

export interface ModelOptions {
  readonly stepS?: number;
  readonly vary?: Variation;
}

function heatStep(step: PlannedStep): HeatStep {
  return step.kind === 'pressure'
    ? { kind: 'pressure', gaugeKPa: step.gaugeKPa, holdMin: step.holdMin, release: step.release }
    : { kind: step.kind, minutes: step.minutes };
}

/** Runs a batch through the heat model. @throws RangeError for a food that is not in the table */
export function runModel(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  options: ModelOptions = {},
): Model {
  const planned = planBatch(batch, pot, kitchen);
  const { vary } = options;
  const plan: Plan = vary
    ? {
        ...planned,
        items: planned.items.map((item) => ({
          ...item,
          massG: item.massG * vary.mass(item.id),
          startC: item.startC + vary.startC(item.id),
        })),
      }
    : planned;
  const usual = heatPot(pot);
  const hot: HeatPot = vary
    ? {
        ...usual,
        efficiency: Math.min(1, usual.efficiency * vary.efficiency),
        lossWPerK: usual.lossWPerK * vary.loss,
      }
    : usual;
  const air: Air = {
    pressurePa: atmosphericPressure(kitchen.altitudeM),
    ambientC: kitchen.ambientC,
  };
  const items: readonly HeatItem[] = plan.items.map((item) => ({
    id: item.id,
    massKg: item.massG / 1000,
    composition: item.food.composition,
    shape: conductionShape(item.food, item.cut),
    startC: item.startC,
    entersAt: item.entersAt,
    leavesAt: item.leavesAt,
  }));
  const heat = simulate(items, plan.steps.map(heatStep), hot, air, options);
  const cooks: Record<string, ItemCook> = {};
  for (const item of plan.items) {
    const trace = heat.items[item.id];
    if (!trace) continue;
    const doneness = donenessOf(item.food, item.soakedH);
    const z = doneness?.z ?? USUAL_Z;
    cooks[item.id] = {
      doneness,
      centre: cookValues(heat.trace.s, trace.centreC, z),
      surface: cookValues(heat.trace.s, trace.surfaceC, z),
    };
  }
  return { plan, pot, kitchen, heat, hot, air, parts: plan.items.map(partOf), cooks };
}

/** A food that has no need of its own takes up or gives up its water like this, min at 100 C. */
const USUAL_NEED = 20;

/**
 * How far the uptake or giving of water of an item has gone at a sample: nine tenths when its
 * centre has its need (assumed, first order in cook value).
 */
function progressAt(model: Model, id: string, sample: number): number {
  const cook = model.cooks[id];
  if (!cook) return 0;
  const value = cook.centre[sample] ?? 0;
  return 1 - Math.exp((-Math.LN10 * value) / (cook.doneness?.needMin ?? USUAL_NEED));
}

/** What is in the pot during a step. */
export function partsAt(model: Model, step: number): readonly Part[] {
  return model.plan.items.flatMap((item, i) => {
    const part = model.parts[i];
    return part && item.entersAt <= step && item.leavesAt > step ? [part] : [];
  });
}

/** Contents of the pot at a sample of the trace. */
export function contentsAt(model: Model, sample: number, parts?: readonly Part[]): Contents {
  const { trace } = model.heat;
  const inside = parts ?? partsAt(model, trace.step[sample] ?? 0);
  return contents(
    inside,
    (part) => progressAt(model, part.id, sample),
    trace.liquidC[sample] ?? 20,
    trace.steamKg[sample] ?? 0,
  );
}
