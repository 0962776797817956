/** Catching up with other tabs: only what they changed is read, and that is the same as reading everything. */
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { IDBFactory } from 'fake-indexeddb';
import fc from 'fast-check';
import type { Bundle } from '../core/batch/schema';
import { largeHousehold } from '../core/testing/large';
import { readBundle, writeBundle } from '../formats';
import { openDatabase, type Database } from './db';
import { mergeBundles } from './merge';
import { foldCooks } from './pages';
import { catchUp, loadBundle, saveChanges, wipe, type Kept } from './repository';

// Records come back as this realm's objects, as they do in a page: others never count as equal.
global.structuredClone = (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

const read = readBundle(readFileSync('demo/harrow-fell.json', 'utf8'));
if (!read.ok) throw new Error('the sample is not good');
const HOME: Bundle = { ...read.bundle, cooks: read.bundle.cooks.slice(0, 4) };
const AT = '2026-12-02T10:00:00.000Z';

async function seeded(home: Bundle): Promise<{ readonly db: Database; readonly kept: Kept }> {
  indexedDB = new IDBFactory();
  const db = await openDatabase();
  await saveChanges(db, null, home);
  const kept = await loadBundle(db, null, AT);
  if (!kept) throw new Error('nothing opened');
  return { db, kept };
}

/** Which store was read how often, while something is done. */
async function reads(work: () => Promise<unknown>): Promise<Readonly<Record<string, number>>> {
  const counts: Record<string, number> = {};
  const spies = (['get', 'getAll'] as const).map((name) => {
    const real = IDBObjectStore.prototype[name];
    return jest.spyOn(IDBObjectStore.prototype, name).mockImplementation(function (
      this: IDBObjectStore,
      ...asked: unknown[]
    ) {
      const key = `${this.name} ${name === 'get' ? 'one' : 'all'}`;
      counts[key] = (counts[key] ?? 0) + 1;
      return (real as (...all: unknown[]) => never).apply(this, asked);
    });
  });
  await work();
  for (const spy of spies) spy.mockRestore();
  return counts;
}

type Edit = (home: Bundle, n: number) => Bundle;

/** Things that another tab does. */
const EDITS: readonly Edit[] = [
  (home, n) => ({ ...home, kitchen: { ...home.kitchen, altitudeM: n } }),
  (home, n) => ({
    ...home,
    batches: home.batches.map((b, i) => (i === n % 3 ? { ...b, servings: (n % 12) + 1 } : b)),
  }),
  (home, n) => ({ ...home, batches: home.batches.filter((_, i) => i !== n % 9) }),
  (home, n) => ({
    ...home,
    batches: [...home.batches, { ...home.batches[0], id: `new-${n}` } as Bundle['batches'][0]],
  }),
  (home, n) => ({ ...home, pots: home.pots.map((pot) => ({ ...pot, name: `Pot ${n}` })) }),
  (home, n) => ({
    ...home,
    cooks: home.cooks.map((c, i) => (i === n % 4 ? { ...c, note: `${n}` } : c)),
  }),
  (home, n) => ({ ...home, cooks: home.cooks.filter((_, i) => i !== n % 5) }),
  (home, n) => ({ ...home, jars: home.jars.filter((_, i) => i !== n % 7) }),
  (home, n) => ({ ...home, foods: [{ id: 'f1', name: `root ${n}`, like: 'parsnip' }] }),
];

describe('catching up with another tab', () => {
  it('is reading everything anew, whatever the other did', async () => {
    const edits = fc.array(fc.tuple(fc.nat(EDITS.length - 1), fc.nat(99)), {
      minLength: 1,
      maxLength: 6,
    });
    await fc.assert(
      fc.asyncProperty(edits, fc.boolean(), async (list, folds) => {
        const { db, kept } = await seeded(HOME);
        let other = kept;
        for (const [which, n] of list) {
          const next = (EDITS[which] as Edit)(other.bundle, n);
          if (new Set(next.batches.map(({ id }) => id)).size < next.batches.length) continue;
          ({ kept: other } = await saveChanges(db, other, next, AT));
        }
        if (folds) await foldCooks(db, { page: 2, loose: 0 });
        const since = await catchUp(db, kept, AT);
        const all = await loadBundle(db, null, AT);
        expect(writeBundle(since?.bundle as Bundle)).toBe(writeBundle(all?.bundle as Bundle));
        expect([since?.stamp, since?.mark]).toEqual([all?.stamp, all?.mark]);
        db.close();
      }),
      { numRuns: 60 },
    );
  });

  it('reads the changed records alone, and nothing where nothing was written', async () => {
    const { db, kept } = await seeded(HOME);
    let other = kept;
    for (const n of [1, 2, 3])
      ({ kept: other } = await saveChanges(db, other, (EDITS[1] as Edit)(other.bundle, n * 3), AT));
    const some = await reads(() => catchUp(db, kept, AT));
    expect(some).toEqual({ 'household one': 1, 'writes all': 1, 'batches one': 1 });
    const none = await reads(() => catchUp(db, other, AT));
    expect(none).toEqual({ 'household one': 1 });
    db.close();
  });

  it('reads no other record for a change that meets another tab’s', async () => {
    const { db, kept } = await seeded(HOME);
    await saveChanges(db, kept, (EDITS[1] as Edit)(kept.bundle, 3), AT);
    const counts = await reads(() => saveChanges(db, kept, (EDITS[0] as Edit)(kept.bundle, 5), AT));
    expect(Object.keys(counts).toSorted()).toEqual(['batches one', 'household one', 'writes all']);
    db.close();
  });

  it('shares what did not change', async () => {
    const { db, kept } = await seeded(HOME);
    await saveChanges(db, kept, (EDITS[0] as Edit)(kept.bundle, 5), AT);
    const { bundle } = (await catchUp(db, kept, AT)) as Kept;
    for (const list of ['pots', 'batches', 'cooks', 'jars', 'foods'] as const)
      expect(bundle[list]).toBe(kept.bundle[list]);
    db.close();
  });

  it('reads everything where the list of writes has a gap, or many records were written', async () => {
    const { db, kept } = await seeded(HOME);
    await saveChanges(db, kept, (EDITS[0] as Edit)(kept.bundle, 5), AT);
    await db.clear('writes');
    expect((await catchUp(db, kept, AT))?.bundle.kitchen.altitudeM).toBe(5);
    const now = (await loadBundle(db, null, AT)) as Kept;
    const many = Array.from({ length: 150 }, (_, i) => ({ ...now.bundle.batches[0], id: `m${i}` }));
    await saveChanges(db, now, { ...now.bundle, batches: many as never }, AT);
    expect((await catchUp(db, now, AT))?.bundle.batches).toHaveLength(150);
    db.close();
  });

  it('tells of a household that is gone', async () => {
    const { db, kept } = await seeded(HOME);
    await wipe(db);
    expect(await catchUp(db, kept, AT)).toBeNull();
    db.close();
  });
});

describe('merging a large household', () => {
  it('compares no record that neither tab touched', () => {
    const base = largeHousehold(HOME);
    const mine = (EDITS[0] as Edit)(base, 5);
    const theirs = (EDITS[1] as Edit)(base, 3);
    const { bundle } = mergeBundles(base, mine, theirs);
    expect(bundle.jars).toBe(base.jars);
    expect(bundle.cooks).toBe(base.cooks);
    expect(bundle.batches).toBe(theirs.batches);
    expect(bundle.kitchen.altitudeM).toBe(5);
  });
});
