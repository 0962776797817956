/**
 * The rule for cooked food that is put by: from 57 to 21 C within 2 h, and to 5 C within 6 h in all (FDA Food
 * Code 2022, 3-501.14: 135 to 70 F within 2 h, 135 to 41 F within 6 h); hot food is held at 57 C or above
 * (3-501.16). Local advice goes before it.
 */
import { bisectLeft } from 'd3-array';
import { valueAt } from '../series';

export const RULE = { hotC: 57, coolC: 21, coldC: 5, coolMin: 120, coldMin: 360 } as const;
/** A curve that falls: minutes and temperatures of one length. */
export interface Falling {
  readonly minute: readonly number[];
  readonly warmestC: readonly number[];
}

export interface Judged {
  /** Minutes from the moment it was under 57 C; null where it does not come to that. */
  readonly coolMin: number | null;
  readonly coldMin: number | null;
  readonly verdict: 'passes' | 'held hot' | 'throw out';
  /** When it is past the limit, min from the start; null where it is not. */
  readonly lostMin: number | null;
}

/**
 * When it is at or under a temperature, min from the start; null when never.
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

/** Holds a curve against the rule. */
export function judge(curve: Falling): Judged {
  const hot = fallsTo(curve, RULE.hotC);
  const end = curve.minute.at(-1) ?? 0;
  if (hot === null) return { coolMin: null, coldMin: null, verdict: 'held hot', lostMin: null };
  const since = (celsius: number): number | null => {
    const at = fallsTo(curve, celsius);
    return at === null ? null : at - hot;
  };
  const coolMin = since(RULE.coolC);
  const coldMin = since(RULE.coldC);
  // What ends before its time is up is judged as far as it goes: it was eaten, or heated again.
  const late = (at: number | null, most: number): boolean =>
    at === null ? end - hot > most : at > most;
  const lateCool = late(coolMin, RULE.coolMin);
  const lateCold = late(coldMin, RULE.coldMin);
  return {
    coolMin,
    coldMin,
    verdict: lateCool || lateCold ? 'throw out' : 'passes',
    lostMin: lateCool ? hot + RULE.coolMin : lateCold ? hot + RULE.coldMin : null,
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
