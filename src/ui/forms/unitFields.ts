/**
 * Fields in the kitchen's own units over values in metric ones: shown converted and rounded, read
 * back exactly where nobody changed them, and refused in the units that were asked for.
 */
import {
  formatAltitude,
  formatTemperature,
  LITRES_PER_QUART,
  MASS_G,
  METRES_PER_FOOT,
  PRESSURE_UNITS,
  toCelsius,
  toFahrenheit,
  VOLUME_ML,
  type Units,
} from '@/core/quantity';
import { isWithin, LIMITS } from '@/core/batch/schema';
import { boilingPoint } from '@/core/water';
import { numberIn } from './numbers';

export type Dimension =
  | 'altitude'
  | 'temperature'
  | 'volume'
  | 'measure'
  | 'splash'
  | 'across'
  | 'cut'
  | 'pressure'
  | 'bars'
  | 'loss'
  | 'weight';

/** A unit that a value is shown in, and the way from what is kept. */
interface Shown {
  readonly unit: string;
  readonly to: (kept: number) => number;
  readonly from: (shown: number) => number;
  /** Decimals that are shown. */
  readonly digits: number;
}

interface Way {
  /** Kept unit, which is the schema's. */
  readonly kept: string;
  /** Shown as it is kept where missing. */
  readonly metric?: Shown;
  readonly us: Shown;
}

const by = (unit: string, one: number, digits: number): Shown => ({
  unit,
  to: (value) => value / one,
  from: (value) => value * one,
  digits,
});

const PSI = by('psi', PRESSURE_UNITS.psi.kPa, 1);

const WAYS: Readonly<Record<Dimension, Way>> = {
  altitude: { kept: 'm', us: by('ft', METRES_PER_FOOT, 0) },
  temperature: { kept: '°C', us: { unit: '°F', to: toFahrenheit, from: toCelsius, digits: 0 } },
  volume: { kept: 'L', us: by('qt', LITRES_PER_QUART, 2) },
  // Measuring cups.
  measure: { kept: 'L', us: by('cups', LITRES_PER_QUART / 4, 2) },
  splash: { kept: 'ml', us: by('cups', VOLUME_ML.cup, 2) },
  across: { kept: 'cm', us: by('in', 2.54, 2) },
  cut: { kept: 'mm', us: by('in', 25.4, 3) },
  pressure: { kept: 'kPa', us: PSI },
  weight: { kept: 'kg', us: by('lb', MASS_G.lb / 1000, 1) },
  loss: { kept: 'W/K', us: by('W/°F', 1.8, 2) },
  // A metric kitchen that reads bar.
  bars: { kept: 'kPa', metric: by('bar', PRESSURE_UNITS.bar.kPa, 2), us: PSI },
};

/** How a kitchen shows a dimension; null where it is as it is kept. */
function shownIn(dimension: Dimension, units: Units): Shown | null {
  return (units === 'us' ? WAYS[dimension].us : WAYS[dimension].metric) ?? null;
}

/** Which fields of a form are in which dimension. */
export type Dimensions = Readonly<Record<string, Dimension>>;

/** The unit of a field. @example unitOf('altitude', 'us') // "ft" */
export function unitOf(dimension: Dimension, units: Units): string {
  return shownIn(dimension, units)?.unit ?? WAYS[dimension].kept;
}

/** A value as its field shows it. @example shown(1150, 'altitude', 'us') // 3773 */
export function shown(value: number, dimension: Dimension, units: Units): number {
  const way = shownIn(dimension, units);
  return way ? Number(way.to(value).toFixed(way.digits)) : value;
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
 * Values of the fields, in metric; anything but a number stays as it is, for the schema to refuse.
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
  for (const [field, dimension] of Object.entries(dimensions)) {
    const value = out[field];
    const way = shownIn(dimension, units);
    if (typeof value !== 'number' || !way) continue;
    const was = old[field];
    const same = typeof was === 'number' && shown(was, dimension, units) === value;
    out[field] = same ? was : way.from(value);
  }
  return out;
}

const BOUNDS = /a number from (-?[\d.]+) to (-?[\d.]+) ([^\s,]+)/;

/**
 * Wanted range of a schema, in the units of the field.
 * @param dimension of the field; by the unit in the message where it is missing
 * @example refusal('a number from -400 to 5000 m', 'us') // "a number from -1312 to 16404 ft"
 */
export function refusal(
  message: string | undefined,
  units: Units,
  dimension?: Dimension,
): string | undefined {
  const match = message === undefined ? null : BOUNDS.exec(message);
  if (!message || !match) return message;
  const [all, least, most, unit] = match;
  const known = dimension ? [dimension] : (Object.keys(WAYS) as Dimension[]);
  const found = known.find((d) => WAYS[d].kept === unit);
  if (!found || !shownIn(found, units)) return message;
  const at = (text: string | undefined): number => shown(Number(text), found, units);
  return message.replace(all, `a number from ${at(least)} to ${at(most)} ${unitOf(found, units)}`);
}

/** Reading of a thermometer as typed in the kitchen's degrees, C; null for none, or one beyond its limits. */
export function celsiusIn(text: string, units: Units): number | null {
  const typed = numberIn(text);
  const celsius = units === 'us' ? toCelsius(typed) : typed;
  return text.trim() !== '' && isWithin(celsius, LIMITS.reading) ? celsius : null;
}

/**
 * Shows an altitude as it was taken, with what follows; undefined where nobody cooks.
 *
 * @example altitudeHint(1615, 'us') // "5,299 ft: water boils at 202 °F"
 */
export function altitudeHint(altitudeM: unknown, units: Units): string | undefined {
  return typeof altitudeM === 'number' && isWithin(altitudeM, LIMITS.altitude)
    ? `${formatAltitude(altitudeM, units)}: water boils at ${formatTemperature(boilingPoint(altitudeM), units)}`
    : undefined;
}
