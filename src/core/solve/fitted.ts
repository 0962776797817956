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

/**
 * A batch made for a pot and its altitude: less of everything where it would not fit, and its timing fixed where a
 * warning stands against it.
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
  const before = warnings(assessment);
  if (before === 0) return fitted;
  try {
    const solved = solveGuarded(fitted, pot, kitchen, USUAL_WISHES).batch;
    return warnings(assess(solved, pot, kitchen)) < before ? solved : fitted;
  } catch (error) {
    // A plan that goes in and out more than once is judged as it is.
    if (error instanceof RangeError) return fitted;
    throw error;
  }
}
