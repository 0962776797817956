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
    aliases: ['broth', 'stock', 'unsalted stock', 'homemade stock', 'bone broth', 'unsalted broth', 'veal stock', 'turkey stock'],
    cupG: 240,
    foaming: 1,
  }),
  liquid('salted-broth', 'broth, salted', [96.8, 1.2, 0.4, 0.5, 0, 1.1], {
    aliases: [
      'salted broth',
      'chicken broth',
      'beef broth',
      'beef stock',
      'lamb stock',
      'lamb broth',
      'turkey broth',
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
    aliases: ['lime', 'lemon', 'lime juice'],
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
    aliases: [
      'half and half',
      'whipping cream',
      'cooking cream',
      'double cream',
      'heavy cream',
      'single cream',
    ],
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
    aliases: ['unsalted butter', 'salted butter'],
    cupG: 227,
    pieceG: 113,
  }),
  spice('salt', 'salt', [0.2, 0, 0, 0, 0, 99.8], {
    aliases: ['table salt', 'sea salt', 'kosher salt'],
    cupG: 288,
    saltPercent: 100,
  }),
  spice('stock-base', 'stock base', [20, 15, 10, 15, 0, 40], {
    aliases: [
      'bouillon paste',
      'bouillon cube',
      'stock pot',
      'bouillon',
      'stock paste',
      'bouillon powder',
      'stock cube',
      'stock powder',
    ],
    cupG: 288,
    pieceG: 10,
    saltPercent: 37,
  }),
  spice('black-pepper', 'black pepper', [12.5, 10.4, 3.3, 38.7, 25.3, 4.5], {
    aliases: ['pepper', 'peppercorn', 'peppercorns'],
    cupG: 110,
    pieceG: 0.05,
  }),
  spice('chili-powder', 'chili powder', [10.8, 13.5, 14.3, 14.9, 34.8, 11.8], {
    aliases: ['chilli powder', 'chili flakes', 'ground chili'],
    cupG: 125,
    scorch: 1,
  }),
  spice('dried-herbs', 'dried herbs', [9.9, 9, 4.3, 26.4, 42.5, 7.9], {
    aliases: [
      'italian seasoning',
      'herbes de provence',
      'oregano',
      'dried thyme',
      'dried oregano',
      'mixed herbs',
      'thyme',
      'sage',
      'dried rosemary',
      'marjoram',
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
    aliases: ['corn starch', 'starch', 'cornflour', 'potato starch', 'arrowroot'],
    cupG: 128,
    scorch: 3,
    foaming: 2,
  }),
  liquid('tomato-juice', 'tomato juice or passata', [93.5, 0.9, 0.2, 3.3, 0.6, 1.1], {
    aliases: ['passata', 'tomato juice', 'tomato sauce', 'sieved tomatoes'],
    cupG: 243,
    can: { netG: 400, drainedG: 400 },
    foaming: 1,
    scorch: 2,
    saltPercent: 0.4,
  }),
  liquid('apple-juice', 'apple juice', [88.2, 0.1, 0.1, 11.1, 0.2, 0.2], {
    aliases: ['apple cider, sweet', 'orange juice', 'fruit juice'],
    cupG: 248,
  }),
  liquid('fish-sauce', 'fish sauce', [71, 5, 0, 3.6, 0, 20], {
    aliases: ['anchovy sauce', 'nam pla'],
    cupG: 288,
    saltPercent: 20,
  }),
  liquid('spiced-sauce', 'spiced table sauce', [75, 1, 0.2, 18, 0.3, 4], {
    aliases: [
      'worcestershire sauce',
      'steak sauce',
      'brown sauce',
      'barbecue sauce',
      'ketchup',
      'hot sauce',
      'harissa',
    ],
    cupG: 270,
    scorch: 2,
    saltPercent: 2.5,
  }),
  liquid('miso', 'miso paste', [43, 12.8, 6, 20, 5.4, 12.8], {
    aliases: ['miso', 'soybean paste', 'doenjang'],
    cupG: 275,
    scorch: 2,
    saltPercent: 11,
  }),
  liquid('nut-butter', 'nut or sesame paste', [2, 22, 52, 15, 6, 3], {
    aliases: ['peanut butter', 'tahini', 'almond butter', 'sesame paste'],
    cupG: 256,
    scorch: 3,
    foaming: 1,
    saltPercent: 0.8,
  }),
  dairy('yogurt', 'yogurt', [87.9, 3.5, 3.3, 4.7, 0, 0.7], {
    aliases: ['plain yogurt', 'yoghurt', 'greek yogurt', 'buttermilk', 'kefir'],
    cupG: 245,
  }),
  dairy('creme-fraiche', 'sour cream', [71, 2.5, 21, 4.5, 0, 0.7], {
    aliases: ['sour cream', 'creme fraiche', 'smetana'],
    cupG: 230,
  }),
  dairy('evaporated-milk', 'evaporated milk', [74, 6.8, 7.6, 10, 0, 1.6], {
    aliases: ['tinned milk', 'evaporated milk'],
    cupG: 252,
    can: { netG: 400, drainedG: 400 },
  }),
  dairy('hard-cheese', 'hard cheese', [33, 32, 28, 3.5, 0, 4], {
    aliases: ['parmesan', 'cheese', 'grated cheese', 'cheddar', 'cheese rind', 'parmesan rind'],
    cupG: 100,
    pieceG: 60,
    saltPercent: 1.8,
  }),
  dairy('egg', 'egg', [76, 12.6, 9.5, 0.7, 0, 1.1], {
    aliases: ['eggs', 'egg yolk', 'beaten egg', 'hen egg'],
    pieceG: 50,
    cupG: 243,
    saltPercent: 0.35,
  }),
  fat('lard', 'lard or dripping', [0.2, 0, 99.8, 0, 0, 0], {
    aliases: ['dripping', 'lard', 'duck fat', 'goose fat', 'bacon fat', 'suet'],
    cupG: 205,
  }),
  fat('ghee', 'clarified butter', [0.3, 0.2, 99.5, 0, 0, 0], {
    aliases: ['ghee', 'clarified butter', 'coconut oil'],
    cupG: 205,
  }),
  spice('cumin', 'cumin', [8.1, 17.8, 22.3, 33.7, 10.5, 7.6], {
    aliases: ['ground cumin', 'cumin seed', 'caraway', 'caraway seed', 'fennel seed'],
    cupG: 96,
  }),
  spice('paprika', 'paprika', [11.2, 14.1, 12.9, 19.1, 34.9, 7.7], {
    aliases: ['smoked paprika', 'sweet paprika', 'cayenne', 'ancho powder'],
    cupG: 109,
    scorch: 1,
  }),
  spice('garlic-powder', 'garlic or onion powder', [6.5, 16.6, 0.7, 63.7, 9, 3.5], {
    aliases: ['garlic powder', 'onion powder', 'garlic granules', 'onion granules'],
    cupG: 150,
  }),
  spice('turmeric', 'turmeric or curry powder', [12, 11, 8, 38, 26, 5], {
    aliases: ['curry powder', 'turmeric', 'garam masala', 'ground turmeric', 'ras el hanout'],
    cupG: 110,
    scorch: 1,
  }),
  spice('coriander-seed', 'coriander seed', [8.9, 12.4, 17.8, 13.1, 41.9, 6], {
    aliases: ['ground coriander', 'coriander seeds'],
    cupG: 80,
  }),
  spice('whole-spice', 'whole spice in a bag', [9.9, 6, 13, 31.6, 33.9, 5.6], {
    aliases: [
      'clove spice',
      'whole cloves',
      'star anise',
      'cinnamon stick',
      'cardamom pod',
      'juniper',
      'juniper berry',
      'allspice',
      'spice bag',
      'cardamom',
      'cinnamon',
    ],
    cupG: 100,
    pieceG: 1.5,
    fishOut: true,
  }),
  spice('herb-sprigs', 'herb sprigs', [70, 4, 1.7, 10, 12, 2.3], {
    aliases: [
      'thyme sprig',
      'thyme sprigs',
      'sprig of thyme',
      'rosemary sprig',
      'rosemary',
      'bouquet garni',
      'parsley stalks',
      'sage leaves',
      'lemongrass',
      'lemon grass',
    ],
    cupG: 40,
    pieceG: 2,
    fishOut: true,
  }),
  spice('mustard', 'mustard', [80, 3.7, 3.3, 1.8, 4, 3.7], {
    aliases: ['dijon mustard', 'mustard seed', 'wholegrain mustard'],
    cupG: 249,
    saltPercent: 2.8,
  }),
  spice('kombu', 'kombu, dried', [10, 7, 1, 40, 20, 22], {
    aliases: ['kelp', 'seaweed', 'kombu', 'wakame'],
    pieceG: 10,
    cupG: 15,
    saltPercent: 6,
    fishOut: true,
  }),
  spice('citrus-peel', 'citrus peel', [81.6, 1.5, 0.3, 5.4, 10.6, 0.6], {
    aliases: ['lemon peel', 'lemon zest', 'orange peel', 'orange zest', 'lime zest'],
    cupG: 96,
    pieceG: 5,
    fishOut: true,
    kept: 'fridge',
  }),
  spice('cocoa', 'cocoa or dark chocolate', [3, 19.6, 13.7, 21, 33, 5.8], {
    aliases: ['cocoa powder', 'dark chocolate', 'chocolate'],
    cupG: 86,
    pieceG: 10,
    scorch: 2,
  }),
  spice('flour', 'wheat flour', [11.9, 10.3, 1, 73.6, 2.7, 0.5], {
    aliases: ['plain flour', 'flour', 'all-purpose flour', 'roux', 'masa harina'],
    cupG: 125,
    scorch: 3,
    foaming: 2,
  }),
];
