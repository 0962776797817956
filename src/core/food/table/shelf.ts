/**
 * Sauces, pastes, spirits, milks and fresh cheeses, and what else stands on a cook's shelf.
 *
 * Compositions per 100 g and cup weights: USDA FoodData Central, from memory.
 */
import { rows } from './row';

const liquid = rows('liquid', { packing: 1, kept: 'shelf' });
const dairy = rows('dairy', { packing: 1, scorch: 2, foaming: 2 });
const spice = rows('seasoning', { packing: 1, kept: 'shelf' });

export const SHELF = [
  liquid('spirits', 'brandy, rum or whisky', [66, 0, 0, 0.1, 0, 0], {
    aliases: [
      'brandy',
      'rum',
      'whisky',
      'whiskey',
      'bourbon',
      'vodka',
      'gin',
      'cognac',
      'calvados',
      'grappa',
    ],
    cupG: 224,
  }),
  liquid('fortified-wine', 'sherry, port or rice wine', [80, 0.2, 0, 6, 0, 0.3], {
    aliases: ['sherry', 'port', 'marsala', 'madeira', 'vermouth'],
    cupG: 235,
  }),
  liquid('fizzy-drink', 'cola or lemonade', [89, 0, 0, 10.6, 0, 0.1], {
    aliases: ['cola', 'lemonade', 'soda', 'ginger ale', 'ginger beer', 'tonic water'],
    cupG: 240,
    foaming: 2,
  }),
  liquid('sparkling-water', 'sparkling water', [99.9, 0, 0, 0, 0, 0.1], {
    aliases: ['sparkling water', 'fizzy water', 'soda water', 'mineral water, sparkling'],
    cupG: 237,
    foaming: 1,
  }),
  liquid('coffee', 'coffee or tea, brewed', [99.4, 0.1, 0, 0, 0, 0.2], {
    aliases: ['coffee', 'espresso', 'tea', 'brewed tea', 'strong coffee'],
    cupG: 237,
  }),
  liquid('coconut-cream', 'coconut cream', [54, 3.6, 34.7, 6.7, 2.2, 1.1], {
    aliases: ['coconut cream', 'creamed coconut', 'cream of coconut'],
    cupG: 240,
    can: { netG: 400, drainedG: 400 },
    foaming: 1,
    scorch: 2,
  }),
  liquid('dashi', 'dashi', [99, 0.4, 0, 0.1, 0, 0.5], {
    aliases: ['dashi', 'dashi stock', 'dashi broth'],
    cupG: 238,
    saltPercent: 0.4,
  }),
  liquid('salsa', 'tomato salsa', [89, 1.5, 0.2, 5, 1.9, 2.2], {
    aliases: ['salsa', 'salsa verde', 'enchilada sauce', 'diced tomatoes with chilies'],
    cupG: 250,
    can: { netG: 280, drainedG: 280 },
    saltPercent: 1.6,
    scorch: 2,
  }),
  dairy('plant-milk', 'oat, soya or almond milk', [91, 2, 1.6, 4.5, 0.6, 0.5], {
    aliases: ['oat milk', 'soy milk', 'soya milk', 'almond milk', 'rice milk', 'oat cream'],
    cupG: 243,
    scorch: 1,
  }),
  dairy('condensed-milk', 'condensed milk, sweetened', [27, 7.9, 8.7, 54.4, 0, 1.8], {
    aliases: ['sweetened condensed milk', 'condensed milk', 'dulce de leche'],
    cupG: 306,
    can: { netG: 397, drainedG: 397 },
    scorch: 3,
  }),
  dairy('buttermilk', 'buttermilk or whey', [90, 3.3, 0.9, 4.8, 0, 0.9], {
    aliases: ['buttermilk', 'whey'],
    cupG: 245,
  }),
  dairy('fresh-cheese', 'fresh cheese', [60, 14, 20, 4, 0, 2], {
    aliases: [
      'ricotta',
      'feta',
      'mascarpone',
      'quark',
      'paneer',
      'halloumi',
      'mozzarella',
      'goat cheese',
      'cottage cheese',
      'queso fresco',
    ],
    cupG: 200,
    saltPercent: 0.9,
  }),
  spice('curry-paste', 'curry or chili paste', [60, 3, 12, 12, 5, 8], {
    aliases: ['curry paste', 'chili paste', 'thai curry paste', 'ras el hanout paste'],
    cupG: 250,
    saltPercent: 6,
    scorch: 2,
  }),
  spice('pesto', 'pesto', [35, 5, 48, 6, 2, 4], {
    aliases: ['basil pesto', 'green pesto', 'chimichurri', 'pistou'],
    cupG: 230,
    saltPercent: 1.5,
  }),
  spice('tamarind', 'tamarind paste', [55, 1.5, 0.3, 37, 3, 1.8], {
    aliases: ['tamarind', 'tamarind concentrate', 'tamarind pulp'],
    cupG: 270,
  }),
  spice('gelatine', 'gelatine, powdered', [13, 85.6, 0.1, 0, 0, 1.3], {
    aliases: ['gelatin', 'powdered gelatin', 'gelatine powder', 'leaf gelatine', 'gelatine leaf'],
    pieceG: 2,
    cupG: 150,
  }),
  spice('capers', 'capers', [83.9, 2.4, 0.9, 1.7, 3.2, 8], {
    aliases: ['caper', 'gherkin', 'pickles', 'cornichons', 'pickled gherkins'],
    cupG: 140,
    saltPercent: 5,
  }),
  spice('horseradish', 'horseradish or wasabi', [85, 1.2, 0.7, 8, 3.3, 1.8], {
    aliases: ['horseradish', 'wasabi', 'prepared horseradish'],
    cupG: 240,
    saltPercent: 1,
  }),
  spice('dried-coconut', 'desiccated coconut', [3, 6.9, 64.5, 7.4, 16.3, 1.9], {
    aliases: ['desiccated coconut', 'shredded coconut', 'coconut flakes', 'grated coconut'],
    cupG: 85,
  }),
  spice('dried-shrimp', 'dried shrimp or bonito', [20, 62, 4, 2, 0, 12], {
    aliases: ['dried shrimp', 'dried prawns', 'bonito flakes', 'katsuobushi', 'dried anchovies'],
    cupG: 50,
    saltPercent: 8,
  }),
  spice('saffron', 'saffron or nutmeg', [9, 8.5, 22, 45, 12, 3.5], {
    aliases: [
      'saffron',
      'nutmeg',
      'mace',
      'fenugreek',
      'ground cinnamon',
      'ground ginger',
      'ground allspice',
      'five-spice',
      'sumac',
    ],
    pieceG: 5,
    cupG: 110,
  }),
  spice('dried-chili', 'dried chili, whole', [13, 11, 6, 41, 22, 6], {
    aliases: [
      'dried chile',
      'ancho chile',
      'ancho',
      'guajillo',
      'guajillo chile',
      'pasilla',
      'dried chipotle',
      'dried chipotle pepper',
      'dried red chili',
      'dried red chile',
      'chile de arbol',
      'new mexico chile',
    ],
    pieceG: 5,
    cupG: 40,
  }),
  spice('yeast-flakes', 'yeast flakes', [5, 50, 5, 15, 20, 5], {
    aliases: ['nutritional yeast', 'yeast flakes', 'brewer’s yeast'],
    cupG: 60,
  }),
  spice('liquid-smoke', 'liquid smoke', [97, 0, 0, 2, 0, 1], {
    aliases: ['liquid smoke', 'smoke essence'],
    cupG: 237,
  }),
];
