/** Puts things into a batch as the kitchen does it: at their usual step, by its habits. */
import { addItems, freshItemId, usualEntry } from './edit';
import { namedFood } from './named';
import { byHabit } from './schools';
import type { Batch, Item, Schools } from '../schema/types';

/** @param habits what the kitchen always does */
export function putIn(batch: Batch, items: readonly Omit<Item, 'id'>[], habits?: Schools): Batch {
  return items.reduce<Batch>((next, item) => {
    const enters = item.enters ?? usualEntry(next, namedFood(item) ?? null);
    return byHabit(next, addItems(next, [{ ...item, enters, id: freshItemId(next) }]), habits);
  }, batch);
}
