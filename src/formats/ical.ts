/** A timetable as iCalendar (RFC 5545), an alarm at every move of the hands. */
import { ICalAlarmType, ICalCalendar, ICalCalendarMethod } from 'ical-generator';
import type { Move } from '../core/timetable';

export interface CalendarOptions {
  readonly name: string;
  readonly batch: string;
  /** When the cook starts, ms. */
  readonly startMs: number;
  /** When this is written, ms. */
  readonly nowMs: number;
}

/**
 * Writes the moves of a cook as a calendar; waits have no alarm.
 *
 * @param moves in minutes from the start
 */
export function writeCalendar(moves: readonly Move[], options: CalendarOptions): string {
  const calendar = new ICalCalendar({
    // A name is one line in a calendar.
    name: options.name.replace(/\s+/g, ' '),
    prodId: { company: 'Retort', product: 'timetable' },
    method: ICalCalendarMethod.PUBLISH,
  });
  const at = (minute: number): Date => new Date(options.startMs + Math.round(minute) * 60000);
  for (const move of moves) {
    const event = calendar.createEvent({
      id: `${options.batch}-${move.id}@retort`,
      stamp: new Date(options.nowMs),
      start: at(move.minute),
      end: at(move.minute + Math.max(1, move.minutes)),
      summary: move.title,
      description: move.detail,
    });
    if (move.kind !== 'wait')
      event.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: move.title });
  }
  return calendar.toString();
}
