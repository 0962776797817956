/** One act is one write and one step to undo: jars with the cooling they end, bones with their move, a cook with its jars. */
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { IDBFactory } from 'fake-indexeddb';
import { cookedFrom } from '@/core/batch/household';
import type { Batch, Bundle, Cook, Jar } from '@/core/batch/schema';
import { readBundle, writeBundle } from '@/formats';
import type * as StoreModule from '@/store';
import type * as HouseholdModule from './household';
import type * as LarderModule from './larder';

global.structuredClone = (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

const AT = '2026-12-02T18:00:00.000Z';
const read = readBundle(readFileSync('demo/harrow-fell.json', 'utf8'));
if (!read.ok) throw new Error('the sample is not good');
const SAMPLE = read.bundle;
const [FIRST] = SAMPLE.cooks as readonly [Cook];
const COOLS: Cook = {
  ...FIRST,
  after: { cooling: { way: 'pans', litres: 2, startC: 95, at: FIRST.startedAt } },
};
const [JAR] = SAMPLE.jars as readonly [Jar];
const CLAIMS = SAMPLE.batches.find(({ items }) => items.some(({ jars }) => jars)) as Batch;
const PLAN = SAMPLE.batches.find(({ items }) => !items.some(({ jars }) => jars)) as Batch;
const HOME: Bundle = {
  ...SAMPLE,
  batches: [PLAN, CLAIMS],
  cooks: [COOLS],
  bag: [{ id: 'g1', food: 'turkey-frame', amount: { value: 900, unit: 'g' }, at: AT }],
};

interface Modules {
  readonly store: typeof StoreModule;
  readonly household: typeof HouseholdModule;
  readonly larder: typeof LarderModule;
}

async function page(sample: Bundle | null): Promise<Modules> {
  jest.resetModules();
  const store = await import('@/store');
  await store.start(sample && (() => Promise.resolve(sample)), () => AT);
  await store.settled();
  return { store, household: await import('./household'), larder: await import('./larder') };
}

const textOf = ({ store }: Modules): string =>
  writeBundle(store.useApp.getState().household as Bundle);

const ACTS: Readonly<Record<string, (modules: Modules) => unknown>> = {
  'jars are filled, which ends the cooling': ({ larder }) =>
    larder.fillFrom(
      COOLS.id,
      [
        { ...JAR, id: 'new1' },
        { ...JAR, id: 'new2' },
      ],
      AT,
    ),
  'bones go into the bag, and their move is done': ({ larder }) =>
    larder.bonesToBag(COOLS.id, 'strain', [
      { id: 'g9', food: 'turkey-frame', amount: { value: 300, unit: 'g' }, at: AT },
    ]),
  'the bag becomes a stock': ({ larder }) => larder.makeStock('stock'),
  'a plan with its own foods and words is kept': ({ household }) =>
    household.saveBatch(
      { ...PLAN, id: 'made' },
      {
        put: [{ own: { id: 'f9', name: 'nettle root', like: 'parsnip' } }],
        words: [{ said: 'nettles', food: 'spinach' }],
      },
    ),
  'a plan is split in two': ({ household }) =>
    household.saveBatch({ ...PLAN, servings: 3 }, { second: { ...PLAN, id: 'half', servings: 3 } }),
  'a cook starts, and its jars are in the pot': ({ store }) =>
    store.change((h) => {
      const { endedAt: _, ...cook } = { ...FIRST, id: 'begun', batch: CLAIMS, startedAt: AT };
      return cookedFrom(h, cook);
    }),
};

describe.each(Object.entries(ACTS))('when %s', (_, act) => {
  beforeEach(() => {
    indexedDB = new IDBFactory();
  });

  it('it is one step to undo', async () => {
    const modules = await page(HOME);
    const before = textOf(modules);
    act(modules);
    expect(textOf(modules)).not.toBe(before);
    modules.store.useApp.temporal.getState().undo();
    expect(textOf(modules)).toBe(before);
    await modules.store.settled();
  });

  it('all of it is kept, or nothing, wherever the writing ends', async () => {
    const seen = new Set<string>();
    for (let last = 0; last < 6; last++) {
      indexedDB = new IDBFactory();
      const modules = await page(HOME);
      const before = textOf(modules);
      const { put } = IDBObjectStore.prototype;
      let asked = 0;
      const cut = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(function (
        this: IDBObjectStore,
        value: unknown,
      ) {
        // A page that dies leaves its transaction without an end, which undoes it.
        const isHousehold = this.transaction.objectStoreNames.length > 2;
        if (isHousehold && asked++ === last) {
          this.transaction.abort();
          throw new DOMException('the page is gone', 'AbortError');
        }
        return put.call(this, value);
      });
      act(modules);
      const after = textOf(modules);
      await modules.store.settled();
      cut.mockRestore();
      const again = textOf(await page(null));
      expect([before, after]).toContain(again);
      seen.add(again === after ? 'all' : 'nothing');
    }
    expect([...seen].toSorted()).toEqual(['all', 'nothing']);
  });
});
