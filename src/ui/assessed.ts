/** Assessment of a batch, from memory, from the device or from a worker: every view asks here. */
import type { Assessment } from '@/core/assess';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import { workedAtHand, workedOut } from '@/store';
import { ask } from '@/workers';

/** A batch in its pot and kitchen. */
export interface ToAssess {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
}

/** Under which its last answer is kept. */
export const assessedKey = (id: string): string => `batch ${id}`;

const ofJob = ({ batch, pot, kitchen }: ToAssess): string => JSON.stringify([batch, pot, kitchen]);

/** The answer, where it is in memory: nobody waits for that. */
export function assessedAtHand(job: ToAssess): Assessment | null {
  return workedAtHand<Assessment>(assessedKey(job.batch.id), ofJob(job)) ?? null;
}

/** The answer, kept or worked out. @throws what assess throws, and GivenUp */
export function assessedOf(job: ToAssess, signal?: AbortSignal): Promise<Assessment> {
  const { batch, pot, kitchen } = job;
  return workedOut(assessedKey(batch.id), ofJob(job), () =>
    ask('assess', [batch, pot, kitchen], { signal }),
  );
}
