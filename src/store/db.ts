/** The browser's database: one versioned schema, and the way from every older version to it. */
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Batch, Kitchen, Pot, Run } from '../core/batch';
import type { OwnFood } from '../core/food';

export interface Backup {
  readonly id: string;
  readonly at: string;
  readonly why: string;
  /** A bundle file. */
  readonly text: string;
}

/** What belongs to the household as a whole. */
export interface Household {
  readonly key: 'household';
  readonly kitchen: Kitchen;
  readonly jars: readonly unknown[];
  /** Missing in what an older build wrote. */
  readonly foods?: readonly OwnFood[];
  /** Fields of the file this version does not know. */
  readonly extra: Readonly<Record<string, unknown>>;
}

export interface Schema extends DBSchema {
  household: { key: string; value: Household };
  pots: { key: string; value: Pot };
  batches: { key: string; value: Batch };
  runs: { key: string; value: Run };
  backups: { key: string; value: Backup; indexes: { at: string } };
}

export type Database = IDBPDatabase<Schema>;

export const DB_NAME = 'retort';
export const DB_VERSION = 1;

/** One entry a version: what brings a database of the version before up to it. */
const UPGRADES: readonly ((db: Database) => void)[] = [
  (db) => {
    db.createObjectStore('household', { keyPath: 'key' });
    for (const name of ['pots', 'batches', 'runs'] as const)
      db.createObjectStore(name, { keyPath: 'id' });
    db.createObjectStore('backups', { keyPath: 'id' }).createIndex('at', 'at');
  },
];

/**
 * Opens the database, upgraded where it is older.
 *
 * @param onBlocking called when another tab wants a newer version: this one has closed
 */
export function openDatabase(onBlocking: () => void = () => undefined): Promise<Database> {
  return openDB<Schema>(DB_NAME, DB_VERSION, {
    upgrade(db, from) {
      for (const upgrade of UPGRADES.slice(from)) upgrade(db);
    },
    blocking(_current, _blocked, event) {
      (event.target as IDBDatabase | null)?.close();
      onBlocking();
    },
  });
}
