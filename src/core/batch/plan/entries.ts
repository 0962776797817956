/** Items in the pot, out of it and apart at every step: the one answer for all who ask. */
import { stepsOf } from './complete';
import { indexOfStep } from './pours';
import type { Batch, Item } from '../schema/types';

export interface Handling {
  /** Goes in as the step begins. */
  readonly into: readonly Item[];
  /** Comes out as it begins. */
  readonly out: readonly Item[];
}

/** Moves of hands as a step begins. @param step id of a step of the batch */
export function handlingAt(batch: Batch, step: string): Handling {
  const steps = stepsOf(batch);
  const index = steps.findIndex((s) => s.id === step);
  const inPot = batch.items.filter((item) => !item.apart);
  return {
    into: inPot.filter((item) => indexOfStep(steps, item.enters, 0) === index),
    out: inPot.filter((item) => index >= 0 && item.leaves === step),
  };
}

/** Items cooked in pans of their own and joined in the bowl. */
export function keptApart(batch: Batch): readonly Item[] {
  return batch.items.filter((item) => item.apart === true);
}
