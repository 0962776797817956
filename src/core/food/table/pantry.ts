/**
 * What becomes part of the liquid or seasons it.
 *
 * Compositions per 100 g: USDA FoodData Central, from memory. Salt contents: common practice
 * (table salt 6 g a teaspoon, stock base about 2.2 g of salt a teaspoon).
 */
import { rows } from './row';

const liquid = rows('liquid', { packing: 1, kept: 'shelf' });
const dairy = rows('dairy', { packing: 1, scorch: 2, foaming: 2 });
const fat = rows('fat', { packing: 1, kept: 'shelf' });
const spice = rows('seasoning', { packing: 1, kept: 'shelf' });

export const PANTRY = [
  liquid('water', 'water', [100, 0, 0, 0, 0, 0], {
    aliases: ['cold water', 'hot water', 'boiling water'],
    cupG: 236.2,
    source: 'published',
  }),
  liquid('broth', 'broth, unsalted', [97.5, 1.5, 0.3, 0.3, 0, 0.4], {
    aliases: ['broth', 'stock', 'unsalted stock', 'homemade stock', 'bone broth', 'unsalted broth'],
    cupG: 240,
    foaming: 1,
  }),
  liquid('salted-broth', 'broth, salted', [96.8, 1.2, 0.4, 0.5, 0, 1.1], {
    aliases: [
      'salted broth',
      'chicken broth',
      'beef broth',
      'vegetable broth',
      'vegetable stock',
      'chicken stock',
      'carton broth',
      'salted stock',
    ],
    cupG: 240,
    saltPercent: 0.8,
  }),
  liquid('wine', 'wine', [88, 0.1, 0, 2.6, 0, 0.3], {
    aliases: ['white wine', 'red wine', 'dry wine', 'cider'],
    cupG: 235,
  }),
  liquid('beer', 'beer', [92.5, 0.5, 0, 3.6, 0, 0.2], {
    aliases: ['ale', 'stout'],
    cupG: 237,
    foaming: 1,
  }),
  liquid('canned-tomatoes', 'tomatoes, canned', [93.6, 1.1, 0.2, 2.9, 1.1, 1.1], {
    aliases: [
      'canned tomato',
      'chopped tomato',
      'tinned tomato',
      'crushed tomato',
      'passata',
      'plum tomatoes, canned',
      'can tomatoes',
    ],
    cupG: 240,
    can: { netG: 400, drainedG: 400 },
    foaming: 1,
    scorch: 2,
    saltPercent: 0.3,
  }),
  liquid('tomato-paste', 'tomato paste', [73.5, 4.3, 0.5, 14.8, 4.1, 2.8], {
    aliases: ['tomato puree', 'tomato concentrate'],
    cupG: 262,
    can: { netG: 140, drainedG: 140 },
    scorch: 3,
  }),
  liquid('coconut-milk', 'coconut milk', [72.9, 2, 21.3, 2.8, 0, 0.7], {
    cupG: 226,
    can: { netG: 400, drainedG: 400 },
    foaming: 1,
    scorch: 1,
  }),
  liquid('lemon-juice', 'lemon juice', [92.3, 0.4, 0.2, 6.5, 0.3, 0.2], {
    aliases: ['lemon', 'lime juice'],
    cupG: 244,
    pieceG: 45,
  }),
  liquid('vinegar', 'vinegar', [95, 0, 0, 0.4, 0, 0.1], {
    aliases: ['cider vinegar', 'wine vinegar'],
    cupG: 239,
  }),
  liquid('soy-sauce', 'soy sauce', [71, 8, 0.1, 4.9, 0.8, 15], {
    aliases: ['soya sauce'],
    cupG: 255,
    saltPercent: 14,
  }),
  dairy('milk', 'milk', [88.1, 3.3, 3.3, 4.7, 0, 0.7], { aliases: ['whole milk'], cupG: 244 }),
  dairy('cream', 'cream', [57.7, 2.1, 37, 2.7, 0, 0.5], {
    aliases: ['double cream', 'heavy cream', 'single cream', 'sour cream', 'creme fraiche'],
    cupG: 238,
  }),
  dairy('soft-cheese', 'soft cheese', [54, 6, 34, 4.1, 0, 1.4], {
    aliases: ['cream cheese'],
    cupG: 232,
    saltPercent: 0.8,
  }),
  fat('olive-oil', 'olive oil', [0, 0, 100, 0, 0, 0], {
    aliases: ['oil', 'vegetable oil', 'sunflower oil'],
    cupG: 216,
  }),
  fat('butter', 'butter', [16, 0.9, 81, 0.1, 0, 2], {
    aliases: ['lard', 'dripping', 'ghee'],
    cupG: 227,
    pieceG: 113,
  }),
  spice('salt', 'salt', [0.2, 0, 0, 0, 0, 99.8], {
    aliases: ['table salt', 'sea salt', 'kosher salt'],
    cupG: 288,
    saltPercent: 100,
  }),
  spice('stock-base', 'stock base', [20, 15, 10, 15, 0, 40], {
    aliases: ['bouillon', 'stock paste', 'bouillon powder', 'stock cube', 'stock powder'],
    cupG: 288,
    pieceG: 10,
    saltPercent: 37,
  }),
  spice('black-pepper', 'black pepper', [12.5, 10.4, 3.3, 38.7, 25.3, 4.5], {
    aliases: ['pepper', 'peppercorn', 'peppercorns'],
    cupG: 110,
  }),
  spice('chili-powder', 'chili powder', [10.8, 13.5, 14.3, 14.9, 34.8, 11.8], {
    aliases: [
      'paprika',
      'smoked paprika',
      'ground cumin',
      'cumin',
      'cayenne',
      'coriander seed',
      'turmeric',
      'curry powder',
      'chilli powder',
    ],
    cupG: 125,
    scorch: 1,
  }),
  spice('dried-herbs', 'dried herbs', [9.9, 9, 4.3, 26.4, 42.5, 7.9], {
    aliases: [
      'oregano',
      'dried thyme',
      'dried oregano',
      'mixed herbs',
      'thyme',
      'rosemary',
      'sage',
      'thyme sprig',
      'rosemary sprig',
    ],
    cupG: 45,
    pieceG: 1,
  }),
  spice('bay-leaf', 'bay leaf', [5.4, 7.6, 8.4, 48.7, 26.3, 3.6], {
    aliases: ['bay', 'bay leaves'],
    pieceG: 0.3,
    fishOut: true,
  }),
  spice('sugar', 'sugar', [0, 0, 0, 100, 0, 0], {
    aliases: ['brown sugar', 'honey'],
    cupG: 200,
    scorch: 2,
  }),
  spice('starch', 'cornstarch', [8.3, 0.3, 0, 90.4, 0.9, 0.1], {
    aliases: ['corn starch', 'starch', 'cornflour', 'potato starch', 'flour', 'plain flour'],
    cupG: 128,
    scorch: 3,
    foaming: 2,
  }),
];
