import { isSameDay, lightFormat, roundToNearestMinutes } from 'date-fns';

const MS = 60_000;

/** How a kitchen tells the time. */
export interface ClockHabit {
  readonly hours: 12 | 24;
  /** Whether the day comes before the month. */
  readonly dayFirst: boolean;
}

let habit: ClockHabit = { hours: 24, dayFirst: true };

/** Tells times by a kitchen's habit from now on. The shell calls it before it draws a page. */
export function tellTimeBy(next: ClockHabit): void {
  habit = next;
}

/** A time in hours and minutes, by the kitchen's habit. @example timeOf(new Date(2026, 10, 24, 18, 30)) // "18:30" */
export function timeOf(at: Date | number): string {
  return lightFormat(at, habit.hours === 24 ? 'HH:mm' : 'h:mm a');
}

/** Value for a date and time field. */
export function fieldValue(at: Date): string {
  return lightFormat(at, "yyyy-MM-dd'T'HH:mm");
}

// By hand: a page's first call of the browser's own way loads all that it knows of languages, a tenth of a second
// on a phone.
const DAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];
const short = (name: string): string => name.slice(0, 3);
const monthOf = (at: Date): string => MONTHS[at.getMonth()] as string;

/** @example weekdayOf(new Date(2026, 10, 24)) // "Tuesday" */
export function weekdayOf(at: Date): string {
  return DAYS[at.getDay()] as string;
}

/** A day of the month, in short. @example dayOf(evening) // "Tue 24 Nov" */
export function dayOf(at: Date): string {
  const month = short(monthOf(at));
  const date = habit.dayFirst ? `${at.getDate()} ${month}` : `${month} ${at.getDate()}`;
  return `${short(weekdayOf(at))} ${date}`;
}

/** A day and its time; the time alone for today. @example dayAndTime(evening, now) // "Tue 24 Nov 18:30" */
export function dayAndTime(at: Date, now: Date): string {
  return isSameDay(at, now) ? timeOf(at) : `${dayOf(at)} ${timeOf(at)}`;
}

/** A day of the log. @example dateAndTime(evening) // "24 November 2026, 18:30" */
export function dateAndTime(at: Date): string {
  const [day, month, year] = [at.getDate(), monthOf(at), at.getFullYear()];
  return `${habit.dayFirst ? `${day} ${month} ${year}` : `${month} ${day}, ${year}`}, ${timeOf(at)}`;
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
 * @example clockText(undefined, 90)(12) // "12 min"
 */
export function clockText(
  serveAt: string | undefined,
  totalMin: number,
): (minute: number) => string {
  if (!serveAt && totalMin >= LONG_MIN)
    return (minute) => (minute < 0.5 ? 'start' : formatHours(minute));
  if (!serveAt) return (minute) => (minute < 0.5 ? 'start' : `${Math.round(minute)} min`);
  const served = Date.parse(serveAt);
  return (minute) => timeOf(roundToNearestMinutes(served - (totalMin - minute) * MS));
}
