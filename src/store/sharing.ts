/**
 * Exchange with other devices, in the database: changes made here get their stamps, and what
 * others changed is joined with the household, both in the one transaction that writes them. For the tabs of this
 * browser it is a write like any other.
 */
import MurmurHash3 from 'imurmurhash';
import { changeProblems } from '../core/batch/household';
import { VERSION, type Bundle } from '../core/batch/schema';
import {
  BEFORE_ALL,
  digestOf,
  editsOf,
  joined,
  laterOf,
  nextStamp,
  recordsOf,
  replicaOf,
  stamped,
  stampsInAll,
  stampsOf,
  swept,
  withRecords,
  type Key,
  type Replicas,
  type StampedEdits,
  type Stamps,
} from '../core/replica';
import { changesOf, named, writeChange } from './changes';
import { connected, isoNow, send, writes } from './connected';
import { databaseOf, writtenOf } from './connectionState';
import type { Sharing, Unstamped } from './db';
import { takeIn, tellTabs } from './others';
import { readSince } from './catchUp';
import { putBy } from './putBy';
import { readAll, sharingOf, stampOf, type Kept, type Writing } from './reading';
import { askFor, following, inOne, type Asked } from './repository';
import { useApp } from './state';
import { settled } from './writing';

/** A record, and the stamps of its leaves; the record is null where it is gone. */
export interface Whole {
  readonly key: Key;
  readonly record: object | null;
  readonly stamps?: Stamps;
}

/** Work in turn with the writes of this tab. */
function inTurn<T>(work: () => Promise<T>): Promise<T> {
  return new Promise((done, fail) => {
    writes.take(() => work().then(done, fail));
  });
}

/**
 * One transaction on the household, in turn with the writes of this tab.
 *
 * @param none what comes back where nothing is open
 * @param after done before the next turn
 */
function onHousehold<T>(
  none: T,
  work: (tx: Writing, asked: Asked, base: Kept) => Promise<T>,
  after: (done: T, base: Kept) => void = () => undefined,
): Promise<T> {
  return inTurn(async () => {
    const database = databaseOf(connected());
    const base = writtenOf(connected());
    if (!database || !base) return none;
    const done = await inOne(database, (tx, asked) => work(tx, asked, base));
    after(done, base);
    return done;
  });
}

/** The household that was written is taken into this tab, and told to the others. */
function takeOver(done: { readonly kept: Kept } | null, base: Kept): void {
  if (!done || done.kept === base) return;
  takeIn(done.kept);
  tellTabs(done.kept.stamp);
}

/** Lists whose records may have to be settled with each other. */
const SETTLED = ['batches/', 'jars/', 'pots/'] as const;

async function stampsFor(tx: Writing, keys: Iterable<Key>): Promise<Map<Key, Stamps>> {
  const store = tx.objectStore('stamps');
  const lists = await Promise.all(
    SETTLED.map((list) => store.getAll(IDBKeyRange.bound(list, `${list}\uffff`))),
  );
  const others = [...keys].filter((key) => !SETTLED.some((list) => key.startsWith(list)));
  const single = await Promise.all(others.map((key) => store.get(key)));
  const all = [...lists.flat(), ...single.flatMap((one) => one ?? [])];
  return new Map(all.map(({ id, ...stamps }) => [id, stamps]));
}

/** The household in the database now. @throws if there is none, or if it is damaged */
async function current(tx: Writing, base: Kept): Promise<Kept> {
  const since = await readSince(tx, base);
  if (since) return since;
  const found = await readAll(tx, base.bundle);
  if (!found || found.isTorn) throw new Error('the household has to be mended first');
  return found;
}

const putAll = (tx: Writing, asked: Asked, stamps: ReadonlyMap<Key, Stamps>): Promise<void> =>
  askFor(asked, stamps, ([id, one]) => tx.objectStore('stamps').put({ ...one, id }));

/** Replaces the household in a write that other tabs read. @returns the state they will have read */
async function putHousehold(
  tx: Writing,
  asked: Asked,
  before: Kept | null,
  bundle: Bundle,
  isShared: boolean,
): Promise<Kept> {
  const changes = [...changesOf(before?.bundle ?? null, bundle)];
  const list = named(changes);
  // Whether it is shared is read with the household's own record.
  const { stamp, mark } = following(
    tx,
    before?.stamp ?? (await stampOf(tx)),
    asked,
    isShared === before?.isShared ? list : list && { ...list, household: true },
  );
  await askFor(asked, changes, (change) => writeChange(tx, change));
  return { bundle, stamp, mark: await mark, isShared, bad: [] };
}

export interface Met {
  /** Changes of this device, for the others. */
  readonly told: Replicas;
  /** Whether what came in could be kept. */
  readonly isTaken: boolean;
}

interface Exchanged extends Met {
  readonly kept: Kept;
}

/** Gives each change made here a stamp. @returns the changes, and the latest stamp this device has seen */
function stampEach(unstamped: readonly Unstamped[], { last, device }: Sharing) {
  let latest = last;
  const changes = unstamped.map(({ ms, edits }): StampedEdits => {
    latest = nextStamp(latest, ms, device);
    return { edits, stamp: latest };
  });
  return { changes, latest };
}

/**
 * Stamps what was changed here, and joins what came in.
 *
 * @returns null where the household has no other devices
 */
export function exchange(incoming: Replicas): Promise<Met | null> {
  return onHousehold<Exchanged | null>(
    null,
    async (tx, asked, base) => {
      const sharing = await sharingOf(tx);
      if (!sharing) return null;
      const now = await current(tx, base);
      const unstamped = await tx.objectStore('edits').getAll();
      const changed = unstamped.flatMap(({ edits }) => edits.map(({ key }) => key));
      const stamps = await stampsFor(tx, new Set([...incoming.keys(), ...changed]));
      const { changes, latest } = stampEach(unstamped, sharing);
      const { stamps: fresh, told } = stamped(now.bundle, stamps, changes);
      const after =
        incoming.size > 0
          ? joined(now.bundle, new Map([...stamps, ...fresh]), incoming)
          : { bundle: now.bundle, stamps: new Map<Key, Stamps>() };
      const isTaken = changeProblems(now.bundle, after.bundle).length === 0;
      if (unstamped.length > 0) asked.push(tx.objectStore('edits').clear());
      await putAll(tx, asked, isTaken ? new Map([...fresh, ...after.stamps]) : fresh);
      const last = isTaken ? stampsInAll(incoming).reduce(laterOf, latest) : latest;
      if (last !== sharing.last) asked.push(tx.objectStore('household').put({ ...sharing, last }));
      const bundle = isTaken ? after.bundle : now.bundle;
      const kept = bundle === now.bundle ? now : await putHousehold(tx, asked, now, bundle, true);
      return { told, isTaken, kept };
    },
    takeOver,
  );
}

/** Sixteen hexadecimal digits of a text. */
function hashOf(text: string): string {
  const half = (seed: number): string =>
    new MurmurHash3(text, seed).result().toString(16).padStart(8, '0');
  return half(1) + half(2);
}

export interface Knowledge {
  /** Hash of the known stamps of each record. */
  readonly records: ReadonlyMap<Key, string>;
  /** Hash of all of them. */
  readonly all: string;
}

/** Digest of everything this device knows; null if the household has no other devices. */
export function knowledge(): Promise<Knowledge | null> {
  return onHousehold<Knowledge | null>(null, async (tx, _, base) => {
    if (!(await sharingOf(tx))) return null;
    const { bundle } = await current(tx, base);
    const stamps = await tx.objectStore('stamps').getAll();
    const records = new Map([...recordsOf(bundle).keys()].map((key) => [key, BEFORE_ALL]));
    for (const { id, ...one } of stamps) records.set(id, hashOf(digestOf(one)));
    const text = [...records].toSorted(([a], [b]) => (a < b ? -1 : 1)).join('\n');
    return { records, all: hashOf(text) };
  });
}

/** Records with their stamps. */
export function wholes(keys: readonly Key[]): Promise<readonly Whole[]> {
  return onHousehold<readonly Whole[]>([], async (tx, _, base) => {
    const records = recordsOf((await current(tx, base)).bundle);
    const all = await tx.objectStore('stamps').getAll();
    const stamps = new Map(all.map(({ id, ...one }) => [id, one]));
    return keys.map((key) => {
      const own = stamps.get(key);
      return { key, record: records.get(key) ?? null, ...(own && { stamps: own }) };
    });
  });
}

/** The household's devices and key; null if it has no other devices. */
export async function readSharing(): Promise<Sharing | null> {
  const kept = await databaseOf(connected())?.get('household', 'sharing');
  return kept?.key === 'sharing' ? kept : null;
}

/**
 * Changes what this household shares.
 *
 * @param change null begins from nothing, or leaves the others
 */
export async function changeSharing(
  change: (now: Sharing | null) => Sharing | null,
): Promise<Sharing | null> {
  const done = await onHousehold<{ readonly sharing: Sharing | null; readonly kept: Kept } | null>(
    null,
    async (tx, asked, base) => {
      const now = await current(tx, base);
      const next = change(await sharingOf(tx));
      if (next) asked.push(tx.objectStore('household').put(next));
      else
        asked.push(
          tx.objectStore('household').delete('sharing'),
          tx.objectStore('stamps').clear(),
          tx.objectStore('edits').clear(),
        );
      const isShared = next !== null;
      const kept =
        isShared === now.isShared ? now : await putHousehold(tx, asked, now, now.bundle, isShared);
      return { sharing: next, kept };
    },
    takeOver,
  );
  return done?.sharing ?? null;
}

/** The household of all records of another device. @throws where it has no kitchen or no pot */
function householdOfAll(all: readonly Whole[]): Bundle {
  const records = new Map(all.map(({ key, record }) => [key, record]));
  const kitchen = all.find(({ key }) => key === 'kitchen/')?.record as
    | Bundle['kitchen']
    | undefined;
  if (!kitchen) throw new Error('the household has no kitchen');
  const lists = { pots: [], foods: [], batches: [], cooks: [], jars: [], bag: [] };
  const theirs = withRecords({ format: 'retort', version: VERSION, kitchen, ...lists }, records);
  if (theirs.pots.length === 0) throw new Error('the household has no pot');
  return theirs;
}

/**
 * Takes a household that another device shares in the place of this one, or with it.
 *
 * @param all every record of the other
 * @param mine what stays of this device's own; null for nothing
 */
export async function joinHousehold(
  all: readonly Whole[],
  sharing: Sharing,
  mine: ((theirs: Bundle) => Bundle) | null,
): Promise<void> {
  await settled();
  const { household } = useApp.getState();
  if (household) await putBy(household, 'before this device joined another', isoNow());
  await inTurn(async () => {
    const database = databaseOf(connected());
    const base = writtenOf(connected());
    if (!database) throw new Error('this browser keeps nothing');
    const theirs = householdOfAll(all);
    const after = mine ? mine(theirs) : theirs;
    const kept = await inOne(database, async (tx, asked) => {
      const now = base && (await current(tx, base));
      asked.push(tx.objectStore('household').put(sharing));
      asked.push(tx.objectStore('stamps').clear(), tx.objectStore('edits').clear());
      const stamps = all.flatMap(({ key, stamps: own }) => (own ? [[key, own] as const] : []));
      await putAll(tx, asked, new Map(stamps));
      const edits = editsOf(theirs, after);
      if (edits.length > 0)
        asked.push(tx.objectStore('edits').add({ ms: Date.parse(isoNow()), edits }));
      return putHousehold(tx, asked, now, after, true);
    });
    send({ type: 'agreed', written: kept });
    useApp.setState({ household: kept.bundle, status: 'ready' });
    // Undo would take the whole of it away again, on every device.
    useApp.temporal.getState().clear();
    tellTabs(kept.stamp);
  });
}

/**
 * Forgets what was deleted long ago.
 *
 * @param before ms since 1970
 */
export function sweepDeleted(before: number): Promise<void> {
  return onHousehold(undefined, async (tx, asked, base) => {
    const records = recordsOf((await current(tx, base)).bundle);
    for (const { id, ...stamps } of await tx.objectStore('stamps').getAll()) {
      if (!stamps.taken) continue;
      const record = records.get(id) ?? null;
      const replica = replicaOf(stamps, record);
      const left = swept(replica, before);
      if (left === replica) continue;
      asked.push(
        left.leaves.size === 0
          ? tx.objectStore('stamps').delete(id)
          : tx.objectStore('stamps').put({ ...stampsOf(left, record), id }),
      );
    }
  });
}
