/**
 * Grains, pasta and noodles.
 *
 * Compositions per 100 g and cup weights: USDA FoodData Central, from memory. As-cooked mass
 * ratios: from the common practice of volumes cooked over dry (rice about 3, barley 3.5, pasta 2
 * to 2.3); left long in plenty of liquid rice comes to 6 to 8 times (congee), noodles to 3 to 4
 * (common practice, no source).
 */
import { rows } from './row';

const grain = rows('grain', {
  kept: 'shelf',
  cooked: 2.6,
  swollen: 4.5,
  foaming: 3,
  scorch: 2,
  packing: 0.6,
  cupG: 190,
});
const pasta = rows('pasta', {
  kept: 'shelf',
  cooked: 2,
  swollen: 3.6,
  foaming: 3,
  scorch: 2,
  packing: 0.4,
  cupG: 110,
});

export const GRAINS = [
  grain('pearl-barley', 'pearl barley', [10.1, 9.9, 1.2, 62.1, 15.6, 1.1], {
    aliases: ['barley', 'pearled barley'],
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
    aliases: [
      'rice',
      'long-grain rice',
      'basmati',
      'jasmine rice',
      'white rice',
      'sushi rice',
      'instant rice',
    ],
    cupG: 185,
    shape: ['cylinder', 2],
    foaming: 2,
    swollen: 7,
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
    aliases: ['small pasta', 'soup pasta', 'pasta', 'tubetti', 'ditali'],
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
  grain('wild-rice', 'wild rice', [7.8, 14.7, 1.1, 68.7, 6.2, 1.5], {
    aliases: ['wild rice grains'],
    cupG: 160,
    shape: ['cylinder', 2.2],
    foaming: 2,
    cooked: 2.9,
  }),
  grain('farro', 'farro or spelt', [10.5, 14.5, 2.4, 59.5, 10.7, 1.8], {
    aliases: ['spelt', 'pearled farro', 'pearled spelt', 'farro'],
    cupG: 185,
    shape: ['sphere', 4],
    cooked: 2.4,
  }),
  grain('wheat-berries', 'wheat berries', [11, 12.6, 1.5, 60.4, 12.2, 1.6], {
    aliases: ['wheat berry', 'whole wheat grain', 'rye berries', 'freekeh whole', 'kamut'],
    cupG: 192,
    shape: ['sphere', 4],
    cooked: 2.3,
  }),
  grain('pot-barley', 'pot barley, hulled', [9.4, 12.5, 2.3, 56.2, 17.3, 2.3], {
    aliases: ['hulled barley', 'whole barley', 'scotch barley'],
    cupG: 184,
    shape: ['sphere', 4],
    cooked: 2.7,
  }),
  grain('bulgur', 'bulgur', [9, 12.3, 1.3, 63.4, 12.5, 1.5], {
    aliases: ['bulgar wheat', 'bulghur', 'cracked wheat'],
    cupG: 140,
    shape: ['sphere', 2],
    cooked: 2.7,
  }),
  grain('quinoa', 'quinoa', [13.3, 14.1, 6.1, 57.2, 7, 2.4], {
    aliases: ['red quinoa', 'white quinoa'],
    cupG: 170,
    shape: ['sphere', 2],
    cooked: 2.7,
  }),
  grain('millet', 'millet', [8.7, 11, 4.2, 64.4, 8.5, 3.3], {
    aliases: ['hulled millet'],
    cupG: 200,
    shape: ['sphere', 2],
    cooked: 2.9,
  }),
  grain('buckwheat', 'buckwheat groats', [8.4, 11.7, 2.7, 64.7, 10.3, 2.2], {
    aliases: ['buckwheat', 'kasha', 'buckwheat groat'],
    cupG: 164,
    shape: ['sphere', 3.5],
    cooked: 2.5,
  }),
  grain('steel-cut-oats', 'steel-cut oats', [10.8, 13.2, 6.5, 57.6, 10.1, 1.8], {
    aliases: ['pinhead oats', 'steel cut oat', 'oat groats', 'coarse oatmeal'],
    cupG: 176,
    shape: ['sphere', 2.5],
    scorch: 3,
    cooked: 3.2,
  }),
  grain('polenta', 'polenta', [10.3, 8.1, 3.6, 69.6, 7.3, 1.1], {
    aliases: ['cornmeal'],
    cupG: 157,
    shape: ['sphere', 1],
    scorch: 3,
    cooked: 3.8,
  }),
  grain('risotto-rice', 'risotto rice', [12, 6.8, 0.5, 79, 1, 0.5], {
    aliases: ['arborio rice', 'carnaroli', 'short-grain rice', 'arborio'],
    cupG: 195,
    shape: ['cylinder', 2.8],
    foaming: 2,
    cooked: 2.6,
  }),
  pasta('short-pasta', 'short pasta', [9.9, 13, 1.5, 71.5, 3.2, 0.9], {
    aliases: [
      'penne',
      'fusilli',
      'elbow macaroni',
      'macaroni',
      'rigatoni',
      'farfalle',
      'shells',
      'lasagne sheets',
      'lasagna noodles',
      'broken lasagne',
    ],
    cupG: 100,
    shape: ['slab', 1.4],
    packing: 0.33,
  }),
  pasta('orzo', 'orzo', [9.9, 13, 1.5, 71.5, 3.2, 0.9], {
    aliases: ['risoni', 'rice-shaped pasta', 'kritharaki'],
    cupG: 170,
    shape: ['cylinder', 2.4],
    packing: 0.55,
  }),
  pasta('tiny-pasta', 'tiny soup pasta', [9.9, 13, 1.5, 71.5, 3.2, 0.9], {
    aliases: ['stelline', 'alphabet pasta', 'acini di pepe', 'pastina', 'star pasta'],
    cupG: 160,
    shape: ['slab', 1],
    packing: 0.55,
  }),
  pasta('spaghetti', 'spaghetti', [9.9, 13, 1.5, 71.5, 3.2, 0.9], {
    aliases: ['broken spaghetti', 'linguine', 'tagliatelle', 'long pasta'],
    cupG: 100,
    shape: ['cylinder', 1.8],
    foaming: 2,
    packing: 0.35,
  }),
  pasta('wheat-noodles', 'wheat noodles', [10, 11.5, 2, 73, 2.5, 1], {
    aliases: [
      'ramen noodles',
      'chinese noodles',
      'ramen',
      'wheat noodle',
      'lo mein',
      'lo mein noodles',
      'chow mein noodles',
    ],
    cupG: 60,
    shape: ['slab', 1.2],
    foaming: 2,
    packing: 0.25,
    saltPercent: 0.8,
  }),
  pasta('rice-noodles', 'rice noodles', [11.9, 6, 0.6, 79.2, 1.6, 0.7], {
    aliases: ['rice noodle', 'rice vermicelli', 'rice sticks', 'flat rice noodles'],
    cupG: 70,
    shape: ['slab', 0.9],
    foaming: 2,
    packing: 0.25,
  }),
  pasta('gnocchi', 'potato gnocchi', [57, 4.5, 0.6, 33.5, 2.4, 2], {
    aliases: ['gnocchi', 'fresh gnocchi', 'potato dumplings'],
    cupG: 155,
    shape: ['sphere', 18],
    cooked: 1.1,
    packing: 0.6,
    saltPercent: 0.8,
    kept: 'fridge',
  }),
  pasta('dumplings', 'flour or bread dumplings', [38, 7, 9, 42, 2, 2], {
    aliases: ['dumpling', 'suet dumplings', 'matzo balls', 'bread dumplings'],
    pieceG: 40,
    shape: ['sphere', 40],
    cooked: 1.5,
    packing: 0.6,
    saltPercent: 0.9,
    kept: 'fridge',
  }),
];
