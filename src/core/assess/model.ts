/** A batch run through the models: plan, heat, cook values, levels. No judgement yet. */
import { isStock, planBatch, type Plan, type PlannedItem, type PlannedStep } from '../batch/plan';
import type { Batch, Kitchen, Pot } from '../batch/schema';
import { flavourOf, type Flavour } from '../bones';
import { conductionShape, cookValues, donenessOf, USUAL_Z, type Doneness } from '../doneness';
import { contents, partOf, soakedKg, type Before, type Contents, type Part } from '../fill';
import type { Food } from '../food';
import {
  openLoss,
  simulateThrough,
  type Air,
  type Hands,
  type HeatItem,
  type HeatResult,
  type HeatStep,
  type Spell,
} from '../heat';
import { valueAt } from '../series';
import { scaleOf, type Scale, type Step } from '../texture';
import type { ItemUnknowns, Unknowns } from '../unknown';
import { potVessel, type PressureVessel } from '../vessel';
import { atmosphericPressure } from '../water';

export interface ItemCook {
  readonly doneness: Doneness | null;
  /** Its grades; null for what has none. */
  readonly scale: Scale | null;
  readonly centre: readonly number[];
  readonly surface: readonly number[];
}

export interface Model {
  readonly plan: Plan;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly heat: HeatResult;
  readonly vessel: PressureVessel;
  readonly air: Air;
  readonly parts: readonly Part[];
  readonly cooks: Readonly<Record<string, ItemCook>>;
  /** Last sample before each of the plan's pourings. */
  readonly pouredAt: readonly number[];
}

export interface ModelOptions {
  /** Time step, s: 10 by default. */
  readonly stepS?: number;
  /** The state of the world; as given where it is missing. */
  readonly unknowns?: Unknowns;
  /** What has happened already, by the ids of steps. */
  readonly lived?: Readonly<Record<string, Lived>>;
  /** Where it is cut, s from the start; at the end of the plan by default. */
  readonly untilS?: number;
  /** Stretches in which the pot is not as it is otherwise. */
  readonly spells?: readonly Spell[];
}

/** What hands made of a step, s from the start of the cook. */
export interface Lived extends Hands {
  /** When a step without pressure ends. */
  readonly endsS?: number;
  /** It is not over before. */
  readonly notOverS?: number;
}

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
  const keepsWarm = step.kind === 'rest' && pot.kind === 'electric' && step.keepWarm !== false;
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

/** An item as the heat model sees it: its soak in it, its water to come and go. */
function heatItem(item: PlannedItem, part: Part, size: number): HeatItem {
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
    },
  };
}

/** Minutes that a food needs, a factor more or less. */
export function scaled(doneness: Doneness, by: number): Doneness {
  const { needMin, lateMin } = doneness;
  return { ...doneness, needMin: needMin * by, lateMin: lateMin === null ? null : lateMin * by };
}

/** What an item gives to a stock; null where it is there to be eaten, or is not in the pot. */
export function flavourIn({ batch }: Plan, item: PlannedItem): Flavour | null {
  return isStock(batch) && item.for === 'flavour' && !item.apart ? flavourOf(item.food) : null;
}

/** The plan as it is in a state of the world. */
function planIn(planned: Plan, { items, fill, waterStartC }: Unknowns): Plan {
  return {
    ...planned,
    items: planned.items.map((item) => {
      const own = items[item.id];
      const mass = fill * (own?.mass ?? 1);
      const warmer = item.food.shape === null ? waterStartC : (own?.startC ?? 0);
      return {
        ...item,
        massG: item.massG * mass,
        boughtG: item.boughtG * mass,
        startC: item.startC + warmer,
      };
    }),
  };
}

/** The vessel as it is in a state of the world. */
function vesselIn(usual: PressureVessel, unknowns: Unknowns): PressureVessel {
  const { power, efficiency, loss, seal, lagS, valve } = unknowns;
  const { heater, lid } = usual;
  return {
    ...usual,
    lossWPerK: usual.lossWPerK * loss,
    heater: {
      powerW: heater.powerW * power,
      efficiency: Math.min(1, heater.efficiency * efficiency),
    },
    lid: {
      ...lid,
      sealS: lid.sealS * seal,
      lagS: Math.max(0, lid.lagS + lagS),
      valve: { ...lid.valve, areaM2: lid.valve.areaM2 * valve },
    },
  };
}

/** What an item needs, and its grades, in a state of the world. */
function needsOf(
  item: PlannedItem,
  own: ItemUnknowns | undefined,
): Pick<ItemCook, 'doneness' | 'scale'> {
  const usually = donenessOf(item.food, item);
  const doneness = usually && own ? scaled(usually, own.need) : usually;
  const { family } = item.food;
  const mm = conductionShape(item.food, item.cut)?.mm ?? 0;
  return {
    doneness,
    scale: doneness && family ? scaleOf(family, doneness, mm * (own?.size ?? 1)) : null,
  };
}

/** The same cook, its foods needing something else: what is heated is the same. */
export function withNeeds(model: Model, items: Unknowns['items']): Model {
  const cooks: Record<string, ItemCook> = {};
  for (const item of model.plan.items) {
    const cook = model.cooks[item.id];
    if (cook) cooks[item.id] = { ...cook, ...needsOf(item, items[item.id]) };
  }
  return { ...model, cooks };
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
    heatItem(item, parts[i] as Part, unknowns?.items[item.id]?.size ?? 1),
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

/** Where what is wanted of an item begins and ends; null where it has no beginning or no end. */
export function boundsOf(
  { wish }: PlannedItem,
  cook: ItemCook | undefined,
): { readonly from: Step | null; readonly to: Step | null } {
  const steps = cook?.scale?.steps;
  if (!steps || !wish) return { from: null, to: null };
  return { from: steps[wish.from - 1] ?? null, to: steps[wish.to] ?? null };
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
export function netWatts({ vessel, air }: Model, boilC: number): number {
  const { heater, surfaceM2 } = vessel;
  const lossWPerK = vessel.lossWPerK + openLoss(boilC, air, surfaceM2);
  return heater.powerW * heater.efficiency - lossWPerK * (boilC - air.ambientC);
}

/**
 * How things stand at a sample: what has drunk or given, what has gone.
 *
 * @param step step whose contents are meant, where the sample is the last one before it
 */
export function standAt(model: Model, sample: number, step?: number): Before {
  const { heat, plan } = model;
  const now = step ?? valueAt(heat.trace.step, sample);
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
    steamKg:
      valueAt(heat.trace.steamKg, sample) - (since < 0 ? 0 : valueAt(heat.trace.steamKg, since)),
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
  step = valueAt(model.heat.trace.step, sample),
  parts = partsAt(model, step),
): Contents {
  const { trace } = model.heat;
  const { progress, steamKg, outsideKg } = standAt(model, sample, step);
  return contents(parts, progress, trace.liquidC[sample] ?? 20, steamKg, outsideKg);
}
