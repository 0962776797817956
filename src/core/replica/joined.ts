/** A household and the stamps of its records: changed here, and joined with what other devices changed. */
import type { Bundle } from '../batch/schema';
import { recordsOf, withRecords, type Key, type RecordEdit } from './records';
import { changed, editOf, join, NOTHING, recordIn, type Replica } from './replica';
import { settled } from './settled';
import type { Stamp } from './stamp';
import { replicaOf, stampsOf, type Stamps } from './stamps';

/** Stamps by the keys of their records; a record without any is as it was before all. */
export type StampsByKey = ReadonlyMap<Key, Stamps>;

/** A part of what devices know of records; a change and a whole record are the same kind of thing. */
export type Replicas = ReadonlyMap<Key, Replica>;

/** All that is known of a record, with the leaves that an edit took out of it. */
function knownBefore(
  stamps: Stamps | undefined,
  now: object | null,
  { edit }: RecordEdit,
): Replica {
  const known = replicaOf(stamps, now);
  const leaves = new Map(known.leaves);
  const own = new Map(Object.entries(stamps?.at ?? {}));
  for (const { had } of edit.out)
    for (const [path, value] of had)
      if (!leaves.has(path))
        leaves.set(path, { value, stamp: own.get(path) ?? stamps?.base ?? '' });
  return { ...known, leaves };
}

/**
 * Takes changes made on this device into the stamps of their records.
 *
 * @param now the household as it stands after all of them
 * @param stamps of the changed records; others may be missing
 * @param stamp a new one, later than all that this device has seen
 * @returns the new stamps, and what other devices are told
 */
export function stamped(
  now: Bundle,
  stamps: StampsByKey,
  edits: readonly RecordEdit[],
  stamp: Stamp,
): { readonly stamps: StampsByKey; readonly told: Replicas } {
  const records = recordsOf(now);
  const after = new Map<Key, Stamps>();
  const told = new Map<Key, Replica>();
  for (const one of edits) {
    const { key, edit } = one;
    const record = records.get(key) ?? null;
    const known = knownBefore(after.get(key) ?? stamps.get(key), record, one);
    const change = changed(known, edit, stamp);
    after.set(key, stampsOf(join(known, change), record));
    told.set(key, join(told.get(key) ?? NOTHING, change));
  }
  return { stamps: after, told };
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
    // What is equal stays one and the same.
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

/** What several changes did, as one. */
export function together(all: readonly Replicas[]): Replicas {
  const one = new Map<Key, Replica>();
  for (const replicas of all)
    for (const [key, replica] of replicas) one.set(key, join(one.get(key) ?? NOTHING, replica));
  return one;
}

/** Every stamp in what came in. */
export function stampsInAll(replicas: Replicas): readonly Stamp[] {
  return [...replicas.values()].flatMap(({ leaves, taken }) =>
    [...leaves.values(), ...taken.values()].map(({ stamp }) => stamp),
  );
}
