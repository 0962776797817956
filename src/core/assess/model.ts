/** A batch run through the models: plan, heat, cook values, levels. No judgement yet. */
import {
  isStock,
  planBatch,
  type Batch,
  type Kitchen,
  type Plan,
  type PlannedItem,
  type PlannedStep,
  type Pot,
} from '../batch';
import { flavourOf, type Flavour } from '../bones';
import { conductionShape, cookValues, donenessOf, USUAL_Z, type Doneness } from '../doneness';
import { contents, partOf, soakedKg, type Before, type Contents, type Part } from '../fill';
import type { Food } from '../food';
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
  /** What a food needs and stands, which differs from one to the next. */
  readonly need: (item: string) => number;
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
  /** Last sample before each of the plan's pourings. */
  readonly pouredAt: readonly number[];
}

export interface ModelOptions {
  readonly stepS?: number;
  readonly vary?: Variation;
}

function heatStep(step: PlannedStep, pours: boolean): HeatStep {
  return step.kind === 'pressure'
    ? { kind: 'pressure', gaugeKPa: step.gaugeKPa, holdMin: step.holdMin, release: step.release }
    : { kind: step.kind, minutes: step.minutes, pours };
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

/** An item as the heat model sees it: its soak in it, its water to come and go. */
function heatItem(item: PlannedItem, part: Part): HeatItem {
  const { food } = item;
  const doneness = donenessOf(food, item);
  const soaked = (100 * soakedKg(item)) / (item.massG / 1000);
  return {
    id: item.id,
    massKg: part.massKg,
    composition: { ...food.composition, water: food.composition.water + soaked },
    shape: conductionShape(food, item.cut),
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
    },
  };
}

function scaled(doneness: Doneness, by: number): Doneness {
  const { needMin, limitMin } = doneness;
  return { ...doneness, needMin: needMin * by, limitMin: limitMin === null ? null : limitMin * by };
}

/** What an item gives to a stock; null where it is there to be eaten, or is not in the pot. */
export function flavourIn({ batch }: Plan, item: PlannedItem): Flavour | null {
  return isStock(batch) && !item.apart ? flavourOf(item.food) : null;
}

/** When an item is done; in a stock, what flavours it is done once it has given its best. */
function donenessIn(plan: Plan, item: PlannedItem): Doneness | null {
  const flavour = flavourIn(plan, item);
  if (!flavour) return donenessOf(item.food, item);
  return {
    needMin: flavour.bestMin,
    limitMin: flavour.tooMuchMin,
    z: USUAL_Z,
    over: flavour.spoils,
    mark: 'assumed',
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
  const { vary } = options;
  const plan: Plan = vary
    ? {
        ...planned,
        items: planned.items.map((item) => ({
          ...item,
          massG: item.massG * vary.mass(item.id),
          boughtG: item.boughtG * vary.mass(item.id),
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
  const parts = plan.items.map(partOf);
  const items = plan.items.map((item, i) => heatItem(item, parts[i] as Part));
  const heat = simulate(
    items,
    plan.steps.map((step, i) => heatStep(step, plan.pours.includes(i))),
    hot,
    air,
    options,
  );
  const cooks: Record<string, ItemCook> = {};
  for (const item of plan.items) {
    const trace = heat.items[item.id];
    if (!trace) continue;
    const usually = donenessIn(plan, item);
    const doneness = usually && vary ? scaled(usually, vary.need(item.id)) : usually;
    const z = doneness?.z ?? USUAL_Z;
    cooks[item.id] = {
      doneness,
      centre: cookValues(heat.trace.s, trace.centreC, z),
      surface: cookValues(heat.trace.s, trace.surfaceC, z),
    };
  }
  const pouredAt = plan.pours.map((pour) => lastBefore(heat.trace.step, pour));
  return { plan, pot, kitchen, heat, hot, air, parts, cooks, pouredAt };
}

/** What is in the pot during a step. */
export function partsAt(model: Model, step: number): readonly Part[] {
  return model.plan.items.flatMap((item, i) => {
    const part = model.parts[i];
    return part && item.entersAt <= step && item.leavesAt > step ? [part] : [];
  });
}

/** Last sample before a step begins; -1 where it is the first. @param steps of the samples */
export function lastBefore(steps: readonly number[], step: number): number {
  const after = steps.findIndex((s) => s >= step);
  return (after < 0 ? steps.length : after) - 1;
}

/** Power that boils water off in the open pot, W. @param boilC where it boils */
export function netWatts({ hot, air }: Model, boilC: number): number {
  return hot.powerW * hot.efficiency - hot.lossWPerK * (boilC - air.ambientC);
}

/**
 * How things stand at a sample: what has drunk or given, what has gone.
 *
 * @param step step whose contents are meant, where the sample is the last one before it
 */
export function standAt(model: Model, sample: number, step?: number): Before {
  const { heat, plan } = model;
  const now = step ?? heat.trace.step[sample] ?? 0;
  // What is in the pot now began when broth was last poured off.
  const last = plan.pours.findLastIndex((p) => p <= now);
  const pour = plan.pours[last] ?? -1;
  const since = model.pouredAt[last] ?? -1;
  const movedBy = (id: string, at: number): number =>
    at < 0 ? 0 : (heat.items[id]?.waterKg[at] ?? 0);
  let outsideKg = 0;
  for (const item of plan.items) {
    // What left with or before the pouring, or is liquid, has no say in what is there now.
    if (item.leavesAt <= pour) continue;
    if (item.leavesAt <= now) outsideKg -= movedBy(item.id, sample) - movedBy(item.id, since);
    else outsideKg += movedBy(item.id, since);
  }
  return {
    progress: (part) => {
      const moved = heat.items[part.id]?.waterKg[sample] ?? 0;
      return part.uptakeKg === 0 ? 0 : Math.max(0, moved / part.uptakeKg);
    },
    steamKg: (heat.trace.steamKg[sample] ?? 0) - (since < 0 ? 0 : (heat.trace.steamKg[since] ?? 0)),
    outsideKg,
  };
}

/**
 * Contents of the pot at a sample of the trace.
 *
 * @param step step whose contents are meant, where the sample is the last one before it
 */
export function contentsAt(
  model: Model,
  sample: number,
  step = model.heat.trace.step[sample] ?? 0,
  parts = partsAt(model, step),
): Contents {
  const { trace } = model.heat;
  const { progress, steamKg, outsideKg } = standAt(model, sample, step);
  return contents(parts, progress, trace.liquidC[sample] ?? 20, steamKg, outsideKg);
}
