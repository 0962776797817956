/**
 * Fields in the kitchen's own units over values in metric ones: shown converted and rounded, read
 * back exactly where nobody changed them, and refused in the units that were asked for.
 */
import {
  KPA_PER_PSI,
  LITRES_PER_QUART,
  METRES_PER_FOOT,
  toCelsius,
  toFahrenheit,
  type Units,
} from '@/core/quantity';

export type Dimension =
  'altitude' | 'temperature' | 'volume' | 'measure' | 'across' | 'cut' | 'pressure';

interface Way {
  readonly metric: string;
  readonly us: string;
  readonly toUs: (value: number) => number;
  readonly fromUs: (value: number) => number;
  /** Decimals that are shown. */
  readonly digits: number;
}

const by = (metric: string, us: string, unit: number, digits: number): Way => ({
  metric,
  us,
  toUs: (value) => value / unit,
  fromUs: (value) => value * unit,
  digits,
});

const WAYS: Readonly<Record<Dimension, Way>> = {
  altitude: by('m', 'ft', METRES_PER_FOOT, 0),
  temperature: { metric: '°C', us: '°F', toUs: toFahrenheit, fromUs: toCelsius, digits: 0 },
  volume: by('L', 'qt', LITRES_PER_QUART, 2),
  // What is measured in, by the cup.
  measure: by('L', 'cups', LITRES_PER_QUART / 4, 2),
  across: by('cm', 'in', 2.54, 2),
  cut: by('mm', 'in', 25.4, 3),
  pressure: by('kPa', 'psi', KPA_PER_PSI, 1),
};

/** Which fields of a form are in which dimension. */
export type Dimensions = Readonly<Record<string, Dimension>>;

/** The unit of a field. @example unitOf('altitude', 'us') // "ft" */
export function unitOf(dimension: Dimension, units: Units): string {
  return WAYS[dimension][units];
}

/** A value as its field shows it. @example shown(1150, 'altitude', 'us') // 3773 */
export function shown(value: number, dimension: Dimension, units: Units): number {
  const { toUs, digits } = WAYS[dimension];
  return units === 'metric' ? value : Number(toUs(value).toFixed(digits));
}

/** Values of a form as its fields show them. */
export function allShown<T extends object>(values: T, dimensions: Dimensions, units: Units): T {
  const out = { ...values } as Record<string, unknown>;
  for (const [field, dimension] of Object.entries(dimensions)) {
    const value = out[field];
    if (typeof value === 'number') out[field] = shown(value, dimension, units);
  }
  return out as T;
}

/**
 * What the fields hold, in metric; what is no number stays as it is, for the schema to refuse.
 *
 * @param before what the form began with: a field that still shows it keeps it to the last digit
 */
export function allKept(
  values: Readonly<Record<string, unknown>>,
  before: object,
  dimensions: Dimensions,
  units: Units,
): Record<string, unknown> {
  const out: Record<string, unknown> = { ...values };
  const old = before as Readonly<Record<string, unknown>>;
  if (units === 'metric') return out;
  for (const [field, dimension] of Object.entries(dimensions)) {
    const value = out[field];
    if (typeof value !== 'number') continue;
    const was = old[field];
    const same = typeof was === 'number' && shown(was, dimension, units) === value;
    out[field] = same ? was : WAYS[dimension].fromUs(value);
  }
  return out;
}

const BOUNDS = /a number from (-?[\d.]+) to (-?[\d.]+) (\S+)/;

/**
 * What a schema asks for, in the units of the field.
 *
 * @param dimension of the field; by the unit in the message where it is missing
 * @example refusal('a number from -400 to 5000 m', 'us') // "a number from -1312 to 16404 ft"
 */
export function refusal(
  message: string | undefined,
  units: Units,
  dimension?: Dimension,
): string | undefined {
  const match = message === undefined ? null : BOUNDS.exec(message);
  if (!message || !match || units === 'metric') return message;
  const [all, least, most, unit] = match;
  const known = dimension ? [dimension] : (Object.keys(WAYS) as Dimension[]);
  const found = known.find((d) => WAYS[d].metric === unit);
  if (!found) return message;
  const at = (text: string | undefined): number => shown(Number(text), found, units);
  return message.replace(all, `a number from ${at(least)} to ${at(most)} ${WAYS[found].us}`);
}
