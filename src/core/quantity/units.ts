/**
 * Units a cook uses, and what they are in SI.
 *
 * US customary units by definition (NIST Handbook 44, appendix C): pound 453.59237 g,
 * gallon 231 cubic inches, so cup 236.588 mL.
 */
export const MASS_G = { g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 } as const;

export const VOLUME_ML = {
  ml: 1,
  l: 1000,
  tsp: 4.92892159375,
  tbsp: 14.78676478125,
  floz: 29.5735295625,
  cup: 236.5882365,
  pt: 473.176473,
  qt: 946.352946,
} as const;

export type MassUnit = keyof typeof MASS_G;
export type VolumeUnit = keyof typeof VOLUME_ML;
export type CountUnit = 'piece' | 'can';
export type Unit = MassUnit | VolumeUnit | CountUnit;
export type Units = 'metric' | 'us';

export const UNITS: readonly Unit[] = [
  ...(Object.keys(MASS_G) as MassUnit[]),
  ...(Object.keys(VOLUME_ML) as VolumeUnit[]),
  'piece',
  'can',
];

export type Size = 'small' | 'medium' | 'large';

/** Mass of a small or large piece beside a medium one (common practice, no source). */
export const SIZE_FACTOR: Readonly<Record<Size, number>> = { small: 0.65, medium: 1, large: 1.4 };

/** What a cook said: a number of units; pieces may have a size, cans a net mass in g. */
export interface Amount {
  readonly value: number;
  readonly unit: Unit;
  readonly size?: Size;
  readonly canG?: number;
}

export function isMassUnit(unit: Unit): unit is MassUnit {
  return unit in MASS_G;
}

export function isVolumeUnit(unit: Unit): unit is VolumeUnit {
  return unit in VOLUME_ML;
}

/** L in a US quart. */
export const LITRES_PER_QUART = VOLUME_ML.qt / 1000;

/** Metres in a foot, and kPa in a pound a square inch (NIST SP 811, appendix B). */
export const METRES_PER_FOOT = 0.3048;
export const KPA_PER_PSI = 6.894757;

/** Units of pressure: how much one is in kPa, and the decimals that tell settings apart. */
export const PRESSURE_UNITS = {
  kPa: { kPa: 1, digits: 0 },
  bar: { kPa: 100, digits: 2 },
  psi: { kPa: KPA_PER_PSI, digits: 1 },
} as const;

export type PressureUnit = keyof typeof PRESSURE_UNITS;

/** Fahrenheit to Celsius. @example toCelsius(212) // 100 */
export function toCelsius(fahrenheit: number): number {
  return (fahrenheit - 32) / 1.8;
}

/** Celsius to Fahrenheit. @example toFahrenheit(100) // 212 */
export function toFahrenheit(celsius: number): number {
  return celsius * 1.8 + 32;
}

/** Volume of an amount in mL, or null for masses and counts. */
export function volumeMl(amount: Amount): number | null {
  return amount.unit in VOLUME_ML
    ? amount.value * VOLUME_ML[amount.unit as keyof typeof VOLUME_ML]
    : null;
}
