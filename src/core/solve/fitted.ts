import { assess, type Assessment } from '../assess';
import { scaleBatch } from '../batch/plan';
import type { Batch, Kitchen, Pot } from '../batch/schema';
import { solveGuarded } from './guarded';
import { USUAL_WISHES } from './types';

/** A hair under the line, as a cook measures. */
const UNDER = 0.97;
/** Less of everything lies closer, and the line may be missed once more. */
const TRIES = 3;

/** Counts the warnings and stops of a plan. */
const warnings = ({ findings }: Assessment): number =>
  findings.filter(({ level }) => level !== 'note').length;

/** The batch, or a better timed one if it has a warning. */
function timed(batch: Batch, assessment: Assessment, pot: Pot, kitchen: Kitchen): Batch {
  const before = warnings(assessment);
  if (before === 0) return batch;
  try {
    const solved = solveGuarded(batch, pot, kitchen, USUAL_WISHES).batch;
    return warnings(assess(solved, pot, kitchen)) < before ? solved : batch;
  } catch (error) {
    // A plan in which a food goes in and out more than once is judged as written.
    if (error instanceof RangeError) return batch;
    throw error;
  }
}

/**
 * Fixes the timing of a batch that has a warning.
 *
 * @returns the batch itself where nothing is wrong with it, or no better timing is found
 */
export function timedFor(batch: Batch, pot: Pot, kitchen: Kitchen): Batch {
  return timed(batch, assess(batch, pot, kitchen), pot, kitchen);
}

/**
 * A batch made for a pot and its altitude: less of everything where it would not fit, and its timing fixed.
 *
 * @returns the batch itself where it fits and nothing is wrong with it
 */
export function fittedTo(batch: Batch, pot: Pot, kitchen: Kitchen): Batch {
  let fitted = batch;
  let assessment = assess(fitted, pot, kitchen);
  for (let n = 0; n < TRIES && assessment.fill.scaleToFit < 1; n++) {
    fitted = scaleBatch(fitted, assessment.fill.scaleToFit * UNDER);
    assessment = assess(fitted, pot, kitchen);
  }
  return timed(fitted, assessment, pot, kitchen);
}
