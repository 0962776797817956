/** Browsers that keep nothing, let go, or hold something newer: the household stays at hand. */
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { deleteDB, openDB } from 'idb';
import type { Bundle } from '../core/batch/schema';
import { HOUSEHOLD, REFERENCE } from '../core/testing/kitchen';
import { readBundle } from '../formats';
import { keepDay, listBackups } from './backups';
import { DB_NAME, DB_VERSION, openDatabase } from './db';
import { loadBundle } from './repository';

global.structuredClone ??= (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

const HOME = HOUSEHOLD;
const NOW = (): string => '2026-11-24T10:00:00.000Z';
const SAMPLE = (): Promise<Bundle> => Promise.resolve(HOME);
const FACTORY = indexedDB;

async function page() {
  jest.resetModules();
  const app = await import('.');
  const state = () => app.useApp.getState();
  const altitude = (altitudeM: number): boolean =>
    app.change((h) => ({ ...h, kitchen: { ...h.kitchen, altitudeM } }));
  return { app, state, altitude };
}

/** Lets what waits for a turn of the page's own have it. */
const turn = (): Promise<void> => new Promise((done) => setImmediate(done));

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
  // Browsers without channels work as well.
  Reflect.deleteProperty(globalThis, 'BroadcastChannel');
});
afterAll(() => {
  globalThis.indexedDB = FACTORY;
});

describe('a browser that keeps nothing', () => {
  it('works in memory and says so, with backups and a start over', async () => {
    Object.assign(globalThis, { indexedDB: undefined });
    const { app, state, altitude } = await page();
    await app.start(SAMPLE, NOW);
    expect(state()).toMatchObject({ status: 'ready', trouble: { kind: 'memory' } });
    expect(altitude(700)).toBe(true);
    await app.settled();
    expect(state().household?.kitchen.altitudeM).toBe(700);
    expect(state().trouble?.kind).toBe('memory');
    await app.changeWithBackup('before a file', NOW(), (h) => ({ ...h, batches: [] }));
    expect(state().household?.batches).toEqual([]);
    const [backup] = await app.backups();
    expect(readBundle(backup?.text ?? '')).toMatchObject({ ok: true });
    await app.startOver(NOW());
    expect(state().status).toBe('new');
  });

  it('finds it out only when it opens the database', async () => {
    jest.spyOn(indexedDB, 'open').mockImplementation(() => {
      throw new DOMException('denied', 'SecurityError');
    });
    const { app, state } = await page();
    await app.start(SAMPLE, NOW);
    expect(state()).toMatchObject({ status: 'ready', trouble: { kind: 'memory' } });
  });
});

describe('a database that does not open', () => {
  it('tells of a newer one, gives its records as a file, and goes on without it', async () => {
    const before = await page();
    await before.app.start(SAMPLE, NOW);
    await before.app.settled();
    await before.app.changeWithBackup('before a test', NOW(), (bundle) => bundle);
    const newer = await openDB(DB_NAME, DB_VERSION + 300);
    const { app, state } = await page();
    await app.start(SAMPLE, NOW);
    expect(state()).toMatchObject({ status: 'failed', trouble: { kind: 'newer' } });
    const kept = readBundle((await app.readAsItIs()) ?? '');
    expect(kept).toMatchObject({ ok: true, bundle: { batches: [{ name: REFERENCE.name }] } });
    expect((await app.readBackups()).map(({ why }) => why)).toEqual(['before a test']);
    await app.goOnWithout();
    expect(state()).toMatchObject({ status: 'ready', trouble: { kind: 'memory' } });
    newer.close();
  });

  it('says why it waits after a second, and opens by itself', async () => {
    // An older build, which does not make way.
    const older = await openDB(DB_NAME, 1, {
      upgrade: (db) => {
        for (const name of ['household', 'pots', 'batches', 'runs', 'backups'])
          db.createObjectStore(name, { keyPath: name === 'household' ? 'key' : 'id' });
      },
    });
    jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick'] });
    const { app, state } = await page();
    const started = app.start(SAMPLE, NOW);
    for (let i = 0; i < 50; i++) await turn();
    expect(state().waiting).toBeNull();
    jest.advanceTimersByTime(1001);
    expect(state()).toMatchObject({ status: 'loading', waiting: 'blocked' });
    older.close();
    jest.useRealTimers();
    await started;
    expect(state()).toMatchObject({ status: 'ready', waiting: null });
  });
});

describe('a database that goes', () => {
  it('is kept again by whoever still has all of it', async () => {
    const { app, state, altitude } = await page();
    await app.start(SAMPLE, NOW);
    await app.settled();
    await deleteDB(DB_NAME);
    expect(state()).toMatchObject({ status: 'ready', trouble: { kind: 'deleted' } });
    altitude(900);
    await app.settled();
    expect(state().trouble?.kind).toBe('deleted');
    await app.keepAgain();
    expect(state().trouble).toBeNull();
    const db = await openDatabase();
    expect((await loadBundle(db))?.bundle.kitchen.altitudeM).toBe(900);
    db.close();
  });

  it('keeps its word that a newer tab holds it, whatever is changed', async () => {
    const { app, state, altitude } = await page();
    await app.start(SAMPLE, NOW);
    await app.settled();
    const newer = await openDB(DB_NAME, DB_VERSION + 100);
    expect(state().trouble?.kind).toBe('newer');
    altitude(901);
    await app.settled();
    expect(state()).toMatchObject({
      trouble: { kind: 'newer' },
      household: { kitchen: { altitudeM: 901 } },
    });
    newer.close();
  });
});

describe('the days that are put by', () => {
  it('are one a day, of before it was changed, and seven', async () => {
    const { app, altitude } = await page();
    let day = 1;
    await app.start(SAMPLE, () => `2026-11-0${day}T10:00:00.000Z`);
    await app.settled();
    for (day = 1; day <= 9; day++)
      for (const hour of [0, 1]) {
        altitude(100 * day + hour);
        await app.settled();
      }
    const days = (await app.backups()).filter((b) => b.day !== undefined);
    expect(days.map((b) => b.day)).toEqual([9, 8, 7, 6, 5, 4, 3].map((d) => `2026-11-0${d}`));
    const kept = readBundle(days[0]?.text ?? '');
    expect(kept).toMatchObject({ ok: true, bundle: { kitchen: { altitudeM: 801 } } });
  });

  it('give way to what the cook changes when the disk is full', async () => {
    const { app, state, altitude } = await page();
    await app.start(SAMPLE, NOW);
    await app.settled();
    altitude(300);
    await app.settled();
    const put = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    altitude(301);
    await app.settled();
    expect(state().trouble?.kind).toBe('full');
    put.mockRestore();
    const db = await openDatabase();
    expect(await listBackups(db)).toEqual([]);
    await keepDay(db, HOME, NOW());
    expect(await listBackups(db)).toHaveLength(1);
    db.close();
  });
});
