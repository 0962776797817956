/** When what is done beside the pot begins and is ready, by a plan's own clock. */
import type { Assessment } from '../assess';
import { anchorStep, stepsOf } from '../batch/plan';
import type { Batch, Task } from '../batch/schema';

export interface TaskSpan {
  readonly task: Task;
  /** Min from the start of the cook; below zero where it begins before. */
  readonly startMin: number;
  readonly readyMin: number;
}

/** @param assessment of the same batch */
export function taskSpans(batch: Batch, { time }: Assessment): readonly TaskSpan[] {
  const steps = stepsOf(batch);
  return (batch.alongside ?? []).map((task) => {
    const step = anchorStep(batch, task);
    const report = step === null ? undefined : time.steps[steps.findIndex((s) => s.id === step)];
    const readyMin = !report
      ? time.totalMin
      : task.ready === 'lid'
        ? report.startMin
        : report.endMin;
    return { task, startMin: readyMin - task.minutes, readyMin };
  });
}
