/** Meat in one piece: a joint, a roast or a block is as thick as its weight makes it. */
import { amountGrams, wholeMm, type Food } from '../../food';
import { formatLength, isMassUnit, type Amount, type Units } from '../../quantity';
import type { Cut } from '../schema/types';

/** One lump, whatever else is said: it is as thick as its weight makes it. */
const LUMP =
  /\b(?:in )?(?:one|a single|a|1) (?:big |large )?(?:piece|lump|chunk|slab|block)\b|\b(?:whole|joint|roast|block|slab)\b(?! (?:the|it|for))/i;
/** Words of a lump, anywhere in the line. */
export const LUMP_WORDS =
  /\b(?:in )?(?:one|a single|a|1) (?:big |large )?(?:piece|lump|chunk|slab|block)\b|\b(?:whole|joint|roast|block|slab|lump|cut)\b/i;
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
  const weighed = food.group === 'meat' && amount !== null && isMassUnit(amount.unit);
  if (small && !weighed && !IN_A_LUMP.test(words)) return null;
  const all = amount && amountGrams(food, amount);
  if (!amount || all === null) return null;
  const one = amount.unit === 'piece' ? all / Math.max(1, amount.value) : all;
  const mm = wholeMm(food, one);
  return one < LEAST_LUMP_G || mm === null || mm <= food.shape.mm ? null : { shape: 'whole', mm };
}

/** Heavier than that without a word of its size, it is asked about, g. */
const ASKED_G = 900;
/** Words of meat that is cut for a stew. */
const STEWING = /\b(?:stew\w*|goulash|gulyas|rag[uo]\w*|braising|curry)\b/i;

/** A block of mince is no crumbs until it is broken up; frozen, it is taken for one. */
function frozenMince(words: string, food: Food, startC: number | undefined): boolean {
  return (
    food.safety === 'minced' &&
    food.pieceG === undefined &&
    (startC ?? 5) < 0 &&
    !CUT_UP.test(words)
  );
}

/** A size, and what is to be asked about it. */
export interface Sized {
  readonly cut: Cut | null;
  readonly asked: string | null;
}

/**
 * Default size of a lump whose line gives none: a heavy cut, which may be cut up or not, or frozen
 * mince.
 */
export function sizeLeftOpen(
  words: string,
  food: Food,
  amount: Amount,
  startC: number | undefined,
  units: Units,
): Sized {
  const grams = amountGrams(food, amount) ?? 0;
  if (frozenMince(words, food, startC)) {
    const mm = grams < LEAST_LUMP_G ? null : wholeMm(food, grams);
    if (mm !== null)
      return {
        cut: { shape: 'whole', mm },
        asked: `in one block or loose? taken for a block ${formatLength(mm, units)} thick`,
      };
  }
  const joint =
    food.jointG !== undefined || (food.group === 'meat' && (food.pieceG ?? 0) >= ASKED_G);
  if (!joint || grams < ASKED_G || STEWING.test(words)) return { cut: null, asked: null };
  const size = formatLength(food.shape?.mm ?? 0, units);
  const taken = food.pieceG === undefined ? `pieces of ${size}` : 'one piece';
  return { cut: null, asked: `in one piece or cut up? taken for ${taken}` };
}
