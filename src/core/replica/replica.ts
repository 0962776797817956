/**
 * One record as several devices have it: each leaf with the stamp of its last change, and what was taken out with what
 * the device that took it out had seen. Joining two is commutative, associative and idempotent (a state-based replicated
 * data type: Shapiro, Preguiça, Baquero and Zawirski, 2011; from memory), so that messages may be lost, doubled and
 * reordered. What was taken out comes back where another device went on with it unseen: nothing is lost.
 */
import { addLeaves, fieldOf, isWithin, partsOf, recordOf, within, type Path } from './leaves';
import { BEFORE_ALL, deviceOf, laterOf, msOf, type Stamp } from './stamp';

/** A leaf and when it was last changed. */
export interface Register {
  readonly value: unknown;
  readonly stamp: Stamp;
}

/** Latest stamp seen from each device at a deletion. */
export type Seen = Readonly<Record<string, Stamp>>;

export interface Taken {
  /** When it was taken out last. */
  readonly stamp: Stamp;
  readonly seen: Seen;
}

/** A record, or a part of what happened to it: a change is joined like a whole. */
export interface Replica {
  readonly leaves: ReadonlyMap<Path, Register>;
  readonly taken: ReadonlyMap<Path, Taken>;
}

export const NOTHING: Replica = { leaves: new Map(), taken: new Map() };

type Values = readonly (readonly [Path, unknown])[];

/** One change of a record: leaves it set, and parts it removed with their leaves. */
export interface Edit {
  readonly set: Values;
  readonly out: readonly { readonly path: Path; readonly had: Values }[];
}

const isSameLeaf = (a: unknown, b: unknown): boolean =>
  a === b || JSON.stringify(a) === JSON.stringify(b);

/** Leaves of a part of a record, at its path. */
function leavesAt(part: unknown, path: Path, field: string): Values {
  const leaves = new Map<Path, unknown>();
  addLeaves(part, leaves, path, field);
  return [...leaves];
}

interface Found {
  readonly set: (readonly [Path, unknown])[];
  readonly out: Edit['out'][number][];
}

function difference(before: unknown, after: unknown, path: Path, field: string, to: Found): void {
  if (before === after) return;
  const was = partsOf(before, field);
  const is = partsOf(after, field);
  const own = is ? is.own : after;
  if (!isSameLeaf(was ? was.own : before, own)) to.set.push([path, own]);
  for (const [name, part] of was?.of ?? [])
    if (!is?.of.has(name)) {
      const inner = within(path, name);
      to.out.push({ path: inner, had: leavesAt(part, inner, fieldOf(name)) });
    }
  for (const [name, part] of is?.of ?? []) {
    const inner = within(path, name);
    if (was?.of.has(name)) difference(was.of.get(name), part, inner, fieldOf(name), to);
    else to.set.push(...leavesAt(part, inner, fieldOf(name)));
  }
}

/**
 * Returns the difference between two states of a record.
 *
 * @param before null for a new record
 * @param after null for one that is gone
 * @example editOf({ name: 'Stock' }, { name: 'Broth' }) // { set: [['.name', 'Broth']], out: [] }
 */
export function editOf(before: object | null, after: object | null): Edit {
  if (!after) return { set: [], out: before ? [{ path: '', had: leavesAt(before, '', '') }] : [] };
  if (!before) return { set: leavesAt(after, '', ''), out: [] };
  const found: Found = { set: [], out: [] };
  difference(before, after, '', '', found);
  return found;
}

/** Latest stamp of each device within a path. */
function seenOf({ leaves }: Replica, path: Path): Seen {
  const seen: Record<string, Stamp> = {};
  for (const [at, { stamp }] of leaves) {
    if (stamp === BEFORE_ALL || !isWithin(at, path)) continue;
    const device = deviceOf(stamp);
    seen[device] = laterOf(seen[device] ?? BEFORE_ALL, stamp);
  }
  return seen;
}

/** The change of a device as a replica, to be joined with any. @param to the record as the device had it */
export function changed(to: Replica, { set, out }: Edit, stamp: Stamp): Replica {
  return {
    leaves: new Map(set.map(([path, value]) => [path, { value, stamp }])),
    taken: new Map(out.map(({ path }) => [path, { stamp, seen: seenOf(to, path) }])),
  };
}

function joinSeen(a: Seen, b: Seen): Seen {
  const seen: Record<string, Stamp> = { ...a };
  for (const [device, stamp] of Object.entries(b))
    seen[device] = laterOf(seen[device] ?? BEFORE_ALL, stamp);
  return seen;
}

/** The later of one leaf on two devices; unchanged leaves that differ are ordered by their text. */
function laterLeaf(a: Register, b: Register): Register {
  if (a.stamp !== b.stamp) return a.stamp > b.stamp ? a : b;
  if (isSameLeaf(a.value, b.value)) return a;
  return JSON.stringify(a.value) > JSON.stringify(b.value) ? a : b;
}

/** All that two devices know of one record. */
export function join(a: Replica, b: Replica): Replica {
  const leaves = new Map(a.leaves);
  for (const [path, leaf] of b.leaves) {
    const own = leaves.get(path);
    leaves.set(path, own ? laterLeaf(own, leaf) : leaf);
  }
  const taken = new Map(a.taken);
  for (const [path, one] of b.taken) {
    const own = taken.get(path);
    taken.set(
      path,
      own ? { stamp: laterOf(own.stamp, one.stamp), seen: joinSeen(own.seen, one.seen) } : one,
    );
  }
  return { leaves, taken };
}

const isSeen = ({ seen }: Taken, { stamp }: Register): boolean =>
  stamp === BEFORE_ALL || stamp <= (seen[deviceOf(stamp)] ?? BEFORE_ALL);

/** Leaves still in the record: not deleted, or changed by a device that had not seen the deletion. */
export function standing({ leaves, taken }: Replica): Map<Path, Register> {
  const left = new Map(leaves);
  // Apply inner deletions first, so that a deleted part cannot revive the record around it.
  const depth = (path: Path): number => (path === '' ? 0 : path.split('/').length);
  for (const [path, one] of [...taken].toSorted(([a], [b]) => depth(b) - depth(a))) {
    const inside = [...left].filter(([at]) => isWithin(at, path));
    if (inside.every(([, leaf]) => isSeen(one, leaf))) for (const [at] of inside) left.delete(at);
  }
  return left;
}

/** The record as all that is known has it; null where it is gone. */
export function recordIn(replica: Replica): Readonly<Record<string, unknown>> | null {
  const values = [...standing(replica)].map(([path, { value }]) => [path, value] as const);
  return recordOf(new Map(values));
}

/**
 * Forgets what was taken out long ago, and its leaves.
 *
 * @param before ms since 1970; what was taken out earlier is forgotten
 */
export function swept(replica: Replica, before: number): Replica {
  const old = [...replica.taken].filter(([, { stamp }]) => msOf(stamp) < before);
  if (old.length === 0) return replica;
  const stand = standing(replica);
  const isDead = (path: Path): boolean =>
    !stand.has(path) && old.some(([outer]) => isWithin(path, outer));
  const forgotten = new Set(old.map(([path]) => path));
  return {
    leaves: new Map([...replica.leaves].filter(([path]) => !isDead(path))),
    taken: new Map([...replica.taken].filter(([path]) => !forgotten.has(path))),
  };
}
