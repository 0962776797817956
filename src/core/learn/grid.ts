/** Beliefs about one number, or two, as weights over even steps: nothing about their shape is assumed. */
import { phi, type Spread } from '../unknown';

/** Chance that a number lies between two, that is off by a deviation; open ends are undefined. */
function chanceWithin(
  x: number,
  low: number | undefined,
  high: number | undefined,
  sd: number,
): number {
  const below = high === undefined ? 1 : phi((high - x) / sd);
  return Math.max(0, below - (low === undefined ? 0 : phi((low - x) / sd)));
}

/** Probability that a cook's answer is a slip (assumed). */
const MISTAKEN = 0.03;

/** Chance that a cook says of a number that it lies between two, mistakes with it. */
export function chanceSaid(
  x: number,
  low: number | undefined,
  high: number | undefined,
  sd: number,
): number {
  return MISTAKEN + (1 - MISTAKEN) * chanceWithin(x, low, high, sd);
}

/** Even steps from one number to another, both ends with it. */
export function steps(from: number, to: number, many: number): readonly number[] {
  return Array.from({ length: many }, (_, i) => from + ((to - from) * i) / (many - 1));
}

/** Middle and deviation of numbers by their weights. */
export function spreadOf(at: readonly number[], weights: readonly number[]): Spread {
  let [sum, first] = [0, 0];
  weights.forEach((w, i) => {
    sum += w;
    first += w * (at[i] as number);
  });
  const mean = first / sum;
  const square = weights.reduce((all, w, i) => all + w * ((at[i] as number) - mean) ** 2, 0);
  return { mean, sd: Math.sqrt(square / sum) };
}

/**
 * Prior of one more member of a kin from the others: the kin's own value and something besides (shrinkage by two
 * normal levels, each weighed by its own posterior).
 * @param others beliefs of the others, each with the spread of a food of this kin before it was tried
 * @returns of the kin
 */
export function kinOf(others: readonly Spread[], before: Spread, kinSd: number): Spread {
  const own = Math.max(1e-9, before.sd ** 2 - kinSd ** 2);
  let precision = 1 / kinSd ** 2;
  let pull = 0;
  for (const other of others) {
    // Likelihood alone, without the prior.
    const seen = 1 / other.sd ** 2 - 1 / before.sd ** 2;
    if (seen <= 1e-9) continue;
    const seenMean = (other.mean / other.sd ** 2 - before.mean / before.sd ** 2) / seen;
    const weight = 1 / (1 / seen + own);
    precision += weight;
    pull += weight * seenMean;
  }
  return { mean: pull / precision, sd: Math.sqrt(1 / precision) };
}
