/** Puts things into a batch as the kitchen does it: at their usual step, by its habits. */
import { addItems, freshItemId, usualEntry } from './edit';
import { atTheEnd } from './late';
import { namedFood } from './named';
import { byHabit } from './schools';
import type { Batch, Item, Schools } from '../schema/types';

/** Something that goes into a batch; at the end where its line said so. */
export type NewItem = Omit<Item, 'id'> & { readonly atEnd?: true };

/** @param habits what the kitchen always does */
export function putIn(batch: Batch, items: readonly NewItem[], habits?: Schools): Batch {
  return items.reduce<Batch>((next, { atEnd, ...item }) => {
    const enters = item.enters ?? usualEntry(next, namedFood(item) ?? null);
    const id = freshItemId(next);
    const put = byHabit(next, addItems(next, [{ ...item, enters, id }]), habits);
    return atEnd ? atTheEnd(put, [id]) : put;
  }, batch);
}
