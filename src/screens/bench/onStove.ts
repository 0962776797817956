/** A plan taken to the stove; loaded when it is asked for. */
import { startCook, type Start } from '@/core/timetable';
import { saveCook } from '@/ui/household';

/** Keeps the cook as it starts. @returns its page */
export function takeToStove(start: Start): string {
  const cook = startCook(start);
  saveCook(cook);
  return `/stove/${cook.id}`;
}
