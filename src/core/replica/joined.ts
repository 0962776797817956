/** A household and the stamps of its records: changed here, and joined with what other devices changed. */
import type { Bundle } from '../batch/schema';
import { recordsOf, withRecords, type Key, type RecordEdit } from './records';
import { changed, editOf, join, NOTHING, recordIn, type Replica } from './replica';
import { settled } from './settled';
import { BEFORE_ALL, type Stamp } from './stamp';
import { replicaOf, stampsOf, type Stamps } from './stamps';

/** Stamps by the keys of their records; a record without any is as it was before all. */
export type StampsByKey = ReadonlyMap<Key, Stamps>;

/** A part of what devices know of records; a change and a whole record are the same kind of thing. */
export type Replicas = ReadonlyMap<Key, Replica>;

/** Edits that a device made together, and their stamp. */
export interface StampedEdits {
  readonly edits: readonly RecordEdit[];
  readonly stamp: Stamp;
}

/**
 * Returns everything a device knew of a record before some edits: the record now, and every leaf the edits removed. An
 * edit is stamped after later ones have changed the record, so the record alone no longer has those leaves.
 */
function knownBefore(
  stamps: Stamps | undefined,
  now: object | null,
  edits: readonly RecordEdit[],
): Replica {
  const known = replicaOf(stamps, now);
  const leaves = new Map(known.leaves);
  const own = new Map(Object.entries(stamps?.at ?? {}));
  for (const { edit } of edits)
    for (const { had } of edit.out)
      for (const [path, value] of had)
        if (!leaves.has(path))
          leaves.set(path, { value, stamp: own.get(path) ?? stamps?.base ?? BEFORE_ALL });
  return { ...known, leaves };
}

/**
 * Takes changes made on this device into the stamps of their records.
 *
 * @param now the household as it stands after all of them
 * @param stamps of the changed records; others may be missing
 * @param changes in the order they were made; each stamp is later than everything this device has seen
 * @returns the new stamps, and what other devices are told
 */
export function stamped(
  now: Bundle,
  stamps: StampsByKey,
  changes: readonly StampedEdits[],
): { readonly stamps: StampsByKey; readonly told: Replicas } {
  const records = recordsOf(now);
  const byKey = new Map<Key, readonly RecordEdit[]>();
  for (const edit of changes.flatMap(({ edits }) => edits))
    byKey.set(edit.key, [...(byKey.get(edit.key) ?? []), edit]);
  const known = new Map<Key, Replica>();
  for (const [key, edits] of byKey)
    known.set(key, knownBefore(stamps.get(key), records.get(key) ?? null, edits));
  const told = new Map<Key, Replica>();
  for (const { edits, stamp } of changes)
    for (const { key, edit } of edits) {
      const before = known.get(key) ?? NOTHING;
      const change = changed(before, edit, stamp);
      known.set(key, join(before, change));
      told.set(key, join(told.get(key) ?? NOTHING, change));
    }
  const after = [...known].map(
    ([key, replica]) => [key, stampsOf(replica, records.get(key) ?? null)] as const,
  );
  return { stamps: new Map(after), told };
}

const sameStamps = (a: Stamps | undefined, b: Stamps): boolean =>
  JSON.stringify(a ?? { base: '' }) === JSON.stringify(b);

export interface Joined {
  readonly bundle: Bundle;
  /** Those that are other than before. */
  readonly stamps: StampsByKey;
}

/**
 * Joins what other devices know with a household.
 *
 * @param bundle as it stands here, every change of its own stamped
 * @param stamps of the records that come in, and of all pots, batches and jars; others may be missing
 */
export function joined(bundle: Bundle, stamps: StampsByKey, incoming: Replicas): Joined {
  const here = recordsOf(bundle);
  const withHidden = [...stamps].filter(([, { hidden }]) => hidden).map(([key]) => key);
  const all = new Map<Key, Replica>();
  const replicaAt = (key: Key): Replica => {
    const own = replicaOf(stamps.get(key), here.get(key) ?? null);
    const other = incoming.get(key);
    return other ? join(own, other) : own;
  };
  for (const key of new Set([...incoming.keys(), ...withHidden])) all.set(key, replicaAt(key));
  const records = new Map<Key, object | null>();
  for (const [key, replica] of all) {
    const was = here.get(key) ?? null;
    const is = recordIn(replica);
    // Keep the same object for an unchanged record.
    const { set, out } = editOf(was, is);
    records.set(key, set.length === 0 && out.length === 0 ? was : is);
  }
  const raw = withRecords(bundle, records);
  const shown = settled(raw);
  const settledKeys = [...recordsOf(shown)].flatMap(([key, record]) =>
    all.has(key) || record === here.get(key) ? [] : [key],
  );
  for (const key of settledKeys) all.set(key, replicaAt(key));
  const shownRecords = recordsOf(shown);
  const after = [...all].flatMap(([key, replica]) => {
    const now = stampsOf(replica, shownRecords.get(key) ?? null);
    return sameStamps(stamps.get(key), now) ? [] : [[key, now] as const];
  });
  return { bundle: shown, stamps: new Map(after) };
}

/** Every stamp in what came in. */
export function stampsInAll(replicas: Replicas): readonly Stamp[] {
  return [...replicas.values()].flatMap(({ leaves, taken }) =>
    [...leaves.values(), ...taken.values()].map(({ stamp }) => stamp),
  );
}
