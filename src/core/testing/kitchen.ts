/** A small household for tests. */
import { validateBundle, type Problem } from '../batch/household';
import {
  type Batch,
  type Item,
  type Kitchen,
  type Pot,
  type Step,
  type Bundle,
  VERSION,
} from '../batch/schema';
import type { Amount } from '../quantity';

export const KITCHEN: Kitchen = { altitudeM: 1150, ambientC: 20, units: 'metric' };
export const SEA_LEVEL: Kitchen = { altitudeM: 0, ambientC: 20, units: 'metric' };

export const POT: Pot = {
  id: 'p1',
  name: 'Big enamel',
  kind: 'electric',
  capacityL: 5.7,
  innerDiameterCm: 22,
  maxFill: 0.667,
  foamFill: 0.5,
  minLiquidL: 0.25,
  powerW: 1000,
  settings: [
    { name: 'high', gaugeKPa: 80 },
    { name: 'low', gaugeKPa: 40 },
  ],
};

/** A cooker on a flame, with a weighted regulator. */
export const STOVETOP: Pot = {
  ...POT,
  id: 'p2',
  name: 'Hob cooker',
  kind: 'stovetop',
  capacityL: 8,
};

export function item(
  id: string,
  food: string,
  value: number,
  unit: Amount['unit'],
  more: Partial<Item> = {},
): Item {
  return { id, food, amount: { value, unit }, ...more };
}

export function batchOf(
  items: readonly Item[],
  steps?: readonly Step[],
  more: Partial<Batch> = {},
): Batch {
  return { id: 'b1', name: 'Test batch', potId: 'p1', items, ...(steps && { steps }), ...more };
}

export function pressure(
  holdMin: number,
  release: Extract<Step, { kind: 'pressure' }>['release'] = { method: 'natural' },
): Step {
  return { id: 's1', kind: 'pressure', setting: 'high', holdMin, release };
}

/** Lamb neck with barley and leek: eight items, two steps, about two hours in all. */
export const REFERENCE: Batch = batchOf(
  [
    item('i1', 'lamb-neck', 900, 'g', { cut: { shape: 'cube', mm: 40 } }),
    item('i2', 'pearl-barley', 120, 'g'),
    item('i3', 'onion', 2, 'piece', { cut: { shape: 'cube', mm: 10 } }),
    item('i4', 'carrot', 3, 'piece', { cut: { shape: 'cube', mm: 30 }, stays: [{ from: 's2' }] }),
    item('i5', 'leek', 2, 'piece', { cut: { shape: 'slice', mm: 15 }, stays: [{ from: 's2' }] }),
    item('i6', 'bay-leaf', 2, 'piece'),
    item('i7', 'salt', 2, 'tsp'),
    item('i8', 'water', 1.4, 'l'),
  ],
  [pressure(60), { id: 's2', kind: 'simmer', minutes: 15 }],
  { servings: 6, kind: 'soup' },
);

/** A household with one pot and one batch. */
export const HOUSEHOLD: Bundle = {
  format: 'retort',
  version: VERSION,
  kitchen: KITCHEN,
  pots: [POT],
  batches: [REFERENCE],
  cooks: [],
  jars: [],
  bag: [],
  foods: [],
};

/** Reason to refuse a file with this batch; null for none. */
export function problemsWith(batch: Batch, pot: Pot = POT): readonly Problem[] {
  const checked = validateBundle({
    format: 'retort',
    version: 1,
    kitchen: KITCHEN,
    pots: [pot],
    batches: [batch],
  });
  return checked.ok ? [] : checked.problems;
}
