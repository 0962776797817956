/** Stands in for the workers where there are none: the same core, on the same thread. */
import { assess, drawBatch, type AssessOptions, type Assessment, type Draws } from '@/core/assess';
import type { Batch, Kitchen, Pot } from '@/core/batch';

export function assessAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  options?: AssessOptions,
): Promise<Assessment> {
  return Promise.resolve().then(() => assess(batch, pot, kitchen, options));
}

export function drawAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  draws: number,
  onDraw: (done: number) => void,
): Promise<Draws | null> {
  return Promise.resolve(
    drawBatch(batch, pot, kitchen, {
      draws,
      seed: 1,
      onDraw: (done) => {
        onDraw(done);
        return true;
      },
    }),
  );
}
