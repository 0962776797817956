import { CHART, SHORT_HOLD, type ChartRow } from '../doneness/chart';
import { KIN_CHART } from '../doneness/kinChart';
import { gradeIndex } from '../food';
import { batchOfRow, type How } from '../testing/chartRoute';
import { POT, SEA_LEVEL } from '../testing/kitchen';
import { assess } from './';
import type { ItemReport } from '../model';

function cooked(row: ChartRow, how: How, minutes: number): ItemReport {
  const { items } = assess(batchOfRow(row, how, minutes), POT, SEA_LEVEL, { curves: false });
  const found = items.find((i) => i.id === 'x');
  if (!found) throw new Error(row.food);
  return found;
}

const verdict = (row: ChartRow, how: How, minutes: number): string =>
  cooked(row, how, minutes).verdict;

/** Whether it has come at least to the grade that the row names for 2.5 times. */
function isLate(row: ChartRow, how: How, minutes: number): boolean {
  const { family, grade } = cooked(row, how, minutes);
  if (!family || !grade || !row.late) throw new Error(row.food);
  return gradeIndex(family, grade) >= gradeIndex(family, row.late);
}

const label = (row: ChartRow): string =>
  [row.food, row.cut ? `${row.cut.shape} ${row.cut.mm}` : 'whole', row.soakedH ? 'soaked' : '']
    .filter(Boolean)
    .join(' ');
const middle = ([a, b]: readonly [number, number]): number => (a + b) / 2;
const spread = (row: ChartRow): readonly number[] => (row.firm ? [0.8, 1, 1.2] : [1]);

/** Ends of rows that nothing can keep, with the reason. Their middle is kept right. */
const GIVEN_UP: Readonly<Record<string, string>> = {
  'chicken-breast cube 25': 'its 2.5 simmers are less than 7 min under pressure, which are right',
  'chicken-breast whole 30': 'cubes are done before its 0.4',
  'brown-lentils whole': 'the pressure time with its release is shorter than the simmer allows',
  'egg-noodles whole': 'warm-up and release alone cook them past the packet time',
};
/** The same for the foods outside the chart, whose times are from memory. */
const KIN_GIVEN_UP: Readonly<Record<string, string>> = {
  'wheat-noodles whole': 'warm-up and release alone cook them past 2.5 times their simmer',
  'green-beans whole': 'the pressure time goes further than 2.5 times its simmer',
};

/** Herbs that go on at the table are right while raw, and cannot be under. */
const isRawRight = (row: ChartRow): boolean =>
  row.food === 'parsley' || row.food === 'celery-leaves';

describe.each([
  ['the chart of times', CHART, GIVEN_UP],
  ['foods by kinship', KIN_CHART, KIN_GIVEN_UP],
])('%s', (_, chart, givenUp) => {
  const cases = chart.map((row) => [label(row), row] as const);
  const ends = cases.filter(([name]) => !(name in givenUp));

  it.each(cases)('%s is right at the middle', (_name, row) => {
    for (const k of spread(row)) {
      const simmer = verdict(row, 'simmer', k * middle(row.simmer));
      expect(['simmer', k, simmer]).toEqual(['simmer', k, 'right']);
      if (!row.pressure) continue;
      const pressure = verdict(row, 'pressure', k * middle(row.pressure));
      expect(['pressure', k, pressure]).toEqual(['pressure', k, 'right']);
    }
  });

  it.each(ends.filter(([, row]) => !isRawRight(row)))('%s is under at 0.4', (_name, row) => {
    expect(verdict(row, 'simmer', 0.4 * middle(row.simmer))).toBe('under');
    if (row.pressure && middle(row.pressure) >= SHORT_HOLD)
      expect(verdict(row, 'pressure', 0.4 * middle(row.pressure))).toBe('under');
  });

  it.each(ends.filter(([, row]) => row.late))('%s is late at 2.5 times', (_name, row) => {
    expect(isLate(row, 'simmer', 2.5 * middle(row.simmer))).toBe(true);
    if (row.pressure) expect(isLate(row, 'pressure', 2.5 * middle(row.pressure))).toBe(true);
  });

  it('gives up no end that holds', () => {
    for (const [name, row] of cases) {
      if (!(name in givenUp)) continue;
      const early = [verdict(row, 'simmer', 0.4 * middle(row.simmer))];
      const late = [!row.late || isLate(row, 'simmer', 2.5 * middle(row.simmer))];
      if (row.pressure && middle(row.pressure) >= SHORT_HOLD)
        early.push(verdict(row, 'pressure', 0.4 * middle(row.pressure)));
      if (row.pressure && row.late) late.push(isLate(row, 'pressure', 2.5 * middle(row.pressure)));
      const holds = early.every((v) => v === 'under') && late.every(Boolean);
      expect([name, holds]).toEqual([name, false]);
    }
  });
});
