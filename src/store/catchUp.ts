/** Reading what others have written since, and nothing else: the list of writes tells which records to read. */
import { isFields, type Batch, type Pot } from '../core/batch/schema';
import type { Changed, Follows } from './db';
import { AT_A_TIME } from './pages';
import {
  LISTS,
  markOf,
  readHousehold,
  sharingCooks,
  sharingOf,
  stampOf,
  type Kept,
  type Reading,
  type Writing,
} from './reading';
import { cookFault, sift } from './sound';

/** Records that several writes changed; null where that is not known, or where they are many. */
function changedBy(writes: readonly Follows[]): Changed | null {
  const told = writes.flatMap(({ changed }) => changed ?? []);
  if (told.length < writes.length) return null;
  const ids = (list: (typeof LISTS)[number]): readonly string[] => [
    ...new Set(told.flatMap((changed) => changed[list])),
  ];
  const all = { pots: ids('pots'), batches: ids('batches'), cooks: ids('cooks') };
  if (LISTS.reduce((count, list) => count + all[list].length, 0) > AT_A_TIME) return null;
  return { household: told.some((changed) => changed.household), ...all };
}

/** A list with some of its records read again, in the order in which the database has them. */
function updated<T extends { readonly id: string }>(
  before: readonly T[],
  ids: readonly string[],
  now: readonly T[],
): readonly T[] {
  if (ids.length === 0) return before;
  const read = new Set(ids);
  return [...before.filter(({ id }) => !read.has(id)), ...now].toSorted((a, b) =>
    a.id < b.id ? -1 : 1,
  );
}

/** Pots or batches read again; null where one is damaged. */
async function readSome<T extends Pot | Batch>(
  tx: Reading | Writing,
  list: 'pots' | 'batches',
  ids: readonly string[],
  before: readonly T[],
): Promise<readonly T[] | null> {
  const found = await Promise.all(ids.map((id) => tx.objectStore(list).get(id)));
  const there = found.filter((record) => record !== undefined);
  const { sound, bad } = sift<T>(list, there);
  return bad.length > 0 ? null : updated(before, ids, sound);
}

/** Cooks read again; null where one is damaged, or has no record of its own any more. */
async function readCooks(
  tx: Reading | Writing,
  ids: readonly string[],
  before: Kept['bundle']['cooks'],
): Promise<Kept['bundle']['cooks'] | null> {
  const found = await Promise.all(ids.map((id) => tx.objectStore('cooks').get(id)));
  const kept = found.flatMap((record) => (record && !('gone' in record) ? [record] : []));
  if (found.includes(undefined) || kept.some((cook) => cookFault(cook) !== null)) return null;
  return updated(before, ids, sharingCooks(before, kept));
}

/** Writes read at most: who is further behind reads everything. */
const MOST_WRITES = 500;

/**
 * Household of a tab, with what others have written since.
 *
 * @param base what the tab last read or wrote
 * @returns the base itself where nobody has written; null where only reading everything can tell, as after many
 *   changes, after damage, or after a write of an older build
 */
export async function readSince(tx: Reading | Writing, base: Kept): Promise<Kept | null> {
  const stamp = await stampOf(tx);
  if (stamp === base.stamp) return base;
  const after = IDBKeyRange.lowerBound(base.mark, true);
  const writes = await tx.objectStore('writes').getAll(after, MOST_WRITES + 1);
  const [first] = writes;
  // Writes that were swept, or lost with their list, leave a gap.
  if (!stamp || first?.after !== base.stamp || writes.length > MOST_WRITES) return null;
  const changed = changedBy(writes);
  if (!changed) return null;
  const { bundle } = base;
  const [mark, own, sharing, pots, batches, cooks] = await Promise.all([
    markOf(tx),
    changed.household ? tx.objectStore('household').get('household') : null,
    changed.household ? sharingOf(tx) : null,
    readSome(tx, 'pots', changed.pots, bundle.pots),
    readSome(tx, 'batches', changed.batches, bundle.batches),
    readCooks(tx, changed.cooks, bundle.cooks),
  ]);
  if (!pots || !batches || !cooks || (changed.household && !isFields(own))) return null;
  const household = changed.household ? readHousehold(own, bundle) : { fields: bundle, bad: [] };
  if (household.bad.length > 0 || pots.length === 0) return null;
  const isShared = changed.household ? sharing !== null : base.isShared;
  return { bundle: { ...household.fields, pots, batches, cooks }, stamp, mark, isShared, bad: [] };
}
