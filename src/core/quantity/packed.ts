/**
 * Amounts that come packed: cans, and boxes, bags and jars with their net mass or volume on them;
 * and pieces with their weight said behind ("1 squash (about 2 lb)").
 */
import { numericQuantity } from 'numeric-quantity';
import {
  MASS_G,
  unitDefinition,
  UNITS,
  VOLUME_ML,
  type Amount,
  type MassUnit,
  type Unit,
} from './units';

/** Packages, by the word that measures them. */
const CONTAINERS =
  'cans?|tins?|boxe?s?|cartons?|packages?|packets?|packs?|pkgs?|bags?|jars?|bottles?|tubs?|pouch(?:es)?|sachets?|tubes?|containers?|bricks?';
const NUMBER = String.raw`\d+(?:\.\d+)?(?:\s+\d+\/\d+)?|\d+\/\d+`;
const MEASURE =
  'g|grams?|kg|kilos?|kilograms?|oz|ounces?|lbs?|pounds?|ml|millilit(?:er|re)s?|l|lit(?:er|re)s?|floz|qts?|quarts?|pints?|pts?';
const NET = String.raw`\(?(?:about\s+)?(${NUMBER})\s*-?\s*(${MEASURE})\b\.?\)?`;

function unitOf(word: string): Unit {
  return UNITS.find((unit) => unitDefinition(unit).packed?.test(word)) ?? 'g';
}

/**
 * A number as written.
 *
 * @returns NaN for anything else
 * @example readNumber('1 1/2') // 1.5
 */
export function readNumber(text: string): number {
  return numericQuantity(text, { round: false });
}

/** The same, finite and above 0; null where it is not. */
function amountOf(text: string): number | null {
  const value = readNumber(text);
  return Number.isFinite(value) && value > 0 ? value : null;
}

export interface Packed {
  readonly amount: Amount;
  readonly rest: string;
}

/** "2 15-oz cans of", "28-ounce can", "500 g carton", "2 (15 oz) cans". */
const NET_FIRST = new RegExp(
  String.raw`^(?:(${NUMBER})\s*(?:x|×)?\s+)??${NET}\s+(${CONTAINERS})\b\.?\s*(?:of\s+)?`,
  'i',
);
/** "2 cans (400 g) of", "1 carton, 32 oz,". */
const NET_AFTER = new RegExp(
  String.raw`^(${NUMBER})\s+(${CONTAINERS})\b\.?,?\s*${NET},?\s*(?:of\s+)?`,
  'i',
);

function netOf(count: number, value: number, unit: Unit, container: string): Amount | null {
  const can = /^(?:can|tin)/i.test(container);
  if (can && unit in MASS_G)
    return { value: count, unit: 'can', canG: Math.round(value * MASS_G[unit as MassUnit]) };
  const all = Number((count * value).toPrecision(6));
  return unit in MASS_G || unit in VOLUME_ML ? { value: all, unit } : null;
}

/**
 * Reads what comes packed with its net mass or volume, at the head of a line.
 *
 * @param line numbers with a point, no fraction characters
 * @returns a can keeps its count and net mass; anything else comes to what it holds; null where
 *   nothing is packed, or nothing is said of how much
 * @example readPacked('2 15-oz cans black beans')?.amount // { value: 2, unit: 'can', canG: 425 }
 * @example readPacked('1 32-ounce box broth')?.amount // { value: 32, unit: 'oz' }
 */
export function readPacked(line: string): Packed | null {
  const first = NET_FIRST.exec(line);
  const after = first ? null : NET_AFTER.exec(line);
  const match = first ?? after;
  if (!match) return null;
  const [count, net, unit, container] = first
    ? [first[1], first[2], first[3], first[4]]
    : [after?.[1], after?.[3], after?.[4], after?.[2]];
  const counted = count === undefined ? 1 : amountOf(count);
  const value = amountOf(net ?? '');
  if (counted === null || value === null) return null;
  const amount = netOf(counted, value, unitOf(unit ?? ''), container ?? '');
  return amount && { amount, rest: line.slice(match[0].length).trim() };
}

/** "(about 2 lb)", ", about 4 lb", "(200 g each)", "(3 to 4 pounds)". */
const WEIGHED = new RegExp(
  String.raw`(?:\(|,\s*)(?:about|around|approx\.?|roughly|~)?\s*(${NUMBER})(?:\s*(?:-|–|to)\s*(${NUMBER}))?\s*-?\s*(g|grams?|kg|kilos?|oz|ounces?|lbs?|pounds?)\b\.?(\s*(?:each|apiece))?\s*(?:total|in all)?\s*(?:\)|,|$)`,
  'i',
);

/**
 * The weight of counted pieces where the line says it behind.
 *
 * @param count how many pieces
 * @returns null where no weight is said
 * @example weighed('butternut squash (about 2 lb), cubed', 1)?.amount // { value: 2, unit: 'lb' }
 */
export function weighed(rest: string, count: number): Packed | null {
  const match = WEIGHED.exec(rest);
  const from = match?.[1] ? amountOf(match[1]) : null;
  if (!match?.[3] || from === null) return null;
  const to = match[2] ? amountOf(match[2]) : null;
  const value = to === null ? from : (from + to) / 2;
  const times = match[4] ? count : 1;
  return {
    amount: { value: Number((value * times).toPrecision(6)), unit: unitOf(match[3]) },
    rest: `${rest.slice(0, match.index)}, ${rest.slice(match.index + match[0].length)}`
      .replace(/^[\s,]+|[\s,]+$/g, '')
      .replace(/\s*,[\s,]*/g, ', '),
  };
}
