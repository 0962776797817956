/** Days as a household counts them: of the clock on the wall. */

export const DAY_MS = 86_400_000;

/** Midnight before a moment, ms. */
export function dayOf(ms: number): number {
  const date = new Date(ms);
  return new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime();
}

/** The same time of day, so many days later. */
export function addDays(ms: number, days: number): number {
  const date = new Date(ms);
  date.setDate(date.getDate() + days);
  return date.getTime();
}

/** The same day so many months later, or the last of that month. */
export function addMonths(ms: number, months: number): number {
  const date = new Date(ms);
  const day = date.getDate();
  date.setDate(1);
  date.setMonth(date.getMonth() + months);
  const last = new Date(date.getFullYear(), date.getMonth() + 1, 0).getDate();
  date.setDate(Math.min(day, last));
  return date.getTime();
}

/** Whole days from one moment to another, by the calendar. */
export function daysBetween(from: number, to: number): number {
  return Math.round((dayOf(to) - dayOf(from)) / DAY_MS);
}
