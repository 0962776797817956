import { countedItem } from '@/core/batch/plan';
import type { Item } from '@/core/batch/schema';
import { formatLength, type Units } from '@/core/quantity';

/** An ingredient in words: how much, what, how cut. */
export function itemWords(item: Item, units: Units): string {
  return [
    countedItem(item, units),
    ...(item.cut ? [formatLength(item.cut.mm, units)] : []),
    ...(item.startC !== undefined && item.startC < 0 ? ['frozen'] : []),
    ...(item.apart ? ['apart'] : []),
  ].join(', ');
}
