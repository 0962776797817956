import { parseIngredient } from 'parse-ingredient';
import { readNumber, readPacked, weighed } from './packed';
import { SPELLED } from './spelled';
import { unitDefinition, UNITS, type Amount, type Size, type Unit } from './units';

/** A line's amount, if it has one, and the words that are left. */
export interface ParsedAmount {
  readonly amount: Amount | null;
  readonly rest: string;
  /** Things read with a guess, in words for the cook. */
  readonly unsure: readonly string[];
}

/** Units by the names that parse-ingredient gives them. */
const UNIT_OF: Readonly<Record<string, Unit>> = Object.fromEntries(
  UNITS.flatMap((unit) => unitDefinition(unit).parsed.map((name) => [name, unit])),
);

const WORD_NUMBERS: readonly (readonly [RegExp, string])[] = [
  [/^(?:about|around|roughly|some|approximately|approx\.?|enough|ca\.?)\s+/i, ''],
  // "A 2 kg turkey frame"
  [/^an?\s+(?=\d)/i, ''],
  [/^(?:the\s+)?juice of\s+(?=\d|an?\b|one\b|half\b)/i, ''],
  [/^a\s+few\s+/i, '3 '],
  [/^(?:several|a\s+handful\s+(?=of\s+(?:sprigs|leaves)))/i, '4 '],
  [/^half\s+(?:a\s+)?dozen\s+/i, '6 '],
  [/^(?:a\s+)?half\s+(?:(?:of\s+)?an?\s+)?(?=[a-z])(?!and\b)/i, '1/2 '],
  [/^three[\s-]quarters?\s+(?:of\s+)?(?:an?\s+)?/i, '3/4 '],
  [/^(?:a\s+)?quarter\s+(?:of\s+)?(?:an?\s+)?(?=[a-z])/i, '1/4 '],
  [/^(?:a|one)\s+dozen\s+/i, '12 '],
  [/^two\s+dozen\s+/i, '24 '],
  [/^(?:a\s+)?couple\s+(?:of\s+)?/i, '2 '],
  ...Object.entries(SPELLED).flatMap(([one, number]): [RegExp, string][] => {
    const word = number === 1 ? 'an?|one' : one;
    return [
      [new RegExp(`^(?:${word})\\s+and\\s+a\\s+half\\s+`, 'i'), `${number} 1/2 `],
      // "A pound and a half of"
      [new RegExp(`^(?:${word})\\s+([a-z]+)\\s+and\\s+a\\s+half\\s+`, 'i'), `${number} 1/2 $1 `],
      [new RegExp(`^(?:${word})\\s+`, 'i'), `${number} `],
    ];
  }),
];

/** A measure of the hand without a number, such as a pinch. */
const HANDS =
  /^(?:(?:good|big|large|small|generous|heaped|scant)\s+)?(?:pinch|dash|handful|bunch|splash|glug|drizzle|knob|thumb)\b/i;
/** "3-inch piece of ginger": a usual piece is a thumb of two inches (common practice, no source). */
const LONG_PIECE =
  /^(?:1\s+)?(\d+(?:\.\d+)?)[\s-]*(?:inch|in\.?|")\s*(?:piece|knob|length|thumb)s?\s+(?:of\s+)?/i;
const THUMB_IN = 2;

const SIZE_WORD = /^(small|medium|large|big)(?:[- ]sized?)?\s+/i;

const QUARTS_IN_GALLON = 4;

/** Words and spellings the parser does not know, turned into ones it does. */
function prepare(text: string): string {
  let line = text
    .replace(/ /g, ' ')
    .replace(/^[\s•*\-–]+(?=\S)/, '')
    .replace(/[¼-¾⅐-⅞]/g, (fraction) => ` ${fraction.normalize('NFKD')} `)
    .replace(/⁄/g, '/')
    .replace(/^\s*(\d+)\s*-\s*(\d+\/\d)/, '$1 $2')
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/\btins?\b/gi, (tin) => (tin.toLowerCase() === 'tins' ? 'cans' : 'can'))
    .replace(/(\d+(?:\.\d+)?)\s*dl\b/gi, (_, number: string) => `${Number(number) * 100} ml`)
    // A large T is a tablespoon and a small one a teaspoon; a list keeps to it.
    .replace(/^([\d./ ]+)T\.?\s+(?=[a-z])/, '$1 tbsp ')
    .replace(/^([\d./ ]+)t\.?\s+(?=[a-z])/, '$1 tsp ')
    .replace(
      /(\d+(?:\.\d+)?)\s*gal(?:lon)?s?\b\.?/gi,
      (_, number: string) => `${Number(number) * QUARTS_IN_GALLON} quarts`,
    )
    .replace(/(\d)\s*pts\./gi, '$1 pints')
    .replace(/\bfl\.?\s*oz\b\.?/gi, 'floz')
    // A heaped spoon is a spoon: what it is heaped with is a guess in any case.
    .replace(
      /\b(?:heap(?:ed|ing)|rounded|level|scant|generous) (?=(?:tsp|tbsp|tbs|teaspoon|tablespoon|cup|spoon)s?\b)/gi,
      '',
    )
    .trim();
  // Number words come first in a line.
  for (const [pattern, number] of WORD_NUMBERS) {
    if (!/^[a-z]/i.test(line)) break;
    line = line.replace(pattern, number);
  }
  line = line.replace(/(\d)\s*kilos?\b/gi, '$1 kg').replace(/(\d)\s*lit(?:re|er)s?\b/gi, '$1 l');
  return line.replace(HANDS, '1 $&').replace(LONG_PIECE, (_, inches: string) => {
    const pieces = Number(inches) / THUMB_IN;
    return `${Number(pieces.toFixed(2))} `;
  });
}

/**
 * Reads the amount at the head of a line: "1 1/2 lb", "3½ cups", "2 medium carrots",
 * "a 400 g can of borlotti". A range is read as its middle and marked.
 *
 * @param text one line
 * @returns the amount, or null if the line has none, and the rest of the words
 * @example parseAmount('1 1/2 lb lamb neck').amount // { value: 1.5, unit: 'lb' }
 */
export function parseAmount(text: string): ParsedAmount {
  const line = prepare(text);
  const unsure: string[] = [];
  const packed = readPacked(line);
  if (packed) return { ...packed, unsure };

  const parsed = parseIngredient(line)[0];
  if (!parsed || parsed.quantity === null) return { amount: null, rest: line, unsure };
  let value = parsed.quantity;
  if (parsed.quantity2 !== null) {
    value = (parsed.quantity + parsed.quantity2) / 2;
    unsure.push(`between ${parsed.quantity} and ${parsed.quantity2}, read as ${value}`);
  }
  let rest = parsed.description.replace(/^of\s+/i, '').trim();
  const id = parsed.unitOfMeasureID;
  let size = sizeOf(id);
  const unit: Unit = id ? (size ? 'piece' : (UNIT_OF[id] ?? 'piece')) : 'piece';
  if (id && !size && !UNIT_OF[id]) {
    // A unit the kitchen has no measure for stays a word of the name.
    rest = `${parsed.unitOfMeasure ?? ''} ${rest}`.trim();
  }
  // A sprig is another thing than the leaf: dried thyme is measured by the spoon.
  if (id === 'ear') rest = rest.replace(/^corn\b/i, 'corn cob');
  if (id === 'sprig') rest = rest.replace(/^(?:fresh\s+)?([\w ]+)/i, '$1 sprig');
  const sizeWord = SIZE_WORD.exec(rest);
  if (unit === 'piece' && sizeWord?.[1]) {
    size = sizeOf(sizeWord[1].toLowerCase());
    rest = rest.slice(sizeWord[0].length);
  }
  const weight = unit === 'piece' ? weighed(rest, value) : null;
  if (weight) return { ...weight, unsure };
  return { amount: { value, unit, ...(size && { size }) }, rest, unsure };
}

function sizeOf(word: string | null | undefined): Size | undefined {
  if (word === 'small' || word === 'medium' || word === 'large') return word;
  return word === 'big' ? 'large' : undefined;
}

const LENGTH = /(\d+(?:\.\d+)?(?:\s+\d+\/\d+)?|\d+\/\d+)\s*-?\s*(mm|cm|inch(?:es)?|in\b|")/i;

/**
 * A length in a line, such as "15 mm rings" or "1 1/2 inch pieces".
 *
 * @returns millimetres and the text it stood in, or null
 * @example parseLength('leeks, 1/2 inch rings')?.mm // 12.7
 */
export function parseLength(text: string): { readonly mm: number; readonly found: string } | null {
  const match = LENGTH.exec(text);
  if (!match?.[1] || !match[2]) return null;
  const value = readNumber(match[1]);
  const unit = match[2].toLowerCase();
  const mm = value * (unit === 'mm' ? 1 : unit === 'cm' ? 10 : 25.4);
  return value > 0 ? { mm: Number(mm.toFixed(1)), found: match[0] } : null;
}
