import { format, roundToNearestMinutes } from 'date-fns';

const MS = 60_000;

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
  if (!serveAt) return (minute) => `+${Math.round(minute)}`;
  const served = Date.parse(serveAt);
  return (minute) => format(roundToNearestMinutes(served - (totalMin - minute) * MS), 'HH:mm');
}
