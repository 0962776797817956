/**
 * Measures of the hand and of the shop: what a pinch, a handful, a bunch or a package comes to when
 * nothing more is said (common practice, no source).
 */
import type { Food, FoodGroup } from '../../food';
import type { Amount, ParsedAmount } from '../../quantity';

/** Grams of a pinch and a dash, and of a handful of leaves and of what is not (common practice, no source). */
const PINCH_G = 0.4;
const DASH_G = 0.6;
const HANDFUL_G = { leaf: 30, other: 50 };
/** A bunch of herbs, g, or of roots and onions, pieces; cloves in a head (common practice, no source). */
const BUNCH_G = 50;
const BUNCH_PIECES = 6;
const HEAD_CLOVES = 10;
/** A leaf of more than this is no herb, g. */
const HERB_G = 10;

/** A bunch of leaves that come one by one, such as kale, g. */
const LEAVES_G = 200;
/** A leaf of more than this is a head, g. */
const WHOLE_G = 60;
const POURED_G = { splash: 10, glug: 15, drizzle: 8 };

/** Contents of a package, by what is in it, g. */
const PACKAGE_G: Readonly<Partial<Record<FoodGroup, number>>> = {
  pasta: 450,
  pulse: 450,
  grain: 450,
  leaf: 280,
  liquid: 950,
  vegetable: 340,
  meat: 450,
  poultry: 450,
  fish: 340,
};
/** Others hold about as much whatever is in them, g. */
const HOLDS_G: Readonly<Record<string, number>> = {
  jar: 680,
  bottle: 350,
  tub: 225,
  nest: 50,
  sleeve: 200,
  sachet: 10,
  tube: 130,
};
/** Noodles for one are sold by the block, g. */
const BLOCK_G = 85;

const WORD =
  /^(?:(?:good|big|large|medium|small|whole|generous|heaped|scant)\s+)?(pinch|dash|handful|bunch|head|splash|glug|drizzle|package|packet|pack|pkg|bag|box|carton|jar|bottle|tub|nest|sleeve|sachet|tube)(?:es|s)?\.?\s+(?:of\s+)?/i;

const grams = (value: number): Amount => ({ value: Number(value.toPrecision(3)), unit: 'g' });
const pieces = (value: number): Amount => ({ value, unit: 'piece' });

/** Words of a line that measure by the hand. */
export interface LooseMeasure {
  readonly word: string;
  readonly value: number;
  /** Words that come after it. */
  readonly rest: string;
}

/** The measure of the hand at the head of a line, or null. @example "2 pinches of salt" */
export function looseMeasure({ amount, rest }: ParsedAmount): LooseMeasure | null {
  const found = WORD.exec(rest);
  const word = found?.[1]?.toLowerCase();
  if (!found || !word || amount?.unit !== 'piece') return null;
  return { word, value: amount.value, rest: rest.slice(found[0].length).trim() };
}

/** Amount of a measure of the hand. @example looseAmount(twoPinches, salt) // { value: 0.8, unit: 'g' } */
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
    case 'splash':
    case 'glug':
    case 'drizzle':
      return grams(value * POURED_G[word]);
    case 'bunch':
      return bunch(value, food);
    default:
      return grams(value * (HOLDS_G[word] ?? packageG(food)));
  }
}

function packageG(food: Food): number {
  if (food.key === 'wheat-noodles') return BLOCK_G;
  return PACKAGE_G[food.group] ?? 250;
}

function bunch(value: number, food: Food): Amount {
  if (food.group !== 'leaf' && food.pieceG !== undefined) return pieces(value * BUNCH_PIECES);
  const leafG = food.pieceG ?? 0;
  if (leafG > WHOLE_G) return pieces(value);
  return grams(value * (leafG > HERB_G ? LEAVES_G : BUNCH_G));
}
