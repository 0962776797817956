/**
 * Food that must be thrown out. Cold only slows what grows, and boiling does not undo its toxins (FDA Bad Bug Book:
 * B. cereus, S. aureus), so such food is neither filled into jars, nor frozen, nor planned.
 */
import type { Judged } from './cooling';

/**
 * Whether food that cools has passed its limit by a minute.
 *
 * @param pastAt index of a reading past the limit; -1 if there is none
 * @param minute from the start of the cooling
 */
export function isLost({ lostMin }: Judged, pastAt: number, minute: number): boolean {
  return pastAt >= 0 || (lostMin !== null && lostMin <= minute);
}

/** Whether a jar is past its last day in the fridge. A frozen one only loses quality (foodsafety.gov). */
export function isPastDay(frozen: boolean, daysLeft: number): boolean {
  return !frozen && daysLeft < 0;
}
