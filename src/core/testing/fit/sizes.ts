/**
 * When foods of other sizes than the chart's are done, at the boil and at high: ranges of common
 * kitchen charts for the size, from memory (no network to look them up), or the source that is named.
 *
 * The chart's own size of each food is in `doneness/chart`; with these, twelve foods stand in three
 * sizes. The largest of each is held out of the fit, so that it is a test of it.
 */
import type { ChartRow } from '../../doneness/chart';
import type { Cut, Release } from '../../batch/schema';

export interface SizeRow extends ChartRow {
  readonly source: string;
  /** Kept out of the fit. */
  readonly heldOut: boolean;
}

const N: Release = { method: 'natural' };
const Q: Release = { method: 'quick' };
const T5: Release = { method: 'timed', afterMin: 5 };
const T10: Release = { method: 'timed', afterMin: 10 };
type Span = readonly [number, number];

const cube = (mm: number): Cut => ({ shape: 'cube', mm });
const slice = (mm: number): Cut => ({ shape: 'slice', mm });
const whole = (mm: number): Cut => ({ shape: 'whole', mm });

const KITCHEN = 'kitchen charts of times, from memory';
const BOILED = 'boiled joints: 20 to 30 min a pound and half an hour, from memory';
const JOINT = 'manuals’ charts of joints under pressure, 15 to 25 min a pound, from memory';
const BIRDS = 'birds: 20 min a pound at the simmer, 6 to 8 at high, from memory';

function row(
  food: string,
  cut: Cut,
  pressure: Span,
  release: Release,
  simmer: Span,
  more: { heldOut?: boolean; source?: string; grams?: number } = {},
): SizeRow {
  const { heldOut = false, source = KITCHEN, grams } = more;
  return {
    food,
    cut,
    pressure,
    release,
    simmer,
    late: null,
    source,
    heldOut,
    ...(grams && { grams }),
  };
}

const OUT = { heldOut: true };

export const SIZE_ROWS: readonly SizeRow[] = [
  row('potato', cube(10), [0, 2], Q, [5, 8]),
  row('potato', whole(60), [10, 15], Q, [25, 35], OUT),
  row('carrot', slice(5), [0, 2], Q, [4, 8]),
  row('butternut-squash', cube(12), [0, 3], Q, [5, 9]),
  row('butternut-squash', cube(50), [6, 9], T5, [20, 30], OUT),
  row('beetroot', cube(10), [2, 5], Q, [10, 16]),
  row('beetroot', whole(65), [18, 26], T10, [45, 60], OUT),
  row('swede', cube(10), [2, 4], Q, [9, 14]),
  row('swede', cube(40), [8, 12], Q, [25, 35], OUT),
  row('turnip', cube(10), [0, 3], Q, [6, 10]),
  row('turnip', whole(55), [8, 13], T5, [22, 35], OUT),
  row('chicken-breast', slice(10), [1, 3], Q, [4, 8]),
  row('beef-stewing', cube(20), [15, 22], T10, [80, 120]),
  row('beef-stewing', whole(109), [60, 90], N, [180, 240], {
    ...OUT,
    source: `${BOILED}; ${JOINT}`,
    grams: 1500,
  }),
  row('beef-shank', cube(30), [22, 35], T10, [120, 170]),
  row('beef-shank', whole(75), [60, 90], N, [170, 250], { ...OUT, source: JOINT, grams: 1500 }),
  row('pork-shoulder', cube(25), [16, 25], T10, [75, 105]),
  row('pork-shoulder', whole(116), [75, 105], N, [190, 270], {
    ...OUT,
    source: `${BOILED}; ${JOINT}`,
    grams: 1800,
  }),
  row('lamb-shoulder', cube(20), [14, 22], T10, [65, 100]),
  row('lamb-shoulder', whole(110), [55, 90], N, [160, 230], {
    ...OUT,
    source: `${BOILED}; ${JOINT}`,
    grams: 1550,
  }),
  row('whole-chicken', whole(60), [20, 27], N, [50, 75], { source: BIRDS, grams: 1200 }),
  row('whole-chicken', whole(78), [36, 52], N, [90, 130], {
    ...OUT,
    source: BIRDS,
    grams: 2600,
  }),
];
