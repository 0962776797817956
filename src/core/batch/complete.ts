import { amountGrams, foodByKey, foodInAmount, resolveFood, type Food } from '../food';
import type { Batch, Cut, Item, Kitchen, Pot, PressureStep, Release, Step } from './types';

/** An item with nothing left to guess: its food, mass, cut and temperature. */
export interface PlannedItem {
  readonly id: string;
  readonly food: Food;
  readonly massG: number;
  readonly cut: Cut | null;
  readonly startC: number;
  readonly soakedH: number;
  readonly old: boolean;
  /** Never in the pot: joined in the bowl. */
  readonly apart: boolean;
  /** Index of the step at whose start it goes in. */
  readonly entersAt: number;
  /** Index of the step at whose start it is taken out; the number of steps when it stays. */
  readonly leavesAt: number;
}

export type PlannedStep =
  | (Exclude<Step, PressureStep> & { readonly minutes: number })
  | (PressureStep & { readonly gaugeKPa: number; readonly release: Release });

/** A batch ready for the models. */
export interface Plan {
  readonly batch: Batch;
  readonly items: readonly PlannedItem[];
  readonly steps: readonly PlannedStep[];
}

const FRIDGE_C = 5;

/** Minutes a step takes when the batch does not say (common practice, no source). */
export const DEFAULT_MINUTES: Readonly<Record<Exclude<Step['kind'], 'pressure'>, number>> = {
  prep: 10,
  saute: 8,
  open: 3,
  strain: 5,
  simmer: 5,
  rest: 10,
  cool: 120,
};

/** The one pressure step proposed for a batch that has none. */
export const PROPOSED_STEPS: readonly Step[] = [
  { id: 's1', kind: 'pressure', holdMin: 15, release: { method: 'timed', afterMin: 10 } },
];

/** The steps of a batch, or the proposed ones where it has none. */
export function stepsOf(batch: Batch): readonly Step[] {
  return batch.steps && batch.steps.length > 0 ? batch.steps : PROPOSED_STEPS;
}

function planStep(step: Step, pot: Pot): PlannedStep {
  if (step.kind !== 'pressure')
    return { ...step, minutes: step.minutes ?? DEFAULT_MINUTES[step.kind] };
  const setting = pot.settings.find((s) => s.name === step.setting) ?? pot.settings[0];
  if (!setting) throw new RangeError(`${pot.name} has no pressure setting`);
  return { ...step, gaugeKPa: setting.gaugeKPa, release: step.release ?? { method: 'natural' } };
}

/** What a sieve keeps back: bones and what is fished out; of a stock or broth everything solid. */
function strainsOut(food: Food, kind: Batch['kind']): boolean {
  if (kind === 'stock' || kind === 'broth') return food.shape !== null || food.fishOut === true;
  return food.group === 'bones' || food.fishOut === true;
}

function planItem(
  item: Item,
  kitchen: Kitchen,
  steps: readonly Step[],
  { kind, bones: readied }: Batch,
): PlannedItem {
  const named = foodByKey(item.food) ?? resolveFood(item.food);
  if (!named) throw new RangeError(`no food called ${item.food}`);
  const bought = foodInAmount(named, item.amount);
  // Blanched bones have left their scum behind: they no longer foam (common practice).
  const food =
    readied === 'blanched' && bought.group === 'bones'
      ? { ...bought, foaming: 0 as const }
      : bought;
  const massG = amountGrams(food, item.amount);
  if (massG === null) throw new RangeError(`${food.name} has no measure in ${item.amount.unit}`);
  const index = (id: string | null | undefined, otherwise: number): number => {
    const at = id ? steps.findIndex((s) => s.id === id) : -1;
    return at < 0 ? otherwise : at;
  };
  const apart = item.apart ?? false;
  const entersAt = apart ? steps.length : index(item.enters, 0);
  const strained = steps.findIndex((s, i) => i > entersAt && s.kind === 'strain');
  const stays = strained > 0 && strainsOut(food, kind) ? strained : steps.length;
  return {
    id: item.id,
    food,
    massG,
    cut: item.cut ?? null,
    startC: item.startC ?? (food.kept === 'fridge' ? FRIDGE_C : kitchen.ambientC),
    soakedH: item.soakedH ?? 0,
    old: item.old ?? false,
    apart,
    entersAt,
    leavesAt: Math.max(entersAt, index(item.leaves, stays)),
  };
}

/**
 * Fills in everything a batch leaves open.
 *
 * @param batch valid (see validateBundle)
 * @throws RangeError for a food or a measure that is not in the table
 */
export function planBatch(batch: Batch, pot: Pot, kitchen: Kitchen): Plan {
  const steps = stepsOf(batch);
  return {
    batch,
    items: batch.items.map((item) => planItem(item, kitchen, steps, batch)),
    steps: steps.map((step) => planStep(step, pot)),
  };
}

/** The pot a batch is for: its own, or the first. @throws RangeError without a pot */
export function potOf(batch: Batch, pots: readonly Pot[]): Pot {
  const pot = pots.find((p) => p.id === batch.potId) ?? pots[0];
  if (!pot) throw new RangeError('no pot in the kitchen');
  return pot;
}
