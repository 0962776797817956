/** Measures of the hand: what a pinch, a handful or a bunch comes to. */
import type { Food } from '../food';
import type { Amount, ParsedAmount } from '../quantity';

/** Grams of a pinch and a dash, and of a handful of leaves and of what is not (common practice, no source). */
const PINCH_G = 0.4;
const DASH_G = 0.6;
const HANDFUL_G = { leaf: 30, other: 50 };
/** A bunch of herbs, g, or of roots and onions, pieces; cloves in a head (common practice, no source). */
const BUNCH_G = 50;
const BUNCH_PIECES = 6;
const HEAD_CLOVES = 10;
/** A leaf of less than this comes by the bunch; more is a head of its own, g. */
const HERB_G = 10;

const WORD =
  /^(?:(?:good|big|large|small|generous|heaped|scant)\s+)?(pinch|dash|handful|bunch|head)(?:es|s)?\s+(?:of\s+)?/i;

const grams = (value: number): Amount => ({ value: Number(value.toPrecision(3)), unit: 'g' });
const pieces = (value: number): Amount => ({ value, unit: 'piece' });

/** Words of a line that measure by the hand. */
export interface LooseMeasure {
  readonly word: string;
  readonly value: number;
  /** What comes after it. */
  readonly rest: string;
}

/** The measure of the hand at the head of a line, or null. @example "2 pinches of salt" */
export function looseMeasure({ amount, rest }: ParsedAmount): LooseMeasure | null {
  const found = WORD.exec(rest);
  const word = found?.[1]?.toLowerCase();
  if (!found || !word || amount?.unit !== 'piece') return null;
  return { word, value: amount.value, rest: rest.slice(found[0].length).trim() };
}

/** What a measure of the hand comes to. @example looseAmount(twoPinches, salt) // { value: 0.8, unit: 'g' } */
export function looseAmount({ word, value }: LooseMeasure, food: Food): Amount {
  switch (word) {
    case 'pinch':
      return grams(value * PINCH_G);
    case 'dash':
      return grams(value * DASH_G);
    case 'handful':
      return grams(value * (food.group === 'leaf' ? HANDFUL_G.leaf : HANDFUL_G.other));
    case 'head':
      return pieces(value * (food.key === 'garlic' ? HEAD_CLOVES : 1));
    default:
      if (food.group !== 'leaf' && food.pieceG !== undefined) return pieces(value * BUNCH_PIECES);
      return (food.pieceG ?? 0) > HERB_G ? pieces(value) : grams(value * BUNCH_G);
  }
}
