/** Vessels that hold no pressure: a pan on the hob, a jar on the counter. */
import type { Heater, Vessel } from './types';

/** Still air over a warm wall, convection and radiation, W/(m2 K) (ASHRAE Fundamentals, surface
 * conductances, 8.3 to 9.4; from memory). */
const STILL_AIR = 9;
/** Of glass, J/(kg K), and what a jar weighs a litre, kg (from memory: 0.45 kg a quart). */
const GLASS_HEAT = 840;
const GLASS_KG_PER_L = 0.48;
/** Of steel, J/(kg K), and what a pan weighs a litre, kg (assumed). */
const STEEL_HEAT = 500;
const STEEL_KG_PER_L = 0.35;

/** Wall, bottom and top of a cylinder, m2. */
function outside(capacityL: number, diameterCm: number): number {
  const radius = diameterCm / 200;
  const base = Math.PI * radius * radius;
  return 2 * base + (2 * capacityL) / 1000 / radius;
}

function round(
  capacityL: number,
  diameterCm: number,
  ownJPerKPerL: number,
): Omit<Vessel, 'heater'> {
  return {
    capacityL,
    surfaceM2: Math.PI * (diameterCm / 200) ** 2,
    bodyJPerK: ownJPerKPerL * capacityL,
    lossWPerK: STILL_AIR * outside(capacityL, diameterCm),
    lid: null,
  };
}

/**
 * A glass jar with its lid on.
 *
 * @param capacityL to the brim, above 0
 * @param diameterCm inside, above 0
 * @example jarVessel(0.95, 9.5).lossWPerK // 0.49
 */
export function jarVessel(capacityL: number, diameterCm: number): Vessel {
  return { ...round(capacityL, diameterCm, GLASS_HEAT * GLASS_KG_PER_L), heater: null };
}

/**
 * A pan on its hob.
 *
 * @param capacityL to the brim, above 0
 * @param diameterCm inside, above 0
 */
export function panVessel(capacityL: number, diameterCm: number, heater: Heater): Vessel {
  return { ...round(capacityL, diameterCm, STEEL_HEAT * STEEL_KG_PER_L), heater };
}
