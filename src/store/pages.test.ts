/** Twenty years of cooks are kept fifty to a page, and nothing of them is other for it. */
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import fc from 'fast-check';
import type { Bundle, Cook } from '../core/batch/schema';
import { cookOf } from '../core/testing/cooks';
import { HOUSEHOLD, REFERENCE } from '../core/testing/kitchen';
import { openDatabase, type Database } from './db';
import { cooksOf, foldCooks } from './pages';
import { readCook } from './keptCook';
import { readAsItIs } from './backups';
import { loadBundle, saveChanges, wipe, type Kept } from './repository';

const { predicted, ...rest } = cookOf('c', REFERENCE, '2026-10-01T16:00:00.000Z');
const { trace: _, ...untraced } = predicted;
const PLAIN: Cook = { ...rest, predicted: untraced };
const cook = (n: number, note = ''): Cook => ({
  ...PLAIN,
  id: `c${String(n).padStart(3, '0')}`,
  ...(note && { note }),
});
const SMALL = { page: 5, loose: 8 };
const many = (from: number, to: number): readonly Cook[] =>
  Array.from({ length: to - from }, (_, i) => cook(from + i));
const home = (cooks: readonly Cook[]): Bundle => ({ ...HOUSEHOLD, cooks });

let db: Database;
beforeEach(async () => {
  indexedDB = new IDBFactory();
  db = await openDatabase();
});
afterEach(() => db.close());

const read = async (): Promise<Kept> => {
  const kept = await loadBundle(db);
  if (!kept) throw new Error('nothing there');
  return kept;
};
const counts = async () => [await db.count('pages'), await db.count('cooks')];

describe('cooks in pages', () => {
  it('are the same to the letter as one by one, in fewer records, and few are left as they are', async () => {
    await saveChanges(db, null, home(many(0, 120)));
    await foldCooks(db);
    expect(await counts()).toEqual([0, 120]);
    const { kept } = await saveChanges(db, await read(), home(many(0, 230)));
    expect(await counts()).toEqual([0, 230]);
    const before = await read();
    await foldCooks(db);
    expect(await counts()).toEqual([4, 30]);
    const after = await read();
    expect(after.bundle).toEqual(before.bundle);
    expect(after.bundle.cooks).toEqual(many(0, 230));
    // Nobody who has read before has to read again.
    expect(after.stamp).toBe(kept.stamp);
  });

  it('are changed, deleted and brought back one by one, and put into their pages later', async () => {
    await saveChanges(db, null, home(many(0, 200)));
    await foldCooks(db);
    const base = await read();
    const some = base.bundle.cooks.flatMap((one, i) =>
      i < 60 ? [] : [i === 70 ? { ...one, note: 'salty' } : one],
    );
    const { kept } = await saveChanges(db, base, home(some));
    expect((await read()).bundle.cooks).toEqual(some);
    const back = [cook(3, 'back'), ...some];
    await saveChanges(db, kept, home([...back, ...many(200, 300)]));
    await foldCooks(db);
    const [pages, loose] = await counts();
    // The first has one of its fifty left, the second forty.
    expect([pages, loose]).toEqual([6, 0]);
    const ids = (await db.getAll('pages')).flatMap((page) => page.cooks.map(({ id }) => id));
    expect(new Set(ids).size).toBe(ids.length);
    expect((await read()).bundle.cooks).toEqual([...back, ...many(200, 300)]);
  });

  it('are put into pages at once where many come together, but for those that were deleted before', async () => {
    const first = (await saveChanges(db, null, home(many(0, 60)))).kept;
    const { kept } = await saveChanges(db, first, home(many(10, 60)));
    await saveChanges(db, kept, home(many(0, 330)));
    // Of 280 that are new ten were there once: 270, fifty to a page.
    expect(await counts()).toEqual([5, 80]);
    expect((await read()).bundle.cooks).toEqual(many(0, 330));
    const base = await read();
    await saveChanges(db, base, home([cook(0, 'back'), ...base.bundle.cooks.slice(2)]));
    await foldCooks(db, SMALL);
    const ids = (await db.getAll('pages')).flatMap((page) => page.cooks.map(({ id }) => id));
    expect(new Set(ids).size).toBe(ids.length);
    expect((await read()).bundle.cooks).toEqual([cook(0, 'back'), ...many(2, 330)]);
  });

  it('are what was kept last, whatever was done in whatever order', async () => {
    const deed = fc.oneof(
      fc.record({ what: fc.constant('keep' as const), n: fc.nat(20), note: fc.string() }),
      fc.record({ what: fc.constant('drop' as const), n: fc.nat(20) }),
      fc.constant({ what: 'fold' as const }),
    );
    await fc.assert(
      fc.asyncProperty(fc.array(deed, { maxLength: 30 }), async (deeds) => {
        await wipe(db);
        expect(await counts()).toEqual([0, 0]);
        let { kept } = await saveChanges(db, null, home(many(0, 12)));
        let wanted = new Map(many(0, 12).map((one) => [one.id, one]));
        for (const one of deeds) {
          if (one.what === 'fold') {
            await foldCooks(db, SMALL);
            continue;
          }
          const made = one.what === 'keep' ? cook(one.n, one.note) : cook(one.n);
          wanted = new Map(wanted);
          if (one.what === 'keep') wanted.set(made.id, made);
          else wanted.delete(made.id);
          ({ kept } = await saveChanges(db, kept, home([...wanted.values()])));
        }
        const byId = [...wanted.values()].sort((a, b) => (a.id < b.id ? -1 : 1));
        expect((await read()).bundle.cooks).toEqual(byId);
      }),
      { numRuns: 60 },
    );
  });

  it('come out with the rest of a database of a newer build', async () => {
    await saveChanges(db, null, home(many(0, 160)));
    await foldCooks(db);
    const text = await readAsItIs();
    const file = JSON.parse(text ?? '') as { readonly cooks: readonly unknown[] };
    expect(file.cooks).toEqual(many(0, 160));
  });

  it('give way to single records, and those of any build are read', () => {
    const page = { id: 'p', cooks: [] };
    const plain = cook(1);
    const text = { id: plain.id, text: JSON.stringify(plain) };
    expect(cooksOf([page], [plain]).map(readCook)).toEqual([plain]);
    expect(cooksOf([page], [text]).map(readCook)).toEqual([plain]);
    expect(cooksOf([page], [plain, { id: plain.id, gone: true }])).toEqual([]);
  });
});
