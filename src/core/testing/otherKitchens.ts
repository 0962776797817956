/**
 * Twelve dishes of other kitchens that turn out well, and five more batches that do not. Ours, invented
 * after common practice; written with what is right of them before any of them was run.
 */
import { item, KITCHEN, SEA_LEVEL } from './kitchen';
import { BIG, brown, cooked, cube, hold, LARGE, N, Q, simmer, slice, T, then } from './practice';
import type { Cooked, Spoiled } from './practice';

const soaked = { soakedH: 10 };

export const OTHER_GOOD: readonly Cooked[] = [
  cooked(
    'Chicken congee with ginger',
    [
      item('w', 'water', 1.9, 'l'),
      item('r', 'white-rice', 160, 'g'),
      item('c', 'chicken-thigh', 400, 'g'),
      item('g', 'ginger', 20, 'g'),
    ],
    [hold('s1', 30, N)],
  ),
  cooked(
    'Toor dal with tomato',
    [
      item('w', 'water', 1.2, 'l'),
      item('d', 'toor-dal', 250, 'g'),
      item('t', 'tomato', 2, 'piece', cube(20)),
      item('m', 'turmeric', 3, 'g'),
      item('h', 'hing', 1, 'g'),
    ],
    [hold('s1', 12, N), simmer('s2', 5)],
  ),
  cooked(
    'Pozole with pork shoulder',
    [
      item('w', 'water', 2, 'l'),
      item('h', 'dried-hominy', 300, 'g', soaked),
      item('p', 'pork-shoulder', 800, 'g', cube(40)),
      item('o', 'onion', 1, 'piece', cube(10)),
      item('g', 'garlic', 4, 'piece'),
      item('d', 'dried-chili', 20, 'g'),
    ],
    [hold('s1', 45, N)],
    { pot: LARGE },
  ),
  cooked(
    'Feijoada with smoked ribs and ear',
    [
      item('w', 'water', 1.7, 'l'),
      item('b', 'black-beans', 400, 'g', soaked),
      item('r', 'smoked-pork-ribs', 500, 'g'),
      item('s', 'cured-sausage', 200, 'g', slice(15)),
      item('e', 'pork-ear', 1, 'piece'),
      item('o', 'onion', 1, 'piece', cube(10)),
      item('g', 'garlic', 5, 'piece'),
    ],
    [hold('s1', 40, N)],
    { pot: LARGE },
  ),
  cooked(
    'Tripe in two stages',
    [
      item('w', 'water', 1.6, 'l'),
      item('t', 'tripe', 900, 'g', slice(8)),
      item('o', 'onion', 1, 'piece', cube(10)),
      item('c', 'carrot', 2, 'piece', { ...slice(15), stays: [{ from: 's3' }] }),
      item('k', 'canned-beans', 1, 'can', { stays: [{ from: 's3' }] }),
      item('p', 'potato', 400, 'g', { ...cube(25), stays: [{ from: 's3' }] }),
    ],
    [hold('s1', 38, N), { id: 's2', kind: 'open', minutes: 4 }, hold('s3', 5, T(5))],
  ),
  cooked(
    'Borscht with shin',
    [
      item('w', 'water', 2, 'l'),
      item('s', 'shin-on-the-bone', 700, 'g', slice(45)),
      item('b', 'beetroot', 400, 'g', { ...cube(15), stays: [{ from: 's3' }] }),
      item('k', 'cabbage', 250, 'g', { ...slice(10), stays: [{ from: 's3' }] }),
      item('p', 'potato', 300, 'g', { ...cube(25), stays: [{ from: 's3' }] }),
      item('c', 'carrot', 2, 'piece', { ...slice(10), stays: [{ from: 's3' }] }),
    ],
    [hold('s1', 48, N), { id: 's2', kind: 'open', minutes: 4 }, hold('s3', 6, Q)],
    { pot: LARGE },
  ),
  cooked(
    'Harira with lamb and chickpeas',
    [
      item('w', 'water', 1.8, 'l'),
      item('k', 'chickpeas', 150, 'g', soaked),
      item('l', 'lamb-shoulder', 350, 'g', cube(25)),
      item('d', 'red-lentils', 80, 'g'),
      item('t', 'canned-tomatoes', 1, 'can'),
      item('y', 'celery', 2, 'piece', slice(10)),
      item('r', 'ras-el-hanout', 5, 'g'),
      item('v', 'vermicelli', 50, 'g', { stays: [{ from: 's2' }] }),
    ],
    [hold('s1', 22, N), simmer('s2', 4)],
    { pot: BIG },
  ),
  cooked(
    'Laksa with prawns',
    [
      item('w', 'broth', 1.2, 'l'),
      item('p', 'laksa-paste', 120, 'g'),
      item('c', 'chicken-thigh', 500, 'g'),
      item('l', 'lemongrass', 2, 'piece'),
      item('m', 'coconut-milk', 400, 'ml', { stays: [{ from: 's2' }] }),
      item('x', 'prawns', 250, 'g', { stays: [{ from: 's3' }] }),
      item('n', 'rice-noodles', 250, 'g', { apart: true }),
    ],
    [hold('s1', 10, T(5)), simmer('s2', 3), simmer('s3', 3)],
  ),
  cooked(
    'Ramen broth from trotters',
    [
      item('w', 'water', 3, 'l'),
      item('t', 'pork-trotter', 3, 'piece'),
      item('f', 'chicken-feet', 300, 'g'),
      item('g', 'ginger', 30, 'g'),
      item('o', 'onion', 1, 'piece'),
    ],
    [hold('s1', 120, N)],
    { pot: LARGE, kind: 'broth' },
  ),
  cooked(
    'Goulash with potatoes',
    [
      item('m', 'goulash-meat', 900, 'g', { ...cube(30), stays: [{ from: 'brown' }] }),
      item('o', 'onion', 500, 'g', { ...cube(10), stays: [{ from: 'brown' }] }),
      ...then([item('w', 'water', 900, 'ml'), item('p', 'paprika', 25, 'g')], 's1'),
      item('k', 'potato', 400, 'g', { ...cube(25), stays: [{ from: 's3' }] }),
    ],
    [brown, hold('s1', 25, N), { id: 's2', kind: 'open', minutes: 3 }, hold('s3', 5, Q)],
  ),
  cooked(
    'Goat curry on the bone',
    [
      item('g', 'goat-on-the-bone', 1, 'kg', cube(40)),
      item('o', 'onion', 300, 'g', cube(10)),
      item('t', 'tomato', 300, 'g', cube(20)),
      item('i', 'ginger', 30, 'g'),
      item('m', 'garam-masala', 8, 'g'),
      item('w', 'water', 600, 'ml'),
    ],
    [hold('s1', 38, N)],
    { kitchen: SEA_LEVEL },
  ),
  cooked(
    'Pork and tomato without added water',
    [
      item('p', 'pork-shoulder', 900, 'g', cube(30)),
      item('t', 'tomato', 800, 'g', cube(30)),
      item('o', 'onion', 300, 'g', cube(10)),
    ],
    [hold('s1', 30, N)],
    { kitchen: KITCHEN },
  ),
];

export const OTHER_BAD: readonly Spoiled[] = [
  {
    ...cooked(
      'A joint in a hurry',
      [
        item('w', 'water', 1, 'l'),
        item('p', 'pork-shoulder', 1.8, 'kg', { cut: { shape: 'whole', mm: 116 } }),
      ],
      [hold('s1', 35, N)],
    ),
    caught: ['undercooked', 'meat-not-safe'],
  },
  {
    ...cooked(
      'A frozen block of mince',
      [
        item('w', 'water', 1, 'l'),
        item('m', 'minced-beef', 900, 'g', { startC: -18, cut: { shape: 'whole', mm: 92 } }),
        item('b', 'canned-beans', 2, 'can'),
      ],
      [hold('s1', 12, T(10))],
      { kind: 'chili' },
    ),
    caught: ['meat-not-safe'],
  },
  {
    ...cooked(
      'Shin in cubes for five minutes',
      [item('w', 'water', 1.2, 'l'), item('s', 'beef-shank', 700, 'g', cube(30))],
      [hold('s1', 5, Q)],
    ),
    caught: ['undercooked'],
  },
  {
    ...cooked(
      'Noodles an hour in the soup',
      [item('w', 'broth', 2, 'l'), item('n', 'egg-noodles', 200, 'g')],
      [simmer('s1', 60)],
    ),
    caught: ['overcooked'],
  },
  {
    ...cooked(
      'Red lentil dal too thick for the lid',
      [item('w', 'water', 800, 'ml'), item('d', 'red-lentils', 450, 'g')],
      [hold('s1', 10, N)],
    ),
    caught: ['scorch-risk'],
  },
];
