/**
 * How accurate has Retort been? What was predicted, held against what happened: how many bands held, how many of
 * “right, 7 in 10” were right, how far off the minutes were. Counted from what each cook keeps, so that nothing
 * that has been learned since makes it look better.
 */
import { mean } from 'd3-array';
import type { Cook } from '../batch/schema';
import { realTotalMin } from '../cook';

/** Of chances of “right”, from one to the next. */
export interface Bin {
  readonly from: number;
  readonly to: number;
  /** PredictedCurve on average, and what share came out right; NaN for none. */
  readonly predicted: number;
  readonly share: number;
  readonly count: number;
}

export interface Miss {
  readonly cook: string;
  /** ISO 8601 */
  readonly at: string;
  /** Later than predicted, min; below 0 sooner. */
  readonly minutes: number;
  /** Whether its band held; null where none was shown. */
  readonly held: boolean | null;
}

export interface Reliability {
  /** Cooks that are over and timed. */
  readonly cooks: number;
  readonly bands: { readonly held: number; readonly shown: number };
  readonly bins: readonly Bin[];
  /** In the order of time. */
  readonly misses: readonly Miss[];
  /** Middle of the misses without their sign, min; NaN for none. */
  readonly typicalMin: number;
}

/** Edges of the bins; the last holds certainty. */
const EDGES = [0, 0.5, 0.7, 0.85, 0.95, 1] as const;
/** Fewer than that say nothing. */
export const FEWEST = 5;

function missOf(cook: Cook): Miss | null {
  const real = realTotalMin(cook);
  if (real === null || cook.rehearsal) return null;
  const { totalMin, band } = cook.predicted;
  return {
    cook: cook.id,
    at: cook.startedAt,
    minutes: real - totalMin,
    held: band ? real >= band.p10 && real <= band.p90 : null,
  };
}

/** Chances of “right” that were predicted, each with whether it was. */
function chancesOf(cook: Cook): readonly (readonly [chance: number, right: boolean])[] {
  const { chances = {} } = cook.predicted;
  return Object.entries(cook.verdicts).flatMap(([item, verdict]) => {
    const chance = chances[item];
    return chance === undefined ? [] : [[chance, verdict === 'right'] as const];
  });
}

/** Middle of some numbers; NaN for none. */
function middle(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const half = sorted.length / 2;
  const low = sorted[Math.ceil(half) - 1] ?? NaN;
  return half === Math.floor(half) ? (low + (sorted[half] ?? NaN)) / 2 : low;
}

/**
 * Holds what was predicted and what happened.
 *
 * @param cooks any; rehearsals and what is still on the stove do not count
 */
export function reliabilityOf(cooks: readonly Cook[]): Reliability {
  const over = cooks.filter((cook) => cook.endedAt && !cook.rehearsal && !cook.kettle);
  const misses = over
    .flatMap((cook) => missOf(cook) ?? [])
    .toSorted((a, b) => a.at.localeCompare(b.at));
  const pairs = over.flatMap(chancesOf);
  const bins = EDGES.slice(0, -1).map((from, i): Bin => {
    const to = EDGES[i + 1] ?? 1;
    const last = i === EDGES.length - 2;
    const inside = pairs.filter(([chance]) => chance >= from && (last || chance < to));
    return {
      from,
      to,
      predicted: mean(inside, ([chance]) => chance) ?? NaN,
      share: mean(inside, ([, right]) => Number(right)) ?? NaN,
      count: inside.length,
    };
  });
  const shown = misses.filter((miss) => miss.held !== null);
  return {
    cooks: misses.length,
    bands: { held: shown.filter((miss) => miss.held).length, shown: shown.length },
    bins,
    misses,
    typicalMin: middle(misses.map((miss) => Math.abs(miss.minutes))),
  };
}
