/**
 * Tasting: one thing at a time, half of what is left first, so that it is never too much. Amounts as a hand
 * measures them.
 */

/** A pinch, and a level teaspoon of each, g (common practice, no source). */
export const PINCH_G = 0.4;

/** The next touch of salt towards what is wanted: half of what is left, no less than a pinch; 0 at the end. */
export function nextTouch(leftG: number): number {
  if (leftG < PINCH_G / 2) return 0;
  return Math.max(PINCH_G, leftG / 2);
}
