/**
 * Writes the cooks and the larder of the sample kitchen into demo/harrow-fell.json: a season of cooks with hidden
 * truths, jars filled from the newest, and a bag in the freezer, so that every chart of the first visit has
 * something true to show. The same seed gives the same file.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import {
  assess,
  type Bundle,
  type Cook,
  fillJars,
  type Jar,
  type JarPlace,
  type LarderHabits,
  lotsOf,
  pourIn,
  setWater,
  shelvesOf,
  type Sizes,
  withoutClaims,
} from '../../src/core';
import { readBundle, writeBundle } from '../../src/formats';
import { cookedBy, type Told } from './cooked';
import { seasonOf } from './season';

const FILE = 'demo/harrow-fell.json';
/** The soup that takes a jar of broth, and its liquid in all, L. */
const LAMB = 'b1';
const LAMB_WATER_L = 1.4;
const read = readBundle(readFileSync(FILE, 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.problems));
const { bundle } = read;

/** The newest cooks, of which there is something on the shelves. */
const LATEST: readonly (Omit<Told, 'batch'> & { readonly batch: string })[] = [
  {
    id: 'r1',
    batch: 'b5',
    startedAt: '2026-11-08T17:20:00.000Z',
    salted: true,
    note: 'Lemon at the end. A cup more water, it thickened overnight.',
    nextTime: { waterMl: 250 },
  },
  {
    id: 'r2',
    batch: 'b7',
    startedAt: '2026-11-15T16:05:00.000Z',
    tries: ['i2'],
    note: 'The borlotti were last year’s, a shade firm. Two minutes more.',
    nextTime: { holdMin: 2 },
  },
  {
    id: 'r3',
    batch: 'b2',
    startedAt: '2026-11-21T09:10:00.000Z',
    yields: [{ run: 1, litres: 3.1, set: 'trembles' }],
    note: 'Poured through a cloth. Clear, a good tremble.',
  },
  {
    id: 'r4',
    batch: 'b3',
    startedAt: '2026-11-22T08:30:00.000Z',
    yields: [
      { run: 1, litres: 2.9, set: 'soft set' },
      { run: 2, litres: 2.7, set: 'pourable' },
      { run: 3, litres: 2.6, set: 'pourable' },
    ],
    note: 'The third run went into the barley.',
  },
];

/** Jars filled from a cook: run, litres, sizes, place. */
interface PutBy {
  readonly cook: string;
  readonly run: number | null;
  readonly litres: number;
  readonly sizes: readonly Sizes[];
  readonly where: JarPlace;
}

const HALVES: readonly Sizes[] = [{ kind: 'half-litre', count: 9 }];
const LITRES: readonly Sizes[] = [{ kind: 'litre', count: 9 }];
const PUT_BY: readonly PutBy[] = [
  { cook: 'r3', run: 1, litres: 1.8, sizes: HALVES, where: 'fridge' },
  { cook: 'r2', run: null, litres: 0.9, sizes: [{ kind: 'tub', count: 4 }], where: 'freezer' },
  { cook: 'r4', run: 1, litres: 1.6, sizes: LITRES, where: 'freezer' },
  { cook: 'r4', run: 2, litres: 0.8, sizes: HALVES, where: 'fridge' },
  { cook: 'r4', run: 2, litres: 1.3, sizes: HALVES, where: 'freezer' },
];

const HABITS: LarderHabits = {
  litresADay: 0.45,
  fridgeDays: 4,
  pans: 2,
  iceKg: 2,
  jars: [
    { kind: 'half-litre', count: 8 },
    { kind: 'litre', count: 3 },
    { kind: 'tub', count: 4 },
  ],
};

const BAG: Bundle['bag'] = [
  {
    id: 'g1',
    food: 'turkey-frame',
    amount: { value: 1.4, unit: 'kg' },
    at: '2026-11-03T18:00:00.000Z',
  },
  { id: 'g2', food: 'leek', amount: { value: 400, unit: 'g' }, at: '2026-11-14T18:00:00.000Z' },
  { id: 'g3', food: 'carrot', amount: { value: 250, unit: 'g' }, at: '2026-11-19T18:00:00.000Z' },
];

/** The batches without their jars. */
const plain = bundle.batches.map((batch) => {
  const bare = withoutClaims(batch);
  return { ...bare, items: bare.items.filter((item) => item.broth === undefined) };
});
const whole = plain.map((batch) => (batch.id === LAMB ? setWater(batch, LAMB_WATER_L) : batch));
const latest = LATEST.map(({ batch: id, ...told }): Told => {
  const batch = whole.find((one) => one.id === id);
  if (!batch) throw new Error(id);
  return { ...told, batch };
});
const cooks = [...seasonOf(whole, bundle.pots), ...latest].reduce<readonly Cook[]>(
  (before, told, i) => [...before, cookedBy(bundle, before, told, 40 + i)],
  [],
);

function jarsOf({ cook: id, run, litres, sizes, where }: PutBy, first: number): readonly Jar[] {
  const cook = cooks.find((one) => one.id === id);
  if (!cook) throw new Error(id);
  const lots = lotsOf(cook, assess(cook.batch, cook.pot, cook.kitchen), []);
  const lot = lots.find((one) => one.run === run);
  if (!lot) throw new Error(`${id} has no run ${run}`);
  const { jars, overL } = fillJars(litres, sizes, 0.45, where === 'freezer');
  if (overL > 0) throw new Error(`${id}: ${overL} L find no jar`);
  return jars.map((filled, i): Jar => ({
    id: `j${first + i}`,
    name: lot.name,
    holder: filled.kind,
    litres: filled.litres,
    ...(cook.batch.kind && { kind: cook.batch.kind }),
    cook: cook.id,
    ...(lot.run !== null && { run: lot.run }),
    gPerL: Number(lot.gPerL.toFixed(1)),
    saltPercent: Number(lot.saltPercent.toFixed(2)),
    ...(lot.thick && { thick: true }),
    madeAt: cook.endedAt ?? cook.startedAt,
    where,
    ...(where === 'freezer' && { since: cook.endedAt ?? cook.startedAt }),
  }));
}

const jars = PUT_BY.reduce<readonly Jar[]>(
  (all, one) => [...all, ...jarsOf(one, all.length + 1)],
  [],
);

const [shelf] = shelvesOf(
  jars.filter((jar) => jar.run === 2 && jar.where === 'fridge'),
  [],
);
// A jar of the second run is part of the lamb soup's liquid, poured anew into as much water as it would be without.
const batches = whole.map((batch) =>
  batch.id === LAMB && shelf ? pourIn(batch, shelf, shelf.jars[0]?.freeL ?? 0, true) : batch,
);

writeFileSync(
  FILE,
  writeBundle({
    ...bundle,
    kitchen: { ...bundle.kitchen, larder: HABITS },
    batches,
    cooks,
    jars,
    bag: BAG,
  }),
);
