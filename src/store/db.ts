/** The browser's database: one versioned schema, and the way from every older version to it. */
import {
  openDB,
  type DBSchema,
  type IDBPDatabase,
  type IDBPTransaction,
  type StoreNames,
} from 'idb';
import {
  batchFromVersion1,
  batchFromVersion3,
  cookFromVersion1,
  type BagItem,
  type Batch,
  type Cook,
  type Jar,
  type Kitchen,
  type Pot,
} from '../core/batch/schema';
import type { OwnFood } from '../core/food';
import type { Key, RecordEdit, Stamp, Stamps } from '../core/replica';
import { withMarkIds, withStays, type CookPage, type LooseCook } from './keptCook';

export interface Backup {
  readonly id: string;
  readonly at: string;
  readonly why: string;
  /** A bundle file. */
  readonly text: string;
  /** Its day, for a backup made without asking. */
  readonly day?: string;
}

/** Records of the household as a whole. */
export interface Household {
  readonly key: 'household';
  readonly kitchen: Kitchen;
  readonly jars: readonly Jar[];
  /** Missing in what an older build wrote. */
  readonly bag?: readonly BagItem[];
  /** Missing in what an older build wrote. */
  readonly foods?: readonly OwnFood[];
  /** Fields of the file this version does not know. */
  readonly extra: Readonly<Record<string, unknown>>;
}

/** Another one at every write, so that a tab sees whether anybody else has written. */
export interface Written {
  readonly key: 'stamp';
  readonly stamp: string;
  /** Of the file that the records are of; missing in what an older build wrote. */
  readonly version?: number;
}

/** The browser was asked to keep all of this whatever happens; it is asked once. */
export interface Asked {
  readonly key: 'asked';
}

/** The other devices of this household, as this one knows them. */
export interface OtherDevice {
  readonly id: string;
  readonly name: string;
  /** When it was last met, ISO 8601. */
  readonly met: string;
}

/** A household's devices and their key; missing if it has one device. */
export interface Sharing {
  readonly key: 'sharing';
  /** Room where its devices meet, and the key to their messages; both never leave the devices. */
  readonly room: string;
  readonly secret: string;
  /** This device. */
  readonly device: string;
  readonly name: string;
  /** The latest stamp that it has seen. */
  readonly last: Stamp;
  readonly others: readonly OtherDevice[];
}

/** Changes of this device that have no stamps yet. */
export interface Unstamped {
  /** When they were made, ms since 1970. */
  readonly ms: number;
  readonly edits: readonly RecordEdit[];
}

/** Stamps of one record. */
export interface StampsKept extends Stamps {
  readonly id: Key;
}

/** Records that a write changed. */
export interface Changed {
  /** Whether the household's own record is one of them. */
  readonly household: boolean;
  readonly pots: readonly string[];
  readonly batches: readonly string[];
  readonly cooks: readonly string[];
}

/** That somebody wrote on top of a write; nobody else can, so that who is behind hears of it at once. */
export interface Follows {
  /** The stamp of the write that it followed. */
  readonly after: string;
  /** Records that it changed; missing where they were many, and in what an older build wrote. */
  readonly changed?: Changed;
}

/** A damaged record, as it was found. */
export interface SetAside {
  readonly id: string;
  readonly from: string;
  readonly name: string;
  readonly fault: string;
  readonly found: unknown;
  /** ISO 8601 */
  readonly at: string;
}

export interface Schema extends DBSchema {
  quarantine: { key: string; value: SetAside };
  household: { key: string; value: Household | Written | Asked | Sharing };
  writes: { key: number; value: Follows; indexes: { after: string } };
  pots: { key: string; value: Pot };
  batches: { key: string; value: Batch };
  cooks: { key: string; value: LooseCook };
  pages: { key: string; value: CookPage };
  backups: { key: string; value: Backup; indexes: { at: string } };
  stamps: { key: Key; value: StampsKept };
  edits: { key: number; value: Unstamped };
}

export type Database = IDBPDatabase<Schema>;

export const DB_NAME = 'retort';
/**
 * Versions up to 8 were counted one by one. From 9 on each has a hundred numbers: the version itself, and the
 * repairs of a database that had lost a store, which a browser makes again at a higher number alone.
 */
const A_VERSION = 100;
export const DB_VERSION = 10 * A_VERSION;
const NEXT_VERSION = DB_VERSION + A_VERSION;

type Upgrade = (
  db: Database,
  tx: IDBPTransaction<Schema, StoreNames<Schema>[], 'versionchange'>,
) => unknown;

/** Every store, and how it is made. */
const STORES: Readonly<Record<StoreNames<Schema>, (db: Database) => unknown>> = {
  household: (db) => db.createObjectStore('household', { keyPath: 'key' }),
  writes: (db) =>
    db
      .createObjectStore('writes', { autoIncrement: true })
      .createIndex('after', 'after', { unique: true }),
  pots: (db) => db.createObjectStore('pots', { keyPath: 'id' }),
  batches: (db) => db.createObjectStore('batches', { keyPath: 'id' }),
  cooks: (db) => db.createObjectStore('cooks', { keyPath: 'id' }),
  pages: (db) => db.createObjectStore('pages', { keyPath: 'id' }),
  backups: (db) => db.createObjectStore('backups', { keyPath: 'id' }).createIndex('at', 'at'),
  quarantine: (db) => db.createObjectStore('quarantine', { keyPath: 'id' }),
  stamps: (db) => db.createObjectStore('stamps', { keyPath: 'id' }),
  edits: (db) => db.createObjectStore('edits', { autoIncrement: true }),
};
const NAMES = Object.keys(STORES) as readonly StoreNames<Schema>[];

/** Names of the stores that a database has lost. */
const missingFrom = (db: Database): readonly StoreNames<Schema>[] =>
  NAMES.filter((name) => !db.objectStoreNames.contains(name));

/** The store of version 1 that is gone since. */
const RUNS = 'runs' as never;

/** Runs become cooks, which keep the pot and the kitchen they were cooked with. */
const runsToCooks: Upgrade = async (db, tx) => {
  STORES.cooks(db);
  const cooks = tx.objectStore('cooks');
  const kept = await tx.objectStore('household').get('household');
  const household = kept?.key === 'household' ? kept : undefined;
  const pots = await tx.objectStore('pots').getAll();
  const runs: readonly unknown[] = await tx.objectStore(RUNS).getAll();
  for (const run of runs) await cooks.put(cookFromVersion1(run, pots, household?.kitchen) as Cook);
  const batches = tx.objectStore('batches');
  for (const batch of await batches.getAll()) await batches.put(batchFromVersion1(batch) as Batch);
  db.deleteObjectStore(RUNS);
};

/** Marks get ids, so that two lists of them can be joined. */
const marksGetIds: Upgrade = async (_, tx) => {
  const loose = tx.objectStore('cooks');
  for await (const cursor of loose.iterate())
    if (!('gone' in cursor.value)) await cursor.update(withMarkIds(cursor.value));
  for await (const cursor of tx.objectStore('pages').iterate())
    await cursor.update({ ...cursor.value, cooks: cursor.value.cooks.map(withMarkIds) });
};

/** Items get stays in the place of one way in and one out. */
const itemsGetStays: Upgrade = async (_, tx) => {
  for await (const cursor of tx.objectStore('batches').iterate())
    await cursor.update(batchFromVersion3(cursor.value) as Batch);
  for await (const cursor of tx.objectStore('cooks').iterate())
    if (!('gone' in cursor.value)) await cursor.update(withStays(cursor.value));
  for await (const cursor of tx.objectStore('pages').iterate())
    await cursor.update({ ...cursor.value, cooks: cursor.value.cooks.map(withStays) });
};

/** One entry a version: what brings a database of the version before up to it. */
const UPGRADES: readonly Upgrade[] = [
  (db) => {
    for (const name of ['household', 'pots', 'batches', 'backups'] as const) STORES[name](db);
    db.createObjectStore(RUNS, { keyPath: 'id' });
  },
  runsToCooks,
  (db) => STORES.writes(db),
  // Cooks are written as texts from here on, which an older build cannot read; those that are there stay.
  () => undefined,
  // And as several, each read when it is looked at.
  () => undefined,
  (db) => STORES.pages(db),
  marksGetIds,
  itemsGetStays,
  // The quarantine: its store is made with those that are missing.
  () => undefined,
  // Stamps, and changes without: the same.
  () => undefined,
];

/** Events of the database while it is open or opening. */
export interface Events {
  /** Another tab has an older version open, and this one waits for it. */
  readonly onBlocked?: () => void;
  /** It is closed: another tab wants a newer version, it was deleted, or the browser let go of it. */
  readonly onClosed?: (why: 'newer' | 'deleted' | 'lost') => void;
}

/** Whether this browser has a database at all: some forbid it by leaving it out. */
export function hasDatabase(): boolean {
  try {
    return typeof indexedDB === 'object' && indexedDB !== null;
  } catch {
    return false;
  }
}

function openAt(version: number | undefined, { onBlocked, onClosed }: Events): Promise<Database> {
  return openDB<Schema>(DB_NAME, version, {
    async upgrade(db, from, _to, tx) {
      for (const upgrade of UPGRADES.slice(from)) await upgrade(db, tx);
      for (const name of missingFrom(db)) STORES[name](db);
    },
    blocked: () => onBlocked?.(),
    blocking(_current, wanted, event) {
      (event.target as IDBDatabase | null)?.close();
      // A repair in another tab goes on with the same data, and so does this one.
      const isRepair = wanted !== null && wanted < NEXT_VERSION;
      onClosed?.(wanted === null ? 'deleted' : isRepair ? 'lost' : 'newer');
    },
    terminated: () => onClosed?.('lost'),
  });
}

const isVersionError = (error: unknown): boolean =>
  typeof error === 'object' && error !== null && 'name' in error && error.name === 'VersionError';

/** Opens it at this version, or at a repair of it. */
async function openThisVersion(events: Events): Promise<Database> {
  try {
    return await openAt(DB_VERSION, events);
  } catch (error) {
    if (!isVersionError(error)) throw error;
    const db = await openAt(undefined, events);
    if (db.version < NEXT_VERSION) return db;
    db.close();
    throw error;
  }
}

const lostBy = new WeakMap<Database, readonly string[]>();

/** Stores that a database had lost when it was opened; they are there again, and empty. */
export function lostStores(db: Database): readonly string[] {
  return lostBy.get(db) ?? [];
}

/**
 * Opens the database, upgraded where it is older, and with every store.
 *
 * @throws a VersionError where a newer build has been there
 */
export async function openDatabase(events: Events = {}): Promise<Database> {
  const found = await openThisVersion(events);
  const lost = missingFrom(found);
  if (lost.length === 0) return found;
  const { version } = found;
  found.close();
  const db = await openAt(version + 1, events);
  lostBy.set(db, lost);
  return db;
}

/** The database as a newer build left it, to read from alone. */
export function openAsItIs(): Promise<Database> {
  return openDB<Schema>(DB_NAME);
}
