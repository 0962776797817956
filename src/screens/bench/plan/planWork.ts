/** The workers, as an open plan uses them. */
import type { PlanWork } from '@/session/plan';
import { assessedAtHand, assessedOf } from '@/ui/assessed';
import { ask, drawAway } from '@/workers';

/** Time step while a hand is on a handle, s: the answer keeps up with it. */
const COARSE_S = 30;
const DRAWS = 100;
/** Draws between two progress reports. */
const TOLD = 10;

export const PLAN_WORK: PlanWork = {
  atHand: (job) => (job.coarse ? null : assessedAtHand(job)),
  assess: (job) =>
    job.coarse
      ? ask('assess', [job.batch, job.pot, job.kitchen, { stepS: COARSE_S }])
      : assessedOf(job),
  draw: ({ batch, pot, kitchen }, onShare, signal) =>
    drawAway(
      batch,
      pot,
      kitchen,
      DRAWS,
      (done) => {
        if (done % TOLD === 0) onShare(done / DRAWS);
      },
      signal,
    ),
  call: async ({ batch, pot, kitchen }, draws, signal) =>
    (await ask('assess', [batch, pot, kitchen, { curves: false, draws }], { signal })).findings,
  judge: ({ batch, pot, kitchen }, pots, draws, signal) =>
    ask('judge', [batch, pot, kitchen, pots, draws], { signal }),
  after: (ms, then) => {
    const timer = setTimeout(then, ms);
    return () => clearTimeout(timer);
  },
};
