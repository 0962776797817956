/** One household on several devices: each has a database of its own, and hears what the others changed. */
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import fc from 'fast-check';
import { openDB } from 'idb';
import { claimed } from '../core/batch/household';
import { changeItem } from '../core/batch/plan';
import type { Bundle } from '../core/batch/schema';
import { importBundle } from '../formats';
import { recordsOf, replicaOf, type Replicas } from '../core/replica';
import { leavesOf } from '../core/replica/leaves';
import { cookOf } from '../core/testing/cooks';
import { ACTS, FIRST, move, type Move } from '../core/testing/histories';
import { HOUSEHOLD, REFERENCE } from '../core/testing/kitchen';
import type * as AppModule from '.';
import type { Sharing } from './db';
import type * as SharingModule from './sharing';

global.structuredClone = (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

const AT = '2026-11-24T10:00:00.000Z';
const HOME: Bundle = {
  ...HOUSEHOLD,
  batches: [REFERENCE, { ...REFERENCE, id: 'b2', name: 'Second' }],
  cooks: [cookOf('c1', REFERENCE, AT)],
};
const EMPTY: Bundle = {
  ...HOUSEHOLD,
  batches: [],
  pots: HOUSEHOLD.pots.map((pot) => ({ ...pot, id: 'other' })),
};

type App = typeof AppModule & typeof SharingModule;

const sharing = (device: string): Sharing => ({
  key: 'sharing',
  room: 'room',
  secret: 'secret',
  device,
  name: device,
  last: '',
  others: [],
});

/** A device with a household of its own. */
async function device(household: Bundle): Promise<App> {
  indexedDB = new IDBFactory();
  Reflect.deleteProperty(global, 'BroadcastChannel');
  jest.resetModules();
  const app: App = { ...(await import('.')), ...(await import('./sharing')) };
  await app.start(
    () => Promise.resolve(household),
    () => AT,
  );
  await app.settled();
  return app;
}

const home = (app: App): Bundle => {
  const { household } = app.useApp.getState();
  if (!household) throw new Error('there is no household');
  return household;
};
const names = (app: App): readonly string[] =>
  home(app)
    .batches.map(({ name }) => name)
    .toSorted();

async function change(app: App, edit: (bundle: Bundle) => Bundle): Promise<void> {
  app.change(edit);
  await app.settled();
}
const rename =
  (id: string, name: string) =>
  (bundle: Bundle): Bundle => ({
    ...bundle,
    batches: bundle.batches.map((batch) => (batch.id === id ? { ...batch, name } : batch)),
  });

async function everything(app: App) {
  const known = await app.knowledge();
  return app.wholes([...(known?.records.keys() ?? [])]);
}

/** Two devices of one household. */
async function two(theirs = EMPTY, mine: ((theirs: Bundle) => Bundle) | null = null) {
  const desk = await device(HOME);
  await desk.changeSharing(() => sharing('desk'));
  const phone = await device(theirs);
  await phone.joinHousehold(await everything(desk), sharing('phone'), mine);
  return [desk, phone] as const;
}

/** Tells one device's changes to the other, which answers. */
async function tell(from: App, to: App): Promise<Replicas> {
  const met = await from.exchange(new Map());
  const told = met?.told ?? new Map();
  const back = await to.exchange(told);
  // The answer carries the other's own changes.
  if (back) await from.exchange(back.told);
  return told;
}

/** Both tell each other everything. */
async function meet(a: App, b: App): Promise<void> {
  const replicas = async (app: App): Promise<Replicas> => {
    await app.exchange(new Map());
    const all = await everything(app);
    return new Map(all.map(({ key, record, stamps }) => [key, replicaOf(stamps, record)]));
  };
  await b.exchange(await replicas(a));
  await a.exchange(await replicas(b));
}

describe('a device that joins', () => {
  it('has the household of the other in the place of its own, and no undo of that', async () => {
    const [desk, phone] = await two();
    expect(home(phone)).toEqual(home(desk));
    phone.useApp.temporal.getState().undo();
    expect(names(phone)).toEqual(names(desk));
    expect((await phone.knowledge())?.all).toBe((await desk.knowledge())?.all);
    expect((await phone.backups()).map(({ why }) => why)).toEqual([
      'before this device joined another',
    ]);
  });

  it('has one where it had none before', async () => {
    const desk = await device(HOME);
    await desk.changeSharing(() => sharing('desk'));
    indexedDB = new IDBFactory();
    jest.resetModules();
    const phone: App = { ...(await import('.')), ...(await import('./sharing')) };
    await phone.start(null, () => AT);
    expect(phone.useApp.getState().status).toBe('new');
    await phone.joinHousehold(await everything(desk), sharing('phone'), null);
    expect(phone.useApp.getState()).toMatchObject({ status: 'ready', isShared: true });
    expect(home(phone)).toEqual(home(desk));
    await change(phone, rename('b2', 'By the phone'));
    await tell(phone, desk);
    expect(names(desk)).toContain('By the phone');
  });

  it('brings its own along where it has some', async () => {
    const own = { ...HOUSEHOLD, batches: [{ ...REFERENCE, id: 'own', name: 'My own' }] };
    const [desk, phone] = await two(own, (theirs) => importBundle(theirs, own, 'merge'));
    await tell(phone, desk);
    expect(names(desk)).toContain('My own');
    expect(names(phone)).toEqual(names(desk));
    expect((await phone.knowledge())?.all).toBe((await desk.knowledge())?.all);
  });
});

describe('a change', () => {
  it('is told in little, joined field by field, and undone on its own device alone', async () => {
    const [desk, phone] = await two();
    await change(desk, rename('b2', 'From the desk'));
    await change(phone, (bundle) => ({
      ...bundle,
      batches: bundle.batches.map((batch) =>
        batch.id === 'b2' ? changeItem(batch, 'i8', { amount: { value: 2, unit: 'l' } }) : batch,
      ),
    }));
    const told = await tell(desk, phone);
    expect(JSON.stringify([...told.values()].map(({ leaves }) => [...leaves])).length).toBeLessThan(
      300,
    );
    await tell(phone, desk);
    for (const app of [desk, phone]) {
      const batch = home(app).batches.find(({ id }) => id === 'b2');
      expect([batch?.name, batch?.items.at(-1)?.amount.value]).toEqual(['From the desk', 2]);
    }
    phone.useApp.temporal.getState().undo();
    await phone.settled();
    await tell(phone, desk);
    const batch = home(desk).batches.find(({ id }) => id === 'b2');
    expect([batch?.name, batch?.items.at(-1)?.amount]).toEqual([
      'From the desk',
      REFERENCE.items.at(-1)?.amount,
    ]);
  });

  it('is kept with its stamp: a device that opens again tells the same', async () => {
    const [desk, phone] = await two();
    await change(desk, rename('b2', 'Renamed'));
    await desk.exchange(new Map());
    await meet(desk, phone);
    expect(names(phone)).toContain('Renamed');
    expect((await phone.knowledge())?.all).toBe((await desk.knowledge())?.all);
  });

  it('of a deleted batch stays: what one went on with comes back whole', async () => {
    const [desk, phone] = await two();
    await change(desk, (b) => ({ ...b, batches: b.batches.filter(({ id }) => id !== 'b2') }));
    await change(phone, rename('b2', 'Went on'));
    await meet(desk, phone);
    for (const app of [desk, phone])
      expect(home(app).batches.find(({ id }) => id === 'b2')).toEqual({
        ...REFERENCE,
        id: 'b2',
        name: 'Went on',
      });
  });

  it('of long ago is forgotten with all that it deleted', async () => {
    const [desk, phone] = await two();
    await change(desk, (b) => ({ ...b, batches: b.batches.filter(({ id }) => id !== 'b2') }));
    await meet(desk, phone);
    const known = async (): Promise<boolean> =>
      ((await desk.knowledge())?.records ?? new Map()).has('batches/b2');
    await desk.sweepDeleted(Date.parse(AT) - 1);
    expect(await known()).toBe(true);
    await desk.sweepDeleted(Date.parse(AT) + 1);
    expect(await known()).toBe(false);
  });

  it('that nobody touched stays deleted, however often it is told again', async () => {
    const [desk, phone] = await two();
    await change(desk, (b) => ({ ...b, batches: b.batches.filter(({ id }) => id !== 'b2') }));
    await meet(desk, phone);
    await meet(phone, desk);
    expect([names(desk), names(phone)]).toEqual([[REFERENCE.name], [REFERENCE.name]]);
  });

  it('that is not one is refused whole, and told', async () => {
    const [desk] = await two();
    const bad: Replicas = new Map([
      [
        'batches/b2',
        { leaves: new Map([['.name', { value: 7, stamp: 'zzzzzzzzz0000-x' }]]), taken: new Map() },
      ],
    ]);
    expect(await desk.exchange(bad)).toMatchObject({ isTaken: false });
    expect(names(desk)).toContain('Second');
  });
});

describe('200 pairs of changes at once', () => {
  it('are all kept on both devices', async () => {
    const [desk, phone] = await two();
    for (let i = 0; i < 200; i++) {
      await Promise.all([
        change(desk, rename('b2', `Name ${i}`)),
        change(phone, (bundle) => ({
          ...bundle,
          batches: bundle.batches.map((batch) =>
            batch.id === 'b2' ? { ...batch, servings: i + 1 } : batch,
          ),
        })),
      ]);
      await Promise.all([tell(desk, phone), tell(phone, desk)]);
      for (const app of [desk, phone]) {
        const batch = home(app).batches.find(({ id }) => id === 'b2');
        expect([batch?.name, batch?.servings]).toEqual([`Name ${i}`, i + 1]);
      }
    }
  });
});

/** Leaves of all records, as text in one order. */
const contentOf = (app: App): unknown =>
  [...recordsOf(home(app))]
    .toSorted(([x], [y]) => (x < y ? -1 : 1))
    .map(([key, one]) => [key, JSON.stringify([...leavesOf(one)].toSorted())]);

const idsIn = ({ cooks }: Bundle): ReadonlySet<string> =>
  new Set(cooks[0]?.marks.map(({ id }) => id));

describe('three devices over random histories, each with a database of its own', () => {
  it('end up equal with every mark kept and no litre used twice', async () => {
    const desk = await device(FIRST);
    await desk.changeSharing(() => sharing('desk'));
    const others: App[] = [];
    for (const name of ['phone', 'shelf']) {
      const other = await device(EMPTY);
      await other.joinHousehold(await everything(desk), sharing(name), null);
      others.push(other);
    }
    const apps = [desk, ...others] as const;
    const messages: Replicas[] = [];
    const marked = new Set<string>();
    const out = new Set<string>();
    let made = 0;
    const play = async (done: Move): Promise<void> => {
      const app = apps[done.who] as App;
      if (done.is === 'act') {
        const id = `n${made++}`;
        const before = idsIn(home(app));
        await change(app, (bundle) => ACTS[done.what]?.(bundle, id, done.n) ?? bundle);
        const was = idsIn(home(app));
        for (const gone of before) if (!was.has(gone)) out.add(gone);
        if (was.has(id)) marked.add(id);
        // Several changes are stamped together.
        if (done.n % 3 === 0) messages.push((await app.exchange(new Map()))?.told ?? new Map());
      } else if (done.is === 'hears') {
        // Messages are lost, doubled and late: any of the earlier ones, or none.
        const message = messages[done.which % Math.max(1, messages.length)];
        if (message) await app.exchange(message);
      } else if (done.is === 'meet' && done.who !== done.other)
        await meet(app, apps[done.other] as App);
    };
    const histories = fc.sample(
      fc.array(
        move.filter(({ is }) => is !== 'restored'),
        { minLength: 40, maxLength: 40 },
      ),
      { seed: 20261202, numRuns: 6 },
    );
    for (const history of histories) {
      for (const done of history) await play(done);
      for (const [a, b] of [
        [0, 1],
        [1, 2],
        [0, 1],
        [0, 2],
      ] as const)
        await meet(apps[a] as App, apps[b] as App);
      const [first, ...rest] = apps.map(contentOf);
      for (const one of rest) expect(one).toEqual(first);
      const { batches, cooks, jars } = home(desk);
      expect(cooks[0]?.marks.map(({ id }) => id)).toEqual(
        expect.arrayContaining([...marked].filter((id) => !out.has(id))),
      );
      for (const id of out) expect(idsIn(home(desk))).not.toContain(id);
      const inPlans = claimed(batches);
      for (const jar of jars) {
        const gone = (jar.gone ?? []).reduce((sum, { litres }) => sum + litres, 0);
        expect(gone + (inPlans.get(jar.id) ?? 0)).toBeLessThan(jar.litres + 1e-4);
      }
    }
    expect(made).toBeGreaterThan(50);
  });
});

describe('the key to what devices say', () => {
  it('is in no file, neither of a whole kitchen nor of a broken one', async () => {
    const desk = await device(HOME);
    await desk.changeSharing(() => sharing('desk'));
    await change(desk, rename('b2', 'Renamed'));
    expect(await desk.readAsItIs()).not.toContain('secret');
    const db = await openDB('retort');
    await db.delete('household', 'household');
    db.close();
    const found = await desk.readAsItIs();
    expect(found).toContain('Renamed');
    expect(found).not.toContain('secret');
  });
});

describe('a device that leaves', () => {
  it('tells nothing any more, and keeps what it has', async () => {
    const [desk, phone] = await two();
    await phone.changeSharing(() => null);
    await change(phone, rename('b2', 'Alone'));
    expect(await phone.exchange(new Map())).toBeNull();
    expect(await phone.readSharing()).toBeNull();
    expect(names(phone)).toContain('Alone');
    expect(names(desk)).not.toContain('Alone');
  });
});
