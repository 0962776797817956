/** Words and looks of the Bench's head before its menus are loaded. */
import type { Pot } from '@/core/batch/schema';
import { formatLevel, type Units } from '@/core/quantity';

export const PICKS =
  'inline-flex min-h-9 items-center gap-1 rounded px-1 underline decoration-copper decoration-dotted underline-offset-4 hover:bg-copper/5';
export const MORE =
  'grid size-11 place-items-center rounded-full border border-hairline max-sm:order-2 max-sm:self-end';

/** @example potWords(pot, 'metric') // "Big enamel, 5.7 L" */
export function potWords(pot: Pot, units: Units): string {
  // A usual pot is named by its size.
  return /\d/.test(pot.name) ? pot.name : `${pot.name}, ${formatLevel(pot.capacityL, units)}`;
}
