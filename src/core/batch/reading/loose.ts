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
const POURED_G = { splash: 10, glug: 15, drizzle: 8, dollop: 30, knob: 15, thumb: 15 };
/** Vessels that cooks measure with, ml (common practice, no source). */
const VESSEL_ML: Readonly<Record<string, number>> = {
  ladle: 120,
  mug: 300,
  teacup: 150,
  glass: 200,
  wineglass: 150,
  jigger: 45,
  shot: 40,
  bowl: 350,
};
/** A bottle of wine, g. */
const WINE_BOTTLE_G = 750;

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
  /^(?:(?:good|big|large|medium|small|whole|generous|heaped|scant)\s+)?(pinch|dash|handful|bunch|head|splash|glug|drizzle|dollop|knob|thumb|ladle|ladleful|mug|teacup|glass|wine[- ]?glass|jigger|shot|bowl|package|packet|pack|pkg|bag|box|carton|jar|bottle|tub|nest|sleeve|sachet|tube)(?:es|s)?\.?\s+(?:of\s+)?/i;
/** Words by which pieces are counted. */
const PIECE_WORDS =
  /^(?:clove|stalk|stick|rib|slice|rasher|sprig|ear|head|fillet|cube|leaf|leave|bulb|pod|wedge|half|halve|piece|strip|sheet|rack|side|loaf|loave|square|ball|link|ring|round|chunk|knuckle|joint|block|brick|segment|floret|root|seed|grain|drop|twist|grind|turn|breast|leg|thigh|wing|neck|shank|shin|hock|tail|foot|feet|trotter|shoulder|loin|fillet|cutlet|chop|steak|bone|carcass|frame|juice|zest|peel|rind|skin|shell|kernel|spear|crown|tip|top|stem|can|tin|quarter|third)$/i;

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
  const word = found?.[1]
    ?.toLowerCase()
    .replace('ladleful', 'ladle')
    .replace(/^wine[- ]glass$/, 'wineglass');
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
    case 'dollop':
    case 'knob':
      return grams(value * POURED_G[word]);
    case 'thumb':
      return food.pieceG === undefined ? grams(value * POURED_G.thumb) : pieces(value);
    case 'bunch':
      return bunch(value, food);
    case 'bottle':
      if (food.key === 'wine') return grams(value * WINE_BOTTLE_G);
      return grams(value * (HOLDS_G['bottle'] ?? 0));
    default:
      if (VESSEL_ML[word] !== undefined) return { value: value * VESSEL_ML[word], unit: 'ml' };
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

/**
 * An unknown measure: "2 gourds of stock" is neither two pieces nor two cups.
 *
 * @returns its word, or null where pieces are counted or nothing is measured
 */
export function unknownMeasure({ amount, rest }: ParsedAmount, food: Food): string | null {
  const [, word] =
    /^(?:(?:good|big|large|medium|small|whole|full|heaped)\s+)?(\p{L}+)\s+of\s+/iu.exec(rest) ?? [];
  if (word === undefined || amount?.unit !== 'piece') return null;
  const one = word.replace(/(?<!s)s$/i, '').toLowerCase();
  const names = [food.key, food.name, ...food.aliases].join(' ').toLowerCase();
  return PIECE_WORDS.test(one) || names.includes(one) ? null : one;
}
