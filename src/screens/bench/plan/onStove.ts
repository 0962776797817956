/** A plan taken to the stove; loaded when it is asked for. */
import { startCook, type Start } from '@/core/timetable';
import { cookedFrom } from '@/core/batch/household';
import { change } from '@/store';
import { saveRehearsal } from '@/ui/household';
import type { Mishap } from '@/core/live';

/** A practice run as chosen: its practice pot and what goes wrong with it. */
export interface Chosen {
  readonly seed: number;
  readonly mishaps: readonly Mishap[];
  readonly power?: number;
  readonly drill?: string;
}

/** Keeps the cook as it starts. @returns its page */
export function takeToStove(start: Start): string {
  const cook = startCook(start);
  // Claimed jars are in the pot now.
  change((h) => cookedFrom(h, cook));
  return `/stove/${cook.id}`;
}

/** A practice run goes as many times as fast as a cook. */
const TIMES = 60;

/** Keeps the practice run as it starts. @returns its page */
export function rehearse(start: Start, { drill, ...chosen }: Chosen): string {
  const cook = startCook(start);
  saveRehearsal({
    ...cook,
    rehearsal: drill === undefined ? {} : { drill },
    standIn: { ...chosen, times: TIMES, wallAt: start.at, cookAt: start.at },
  });
  return `/stove/${cook.id}`;
}
