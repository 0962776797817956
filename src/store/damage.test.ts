/** Damage in the browser's database: one bad record or store costs no other record anything. */
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { IDBFactory } from 'fake-indexeddb';
import fc from 'fast-check';
import { openDB, type IDBPDatabase } from 'idb';
import type { Bundle, Pot } from '../core/batch/schema';
import { readBundle, writeBundle } from '../formats';
import { isAnyCookTorn } from './deepCheck';
import { DB_NAME, lostStores, openDatabase, type Database, type Follows } from './db';
import { listAside } from './quarantine';
import { loadBundle, saveChanges, setAsideDamaged } from './repository';
import { changedCookFault } from './sound';

global.structuredClone ??= (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

const read = readBundle(readFileSync('demo/harrow-fell.json', 'utf8'));
if (!read.ok) throw new Error('the sample is not good');
const HOME: Bundle = {
  ...read.bundle,
  batches: read.bundle.batches.slice(0, 3).map(({ fromCook: _, ...batch }) => ({
    ...batch,
    items: batch.items.map(({ jars: __, ...item }) => item),
  })),
  cooks: read.bundle.cooks.slice(0, 3),
  jars: read.bundle.jars.slice(0, 3),
  foods: [{ id: 'f1', name: 'nettle root', like: 'parsnip' }],
};
const AT = '2026-12-02T10:00:00.000Z';

const deepCheck = (db: Database) => setAsideDamaged(db, null, AT, changedCookFault);

type Fields = Record<string, unknown>;
type Change = (record: Fields) => unknown;

const without =
  (key: string): Change =>
  ({ [key]: _, ...rest }) =>
    rest;
const withValue =
  (key: string, value: unknown): Change =>
  (record) => ({ ...record, [key]: value });
/** Damages a part of what a cook holds. */
const inFields =
  (change: Change): Change =>
  (record) => ({ ...record, fields: change(record['fields'] as Fields) });
/** Damages one entry of a list in the household's own record. */
const entry =
  (list: string, change: (entry: Fields) => unknown): Change =>
  (record) => ({
    ...record,
    [list]: (record[list] as Fields[]).map((one, i) => (i === 0 ? change(one) : one)),
  });

/** Store, key of the record (null for the first one), and what is done to it. */
const DAMAGES: readonly (readonly [store: string, key: string | null, change: Change])[] = [
  ['batches', null, without('name')],
  ['batches', null, without('items')],
  ['batches', null, withValue('items', null)],
  ['batches', null, withValue('items', [null])],
  ['batches', null, withValue('items', [{ id: 'x' }])],
  ['batches', null, withValue('steps', 'none')],
  ['batches', null, withValue('steps', [{ id: 's', kind: 'fry' }])],
  ['batches', null, withValue('servings', Number.NaN)],
  ['batches', null, withValue('serveAt', 'soon')],
  ['batches', null, ({ id }) => ({ id })],
  ['pots', null, without('settings')],
  ['pots', null, withValue('capacityL', Infinity)],
  ['pots', null, withValue('kind', 'kettle')],
  ['pots', null, ({ id }) => ({ id })],
  ['cooks', null, without('fields')],
  ['cooks', null, withValue('fields', 'x')],
  ['cooks', null, without('texts')],
  ['cooks', null, withValue('held', null)],
  ['cooks', null, inFields(without('startedAt'))],
  ['cooks', null, inFields(withValue('marks', '[{"id":'))],
  ['cooks', null, inFields(withValue('batch', null))],
  ['cooks', null, inFields(withValue('predicted', 7))],
  ['cooks', null, inFields(withValue('id', 'another'))],
  ['household', 'household', without('kitchen')],
  ['household', 'household', withValue('kitchen', { altitudeM: 'high' })],
  ['household', 'household', withValue('jars', null)],
  ['household', 'household', entry('jars', without('litres'))],
  ['household', 'household', entry('jars', () => null)],
  ['household', 'household', entry('foods', withValue('like', 5))],
  ['household', 'household', withValue('bag', 'bones')],
  ['household', 'household', withValue('extra', null)],
];

async function seeded(): Promise<void> {
  globalThis.indexedDB = new IDBFactory();
  const db = await openDatabase();
  await saveChanges(db, null, HOME);
  db.close();
}

async function damage(work: (db: IDBPDatabase) => Promise<unknown>): Promise<void> {
  const db = await openDB(DB_NAME);
  await work(db);
  db.close();
}

/** Ids of everything but the damaged record. */
const idsOf = (bundle: Bundle): readonly string[] =>
  [bundle.pots, bundle.batches, bundle.cooks, bundle.jars, bundle.bag, bundle.foods]
    .flatMap((list, i) => list.map(({ id }) => `${i} ${id}`))
    .toSorted();

describe('one damaged record', () => {
  it.each(DAMAGES.map((one, i) => [i, ...one] as const))(
    'of 31 kinds is set aside as it was found, and all else opens, is edited and saved: %i, %s',
    async (_, store, key, change) => {
      await seeded();
      let found: unknown = null;
      await damage(async (db) => {
        const all = (await db.getAll(store)) as Fields[];
        const before = key === null ? all[0] : all.find((one) => one['key'] === key);
        found = change(before as Fields);
        await db.put(store, found);
      });
      const db = await openDatabase();
      const kept = await loadBundle(db, null, AT);
      if (!kept) throw new Error('nothing opened');
      const lost = idsOf(HOME).filter((id) => !idsOf(kept.bundle).includes(id));
      // A list that is no list takes all of its entries with it; any other damage one record.
      const isList = ['jars', 'bag'].some(
        (list) => (found as Fields)[list] === null || typeof (found as Fields)[list] === 'string',
      );
      if (!isList) expect(lost.length).toBeLessThanOrEqual(1);
      // Everything open is good, and can be edited, written and read again.
      expect(readBundle(writeBundle(kept.bundle))).toEqual(expect.objectContaining({ ok: true }));
      const [batch] = kept.bundle.batches;
      const edited: Bundle = {
        ...kept.bundle,
        batches: kept.bundle.batches.map((b) => (b === batch ? { ...b, name: 'Renamed' } : b)),
      };
      await saveChanges(db, kept, edited);
      const again = await loadBundle(db, null, AT);
      expect(again?.bad).toEqual([]);
      expect(writeBundle(again?.bundle as Bundle)).toBe(writeBundle(edited));
      const aside = await listAside(db);
      expect(aside.length).toBe(kept.bad.length);
      if (lost.length > 0) expect(aside.length).toBeGreaterThan(0);
      for (const one of aside) expect(JSON.stringify(found)).toContain(JSON.stringify(one.found));
      db.close();
    },
  );

  it('in a page of cooks takes neither the page nor its neighbours along', async () => {
    await seeded();
    await damage(async (db) => {
      const cooks = (await db.getAll('cooks')) as Fields[];
      await db.clear('cooks');
      await db.put('pages', { id: 'p', cooks: [cooks[0], { id: 'torn' }, ...cooks.slice(1)] });
    });
    const db = await openDatabase();
    const kept = await loadBundle(db, null, AT);
    expect(kept?.bundle.cooks).toHaveLength(HOME.cooks.length);
    expect(kept?.bad.map(({ from, fault }) => [from, fault])).toEqual([
      ['cooks', 'it cannot be read'],
    ]);
    expect((await loadBundle(db, null, AT))?.bad).toEqual([]);
    db.close();
  });
});

describe('a cook whose parts are damaged', () => {
  it('is found by its hash and set aside, its neighbours stay', async () => {
    await seeded();
    await damage(async (db) => {
      const [first] = (await db.getAll('cooks')) as Fields[];
      await db.put(
        'cooks',
        inFields(withValue('predicted', '{"totalMin":"long"}'))(first as Fields),
      );
    });
    const db = await openDatabase();
    expect((await loadBundle(db, null, AT))?.bad).toEqual([]);
    expect(await isAnyCookTorn(db)).toBe(true);
    expect((await deepCheck(db))?.bad).toHaveLength(1);
    expect(await isAnyCookTorn(db)).toBe(false);
    expect((await loadBundle(db, null, AT))?.bundle.cooks).toHaveLength(HOME.cooks.length - 1);
    expect((await listAside(db)).map(({ from, fault }) => [from, fault])).toEqual([
      ['cooks', 'predicted.totalMin: a number from 0 to 20000 min'],
    ]);
    // By its dish, which a cook knows; not by its id.
    const [aside] = await listAside(db);
    expect(HOME.cooks.map(({ batch }) => batch.name)).toContain(aside?.name);
    db.close();
  });
});

describe('a damaged old copy of a cook in a page', () => {
  const tear = inFields(withValue('predicted', '{"totalMin":"long"}'));
  it.each([
    ['cut short', without('fields'), null],
    ['with a damaged part', tear, deepCheck],
  ] as const)('%s leaves the newer record of its own alone', async (_, change, deep) => {
    await seeded();
    await damage(async (db) => {
      const [first] = (await db.getAll('cooks')) as Fields[];
      await db.put('pages', { id: 'p', cooks: [change(first as Fields)] });
    });
    const db = await openDatabase();
    const kept = await (deep ? deep(db) : loadBundle(db, null, AT));
    expect(kept?.bad).toHaveLength(1);
    const again = await loadBundle(db, null, AT);
    expect(again?.bad).toEqual([]);
    expect(writeBundle(again?.bundle as Bundle)).toBe(writeBundle(HOME));
    db.close();
  });
});

describe('damage that a save comes upon', () => {
  it('is set aside and told, and both changes are kept', async () => {
    await seeded();
    const db = await openDatabase();
    const mine = await loadBundle(db, null, AT);
    if (!mine) throw new Error('nothing opened');
    const at = (altitudeM: number): Bundle => ({
      ...mine.bundle,
      kitchen: { ...mine.bundle.kitchen, altitudeM },
    });
    await saveChanges(db, mine, at(700), AT);
    await db.put('batches', { ...HOME.batches[1], items: null } as never);
    // An older build's write does not say what it changed, so everything is read.
    const [last] = (await db.getAllKeys('writes')).slice(-1);
    const { changed: _, ...older } = (await db.get('writes', last as number)) as Follows;
    await db.put('writes', older, last);
    const [pot] = mine.bundle.pots;
    const renamed = {
      ...mine.bundle,
      pots: mine.bundle.pots.map((p) => (p === pot ? { ...p, name: 'Mine' } : p)),
    };
    const { kept } = await saveChanges(db, mine, renamed, AT);
    expect(kept.bad.map(({ from }) => from)).toEqual(['batches']);
    expect((await listAside(db)).map(({ from, at: when }) => [from, when])).toEqual([
      ['batches', AT],
    ]);
    const again = await loadBundle(db, null, AT);
    expect(again?.bundle.kitchen.altitudeM).toBe(700);
    expect(again?.bundle.pots.map(({ name }) => name)).toContain('Mine');
    db.close();
  });
});

describe('damage that a save does not touch', () => {
  it('is not read by it, and costs neither tab its change', async () => {
    await seeded();
    const db = await openDatabase();
    const mine = await loadBundle(db, null, AT);
    if (!mine) throw new Error('nothing opened');
    const at = (altitudeM: number): Bundle => ({
      ...mine.bundle,
      kitchen: { ...mine.bundle.kitchen, altitudeM },
    });
    await saveChanges(db, mine, at(700), AT);
    await db.put('batches', { ...HOME.batches[1], items: null } as never);
    const [pot, ...pots] = mine.bundle.pots.map((one) => ({ ...one }));
    const renamed = { ...mine.bundle, pots: [{ ...pot, name: 'Mine' } as Pot, ...pots] };
    const { kept } = await saveChanges(db, mine, renamed, AT);
    expect(kept.bad).toEqual([]);
    expect(kept.bundle.batches).toEqual(mine.bundle.batches);
    const again = await loadBundle(db, null, AT);
    expect(again?.bad.map(({ from }) => from)).toEqual(['batches']);
    expect(again?.bundle.kitchen.altitudeM).toBe(700);
    expect(again?.bundle.pots.map(({ name }) => name)).toContain('Mine');
    db.close();
  });
});

describe('a lost store', () => {
  it.each(['pots', 'batches', 'cooks', 'pages', 'writes', 'backups', 'quarantine', 'household'])(
    'is made again, and nothing else is lost: %s',
    async (store) => {
      await seeded();
      const { version } = await openDatabase().then((db) => (db.close(), db));
      const torn = await openDB(DB_NAME, version + 1, {
        upgrade: (db) => db.deleteObjectStore(store),
      });
      torn.close();
      const db = await openDatabase();
      expect(lostStores(db)).toEqual([store]);
      const kept = await loadBundle(db, null, AT);
      if (!kept) throw new Error('nothing opened');
      const lists = ['pots', 'batches', 'cooks'] as const;
      for (const list of lists)
        if (list !== store) expect(kept.bundle[list]).toHaveLength(HOME[list].length);
      expect(kept.bundle.pots.length).toBeGreaterThan(0);
      const { kitchen } = kept.bundle;
      await saveChanges(db, kept, { ...kept.bundle, kitchen: { ...kitchen, altitudeM: 321 } });
      expect((await loadBundle(db, null, AT))?.bundle.kitchen.altitudeM).toBe(321);
      db.close();
      // A repaired database opens again as it is.
      const next = await openDatabase();
      expect(lostStores(next)).toEqual([]);
      next.close();
    },
  );
});

describe('a lost stamp', () => {
  it('is made again, so that changes are written', async () => {
    await seeded();
    await damage((db) => db.delete('household', 'stamp'));
    const db = await openDatabase();
    let kept = await loadBundle(db, null, AT);
    for (const altitudeM of [100, 200, 300]) {
      if (!kept) throw new Error('nothing opened');
      const kitchen = { ...kept.bundle.kitchen, altitudeM };
      ({ kept } = await saveChanges(db, kept, { ...kept.bundle, kitchen }));
    }
    expect((await loadBundle(db, null, AT))?.bundle.kitchen.altitudeM).toBe(300);
    db.close();
  });
});

describe('any damage', () => {
  it('of one record by any value opens the rest', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom('pots', 'batches', 'cooks'),
        fc.dictionary(fc.string({ minLength: 1, maxLength: 8 }), fc.jsonValue(), { maxKeys: 5 }),
        async (store, value) => {
          await seeded();
          let id: unknown = null;
          await damage(async (db) => {
            const [first] = (await db.getAll(store)) as Fields[];
            id = first?.['id'];
            await db.put(store, { ...value, id });
          });
          const db = await openDatabase();
          const kept = await loadBundle(db, null, AT);
          const lost = idsOf(HOME).filter((one) => !idsOf(kept?.bundle as Bundle).includes(one));
          expect(lost.every((one) => one.endsWith(String(id)))).toBe(true);
          expect(readBundle(writeBundle(kept?.bundle as Bundle))).toMatchObject({ ok: true });
          db.close();
        },
      ),
      { numRuns: 40 },
    );
  });
});
