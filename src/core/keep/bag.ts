/** The bag in the freezer: what stock it is enough for. */
import { gelatineAlong, SET_FROM, strongAlong } from '../bones';
import { foodOf, FROZEN_C, newBatch } from '../batch/plan';
import type { BagItem, Batch, Pot, SetState } from '../batch/schema';
import { amountGrams } from '../food';

/** One run of stock from a bag: at pressure, so long and so hot. */
const RUN_MIN = 90;
const RUN_C = 116;
/** Over the least that sets so: what a shop sells differs. */
const MARGIN = 1.25;
/** Broth that stays in bones, cloth and pot, and goes as steam, share of the water (common practice). */
const LOST = 0.08;
/** Anything but bones is for flavour, and takes water of its own where there are no bones: litres a kg of it. */
const L_PER_KG = 2;

export interface BagWorth {
  readonly massG: number;
  /** That still sets after one run, g. */
  readonly gelatineG: number;
  /** Broth of the set that is wanted, L; by weight where there are no bones. */
  readonly litres: number;
  /** When the oldest of it was put in, ms; null for an empty bag. */
  readonly oldest: number | null;
}

const massOf = (item: BagItem): number => {
  const food = foodOf(item);
  return food ? (amountGrams(food, item.amount) ?? 0) : 0;
};

/** Gelatine of one run that still sets, g. */
function givenBy(item: BagItem): number {
  const extract = foodOf(item)?.extract;
  if (!extract) return 0;
  const s = Array.from({ length: RUN_MIN + 1 }, (_, i) => 60 * i);
  const hot = s.map(() => RUN_C);
  const along = gelatineAlong({ massKg: massOf(item) / 1000, extract, givenG: 0 }, s, hot);
  return strongAlong(s, hot, along).at(-1) ?? 0;
}

/** Stock that a bag is enough for. */
export function bagWorth(bag: readonly BagItem[], set: SetState): BagWorth {
  const gelatineG = bag.reduce((sum, item) => sum + givenBy(item), 0);
  const massG = bag.reduce((sum, item) => sum + massOf(item), 0);
  const wanted = SET_FROM[set] * MARGIN;
  return {
    massG,
    gelatineG,
    litres: gelatineG > 1 && wanted > 0 ? gelatineG / wanted : (L_PER_KG * massG) / 1000,
    oldest: bag.length > 0 ? Math.min(...bag.map((item) => Date.parse(item.at))) : null,
  };
}

/**
 * A batch of what is in the bag, with the water for the set that is wanted, and no more than the pot takes.
 *
 * @param id of the batch
 */
export function stockOf(id: string, bag: readonly BagItem[], set: SetState, pot: Pot): Batch {
  const { litres, massG } = bagWorth(bag, set);
  const roomL = Math.max(pot.minLiquidL, pot.maxFill * pot.capacityL - massG / 1000);
  const water = Math.round(10 * Math.min(roomL, litres / (1 - LOST))) / 10;
  const made = newBatch(id, pot);
  return {
    ...made,
    name: 'Stock of the bag',
    kind: 'stock',
    aim: { set },
    items: [
      ...bag.map((item, i) => ({
        id: `i${i + 1}`,
        food: item.food,
        ...(item.own && { own: item.own }),
        amount: item.amount,
        startC: FROZEN_C,
      })),
      {
        id: `i${bag.length + 1}`,
        food: 'water',
        amount: { value: Math.max(0.1, water), unit: 'l' },
      },
    ],
    steps: [
      {
        id: 's1',
        kind: 'pressure',
        ...(pot.settings[0] && { setting: pot.settings[0].name }),
        holdMin: RUN_MIN,
        release: { method: 'natural' },
      },
      { id: 's2', kind: 'strain' },
    ],
  };
}
