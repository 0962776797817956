/**
 * Evaporation from an open surface into still air: Stefan flow with the heat and mass transfer
 * analogy (Lewis number to the two thirds; Incropera & DeWitt, ch. 6, from memory).
 */
import { saturationPressure } from '../water';
import type { Air } from './types';

/** Free convection over a hot pot, W/(m2 K) (assumed, 5 to 15). */
const AIR_FILM = 10;
const AIR_HEAT = 1007;
const LEWIS = 0.85 ** (-2 / 3);
const MASS_RATIO = 18.015 / 28.965;
/** Relative humidity of a kitchen (assumed). */
const HUMIDITY = 0.5;

/**
 * @param celsius surface temperature, below the boiling point
 * @returns kg/s
 */
export function openEvaporation(celsius: number, air: Air, surfaceM2: number): number {
  if (celsius <= Math.max(0.01, air.ambientC)) return 0;
  const inside = saturationPressure(celsius);
  const outside = HUMIDITY * saturationPressure(Math.max(0.01, air.ambientC));
  if (inside <= outside) return 0;
  const drive = Math.log((air.pressurePa - outside) / Math.max(500, air.pressurePa - inside));
  return (AIR_FILM / AIR_HEAT) * LEWIS * MASS_RATIO * surfaceM2 * drive;
}
