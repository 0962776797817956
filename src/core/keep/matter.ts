/**
 * Food that is cooled, frozen and thawed: heat and conductivity by Choi & Okos, ice by ASHRAE's freezing curve, as
 * in the pot.
 */
import { FREEZING_POINT, thermalProperties, type Composition } from '../food';
import { enthalpyOf, makeIce, temperatureOf, type Ice } from '../heat';

export interface Matter {
  /** kg/L */
  readonly kgPerL: number;
  /** Of what is not frozen, J/(kg K). */
  readonly heat: number;
  /** W/(m K), frozen and not. */
  readonly conductivity: number;
  readonly frozenConductivity: number;
  readonly ice: Ice;
}

/** Clear stock, and a thick pot of pulses and meat (assumed, after rows of the food table). */
const THIN: Composition = {
  water: 97.5,
  protein: 1.5,
  fat: 0.3,
  carbohydrate: 0.3,
  fibre: 0,
  ash: 0.4,
};
const THICK: Composition = {
  water: 78,
  protein: 7.5,
  fat: 3,
  carbohydrate: 8.5,
  fibre: 2,
  ash: 1,
};

/** Properties are taken at, C: halfway from the table to the fridge. */
const MIDWAY_C = 35;

export function matterOf(thick: boolean): Matter {
  const composition = thick ? THICK : THIN;
  const { heat, conductivity, density } = thermalProperties(composition, MIDWAY_C);
  const ice = makeIce(composition, new Float64Array(0), heat, conductivity);
  return {
    kgPerL: density / 1000,
    heat,
    conductivity,
    frozenConductivity: conductivity * ice.conductivityRatio,
    ice,
  };
}

/** J/kg above the freezing point. */
export const heatAt = (matter: Matter, celsius: number): number => enthalpyOf(matter.ice, celsius);

/** C; the inverse of `heatAt`. */
export const celsiusAt = (matter: Matter, jPerKg: number): number =>
  temperatureOf(matter.ice, jPerKg);

/** Conductivity at a temperature: between both by the share of ice. W/(m K) */
export function conductivityAt(matter: Matter, celsius: number): number {
  if (celsius >= FREEZING_POINT) return matter.conductivity;
  const frozen = 1 - FREEZING_POINT / celsius;
  return matter.conductivity + frozen * (matter.frozenConductivity - matter.conductivity);
}
