/** A database as the build of version 1 left it in a browser, brought up to this one. */
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { readBundle, writeBundle } from '../formats';
import { DB_NAME, openDatabase } from './db';
import { listBackups } from './backups';
import { lookAt, type HeldCook } from '../formats/held';
import type { CookPage } from './keptCook';
import { loadBundle, saveChanges } from './repository';
import { withStays } from '../formats/testing/withStays';

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
    expect(db.version).toBe(1000);
    expect([...db.objectStoreNames]).toEqual([
      'backups',
      'batches',
      'cooks',
      'edits',
      'household',
      'pages',
      'pots',
      'quarantine',
      'stamps',
      'writes',
    ]);
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

describe('a database of version 2', () => {
  it('is read as it is, its curves as lists, and written on as texts', async () => {
    await asItWas();
    const before = await openDatabase();
    const bundle = (await loadBundle(before))?.bundle;
    before.close();
    if (!bundle) throw new Error('nothing there');
    indexedDB = new IDBFactory();
    const old = await openDB(DB_NAME, 2, {
      upgrade(db) {
        db.createObjectStore('household', { keyPath: 'key' });
        for (const name of ['pots', 'batches', 'cooks'])
          db.createObjectStore(name, { keyPath: 'id' });
        db.createObjectStore('backups', { keyPath: 'id' }).createIndex('at', 'at');
      },
    });
    const { kitchen, jars, foods, pots, batches, cooks } = bundle;
    await old.put('household', { key: 'household', kitchen, jars, foods, extra: {} });
    await old.put('household', { key: 'stamp', stamp: 'old', version: 2 });
    for (const pot of pots) await old.put('pots', pot);
    for (const batch of batches) await old.put('batches', batch);
    const [first, ...rest] = cooks;
    if (!first) throw new Error('no cooks');
    const trace = { minute: [0, 1.5, 2.25], liquidC: [20, 60.1, 96.2], boilC: 96.2 };
    const traced = { ...first, predicted: { ...first.predicted, trace } };
    for (const cook of [traced, ...rest]) await old.put('cooks', cook);
    old.close();

    const db = await openDatabase();
    const kept = await loadBundle(db);
    if (!kept) throw new Error('nothing there');
    expect(kept.bundle.cooks.find((c) => c.id === first.id)?.predicted.trace).toEqual(trace);
    const noted = { ...traced, note: 'after' };
    const after = {
      ...kept.bundle,
      cooks: kept.bundle.cooks.map((c) => (c.id === noted.id ? noted : c)),
    };
    await saveChanges(db, kept, after);
    const raw = await db.get('cooks', noted.id);
    if (!raw || !('fields' in raw)) throw new Error('not written as texts');
    expect(raw.fields['predicted']).toContain('60.1');
    expect((await loadBundle(db))?.bundle.cooks.find((c) => c.id === noted.id)).toEqual(noted);
    db.close();
  });

  it('refuses a write that follows one which another tab has followed, and joins it', async () => {
    await asItWas();
    const db = await openDatabase();
    const base = await loadBundle(db);
    if (!base) throw new Error('nothing there');
    const { kitchen } = base.bundle;
    const a = await saveChanges(db, base, {
      ...base.bundle,
      kitchen: { ...kitchen, altitudeM: 1200 },
    });
    const b = await saveChanges(db, base, {
      ...base.bundle,
      kitchen: { ...kitchen, ambientC: 16 },
    });
    expect(a.conflicts).toEqual([]);
    expect(b.kept.bundle.kitchen).toMatchObject({ altitudeM: 1200, ambientC: 16 });
    // One of the three made the stamp that such a database lacks.
    expect(await db.count('writes')).toBe(3);
    db.close();
  });
});

describe('a database of version 6', () => {
  const OLD = JSON.parse(
    readFileSync('src/store/fixtures/database.version-6.json', 'utf8'),
  ) as Dump;
  const heldOld = (): readonly HeldCook[] => [
    ...(OLD.stores['pages'] ?? []).flatMap((page) => (page as unknown as CookPage).cooks),
    ...(OLD.stores['cooks'] ?? []).map((cook) => cook as unknown as HeldCook),
  ];

  beforeEach(async () => {
    indexedDB = new IDBFactory();
    const old = await openDB(DB_NAME, 6, {
      upgrade(db) {
        db.createObjectStore('household', { keyPath: 'key' });
        for (const name of ['pots', 'batches', 'cooks', 'pages'])
          db.createObjectStore(name, { keyPath: 'id' });
        db.createObjectStore('backups', { keyPath: 'id' }).createIndex('at', 'at');
        const writes = db.createObjectStore('writes', { autoIncrement: true });
        writes.createIndex('after', 'after', { unique: true });
      },
    });
    for (const [name, records] of Object.entries(OLD.stores))
      for (const record of records) await old.put(name, record);
    old.close();
  });

  it('gives every mark an id, in pages and in records, and loses nothing else', async () => {
    const db = await openDatabase();
    const bundle = (await loadBundle(db))?.bundle;
    const before = heldOld().map(lookAt);
    expect(bundle?.cooks.map((c) => c.id)).toEqual(before.map((c) => c.id).sort());
    for (const old of before) {
      const now = bundle?.cooks.find((c) => c.id === old.id);
      const ids = (now?.marks ?? []).map((m) => m.id);
      expect(new Set(ids).size).toBe(old.marks.length);
      expect(now?.marks.map(({ id: _, ...mark }) => mark)).toEqual(old.marks);
      const { marks: _, lesson: __, ...rest } = old;
      expect(now).toMatchObject(withStays(JSON.parse(JSON.stringify(rest)) as object));
    }
    expect(JSON.stringify(bundle)).not.toMatch(/"(?:enters|leaves)"/);
    db.close();
  });

  it('asks anew for the lesson of a cook whose plan was changed, and keeps the others', async () => {
    const db = await openDatabase();
    const cooks = (await loadBundle(db))?.bundle.cooks ?? [];
    const changed = cooks.filter((c) => c.marks.some((m) => m.kind === 'changed'));
    expect(changed).toHaveLength(1);
    expect(changed[0]?.lesson).toBeUndefined();
    const lessons = heldOld().filter((c) => 'lesson' in c.fields).length;
    expect(lessons).toBeGreaterThan(1);
    expect(cooks.filter((c) => c.lesson)).toHaveLength(lessons - 1);
    db.close();
  });
});

describe('a database of version 7', () => {
  const OLD = JSON.parse(
    readFileSync('src/store/fixtures/database.version-7.json', 'utf8'),
  ) as Dump;

  it('has stays in its plans, in its loose cooks and in its pages, and loses nothing else', async () => {
    indexedDB = new IDBFactory();
    const old = await openDB(DB_NAME, 7, {
      upgrade(db) {
        db.createObjectStore('household', { keyPath: 'key' });
        for (const name of ['pots', 'batches', 'cooks', 'pages'])
          db.createObjectStore(name, { keyPath: 'id' });
        db.createObjectStore('backups', { keyPath: 'id' }).createIndex('at', 'at');
        const writes = db.createObjectStore('writes', { autoIncrement: true });
        writes.createIndex('after', 'after', { unique: true });
      },
    });
    for (const [name, records] of Object.entries(OLD.stores))
      for (const record of records) await old.put(name, record);
    old.close();
    expect(JSON.stringify(OLD)).toContain('enters');
    const db = await openDatabase();
    const bundle = (await loadBundle(db))?.bundle;
    expect(bundle?.batches).toEqual(
      withStays(OLD.stores['batches'] ?? []).toSorted((a, b) => a.id.localeCompare(b.id)),
    );
    const held = [
      ...(OLD.stores['pages'] ?? []).flatMap((page) => (page as unknown as CookPage).cooks),
      ...(OLD.stores['cooks'] ?? []).map((cook) => cook as unknown as HeldCook),
    ];
    for (const cook of held.map(lookAt)) {
      const plain = JSON.parse(JSON.stringify(cook)) as object;
      expect(bundle?.cooks.find(({ id }) => id === cook.id)).toEqual(withStays(plain));
    }
    expect(JSON.stringify(bundle)).not.toMatch(/"(?:enters|leaves)"/);
    db.close();
  });
});
