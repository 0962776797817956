/** The tasting at the end: what has been added, what is left of what is wanted. */
import type { FinishReport } from '../model';
import type { After, Taste } from '../batch/schema';
import { nextTouch, saltPercent, saltToAdd, SOUP_SALT_PERCENT } from '../finish';

export interface Tasting {
  readonly addedG: Readonly<Record<Taste, number>>;
  /** Present share, %. */
  readonly saltPercent: number;
  /** Salt still to add for what is wanted, g, and the next touch of it. */
  readonly leftG: number;
  readonly touchG: number;
}

/** One touch of what is no salt, g: a teaspoon of lemon, a pinch of pepper, half a spoon of sugar. */
export const TOUCH_G: Readonly<Record<Exclude<Taste, 'salt'>, number>> = {
  acid: 5,
  heat: 0.3,
  sweet: 2,
};

/**
 * @param targetPercent salt that this household calls right, %
 */
export function tastingOf(
  finish: FinishReport,
  added: After['added'] = [],
  targetPercent = SOUP_SALT_PERCENT,
): Tasting {
  const addedG = { salt: 0, acid: 0, heat: 0, sweet: 0 };
  for (const { what, grams } of added) addedG[what] += grams;
  const all = finish.massG + addedG.salt + addedG.acid + addedG.sweet;
  const saltG = finish.saltG + addedG.salt;
  const leftG = saltToAdd(saltG, all, targetPercent);
  return { addedG, saltPercent: saltPercent(saltG, all), leftG, touchG: nextTouch(leftG) };
}
