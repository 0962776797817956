/** How a replica is kept and sent: the record as it is shown, and beside it the stamps of its leaves. */
import { leavesOf, type Path } from './leaves';
import { NOTHING, type Register, type Replica, type Taken } from './replica';
import { BEFORE_ALL, type Stamp } from './stamp';

export interface Stamps {
  /** Stamp of the record itself, and of every leaf without its own. */
  readonly base: Stamp;
  readonly at?: Readonly<Record<Path, Stamp>>;
  readonly taken?: Readonly<Record<Path, Taken>>;
  /** Leaves that the record does not show, or shows otherwise. */
  readonly hidden?: Readonly<Record<Path, unknown>>;
}

const entriesOf = <T>(record: Readonly<Record<string, T>> | undefined): readonly [string, T][] =>
  Object.entries(record ?? {});

/**
 * The replica of a record.
 *
 * @param stamps undefined for a record unchanged since the household got its second device
 * @param record as it is shown; null where it is gone
 */
export function replicaOf(stamps: Stamps | undefined, record: object | null): Replica {
  if (!stamps && !record) return NOTHING;
  const { base = BEFORE_ALL, at, taken, hidden } = stamps ?? {};
  const own = new Map(entriesOf(at));
  const values = record ? leavesOf(record) : new Map<Path, unknown>();
  for (const [path, value] of entriesOf(hidden)) values.set(path, value);
  return {
    leaves: new Map(
      [...values].map(([path, value]) => [path, { value, stamp: own.get(path) ?? base }]),
    ),
    taken: new Map(entriesOf(taken)),
  };
}

/** @param shown the record as it is shown; null where it is gone */
export function stampsOf({ leaves, taken }: Replica, shown: object | null): Stamps {
  const base = leaves.get('')?.stamp ?? BEFORE_ALL;
  const seen = shown ? leavesOf(shown) : new Map<Path, unknown>();
  const isShown = (path: Path, { value }: Register): boolean =>
    seen.has(path) && JSON.stringify(seen.get(path)) === JSON.stringify(value);
  const all = [...leaves];
  const at = all.flatMap(([path, { stamp }]) => (stamp === base ? [] : [[path, stamp] as const]));
  const hidden = all.flatMap(([path, leaf]) =>
    isShown(path, leaf) ? [] : [[path, leaf.value] as const],
  );
  return {
    base,
    ...(at.length > 0 && { at: Object.fromEntries(at) }),
    ...(taken.size > 0 && { taken: Object.fromEntries(taken) }),
    ...(hidden.length > 0 && { hidden: Object.fromEntries(hidden) }),
  };
}

const sorted = <T>(record: Readonly<Record<string, T>> | undefined): readonly [string, T][] =>
  [...entriesOf(record)].toSorted(([a], [b]) => (a < b ? -1 : 1));

/** Text that is the same on two devices exactly where they know the same of a record. */
export function digestOf({ base, at, taken, hidden }: Stamps): string {
  const out = sorted(taken).map(([path, { stamp, seen }]) => [path, stamp, sorted(seen)]);
  return JSON.stringify([base, sorted(at), out, sorted(hidden).map(([path]) => path)]);
}
