import { saturationTemperature } from './saturation';

/**
 * Air pressure by altitude, US Standard Atmosphere 1976 (troposphere, barometric formula).
 *
 * @param metres altitude above the sea, -500 to 11000 m
 * @returns absolute pressure in Pa
 * @throws RangeError outside the troposphere
 * @example atmosphericPressure(1500) // 84560 Pa, to the nearest ten
 */
export function atmosphericPressure(metres: number): number {
  if (!(metres >= -500 && metres <= 11000)) throw new RangeError(`no atmosphere at ${metres} m`);
  return 101325 * (1 - 2.25577e-5 * metres) ** 5.25588;
}

/**
 * Boiling point of water in an open pot.
 *
 * @param metres altitude, -500 to 11000 m
 * @returns temperature in C
 * @example boilingPoint(0) // 99.97 C, to the nearest hundredth
 */
export function boilingPoint(metres: number): number {
  return saturationTemperature(atmosphericPressure(metres));
}

/**
 * Temperature in a pot that holds a gauge pressure, its air driven out.
 *
 * @param metres altitude, -500 to 11000 m
 * @param gaugeKPa pressure above the air outside, kPa, from 0
 * @returns temperature in C
 * @example setpoint(0, 80) // 117.1 C, to the nearest tenth
 */
export function setpoint(metres: number, gaugeKPa: number): number {
  return saturationTemperature(atmosphericPressure(metres) + gaugeKPa * 1000);
}
