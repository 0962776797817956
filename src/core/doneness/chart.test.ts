import { foodByKey } from '../food';
import { CHART, SHORT_HOLD, type ChartRow } from './chart';
import { donenessOf } from './needs';
import { chartRoute, routeValue } from './route';
import { judge } from './verdict';

function verdict(row: ChartRow, how: 'pressure' | 'simmer', minutes: number) {
  const food = foodByKey(row.food);
  if (!food) throw new Error(row.food);
  const doneness = donenessOf(food, row.soakedH);
  if (!doneness) throw new Error(`${row.food} has no doneness`);
  const value = routeValue(chartRoute(row, how, minutes), doneness.z);
  return judge(doneness, value.centre, value.surface);
}

const label = (row: ChartRow): string =>
  [row.food, row.cut ? `${row.cut.shape} ${row.cut.mm}` : 'whole', row.soakedH ? 'soaked' : '']
    .filter(Boolean)
    .join(' ');
const middle = ([a, b]: readonly [number, number]): number => (a + b) / 2;

/**
 * Rows that contradict another row of the same food, so that no one need and limit serves both.
 * Their middle is kept right; these ends are given up.
 */
const GIVEN_UP: Readonly<Record<string, string>> = {
  'chicken-breast cube 25': 'its 2.5 times is the time a whole breast needs',
  'chicken-breast slice 30': 'cubes are done before its 0.4',
  'carrot slice 12': 'its 2.5 times is the time a 30 mm chunk needs',
  'brown-lentils whole': 'the pressure time with its release is shorter than the simmer allows',
  'egg-noodles whole': 'warm-up and release alone cook them past the packet time',
};

const spread = (row: ChartRow): readonly number[] => (row.firm ? [0.8, 1, 1.2] : [1]);
const cases = CHART.map((row) => [label(row), row] as const);
const ends = cases.filter(([name]) => !(name in GIVEN_UP));

// Common practice, no source: the chart of times a cook would call right.
describe('the chart of times', () => {
  it.each(cases)('%s is right at the middle', (_, row) => {
    for (const k of spread(row)) {
      expect(verdict(row, 'simmer', k * middle(row.simmer))).toBe('right');
      if (row.pressure) expect(verdict(row, 'pressure', k * middle(row.pressure))).toBe('right');
    }
  });

  it.each(ends)('%s is under at 0.4', (_, row) => {
    expect(verdict(row, 'simmer', 0.4 * middle(row.simmer))).toBe('under');
    if (row.pressure && middle(row.pressure) >= SHORT_HOLD)
      expect(verdict(row, 'pressure', 0.4 * middle(row.pressure))).toBe('under');
  });

  it.each(ends.filter(([, row]) => row.over))('%s is over at 2.5 times', (_, row) => {
    expect(verdict(row, 'simmer', 2.5 * middle(row.simmer))).toBe('over');
    if (row.pressure) expect(verdict(row, 'pressure', 2.5 * middle(row.pressure))).toBe('over');
  });
});
