/** A household in the store for tests of parts, and what they did to it. */
import type { Bundle } from '@/core/batch/schema';
import { HOUSEHOLD, POT, STOVETOP } from '@/core/testing/kitchen';

export { STOVETOP };
import { begin, useApp } from '@/store';

export const HOME: Bundle = { ...HOUSEHOLD, pots: [POT, STOVETOP] };

/** Makes a bundle the household, as the shell does at the first start. */
export function keep(bundle: Bundle = HOME): void {
  void begin(bundle);
}

export function kept(): Bundle {
  const { household } = useApp.getState();
  if (!household) throw new Error('no household');
  return household;
}
