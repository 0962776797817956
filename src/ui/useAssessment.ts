import { useEffect, useMemo, useState } from 'react';
import type { Assessment, Draws } from '@/core/assess';
import type { Batch, Kitchen, Pot } from '@/core/batch';
import type { Judged } from '@/core/solve';
import { assessAway, drawAway, judgeAway } from '@/workers';
import { useNewest } from './useNewest';

export interface Assessed {
  /** The newest answer; it may be of the batch before while the next one is on its way. */
  readonly assessment: Assessment | null;
  /** True while the answer is older than the batch. */
  readonly stale: boolean;
  readonly error: string | null;
}

interface Job {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly coarse: boolean;
}

/** Time step while a hand is on a handle, s: the answer keeps up with it. */
const COARSE_S = 30;

const assessJob = ({ batch, pot, kitchen, coarse }: Job): Promise<Assessment> =>
  assessAway(batch, pot, kitchen, coarse ? { stepS: COARSE_S } : {});

/**
 * The assessment of a batch, worked out in the worker at every change. While one is under way only
 * the newest change waits; the ones between are passed over.
 *
 * @param coarse while a hand is on a handle: a coarser answer that keeps up with it
 */
export function useAssessment(
  batch: Batch | null,
  pot: Pot | null,
  kitchen: Kitchen,
  coarse = false,
): Assessed {
  const job = useMemo(
    () => (batch && pot ? { batch, pot, kitchen, coarse } : null),
    [batch, pot, kitchen, coarse],
  );
  const { answer, failure } = useNewest(job, assessJob);
  const fresh =
    answer?.of.batch === batch && answer.of.pot === pot && answer.of.kitchen === kitchen;
  const reason = failure?.of.batch === batch ? failure?.reason : undefined;
  return {
    assessment: answer?.answer ?? null,
    stale: !fresh,
    error: reason === undefined ? null : reason instanceof Error ? reason.message : String(reason),
  };
}

/** How long a batch must stand still before it is drawn, ms. */
const STILL_MS = 350;
const DRAWS = 100;

/** What is known of a batch once it has been drawn. */
export interface Drawn {
  /** Null until the batch has been drawn. */
  readonly draws: Draws | null;
  /** Its calls by chance, with what mends them; null until that has been worked out. */
  readonly judged: Judged | null;
  /** Share of the draws that are done, 0 to 1; null while none are under way. */
  readonly progress: number | null;
}

/**
 * The ranges of a batch, and its calls by chance with what mends them, worked out in a worker of
 * their own once the batch stands still.
 */
export function useDraws(
  batch: Batch | null,
  pot: Pot | null,
  pots: readonly Pot[],
  kitchen: Kitchen,
): Drawn {
  const [drawn, setDrawn] = useState<{ of: Batch; draws: Draws } | null>(null);
  const [judged, setJudged] = useState<{ of: Batch; judged: Judged } | null>(null);
  const [progress, setProgress] = useState<{ of: Batch; share: number } | null>(null);
  useEffect(() => {
    if (!batch || !pot || batch.items.length === 0) return;
    let over = false;
    const work = async (): Promise<void> => {
      const draws = await drawAway(batch, pot, kitchen, DRAWS, (done) => {
        if (!over && done % 10 === 0) setProgress({ of: batch, share: done / DRAWS });
      });
      if (over || !draws) return;
      setDrawn({ of: batch, draws });
      const found = await judgeAway(batch, pot, kitchen, pots, draws);
      if (!over) setJudged({ of: batch, judged: found });
    };
    // What cannot be worked out is told by the assessment of the same batch.
    const timer = setTimeout(() => void work().catch(() => undefined), STILL_MS);
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [batch, pot, pots, kitchen]);
  const current = drawn && drawn.of === batch ? drawn.draws : null;
  return {
    draws: current,
    judged: judged && judged.of === batch ? judged.judged : null,
    progress: !current && progress?.of === batch ? progress.share : null,
  };
}
