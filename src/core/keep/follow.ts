/** A cooling under way: its start, the readings since, and the prediction from both. */
import type { CoolingKept, Pot } from '../batch/schema';
import { countsFrom, judgeRead, pastLimit, type Judged, type Reading } from '../guard';
import type { Surroundings } from './cool';
import { narrowed, type Narrowed } from './narrow';
import { tryWay } from './tryWays';
import { isWay, type AtHand, type WayKey } from './ways';

export interface Followed extends Narrowed {
  readonly way: WayKey;
  readonly judged: Judged;
  /** A reading, by its number, that is past the limit; -1 where none is. */
  readonly pastAt: number;
  readonly readings: readonly Reading[];
}

/** @throws RangeError for a way that this pot does not have */
export function follow(
  kept: CoolingKept,
  pot: Pot,
  hand: AtHand,
  surroundings: Surroundings,
): Followed {
  const { way, litres, thick = false, startC, at, readings = [] } = kept;
  const tried =
    isWay(way) && tryWay(way, { litres, thick, celsius: startC, pot }, hand, surroundings);
  if (!tried || !isWay(way)) throw new RangeError(`no way to cool called ${way}`);
  const read = readings
    .map((r) => ({ minute: (Date.parse(r.at) - Date.parse(at)) / 60_000, celsius: r.celsius }))
    .filter((r) => r.minute >= 0)
    .toSorted((a, b) => a.minute - b.minute);
  const known = narrowed(tried.cooling, surroundings, read);
  return {
    ...known,
    way,
    judged: judgeRead(known.curve, read),
    pastAt: pastLimit(read, countsFrom(known.curve, read)),
    readings: read,
  };
}
