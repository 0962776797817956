import type { Cook } from '../batch/schema';

/** Seconds from the start of a cook to a moment. @param at ISO 8601 */
export function secondsOf({ startedAt }: Pick<Cook, 'startedAt'>, at: string): number {
  return (Date.parse(at) - Date.parse(startedAt)) / 1000;
}

/** A moment of a cook, ISO 8601. @param s seconds from its start */
export function momentOf({ startedAt }: Pick<Cook, 'startedAt'>, s: number): string {
  return new Date(Date.parse(startedAt) + s * 1000).toISOString();
}

/** Marks are kept to the millisecond; a moment that was worked out counts them a second early, s. */
const EARLY_S = 1;

/** A cook as it was at a moment: later marks are left out. @param s seconds from its start */
export function asOf<T extends Pick<Cook, 'startedAt' | 'marks'>>(cook: T, s: number): T {
  if (s === Infinity) return cook;
  return { ...cook, marks: cook.marks.filter(({ at }) => secondsOf(cook, at) <= s + EARLY_S) };
}
