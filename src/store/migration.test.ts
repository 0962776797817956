/** A database as the build of version 1 left it in a browser, brought up to this one. */
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { readBundle, writeBundle } from '../formats';
import { DB_NAME, openDatabase } from './db';
import { listBackups } from './backups';
import { loadBundle } from './repository';

interface Dump {
  readonly version: number;
  readonly stores: Readonly<Record<string, readonly { readonly id: string }[]>>;
}

const DUMP = JSON.parse(readFileSync('src/store/fixtures/database.version-1.json', 'utf8')) as Dump;

/** The stores of version 1, as its build made and filled them. */
async function asItWas(): Promise<void> {
  indexedDB = new IDBFactory();
  const db = await openDB(DB_NAME, 1, {
    upgrade(old) {
      old.createObjectStore('household', { keyPath: 'key' });
      for (const name of ['pots', 'batches', 'runs'])
        old.createObjectStore(name, { keyPath: 'id' });
      old.createObjectStore('backups', { keyPath: 'id' }).createIndex('at', 'at');
    },
  });
  for (const [name, records] of Object.entries(DUMP.stores))
    for (const record of records) await db.put(name, record);
  db.close();
}

describe('a database of version 1', () => {
  beforeEach(asItWas);

  it('was left by that build with a cook on the stove', () => {
    expect(DUMP.version).toBe(1);
    expect(DUMP.stores['runs']).toHaveLength(4);
  });

  it('has its runs as cooks with their pots, and nothing lost', async () => {
    const db = await openDatabase();
    const bundle = (await loadBundle(db))?.bundle;
    expect(db.version).toBe(2);
    expect([...db.objectStoreNames]).toEqual(['backups', 'batches', 'cooks', 'household', 'pots']);
    const ids = (name: string) => (DUMP.stores[name] ?? []).map((r) => r.id).sort();
    expect(bundle?.cooks.map((c) => c.id).sort()).toEqual(ids('runs'));
    expect(bundle?.batches.map((b) => b.id).sort()).toEqual(ids('batches'));
    expect(bundle?.batches.filter((b) => b.fromCook).map((b) => b.fromCook)).toEqual(['r1']);
    expect(bundle?.cooks.every((c) => bundle.pots.some((p) => p.id === c.pot.id))).toBe(true);
    expect(bundle?.foods.map((f) => f.id)).toContain('oca');
    db.close();
  });

  it('is a household that a file takes', async () => {
    const db = await openDatabase();
    const bundle = (await loadBundle(db))?.bundle;
    if (!bundle) throw new Error('nothing there');
    const read = readBundle(writeBundle(bundle));
    expect(read.ok ? [] : read.problems).toEqual([]);
    expect(await listBackups(db)).toHaveLength(DUMP.stores['backups']?.length ?? 0);
    db.close();
  });

  it('is left alone the second time', async () => {
    (await openDatabase()).close();
    const db = await openDatabase();
    expect((await loadBundle(db))?.bundle.cooks).toHaveLength(4);
    db.close();
  });
});
