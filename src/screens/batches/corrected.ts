/** What a cook puts right in a recipe as it was read, before it is planned. */
import { changeItem, setHold, setMinutes, stepsOf } from '@/core/batch/plan';
import type { Batch } from '@/core/batch/schema';

/** Where an item is put instead of into a step. */
export const APART = 'apart';

export interface Corrections {
  /** Step, or apart, by item. */
  readonly entries: ReadonlyMap<string, string>;
  /** Minutes by step. */
  readonly minutes: ReadonlyMap<string, number>;
}

export const NO_CORRECTIONS: Corrections = { entries: new Map(), minutes: new Map() };

/** The batch with what was put right. */
export function corrected(batch: Batch, { entries, minutes }: Corrections): Batch {
  const placed = [...entries].reduce(
    (next, [item, step]) =>
      step === APART
        ? changeItem(next, item, { apart: true, enters: null })
        : changeItem(next, item, { apart: undefined, enters: step }),
    batch,
  );
  return [...minutes].reduce((next, [id, value]) => {
    const step = stepsOf(next).find((s) => s.id === id);
    return step?.kind === 'pressure' ? setHold(next, id, value) : setMinutes(next, id, value);
  }, placed);
}
