/**
 * Times of foods outside the chart, each with the row of the chart it is nearest to: from memory
 * of common kitchen charts, no source. Same conditions as the chart. The kin gives z and what too
 * much does; the times place need and limit.
 */
import type { Cut, Release } from '../batch';
import type { ChartRow } from './chart';

export interface KinRow extends ChartRow {
  readonly like: string;
}

const N: Release = { method: 'natural' };
const Q: Release = { method: 'quick' };
const T10: Release = { method: 'timed', afterMin: 10 };

const cube = (mm: number): Cut => ({ shape: 'cube', mm });
const slice = (mm: number): Cut => ({ shape: 'slice', mm });

type Span = readonly [number, number];

interface More {
  readonly cut?: Cut;
  readonly soakedH?: number;
  readonly over?: string | null;
}

function row(
  food: string,
  like: string,
  pressure: Span | null,
  release: Release,
  simmer: Span,
  { cut, over = null, soakedH }: More = {},
): KinRow {
  return {
    food,
    like,
    cut: cut ?? null,
    pressure,
    release,
    simmer,
    over,
    ...(soakedH && { soakedH }),
  };
}

const SOAKED = { soakedH: 8, over: 'burst' };
const BURST = { over: 'burst' };
const MUSH = { over: 'mush' };

export const KIN_CHART: readonly KinRow[] = [
  row('turkey-breast', 'chicken-breast', [18, 24], T10, [45, 60], { over: 'dry' }),
  row('turkey-thigh', 'turkey-wing', [20, 28], N, [60, 80]),
  row('whole-chicken', 'turkey-wing', [25, 32], N, [65, 85]),
  row('duck-leg', 'turkey-wing', [28, 36], N, [80, 100]),
  row('smoked-turkey-wing', 'turkey-wing', [22, 30], N, [75, 95]),
  row('minced-poultry', 'minced-beef', [5, 15], Q, [20, 45]),
  row('meatballs', 'minced-beef', [6, 10], Q, [18, 25]),
  row('sausage', 'minced-beef', [5, 8], Q, [16, 25]),
  row('smoked-bacon', 'minced-beef', [3, 8], Q, [15, 40]),
  row('rabbit', 'chicken-leg', [20, 26], T10, [60, 80], { over: 'falling off the bone' }),
  row('lamb-shoulder', 'beef-stewing', [20, 28], T10, [85, 115], {
    cut: cube(35),
    over: 'in shreds',
  }),
  row('pork-shoulder', 'beef-stewing', [24, 32], T10, [95, 125], {
    cut: cube(40),
    over: 'in shreds',
  }),
  row('pork-belly', 'lamb-neck', [28, 36], N, [90, 120]),
  row('pork-loin', 'chicken-breast', [6, 9], Q, [20, 30], { over: 'dry' }),
  row('stewing-veal', 'beef-stewing', [16, 22], T10, [75, 95], {
    cut: cube(35),
    over: 'in shreds',
  }),
  row('goat', 'lamb-neck', [30, 38], N, [120, 150], { cut: cube(35) }),
  row('lamb-shank', 'lamb-neck', [38, 48], N, [130, 160]),
  row('beef-cheek', 'beef-shank', [42, 52], N, [170, 210]),
  row('beef-brisket', 'beef-shank', [55, 70], N, [180, 220]),
  row('beef-short-ribs', 'beef-shank', [38, 48], N, [150, 180]),
  row('oxtail', 'beef-shank', [42, 55], N, [180, 220]),
  row('white-fish', 'chicken-breast', [2, 4], Q, [6, 10], { over: 'falling apart' }),
  row('oily-fish', 'chicken-breast', [2, 4], Q, [6, 10], { over: 'dry' }),
  row('smoked-fish', 'chicken-breast', [2, 4], Q, [6, 10], { over: 'falling apart' }),
  row('prawns', 'chicken-breast', null, Q, [3, 4], { over: 'rubbery' }),
  row('squid', 'pork-ribs', [15, 20], Q, [40, 55]),
  row('mussels', 'chicken-breast', null, Q, [4, 6], { over: 'rubbery' }),

  row('kidney-beans', 'cannellini', [28, 35], N, [100, 125], BURST),
  row('kidney-beans', 'cannellini', [9, 13], N, [60, 80], SOAKED),
  row('chickpeas', 'cannellini', [38, 45], N, [120, 150], BURST),
  row('chickpeas', 'cannellini', [12, 16], N, [65, 90], SOAKED),
  row('pinto-beans', 'black-beans', [25, 30], N, [95, 120], BURST),
  row('pinto-beans', 'black-beans', [7, 10], N, [55, 75], SOAKED),
  row('butter-beans', 'navy-beans', [16, 22], N, [70, 90], BURST),
  row('butter-beans', 'navy-beans', [6, 9], N, [45, 60], SOAKED),
  row('flageolet', 'navy-beans', [23, 30], N, [85, 105], BURST),
  row('flageolet', 'navy-beans', [8, 11], N, [50, 65], SOAKED),
  row('black-eyed-peas', 'navy-beans', [12, 16], N, [50, 65], BURST),
  row('black-eyed-peas', 'navy-beans', [4, 6], N, [30, 42], SOAKED),
  row('mung-beans', 'split-peas', [8, 12], N, [40, 50]),
  row('adzuki-beans', 'navy-beans', [16, 22], N, [60, 80], BURST),
  row('adzuki-beans', 'navy-beans', [5, 8], N, [38, 50], SOAKED),
  row('soya-beans', 'cannellini', [38, 48], N, [150, 185]),
  row('fava-beans', 'cannellini', [28, 36], N, [90, 115]),
  row('whole-peas', 'split-peas', [16, 22], N, [70, 90]),
  row('puy-lentils', 'brown-lentils', [9, 12], Q, [24, 30], MUSH),
  row('red-lentils', 'split-peas', [4, 7], N, [14, 20]),
  row('split-mung', 'split-peas', [5, 9], N, [22, 32]),

  row('white-rice', 'brown-rice', [4, 8], T10, [14, 18], MUSH),
  row('risotto-rice', 'brown-rice', [5, 7], Q, [17, 20], MUSH),
  row('wild-rice', 'brown-rice', [22, 28], T10, [45, 58]),
  row('farro', 'pearl-barley', [12, 16], Q, [26, 34]),
  row('wheat-berries', 'pearl-barley', [28, 36], T10, [60, 80]),
  row('pot-barley', 'pearl-barley', [25, 30], T10, [60, 75]),
  row('bulgur', 'brown-rice', [0, 2], Q, [10, 15], MUSH),
  row('quinoa', 'brown-rice', [1, 2], T10, [14, 17], MUSH),
  row('millet', 'brown-rice', [8, 10], Q, [17, 22], MUSH),
  row('buckwheat', 'brown-rice', [3, 6], T10, [13, 18], MUSH),
  row('steel-cut-oats', 'pearl-barley', [4, 10], N, [22, 30]),
  row('rolled-oats', 'split-peas', [2, 4], N, [5, 10]),
  row('polenta', 'split-peas', [8, 11], Q, [28, 38]),
  row('short-pasta', 'ditalini', [4, 5], Q, [10, 12], MUSH),
  row('orzo', 'ditalini', [3, 4], Q, [8, 10], MUSH),
  row('tiny-pasta', 'ditalini', [1, 2], Q, [5, 7], MUSH),
  row('spaghetti', 'ditalini', [4, 5], Q, [9, 11], MUSH),
  row('wheat-noodles', 'egg-noodles', [0, 1], Q, [4, 5], MUSH),
  row('rice-noodles', 'vermicelli', null, Q, [3, 5], MUSH),
  row('gnocchi', 'vermicelli', null, Q, [3, 4], MUSH),
  row('dumplings', 'potato', [8, 10], Q, [18, 24]),

  row('sweet-potato', 'potato', [3, 5], Q, [9, 13], { cut: cube(25), ...MUSH }),
  row('turnip', 'potato', [3, 5], Q, [10, 14], { cut: cube(20), ...MUSH }),
  row('swede', 'potato', [5, 7], Q, [15, 20], { cut: cube(20), ...MUSH }),
  row('celeriac', 'potato', [3, 5], Q, [11, 14], { cut: cube(20), ...MUSH }),
  row('beetroot', 'potato', [6, 9], Q, [20, 26], { cut: cube(20), ...MUSH }),
  row('kohlrabi', 'potato', [4, 5], Q, [12, 15], { cut: cube(20), ...MUSH }),
  row('jerusalem-artichoke', 'potato', [3, 5], Q, [10, 14], { cut: cube(20), ...MUSH }),
  row('daikon', 'parsnip', [3, 5], Q, [12, 16], { cut: slice(15), ...MUSH }),
  row('parsley-root', 'parsnip', [3, 4], Q, [10, 13], { cut: slice(10), ...MUSH }),
  row('cassava', 'potato', [8, 12], Q, [20, 30], { cut: cube(30), ...MUSH }),
  row('yam', 'potato', [5, 7], Q, [14, 18], { cut: cube(25), ...MUSH }),
  row('plantain', 'potato', [5, 8], Q, [15, 20], { cut: slice(25), ...MUSH }),
  row('fennel', 'celery', [3, 4], Q, [10, 14], { cut: slice(10), ...MUSH }),
  row('bell-pepper', 'leek', [1, 3], Q, [7, 10], { cut: slice(10), ...MUSH }),
  row('courgette', 'leek', [0, 2], Q, [4, 7], { cut: slice(15), ...MUSH }),
  row('green-beans', 'leek', [2, 4], Q, [7, 10], MUSH),
  row('peas', 'leek', [0, 2], Q, [3, 6], MUSH),
  row('broad-beans-fresh', 'leek', [1, 3], Q, [5, 9], MUSH),
  row('frozen-vegetables', 'leek', [1, 3], Q, [5, 8], MUSH),
  row('sweetcorn', 'onion', [1, 4], Q, [4, 8]),
  row('corn-cob', 'onion', [3, 5], Q, [7, 12]),
  row('broccoli', 'leek', [0, 1], Q, [4, 7], MUSH),
  row('cauliflower', 'leek', [1, 3], Q, [6, 9], MUSH),
  row('brussels-sprouts', 'cabbage', [2, 4], Q, [8, 12], MUSH),
  row('pumpkin', 'butternut-squash', [3, 5], Q, [11, 15], { cut: cube(30), ...MUSH }),
  row('aubergine', 'butternut-squash', [2, 4], Q, [8, 12], { cut: cube(25), ...MUSH }),
  row('okra', 'leek', [2, 3], Q, [8, 11], MUSH),
  row('asparagus', 'leek', [0, 2], Q, [4, 7], MUSH),
  row('tomato', 'onion', [1, 5], Q, [5, 15]),
  row('mushrooms', 'onion', [2, 6], Q, [6, 12]),
  row('dried-mushrooms', 'onion', [3, 8], Q, [15, 25]),
  row('sauerkraut', 'onion', [4, 10], Q, [15, 40]),
  row('shallot', 'onion', [4, 7], Q, [15, 20]),
  row('spring-onion', 'leek', [0, 2], Q, [3, 6], { cut: slice(10), over: 'drab' }),
  row('garlic', 'onion', [2, 8], Q, [8, 20]),
  row('ginger', 'onion', [2, 8], Q, [8, 20]),
  row('fresh-chili', 'onion', [2, 6], Q, [6, 15]),
  row('celery-leaves', 'spinach', null, Q, [1, 3]),
  row('cavolo-nero', 'leek', [2, 4], Q, [8, 12], { over: 'drab' }),
  row('kale', 'leek', [1, 3], Q, [6, 10], { over: 'drab' }),
  row('mustard-greens', 'leek', [2, 4], Q, [8, 13], { over: 'drab' }),
  row('chard', 'spinach', null, Q, [2, 4], { over: 'drab' }),
  row('pak-choi', 'spinach', null, Q, [2, 4], { over: 'drab' }),
  row('watercress', 'spinach', null, Q, [0.5, 1.5], { over: 'drab' }),
  row('parsley', 'spinach', null, Q, [0.5, 1], { over: 'drab' }),
];
