/**
 * Times of foods outside the chart, each with the row of the chart it is nearest to: from memory
 * of common kitchen charts, no source. Same conditions as the chart. The kin gives z; the
 * times place need and lateness.
 */
import type { Cut, Release } from '../batch/schema';
import type { GradeName } from '../food';
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
  readonly late?: GradeName | null;
}

function row(
  food: string,
  like: string,
  pressure: Span | null,
  release: Release,
  simmer: Span,
  { cut, late = null, soakedH }: More = {},
): KinRow {
  return {
    food,
    like,
    cut: cut ?? null,
    pressure,
    release,
    simmer,
    late,
    ...(soakedH && { soakedH }),
  };
}

const BLOATED: More = { late: 'bloated' };
const BROKEN: More = { late: 'broken down' };
const CREAMY: More = { late: 'creamy' };
const MELTED: More = { late: 'melted in' };
const SOFT: More = { late: 'soft' };
const SOAKED: More = { soakedH: 8, late: 'creamy' };

export const KIN_CHART: readonly KinRow[] = [
  row('turkey-breast', 'chicken-breast', [18, 24], T10, [45, 60], { late: 'dry in slices' }),
  row('turkey-thigh', 'turkey-wing', [20, 28], N, [60, 80]),
  row('whole-chicken', 'turkey-wing', [25, 32], N, [65, 85]),
  row('duck-leg', 'turkey-wing', [28, 36], N, [80, 100]),
  row('smoked-turkey-wing', 'turkey-wing', [22, 30], N, [75, 95]),
  row('minced-poultry', 'minced-beef', [5, 15], Q, [20, 45]),
  row('meatballs', 'minced-beef', [6, 10], Q, [18, 25]),
  row('sausage', 'minced-beef', [5, 8], Q, [16, 25]),
  row('smoked-bacon', 'minced-beef', [3, 8], Q, [15, 40]),
  row('rabbit', 'chicken-leg', [20, 26], T10, [60, 80], { late: 'off the bone' }),
  row('lamb-shoulder', 'beef-stewing', [20, 28], T10, [85, 115], {
    cut: cube(35),
    late: 'in shreds',
  }),
  row('pork-shoulder', 'beef-stewing', [24, 32], T10, [95, 125], {
    cut: cube(40),
    late: 'in shreds',
  }),
  row('wild-boar', 'beef-stewing', [24, 32], T10, [95, 125], {
    cut: cube(40),
    late: 'in shreds',
  }),
  row('pork-belly', 'lamb-neck', [28, 36], N, [90, 120]),
  row('pork-loin', 'chicken-breast', [6, 9], Q, [20, 30], { late: 'dry in slices' }),
  row('stewing-veal', 'beef-stewing', [16, 22], T10, [75, 95], {
    cut: cube(35),
    late: 'in shreds',
  }),
  row('goat', 'lamb-neck', [30, 38], N, [120, 150], { cut: cube(35) }),
  row('lamb-shank', 'lamb-neck', [38, 48], N, [130, 160]),
  row('beef-cheek', 'beef-shank', [42, 52], N, [170, 210]),
  row('beef-brisket', 'beef-shank', [55, 70], N, [180, 220]),
  row('beef-short-ribs', 'beef-shank', [38, 48], N, [150, 180]),
  row('oxtail', 'beef-shank', [42, 55], N, [180, 220]),
  row('white-fish', 'chicken-breast', [2, 4], Q, [6, 10], { late: 'dry' }),
  row('oily-fish', 'chicken-breast', [2, 4], Q, [6, 10], { late: 'dry' }),
  row('smoked-fish', 'chicken-breast', [2, 4], Q, [6, 10], { late: 'dry' }),
  row('prawns', 'chicken-breast', null, Q, [3, 4], { late: 'rubbery' }),
  row('squid', 'pork-ribs', [15, 20], Q, [40, 55]),
  row('mussels', 'chicken-breast', null, Q, [4, 6], { late: 'rubbery' }),

  row('kidney-beans', 'cannellini', [28, 35], N, [100, 125], CREAMY),
  row('kidney-beans', 'cannellini', [9, 13], N, [60, 80], SOAKED),
  row('chickpeas', 'cannellini', [38, 45], N, [120, 150], CREAMY),
  row('chickpeas', 'cannellini', [12, 16], N, [65, 90], SOAKED),
  row('pinto-beans', 'black-beans', [25, 30], N, [95, 120], CREAMY),
  row('pinto-beans', 'black-beans', [7, 10], N, [55, 75], SOAKED),
  row('butter-beans', 'navy-beans', [16, 22], N, [70, 90], CREAMY),
  row('butter-beans', 'navy-beans', [6, 9], N, [45, 60], SOAKED),
  row('flageolet', 'navy-beans', [23, 30], N, [85, 105], CREAMY),
  row('flageolet', 'navy-beans', [8, 11], N, [50, 65], SOAKED),
  row('black-eyed-peas', 'navy-beans', [12, 16], N, [50, 65], CREAMY),
  row('black-eyed-peas', 'navy-beans', [4, 6], N, [30, 42], SOAKED),
  row('mung-beans', 'split-peas', [8, 12], N, [40, 50]),
  row('adzuki-beans', 'navy-beans', [16, 22], N, [60, 80], CREAMY),
  row('adzuki-beans', 'navy-beans', [5, 8], N, [38, 50], SOAKED),
  row('soya-beans', 'cannellini', [38, 48], N, [150, 185]),
  row('fava-beans', 'cannellini', [28, 36], N, [90, 115]),
  row('whole-peas', 'split-peas', [16, 22], N, [70, 90]),
  row('puy-lentils', 'brown-lentils', [9, 12], Q, [24, 30], BROKEN),
  row('red-lentils', 'split-peas', [4, 7], N, [14, 20]),
  row('split-mung', 'split-peas', [5, 9], N, [22, 32]),

  row('white-rice', 'brown-rice', [4, 8], T10, [14, 18], BROKEN),
  row('risotto-rice', 'brown-rice', [5, 7], Q, [17, 20], BROKEN),
  row('wild-rice', 'brown-rice', [22, 28], T10, [45, 58]),
  row('farro', 'pearl-barley', [12, 16], Q, [26, 34]),
  row('wheat-berries', 'pearl-barley', [28, 36], T10, [60, 80]),
  row('pot-barley', 'pearl-barley', [25, 30], T10, [60, 75]),
  row('bulgur', 'brown-rice', [0, 2], Q, [10, 15], BROKEN),
  row('quinoa', 'brown-rice', [1, 2], T10, [14, 17], BROKEN),
  row('millet', 'brown-rice', [8, 10], Q, [17, 22], BROKEN),
  row('buckwheat', 'brown-rice', [3, 6], T10, [13, 18], BROKEN),
  row('steel-cut-oats', 'pearl-barley', [4, 10], N, [22, 30]),
  row('rolled-oats', 'split-peas', [2, 4], N, [5, 10]),
  row('polenta', 'split-peas', [8, 11], Q, [28, 38]),
  row('short-pasta', 'ditalini', [4, 5], Q, [10, 12], BLOATED),
  row('orzo', 'ditalini', [3, 4], Q, [8, 10], BLOATED),
  row('tiny-pasta', 'ditalini', [1, 2], Q, [5, 7], BLOATED),
  row('spaghetti', 'ditalini', [4, 5], Q, [9, 11], BLOATED),
  row('wheat-noodles', 'egg-noodles', [0, 1], Q, [4, 5], BLOATED),
  row('rice-noodles', 'vermicelli', null, Q, [3, 5], BLOATED),
  row('gnocchi', 'vermicelli', null, Q, [3, 4], BLOATED),
  row('dumplings', 'potato', [8, 10], Q, [18, 24]),

  row('sweet-potato', 'potato', [3, 5], Q, [9, 13], { cut: cube(25), ...SOFT }),
  row('turnip', 'potato', [3, 5], Q, [10, 14], { cut: cube(20), ...SOFT }),
  row('swede', 'potato', [5, 7], Q, [15, 20], { cut: cube(20), ...SOFT }),
  row('celeriac', 'potato', [3, 5], Q, [11, 14], { cut: cube(20), ...SOFT }),
  row('beetroot', 'potato', [6, 9], Q, [20, 26], { cut: cube(20), ...SOFT }),
  row('kohlrabi', 'potato', [4, 5], Q, [12, 15], { cut: cube(20), ...SOFT }),
  row('jerusalem-artichoke', 'potato', [3, 5], Q, [10, 14], { cut: cube(20), ...SOFT }),
  row('daikon', 'parsnip', [3, 5], Q, [12, 16], { cut: slice(15), ...SOFT }),
  row('parsley-root', 'parsnip', [3, 4], Q, [10, 13], { cut: slice(10), ...SOFT }),
  row('cassava', 'potato', [8, 12], Q, [20, 30], { cut: cube(30), ...SOFT }),
  row('yam', 'potato', [5, 7], Q, [14, 18], { cut: cube(25), ...SOFT }),
  row('plantain', 'potato', [5, 8], Q, [15, 20], { cut: slice(25), ...SOFT }),
  row('apple', 'celery', [2, 4], Q, [8, 12], { cut: slice(15), ...MELTED }),
  row('fennel', 'celery', [3, 4], Q, [10, 14], { cut: slice(10), ...MELTED }),
  row('bell-pepper', 'leek', [1, 3], Q, [7, 10], { cut: slice(10), ...MELTED }),
  row('courgette', 'leek', [0, 2], Q, [4, 7], { cut: slice(15), ...SOFT }),
  row('green-beans', 'leek', [2, 4], Q, [7, 10], SOFT),
  row('peas', 'leek', [0, 2], Q, [3, 6], SOFT),
  row('broad-beans-fresh', 'leek', [1, 3], Q, [5, 9], SOFT),
  row('frozen-vegetables', 'leek', [1, 3], Q, [5, 8], SOFT),
  row('sweetcorn', 'onion', [1, 4], Q, [4, 8]),
  row('corn-cob', 'onion', [3, 5], Q, [7, 12]),
  row('broccoli', 'leek', [0, 1], Q, [4, 7], SOFT),
  row('cauliflower', 'leek', [1, 3], Q, [6, 9], SOFT),
  row('brussels-sprouts', 'cabbage', [2, 4], Q, [8, 12], SOFT),
  row('pumpkin', 'butternut-squash', [3, 5], Q, [11, 15], { cut: cube(30), ...SOFT }),
  row('aubergine', 'butternut-squash', [2, 4], Q, [8, 12], { cut: cube(25), ...SOFT }),
  row('okra', 'leek', [2, 3], Q, [8, 11], SOFT),
  row('asparagus', 'leek', [0, 2], Q, [4, 7], SOFT),
  row('tomato', 'onion', [1, 5], Q, [5, 15]),
  row('mushrooms', 'onion', [2, 6], Q, [6, 12]),
  row('dried-mushrooms', 'onion', [3, 8], Q, [15, 25]),
  row('sauerkraut', 'onion', [4, 10], Q, [15, 40]),
  row('shallot', 'onion', [4, 7], Q, [15, 20]),
  row('spring-onion', 'leek', [0, 2], Q, [3, 6], { cut: slice(10), late: 'melted in' }),
  row('garlic', 'onion', [2, 8], Q, [8, 20]),
  row('ginger', 'onion', [2, 8], Q, [8, 20]),
  row('fresh-chili', 'onion', [2, 6], Q, [6, 15]),
  row('celery-leaves', 'spinach', null, Q, [1, 3]),
  row('cavolo-nero', 'leek', [0, 2], Q, [3, 7]),
  row('kale', 'leek', [0, 2], Q, [3, 7]),
  row('collards', 'leek', [3, 6], Q, [12, 25]),
  row('mustard-greens', 'leek', [0, 2], Q, [3, 8]),
  row('chard', 'spinach', null, Q, [2, 4], { late: 'drab' }),
  row('pak-choi', 'spinach', null, Q, [2, 4], { late: 'drab' }),
  row('watercress', 'spinach', null, Q, [0.5, 1.5], { late: 'drab' }),
  row('parsley', 'spinach', null, Q, [0.5, 1], { late: 'drab' }),

  row('duck-breast', 'chicken-breast', [8, 12], Q, [25, 40], { late: 'dry in slices' }),
  row('game-bird', 'turkey-wing', [22, 30], N, [60, 85]),
  row('poultry-livers', 'chicken-breast', [2, 4], Q, [6, 10], { late: 'dry in slices' }),
  row('gizzards', 'pork-ribs', [22, 30], N, [90, 120]),
  row('minced-pork', 'minced-beef', [5, 15], Q, [20, 45]),
  row('pork-hock', 'pork-trotter', [35, 50], N, [110, 165]),
  row('chicken-feet', 'pork-trotter', [20, 30], N, [70, 110]),
  row('calf-foot', 'pork-trotter', [60, 80], N, [210, 280]),
  row('beef-foot', 'pork-trotter', [75, 100], N, [270, 360]),
  row('pork-ear', 'pork-trotter', [30, 40], N, [100, 150]),
  row('pork-skin', 'pork-trotter', [22, 32], N, [75, 120]),
  row('pork-tail', 'pork-trotter', [35, 45], N, [120, 170]),
  row('stewing-hen', 'lamb-neck', [45, 60], N, [130, 190]),
  row('octopus', 'pork-ribs', [15, 22], N, [50, 80]),
  row('goat-on-the-bone', 'lamb-neck', [30, 40], N, [110, 150]),
  row('mutton', 'lamb-neck', [30, 40], N, [110, 150], { cut: cube(35) }),
  row('veal-shank', 'beef-shank', [28, 38], N, [100, 140]),
  row('lamb-chops', 'lamb-neck', [18, 25], N, [75, 100]),
  row('salt-pork', 'lamb-neck', [15, 25], N, [60, 90]),
  row('corned-beef', 'beef-shank', [65, 85], N, [170, 210]),
  row('lamb-breast', 'lamb-neck', [28, 36], N, [100, 130]),
  row('beef-tendon', 'beef-shank', [60, 75], N, [220, 280]),
  row('tripe', 'pork-ribs', [30, 40], N, [130, 170]),
  row('tongue', 'beef-shank', [55, 70], N, [170, 210]),
  row('heart', 'beef-shank', [38, 48], N, [140, 180]),
  row('scallops', 'chicken-breast', null, Q, [2, 4], { late: 'rubbery' }),
  row('oysters', 'chicken-breast', null, Q, [2, 3], { late: 'rubbery' }),
  row('eel', 'chicken-breast', [3, 5], Q, [8, 12], { late: 'dry' }),
  row('dried-fruit', 'onion', [3, 8], Q, [10, 20]),
  row('pineapple', 'celery', [2, 4], Q, [6, 10], { cut: cube(20), ...MELTED }),
  row('orange', 'celery', [2, 4], Q, [8, 12], { cut: slice(10), ...MELTED }),
  row('lotus-root', 'potato', [5, 8], Q, [15, 22], { cut: slice(8), ...SOFT }),
  row('bean-sprouts', 'leek', null, Q, [1, 3], SOFT),
  row('chayote', 'leek', [2, 4], Q, [9, 13], { cut: cube(20), ...SOFT }),
  row('tomatillo', 'onion', [1, 5], Q, [6, 15]),
  row('cranberries', 'onion', [0, 3], T10, [4, 12]),
  row('rhubarb', 'leek', [0, 2], T10, [4, 9], { cut: slice(20), ...SOFT }),
  row('mangetout', 'leek', [0, 1], Q, [2, 4], SOFT),
  row('sun-dried-tomatoes', 'onion', [2, 8], Q, [8, 20]),
  row('escarole', 'leek', [0, 2], Q, [4, 8]),
  row('chana-dal', 'split-peas', [10, 15], N, [45, 65]),
  row('toor-dal', 'split-peas', [7, 10], N, [35, 50]),
  row('urad-dal', 'split-peas', [9, 13], N, [40, 55]),
  row('urad', 'navy-beans', [25, 32], N, [75, 105], CREAMY),
  row('dried-hominy', 'cannellini', [50, 65], N, [150, 200], BROKEN),
  row('dried-hominy', 'cannellini', [35, 45], N, [100, 140], { soakedH: 8, late: 'broken down' }),
  row('pigeon-peas', 'navy-beans', [20, 26], N, [60, 85], CREAMY),
  row('couscous', 'brown-rice', null, Q, [3, 5], BROKEN),
  row('pearl-couscous', 'ditalini', [3, 4], Q, [8, 10], BROKEN),
  row('amaranth', 'brown-rice', [4, 7], T10, [18, 24], BROKEN),
  row('rice-cakes', 'ditalini', null, Q, [4, 7], BROKEN),
  row('soba', 'egg-noodles', null, Q, [4, 6], BLOATED),
  row('filled-pasta', 'vermicelli', null, Q, [3, 6], BLOATED),
  row('glass-noodles', 'vermicelli', null, Q, [3, 5], BLOATED),
];
