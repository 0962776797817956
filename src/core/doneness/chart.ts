/**
 * Times a cook would call right (common practice, no source; kitchen charts agree within a few
 * minutes). Sea level; hold at 80 kPa gauge in 1.5 L after an ordinary warm-up; simmer at 100 C.
 */
import type { Cut, Release } from '../batch/schema';
import type { GradeName } from '../food';

export interface ChartRow {
  readonly food: string;
  readonly cut: Cut | null;
  readonly soakedH?: number;
  /** Minutes of hold, from and to; null where it never goes under pressure. */
  readonly pressure: readonly [number, number] | null;
  readonly release: Release;
  readonly simmer: readonly [number, number];
  /** The grade that two and a half times the minutes must reach; null if the chart has none. */
  readonly late: GradeName | null;
  /** 2.5 times the simmer does not count: 7 min under pressure, which are right, are as much. */
  readonly lateUnderPressure?: boolean;
  /** Holds with a fifth more or less either way. */
  readonly firm?: boolean;
  /** Its shorter times tell nothing of when it is not done yet: its other rows have it done by then. */
  readonly early?: boolean;
  /** Test mass, g, where it is neither 300 g nor one usual piece. */
  readonly grams?: number;
}

const N: Release = { method: 'natural' };
const Q: Release = { method: 'quick' };
const T5: Release = { method: 'timed', afterMin: 5 };
const T10: Release = { method: 'timed', afterMin: 10 };

const cube = (mm: number): Cut => ({ shape: 'cube', mm });
const slice = (mm: number): Cut => ({ shape: 'slice', mm });

export const CHART: readonly ChartRow[] = [
  {
    food: 'chicken-breast',
    cut: cube(25),
    pressure: [4, 5],
    release: T5,
    simmer: [12, 15],
    late: 'dry in slices',
    lateUnderPressure: true,
  },
  {
    food: 'chicken-breast',
    cut: { shape: 'whole', mm: 30 },
    pressure: [8, 10],
    release: T10,
    simmer: [18, 22],
    early: true,
    late: 'dry in slices',
  },
  {
    food: 'chicken-thigh',
    cut: slice(20),
    pressure: [8, 12],
    release: T5,
    simmer: [25, 30],
    late: null,
  },
  {
    food: 'chicken-leg',
    cut: null,
    pressure: [13, 16],
    release: Q,
    simmer: [35, 45],
    late: 'off the bone',
  },
  { food: 'turkey-wing', cut: null, pressure: [20, 28], release: N, simmer: [75, 90], late: null },
  {
    food: 'beef-stewing',
    cut: cube(35),
    pressure: [20, 28],
    release: T10,
    simmer: [110, 140],
    late: 'in shreds',
    firm: true,
  },
  {
    food: 'beef-shank',
    cut: slice(50),
    pressure: [38, 48],
    release: N,
    simmer: [170, 210],
    late: null,
  },
  {
    food: 'lamb-neck',
    cut: cube(40),
    pressure: [32, 40],
    release: N,
    simmer: [110, 140],
    late: null,
    firm: true,
  },
  {
    food: 'venison-stewing',
    cut: cube(30),
    pressure: [22, 30],
    release: T10,
    simmer: [110, 140],
    late: 'in shreds',
  },
  {
    food: 'pork-ribs',
    cut: null,
    pressure: [28, 36],
    release: N,
    simmer: [90, 110],
    late: 'off the bone',
    firm: true,
  },
  { food: 'ham-hock', cut: null, pressure: [30, 55], release: N, simmer: [110, 180], late: null },
  {
    food: 'pork-trotter',
    cut: null,
    pressure: [40, 55],
    release: N,
    simmer: [150, 210],
    late: 'off the bone',
  },
  {
    food: 'minced-beef',
    cut: { shape: 'crumb', mm: 8 },
    pressure: [5, 15],
    release: T5,
    simmer: [20, 45],
    late: null,
  },
  {
    food: 'black-beans',
    cut: null,
    pressure: [23, 28],
    release: N,
    simmer: [90, 110],
    late: 'creamy',
  },
  {
    food: 'black-beans',
    cut: null,
    soakedH: 8,
    pressure: [7, 9],
    release: N,
    simmer: [50, 65],
    late: 'creamy',
  },
  {
    food: 'borlotti',
    cut: null,
    soakedH: 8,
    pressure: [9, 12],
    release: N,
    simmer: [60, 75],
    late: 'creamy',
  },
  {
    food: 'cannellini',
    cut: null,
    pressure: [32, 38],
    release: N,
    simmer: [110, 130],
    late: 'creamy',
  },
  {
    food: 'navy-beans',
    cut: null,
    pressure: [23, 30],
    release: N,
    simmer: [90, 110],
    late: 'creamy',
  },
  {
    food: 'split-peas',
    cut: null,
    pressure: [8, 12],
    release: N,
    simmer: [45, 60],
    late: null,
    firm: true,
  },
  {
    food: 'brown-lentils',
    cut: null,
    early: true,
    pressure: [8, 10],
    release: T10,
    simmer: [25, 30],
    late: 'broken down',
  },
  {
    food: 'pearl-barley',
    cut: null,
    pressure: [18, 22],
    release: T10,
    simmer: [45, 55],
    late: 'swollen',
    firm: true,
  },
  {
    food: 'brown-rice',
    cut: null,
    pressure: [17, 20],
    release: T10,
    simmer: [35, 40],
    late: 'broken down',
  },
  { food: 'potato', cut: cube(25), pressure: [4, 5], release: Q, simmer: [11, 14], late: 'soft' },
  { food: 'carrot', cut: slice(12), pressure: [2, 4], release: Q, simmer: [9, 12], late: 'soft' },
  { food: 'carrot', cut: cube(30), pressure: [5, 7], release: T5, simmer: [20, 25], late: 'soft' },
  { food: 'parsnip', cut: cube(20), pressure: [3, 4], release: Q, simmer: [10, 13], late: 'soft' },
  {
    food: 'leek',
    cut: slice(15),
    pressure: [2, 4],
    release: Q,
    simmer: [10, 12],
    late: 'melted in',
  },
  {
    food: 'celery',
    cut: slice(10),
    pressure: [3, 4],
    release: Q,
    simmer: [12, 15],
    late: 'melted in',
  },
  { food: 'onion', cut: cube(10), pressure: [2, 6], release: T5, simmer: [10, 15], late: null },
  { food: 'cabbage', cut: slice(30), pressure: [3, 4], release: Q, simmer: [10, 14], late: 'soft' },
  {
    food: 'butternut-squash',
    cut: cube(30),
    pressure: [4, 5],
    release: Q,
    simmer: [13, 16],
    late: 'soft',
  },
  { food: 'ditalini', cut: null, pressure: [4, 4], release: Q, simmer: [9, 10], late: 'bloated' },
  {
    food: 'egg-noodles',
    cut: null,
    pressure: [3, 3],
    release: T5,
    simmer: [6, 7],
    late: 'bloated',
  },
  { food: 'spinach', cut: null, pressure: null, release: Q, simmer: [1, 3], late: 'drab' },
  { food: 'vermicelli', cut: null, pressure: null, release: Q, simmer: [3, 3], late: 'bloated' },
];

/** Below this hold warm-up and release do most of the cooking: 0.4 of it tells nothing, min. */
export const SHORT_HOLD = 8;
