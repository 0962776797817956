/**
 * Times a cook would call right (common practice, no source; kitchen charts agree within a few
 * minutes). Sea level; hold at 80 kPa gauge in 1.5 L after an ordinary warm-up; simmer at 100 C.
 */
import type { Cut, Release } from '../batch';

export interface ChartRow {
  readonly food: string;
  readonly cut: Cut | null;
  readonly soakedH?: number;
  /** Minutes of hold, from and to; null where it never goes under pressure. */
  readonly pressure: readonly [number, number] | null;
  readonly release: Release;
  readonly simmer: readonly [number, number];
  /** What two and a half times too long does; null where nothing is lost. */
  readonly over: string | null;
  /** Holds with a fifth more or less either way. */
  readonly firm?: boolean;
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
    over: 'dry',
  },
  {
    food: 'chicken-breast',
    cut: slice(30),
    pressure: [8, 10],
    release: T10,
    simmer: [18, 22],
    over: 'dry',
  },
  {
    food: 'chicken-thigh',
    cut: slice(20),
    pressure: [8, 12],
    release: T5,
    simmer: [25, 30],
    over: null,
  },
  {
    food: 'chicken-leg',
    cut: null,
    pressure: [13, 16],
    release: Q,
    simmer: [35, 45],
    over: 'falling off the bone',
  },
  { food: 'turkey-wing', cut: null, pressure: [20, 28], release: N, simmer: [75, 90], over: null },
  {
    food: 'beef-stewing',
    cut: cube(35),
    pressure: [20, 28],
    release: T10,
    simmer: [110, 140],
    over: 'in shreds',
    firm: true,
  },
  {
    food: 'beef-shank',
    cut: slice(50),
    pressure: [38, 48],
    release: N,
    simmer: [170, 210],
    over: null,
  },
  {
    food: 'lamb-neck',
    cut: cube(40),
    pressure: [32, 40],
    release: N,
    simmer: [110, 140],
    over: null,
    firm: true,
  },
  {
    food: 'venison-stewing',
    cut: cube(30),
    pressure: [22, 30],
    release: T10,
    simmer: [110, 140],
    over: 'in shreds',
  },
  {
    food: 'pork-ribs',
    cut: null,
    pressure: [28, 36],
    release: N,
    simmer: [90, 110],
    over: 'falling off the bone',
    firm: true,
  },
  { food: 'ham-hock', cut: null, pressure: [45, 60], release: N, simmer: [150, 180], over: null },
  {
    food: 'minced-beef',
    cut: { shape: 'crumb', mm: 8 },
    pressure: [5, 15],
    release: T5,
    simmer: [20, 45],
    over: null,
  },
  {
    food: 'black-beans',
    cut: null,
    pressure: [23, 28],
    release: N,
    simmer: [90, 110],
    over: 'burst',
  },
  {
    food: 'black-beans',
    cut: null,
    soakedH: 8,
    pressure: [7, 9],
    release: N,
    simmer: [50, 65],
    over: 'burst',
  },
  {
    food: 'borlotti',
    cut: null,
    soakedH: 8,
    pressure: [9, 12],
    release: N,
    simmer: [60, 75],
    over: 'burst',
  },
  {
    food: 'cannellini',
    cut: null,
    pressure: [32, 38],
    release: N,
    simmer: [110, 130],
    over: 'burst',
  },
  {
    food: 'navy-beans',
    cut: null,
    pressure: [23, 30],
    release: N,
    simmer: [90, 110],
    over: 'burst',
  },
  {
    food: 'split-peas',
    cut: null,
    pressure: [8, 12],
    release: N,
    simmer: [45, 60],
    over: null,
    firm: true,
  },
  {
    food: 'brown-lentils',
    cut: null,
    pressure: [8, 10],
    release: T10,
    simmer: [25, 30],
    over: 'mush',
  },
  {
    food: 'pearl-barley',
    cut: null,
    pressure: [18, 22],
    release: T10,
    simmer: [45, 55],
    over: 'swollen and soft',
    firm: true,
  },
  {
    food: 'brown-rice',
    cut: null,
    pressure: [17, 20],
    release: T10,
    simmer: [35, 40],
    over: 'mush',
  },
  { food: 'potato', cut: cube(25), pressure: [4, 5], release: Q, simmer: [11, 14], over: 'mush' },
  { food: 'carrot', cut: slice(12), pressure: [2, 4], release: Q, simmer: [9, 12], over: 'mush' },
  { food: 'carrot', cut: cube(30), pressure: [5, 7], release: T5, simmer: [20, 25], over: 'mush' },
  { food: 'parsnip', cut: cube(20), pressure: [3, 4], release: Q, simmer: [10, 13], over: 'mush' },
  { food: 'leek', cut: slice(15), pressure: [2, 4], release: Q, simmer: [10, 12], over: 'mush' },
  { food: 'celery', cut: slice(10), pressure: [3, 4], release: Q, simmer: [12, 15], over: 'mush' },
  { food: 'onion', cut: cube(10), pressure: [2, 6], release: T5, simmer: [10, 15], over: null },
  { food: 'cabbage', cut: slice(30), pressure: [3, 4], release: Q, simmer: [10, 14], over: 'mush' },
  {
    food: 'butternut-squash',
    cut: cube(30),
    pressure: [4, 5],
    release: Q,
    simmer: [13, 16],
    over: 'mush',
  },
  { food: 'ditalini', cut: null, pressure: [4, 4], release: Q, simmer: [9, 10], over: 'mush' },
  { food: 'egg-noodles', cut: null, pressure: [3, 3], release: T5, simmer: [6, 7], over: 'mush' },
  { food: 'spinach', cut: null, pressure: null, release: Q, simmer: [1, 2], over: 'drab' },
  { food: 'vermicelli', cut: null, pressure: null, release: Q, simmer: [3, 3], over: 'mush' },
];

/** Below this hold warm-up and release do most of the cooking: 0.4 of it tells nothing, min. */
export const SHORT_HOLD = 8;
