import { format, roundToNearestMinutes } from 'date-fns';

const MS = 60_000;
/** From here minutes alone are hard to read, min. */
export const LONG_MIN = 180;

/** Hours and minutes as on a clock. @example formatHours(424) // "7:04" */
export function formatHours(minutes: number): string {
  const whole = Math.round(minutes);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** Minutes of the plan as the cook reads them. */
export type ClockText = (minute: number) => string;

/**
 * Clock times once a serving time is set, minutes from the start before.
 *
 * @param serveAt ISO 8601, or undefined
 * @param totalMin length of the plan
 * @example clockText(undefined, 90)(12) // "+12"
 */
export function clockText(serveAt: string | undefined, totalMin: number): ClockText {
  if (!serveAt && totalMin >= LONG_MIN) return (minute) => `+${formatHours(minute)}`;
  if (!serveAt) return (minute) => `+${Math.round(minute)}`;
  const served = Date.parse(serveAt);
  return (minute) => format(roundToNearestMinutes(served - (totalMin - minute) * MS), 'HH:mm');
}
