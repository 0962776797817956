import { CHART, SHORT_HOLD, type ChartRow } from '../doneness/chart';
import { KIN_CHART } from '../doneness/kinChart';
import { batchOfRow, type How } from '../testing/chartRoute';
import { POT, SEA_LEVEL } from '../testing/kitchen';
import { assess } from '.';

function verdict(row: ChartRow, how: How, minutes: number) {
  const { items } = assess(batchOfRow(row, how, minutes), POT, SEA_LEVEL);
  return items.find((i) => i.id === 'x')?.verdict;
}

const label = (row: ChartRow): string =>
  [row.food, row.cut ? `${row.cut.shape} ${row.cut.mm}` : 'whole', row.soakedH ? 'soaked' : '']
    .filter(Boolean)
    .join(' ');
const middle = ([a, b]: readonly [number, number]): number => (a + b) / 2;
const spread = (row: ChartRow): readonly number[] => (row.firm ? [0.8, 1, 1.2] : [1]);

/**
 * Ends of rows that no need and limit can keep, with the reason. Their middle is kept right.
 */
const GIVEN_UP: Readonly<Record<string, string>> = {
  'chicken-breast cube 25': 'its 2.5 times is the time a whole breast needs',
  'chicken-breast slice 30': 'cubes are done before its 0.4',
  'carrot slice 12': 'its 2.5 times is the time a 30 mm chunk needs',
  'brown-lentils whole': 'the pressure time with its release is shorter than the simmer allows',
  'egg-noodles whole': 'warm-up and release alone cook them past the packet time',
};
/** The same for the foods outside the chart, whose times are from memory. */
const KIN_GIVEN_UP: Readonly<Record<string, string>> = {
  'wheat-noodles whole': 'warm-up and release alone cook them past 2.5 times their simmer',
  'courgette slice 15': 'warm-up and release alone cook it past 2.5 times its simmer',
  'peas whole': 'warm-up and release alone cook them past 2.5 times their simmer',
  'spring-onion slice 10': 'warm-up and release alone cook them past 2.5 times their simmer',
};

describe.each([
  ['the chart of times', CHART, GIVEN_UP],
  ['foods by kinship', KIN_CHART, KIN_GIVEN_UP],
])('%s', (_, chart, givenUp) => {
  const cases = chart.map((row) => [label(row), row] as const);
  const ends = cases.filter(([name]) => !(name in givenUp));

  it.each(cases)('%s is right at the middle', (_name, row) => {
    for (const k of spread(row)) {
      expect(['simmer', k, verdict(row, 'simmer', k * middle(row.simmer))]).toEqual([
        'simmer',
        k,
        'right',
      ]);
      if (row.pressure)
        expect(['pressure', k, verdict(row, 'pressure', k * middle(row.pressure))]).toEqual([
          'pressure',
          k,
          'right',
        ]);
    }
  });

  it.each(ends)('%s is under at 0.4', (_name, row) => {
    expect(['simmer', verdict(row, 'simmer', 0.4 * middle(row.simmer))]).toEqual([
      'simmer',
      'under',
    ]);
    if (row.pressure && middle(row.pressure) >= SHORT_HOLD)
      expect(['pressure', verdict(row, 'pressure', 0.4 * middle(row.pressure))]).toEqual([
        'pressure',
        'under',
      ]);
  });

  it.each(ends.filter(([, row]) => row.over))('%s is over at 2.5 times', (_name, row) => {
    expect(['simmer', verdict(row, 'simmer', 2.5 * middle(row.simmer))]).toEqual([
      'simmer',
      'over',
    ]);
    if (row.pressure)
      expect(['pressure', verdict(row, 'pressure', 2.5 * middle(row.pressure))]).toEqual([
        'pressure',
        'over',
      ]);
  });

  it('gives up no end that holds', () => {
    for (const [name, row] of cases) {
      if (!(name in givenUp)) continue;
      const early = [verdict(row, 'simmer', 0.4 * middle(row.simmer))];
      const late = [verdict(row, 'simmer', 2.5 * middle(row.simmer))];
      if (row.pressure && middle(row.pressure) >= SHORT_HOLD)
        early.push(verdict(row, 'pressure', 0.4 * middle(row.pressure)));
      if (row.pressure) late.push(verdict(row, 'pressure', 2.5 * middle(row.pressure)));
      const holds =
        early.every((v) => v === 'under') && (!row.over || late.every((v) => v === 'over'));
      expect([name, holds]).toEqual([name, false]);
    }
  });
});
