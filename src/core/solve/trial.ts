/** A plan tried by chance: coarse steps and few draws, enough for verdicts and for what can hurt. */
import { assess, drawBatch, type Assessment } from '../assess';
import type { Batch, Kitchen, Pot } from '../batch/schema';

const TRIAL_S = 30;
const TRIAL_DRAWS = 16;

/** The same draws for every plan, so that two plans are compared in the same worlds. */
export function tryPlan(batch: Batch, pot: Pot, kitchen: Kitchen): Assessment {
  const draws = drawBatch(batch, pot, kitchen, { draws: TRIAL_DRAWS, seed: 1, stepS: TRIAL_S });
  return assess(batch, pot, kitchen, { stepS: TRIAL_S, curves: false, draws });
}
