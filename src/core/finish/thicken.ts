/** Starch slurry: 8 g of cornstarch for 240 mL make it medium thick (common practice). */

export type Thickness = 'light' | 'medium' | 'thick';

/** g of cornstarch per litre; light and thick: common practice, no source. */
const PER_LITRE: Readonly<Record<Thickness, number>> = {
  light: 5 / 0.24,
  medium: 8 / 0.24,
  thick: 12 / 0.24,
};

export interface Slurry {
  /** g */
  readonly starchG: number;
  /** Cold water to stir it into, mL: twice its weight (common practice). */
  readonly waterMl: number;
}

/**
 * @param litres of broth to thicken, from 0
 * @example slurryFor(1.2, 'medium') // { starchG: 40, waterMl: 80 }
 */
export function slurryFor(litres: number, thickness: Thickness): Slurry {
  const starchG = litres * PER_LITRE[thickness];
  return { starchG, waterMl: slurryWater(starchG) };
}

/** Cold water for so much starch, mL. */
export const slurryWater = (starchG: number): number => 2 * starchG;
