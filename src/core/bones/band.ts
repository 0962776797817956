/** How far the strength of a broth may be off: what its bones give and how fast, and the litres. */

/** Spread of a kind's final yield and rate over the table: standard deviations of logarithms (assumed). */
export const MOST_SD = 0.35;
export const RATE_SD = 0.35;
/** Of the litres that come out, a logarithm (assumed). */
const LITRES_SD = 0.06;
/** A normal number lies within this of its mean 8 times in 10. */
const EIGHT_IN_TEN = 1.2816;

/** A kind of bone in a broth. */
export interface Given {
  /** Gelatine that it gave, g. */
  readonly grams: number;
  /** Of all that it can give, 0 to 1. */
  readonly share: number;
  /** Deviation of what it gives in the end: less than usual where a kitchen has learned it. */
  readonly mostSd: number;
}

/** Band of a strength, 8 times in 10. */
export interface StrengthBand {
  readonly low: number;
  readonly high: number;
}

/**
 * Band of the strength of a broth. First order: a rate that is off by a share moves what was given by
 * x e^-x / (1 - e^-x) of it, x what has been worked out of the bone.
 *
 * @param gPerL as reckoned
 * @example strengthBand(12, [{ grams: 30, share: 0.6, mostSd: 0.35 }]).high // about 20.7
 */
export function strengthBand(gPerL: number, kinds: readonly Given[]): StrengthBand {
  const total = kinds.reduce((sum, { grams }) => sum + grams, 0);
  let square = LITRES_SD ** 2;
  for (const { grams, share, mostSd } of kinds) {
    const left = Math.min(1, Math.max(1e-6, 1 - share));
    const worked = -Math.log(left);
    const byRate = worked < 1e-6 ? 1 : (worked * left) / (1 - left);
    square += ((grams / (total || 1)) * Math.hypot(mostSd, RATE_SD * byRate)) ** 2;
  }
  const factor = Math.exp(EIGHT_IN_TEN * Math.sqrt(square));
  return { low: gPerL / factor, high: gPerL * factor };
}
