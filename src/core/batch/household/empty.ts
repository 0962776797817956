import type { Bundle } from '../schema/types';

/** Whether nothing was planned, cooked or kept in a household yet; its pots and its settings do not count. */
export function isEmpty({ batches, cooks, jars, bag, foods }: Bundle): boolean {
  return [batches, cooks, jars, bag, foods].every((list) => list.length === 0);
}
