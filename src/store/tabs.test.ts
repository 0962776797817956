/** Several tabs on one household: nobody's change is lost, and none is stale. */
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { changeItem, setHold } from '../core/batch/plan';
import type { Batch, Bundle } from '../core/batch/schema';
import { writeBundle } from '../formats';
import { HOUSEHOLD, REFERENCE } from '../core/testing/kitchen';
import type * as AppModule from '.';

global.structuredClone ??= (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

const HOME: Bundle = {
  ...HOUSEHOLD,
  batches: [REFERENCE, { ...REFERENCE, id: 'b2', name: 'Second' }],
};
const NOW = (): string => '2026-11-24T10:00:00.000Z';

type App = typeof AppModule;

/** The channel between tabs: what one says the others hear, a turn later. */
class Wire {
  static tabs: Wire[] = [];
  onmessage: ((event: unknown) => void) | null = null;
  constructor() {
    Wire.tabs.push(this);
  }
  postMessage(data: unknown): void {
    for (const tab of Wire.tabs) if (tab !== this) setImmediate(() => tab.onmessage?.({ data }));
  }
}

async function tab(): Promise<App> {
  jest.resetModules();
  return import('.');
}

/** Two tabs on one household. */
async function two(): Promise<readonly [App, App]> {
  indexedDB = new IDBFactory();
  Wire.tabs = [];
  const a = await tab();
  await a.start(() => Promise.resolve(HOME), NOW);
  await a.settled();
  const b = await tab();
  await b.start(null, NOW);
  return [a, b];
}

const heard = (): Promise<void> => new Promise((done) => setImmediate(done));

/** Until nobody has anything to say or to write. */
async function quiet(...apps: readonly App[]): Promise<void> {
  for (let i = 0; i < 4; i++) {
    for (const app of apps) await app.settled();
    await heard();
  }
}

const home = (app: App): Bundle => {
  const { household } = app.useApp.getState();
  if (!household) throw new Error('no household');
  return household;
};
/** All that a tab holds, in one order. */
const text = (app: App): string => writeBundle(home(app));
const batch = (app: App, id = 'b1'): Batch => {
  const found = home(app).batches.find((b) => b.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};
const put = (app: App, id: string, edit: (b: Batch) => Batch): boolean =>
  app.change((h) => ({ ...h, batches: h.batches.map((b) => (b.id === id ? edit(b) : b)) }));

beforeAll(() => {
  globalThis.BroadcastChannel = Wire as unknown as typeof BroadcastChannel;
});

describe('two tabs', () => {
  it('lose nothing of 200 pairs of changes made at once, and neither is stale', async () => {
    let lost = 0;
    let stale = 0;
    for (let household = 0; household < 20; household++) {
      const [a, b] = await two();
      for (let n = 1; n <= 10; n++) {
        put(a, 'b1', (x) => setHold(x, 's1', n));
        put(b, 'b1', (x) => changeItem(x, 'i2', { startC: n }));
        await quiet(a, b);
        for (const { steps, items } of [batch(a), batch(b)]) {
          const held = steps?.some((s) => s.kind === 'pressure' && s.holdMin === n);
          const cold = items.some((i) => i.id === 'i2' && i.startC === n);
          if (!held || !cold) lost++;
        }
        if (text(a) !== text(b)) stale++;
      }
    }
    expect([lost, stale]).toEqual([0, 0]);
  });

  it('are told where both changed the same, and one of the two stands in both', async () => {
    const [a, b] = await two();
    put(a, 'b1', (x) => ({ ...x, servings: 3 }));
    put(b, 'b1', (x) => ({ ...x, servings: 9 }));
    await quiet(a, b);
    expect(batch(a).servings).toBe(batch(b).servings);
    const notices = [a, b].map((app) => app.useApp.getState().notice ?? '').join(' ');
    expect(notices).toMatch(/this tab.s version was kept: .*servings/);
  });

  it('undo their own, and not what the other did', async () => {
    const [a, b] = await two();
    put(a, 'b1', (x) => ({ ...x, servings: 3 }));
    await quiet(a, b);
    put(b, 'b2', (x) => ({ ...x, name: 'Renamed there' }));
    await quiet(a, b);
    a.useApp.temporal.getState().undo();
    await quiet(a, b);
    for (const app of [a, b]) {
      expect(batch(app).servings).toBe(REFERENCE.servings);
      expect(batch(app, 'b2').name).toBe('Renamed there');
    }
  });

  it('keep what one went on with and the other took away', async () => {
    const [a, b] = await two();
    a.change((h) => ({ ...h, batches: h.batches.filter((x) => x.id !== 'b1') }));
    put(b, 'b1', (x) => ({ ...x, name: 'Gone on with' }));
    await quiet(a, b);
    expect(batch(a).name).toBe('Gone on with');
    expect(text(a)).toBe(text(b));
  });

  it('keep both where what they made does not fit together', async () => {
    const [a, b] = await two();
    const removed = put(a, 'b1', (x) => ({
      ...x,
      steps: (x.steps ?? []).filter((s) => s.id !== 's2'),
      items: x.items.map((i) => (i.stays?.[0]?.from === 's2' ? { ...i, stays: [{}] } : i)),
    }));
    expect(removed).toBe(true);
    expect(put(b, 'b1', (x) => changeItem(x, 'i2', { stays: [{ from: 's2' }] }))).toBe(true);
    await quiet(a, b);
    expect(text(a)).toBe(text(b));
    const named = home(a).batches.map((x) => x.name);
    expect(named.some((name) => name.endsWith(', other tab'))).toBe(true);
  });

  it('are told when one starts over, and nothing half is left', async () => {
    const [a, b] = await two();
    await a.startOver('2026-11-24T11:00:00Z');
    await quiet(a, b);
    expect(b.useApp.getState()).toMatchObject({ household: null, status: 'new' });
    expect(b.useApp.getState().notice).toMatch(/started over/);
    await b.begin(HOME);
    await quiet(a, b);
    expect(home(b)).toEqual(HOME);
    // Whoever began nothing of its own takes the new kitchen, and goes on in it.
    expect(a.useApp.getState().status).toBe('ready');
    put(a, 'b1', (x) => ({ ...x, servings: 3 }));
    await quiet(a, b);
    expect(batch(b).servings).toBe(3);
  });

  it('hear nothing in what no tab of theirs says', async () => {
    const [a, b] = await two();
    const before = home(a);
    const [ear] = Wire.tabs;
    for (const data of ['changed', null, 7, {}, { stamp: 7 }, { stamp: 'nobody wrote this' }, [1]])
      ear?.onmessage?.({ data });
    await quiet(a, b);
    expect(home(a)).toBe(before);
    expect(a.useApp.getState().notice).toBeNull();
  });
});

describe('a full disk', () => {
  const full = () =>
    jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });

  it('never costs what is not written, whatever another tab writes', async () => {
    const [a, b] = await two();
    const disk = full();
    put(b, 'b1', (x) => ({ ...x, servings: 7 }));
    await quiet(b);
    expect(b.useApp.getState().trouble?.kind).toBe('full');
    disk.mockRestore();
    put(a, 'b2', (x) => ({ ...x, name: 'From the other' }));
    await quiet(a, b);
    for (const app of [a, b]) {
      expect(batch(app).servings).toBe(7);
      expect(batch(app, 'b2').name).toBe('From the other');
    }
    expect(b.useApp.getState().trouble).toBeNull();
  });

  it('is tried again by itself', async () => {
    const [a, b] = await two();
    jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick'] });
    const disk = full();
    put(b, 'b1', (x) => ({ ...x, servings: 7 }));
    await quiet(b);
    disk.mockRestore();
    jest.advanceTimersByTime(6000);
    jest.useRealTimers();
    await quiet(a, b);
    expect(b.useApp.getState().trouble).toBeNull();
    expect(batch(a).servings).toBe(7);
  });
});
