/**
 * Properties of saturated liquid and vapour.
 *
 * Densities: IAPWS SR1-86(1992), Wagner & Pruss 1993, supplementary equations 2 and 3.
 * Latent heat: cubic through steam-table values at 0, 60, 100 and 140 C; checked against
 * Clapeyron's equation on the saturation line, which shares no number with it.
 */
const CRITICAL_K = 647.096;
const CRITICAL_DENSITY = 322;

function tau(celsius: number): number {
  return 1 - (celsius + 273.15) / CRITICAL_K;
}

/**
 * Density of liquid water on the saturation line.
 *
 * @param celsius 0 to 373 C
 * @returns kg/m3
 * @example liquidDensity(100) // 958.35
 */
export function liquidDensity(celsius: number): number {
  // Powers as products: asked for thousands of times a plan, and pow is five times as slow.
  const t = Math.cbrt(tau(celsius));
  const t2 = t * t;
  const t5 = t2 * t2 * t;
  const t16 = t5 * t5 * t5 * t;
  const t43 = t16 * t16 * t5 * t5 * t;
  const t110 = t43 * t43 * t16 * t5 * t2 * t;
  return (
    CRITICAL_DENSITY *
    (1 +
      1.99274064 * t +
      1.09965342 * t2 -
      0.510839303 * t5 -
      1.75493479 * t16 -
      45.5170352 * t43 -
      6.7469445e5 * t110)
  );
}

/**
 * Density of saturated steam.
 *
 * @param celsius 0 to 373 C
 * @returns kg/m3
 * @example vapourDensity(100) // 0.5981
 */
export function vapourDensity(celsius: number): number {
  const sixth = tau(celsius) ** (1 / 6);
  return (
    CRITICAL_DENSITY *
    Math.exp(
      -2.0315024 * sixth ** 2 -
        2.6830294 * sixth ** 4 -
        5.38626492 * sixth ** 8 -
        17.2991605 * sixth ** 18 -
        44.7586581 * sixth ** 37 -
        63.9201063 * sixth ** 71,
    )
  );
}

/**
 * Heat taken by boiling off water.
 *
 * @param celsius 0 to 160 C
 * @returns J/kg
 * @example latentHeat(100) // 2256400
 */
export function latentHeat(celsius: number): number {
  const t = celsius / 100;
  return 1000 * (2500.9 + t * (-238.131 + t * (7.321 - t * 13.69)));
}

/** Specific heat of liquid water, mean of 20 to 120 C, J/(kg K) (steam tables, from memory). */
export const WATER_HEAT = 4200;

/** Surface tension of water at 115 C, N/m (IAPWS R1-76, from memory). */
export const SURFACE_TENSION = 0.0557;
