/** The shortest way to make what is in the pot fit for the table: closed again, or simmered on. */
import type { Cook } from '../batch/schema';
import type { Danger } from '../guard';
import { changedAt, withoutReadings, type Move } from '../cook';
import { goOn, type World } from './believe';
import { dangersAtTable } from './tableDoor';

/** Worlds in which a way is tried. */
const TRIED = 12;
const AGAIN_MIN = [3, 6, 10, 15, 22, 32, 45] as const;
const SIMMER_MIN = [5, 10, 15, 20, 30, 45, 60] as const;

export interface TableDoor {
  /** Dangers of serving it as it is; none where it may go to the table. */
  readonly dangers: readonly Danger[];
  /** The shortest of each kind that ends them all; none where neither does. */
  readonly mends: readonly Move[];
}

/**
 * Whether what is in the pot may go to the table, and what would mend it.
 *
 * @param step whose lid is off, or the last that is over
 */
export function tableDoor(
  cook: Cook,
  nowS: number,
  worlds: readonly World[],
  step: string,
): TableDoor {
  const dangers = dangersAtTable(cook, nowS, worlds);
  if (dangers.length === 0) return { dangers, mends: [] };
  const few = worlds.slice(0, TRIED);
  // A reading is of now: what is cooked on is read again.
  const unread = withoutReadings(cook);
  const shortest = (change: Move['change'], minutes: readonly number[]): readonly Move[] => {
    const found = minutes.find((m) => {
      const changed = changedAt(unread, nowS, { change, step, minutes: m });
      return dangersAtTable(changed, nowS, goOn(changed, nowS, few)).length === 0;
    });
    return found === undefined ? [] : [{ change, step, minutes: found }];
  };
  return {
    dangers,
    mends: [...shortest('close-again', AGAIN_MIN), ...shortest('simmer-on', SIMMER_MIN)],
  };
}
