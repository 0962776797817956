/** Turns a text into the English of the kitchen: names of foods, tools and spellings. */
import type { English } from './terms';

const MEATS = 'beef|pork|lamb|veal|venison|chicken|turkey|meat|goat|mutton';

/** Equivalent words: US, UK. Longer ones come before shorter ones. */
const PAIRS: readonly (readonly [us: string, uk: string])[] = [
  ['green onion', 'spring onion'],
  ['scallion', 'spring onion'],
  ['bell pepper', 'sweet pepper'],
  ['zucchini', 'courgettes'],
  ['eggplant', 'aubergine'],
  ['rutabaga', 'swede'],
  ['arugula', 'rocket'],
  ['fava bean', 'broad bean'],
  ['snow peas', 'mangetout'],
  ['cornstarch', 'cornflour'],
  ['heavy cream', 'double cream'],
  ['light cream', 'single cream'],
  ['all-purpose flour', 'plain flour'],
  ['molasses', 'treacle'],
  ['skillet', 'frying pan'],
  ['broiler', 'grill'],
  ['stovetop', 'hob'],
  ['flavor', 'flavour'],
  ['color', 'colour'],
  ['savory', 'savoury'],
  ['gelatin', 'gelatine'],
  ['liter', 'litre'],
  ['centimeter', 'centimetre'],
  ['gray', 'grey'],
  ['mold', 'mould'],
  ['center', 'centre'],
  ['vapor', 'vapour'],
  ['odor', 'odour'],
  ['neighbor', 'neighbour'],
];

interface Turn {
  readonly from: RegExp;
  readonly to: string;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A word and its plural; "gelatin" is not the start of "gelatine". */
function turn(from: string, to: string): Turn {
  return { from: new RegExp(String.raw`\b${from}(?=s?\b|ed\b|ing\b)`, 'gi'), to };
}

const TO_UK: readonly Turn[] = [
  // Sweet corn the vegetable, not its cob, flour, meal or oil.
  { from: /\bcorn(?= kernels?\b|,|\)|$)(?<!sweet ?corn)/gi, to: 'sweetcorn' },
  { from: new RegExp(String.raw`\bground (?=(?:${MEATS})\b)`, 'gi'), to: 'minced ' },
  { from: /\bcilantro\b/gi, to: 'fresh coriander' },
  ...PAIRS.map(([us, uk]) => turn(us, uk)),
];
const TO_US: readonly Turn[] = [
  { from: /\bsweetcorn\b/gi, to: 'corn' },
  { from: new RegExp(String.raw`\bminced (?=(?:${MEATS})\b)`, 'gi'), to: 'ground ' },
  { from: /\bfresh coriander\b|\bcoriander (?=leaves\b)/gi, to: 'cilantro' },
  // "Courgettes" is one word for one and many in the US.
  { from: /\bcourgettes?\b/gi, to: 'zucchini' },
  ...PAIRS.filter(([us]) => us !== 'scallion' && us !== 'zucchini').map(([us, uk]) => turn(uk, us)),
];

/**
 * A text of the app in a kitchen's English. What a cook has written himself is never turned.
 *
 * @example inEnglish('minced beef and sweetcorn', 'us') // "ground beef and corn"
 * @example inEnglish('a stovetop pot', 'uk') // "a hob pot"
 */
export function inEnglish(text: string, english: English): string {
  return (english === 'us' ? TO_US : TO_UK).reduce(
    (said, { from, to }) =>
      said.replace(from, (found) => (/^[A-Z]/.test(found) ? capital(to) : to)),
    text,
  );
}
