/**
 * Fats and what seasons, as other kitchens put them into such pots. Weights of pieces and what each is
 * like: common practice, no source.
 */
import type { AlikeRow } from './alike';

export const ALIKE_SHELF: readonly AlikeRow[] = [
  [
    'red-palm-oil',
    'red palm oil',
    'olive-oil',
    { aliases: ['palm oil', 'red palm oil', 'dende oil', 'dendê', 'zomi'] },
  ],
  ['coconut-oil', 'coconut oil', 'ghee', { aliases: ['coconut oil', 'coconut fat'] }],
  [
    'duck-fat',
    'duck or goose fat',
    'lard',
    { aliases: ['duck fat', 'goose fat', 'schmaltz', 'chicken fat'] },
  ],
  ['hing', 'hing (asafoetida)', 'turmeric', { aliases: ['hing', 'asafoetida', 'asafetida'] }],
  [
    'kasuri-methi',
    'dried fenugreek leaves',
    'dried-herbs',
    { aliases: ['kasuri methi', 'fenugreek leaves', 'methi'] },
  ],
  [
    'garam-masala',
    'garam masala',
    'turmeric',
    { aliases: ['garam masala', 'panch phoron', 'sambar powder', 'rasam powder', 'berbere'] },
  ],
  [
    'ras-el-hanout',
    'ras el hanout',
    'turmeric',
    { aliases: ['ras el hanout', 'baharat', 'harira spice'] },
  ],
  [
    'sichuan-pepper',
    'Sichuan pepper',
    'black-pepper',
    { aliases: ['sichuan peppercorn', 'szechuan pepper', 'sansho'] },
  ],
  [
    'star-anise',
    'star anise',
    'whole-spice',
    { aliases: ['star anise', 'stars anise', 'aniseed star'], pieceG: 1 },
  ],
  [
    'cinnamon-stick',
    'cinnamon stick',
    'whole-spice',
    { aliases: ['cinnamon stick', 'stick of cinnamon', 'cassia bark'], pieceG: 2.5 },
  ],
  [
    'annatto',
    'annatto',
    'paprika',
    { aliases: ['achiote', 'annatto seeds', 'annatto powder', 'achiote paste'] },
  ],
  [
    'curry-leaves',
    'curry leaves',
    'herb-sprigs',
    { aliases: ['curry leaf', 'curry leaves', 'sprig of curry leaves', 'pandan leaf'] },
  ],
  [
    'lemongrass',
    'lemongrass',
    'herb-sprigs',
    { aliases: ['lemongrass', 'lemon grass', 'stalk lemongrass', 'lemongrass stalk'], pieceG: 15 },
  ],
  [
    'dried-lime',
    'dried lime',
    'citrus-peel',
    { aliases: ['loomi', 'dried lime', 'black lime', 'limoo amani'], pieceG: 6 },
  ],
  [
    'preserved-lemon',
    'preserved lemon',
    'capers',
    { aliases: ['preserved lemon', 'salted lemon'], pieceG: 60 },
  ],
  [
    'locust-beans',
    'fermented locust beans',
    'miso',
    { aliases: ['iru', 'dawadawa', 'ogiri', 'locust beans', 'soumbala'] },
  ],
  [
    'black-bean-sauce',
    'fermented black beans',
    'miso',
    { aliases: ['fermented black beans', 'black bean sauce', 'douchi', 'salted black beans'] },
  ],
  [
    'shrimp-paste',
    'shrimp paste',
    'fish-sauce',
    { aliases: ['shrimp paste', 'belacan', 'terasi', 'bagoong'] },
  ],
  [
    'laksa-paste',
    'laksa paste',
    'curry-paste',
    { aliases: ['laksa paste', 'rempah', 'laksa spice paste'] },
  ],
  [
    'gochujang',
    'gochujang',
    'curry-paste',
    { aliases: ['gochujang', 'korean chili paste', 'doubanjiang', 'sambal'] },
  ],
  [
    'chipotle-in-adobo',
    'chipotle in adobo',
    'salsa',
    { aliases: ['chipotle in adobo', 'chipotles in adobo', 'adobo sauce', 'chipotle'], pieceG: 12 },
  ],
  ['sofrito', 'sofrito', 'salsa', { aliases: ['sofrito', 'recaito', 'tomato sofrito'] }],
  [
    'pomegranate-molasses',
    'pomegranate molasses',
    'tamarind',
    { aliases: ['pomegranate molasses', 'sour cherry syrup'] },
  ],
  ['honey', 'honey', 'sugar', { aliases: ['honey', 'maple syrup', 'golden syrup'] }],
  [
    'rock-sugar',
    'rock or palm sugar',
    'sugar',
    { aliases: ['rock sugar', 'palm sugar', 'jaggery', 'piloncillo', 'panela'] },
  ],
  ['smetana', 'smetana', 'creme-fraiche', { aliases: ['smetana'] }],
  [
    'parmesan-rind',
    'parmesan rind',
    'hard-cheese',
    { aliases: ['parmesan rind', 'cheese rind'], pieceG: 60, fishOut: true },
  ],
  [
    'rice-wine',
    'rice wine',
    'fortified-wine',
    { aliases: ['rice wine', 'shaoxing wine', 'sake', 'mirin', 'shaoxing'] },
  ],
];
