import { isSameDay, lightFormat, roundToNearestMinutes } from 'date-fns';

const MS = 60_000;

/** Of the wall, in hours and minutes. @example timeOf(new Date(2026, 10, 24, 18, 30)) // "18:30" */
export function timeOf(at: Date | number): string {
  return lightFormat(at, 'HH:mm');
}

/** As a field for a day and its time wants it. */
export function fieldValue(at: Date): string {
  return lightFormat(at, "yyyy-MM-dd'T'HH:mm");
}

/** Made when first asked for: the browser's first takes a tenth of a second on a phone. */
function part(options: Intl.DateTimeFormatOptions): (at: Date) => string {
  let format: Intl.DateTimeFormat | undefined;
  return (at) => (format ??= new Intl.DateTimeFormat('en-GB', options)).format(at);
}
const weekday = part({ weekday: 'short' });
const dayOf = part({ day: 'numeric', month: 'short' });
const dateOf = part({ day: 'numeric', month: 'long', year: 'numeric' });

/** A day and its time, the time alone where it is today. @example dayAndTime(at, now) // "Tue 24 Nov 18:30" */
export function dayAndTime(at: Date, now: Date): string {
  const day = isSameDay(at, now) ? [] : [weekday(at), dayOf(at)];
  return [...day, timeOf(at)].join(' ');
}

/** A day of the log. @example dateAndTime(at) // "24 November 2026, 18:30" */
export function dateAndTime(at: Date): string {
  return `${dateOf(at)}, ${timeOf(at)}`;
}
/** From here minutes alone are hard to read, min. */
export const LONG_MIN = 180;

/** Hours and minutes as on a clock. @example formatHours(424) // "7:04" */
export function formatHours(minutes: number): string {
  const whole = Math.round(minutes);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/**
 * Clock times once a serving time is set, minutes from the start before.
 *
 * @param serveAt ISO 8601, or undefined
 * @param totalMin length of the plan
 * @example clockText(undefined, 90)(12) // "+12"
 */
export function clockText(
  serveAt: string | undefined,
  totalMin: number,
): (minute: number) => string {
  if (!serveAt && totalMin >= LONG_MIN) return (minute) => `+${formatHours(minute)}`;
  if (!serveAt) return (minute) => `+${Math.round(minute)}`;
  const served = Date.parse(serveAt);
  return (minute) => timeOf(roundToNearestMinutes(served - (totalMin - minute) * MS));
}
