/** Meat in one piece: a joint, a roast or a block is as thick as its weight makes it. */
import { amountGrams, wholeMm, type Food } from '../../food';
import { formatLength, type Amount, type Units } from '../../quantity';
import type { Cut } from '../schema/types';

/** One lump, whatever else is said: it is as thick as its weight makes it. */
const LUMP =
  /\b(?:in )?(?:one|a single|a|1) (?:big |large )?(?:piece|lump|chunk|slab|block)\b|\b(?:whole|joint|roast|block|slab)\b(?! (?:the|it|for))/i;
/** Words that cut a lump up after all, or name what is whole by nature. */
const CUT_UP =
  /\b(?:cubed?|cubes|diced?|chopped|sliced?|slices|strips?|jointed|quartered|halved|shredded|crumbled|minced into|cut (?:in|up)|pieces|chunks)\b/i;
/** Words that make a lump even of what comes in small pieces. */
const IN_A_LUMP =
  /\b(?:one|a single|a|1) (?:big |large )?(?:piece|lump|chunk|slab|block)\b|\b(?:joint|roast|block|slab)\b/i;
/** Pieces lighter than that are no lump because they are whole, g. */
const LEAST_WHOLE_G = 600;

/** Lighter than that a lump is a piece as usual, g. */
const LEAST_LUMP_G = 250;
const LUMPY: ReadonlySet<Food['group']> = new Set(['meat', 'poultry', 'fish']);

/** A joint, a roast or a block as its weight makes it; null where the line names none. */
export function readLump(words: string, food: Food, amount: Amount | null): Cut | null {
  if (!food.shape || !LUMPY.has(food.group) || !LUMP.test(words) || CUT_UP.test(words)) return null;
  // Whole prawns or legs are as thick as their kind is; a whole brisket is a lump.
  const small = (food.pieceG ?? Infinity) < LEAST_WHOLE_G;
  if (small && !IN_A_LUMP.test(words)) return null;
  const all = amount && amountGrams(food, amount);
  if (!amount || all === null) return null;
  const one = amount.unit === 'piece' ? all / Math.max(1, amount.value) : all;
  const mm = wholeMm(food, one);
  return one < LEAST_LUMP_G || mm === null || mm <= food.shape.mm ? null : { shape: 'whole', mm };
}

/** Heavier than that without a word of its size, it is asked about, g. */
const ASKED_G = 900;
const IN_ONE = new Set([
  'pork-shoulder',
  'lamb-shoulder',
  'beef-brisket',
  'pork-belly',
  'pork-loin',
  'wild-boar',
  'stewing-veal',
  'goat',
]);

/** The question about a heavy cut of which nobody said how it is cut; null where there is none. */
export function sizeAsked(food: Food, amount: Amount, units: Units): string | null {
  if (!IN_ONE.has(food.key) || (amountGrams(food, amount) ?? 0) < ASKED_G) return null;
  return `in one piece or cut up? taken for pieces of ${formatLength(food.shape?.mm ?? 0, units)}`;
}
