/**
 * Salt of the finished pot (common practice: soup 0.6 to 0.9 %, stock none, since it is reduced
 * and salted later).
 */

/** Share of the finished mass at which soup tastes salted, % (brief: the middle of 0.6 to 0.9). */
export const SOUP_SALT_PERCENT = 0.75;
/** Above this most people find it salty, % (common practice, no source). */
export const SALTY_PERCENT = 1.1;

/** @example saltPercent(15, 2000) // 0.75 */
export function saltPercent(saltG: number, massG: number): number {
  return massG > 0 ? (100 * saltG) / massG : 0;
}

/**
 * Salt still to add to reach a share of the finished mass; the salt counts to the mass.
 *
 * @param percent wanted, 0 to below 100
 * @returns g; 0 where there is enough already
 * @example saltToAdd(5, 2000, 0.75) // 10.08
 */
export function saltToAdd(saltG: number, massG: number, percent: number): number {
  const share = percent / 100;
  return Math.max(0, (share * massG - saltG) / (1 - share));
}

/** Water to add so that the salt is no more than a share of the mass, g. */
export function waterToDilute(saltG: number, massG: number, percent: number): number {
  return Math.max(0, (100 * saltG) / percent - massG);
}
