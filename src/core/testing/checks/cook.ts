import { assess } from '../../assess';
import { planBatch } from '../../batch/plan';
import { cookValues, USUAL_Z } from '../../doneness';
import { contents, partOf } from '../../fill';
import { slurryFor } from '../../finish';
import { foodByKey } from '../../food';
import { steamFlow, swollenLevel, USUAL_VALVE, voidFraction } from '../../release';
import { liquidDensity } from '../../water';
import { batchOf, item, KITCHEN, POT, pressure, SEA_LEVEL } from '../kitchen';
import type { CheckGroup } from './check';

const practice = (source: string) => ({ source, mark: 'common practice' as const });

/** Heap of a food in plenty of water, cooked over dry. */
function swelling(key: string): number {
  const parts = planBatch(
    batchOf([item('a', key, 200, 'g'), item('w', 'water', 2, 'l')]),
    POT,
    KITCHEN,
  ).items.map(partOf);
  const heap = (progress: number): number => contents(parts, () => progress, 20).heapL;
  return heap(1) / heap(0);
}

const SWELLS: readonly (readonly [string, readonly [number, number]])[] = [
  ['black-beans', [2.2, 2.5]],
  ['chickpeas', [2.2, 2.5]],
  ['white-rice', [2.7, 3.3]],
  ['pearl-barley', [3.2, 3.8]],
  ['ditalini', [2, 2.3]],
];

export const FILL: CheckGroup = {
  name: 'Fill',
  checks: () => [
    ...SWELLS.map(([key, wanted]) => ({
      ...practice('trade: volume cooked over dry'),
      what: `swelling of ${foodByKey(key)?.name ?? key}`,
      unit: 'times',
      wanted,
      ours: swelling(key),
    })),
    {
      ...practice('trade: about 5 % from tap to pot'),
      what: 'expansion of water, 20 to 117 °C',
      unit: '%',
      wanted: [4.5, 6] as const,
      ours: 100 * (liquidDensity(20) / liquidDensity(117) - 1),
    },
  ],
};

const SEA = 101325;
const SURFACE = (Math.PI / 4) * 0.22 ** 2;
const HOT = 117.1;
const FLOW = steamFlow(HOT, SEA, USUAL_VALVE);

/** Napier's rule for choked steam, m = p A / 70 (psia, in2, lb/s), times the valve's coefficient. */
function napier(): number {
  const psia = (SEA + 80000) / 6894.757;
  const in2 = USUAL_VALVE.areaM2 / 0.00064516;
  return (1000 * USUAL_VALVE.cd * psia * in2 * 0.45359237) / 70;
}

/** Swollen level over capacity; lines are read cold, and the contents stand hot. */
function swollen(line: number, foaming: number): number {
  const hot = (line * liquidDensity(20)) / liquidDensity(HOT);
  return swollenLevel(hot, voidFraction(HOT, FLOW, SURFACE, foaming));
}

export const RELEASE: CheckGroup = {
  name: 'Release',
  checks: () => [
    {
      what: 'steam through the open valve at 80 kPa',
      source: 'Napier’s rule',
      mark: 'from memory',
      unit: 'g/s',
      wanted: napier(),
      ours: 1000 * FLOW,
      within: napier() * 0.06,
    },
    {
      ...practice('trade: two thirds is safe for clean broth'),
      what: 'quick release of clean broth at 2/3, swollen over capacity',
      unit: '',
      wanted: [0.67, 0.95],
      ours: swollen(2 / 3, 0),
    },
    {
      ...practice('trade: foaming soup at two thirds sprays'),
      what: 'quick release of foaming soup at 2/3, swollen over capacity',
      unit: '',
      wanted: [1, 2],
      ours: swollen(2 / 3, 3),
    },
    {
      ...practice('trade: half is safe for foaming soup'),
      what: 'quick release of foaming soup at 1/2, swollen over capacity',
      unit: '',
      wanted: [0.5, 0.95],
      ours: swollen(1 / 2, 3),
    },
  ],
};

/** Centre a food must reach before it stops being called unsafe, found by trying temperatures. */
function safeAt(key: string, code: string): number {
  for (let t = 40; t < 100; t += 0.5) {
    const warm = batchOf(
      [item('w', 'water', 2, 'l', { startC: t }), item('x', key, 50, 'g', { startC: t })],
      [{ id: 's1', kind: 'rest', minutes: 0 }],
    );
    if (!assess(warm, POT, SEA_LEVEL).findings.some((f) => f.code === code)) return t;
  }
  return Number.NaN;
}

/** Least time on the boil, coming back to it included, after which kidney beans pass, min. */
function kidneySimmer(): number {
  for (let minutes = 5; minutes < 90; minutes++) {
    const beans = batchOf(
      [
        item('w', 'water', 2, 'l', { startC: 99 }),
        item('k', 'kidney-beans', 100, 'g', { soakedH: 8 }),
      ],
      [{ id: 's1', kind: 'simmer', minutes }],
    );
    const { findings, time } = assess(beans, POT, SEA_LEVEL);
    if (!findings.some((f) => f.code === 'kidney-bean-toxin')) return time.totalMin;
  }
  return Number.NaN;
}

const FSIS = { source: 'USDA FSIS safe minimum temperatures', mark: 'published' as const };

export const DONENESS: CheckGroup = {
  name: 'Doneness and safety',
  checks: () => [
    {
      what: 'cook value of 15 min at 118 °C, rate doubling in 10 °C',
      source: 'Mansfield 1962, the integral',
      mark: 'on paper',
      unit: 'min',
      wanted: 52.2,
      ours: cookValues([0, 900], [118, 118], USUAL_Z).at(-1) ?? 0,
      within: 0.1,
    },
    {
      ...FSIS,
      what: 'poultry safe from',
      unit: '°C',
      wanted: 74,
      ours: safeAt('chicken-breast', 'poultry-not-safe'),
      within: 0.5,
    },
    {
      ...FSIS,
      what: 'minced meat safe from',
      unit: '°C',
      wanted: 71,
      ours: safeAt('minced-beef', 'meat-not-safe'),
      within: 0.5,
    },
    {
      ...FSIS,
      what: 'whole cuts safe from (and 3 min rest)',
      unit: '°C',
      wanted: 63,
      ours: safeAt('beef-stewing', 'meat-not-safe'),
      within: 0.5,
    },
    {
      what: 'soaked kidney beans, minutes at the boil until safe',
      source: 'FDA Bad Bug Book: boil 30 min',
      mark: 'published',
      unit: 'min',
      wanted: [30, 36],
      ours: kidneySimmer(),
    },
  ],
};

/** Salt of a level teaspoon of stock base, g. */
function stockBaseSalt(): number {
  return assess(
    batchOf([item('w', 'water', 1, 'l'), item('s', 'stock-base', 1, 'tsp')], [pressure(1)]),
    POT,
    KITCHEN,
  ).salt.grams;
}

export const FINISH: CheckGroup = {
  name: 'Finishing',
  checks: () => [
    {
      ...practice('trade: 8 g of cornstarch a cup'),
      what: 'cornstarch for 240 ml, medium',
      unit: 'g',
      wanted: 8,
      ours: slurryFor(0.24, 'medium').starchG,
      within: 0.01,
    },
    {
      ...practice('trade: about 2.2 g of salt a teaspoon'),
      what: 'salt of a teaspoon of stock base',
      unit: 'g',
      wanted: 2.2,
      ours: stockBaseSalt(),
      within: 0.1,
    },
  ],
};
