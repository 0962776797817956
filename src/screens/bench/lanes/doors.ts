/** Moments at which an ingredient can go in: the start of every step, after, and apart. */
import { putInAfter, type Assessment } from '@/core/assess';
import { changeItem, enterWith, entryOf, stepsOf } from '@/core/batch/plan';
import type { Batch, Item } from '@/core/batch/schema';
import { stepNames } from '@/ui/stepNames';

export type Door =
  | { readonly kind: 'step'; readonly id: string; readonly minute: number; readonly name: string }
  | { readonly kind: 'after'; readonly minute: number; readonly name: string }
  | { readonly kind: 'apart'; readonly minute: number; readonly name: string };

/** How far past the end of the axis "apart" lies, as a share of it. */
const APART_AT = 1.06;
/** Simmer added for foods put in after opening, if there is none yet, min. */
const SIMMER_MIN = 10;

/** Every door of a batch, in the order of the clock. */
export function doorsOf(batch: Batch, assessment: Assessment): readonly Door[] {
  const steps = stepsOf(batch);
  const names = stepNames(batch);
  const total = assessment.time.endMin;
  const doors: Door[] = assessment.time.steps.flatMap((report): Door[] => {
    const step = steps.find((s) => s.id === report.id);
    return step
      ? [
          {
            kind: 'step',
            id: step.id,
            minute: report.startMin,
            name: names.get(step.id) ?? '',
          },
        ]
      : [];
  });
  const last = steps.findLastIndex((s) => s.kind === 'pressure');
  if (!steps.slice(last + 1).some((s) => s.kind === 'simmer'))
    doors.push({ kind: 'after', minute: total, name: 'afterwards, in a new simmer' });
  return [
    ...doors,
    { kind: 'apart', minute: total * APART_AT, name: 'cooked separately, added when served' },
  ];
}

/** Index of the door an item goes in by. */
export function doorOf(item: Item, doors: readonly Door[]): number {
  if (item.apart) return doors.length - 1;
  const at = doors.findIndex((d) => d.kind === 'step' && d.id === entryOf(item));
  return Math.max(0, at);
}

/** Index of the door nearest to a minute. */
export function nearestDoor(doors: readonly Door[], minute: number): number {
  return doors.reduce(
    (best, door, i) =>
      Math.abs(door.minute - minute) < Math.abs((doors[best]?.minute ?? 0) - minute) ? i : best,
    0,
  );
}

/** The batch with an item going in by another door. */
export function throughDoor(batch: Batch, id: string, door: Door): Batch {
  switch (door.kind) {
    case 'apart':
      return changeItem(batch, id, { apart: true, stays: undefined });
    case 'after':
      return putInAfter(changeItem(batch, id, { apart: undefined }), id, SIMMER_MIN);
    case 'step':
      return enterWith(changeItem(batch, id, { apart: undefined }), id, door.id);
  }
}
