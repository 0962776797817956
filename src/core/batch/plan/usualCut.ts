/** Default size of whole pieces when the cut is not given. */
import { amountGrams, wholeMm, type Food } from '../../food';
import { isMassUnit, type Amount } from '../../quantity';
import type { Cut } from '../schema/types';

/** Pieces this heavy come one or two to a pot, g: a bird, a hock, a tongue. */
const LARGE_G = 500;
/** One piece weighs up to this much of the usual one before there are two (assumed). */
const ONE_MOST = 1.6;
const WHOLE: ReadonlySet<Food['group']> = new Set(['meat', 'poultry', 'fish']);

/** Grams of one piece of an amount; null where the amount does not tell. */
function oneG(food: Food, amount: Amount): number | null {
  const { pieceG } = food;
  if (pieceG === undefined) return null;
  if (amount.unit === 'piece') return amountGrams(food, { ...amount, value: 1 });
  if (!isMassUnit(amount.unit) || pieceG < LARGE_G || !WHOLE.has(food.group)) return null;
  const grams = amountGrams(food, amount) ?? 0;
  return grams > 0 ? grams / Math.max(1, Math.round(grams / (ONE_MOST * pieceG))) : null;
}

/**
 * How large whole pieces are, where that differs from the usual piece.
 *
 * @example usualCut(wholeChicken, { value: 2.6, unit: 'kg' }) // { shape: 'whole', mm: 78 }
 */
export function usualCut(food: Food, amount: Amount): Cut | null {
  const grams = oneG(food, amount);
  const mm = grams === null ? null : wholeMm(food, grams);
  if (mm === null || !food.shape || Math.abs(mm / food.shape.mm - 1) < 0.02) return null;
  return { shape: 'whole', mm };
}

/** A food cut smaller: what was whole is cut into cubes. @example cutTo(undefined, 30) // { shape: 'cube', mm: 30 } */
export function cutTo(cut: Cut | undefined, mm: number): Cut {
  return cut && cut.shape !== 'whole' ? { ...cut, mm } : { shape: 'cube', mm };
}
