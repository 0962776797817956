import { useMemo } from 'react';
import type { Assessment } from '@/core/assess';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import { assessedAtHand, assessedOf } from './assessed';
import { reasonWords, useNewest } from './useNewest';

export interface Assessed {
  /** The newest answer; it may be of the batch before while the next one is on its way. */
  readonly assessment: Assessment | null;
  /** True while the answer is older than the batch. */
  readonly stale: boolean;
  readonly error: string | null;
}

/**
 * The assessment of a batch, worked out in the worker at every change. While one is under way only
 * the newest change waits; the ones between are passed over.
 */
export function useAssessment(
  batch: Batch | null,
  pot: Pot | null,
  kitchen: Kitchen | null,
): Assessed {
  const job = useMemo(
    () => batch && pot && kitchen && { batch, pot, kitchen },
    [batch, pot, kitchen],
  );
  const before = useMemo(() => job && assessedAtHand(job), [job]);
  const { answer, failure } = useNewest(before ? null : job, assessedOf);
  if (before) return { assessment: before, stale: false, error: null };
  const fresh =
    answer?.of.batch === batch && answer.of.pot === pot && answer.of.kitchen === kitchen;
  const reason = failure?.of.batch === batch ? failure?.reason : undefined;
  return {
    assessment: answer?.answer ?? null,
    stale: !fresh,
    error: reason === undefined ? null : reasonWords(reason),
  };
}
