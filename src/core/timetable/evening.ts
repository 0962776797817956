/**
 * An evening with several batches: their moves by one clock, the moments at which hands would have to be in
 * two places, and what is started earlier so that they do not.
 */
import type { Assessment } from '../assess';
import type { Batch, Pot } from '../batch/schema';
import type { Units } from '../quantity';
import { clashesOf, type OwnedMove } from './ahead';
import { movesOf, type Move } from './moves';

const MINUTE_MS = 60_000;

/** A batch with a time on the table, or one that is cooking already. */
export interface Dated {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly assessment: Assessment;
  /** ms */
  readonly tableAt: number;
  /** It is on: it cannot begin earlier any more. */
  readonly on?: boolean;
}

export interface EveningMove extends OwnedMove, Move {
  readonly name: string;
}

/** Two things that cannot both be. */
export interface Clash {
  readonly why: 'valves' | 'pot';
  /** ms */
  readonly at: number;
  /** Of the batches, the one that comes first in it first. */
  readonly batches: readonly [string, string];
  /** Which is put on the table so many minutes earlier; null where nothing near helps. */
  readonly remedy: { readonly batch: string; readonly earlierMin: number } | null;
}

const startOf = ({ tableAt, assessment }: Dated): number =>
  tableAt - assessment.time.totalMin * MINUTE_MS;
/** The pot is free again when what follows the table, resting or cooling in it, is over. */
const endOf = (one: Dated): number => startOf(one) + one.assessment.time.endMin * MINUTE_MS;

/** All moves of an evening, in the order of the clock. */
export function eveningOf(dated: readonly Dated[], units: Units): readonly EveningMove[] {
  return dated
    .flatMap((one) =>
      movesOf(one.batch, one.assessment, one.pot, units).map((move): EveningMove => ({
        ...move,
        owner: one.batch.id,
        name: one.batch.name,
        at: startOf(one) + move.minute * MINUTE_MS,
      })),
    )
    .sort((a, b) => a.at - b.at);
}

const isValve = (move: Move): boolean => move.id.endsWith('-valve');

interface Found {
  readonly why: Clash['why'];
  readonly at: number;
  readonly batches: readonly [string, string];
}

/** A batch as far as it can collide, ms. */
interface Taken {
  readonly id: string;
  readonly pot: string;
  readonly on: boolean;
  readonly startAt: number;
  readonly endAt: number;
  readonly valvesAt: readonly number[];
}

function takenBy(one: Dated, units: Units): Taken {
  const { batch, pot, assessment, on = false } = one;
  const startAt = startOf(one);
  const valvesAt = movesOf(batch, assessment, pot, units)
    .filter(isValve)
    .map((move) => startAt + move.minute * MINUTE_MS);
  return { id: batch.id, pot: pot.id, on, startAt, endAt: endOf(one), valvesAt };
}

function earlier(taken: Taken, minutes: number): Taken {
  const byMs = minutes * MINUTE_MS;
  return {
    ...taken,
    startAt: taken.startAt - byMs,
    endAt: taken.endAt - byMs,
    valvesAt: taken.valvesAt.map((at) => at - byMs),
  };
}

function clashing(evening: readonly Taken[]): readonly Found[] {
  const opened = evening.flatMap(({ id, valvesAt }) => valvesAt.map((at) => ({ owner: id, at })));
  const valves = clashesOf(opened).map(([a, b]): Found => ({
    why: 'valves',
    at: a.at,
    batches: [a.owner, b.owner],
  }));
  const pots = evening.flatMap((a, i) =>
    evening.slice(i + 1).flatMap((b): readonly Found[] => {
      if (a.pot !== b.pot) return [];
      const [first, second] = a.startAt <= b.startAt ? [a, b] : [b, a];
      if (first.endAt <= second.startAt) return [];
      return [{ why: 'pot', at: second.startAt, batches: [first.id, second.id] }];
    }),
  );
  return [...pots, ...valves].sort((a, b) => a.at - b.at);
}

/** A longer shift is another evening, min. */
const MOST_EARLIER_MIN = 30;

/**
 * The clashes of an evening, each with the least that mends it: one of the two on the table earlier, without
 * a clash more than before.
 */
export function eveningClashes(dated: readonly Dated[], units: Units): readonly Clash[] {
  const evening = dated.map((one) => takenBy(one, units));
  const found = clashing(evening);
  return found.map((clash) => ({ ...clash, remedy: remedyOf(evening, clash, found.length) }));
}

function remedyOf(evening: readonly Taken[], clash: Found, before: number): Clash['remedy'] {
  // Two in one pot by hours: no quarter of an hour helps.
  if (clash.why === 'pot') return null;
  for (let earlierMin = 1; earlierMin <= MOST_EARLIER_MIN; earlierMin++)
    for (const batch of clash.batches) {
      if (evening.find(({ id }) => id === batch)?.on) continue;
      const moved = evening.map((one) => (one.id === batch ? earlier(one, earlierMin) : one));
      const after = clashing(moved);
      const still = after.some(
        (c) => c.why === clash.why && c.batches.every((b) => clash.batches.includes(b)),
      );
      if (!still && after.length < before) return { batch, earlierMin };
    }
  return null;
}
