/** Puts things into a batch as the kitchen does it: at their usual step, by its habits. */
import { addItems, freshItemId, usualEntry } from './edit';
import { changed } from './defined';
import { atTheEnd } from './late';
import { namedFood } from './named';
import { byHabit } from './schools';
import { enteringAt, entryOf } from './stays';
import type { Batch, Item, Schools } from '../schema/types';

/** Something that goes into a batch; at the end where its line said so. */
export type NewItem = Omit<Item, 'id'> & { readonly atEnd?: true };

/** @param habits what the kitchen always does */
export function putIn(batch: Batch, items: readonly NewItem[], habits?: Schools): Batch {
  return items.reduce<Batch>((next, { atEnd, ...item }) => {
    const from = entryOf(item) ?? usualEntry(next, namedFood(item) ?? null);
    const id = freshItemId(next);
    const put = byHabit(
      next,
      addItems(next, [changed<Item>({ ...item, id }, enteringAt(item, from))]),
      habits,
    );
    return atEnd ? atTheEnd(put, [id]) : put;
  }, batch);
}
