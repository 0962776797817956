/**
 * Lessons of the cooks in a pot: a posterior over its traits by least squares, with the prior as one more row, and
 * Student's errors, so that a mark pressed late counts little (the iterated weights of Lange, Little and Taylor
 * 1989). Its spread is that of the squares at the end (Laplace).
 */
import { TRAITS, type Lesson, type Pot, type PotLearned } from '../batch/schema';
import { asLearned, COOK_VARIES, inverseOf, nominal, potPrior, solveSmall } from '../unknown';
import { usualEfficiency, usualLoss } from '../vessel';
import type { Teacher } from './teachers';

type Row = NonNullable<Lesson>['pot'][number];

/** Marks by hand and by the pot itself are so far off, s (as at the stove). */
const BY_HAND_S = 30;
const BY_POT_S = 5;
/** Of the seconds until a pin falls, which a hand looks at now and then, s. */
const DOWN_S = 45;
/** Further variation from cook to cook: masses, the room; a share of the time (assumed). */
const OTHERWISE = { warm: 0.02, down: 0.06, vent: 0.12 } as const;
/** Of a test with plain water all is measured on purpose: what is left of what varies, and of a mark (assumed). */
const KETTLE = 0.4;
/**
 * Degrees of freedom of the errors: few where a mark is later than expected, more where it is earlier, as a
 * thumb comes late and never early (assumed, by simulated kitchens).
 */
const NU = { late: 2, early: 8 } as const;
/** Newer cooks count; a pot ages, and its ring with it. */
export const NEWEST_COOKS = 30;
/** A mark this many deviations off is named. */
export const ODD = 3;
const ROUNDS = 20;
/** Traits that times depend on by their logarithms; the last is added. */
const LAG = TRAITS.length - 1;

/** One time that was marked, as the fit takes it. */
export interface Evidence {
  readonly cook: string;
  readonly row: Row;
  /** Deviation that is expected of it, s. */
  readonly sdS: number;
  /** The traits it was predicted with, relative to the pot's label today. */
  readonly base: readonly number[];
}

/** Logarithms of what a pot of that time was said to have over what it is said to have now. */
function declared(then: Pot, now: Pot): readonly number[] {
  const heat = (pot: Pot): number => pot.powerW * (pot.efficiency ?? usualEfficiency(pot));
  const loss = (pot: Pot): number => pot.lossWPerK ?? usualLoss(pot);
  return TRAITS.map((trait) =>
    trait === 'heat'
      ? Math.log(heat(then) / heat(now))
      : trait === 'loss'
        ? Math.log(loss(then) / loss(now))
        : 0,
  );
}

function sdOf({ what, seenS, by, heard }: Row, kettle: boolean): number {
  const varies = kettle ? KETTLE : 1;
  const [fill = 0, start = 0] = by;
  const share = Math.hypot(
    varies * COOK_VARIES.fill * fill,
    varies * COOK_VARIES.waterStartC * start,
    varies * (what === 'down' || what === 'vent' ? OTHERWISE[what] : OTHERWISE.warm),
  );
  const mark = heard ? BY_POT_S : varies * (what === 'down' ? DOWN_S : BY_HAND_S);
  // From the pin to the countdown both ends are marked.
  return Math.hypot(share * seenS, what === 'lag' ? Math.SQRT2 * mark : mark);
}

/**
 * The cooks that tell of a pot, the newest of them.
 *
 * @param newest teachers, the newest first @param since ISO 8601; those up to then are forgotten
 */
export function cooksOfPot<C extends Teacher>(
  pot: Pot,
  newest: readonly C[],
  since = '',
): readonly C[] {
  const of: C[] = [];
  // Cooks older than the last of these are not read.
  for (const cook of newest) {
    if (of.length === NEWEST_COOKS || cook.startedAt <= since) break;
    if (cook.pot.id === pot.id && cook.lesson?.pot.length) of.push(cook);
  }
  return of;
}

/** @param all with those that say the same twice, for telling of them */
export function evidenceOf(pot: Pot, cooks: readonly Teacher[], all = false): readonly Evidence[] {
  return cooks.flatMap((cook) => {
    const shift = declared(cook.pot, pot);
    const base = nominal(cook.pot.learned).map((v, i) => v + (shift[i] as number));
    const rows = cook.lesson?.pot ?? [];
    return rows.flatMap((row): Evidence[] => {
      // The pin gives the warm-up without the lag; with a pin mark, the rest gives the lag alone.
      const pinned = rows.some((other) => other.step === row.step && other.what === 'pin');
      if (row.what === 'hot' && pinned && !all) return [];
      return [{ cook: cook.id, row, sdS: sdOf(row, cook.kettle === true), base }];
    });
  });
}

/** How far a lesson moved the heat, a logarithm: its slope tells what share of it is lost on the way. */
const HEAT_MOVED = -0.1;
const HEAT = TRAITS.indexOf('heat');
const LOSS = TRAITS.indexOf('loss');

/** Share of the heat that a warm-up loses, from how much longer it takes with less heat: t = t0 (1 - x) / (h - x). */
function lostShare(byHeat: number): number {
  const longer = Math.exp(byHeat * HEAT_MOVED);
  return longer <= 1 ? 0 : Math.max(0, (longer * Math.exp(HEAT_MOVED) - 1) / (longer - 1));
}

/** Warming takes for ever where the losses eat the heat: nearer than this nothing is reckoned. */
const LEFT = 0.05;

/** The time of a row with a pot of these traits, s; and how it changes with each. */
export function expected({ row, base }: Pick<Evidence, 'row' | 'base'>, traits: readonly number[]) {
  const off = row.by.map((_, i) => (traits[i] as number) - (base[i] as number));
  const slopes = [...row.by];
  const warms = row.what === 'pin' || row.what === 'hot';
  const lost = warms ? lostShare(row.by[HEAT] as number) : 0;
  const heat = Math.exp(off[HEAT] as number);
  const loss = lost * Math.exp(off[LOSS] as number);
  const left = Math.max(LEFT, heat - loss);
  if (warms) {
    slopes[HEAT] = -heat / left;
    slopes[LOSS] = loss / left;
  }
  const ln = slopes.reduce(
    (sum, by, i) => (warms && (i === HEAT || i === LOSS) ? sum : sum + by * (off[i] as number)),
    warms ? Math.log((1 - lost) / left) : 0,
  );
  const warmS = row.foretoldS * Math.exp(ln);
  const lags = row.what === 'hot' || row.what === 'lag';
  return {
    s: warmS + (lags ? Math.max(0, traits[LAG] as number) : 0),
    slope: [...slopes.map((by) => by * warmS), lags ? 1 : 0],
  };
}

export interface Fit {
  readonly mean: readonly number[];
  readonly covariance: readonly (readonly number[])[];
}

function squares(
  evidence: readonly Evidence[],
  traits: readonly number[],
  prior: ReturnType<typeof potPrior>,
) {
  const n = TRAITS.length;
  const weights = prior.sd.map((sd) => 1 / sd ** 2);
  const normal = Array.from({ length: n }, (_, i) =>
    Array.from({ length: n }, (__, j) => (i === j ? (weights[i] as number) : 0)),
  );
  const right = traits.map((v, i) => (weights[i] as number) * ((prior.mean[i] as number) - v));
  for (const one of evidence) {
    const { s, slope } = expected(one, traits);
    const off = (one.row.seenS - s) / one.sdS;
    const nu = off > 0 ? NU.late : NU.early;
    // Near marks are weighed by their standard deviation; only far ones count less.
    const weight = 1 / (1 + off ** 2 / nu) / one.sdS ** 2;
    for (let i = 0; i < n; i++) {
      const a = slope[i] as number;
      if (a === 0) continue;
      right[i] = (right[i] as number) + weight * a * (one.row.seenS - s);
      const row = normal[i] as number[];
      for (let j = 0; j < n; j++) row[j] = (row[j] as number) + weight * a * (slope[j] as number);
    }
  }
  return { normal, right };
}

/** A step that would leave everything believable is one too far. */
const LONGEST = 0.5;

/** Posterior traits given the prior and the marks: mode and spread. */
export function fitPot(pot: Pot, evidence: readonly Evidence[]): Fit {
  const prior = potPrior(pot);
  let traits: readonly number[] = prior.mean;
  for (let round = 0; round < ROUNDS; round++) {
    const { normal, right } = squares(evidence, traits, prior);
    const step = solveSmall(
      normal,
      right.map((v) => [v]),
    ).map(([v]) => v as number);
    const heat = Math.abs(step[HEAT] as number);
    const part = heat > LONGEST ? LONGEST / heat : 1;
    traits = traits.map((v, i) => v + part * (step[i] as number));
    if (part === 1 && step.every((v, i) => Math.abs(v) < 3e-3 * (prior.sd[i] as number))) break;
  }
  return { mean: traits, covariance: inverseOf(squares(evidence, traits, prior).normal) };
}

/**
 * Posterior of a pot.
 * @param cooks those that tell of it, in any order: the same ones always teach the same
 * @returns undefined where none does
 */
export function learnedPot(pot: Pot, cooks: readonly Teacher[]): PotLearned | undefined {
  if (cooks.length === 0) return undefined;
  const evidence = evidenceOf(pot, cooks);
  if (evidence.length === 0) return undefined;
  const { mean, covariance } = fitPot(pot, evidence);
  return asLearned(cooks.length, mean, covariance);
}
