/**
 * Unknowns of a pot, and what is left of them after its cooks. Traits are the numbers of `TRAITS`: logarithms of
 * factors over what the pot is said to have, degrees, seconds.
 */
import { TRAITS, type Pot, type PotLearned, type Trait } from '../batch/schema';
import { rootOf, rootTimes } from './linear';
import { COOK_LASTS, knowledgeOf, POT_SPREAD } from './priors';

/** Traits of a pot before any cook: their middle and their standard deviations, each by itself. */
export interface Prior {
  readonly mean: readonly number[];
  readonly sd: readonly number[];
}

/** A uniform number from 0 to a spreads by so much of a. */
const EVEN_SD = 1 / Math.sqrt(12);
/** A trait without spread still takes its place. */
const HARDLY = 1e-6;

export function potPrior(pot: Pot): Prior {
  const { power, efficiency, loss, seal, lagS, setpointKPa, valve } =
    POT_SPREAD[pot.kind][knowledgeOf(pot)];
  return {
    mean: [0, 0, 0, 0, 0, 0, 0, lagS / 2],
    sd: [
      COOK_LASTS.fill,
      COOK_LASTS.waterStartC,
      setpointKPa,
      Math.hypot(power, efficiency),
      loss,
      seal,
      valve,
      Math.max(HARDLY, lagS * EVEN_SD),
    ],
  };
}

/** Posterior of a pot, from a mean and a covariance. */
export function asLearned(
  cooks: number,
  mean: readonly number[],
  covariance: readonly (readonly number[])[],
): PotLearned {
  // No more digits than it is known to: it goes along with a link.
  const round = (v: number): number => Number(v.toPrecision(3));
  return { cooks, mean: mean.map(round), root: rootOf(covariance).map(round) };
}

/** Traits out of as many standard normal numbers. */
export function traitsOf(
  { mean, root }: PotLearned,
  normals: readonly number[],
): readonly number[] {
  return rootTimes(root, normals).map((v, i) => v + (mean[i] as number));
}

/** Fill, start and setpoint: what a plan says itself, and takes as it says it. */
const SAID = 3;

/** Given the values that a plan states itself, the likeliest values of the rest. */
export function nominal(learned: PotLearned | undefined): readonly number[] {
  if (!learned) return TRAITS.map(() => 0);
  const { mean, root } = learned;
  const normals: number[] = [];
  for (let i = 0; i < SAID; i++) {
    const begins = (i * (i + 1)) / 2;
    const so = normals.reduce((sum, z, k) => sum + (root[begins + k] as number) * z, 0);
    const own = root[begins + i] as number;
    normals.push(own > 0 ? (-(mean[i] as number) - so) / own : 0);
  }
  return traitsOf(learned, [...normals, ...TRAITS.slice(SAID).map(() => 0)]);
}

/** One trait of a pot as a plan takes it. */
export function traitOf(pot: Pot, trait: Trait): number {
  return pot.learned ? (nominal(pot.learned)[TRAITS.indexOf(trait)] as number) : 0;
}

/** Standard deviation of each trait, whatever the others are. */
export function spreadsOf({ root }: PotLearned): readonly number[] {
  return TRAITS.map((_, i) =>
    Math.hypot(...root.slice((i * (i + 1)) / 2, ((i + 1) * (i + 2)) / 2)),
  );
}

/** How well the valve is known, as a factor's logarithm. */
export function valveDoubt(pot: Pot): number {
  if (pot.learned) return spreadsOf(pot.learned)[TRAITS.indexOf('valve')] as number;
  return POT_SPREAD[pot.kind][knowledgeOf(pot)].valve;
}
