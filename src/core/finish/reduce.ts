/** Boiling down: the net power of the heater over the latent heat of water. */
import { latentHeat } from '../water';

/**
 * Time at a rolling boil until some of the water is gone.
 *
 * @param waterKg to boil off, kg, from 0
 * @param netW power into the pot less its losses, W, above 0
 * @param boilC boiling point, C
 * @returns min; Infinity without power
 * @example reductionMinutes(0.5, 800, 100) // 23.5
 */
export function reductionMinutes(waterKg: number, netW: number, boilC: number): number {
  if (waterKg <= 0) return 0;
  return netW > 0 ? (waterKg * latentHeat(boilC)) / netW / 60 : Infinity;
}
