/** Judges how cooked food cools: to 21 C within 2 h of falling below 57 C, and to 5 C within 6 h in all. */
import { bisectLeft } from 'd3-array';
import { valueAt } from '../series';
import { COLD_C, COLD_WITHIN_MIN, COOL_C, COOL_WITHIN_MIN, HOT_C } from './limits';

/** Falling curve: minutes and temperatures of one length. */
export interface Falling {
  readonly minute: readonly number[];
  readonly warmestC: readonly number[];
}

export interface Judged {
  /** Minutes from the moment it was under 57 C; null where it does not come to that. */
  readonly coolMin: number | null;
  readonly coldMin: number | null;
  readonly verdict: 'in time' | 'held hot' | 'throw out';
  /** Minute at which it passes the limit; null where it does not. */
  readonly lostMin: number | null;
}

/**
 * Minute at which a curve is first at or below a temperature; null when never.
 *
 * @example fallsTo({ minute: [0, 10], warmestC: [60, 50] }, 55) // 5
 */
export function fallsTo({ minute, warmestC }: Falling, celsius: number): number | null {
  const i = warmestC.findIndex((t) => t <= celsius);
  if (i < 0) return null;
  if (i === 0) return valueAt(minute, 0);
  const above = valueAt(warmestC, i - 1);
  const share = (above - celsius) / (above - valueAt(warmestC, i));
  const from = valueAt(minute, i - 1);
  return from + share * (valueAt(minute, i) - from);
}

/** Judges a curve by both limbs of the rule. */
export function judge(curve: Falling): Judged {
  const hot = fallsTo(curve, HOT_C);
  const end = curve.minute.at(-1) ?? 0;
  if (hot === null) return { coolMin: null, coldMin: null, verdict: 'held hot', lostMin: null };
  const since = (celsius: number): number | null => {
    const at = fallsTo(curve, celsius);
    return at === null ? null : at - hot;
  };
  const coolMin = since(COOL_C);
  const coldMin = since(COLD_C);
  // Judge a curve that ends early only up to its end: the food was eaten or reheated.
  const late = (at: number | null, most: number): boolean =>
    at === null ? end - hot > most : at > most;
  const lateCool = late(coolMin, COOL_WITHIN_MIN);
  const lateCold = late(coldMin, COLD_WITHIN_MIN);
  return {
    coolMin,
    coldMin,
    verdict: lateCool || lateCold ? 'throw out' : 'in time',
    lostMin: lateCool ? hot + COOL_WITHIN_MIN : lateCold ? hot + COLD_WITHIN_MIN : null,
  };
}

/** Temperature of a curve at a moment, C. */
export function at({ minute, warmestC }: Falling, when: number): number {
  const i = Math.min(minute.length - 1, Math.max(1, bisectLeft(minute, when)));
  const from = valueAt(minute, i - 1);
  const span = valueAt(minute, i) - from;
  const share = span > 0 ? Math.min(1, Math.max(0, (when - from) / span)) : 1;
  return valueAt(warmestC, i - 1) + share * (valueAt(warmestC, i) - valueAt(warmestC, i - 1));
}

/** Thermometer reading. */
export interface Reading {
  /** min from the start */
  readonly minute: number;
  readonly celsius: number;
}

/**
 * Finds a reading that is past the limit, whatever the model predicts.
 *
 * @param hotAtMin minute at which the food fell below 57 C
 * @returns index of the first such reading; -1 if there is none
 */
export function pastLimit(readings: readonly Reading[], hotAtMin: number): number {
  return readings.findIndex(
    ({ minute, celsius }) =>
      (minute - hotAtMin > COOL_WITHIN_MIN && celsius > COOL_C && celsius < HOT_C) ||
      (minute - hotAtMin > COLD_WITHIN_MIN && celsius > COLD_C),
  );
}

/**
 * Returns the minute from which cooling counts. Below 57 C the thermometer is trusted over a model that keeps the food
 * hot: the count then starts at the last reading at or above 57 C, or at the start if there is none.
 *
 * @param readings in the order of their minutes
 * @returns Infinity while the food is held hot
 */
export function countsFrom(curve: Falling, readings: readonly Reading[]): number {
  const modelled = fallsTo(curve, HOT_C);
  if (modelled !== null) return modelled;
  const below = readings.findIndex(({ celsius }) => celsius < HOT_C);
  if (below < 0) return Infinity;
  return readings[below - 1]?.minute ?? 0;
}

/**
 * Judges a curve and the readings taken of it. Food that was read below 57 C where the model keeps it hot is lost 2 h
 * after the count began, since nothing predicts how it goes on.
 *
 * @param readings in the order of their minutes
 */
export function judgeRead(curve: Falling, readings: readonly Reading[]): Judged {
  const judged = judge(curve);
  const from = countsFrom(curve, readings);
  return judged.verdict === 'held hot' && from < Infinity
    ? { ...judged, verdict: 'throw out', lostMin: from + COOL_WITHIN_MIN }
    : judged;
}
