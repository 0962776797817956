import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import type { Bundle } from '../core/batch/schema';
import { batchOf, HOUSEHOLD, KITCHEN, POT, REFERENCE } from '../core/testing/kitchen';
import { readBundle } from '../formats';
import { DB_NAME, openDatabase, type Database } from './db';
import { keepBackup, listBackups } from './backups';
import { loadBundle, saveChanges, wipe } from './repository';

const HOME = {
  ...HOUSEHOLD,
  jars: [
    {
      id: 'j1',
      name: 'Stock',
      litres: 0.5,
      madeAt: '2026-11-20T12:00:00.000Z',
      where: 'fridge',
    },
  ],
  foods: [{ id: 'oca', name: 'oca', like: 'potato' }],
  ours: 'kept',
} as Bundle;

const NOW = (): string => '2026-11-24T10:00:00.000Z';

/** A tab alone: what it says to others goes nowhere, and holds nothing open. */
class Silence {
  onmessage: (() => void) | null = null;
  postMessage = (): void => undefined;
}
globalThis.BroadcastChannel = Silence as unknown as typeof BroadcastChannel;

describe('the repository', () => {
  let db: Database;
  beforeEach(async () => {
    indexedDB = new IDBFactory();
    db = await openDatabase();
  });
  afterEach(() => db.close());

  it('is empty before the first start', async () => {
    expect(await loadBundle(db)).toBeNull();
  });

  it('gives back what it was given, unknown fields and all', async () => {
    await saveChanges(db, null, HOME);
    expect((await loadBundle(db))?.bundle).toEqual(HOME);
  });

  it('writes only what changed, and takes out what is gone', async () => {
    const { kept } = await saveChanges(db, null, HOME);
    const other = batchOf([], undefined, { id: 'b2' });
    const added = { ...HOME, batches: [REFERENCE, other] };
    const second = await saveChanges(db, kept, added);
    // A record that another hand changed underneath stays when this change does not touch it.
    await db.put('batches', { ...REFERENCE, name: 'Changed underneath' });
    const renamed = { ...added, batches: [REFERENCE, { ...other, name: 'Renamed' }] };
    const third = await saveChanges(db, second.kept, renamed);
    expect((await db.get('batches', 'b1'))?.name).toBe('Changed underneath');
    expect((await db.get('batches', 'b2'))?.name).toBe('Renamed');
    await saveChanges(db, third.kept, {
      ...renamed,
      batches: [REFERENCE],
      kitchen: { ...KITCHEN, altitudeM: 0 },
    });
    expect(await db.getAllKeys('batches')).toEqual(['b1']);
    expect((await loadBundle(db))?.bundle.kitchen.altitudeM).toBe(0);
  });

  it('changes nothing when one record of a change cannot be written', async () => {
    const { kept } = await saveChanges(db, null, HOME);
    const bad = { ...REFERENCE, id: 'b3', name: (() => 'no data') as unknown as string };
    await expect(
      saveChanges(db, kept, {
        ...HOME,
        pots: [{ ...POT, name: 'New name' }],
        batches: [REFERENCE, bad],
      }),
    ).rejects.toThrow();
    expect(await loadBundle(db)).toEqual(kept);
  });

  it('keeps the last five backups, each a whole file', async () => {
    for (let i = 0; i < 7; i++)
      await keepBackup(db, HOME, `reason ${i}`, `2026-11-2${i}T10:00:00Z`);
    const backups = await listBackups(db);
    expect(backups.map((b) => b.why)).toEqual([
      'reason 6',
      'reason 5',
      'reason 4',
      'reason 3',
      'reason 2',
    ]);
    const read = readBundle(backups[0]?.text ?? '');
    expect(read.ok && read.bundle.batches[0]?.name).toBe(REFERENCE.name);
  });

  it('forgets everything but the backups', async () => {
    await saveChanges(db, null, HOME);
    await keepBackup(db, HOME, 'before', '2026-11-24T10:00:00Z');
    await wipe(db);
    expect(await loadBundle(db)).toBeNull();
    expect(await listBackups(db)).toHaveLength(1);
  });

  it('makes way for a newer version in another tab', async () => {
    const told = jest.fn();
    const mine = await openDatabase({ onClosed: told });
    db.close();
    const newer = await openDB(DB_NAME, 9900);
    expect(told).toHaveBeenCalledWith('newer');
    newer.close();
    mine.close();
  });
});

describe('the app', () => {
  // Each test has the module anew: it holds the one connection of a tab.
  async function fresh() {
    jest.resetModules();
    return import('.');
  }
  const settings = { ...HOME };

  beforeEach(() => {
    indexedDB = new IDBFactory();
  });

  it('starts new, begins, keeps changes and undoes them', async () => {
    const app = await fresh();
    await app.start(null, NOW);
    expect(app.useApp.getState().status).toBe('new');
    await app.begin(settings);
    app.change((h) => ({ ...h, kitchen: { ...h.kitchen, altitudeM: 500 } }));
    await app.settled();
    app.useApp.temporal.getState().undo();
    await app.settled();
    expect(app.useApp.getState().household?.kitchen.altitudeM).toBe(KITCHEN.altitudeM);

    const again = await fresh();
    await again.start(null, NOW);
    expect(again.useApp.getState()).toMatchObject({ status: 'ready', household: settings });
  });

  it('opens the sample only when nothing is there', async () => {
    const app = await fresh();
    await app.start(() => Promise.resolve(settings), NOW);
    await app.settled();
    const again = await fresh();
    const sample = jest.fn();
    await again.start(sample, NOW);
    expect(sample).not.toHaveBeenCalled();
    expect(again.useApp.getState().household).toEqual(settings);
  });

  it('says so when the disk is full, loses nothing, and recovers', async () => {
    const app = await fresh();
    await app.start(null, NOW);
    await app.begin(settings);
    await app.settled();
    const full = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    app.change((h) => ({ ...h, kitchen: { ...h.kitchen, altitudeM: 7 } }));
    await app.settled();
    expect(app.useApp.getState().trouble?.kind).toBe('full');
    expect(app.useApp.getState().household?.kitchen.altitudeM).toBe(7);
    full.mockRestore();
    app.change((h) => ({ ...h, kitchen: { ...h.kitchen, ambientC: 22 } }));
    await app.settled();
    expect(app.useApp.getState().trouble).toBeNull();
    const again = await fresh();
    await again.start(null, NOW);
    expect(again.useApp.getState().household?.kitchen).toEqual({
      ...KITCHEN,
      altitudeM: 7,
      ambientC: 22,
    });
  });

  it('keeps a backup before a change that replaces', async () => {
    const app = await fresh();
    await app.start(null, NOW);
    await app.begin(settings);
    await app.settled();
    await app.changeWithBackup('before a test', '2026-11-24T10:00:00Z', (h) => ({
      ...h,
      batches: [],
    }));
    expect(app.useApp.getState().household?.batches).toEqual([]);
    const [backup] = await app.backups();
    expect(backup?.why).toBe('before a test');
    expect(backup?.text).toContain(REFERENCE.name);
    await app.startOver('2026-11-24T11:00:00Z');
    expect(app.useApp.getState().status).toBe('new');
    const asked = (await app.backups()).filter((b) => b.day === undefined);
    expect(asked).toHaveLength(2);
  });
});
