/** How thick a food in one piece is, by its weight: thickness goes as its cube root. */
import type { Food } from './types';

/** Meat and fish, kg/L. */
export const KG_PER_L = 1.05;
/** Length of a joint over its thickness, and area of a flat piece over its thickness squared (assumed). */
export const JOINT_LONG = 1.4;
export const FLAT_WIDE = [2.5, 3] as const;
/** Nothing thicker goes into a pot, mm. */
const MOST_MM = 300;

/**
 * Thickness of one piece of a food. A food bought in pieces keeps their proportions; a joint or a
 * block has those of a joint, flat where the food is flat.
 *
 * @param grams of the one piece, above 0
 * @returns mm; null for what joins the liquid
 * @example wholeMm(stewingBeef, 1500) // 109
 * @example wholeMm(wholeChicken, 2600) // 78
 */
export function wholeMm({ shape, pieceG }: Food, grams: number): number | null {
  if (!shape) return null;
  const ml = grams / KG_PER_L;
  const area = shape.kind === 'slab' ? FLAT_WIDE[0] * FLAT_WIDE[1] : (Math.PI * JOINT_LONG) / 4;
  const mm = pieceG ? shape.mm * Math.cbrt(grams / pieceG) : 10 * Math.cbrt(ml / area);
  return Math.min(MOST_MM, mm < 20 ? Math.round(10 * mm) / 10 : Math.round(mm));
}
