/**
 * Units a cook uses: size, whose they are, how they are written, read and rounded, in one record each.
 *
 * US customary units by definition (NIST Handbook 44, appendix C): pound 453.59237 g,
 * gallon 231 cubic inches, so cup 236.588 mL.
 */
export type Units = 'metric' | 'us';

export interface UnitDefinition {
  readonly is: 'mass' | 'volume' | 'count';
  /** Grams or millilitres in one; 1 for what is counted. */
  readonly si: number;
  /** Kitchens that use it; missing for spoons, pieces and cans, which all do. */
  readonly world?: Units;
  /** Singular and plural. */
  readonly words: readonly [one: string, several: string];
  /** Names that the parser of ingredient lines gives it. */
  readonly parsed: readonly string[];
  /** Start of its name on a package; missing where nothing is packed by it. */
  readonly packed?: RegExp;
  /** Steps of its measure, from the value on at which each is used. The last that is reached counts. */
  readonly steps: readonly (readonly [from: number, step: number])[];
  /** Taken below a value: how many of which smaller unit make one. */
  readonly smaller?: readonly [below: number, unit: string, times: number];
  /** Whether it is written with ½, ⅓ and the like. */
  readonly fractions: boolean;
}

export const UNIT = {
  g: {
    is: 'mass',
    si: 1,
    world: 'metric',
    words: ['g', 'g'],
    parsed: ['gram'],
    packed: /^g/i,
    steps: [
      [0, 0.1],
      [10, 1],
    ],
    fractions: false,
  },
  kg: {
    is: 'mass',
    si: 1000,
    world: 'metric',
    words: ['kg', 'kg'],
    parsed: ['kilogram'],
    packed: /^k/i,
    steps: [[0, 0.01]],
    fractions: false,
  },
  oz: {
    is: 'mass',
    si: 28.349523125,
    world: 'us',
    words: ['oz', 'oz'],
    parsed: ['ounce'],
    packed: /^o/i,
    steps: [
      [0, 0.1],
      [4, 0.5],
    ],
    fractions: false,
  },
  lb: {
    is: 'mass',
    si: 453.59237,
    world: 'us',
    words: ['lb', 'lb'],
    parsed: ['pound'],
    packed: /^(?:lb|pou)/i,
    steps: [[0, 1 / 4]],
    smaller: [0.22, 'oz', 16],
    fractions: true,
  },
  ml: {
    is: 'volume',
    si: 1,
    world: 'metric',
    words: ['ml', 'ml'],
    parsed: ['milliliter'],
    packed: /^m/i,
    steps: [
      [0, 1],
      [50, 5],
    ],
    fractions: false,
  },
  l: {
    is: 'volume',
    si: 1000,
    world: 'metric',
    words: ['L', 'L'],
    parsed: ['liter'],
    packed: /^l(?!b)/i,
    steps: [[0, 0.01]],
    fractions: false,
  },
  tsp: {
    is: 'volume',
    si: 4.92892159375,
    words: ['tsp', 'tsp'],
    parsed: ['teaspoon'],
    steps: [[0, 1 / 4]],
    fractions: true,
  },
  tbsp: {
    is: 'volume',
    si: 14.78676478125,
    words: ['tbsp', 'tbsp'],
    parsed: ['tablespoon'],
    steps: [[0, 1 / 2]],
    smaller: [0.75, 'tsp', 3],
    fractions: true,
  },
  floz: {
    is: 'volume',
    si: 29.5735295625,
    world: 'us',
    words: ['fl oz', 'fl oz'],
    parsed: ['fluid ounce'],
    packed: /^f/i,
    steps: [[0, 1 / 2]],
    fractions: true,
  },
  cup: {
    is: 'volume',
    si: 236.5882365,
    world: 'us',
    words: ['cup', 'cups'],
    parsed: ['cup'],
    // The nearest fraction.
    steps: [],
    smaller: [0.22, 'tbsp', 16],
    fractions: true,
  },
  pt: {
    is: 'volume',
    si: 473.176473,
    world: 'us',
    words: ['pt', 'pt'],
    parsed: ['pint'],
    packed: /^p(?!ou)/i,
    steps: [[0, 1 / 4]],
    fractions: true,
  },
  qt: {
    is: 'volume',
    si: 946.352946,
    world: 'us',
    words: ['qt', 'qt'],
    parsed: ['quart'],
    packed: /^q/i,
    steps: [[0, 1 / 4]],
    fractions: true,
  },
  piece: {
    is: 'count',
    si: 1,
    words: ['', ''],
    parsed: ['piece', 'clove', 'stalk', 'slice', 'sprig', 'stick', 'ear', 'fillet'],
    steps: [
      [0, 1 / 4],
      [1, 1 / 2],
      [6, 1],
    ],
    fractions: true,
  },
  can: {
    is: 'count',
    si: 1,
    words: ['can', 'cans'],
    parsed: ['can'],
    steps: [[0, 1 / 2]],
    fractions: true,
  },
} as const satisfies Readonly<Record<string, UnitDefinition>>;

export type Unit = keyof typeof UNIT;
type OfKind<K> = { [U in Unit]: (typeof UNIT)[U]['is'] extends K ? U : never }[Unit];
export type MassUnit = OfKind<'mass'>;
export type VolumeUnit = OfKind<'volume'>;

export const UNITS = Object.keys(UNIT) as readonly Unit[];

/** Properties of a unit. */
export function unitDefinition(unit: Unit): UnitDefinition {
  return UNIT[unit];
}

function sizes<U extends Unit>(kind: UnitDefinition['is']): Readonly<Record<U, number>> {
  const all = UNITS.filter((unit) => UNIT[unit].is === kind).map((unit) => [unit, UNIT[unit].si]);
  return Object.fromEntries(all) as Readonly<Record<U, number>>;
}

/** Grams in a unit of mass, and millilitres in one of volume. */
export const MASS_G = sizes<MassUnit>('mass');
export const VOLUME_ML = sizes<VolumeUnit>('volume');

export type Size = 'small' | 'medium' | 'large';

/** Mass of a small or large piece beside a medium one (common practice, no source). */
export const SIZE_FACTOR: Readonly<Record<Size, number>> = { small: 0.65, medium: 1, large: 1.4 };

/** Amount as a cook says it: a number of units; pieces may have a size, cans a net mass in g. */
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
