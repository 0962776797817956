/** Compares a found plan with the present one: a more dangerous plan is not offered. */
import type { Batch, Kitchen, Pot } from '../batch/schema';
import { mayOffer, worseThan } from '../guard';
import { solve } from './solve';
import { tryPlan } from './trial';
import type { Solution, Wishes } from './types';

/** A proposal, and why it is not to be taken: titles of what it would make worse; none where it may be. */
export interface GuardedSolution extends Solution {
  readonly worse: readonly string[];
}

/** Titles of the dangers that a plan brings, or makes worse; some sentence where one has no title. */
export function madeWorse(
  before: Batch,
  after: Batch,
  pot: Pot,
  kitchen: Kitchen,
): readonly string[] {
  const was = tryPlan(before, pot, kitchen).dangers;
  const is = tryPlan(after, pot, kitchen).dangers;
  if (mayOffer(was, is)) return [];
  const worse = [...is.filter(({ level }) => level === 'never'), ...worseThan(was, is)];
  return [
    ...new Set(worse.map(({ title }) => title || 'Something in it would more often stay too cool')),
  ];
}

/**
 * Plans a batch, as `solve` does, and asks the guard.
 *
 * @throws RangeError when the pot cannot come to pressure with this batch
 */
export function solveGuarded(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  wishes: Wishes,
): GuardedSolution {
  const solution = solve(batch, pot, kitchen, wishes);
  return { ...solution, worse: madeWorse(batch, solution.batch, pot, kitchen) };
}
