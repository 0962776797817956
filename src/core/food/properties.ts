/**
 * Thermal properties of foods from their composition.
 *
 * Choi & Okos 1986, "Effects of temperature and composition on the thermal properties of foods";
 * coefficients as in ASHRAE Handbook Refrigeration, ch. 19, tables 1 and 2. Valid -40 to 150 C.
 * Ice by ASHRAE ch. 19, eq. 2 (Tchigeov's bound water 0.4 x protein, ideal solution).
 */
import type { Composition } from './types';

type Part = keyof Composition;
type Poly = readonly [number, number, number];

const DENSITY: Readonly<Record<Part | 'ice', Poly>> = {
  water: [997.18, 3.1439e-3, -3.7574e-3],
  ice: [916.89, -0.13071, 0],
  protein: [1329.9, -0.5184, 0],
  fat: [925.59, -0.41757, 0],
  carbohydrate: [1599.1, -0.31046, 0],
  fibre: [1311.5, -0.36589, 0],
  ash: [2423.8, -0.28063, 0],
};

const CONDUCTIVITY: Readonly<Record<Part | 'ice', Poly>> = {
  water: [0.57109, 1.7625e-3, -6.7036e-6],
  ice: [2.2196, -6.2489e-3, 1.0154e-4],
  protein: [0.17881, 1.1958e-3, -2.7178e-6],
  fat: [0.18071, -2.7604e-4, -1.7749e-7],
  carbohydrate: [0.20141, 1.3874e-3, -4.3312e-6],
  fibre: [0.18331, 1.2497e-3, -3.1683e-6],
  ash: [0.32962, 1.4011e-3, -2.9069e-6],
};

const HEAT: Readonly<Record<Part | 'ice', Poly>> = {
  water: [4176.2, -0.090864, 5.4731e-3],
  ice: [2062.3, 6.0769, 0],
  protein: [2008.2, 1.2089, -1.3129e-3],
  fat: [1984.2, 1.4733, -4.8008e-3],
  carbohydrate: [1548.8, 1.9625, -5.9399e-3],
  fibre: [1845.9, 1.8306, -4.6509e-3],
  ash: [1092.6, 1.8896, -3.6817e-3],
};

const PARTS: readonly Part[] = ['water', 'protein', 'fat', 'carbohydrate', 'fibre', 'ash'];

/** Latent heat of fusion of water at 0 C, J/kg (ASHRAE ch. 19). */
const FUSION = 333_600;

/** Initial freezing point taken for every food, C (ASHRAE ch. 19 table 3: -0.3 to -2.2). */
export const FREEZING_POINT = -1;

export interface ThermalProperties {
  /** kg/m3 */
  readonly density: number;
  /** W/(m K) */
  readonly conductivity: number;
  /** J/(kg K); below the freezing point it includes the melting of ice. */
  readonly heat: number;
}

function at(poly: Poly, t: number): number {
  return poly[0] + t * (poly[1] + t * poly[2]);
}

/**
 * The composition with its parts summing to 1.
 *
 * @throws RangeError when all parts are zero
 * @example normalise({ water: 2, protein: 1, fat: 1, carbohydrate: 0, fibre: 0, ash: 0 }) // { water: 0.5, protein: 0.25, fat: 0.25 }
 */
export function normalise(composition: Composition): Composition {
  const sum = PARTS.reduce((total, part) => total + composition[part], 0);
  if (!(sum > 0)) throw new RangeError('a food needs at least one part');
  const share = (part: Part): number => composition[part] / sum;
  return {
    water: share('water'),
    protein: share('protein'),
    fat: share('fat'),
    carbohydrate: share('carbohydrate'),
    fibre: share('fibre'),
    ash: share('ash'),
  };
}

/**
 * Fraction of the food's mass that is ice.
 *
 * @param composition any scale
 * @param celsius temperature
 */
export function iceFraction(composition: Composition, celsius: number): number {
  if (celsius >= FREEZING_POINT) return 0;
  const x = normalise(composition);
  return Math.max(0, x.water - 0.4 * x.protein) * (1 - FREEZING_POINT / celsius);
}

/**
 * Density, conductivity and specific heat at a temperature.
 *
 * @param composition any scale
 * @param celsius -40 to 150
 * @returns parallel model for conductivity; apparent specific heat when frozen
 * @example thermalProperties(water, 20).heat // about 4177
 */
export function thermalProperties(composition: Composition, celsius: number): ThermalProperties {
  const x = normalise(composition);
  const ice = iceFraction(composition, celsius);
  const add: [number, Part | 'ice'][] = PARTS.map((part) => [
    part === 'water' ? x.water - ice : x[part],
    part,
  ]);
  if (ice > 0) add.push([ice, 'ice']);
  let volume = 0;
  let heat = 0;
  let conduction = 0;
  for (const [share, part] of add) {
    const v = share / at(DENSITY[part], celsius);
    volume += v;
    heat += share * at(HEAT[part], celsius);
    conduction += v * at(CONDUCTIVITY[part], celsius);
  }
  if (celsius < FREEZING_POINT) {
    const freezable = Math.max(0, x.water - 0.4 * x.protein);
    heat += (FUSION * freezable * -FREEZING_POINT) / (celsius * celsius);
  }
  return { density: 1 / volume, conductivity: conduction / volume, heat };
}
