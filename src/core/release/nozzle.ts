/**
 * Steam through an open valve: isentropic flow of an ideal gas through an orifice, choked or not
 * (any text on compressible flow; White, Fluid Mechanics, ch. 9, from memory).
 */
import { saturationPressure, vapourDensity } from '../water';

export interface Valve {
  /** m2 */
  readonly areaM2: number;
  /** Discharge coefficient. */
  readonly cd: number;
}

/** The usual valve of a home cooker: 3.2 mm, sharp-edged (assumed; learned from the log later). */
export const USUAL_VALVE: Valve = { areaM2: (Math.PI / 4) * 0.0032 ** 2, cd: 0.8 };

/**
 * Isentropic exponent of steam that is saturated as it enters and grows wet as it expands
 * (Zeuner's 1.135, from memory). With the 1.3 of superheated steam the flow would be 9 % above
 * Napier's rule.
 */
const GAMMA = 1.135;
const CHOKED = (2 / (GAMMA + 1)) ** (GAMMA / (GAMMA - 1));

/**
 * Mass flow of steam out of a pot of boiling water.
 *
 * @param celsius temperature of the liquid
 * @param outsidePa pressure of the air, Pa
 * @returns kg/s; 0 at and below the boiling point
 * @example steamFlow(117.1, 101325, USUAL_VALVE) // 0.00176
 */
export function steamFlow(celsius: number, outsidePa: number, valve: Valve): number {
  const inside = saturationPressure(celsius);
  if (inside <= outsidePa) return 0;
  const ratio = Math.max(outsidePa / inside, CHOKED);
  const speed =
    ((2 * GAMMA) / (GAMMA - 1)) * (ratio ** (2 / GAMMA) - ratio ** ((GAMMA + 1) / GAMMA));
  return valve.cd * valve.areaM2 * Math.sqrt(inside * vapourDensity(celsius) * speed);
}
