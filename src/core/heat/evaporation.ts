/**
 * Evaporation and dry heat loss from the open surface of a hot pot into still air. Evaporation by the pool
 * formula, w = A (pw - pa) (0.089 + 0.0782 v) / Y, kPa, m/s and kJ/kg (ASHRAE Handbook HVAC Applications,
 * natatoriums, after Carrier 1918; from memory), at v = 0. Dry heat by free convection over a horizontal plate, Nu
 * = 0.14 Ra^(1/3), and by radiation of a wet surface (Incropera & DeWitt, ch. 9 and 12, from memory).
 */
import { latentHeat, saturationPressure } from '../water';
import type { Air } from './types';

/** kW/(m2 kPa) in still air. */
const STILL_AIR = 0.089;
/** Relative humidity of a kitchen (assumed). */
const HUMIDITY = 0.5;
const STEFAN_BOLTZMANN = 5.67e-8;
const EMISSIVITY = 0.95;
const KELVIN = 273.15;
/** 0.14 k (g beta / (nu alpha))^(1/3) of air at a film temperature near 60 C, W/(m2 K^(4/3)). */
const FREE_CONVECTION = 1.52;

/**
 * @param celsius surface temperature, up to the boiling point
 * @returns kg/s
 * @example openEvaporation(95, { pressurePa: 101325, ambientC: 20 }, 1) // 0.0033, 12 kg/h
 */
export function openEvaporation(celsius: number, air: Air, surfaceM2: number): number {
  const inside = saturationPressure(Math.max(0.01, celsius));
  const outside = HUMIDITY * saturationPressure(Math.max(0.01, air.ambientC));
  if (inside <= outside) return 0;
  return (surfaceM2 * (inside - outside) * STILL_AIR) / latentHeat(celsius);
}

/**
 * Dry heat from the open surface per degree above the room.
 *
 * @param celsius surface temperature
 * @returns W/K
 * @example openLoss(95, { pressurePa: 101325, ambientC: 20 }, 1) // about 14
 */
export function openLoss(celsius: number, air: Air, surfaceM2: number): number {
  const above = celsius - air.ambientC;
  if (above <= 0.1) return 0;
  const hot = celsius + KELVIN;
  const cold = air.ambientC + KELVIN;
  const radiation = EMISSIVITY * STEFAN_BOLTZMANN * (hot * hot + cold * cold) * (hot + cold);
  return surfaceM2 * (FREE_CONVECTION * Math.cbrt(above) + radiation);
}
