/**
 * Batches as cooks make them: sixteen that turn out well, eight that do not. Ours, invented after
 * common practice; different dishes, pots and altitudes. What a cook calls right the app must call
 * right, and the other way round.
 */
import type { Batch, BatchKind, Cut, Item, Kitchen, Pot, Release, Step } from '../batch/schema';
import type { FindingCode } from '../assess';
import { item, KITCHEN, POT, SEA_LEVEL } from './kitchen';

export const BIG: Pot = {
  ...POT,
  id: 'big',
  name: 'Big',
  capacityL: 7.6,
  innerDiameterCm: 24,
  powerW: 1200,
};
export const LARGE: Pot = {
  ...BIG,
  id: 'large',
  name: 'Large',
  capacityL: 9.5,
  innerDiameterCm: 26,
};
const HOB: Pot = {
  ...POT,
  id: 'hob',
  name: 'Hob cooker',
  kind: 'stovetop',
  capacityL: 8,
  innerDiameterCm: 24,
  powerW: 2000,
  settings: [{ name: 'high', gaugeKPa: 103 }],
};
const PLATEAU: Kitchen = { altitudeM: 1800, ambientC: 18, units: 'us' };

export const N: Release = { method: 'natural' };
export const Q: Release = { method: 'quick' };
export const T = (afterMin: number): Release => ({ method: 'timed', afterMin });
export const cube = (mm: number): { cut: Cut } => ({ cut: { shape: 'cube', mm } });
export const slice = (mm: number): { cut: Cut } => ({ cut: { shape: 'slice', mm } });
export const hold = (id: string, holdMin: number, release: Release): Step => ({
  id,
  kind: 'pressure',
  holdMin,
  release,
});
export const simmer = (id: string, minutes: number): Step => ({ id, kind: 'simmer', minutes });
export const brown: Step = { id: 'brown', kind: 'saute', minutes: 10 };
/** Foods that go in once the browning is over. */
export const then = (items: readonly Item[], from: string): Item[] =>
  items.map((i) => ({ ...i, stays: i.stays ?? [{ from }] }));

export interface Cooked {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
}

export function cooked(
  name: string,
  items: readonly Item[],
  steps: readonly Step[],
  {
    pot = POT,
    kitchen = KITCHEN,
    kind = 'soup',
  }: {
    readonly pot?: Pot;
    readonly kitchen?: Kitchen;
    readonly kind?: BatchKind;
  } = {},
): Cooked {
  const id = name.toLowerCase().replace(/\W+/g, '-');
  return { batch: { id, name, kind, servings: 6, items, steps }, pot, kitchen };
}

/** Sixteen batches that a cook would call good. */
export const GOOD: readonly Cooked[] = [
  cooked(
    'Chicken soup to pull, all vegetables in at the start',
    [
      item('w', 'water', 1.6, 'l'),
      item('b', 'chicken-breast', 2, 'piece'),
      item('c', 'carrot', 3, 'piece', slice(10)),
      item('y', 'celery', 3, 'piece', slice(10)),
      item('o', 'onion', 1, 'piece', cube(10)),
      item('l', 'bay-leaf', 2, 'piece'),
    ],
    [hold('s1', 15, T(15))],
  ),
  cooked(
    'Chicken noodle soup, noodles in the open pot',
    [
      item('w', 'water', 1.8, 'l'),
      item('t', 'chicken-thigh', 700, 'g'),
      item('c', 'carrot', 3, 'piece', slice(10)),
      item('y', 'celery', 2, 'piece', slice(10)),
      item('n', 'egg-noodles', 150, 'g', { stays: [{ from: 's2' }] }),
      item('p', 'parsley', 20, 'g', { stays: [{ from: 's2' }] }),
    ],
    [hold('s1', 12, T(10)), simmer('s2', 6)],
    { kitchen: SEA_LEVEL },
  ),
  cooked(
    'Minestrone with ditalini under the second lid',
    [
      item('w', 'water', 1.5, 'l'),
      item('b', 'borlotti', 200, 'g', { soakedH: 8 }),
      item('o', 'onion', 1, 'piece', cube(10)),
      item('c', 'carrot', 2, 'piece', cube(15)),
      item('y', 'celery', 2, 'piece', slice(10)),
      item('t', 'canned-tomatoes', 1, 'can'),
      item('d', 'ditalini', 100, 'g', { stays: [{ from: 's2' }] }),
      item('k', 'cavolo-nero', 100, 'g', { stays: [{ from: 's4' }] }),
    ],
    [hold('s1', 11, N), { id: 's2', kind: 'open', minutes: 3 }, hold('s3', 4, Q), simmer('s4', 4)],
    { pot: BIG },
  ),
  cooked(
    'Split peas with smoked turkey wing',
    [
      item('w', 'water', 1.7, 'l'),
      item('p', 'split-peas', 350, 'g'),
      item('t', 'smoked-turkey-wing', 1, 'piece'),
      item('o', 'onion', 1, 'piece', cube(10)),
      item('c', 'carrot', 2, 'piece', slice(12)),
    ],
    [hold('s1', 25, N)],
    { pot: BIG },
  ),
  cooked(
    'Navy bean soup with a ham hock, carrots spent and fresh ones late',
    [
      item('w', 'water', 1.9, 'l'),
      item('b', 'navy-beans', 350, 'g'),
      item('h', 'ham-hock', 1, 'piece'),
      item('o', 'onion', 1, 'piece', cube(10)),
      item('c', 'carrot', 2, 'piece', { ...slice(12), for: 'flavour' }),
      item('y', 'celery', 2, 'piece', { ...slice(12), for: 'flavour' }),
      item('d', 'carrot', 2, 'piece', { ...slice(4), stays: [{ from: 's2' }] }),
    ],
    [hold('s1', 45, N), simmer('s2', 8)],
    { pot: LARGE },
  ),
  cooked(
    'Beef stew in its own juice and a cup of broth',
    [
      item('m', 'beef-stewing', 1, 'kg', { ...cube(35), stays: [{ from: 'brown' }] }),
      ...then(
        [
          item('w', 'broth', 300, 'ml'),
          item('o', 'onion', 2, 'piece', cube(15)),
          item('p', 'potato', 600, 'g', cube(40)),
          item('c', 'carrot', 4, 'piece', cube(30)),
        ],
        's1',
      ),
    ],
    [brown, hold('s1', 28, T(10))],
  ),
  cooked(
    'Chili of canned beans and tomatoes with hardly any broth',
    [
      item('m', 'minced-beef', 600, 'g', { stays: [{ from: 'brown' }] }),
      ...then(
        [
          item('o', 'onion', 2, 'piece', cube(10)),
          item('q', 'bell-pepper', 2, 'piece', cube(12)),
          item('b', 'canned-beans', 2, 'can'),
          item('t', 'canned-tomatoes', 2, 'can'),
          item('s', 'chili-powder', 2, 'tbsp'),
          item('w', 'broth', 150, 'ml'),
        ],
        's1',
      ),
    ],
    [brown, hold('s1', 12, T(10))],
    { kind: 'chili' },
  ),
  cooked(
    'Borlotti and venison chili, beans creamy',
    [
      item('w', 'water', 900, 'ml'),
      item('v', 'venison-stewing', 700, 'g', cube(30)),
      item('b', 'borlotti', 250, 'g', { soakedH: 8 }),
      item('o', 'onion', 2, 'piece', cube(10)),
      item('t', 'canned-tomatoes', 1, 'can'),
      item('q', 'bell-pepper', 1, 'piece', cube(12)),
    ],
    [hold('s1', 26, N)],
    { kind: 'chili', pot: BIG },
  ),
  cooked(
    'Raw chicken with juicy vegetables, dry start',
    [
      item('t', 'tomato', 500, 'g', cube(30)),
      item('o', 'onion', 2, 'piece', slice(8)),
      item('c', 'chicken-thigh', 800, 'g'),
      item('p', 'potato', 300, 'g', cube(35)),
    ],
    [hold('s1', 12, T(10))],
    { kitchen: SEA_LEVEL },
  ),
  cooked(
    'Turkey frame stock with spent vegetables',
    [
      item('f', 'turkey-frame', 1.2, 'kg'),
      item('w', 'water', 2.2, 'l'),
      item('o', 'onion', 1, 'piece'),
      item('c', 'carrot', 2, 'piece'),
      item('y', 'celery', 2, 'piece'),
      item('l', 'bay-leaf', 1, 'piece'),
    ],
    [hold('s1', 90, N), { id: 's2', kind: 'strain', minutes: 5 }],
    { kind: 'stock', pot: BIG },
  ),
  cooked(
    'Beef knuckle bone broth in two runs',
    [
      item('k', 'beef-knuckle', 1.6, 'kg'),
      item('w', 'water', 2.2, 'l'),
      item('o', 'onion', 1, 'piece', { cut: { shape: 'whole', mm: 70 } }),
      item('v', 'vinegar', 1, 'tbsp'),
      item('x', 'water', 2, 'l', { stays: [{ from: 's3' }] }),
    ],
    [
      hold('s1', 150, N),
      { id: 's2', kind: 'strain', minutes: 5 },
      hold('s3', 120, N),
      { id: 's4', kind: 'strain', minutes: 5 },
    ],
    { kind: 'broth', pot: LARGE },
  ),
  cooked(
    'Fish-frame fumet with fennel',
    [
      item('f', 'fish-frame', 800, 'g'),
      item('e', 'fennel', 1, 'piece', slice(10)),
      item('l', 'leek', 1, 'piece', slice(15)),
      item('i', 'wine', 150, 'ml'),
      item('w', 'water', 1.8, 'l'),
    ],
    [hold('s1', 15, T(10)), { id: 's2', kind: 'strain', minutes: 5 }],
    { kind: 'stock' },
  ),
  cooked(
    'Red lentil and carrot, on the hob, quick release',
    [
      item('w', 'water', 1.5, 'l'),
      item('r', 'red-lentils', 300, 'g'),
      item('c', 'carrot', 3, 'piece', slice(8)),
      item('o', 'onion', 1, 'piece', cube(8)),
      item('g', 'garlic', 3, 'piece', slice(2)),
    ],
    [hold('s1', 6, T(10))],
    { pot: HOB },
  ),
  cooked(
    'Lamb neck with barley, leek at the end, up the hill',
    [
      item('w', 'water', 1.6, 'l'),
      item('n', 'lamb-neck', 900, 'g', cube(40)),
      item('b', 'pearl-barley', 120, 'g'),
      item('c', 'carrot', 2, 'piece', cube(25)),
      item('l', 'leek', 2, 'piece', { ...slice(15), stays: [{ from: 's2' }] }),
    ],
    [hold('s1', 38, N), simmer('s2', 8)],
    { pot: BIG, kitchen: PLATEAU },
  ),
  cooked(
    'Squash soup, blended',
    [
      item('w', 'water', 1.1, 'l'),
      item('s', 'butternut-squash', 1, 'kg', cube(25)),
      item('o', 'onion', 1, 'piece', cube(10)),
      item('a', 'potato', 1, 'piece', cube(20)),
      item('k', 'cream', 100, 'ml', { stays: [{ from: 's2' }] }),
    ],
    [hold('s1', 12, Q), { id: 's2', kind: 'simmer', minutes: 2 }],
    { kitchen: PLATEAU },
  ),
  cooked(
    'Whole chicken for meat and broth, noodles apart',
    [
      item('b', 'whole-chicken', 1.5, 'kg', { stays: [{ to: 's2' }] }),
      item('w', 'water', 2.2, 'l'),
      item('c', 'carrot', 2, 'piece', { for: 'flavour' }),
      item('y', 'celery', 2, 'piece', { for: 'flavour' }),
      item('n', 'egg-noodles', 250, 'g', { apart: true }),
      item('p', 'parsley', 20, 'g', { stays: [{ from: 's3' }] }),
    ],
    [hold('s1', 30, N), { id: 's2', kind: 'open', minutes: 5 }, simmer('s3', 3)],
    { pot: BIG },
  ),
];

export interface Spoiled extends Cooked {
  /** Any of these catches it. */
  readonly caught: readonly FindingCode[];
}

/** Eight batches that a cook would regret. */
export const BAD: readonly Spoiled[] = [
  {
    ...cooked(
      'Split peas above half, valve opened at once',
      [item('w', 'water', 2.6, 'l'), item('p', 'split-peas', 600, 'g')],
      [hold('s1', 12, Q)],
    ),
    caught: ['spray-risk'],
  },
  {
    ...cooked(
      'Browned meat and potatoes without a drop',
      [
        item('m', 'beef-stewing', 900, 'g', { ...cube(35), stays: [{ from: 'brown' }] }),
        ...then([item('p', 'potato', 500, 'g', cube(30))], 's1'),
      ],
      [brown, hold('s1', 25, N)],
    ),
    caught: ['too-little-liquid', 'scorch-risk'],
  },
  {
    ...cooked(
      'Raw kidney beans warmed on low',
      [item('w', 'water', 1.8, 'l'), item('k', 'kidney-beans', 300, 'g', { soakedH: 8 })],
      [simmer('s1', 10)],
      { kind: 'chili' },
    ),
    caught: ['kidney-bean-toxin'],
  },
  {
    ...cooked(
      'Cream under pressure',
      [
        item('w', 'broth', 1.2, 'l'),
        item('p', 'potato', 700, 'g', cube(25)),
        item('k', 'cream', 300, 'ml'),
      ],
      [hold('s1', 6, T(10))],
    ),
    caught: ['dairy-under-pressure'],
  },
  {
    ...cooked(
      'Frozen chicken pieces in a hurry',
      [
        item('w', 'water', 1, 'l', { startC: 90 }),
        item('c', 'chicken-breast', 900, 'g', { startC: -18, cut: { shape: 'whole', mm: 45 } }),
      ],
      [hold('s1', 3, Q)],
    ),
    caught: ['poultry-not-safe'],
  },
  {
    ...cooked(
      'Noodles left to a natural release',
      [
        item('w', 'water', 1.6, 'l'),
        item('t', 'chicken-thigh', 500, 'g'),
        item('n', 'egg-noodles', 200, 'g'),
      ],
      [hold('s1', 12, N)],
    ),
    caught: ['overcooked'],
  },
  {
    ...cooked(
      'Barley doubled by simple sums',
      [
        item('w', 'water', 2.3, 'l'),
        item('b', 'pearl-barley', 500, 'g'),
        item('n', 'lamb-neck', 600, 'g', cube(40)),
      ],
      [hold('s1', 35, N)],
    ),
    caught: ['over-foam-line'],
  },
  {
    ...cooked(
      'Tomato paste on the bottom',
      [
        item('t', 'tomato-paste', 250, 'g'),
        item('m', 'minced-beef', 600, 'g'),
        item('b', 'canned-beans', 2, 'can'),
        item('w', 'water', 250, 'ml'),
      ],
      [hold('s1', 15, N)],
      { kind: 'chili' },
    ),
    caught: ['scorch-risk'],
  },
];
