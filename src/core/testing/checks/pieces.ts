/** Pieces of other sizes and heats, what swells, what is frozen, what is high up: held against kitchens. */
import { donenessOf } from '../../doneness';
import { CHART, type ChartRow } from '../../doneness/chart';
import { KIN_CHART } from '../../doneness/kinChart';
import { foodByKey, wholeMm, type Food } from '../../food';
import { runModel } from '../../model';
import type { Item, Kitchen, Step } from '../../batch/schema';
import { batchOfRow } from '../chartRoute';
import { misfits, type Fitted } from '../fit/fit';
import { cookRows } from '../fit/rows';
import { SIZE_ROWS, type SizeRow } from '../fit/sizes';
import { batchOf, item, POT, SEA_LEVEL } from '../kitchen';
import type { Check, CheckGroup } from './check';

function food(key: string): Food {
  const found = foodByKey(key);
  if (!found) throw new RangeError(`no food called ${key}`);
  return found;
}

/** A food's need and z as the app has them. */
function fittedOf(key: string): Fitted {
  const found = donenessOf(food(key));
  if (!found) throw new RangeError(`${key} has no need`);
  return found;
}

/** Kitchens give times at which it is surely done: it may be a third sooner, and a tenth later. */
const SOONER = 0.65;
const LATER = 1.1;
/** A hold that is this short may be nothing: warm-up and release do it. */
const SHORT = 8;

const sizeOf = (row: ChartRow): string =>
  row.cut
    ? `${row.cut.shape === 'whole' ? 'in one piece of' : row.cut.shape} ${row.cut.mm} mm`
    : 'whole';

function sizeChecks(): readonly Check[] {
  const foods = new Set(SIZE_ROWS.map((row) => row.food));
  return [...foods].flatMap((key) => {
    const fitted = fittedOf(key);
    const chart = [...CHART, ...KIN_CHART].filter((row) => row.food === key && !row.soakedH);
    const rows: readonly (ChartRow | SizeRow)[] = [
      ...chart,
      ...SIZE_ROWS.filter((row) => row.food === key),
    ];
    return rows.flatMap((row) =>
      misfits(cookRows([row]), fitted).map(({ how, doneMin, range: [from, to] }): Check => {
        const heldOut = 'heldOut' in row && row.heldOut;
        return {
          what: `${food(key).name}, ${sizeOf(row)}, ${how === 'simmer' ? 'at the boil' : 'hold at high'}${heldOut ? ' (held out of the fit)' : ''}`,
          source: 'source' in row ? row.source : 'the chart of times, kitchen charts',
          mark: 'source' in row ? 'from memory' : 'common practice',
          unit: 'min',
          wanted: [
            (how === 'pressure' && to < SHORT + 2) || row.early ? 0 : SOONER * from,
            LATER * to,
          ],
          ours: doneMin,
        };
      }),
    );
  });
}

/** Mass over mass as added after a time in plenty of liquid. */
function swollen(
  key: string,
  grams: number,
  litres: number,
  steps: readonly Step[],
  more: Partial<Item> = {},
): number {
  const batch = batchOf([item('w', 'water', litres, 'l'), item('x', key, grams, 'g', more)], steps);
  const { heat, parts } = runModel(batch, POT, SEA_LEVEL);
  const part = parts.find(({ id }) => id === 'x');
  const drunkKg = heat.items['x']?.waterKg.at(-1) ?? 0;
  return ((part?.massKg ?? 0) + drunkKg) / (grams / 1000);
}

const simmer = (minutes: number): readonly Step[] => [{ id: 's1', kind: 'simmer', minutes }];
const SWELLS: readonly (readonly [string, readonly [number, number], number])[] = [
  [
    'pulses cooked, over dry: black beans held 28 min',
    [2.2, 2.8],
    swollen('black-beans', 200, 2, [
      { id: 's1', kind: 'pressure', holdMin: 28, release: { method: 'natural' } },
    ]),
  ],
  [
    'pulses cooked, over dry: chickpeas simmered 2 h',
    [2.2, 2.8],
    swollen('chickpeas', 200, 2.6, simmer(120)),
  ],
  ['egg noodles an hour in hot soup', [2.5, 4], swollen('egg-noodles', 150, 2, simmer(60))],
  ['rice done in a soup, 20 min', [2.5, 3.6], swollen('white-rice', 150, 2, simmer(20))],
  [
    'rice in congee, 30 min at high',
    [5, 8],
    swollen('white-rice', 150, 2, [
      { id: 's1', kind: 'pressure', holdMin: 30, release: { method: 'natural' } },
    ]),
  ],
  ['pearl barley done, 40 min', [2.6, 3.6], swollen('pearl-barley', 150, 2, simmer(40))],
];

function minutesToBoil(startC: number): number {
  const batch = batchOf([item('w', 'broth', 2, 'l', { startC })], simmer(0));
  return (runModel(batch, POT, SEA_LEVEL).heat.steps[0]?.warmUpS ?? Number.NaN) / 60;
}

/**
 * Minutes that a heater of 880 W net takes for the ice of 2 kg: 2.1 kJ/(kg K) to warm it and 333.6 kJ/kg
 * to melt what is ice at -18 C, 17 of 18 parts of its water by ASHRAE's curve, a thirtieth of it dry.
 */
const ICE_MIN = (2 * (18 * 2.1 + (333.6 * 0.967 * 17) / 18)) / 0.88 / 60;

/** Minutes until done, at an altitude over at sea level. */
function slowerAt(key: string, cut: Item['cut'], altitudeM: number): number {
  const minutes = (metres: number): number => {
    const kitchen: Kitchen = { ...SEA_LEVEL, altitudeM: metres };
    const row: ChartRow = {
      food: key,
      cut: cut ?? null,
      pressure: null,
      release: { method: 'natural' },
      simmer: [90, 90],
      late: null,
    };
    const { heat, cooks } = runModel(batchOfRow(row, 'simmer', 90), POT, kitchen, { stepS: 5 });
    const values = cooks['x']?.centre ?? [];
    const need = donenessOf(food(key))?.needMin ?? Number.NaN;
    const after = values.findIndex((v) => v >= need);
    const [v0, v1] = [values[after - 1] ?? 0, values[after] ?? 0];
    const [s0, s1] = [heat.trace.s[after - 1] ?? 0, heat.trace.s[after] ?? 0];
    return (s0 + ((s1 - s0) * (need - v0)) / (v1 - v0) - (heat.steps[1]?.startS ?? 0)) / 60;
  };
  return minutes(altitudeM) / minutes(0);
}

const cube = (mm: number): Item['cut'] => ({ shape: 'cube', mm });
const ALTITUDE: readonly (readonly [
  string,
  Item['cut'],
  number,
  readonly [number, number],
  string,
])[] = [
  ['potato', cube(25), 2200, [1.25, 1.9], 'kitchens at that height'],
  ['potato', cube(25), 3500, [1.4, 2.4], 'kitchens at that height'],
  [
    'carrot',
    { shape: 'slice', mm: 12 },
    2200,
    [1.25, 1.9],
    'vegetables take 4 to 11 % longer for each 1,000 ft (extension services)',
  ],
  [
    'cabbage',
    { shape: 'slice', mm: 30 },
    2200,
    [1.25, 1.9],
    'vegetables take 4 to 11 % longer for each 1,000 ft (extension services)',
  ],
  [
    'cabbage',
    { shape: 'slice', mm: 30 },
    3500,
    [1.4, 2.4],
    'vegetables take 4 to 11 % longer for each 1,000 ft (extension services)',
  ],
  ['white-rice', undefined, 2200, [1.1, 1.6], 'rice takes 15 to 50 % longer'],
  ['white-rice', undefined, 3500, [1.15, 2], 'rice takes a quarter to twice as long'],
  ['brown-lentils', undefined, 2200, [1.2, 2], 'pulses take a quarter longer to twice as long'],
  ['brown-lentils', undefined, 3500, [1.4, 3], 'pulses take half again to three times as long'],
];

export const PIECES: CheckGroup = {
  name: 'Pieces',
  checks: () => [
    ...sizeChecks(),
    {
      what: 'a roast of 1.5 kg in one piece is thick',
      source: 'trade: a roast of three pounds',
      mark: 'common practice',
      unit: 'mm',
      wanted: [100, 120],
      ours: wholeMm(food('beef-stewing'), 1500) ?? Number.NaN,
    },
    ...SWELLS.map(([what, wanted, ours]): Check => ({
      what,
      source: 'trade: weights cooked over dry',
      mark: 'common practice',
      unit: 'times',
      wanted,
      ours,
    })),
    {
      what: 'minutes that the ice of two litres of frozen stock costs',
      source: 'heat of ice, 2.1 kJ/(kg K) and 333.6 kJ/kg, over the heater’s net power',
      mark: 'on paper',
      unit: 'min',
      wanted: ICE_MIN,
      ours: minutesToBoil(-18) - minutesToBoil(0),
      within: 0.5,
    },
    {
      what: 'two litres of frozen stock to the boil, 1,000 W',
      source: 'trade: half an hour',
      mark: 'common practice',
      unit: 'min',
      wanted: [25, 38],
      ours: minutesToBoil(-18),
    },
    ...ALTITUDE.map(([key, cut, metres, wanted, source]): Check => ({
      what: `${food(key).name} at the boil at ${metres} m over at sea level`,
      source,
      mark: 'from memory',
      unit: 'times',
      wanted,
      ours: slowerAt(key, cut, metres),
    })),
    {
      what: 'gelatine of chicken feet',
      source: 'yields of feet, food chemistry',
      mark: 'from memory',
      unit: 'g/kg',
      wanted: [60, 140],
      ours: food('chicken-feet').extract?.gelatineGPerKg ?? Number.NaN,
    },
  ],
};
