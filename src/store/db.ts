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
import { withMarkIds, withStays, type CookPage, type LooseCook } from './keptCook';

export interface Backup {
  readonly id: string;
  readonly at: string;
  readonly why: string;
  /** A bundle file. */
  readonly text: string;
  /** Day that it is of, where it was put by without anybody asking. */
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
export interface Stamp {
  readonly key: 'stamp';
  readonly stamp: string;
  /** Of the file that the records are of; missing in what an older build wrote. */
  readonly version?: number;
}

/** The browser was asked to keep all of this whatever happens; it is asked once. */
export interface Asked {
  readonly key: 'asked';
}

/** That somebody wrote on top of a write; nobody else can, so that who is behind hears of it at once. */
export interface Follows {
  /** The stamp of the write that it followed. */
  readonly after: string;
}

export interface Schema extends DBSchema {
  household: { key: string; value: Household | Stamp | Asked };
  writes: { key: number; value: Follows; indexes: { after: string } };
  pots: { key: string; value: Pot };
  batches: { key: string; value: Batch };
  cooks: { key: string; value: LooseCook };
  pages: { key: string; value: CookPage };
  backups: { key: string; value: Backup; indexes: { at: string } };
}

export type Database = IDBPDatabase<Schema>;

export const DB_NAME = 'retort';
export const DB_VERSION = 8;

type Upgrade = (
  db: Database,
  tx: IDBPTransaction<Schema, StoreNames<Schema>[], 'versionchange'>,
) => void | Promise<void>;

/** The store of version 1 that is gone since. */
const RUNS = 'runs' as never;

/** Runs become cooks, which keep the pot and the kitchen they were cooked with. */
const runsToCooks: Upgrade = async (db, tx) => {
  const cooks = db.createObjectStore('cooks', { keyPath: 'id' });
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
    db.createObjectStore('household', { keyPath: 'key' });
    for (const name of ['pots', 'batches', RUNS] as const)
      db.createObjectStore(name, { keyPath: 'id' });
    db.createObjectStore('backups', { keyPath: 'id' }).createIndex('at', 'at');
  },
  runsToCooks,
  (db) => {
    db.createObjectStore('writes', { autoIncrement: true }).createIndex('after', 'after', {
      unique: true,
    });
  },
  // Cooks are written as texts from here on, which an older build cannot read; those that are there stay.
  () => undefined,
  // And as several, each read when it is looked at.
  () => undefined,
  (db) => {
    db.createObjectStore('pages', { keyPath: 'id' });
  },
  marksGetIds,
  itemsGetStays,
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

/**
 * Opens the database, upgraded where it is older.
 *
 * @throws a VersionError where a newer build has been there
 */
export function openDatabase({ onBlocked, onClosed }: Events = {}): Promise<Database> {
  return openDB<Schema>(DB_NAME, DB_VERSION, {
    async upgrade(db, from, _to, tx) {
      for (const upgrade of UPGRADES.slice(from)) await upgrade(db, tx);
    },
    blocked: () => onBlocked?.(),
    blocking(_current, wanted, event) {
      (event.target as IDBDatabase | null)?.close();
      onClosed?.(wanted === null ? 'deleted' : 'newer');
    },
    terminated: () => onClosed?.('lost'),
  });
}

/** The database as a newer build left it, to read from alone. */
export function openAsItIs(): Promise<Database> {
  return openDB<Schema>(DB_NAME);
}
