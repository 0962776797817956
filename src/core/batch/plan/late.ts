/** Foods that go in when the pot is open for good; adds their step if there is none. */
import { enterWith, freshStepId } from './edit';
import { stepsOf } from './complete';
import type { Batch } from '../schema/types';

/** Minutes of the step that is made. */
const STIRRED_IN_MIN = 2;

/** First step of the batch in which the pot is open for good; null if there is none. */
export function lastOpen(batch: Batch): string | null {
  const steps = stepsOf(batch);
  const last = steps.findLastIndex((s) => s.kind === 'pressure');
  return (
    steps.slice(last + 1).findLast((s) => s.kind !== 'strain' && s.kind !== 'cool')?.id ?? null
  );
}

/** The batch with a step in which the pot is open for good, and that step. */
export function withOpenEnd(batch: Batch): { readonly batch: Batch; readonly step: string } {
  const open = lastOpen(batch);
  if (open !== null) return { batch, step: open };
  const step = freshStepId(batch);
  return {
    batch: {
      ...batch,
      steps: [...stepsOf(batch), { id: step, kind: 'open', minutes: STIRRED_IN_MIN }],
    },
    step,
  };
}

/** Puts items of a batch in at its end. */
export function atTheEnd(batch: Batch, items: readonly string[]): Batch {
  if (items.length === 0) return batch;
  const open = withOpenEnd(batch);
  return items.reduce((next, id) => enterWith(next, id, open.step), open.batch);
}
