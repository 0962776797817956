import { amountGrams, KG_PER_L, spanOf, usualSpan, type Food, type Span } from '../../food';
import { isStock } from './kind';
import { asGiven, asLiked, learnedNeed } from './learned';
import { dishKind } from './dish';
import { foodOf } from './named';
import { poursOf } from './pours';
import { spansOf, type Stretch } from './stays';
import { dried, READIED, readied } from './ready';
import { usualCut } from './usualCut';
import { handlingOf, STEPS, waterLost, type PlainKind, type Release } from '../../vocabulary';
import type { Batch, Cut, Done, Item, Kitchen, Pot, PressureStep, Step } from '../schema/types';

/** A stay in the pot by the indexes of its steps. */
export interface PlannedStay {
  readonly from: number;
  readonly to: number;
  /** Handling of the food before it goes in. */
  readonly done: readonly Done[];
  /** Share of it that goes in then: less than 1 where meat was picked off its bones. */
  readonly keeps: number;
}

/** An item with nothing left to guess: its food, mass, cut and temperature. */
export interface PlannedItem {
  readonly id: string;
  /** Key of the table, or the name in this kitchen. */
  readonly said: string;
  readonly food: Food;
  readonly massG: number;
  /** Mass as bought, before preparation; the yield of bones is counted on it. */
  readonly boughtG: number;
  /** Item whose bones these are; null for all else. */
  readonly from: string | null;
  readonly cut: Cut | null;
  readonly startC: number;
  readonly soakedH: number;
  readonly old: boolean;
  /** Need in this kitchen, as a factor of the table; missing where nothing is learned. */
  readonly need?: number;
  /** Tied in a bag, or left whole to be lifted out. */
  readonly bag: boolean;
  /** Never in the pot: joined in the bowl. */
  readonly apart: boolean;
  readonly for: 'eat' | 'flavour';
  /** The right grades; null for a food without grades. */
  readonly wish: Span | null;
  /** In order, without a gap of nothing between; none where it is apart. */
  readonly stays: readonly PlannedStay[];
  /** Index of the step at whose start it first goes in. */
  readonly entersAt: number;
  /** Index of the step at whose start it is out for good; the number of steps when it stays. */
  readonly leavesAt: number;
  /** Index of the step from which on it is blended into the liquid; null where it never is. */
  readonly blendedAt: number | null;
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

/** The pressure step proposed for a batch without steps. */
export const PROPOSED_STEPS: readonly Step[] = [
  { id: 's1', kind: 'pressure', holdMin: 15, release: { method: 'timed', afterMin: 10 } },
];

/**
 * The steps of a batch, or the proposed ones if it has none.
 *
 * @example stepsOf(batch).length // 2
 */
export function stepsOf(batch: Batch): readonly Step[] {
  return batch.steps && batch.steps.length > 0 ? batch.steps : PROPOSED_STEPS;
}

/** Share of a pot's bottom that pieces cover without steaming each other (common practice: leave gaps). */
const LAID = 0.7;
/** A piece is browned on two sides. */
const SIDES = 2;
/** Larger pieces are turned one by one, mm. */
const LARGE_MM = 90;

/** How many times the bottom is laid with what goes in to be browned. */
function loadsOf(items: readonly PlannedItem[], at: number, pot: Pot): number {
  const bottomM2 = (Math.PI / 4) * (pot.innerDiameterCm / 100) ** 2 * LAID;
  const areaM2 = items
    .filter(({ food, stays }) => food.shape !== null && stays[0]?.from === at)
    .reduce((sum, { massG, cut, food }) => {
      const mm = cut?.mm ?? food.shape?.mm ?? LARGE_MM;
      return sum + massG / 1000 / KG_PER_L / Math.min(LARGE_MM, mm);
    }, 0);
  return Math.max(1, Math.ceil(areaM2 / bottomM2 - 0.1));
}

function planStep(step: Step, pot: Pot, items: readonly PlannedItem[], at: number): PlannedStep {
  if (step.kind === 'saute' && step.sideMin !== undefined)
    return { ...step, minutes: loadsOf(items, at, pot) * SIDES * step.sideMin };
  if (step.kind !== 'pressure')
    return { ...step, minutes: step.minutes ?? usualMinutes(step.kind) };
  const setting = pot.settings.find((s) => s.name === step.setting) ?? pot.settings[0];
  if (!setting) throw new RangeError(`${pot.name} has no pressure setting`);
  return { ...step, gaugeKPa: setting.gaugeKPa, release: step.release ?? { method: 'natural' } };
}

/** Bones that are not eaten; feet, ears and skin are. */
const isBare = ({ group, family }: Food): boolean => group === 'bones' && family === null;

/** Items that are spent: bones, what is fished out, what flavours a stock; or as the cook says. */
function usedFor(item: Item, food: Food, batch: Batch): 'eat' | 'flavour' {
  if (item.for) return item.for;
  if (item.bag || food.fishOut || isBare(food)) return 'flavour';
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

/** When the last stay of an item is over, and whether it leaves as broth. */
function outAt(item: Item, food: Food, last: Stretch, { batch, steps, pours }: Frame) {
  const entersAt = last.from;
  const asked = last.to ?? steps.length;
  const pour = pours.find((p) => p > entersAt) ?? steps.length;
  if (food.shape === null && food.fishOut !== true)
    return { leavesAt: Math.min(asked, pour), poured: pour < steps.length && pour <= asked };
  const bone = food.group === 'bones' || item.from !== undefined;
  const strained = steps.findIndex(
    (s, i) => i > entersAt && s.kind === 'strain' && !(bone && pours.includes(i)),
  );
  const sieved = strained > 0 && (pours.includes(strained) || strainsOut(item, food, batch));
  return { leavesAt: last.to === null && sieved ? strained : asked, poured: false };
}

/** Skin that is picked off with the bones of a bird, share of its weight (assumed; USDA refuse is 0.1 to 0.13). */
const SKIN_SHARE = 0.1;

/** Share of a food that is left when its meat is picked. */
function pickedShare({ picked, group }: Food): number {
  return picked ? 1 - picked.share - (group === 'poultry' ? SKIN_SHARE : 0) : 1;
}

/** Stays of an item in the pot, its last one to the step at which it is out. */
function staysIn(item: Item, food: Food, spans: readonly Stretch[], frame: Frame) {
  // A food that becomes liquid cannot be lifted out again: it has one stay.
  const liquid = food.shape === null && food.fishOut !== true;
  const [first] = spans;
  const last = spans.at(-1);
  if (!first || !last) throw new RangeError(`${item.id} has no stay`);
  const { leavesAt, poured } = outAt(
    item,
    food,
    liquid ? { ...last, from: first.from } : last,
    frame,
  );
  const whole = liquid ? [{ ...first, to: leavesAt }] : spans;
  const stays = whole.map(({ from, to, done }, i): PlannedStay => ({
    from,
    to: i === whole.length - 1 ? leavesAt : (to ?? leavesAt),
    done,
    keeps: done.some(({ how }) => how === 'picked') ? pickedShare(food) : 1,
  }));
  const blended = liquid
    ? undefined
    : stays.find(({ done }) => done.some(({ how }) => how === 'blended'));
  return { stays, leavesAt, poured, blendedAt: blended?.from ?? null };
}

/** Share of its mass that is left of it after other vessels, before it first goes in. */
const leftBefore = ([first]: readonly Stretch[]): number =>
  (first?.done ?? []).reduce(
    (left, { how, minutes }) => left * (1 - waterLost(how, minutes ?? handlingOf(how).minutes)),
    1,
  );

function planItem(item: Item, frame: Frame): PlannedItem {
  const { batch, kitchen, steps } = frame;
  const bought = foodOf(item);
  if (!bought) throw new RangeError(`no food called ${item.food}`);
  const boughtG = amountGrams(bought, item.amount);
  if (boughtG === null)
    throw new RangeError(`${bought.name} has no measure in ${item.amount.unit}`);
  const given = asGiven(kitchen, bought);
  const apart = item.apart ?? false;
  const spans = spansOf(item, steps);
  const leftShare = apart ? 1 : leftBefore(spans);
  const { food, share } =
    given.group === 'bones' && item.from === undefined
      ? readied(given, READIED[batch.bones ?? 'raw'])
      : leftShare < 1
        ? dried(given, 1 - leftShare)
        : { food: given, share: 1 };
  const inPot = apart
    ? { stays: [], leavesAt: steps.length, poured: false, blendedAt: null }
    : staysIn(item, food, spans, frame);
  const entersAt = inPot.stays[0]?.from ?? steps.length;
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
    bag: item.bag ?? false,
    for: usedFor(item, food, batch),
    wish:
      family &&
      ((item.wish && spanOf(family, item.wish)) ||
        asLiked(family, usualSpan(food, family, manner, kitchen.habits), learned?.shift)),
    entersAt,
    gelatineG: ((item.broth?.gPerL ?? 0) * boughtG) / 1000,
    ...inPot,
  };
}

/**
 * Fills in everything a batch leaves open.
 *
 * @param batch valid (see validateBundle)
 * @throws RangeError for a food or a measure that is not in the table
 * @example planBatch(batch, pot, kitchen).items.length // 8
 */
export function planBatch(batch: Batch, pot: Pot, kitchen: Kitchen): Plan {
  const steps = stepsOf(batch);
  const pours = poursOf(batch, steps);
  const frame: Frame = { batch, kitchen, steps, pours };
  const items = batch.items.map((item) => planItem(item, frame));
  return { batch, items, steps: steps.map((step, i) => planStep(step, pot, items, i)), pours };
}

/**
 * The pot a batch is for: its own, or the first.
 *
 * @throws RangeError without a pot
 * @example potOf(batch, pots).name // "Big enamel"
 */
export function potOf(batch: Batch, pots: readonly Pot[]): Pot {
  const pot = pots.find((p) => p.id === batch.potId) ?? pots[0];
  if (!pot) throw new RangeError('no pot in the kitchen');
  return pot;
}
