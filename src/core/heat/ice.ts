/**
 * Ice in a body: the enthalpy method (after Voller & Cross 1981), with the freezable water and the
 * freezing curve of ASHRAE's ideal solution.
 */
import { FREEZING_POINT, iceFraction, thermalProperties, type Composition } from '../food';

/** Latent heat of fusion of water, J/kg (ASHRAE ch. 19). */
export const FUSION = 333_600;

/** Further properties of a frozen body. */
export interface Ice {
  /** Enthalpy per cell above the freezing point, J. */
  readonly enthalpy: Float64Array;
  readonly cellKg: Float64Array;
  /** J/(kg K) below freezing, without melting. */
  readonly heat: number;
  readonly heatThawed: number;
  /** Heat to melt the freezable water, J/kg of food. */
  readonly melt: number;
  /** Conductivity frozen over conductivity thawed. */
  readonly conductivityRatio: number;
  thawed: boolean;
}

export function makeIce(
  composition: Composition,
  cellKg: Float64Array,
  heatThawed: number,
  conductivity: number,
): Ice {
  const cold = thermalProperties(composition, -20);
  const ice = iceFraction(composition, -20);
  const share = 1 - FREEZING_POINT / -20;
  const freezable = ice / share;
  const melting = (FUSION * freezable * -FREEZING_POINT) / 400;
  return {
    enthalpy: new Float64Array(cellKg.length),
    cellKg,
    heat: cold.heat - melting,
    heatThawed,
    melt: FUSION * freezable,
    conductivityRatio: cold.conductivity / conductivity,
    thawed: false,
  };
}

/** J/kg above the freezing point. */
export function enthalpyOf(ice: Ice, t: number): number {
  if (t >= FREEZING_POINT) return ice.heatThawed * (t - FREEZING_POINT);
  return ice.heat * (t - FREEZING_POINT) - ice.melt * (1 - FREEZING_POINT / t);
}

/** The temperature that has an enthalpy: the inverse of enthalpyOf, a quadratic when frozen. */
export function temperatureOf(ice: Ice, h: number): number {
  if (h >= 0) return FREEZING_POINT + h / ice.heatThawed;
  const b = ice.heat * FREEZING_POINT + ice.melt + h;
  const c = ice.melt * FREEZING_POINT;
  return (b - Math.sqrt(b * b - 4 * ice.heat * c)) / (2 * ice.heat);
}

/** Heat of a kilogram of liquid above 0 C of water, J; frozen, below it by its ice. */
export function liquidHeat(composition: Composition, celsius: number): number {
  const { heat, conductivity } = thermalProperties(composition, 60);
  if (celsius >= 0) return heat * celsius;
  const ice = makeIce(composition, new Float64Array(1), heat, conductivity);
  return enthalpyOf(ice, celsius) + heat * FREEZING_POINT;
}
