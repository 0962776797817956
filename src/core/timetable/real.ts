/** How long it really took, by the marks of a cook. */
import { stepsOf } from '../batch/plan';
import type { Cook } from '../batch/schema';

/** When it was on the table: as its last step was over; what is done with the open pot comes after. ISO 8601 */
function servedAt(cook: Cook): string | undefined {
  const steps = stepsOf(cook.batch);
  // A cooling at the end comes after the table.
  const last = steps[steps.findLastIndex((s) => s.kind !== 'cool')];
  return cook.marks.findLast((m) => m.step !== null && m.step === last?.id)?.at ?? cook.endedAt;
}

/** From the lid to the table, min; null while it is still on. */
export function realTotalMin(cook: Cook): number | null {
  const served = cook.endedAt && servedAt(cook);
  if (!served) return null;
  const begin = cook.marks.find((m) => m.kind === 'lid-locked')?.at ?? cook.startedAt;
  return (Date.parse(served) - Date.parse(begin)) / 60_000;
}
