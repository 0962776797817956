/**
 * The saturation line of water, both directions.
 *
 * IAPWS R7-97(2012), industrial formulation IF97, region 4: equation 30 (pressure from
 * temperature) and equation 31 (temperature from pressure), with the coefficients of table 34.
 */
const N = [
  0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.1202082470247e5,
  -0.32325550322333e7, 0.1491510861353e2, -0.48232657361591e4, 0.40511340542057e6,
  -0.23855557567849, 0.65017534844798e3,
] as const;

const ZERO_C_IN_K = 273.15;
const MIN_C = 0;
const MAX_C = 373.946;
const MIN_PA = 611.213;
const MAX_PA = 22.064e6;

/**
 * Pressure of saturated steam.
 *
 * @param celsius temperature, 0 to 373.946 C
 * @returns absolute pressure in Pa
 * @throws RangeError outside the line
 * @example saturationPressure(100) // 101418 Pa, to the nearest pascal
 */
export function saturationPressure(celsius: number): number {
  if (!(celsius >= MIN_C && celsius <= MAX_C))
    throw new RangeError(`no saturation pressure at ${celsius} C`);
  const kelvin = celsius + ZERO_C_IN_K;
  const theta = kelvin + N[8] / (kelvin - N[9]);
  const a = theta * theta + N[0] * theta + N[1];
  const b = N[2] * theta * theta + N[3] * theta + N[4];
  const c = N[5] * theta * theta + N[6] * theta + N[7];
  const root = (2 * c) / (-b + Math.sqrt(b * b - 4 * a * c));
  return 1e6 * root ** 4;
}

/**
 * Temperature at which water boils under a pressure.
 *
 * @param pascal absolute pressure, 611.213 Pa to 22.064 MPa
 * @returns temperature in C
 * @throws RangeError outside the line
 * @example saturationTemperature(100000) // 99.61 C, to the nearest hundredth
 */
export function saturationTemperature(pascal: number): number {
  if (!(pascal >= MIN_PA && pascal <= MAX_PA))
    throw new RangeError(`no boiling point at ${pascal} Pa`);
  const beta = (pascal / 1e6) ** 0.25;
  const e = beta * beta + N[2] * beta + N[5];
  const f = N[0] * beta * beta + N[3] * beta + N[6];
  const g = N[1] * beta * beta + N[4] * beta + N[7];
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  const sum = N[9] + d;
  return (sum - Math.sqrt(sum * sum - 4 * (N[8] + N[9] * d))) / 2 - ZERO_C_IN_K;
}
