/**
 * What may be other than believed of a pot, and what is left of that once cooks have told of it. Traits are
 * the numbers of `TRAITS`: logarithms of factors over what the pot is said to have, degrees, seconds.
 */
import { TRAITS, type Pot, type PotLearned, type Trait } from '../batch';
import { rootOf, rootTimes } from './linear';
import { COOK_LASTS, knowledgeOf, POT_SPREAD } from './priors';

/** Traits of a pot before any cook: their middle and their standard deviations, each by itself. */
export interface Prior {
  readonly mean: readonly number[];
  readonly sd: readonly number[];
}

/** A uniform number from 0 to a spreads by so much of a. */
const EVEN_SD = 1 / Math.sqrt(12);
/** What cannot differ still has to be reckoned with. */
const HARDLY = 1e-6;

export function potPrior(pot: Pot): Prior {
  const { power, efficiency, loss, seal, lagS, setpointKPa, valve } =
    POT_SPREAD[pot.kind][knowledgeOf(pot)];
  return {
    mean: [0, 0, 0, 0, 0, 0, 0, lagS / 2],
    sd: [
      COOK_LASTS.fill,
      COOK_LASTS.waterStartC,
      Math.hypot(power, efficiency),
      loss,
      seal,
      setpointKPa,
      valve,
      Math.max(HARDLY, lagS * EVEN_SD),
    ],
  };
}

/** What is learned of a pot, out of a middle and a covariance. */
export function asLearned(
  cooks: number,
  mean: readonly number[],
  covariance: readonly (readonly number[])[],
): PotLearned {
  const round = (v: number): number => Number(v.toPrecision(6));
  return { cooks, mean: mean.map(round), root: rootOf(covariance).map(round) };
}

/** Traits out of as many standard normal numbers. */
export function traitsOf(
  { mean, root }: PotLearned,
  normals: readonly number[],
): readonly number[] {
  return rootTimes(root, normals).map((v, i) => v + (mean[i] as number));
}

/** Where fill and start are as believed, the rest is taken to be so: what a plan goes by. */
export function nominal(learned: PotLearned | undefined): readonly number[] {
  if (!learned) return TRAITS.map(() => 0);
  const { mean, root } = learned;
  const [fill = 0, start = 0] = mean;
  const [a = 0, b = 0, c = 0] = root;
  const z1 = a > 0 ? -fill / a : 0;
  const z2 = c > 0 ? (-start - b * z1) / c : 0;
  return traitsOf(learned, [z1, z2, ...TRAITS.slice(2).map(() => 0)]);
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
