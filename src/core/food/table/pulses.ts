/**
 * Pulses, dry and from the can.
 *
 * Compositions per 100 g and cup weights: USDA FoodData Central, from memory. As-cooked mass
 * ratio: from the common practice of volumes cooked over dry, 2.2 to 2.5.
 */
import { rows } from './row';

const pulse = rows('pulse', {
  kept: 'shelf',
  cooked: 2.25,
  swollen: 2.8,
  foaming: 3,
  scorch: 1,
  packing: 0.62,
  cupG: 190,
});
const canned = rows('pulse', { kept: 'shelf', foaming: 2, scorch: 1, packing: 0.65 });

export const PULSES = [
  pulse('black-beans', 'black beans, dry', [11, 21.6, 1.4, 46.9, 15.5, 3.6], {
    aliases: ['black bean', 'dry black bean', 'dried black beans'],
    cupG: 194,
    safety: 'lectin',
    shape: ['sphere', 7],
  }),
  pulse('borlotti', 'borlotti beans, dry', [12.4, 23, 1.2, 35.4, 24.7, 3.3], {
    aliases: ['borlotti', 'borlotti bean', 'cranberry bean', 'dried borlotti', 'dry borlotti'],
    cupG: 195,
    safety: 'lectin',
    shape: ['sphere', 10],
  }),
  pulse('cannellini', 'cannellini beans, dry', [11.3, 23.4, 0.9, 45.1, 15.2, 4.2], {
    aliases: ['cannellini', 'cannellini bean', 'white bean', 'dried cannellini', 'dry cannellini'],
    cupG: 202,
    safety: 'lectin',
    shape: ['sphere', 10],
  }),
  pulse('navy-beans', 'navy beans, dry', [12.1, 22.3, 1.5, 45.5, 15.3, 3.3], {
    aliases: ['navy bean', 'haricot', 'haricot bean', 'dried haricot'],
    cupG: 208,
    safety: 'lectin',
    shape: ['sphere', 7],
  }),
  pulse('kidney-beans', 'red kidney beans, dry', [11.8, 23.6, 0.8, 44.8, 15.2, 3.8], {
    canned: 'canned-kidney-beans',
    aliases: ['kidney bean', 'red kidney bean', 'dried kidney beans', 'dry kidney beans', 'rajma'],
    cupG: 184,
    shape: ['sphere', 10],
    safety: 'lectin',
  }),
  pulse('chickpeas', 'chickpeas, dry', [7.7, 20.5, 6, 50.8, 12.2, 2.9], {
    canned: 'canned-chickpeas',
    aliases: ['chickpea', 'garbanzo', 'dried chickpeas', 'dry chickpeas'],
    cupG: 200,
    shape: ['sphere', 9],
    foaming: 2,
  }),
  pulse('split-peas', 'split peas', [8.7, 23.1, 3.9, 39.4, 22.2, 2.7], {
    aliases: ['split pea', 'yellow split pea', 'green split pea', 'dried split peas'],
    cupG: 197,
    shape: ['slab', 4],
    scorch: 2,
  }),
  pulse('red-lentils', 'red lentils', [7.8, 23.9, 2.2, 52.3, 10.8, 3], {
    aliases: ['red lentil', 'split red lentil', 'masoor dal', 'orange lentil', 'yellow lentil'],
    cupG: 192,
    shape: ['slab', 2],
    scorch: 2,
  }),
  pulse('brown-lentils', 'brown lentils', [8.3, 24.6, 1.1, 52.7, 10.7, 2.7], {
    canned: 'canned-lentils',
    aliases: ['lentil', 'lentils', 'brown lentil', 'green lentil'],
    cupG: 192,
    shape: ['slab', 2.5],
  }),
  canned('canned-beans', 'beans, canned', [69, 8.4, 0.5, 14, 6.5, 1.6], {
    family: 'ready',
    aliases: [
      'canned beans',
      'canned borlotti',
      'canned cannellini',
      'canned black bean',
      'canned bean',
      'cooked beans',
    ],
    cupG: 180,
    can: { netG: 400, drainedG: 245 },
    shape: ['sphere', 11],
    saltPercent: 0.6,
  }),
  pulse('pinto-beans', 'pinto beans, dry', [11.3, 21.4, 1.2, 47.1, 15.5, 3.5], {
    aliases: [
      'pinto bean',
      'pinto',
      'dry pinto',
      'dried pinto beans',
      'anasazi bean',
      'bolita bean',
    ],
    cupG: 193,
    safety: 'lectin',
    shape: ['sphere', 9],
  }),
  pulse('butter-beans', 'butter beans, dry', [10.2, 21.5, 0.7, 44.4, 19, 4.3], {
    aliases: ['lima bean', 'butter bean', 'dry lima beans', 'gigantes'],
    cupG: 178,
    safety: 'lectin',
    shape: ['slab', 8],
  }),
  pulse('flageolet', 'flageolet beans, dry', [11.5, 22.5, 1.3, 41, 20, 3.7], {
    aliases: ['flageolet bean', 'dried flageolet'],
    cupG: 195,
    safety: 'lectin',
    shape: ['sphere', 7],
  }),
  pulse('black-eyed-peas', 'black-eyed peas, dry', [11.9, 23.5, 1.3, 49.4, 10.6, 3.2], {
    aliases: ['black-eyed bean', 'black eyed pea', 'cowpea', 'blackeye beans'],
    cupG: 167,
    shape: ['sphere', 7],
  }),
  pulse('mung-beans', 'mung beans, dry', [9.1, 23.9, 1.2, 46.3, 16.3, 3.3], {
    aliases: ['mung bean', 'green gram', 'moong'],
    cupG: 207,
    shape: ['sphere', 5],
  }),
  pulse('adzuki-beans', 'adzuki beans, dry', [13.4, 19.9, 0.5, 50.2, 12.7, 3.3], {
    aliases: ['adzuki', 'azuki bean', 'aduki bean', 'adzuki bean'],
    cupG: 197,
    shape: ['sphere', 6],
  }),
  pulse('soya-beans', 'soya beans, dry', [8.5, 36.5, 19.9, 20.9, 9.3, 4.9], {
    aliases: ['soybean', 'soya bean', 'soy bean'],
    cupG: 186,
    shape: ['sphere', 8],
  }),
  pulse('fava-beans', 'broad beans, dry', [11, 26.1, 1.5, 33.3, 25, 3.1], {
    aliases: ['dried fava beans', 'dried broad beans', 'fava bean', 'ful'],
    cupG: 150,
    shape: ['slab', 9],
  }),
  pulse('whole-peas', 'whole dried peas', [11, 23, 2, 40, 21, 3], {
    aliases: ['marrowfat pea', 'dried peas', 'dried whole peas', 'whole dried pea'],
    cupG: 197,
    shape: ['sphere', 7],
  }),
  pulse('puy-lentils', 'small green or black lentils', [8.5, 25, 1.5, 45, 17, 3], {
    aliases: [
      'puy lentil',
      'beluga lentil',
      'black lentil',
      'french lentil',
      'small green lentils',
    ],
    cupG: 200,
    shape: ['slab', 2.3],
  }),
  pulse('split-mung', 'split mung or urad dal', [9.7, 24, 1.4, 51, 10.5, 3.4], {
    aliases: ['moong dal', 'mung dal', 'split mung', 'dal'],
    cupG: 200,
    shape: ['slab', 2.5],
    scorch: 2,
  }),
  canned('canned-kidney-beans', 'kidney beans, canned', [68, 8, 0.6, 14.6, 6.2, 1.6], {
    family: 'ready',
    aliases: ['canned red kidney beans', 'tinned kidney beans'],
    cupG: 177,
    can: { netG: 400, drainedG: 240 },
    shape: ['sphere', 12],
    saltPercent: 0.6,
  }),
  canned('canned-lentils', 'lentils, canned', [72, 7.5, 0.5, 12, 5, 1.3], {
    family: 'ready',
    aliases: ['tinned lentils', 'cooked lentils', 'lentils in a can'],
    cupG: 190,
    can: { netG: 400, drainedG: 265 },
    shape: ['slab', 3.5],
    saltPercent: 0.5,
  }),
  canned('hominy', 'hominy, canned', [82, 1.5, 0.9, 11.8, 2.5, 0.8], {
    family: 'ready',
    aliases: ['canned hominy', 'pozole corn', 'mote'],
    cupG: 165,
    can: { netG: 425, drainedG: 285 },
    shape: ['sphere', 10],
    saltPercent: 0.5,
  }),
];
