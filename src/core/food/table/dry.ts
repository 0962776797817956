/**
 * Pulses, grains and pasta.
 *
 * Compositions per 100 g and cup weights: USDA FoodData Central, from memory. As-cooked mass
 * ratios: from the common practice of volumes cooked over dry (pulses 2.2 to 2.5, rice about 3,
 * barley 3.5, pasta 2 to 2.3).
 */
import { rows } from './row';

const pulse = rows('pulse', {
  kept: 'shelf',
  cooked: 2.1,
  foaming: 3,
  scorch: 1,
  packing: 0.62,
  cupG: 190,
});
const canned = rows('pulse', { kept: 'shelf', foaming: 2, scorch: 1, packing: 0.65 });
const grain = rows('grain', {
  kept: 'shelf',
  cooked: 2.6,
  foaming: 3,
  scorch: 2,
  packing: 0.6,
  cupG: 190,
});
const pasta = rows('pasta', {
  kept: 'shelf',
  cooked: 2,
  foaming: 3,
  scorch: 2,
  packing: 0.4,
  cupG: 110,
});

export const DRY = [
  pulse('black-beans', 'black beans, dry', [11, 21.6, 1.4, 46.9, 15.5, 3.6], {
    aliases: ['black bean', 'dry black bean', 'dried black beans'],
    cupG: 194,
    shape: ['sphere', 7],
  }),
  pulse('borlotti', 'borlotti beans, dry', [12.4, 23, 1.2, 35.4, 24.7, 3.3], {
    aliases: ['borlotti', 'borlotti bean', 'cranberry bean', 'dried borlotti', 'dry borlotti'],
    cupG: 195,
    shape: ['sphere', 10],
  }),
  pulse('cannellini', 'cannellini beans, dry', [11.3, 23.4, 0.9, 45.1, 15.2, 4.2], {
    aliases: ['cannellini', 'cannellini bean', 'white bean', 'dried cannellini', 'dry cannellini'],
    cupG: 202,
    shape: ['sphere', 10],
  }),
  pulse('navy-beans', 'navy beans, dry', [12.1, 22.3, 1.5, 45.5, 15.3, 3.3], {
    aliases: ['navy bean', 'haricot', 'haricot bean', 'dried haricot'],
    cupG: 208,
    shape: ['sphere', 7],
  }),
  pulse('kidney-beans', 'red kidney beans, dry', [11.8, 23.6, 0.8, 44.8, 15.2, 3.8], {
    aliases: ['kidney bean', 'red kidney bean', 'dried kidney beans', 'dry kidney beans'],
    cupG: 184,
    shape: ['sphere', 10],
    safety: 'kidney-bean',
  }),
  pulse('chickpeas', 'chickpeas, dry', [7.7, 20.5, 6, 50.8, 12.2, 2.9], {
    aliases: ['chickpea', 'garbanzo', 'dried chickpeas', 'dry chickpeas'],
    cupG: 200,
    shape: ['sphere', 9],
    foaming: 2,
  }),
  pulse('split-peas', 'split peas', [8.7, 23.1, 3.9, 39.4, 22.2, 2.7], {
    aliases: ['split pea', 'yellow split pea', 'green split pea', 'dried split peas', 'chana dal'],
    cupG: 197,
    shape: ['slab', 4],
    scorch: 2,
  }),
  pulse('red-lentils', 'red lentils', [7.8, 23.9, 2.2, 52.3, 10.8, 3], {
    aliases: ['red lentil', 'split red lentil', 'masoor dal'],
    cupG: 192,
    shape: ['slab', 2],
    scorch: 2,
  }),
  pulse('brown-lentils', 'brown lentils', [8.3, 24.6, 1.1, 52.7, 10.7, 2.7], {
    aliases: ['lentil', 'lentils', 'brown lentil', 'green lentil'],
    cupG: 192,
    shape: ['slab', 2.5],
  }),
  canned('canned-beans', 'beans, canned', [69, 8.4, 0.5, 14, 6.5, 1.6], {
    aliases: [
      'canned beans',
      'beans, canned',
      'canned borlotti',
      'canned cannellini',
      'canned black bean',
      'canned kidney bean',
      'canned bean',
      'canned chickpea',
      'borlotti beans',
      'cooked beans',
    ],
    cupG: 180,
    can: { netG: 400, drainedG: 245 },
    shape: ['sphere', 11],
    saltPercent: 0.6,
  }),
  grain('pearl-barley', 'pearl barley', [10.1, 9.9, 1.2, 62.1, 15.6, 1.1], {
    aliases: ['barley', 'pearled barley', 'pot barley'],
    cupG: 200,
    shape: ['sphere', 3.5],
    cooked: 2.9,
  }),
  grain('brown-rice', 'brown rice', [11.7, 7.5, 3.2, 72.7, 3.4, 1.5], {
    aliases: ['wholegrain rice', 'brown long-grain rice'],
    shape: ['cylinder', 2.2],
    foaming: 2,
    cooked: 2.6,
  }),
  grain('white-rice', 'white rice', [11.6, 7.1, 0.7, 78.7, 1.3, 0.6], {
    aliases: ['rice', 'long-grain rice', 'basmati', 'arborio', 'white rice'],
    cupG: 185,
    shape: ['cylinder', 2],
    foaming: 2,
  }),
  grain('rolled-oats', 'rolled oats', [10.8, 13.2, 6.5, 57.6, 10.1, 1.8], {
    aliases: ['oat', 'oats', 'porridge oats'],
    cupG: 81,
    shape: ['slab', 0.8],
    packing: 0.35,
    scorch: 3,
    cooked: 3.5,
  }),
  pasta('ditalini', 'ditalini', [9.9, 13, 1.5, 71.5, 3.2, 0.9], {
    aliases: ['small pasta', 'soup pasta', 'macaroni', 'pasta', 'short pasta', 'tubetti'],
    cupG: 120,
    shape: ['slab', 1.3],
  }),
  pasta('egg-noodles', 'egg noodles', [9.1, 14.2, 4.4, 68, 3.3, 1.1], {
    aliases: ['egg noodle', 'noodle', 'noodles', 'dried egg noodles'],
    cupG: 38,
    shape: ['slab', 1],
    foaming: 2,
    packing: 0.2,
  }),
  pasta('vermicelli', 'fine vermicelli', [10, 13, 1.4, 71.6, 3, 0.9], {
    aliases: ['vermicelli', 'angel hair', 'fine noodles', 'thin noodles'],
    cupG: 90,
    shape: ['cylinder', 0.9],
    foaming: 2,
    packing: 0.3,
  }),
];
