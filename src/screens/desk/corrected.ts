/** Corrections by the cook to a recipe as it was read, before it is planned. */
import {
  changeItem,
  enterWith,
  addTask,
  insertStep,
  removeStep,
  setHold,
  setMinutes,
  setRelease,
  stepsOf,
  type NewTask,
} from '@/core/batch/plan';
import type { Batch, Step } from '@/core/batch/schema';
import type { Release } from '@/core/vocabulary';

/** Places of an item other than a step. */
export const APART = 'apart';

/** A step made of words that were not used. */
export interface AddedStep {
  readonly step: Step;
  /** The step that it comes behind; null where it is the first. */
  readonly after: string | null;
}

export interface Corrections {
  /** Step, or apart, by item. */
  readonly entries: ReadonlyMap<string, string>;
  /** Minutes by step. */
  readonly minutes: ReadonlyMap<string, number>;
  /** How the pressure is let off, by step. */
  readonly releases: ReadonlyMap<string, Release>;
  readonly added: readonly AddedStep[];
  /** Tasks beside the pot after all. */
  readonly tasks: readonly NewTask[];
  /** Steps that are left out. */
  readonly removed: ReadonlySet<string>;
}

export const NO_CORRECTIONS: Corrections = {
  entries: new Map(),
  minutes: new Map(),
  releases: new Map(),
  added: [],
  tasks: [],
  removed: new Set(),
};

/** The batch with what was put right. */
export function corrected(batch: Batch, corrections: Corrections): Batch {
  const { entries, minutes, releases, added, tasks, removed } = corrections;
  const longer = added.reduce((next, { step, after }) => insertStep(next, after, step), batch);
  const placed = [...entries].reduce(
    (next, [item, step]) =>
      step === APART
        ? changeItem(next, item, { apart: true, stays: undefined })
        : enterWith(changeItem(next, item, { apart: undefined }), item, step),
    longer,
  );
  const timed = [...minutes].reduce((next, [id, value]) => {
    const step = stepsOf(next).find((s) => s.id === id);
    return step?.kind === 'pressure' ? setHold(next, id, value) : setMinutes(next, id, value);
  }, placed);
  const released = [...releases].reduce(
    (next, [id, release]) => setRelease(next, id, release),
    timed,
  );
  return tasks.reduce(addTask, [...removed].reduce(removeStep, released));
}
