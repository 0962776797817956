import {
  PRESSURE_UNITS,
  MASS_G,
  METRES_PER_FOOT,
  VOLUME_ML,
  isMassUnit,
  isVolumeUnit,
  toFahrenheit,
  unitDefinition,
  type Amount,
  type Unit,
  type PressureUnit,
  type Units,
} from './units';

const FRACTIONS: readonly (readonly [number, string])[] = [
  [0, ''],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [1, ''],
];

/**
 * A number in the fractions a measuring cup has.
 *
 * @param value number of cups or spoons, from 0
 * @returns nearest whole, half, third or quarter; 0 below an eighth
 * @example nearestFraction(2.3) // 2.3333333333333335
 */
export function nearestFraction(value: number): number {
  const whole = Math.floor(value);
  const rest = value - whole;
  const near = FRACTIONS.reduce((best, candidate) =>
    Math.abs(candidate[0] - rest) < Math.abs(best[0] - rest) ? candidate : best,
  );
  return whole + near[0];
}

/**
 * A number written in halves, thirds and quarters.
 *
 * @example formatFraction(1.5) // "1½"
 */
export function formatFraction(value: number): string {
  const near = nearestFraction(value);
  const whole = Math.floor(near + 1e-9);
  const glyph = FRACTIONS.find(([f]) => Math.abs(f - (near - whole)) < 1e-6)?.[1] ?? '';
  return `${whole || !glyph ? whole : ''}${glyph}`;
}

/** Parts a pot or a measure is divided in. */
const PARTS = [1, 2, 3, 4, 5, 6, 8, 12, 24];
/** A share as near to a fraction as this is that fraction: 0.667 is 2/3. */
const SAME_SHARE = 0.001;

/**
 * A share of a whole as a fraction of few parts, or in figures.
 *
 * @param share 0 to 1
 * @example formatShare(0.667) // "2/3"
 * @example formatShare(0.63) // "0.63"
 */
export function formatShare(share: number): string {
  const under = PARTS.find((n) => Math.abs(Math.round(share * n) / n - share) < SAME_SHARE);
  if (under === undefined) return decimals(share, 3);
  return under === 1 ? String(Math.round(share)) : `${Math.round(share * under)}/${under}`;
}

function decimals(value: number, digits: number): string {
  return Number(value.toFixed(digits)).toString();
}

/**
 * A volume as a cook can measure it: 50 mL steps and litres, or cups and quarts in fractions.
 *
 * @param litres volume, L, from 0
 * @example formatVolume(1.63, 'metric') // "1.65 L"
 * @example formatVolume(0.8, 'us') // "3⅓ cups"
 */
export function formatVolume(litres: number, units: Units): string {
  const ml = litres * 1000;
  if (units === 'metric') {
    if (ml < 40) return `${Math.round(ml)} ml`;
    const rounded = Math.round(ml / 50) * 50;
    return rounded < 1000 ? `${rounded} ml` : `${decimals(rounded / 1000, 2)} L`;
  }
  if (ml < VOLUME_ML.tsp / 8) return 'a few drops';
  if (ml < VOLUME_ML.cup / 4)
    return ml < VOLUME_ML.tbsp
      ? `${formatFraction(Math.max(0.25, ml / VOLUME_ML.tsp))} tsp`
      : `${formatFraction(ml / VOLUME_ML.tbsp)} tbsp`;
  const cups = nearestFraction(ml / VOLUME_ML.cup);
  if (cups >= 8) return `${formatFraction(ml / VOLUME_ML.qt)} qt`;
  return `${formatFraction(cups)} ${cups > 1 ? 'cups' : 'cup'}`;
}

/**
 * A level in the pot, or what a pot holds, finer than a measure because it is read against lines.
 *
 * @param litres volume, L
 * @example formatLevel(3.8, 'us') // "4.0 qt"
 */
export function formatLevel(litres: number, units: Units): string {
  return units === 'metric'
    ? `${litres.toFixed(1)} L`
    : `${((litres * 1000) / VOLUME_ML.qt).toFixed(1)} qt`;
}

/**
 * Height above the sea. @example formatAltitude(1150, 'us') // "3,773 ft"
 *
 * @param metres may be below 0
 */
export function formatAltitude(metres: number, units: Units): string {
  const height = units === 'metric' ? metres : metres / METRES_PER_FOOT;
  // By hand: a page's first call of the browser's own way loads all that it knows of languages.
  const grouped = String(Math.round(height)).replace(/\B(?=(?:\d{3})+$)/g, ',');
  return `${grouped} ${units === 'metric' ? 'm' : 'ft'}`;
}

/** Pressure above the air. @example formatPressure(80, 'psi') // "11.6 psi" */
export function formatPressure(kPa: number, unit: PressureUnit): string {
  const { digits, kPa: one } = PRESSURE_UNITS[unit];
  return `${(kPa / one).toFixed(digits)} ${unit}`;
}

/**
 * A mass as a kitchen scale or a label says it.
 *
 * @param grams mass, g, from 0
 * @example formatMass(1240, 'metric') // "1.24 kg"
 */
export function formatMass(grams: number, units: Units): string {
  if (units === 'metric') {
    if (grams < 10) return `${decimals(grams, 1)} g`;
    return grams < 1000 ? `${Math.round(grams)} g` : `${decimals(grams / 1000, 2)} kg`;
  }
  return grams < MASS_G.lb
    ? `${decimals(grams / MASS_G.oz, 1)} oz`
    : `${formatFraction(grams / MASS_G.lb)} lb`;
}

/**
 * A little of something, such as gelatine, finer than a kitchen scale.
 *
 * @param digits decimals of the grams
 * @example formatGrams(28.3, 'us') // "1.0 oz"
 */
export function formatGrams(grams: number, units: Units, digits = 0): string {
  return units === 'metric'
    ? `${grams.toFixed(digits)} g`
    : `${(grams / MASS_G.oz).toFixed(digits + 1)} oz`;
}

/** How much of something is in a broth. @example formatStrength(30, 'us') // "1.0 oz a quart" */
export function formatStrength(gPerL: number, units: Units): string {
  return units === 'metric'
    ? `${gPerL.toFixed(0)} g a litre`
    : `${formatGrams((gPerL * VOLUME_ML.qt) / 1000, 'us')} a quart`;
}

/** A band of strengths. @example formatStrengthBand(8, 17, 'metric') // "8 to 17 g a litre" */
export function formatStrengthBand(low: number, high: number, units: Units): string {
  const number = (gPerL: number): string => formatStrength(gPerL, units).split(' ')[0] ?? '';
  return `${number(low)} to ${formatStrength(high, units)}`;
}

/** Grams of table salt in a teaspoon (common practice). */
const SALT_TSP_G = 6;

/** Salt as it is weighed or spooned. @example formatSalt(9, 'us') // "1½ tsp" */
export function formatSalt(grams: number, units: Units): string {
  if (units === 'metric') return grams < 0.5 ? 'a pinch' : `${Math.round(grams)} g`;
  return grams < SALT_TSP_G / 8
    ? 'a pinch'
    : `${formatFraction(Math.max(0.25, grams / SALT_TSP_G))} tsp`;
}

/** A difference of temperatures. @example formatDegrees(10, 'us') // "18 °F" */
export function formatDegrees(celsius: number, units: Units): string {
  return units === 'metric' ? `${Math.round(celsius)} °C` : `${Math.round(celsius * 1.8)} °F`;
}

/** A temperature in the kitchen's degrees. @example formatTemperature(100, 'us') // "212 °F" */
export function formatTemperature(celsius: number, units: Units): string {
  return units === 'metric'
    ? `${Math.round(celsius)} °C`
    : `${Math.round(toFahrenheit(celsius))} °F`;
}

/**
 * A length of a cut: millimetres, or inches to the nearest eighth.
 *
 * @param mm length, mm, from 0
 * @example formatLength(12, 'us') // "1/2 in"
 */
export function formatLength(mm: number, units: Units): string {
  if (units === 'metric') return `${decimals(mm, 1)} mm`;
  let eighths = Math.max(1, Math.round((mm / 25.4) * 8));
  let below = 8;
  const whole = Math.floor(eighths / 8);
  eighths -= whole * 8;
  if (eighths === 0) return `${whole} in`;
  while (eighths % 2 === 0) {
    eighths /= 2;
    below /= 2;
  }
  return `${whole ? `${whole} ` : ''}${eighths}/${below} in`;
}

/** Width of a pot. @example formatAcross(22, 'us') // "8 5/8 in" */
export function formatAcross(cm: number, units: Units): string {
  return units === 'metric' ? `${decimals(cm, 1)} cm` : formatLength(10 * cm, units);
}

/**
 * Minutes as spoken.
 *
 * @param minutes from 0
 * @example formatMinutes(106) // "1 h 46 min"
 */
export function formatMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 90) return `${whole} min`;
  const rest = whole % 60;
  return rest ? `${Math.floor(whole / 60)} h ${rest} min` : `${whole / 60} h`;
}

/** A number as near to what was typed as this was typed so. */
const TYPED = 0.005;

/**
 * An amount as a cook measures it: what was typed stays, what was worked out is rounded to the measure's steps.
 *
 * @example measured({ value: 1.38, unit: 'piece' }) // { value: 1.5, unit: 'piece' }
 * @example measured({ value: 0.115, unit: 'cup' }) // { value: 2, unit: 'tbsp' }
 */
export function measured(amount: Amount): Amount {
  const { value, unit } = amount;
  if (value <= 0) return amount;
  const { smaller, steps, fractions } = unitDefinition(unit);
  if (smaller && value < smaller[0])
    return measured({ ...amount, value: value * smaller[2], unit: smaller[1] as Unit });
  const near = nearestFraction(value);
  if (steps.length === 0) return { ...amount, value: near };
  // Whole numbers, and the fractions that measures have, are as they were typed.
  const isTyped =
    (value >= 1 && Math.abs(value - Math.round(value)) < 1e-6) ||
    (fractions && near > 0 && Math.abs(near - value) < TYPED);
  if (isTyped) return amount;
  const step = steps.findLast(([from]) => value >= from)?.[1] ?? 0.1;
  const rounded = Math.max(step, Math.round(value / step) * step);
  return { ...amount, value: Number(rounded.toFixed(4)) };
}

/**
 * An amount as the cook would write it; reads back to the same amount within a measure's step.
 *
 * @example formatAmount({ value: 1.5, unit: 'cup' }) // "1½ cups"
 * @example formatAmount({ value: 2, unit: 'piece', size: 'large' }) // "2 large"
 * @example formatAmount({ value: 1, unit: 'can', canG: 400 }) // "a 400 g can"
 *
 * @param units the kitchen's: what was written in the other world's units is said in these; as it
 *   was written where they are missing
 */
export function formatAmount(amount: Amount, units?: Units): string {
  const { world } = unitDefinition(amount.unit);
  const foreign = units && world && world !== units;
  if (foreign && isMassUnit(amount.unit)) {
    const grams = amount.value * MASS_G[amount.unit];
    return units === 'us' && grams < MASS_G.lb
      ? formatAmount({ value: grams / MASS_G.oz, unit: 'oz' })
      : formatMass(grams, units);
  }
  if (foreign && isVolumeUnit(amount.unit))
    return formatVolume((amount.value * VOLUME_ML[amount.unit]) / 1000, units);
  const { value, unit, canG, size: said } = measured(amount);
  const { words, fractions } = unitDefinition(unit);
  const near = nearestFraction(value);
  const exact = Math.abs(near - value) < TYPED && near > 0;
  const number =
    fractions && exact ? formatFraction(value) : Number(value.toPrecision(4)).toString();
  const word = words[value > 1 ? 1 : 0];
  if (unit === 'can' && canG) {
    const net = units === 'us' ? formatMass(canG, 'us') : `${canG} g`;
    return value === 1 ? `a ${net} can` : `${number} ${word} (${net})`;
  }
  const size = unit === 'piece' && said ? said : '';
  return [number, size, word].filter(Boolean).join(' ');
}
