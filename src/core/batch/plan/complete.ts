import { amountGrams, spanOf, usualSpan, type Food, type Span } from '../../food';
import { isStock } from './kind';
import { asGiven, asLiked, learnedNeed } from './learned';
import { dishKind } from './dish';
import { foodOf } from './named';
import { indexOfStep, poursOf } from './pours';
import { READIED, readied } from './ready';
import { usualCut } from './usualCut';
import { STEPS, type PlainKind, type Release } from '../../vocabulary';
import type { Batch, Cut, Item, Kitchen, Pot, PressureStep, Step } from '../schema/types';

/** An item with nothing left to guess: its food, mass, cut and temperature. */
export interface PlannedItem {
  readonly id: string;
  /** Key of the table, or the name in this kitchen. */
  readonly said: string;
  readonly food: Food;
  readonly massG: number;
  /** As bought, before it was readied; what bones give is counted on this. */
  readonly boughtG: number;
  /** Item whose bones these are; null for all else. */
  readonly from: string | null;
  readonly cut: Cut | null;
  readonly startC: number;
  readonly soakedH: number;
  readonly old: boolean;
  /** Need in this kitchen, as a factor of the table; missing where nothing is learned. */
  readonly need?: number;
  /** Never in the pot: joined in the bowl. */
  readonly apart: boolean;
  readonly for: 'eat' | 'flavour';
  /** The grades that are right; null for what has none. */
  readonly wish: Span | null;
  /** Index of the step at whose start it goes in. */
  readonly entersAt: number;
  /** Index of the step at whose start it is taken out; the number of steps when it stays. */
  readonly leavesAt: number;
  /** Leaves as broth, poured off for the table. */
  readonly poured: boolean;
  /** Gelatine that it brings along, g. */
  readonly gelatineG: number;
}

export type PlannedStep =
  | (Exclude<Step, PressureStep> & { readonly minutes: number })
  | (PressureStep & { readonly gaugeKPa: number; readonly release: Release });

/** A batch ready for the models. */
export interface Plan {
  readonly batch: Batch;
  readonly items: readonly PlannedItem[];
  readonly steps: readonly PlannedStep[];
  /** Strainings that pour the broth off and leave the bones, in order. */
  readonly pours: readonly number[];
}

/** Temperatures of the fridge and the freezer, C (common practice). */
export const FRIDGE_C = 5;
export const FROZEN_C = -18;

/** Minutes a step takes when the batch does not say. */
export function usualMinutes(kind: PlainKind): number {
  return STEPS[kind].minutes;
}

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
    return { ...step, minutes: step.minutes ?? usualMinutes(step.kind) };
  const setting = pot.settings.find((s) => s.name === step.setting) ?? pot.settings[0];
  if (!setting) throw new RangeError(`${pot.name} has no pressure setting`);
  return { ...step, gaugeKPa: setting.gaugeKPa, release: step.release ?? { method: 'natural' } };
}

/** Bones that nobody eats; feet, ears and skin are eaten. */
const isBare = ({ group, family }: Food): boolean => group === 'bones' && family === null;

/** Items that are spent: bones, what is fished out, what flavours a stock; or as the cook says. */
function usedFor(item: Item, food: Food, batch: Batch): 'eat' | 'flavour' {
  if (item.for) return item.for;
  if (food.fishOut || isBare(food)) return 'flavour';
  const flavours =
    food.group === 'vegetable' ||
    food.group === 'leaf' ||
    food.group === 'fish' ||
    food.group === 'bones';
  return isStock(batch) && flavours ? 'flavour' : 'eat';
}

/** Items that a sieve keeps back: flavourings; of a stock or broth everything solid. */
function strainsOut(item: Item, food: Food, batch: Batch): boolean {
  if (isStock(batch) && food.shape !== null) return true;
  return isBare(food) || food.fishOut === true || item.for === 'flavour';
}

interface Frame {
  readonly batch: Batch;
  readonly kitchen: Kitchen;
  readonly steps: readonly Step[];
  readonly pours: readonly number[];
}

/** When an item is out of the pot again, and whether as broth. */
function outAt(item: Item, food: Food, entersAt: number, { batch, steps, pours }: Frame) {
  const index = indexOfStep(steps, item.leaves, -1);
  const asked = index < 0 ? steps.length : Math.max(entersAt, index);
  const pour = pours.find((p) => p > entersAt) ?? steps.length;
  if (food.shape === null && food.fishOut !== true)
    return { leavesAt: Math.min(asked, pour), poured: pour < steps.length && pour <= asked };
  const bone = food.group === 'bones' || item.from !== undefined;
  const strained = steps.findIndex(
    (s, i) => i > entersAt && s.kind === 'strain' && !(bone && pours.includes(i)),
  );
  const sieved = strained > 0 && (pours.includes(strained) || strainsOut(item, food, batch));
  return { leavesAt: index < 0 && sieved ? strained : asked, poured: false };
}

function planItem(item: Item, frame: Frame): PlannedItem {
  const { batch, kitchen, steps } = frame;
  const bought = foodOf(item);
  if (!bought) throw new RangeError(`no food called ${item.food}`);
  const boughtG = amountGrams(bought, item.amount);
  if (boughtG === null)
    throw new RangeError(`${bought.name} has no measure in ${item.amount.unit}`);
  const given = asGiven(kitchen, bought);
  const { food, share } =
    given.group === 'bones' && item.from === undefined
      ? readied(given, READIED[batch.bones ?? 'raw'])
      : { food: given, share: 1 };
  const apart = item.apart ?? false;
  const entersAt = apart ? steps.length : indexOfStep(steps, item.enters, 0);
  const lastLid = steps.findLastIndex((s) => s.kind === 'pressure');
  const { family } = food;
  const manner = {
    whole: item.cut === undefined || item.cut === null || item.cut.shape === 'whole',
    late: !apart && lastLid >= 0 && entersAt > lastLid,
    dish: dishKind(batch),
  };
  const learned = learnedNeed(kitchen, food, item.old ?? false);
  return {
    id: item.id,
    said: item.own?.name ?? item.food,
    food,
    massG: boughtG * share,
    boughtG,
    from: item.from ?? null,
    cut: item.cut ?? usualCut(food, item.amount),
    startC: item.startC ?? (food.kept === 'fridge' ? FRIDGE_C : kitchen.ambientC),
    soakedH: item.soakedH ?? 0,
    old: item.old ?? false,
    ...(learned && { need: Math.exp(learned.need) }),
    apart,
    for: usedFor(item, food, batch),
    wish:
      family &&
      ((item.wish && spanOf(family, item.wish)) ||
        asLiked(family, usualSpan(food, family, manner, kitchen.habits), learned?.shift)),
    entersAt,
    gelatineG: ((item.broth?.gPerL ?? 0) * boughtG) / 1000,
    ...outAt(item, food, entersAt, frame),
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
  const pours = poursOf(batch, steps);
  const frame: Frame = { batch, kitchen, steps, pours };
  return {
    batch,
    items: batch.items.map((item) => planItem(item, frame)),
    steps: steps.map((step) => planStep(step, pot)),
    pours,
  };
}

/** The pot a batch is for: its own, or the first. @throws RangeError without a pot */
export function potOf(batch: Batch, pots: readonly Pot[]): Pot {
  const pot = pots.find((p) => p.id === batch.potId) ?? pots[0];
  if (!pot) throw new RangeError('no pot in the kitchen');
  return pot;
}
