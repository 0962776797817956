/**
 * Writes the cooks and the larder of the sample kitchen into demo/harrow-fell.json: invented marks and
 * verdicts over what the models foretell, jars filled from those cooks, and a bag in the freezer, so that the
 * log and the Larder of the first visit have something to show.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { assess, drawBatch } from '../src/core/assess';
import {
  pourIn,
  potOf,
  shelvesOf,
  withoutClaims,
  type Bundle,
  type Cook,
  type Jar,
  type JarPlace,
  type LarderHabits,
  type Mark,
  type MarkKind,
  type Verdict,
} from '../src/core/batch';
import { fillJars, type Sizes } from '../src/core/keep';
import { lotsOf } from '../src/core/serve';
import { startCook } from '../src/core/timetable';
import { readBundle, writeBundle } from '../src/formats';

const FILE = 'demo/harrow-fell.json';
const read = readBundle(readFileSync(FILE, 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.problems));
const { bundle } = read;

interface Told {
  readonly id: string;
  readonly batch: string;
  readonly startedAt: string;
  readonly marks: readonly (readonly [MarkKind, string, number])[];
  readonly endMin: number;
  readonly verdicts: Readonly<Record<string, Verdict>>;
  readonly yields?: Cook['yields'];
  readonly note: string;
  readonly nextTime?: Cook['nextTime'];
}

const TOLD: readonly Told[] = [
  {
    id: 'r1',
    batch: 'b5',
    startedAt: '2026-11-08T17:20:00.000Z',
    marks: [
      ['lid-locked', 's1', 3],
      ['at-pressure', 's1', 20.5],
      ['valve-opened', 's1', 34.5],
      ['pin-down', 's1', 36],
      ['lid-off', 's1', 36.5],
    ],
    endMin: 38,
    verdicts: { i1: 'right', i2: 'right', i3: 'right' },
    note: 'Lemon at the end. A cup more water, it thickened overnight.',
    nextTime: { waterMl: 250 },
  },
  {
    id: 'r2',
    batch: 'b7',
    startedAt: '2026-11-15T16:05:00.000Z',
    marks: [
      ['lid-locked', 's1', 6],
      ['at-pressure', 's1', 27],
      ['valve-opened', 's1', 59],
      ['pin-down', 's1', 61],
      ['lid-off', 's1', 62],
      ['step-done', 's2', 71],
    ],
    endMin: 72,
    verdicts: { i1: 'right', i2: 'under', i3: 'right', i6: 'right' },
    note: 'The borlotti were last year’s and took longer. Five minutes more.',
    nextTime: { holdMin: 5 },
  },
  {
    id: 'r3',
    batch: 'b2',
    startedAt: '2026-11-21T09:10:00.000Z',
    marks: [
      ['lid-locked', 's1', 4],
      ['at-pressure', 's1', 42],
      ['pin-down', 's1', 147],
      ['lid-off', 's1', 148],
      ['step-done', 's2', 155],
    ],
    endMin: 156,
    verdicts: {},
    yields: [{ run: 1, litres: 3.1, set: 'trembles' }],
    note: 'Poured through a cloth. Clear, a good tremble.',
  },
  {
    id: 'r4',
    batch: 'b3',
    startedAt: '2026-11-22T08:30:00.000Z',
    marks: [
      ['lid-locked', 's1', 5],
      ['at-pressure', 's1', 44],
    ],
    endMin: 436,
    verdicts: {},
    yields: [
      { run: 1, litres: 2.9, set: 'soft set' },
      { run: 2, litres: 2.7, set: 'pourable' },
      { run: 3, litres: 2.6, set: 'pourable' },
    ],
    note: 'The third run went into the barley.',
  },
];

/** What is put by of a cook: of a run, so much of it, in what, and where. */
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

const cooks = TOLD.map((told): Cook => {
  const batch = bundle.batches.find((b) => b.id === told.batch);
  if (!batch) throw new Error(told.batch);
  const pot = potOf(batch, bundle.pots);
  const at = (min: number): string =>
    new Date(Date.parse(told.startedAt) + min * 60000).toISOString();
  const { kitchen } = bundle;
  const cook = startCook({
    id: told.id,
    batch,
    pot,
    kitchen,
    assessment: assess(batch, pot, kitchen),
    draws: drawBatch(batch, pot, kitchen, { draws: 100, seed: 1 }),
    at: told.startedAt,
  });
  const marks: readonly Mark[] = told.marks.map(([kind, step, min]) => ({
    kind,
    step,
    at: at(min),
  }));
  return {
    ...cook,
    marks: [...cook.marks, ...marks, { kind: 'done', step: null, at: at(told.endMin) }],
    endedAt: at(told.endMin),
    verdicts: told.verdicts,
    ...(told.yields && { yields: told.yields }),
    note: told.note,
    ...(told.nextTime && { nextTime: told.nextTime }),
  };
});

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

/** A jar of the second run is part of the lamb soup's liquid. */
const LAMB = 'b1';
const LAMB_WATER_L = 1.4;
const plans = bundle.batches.map(withoutClaims);
const [shelf] = shelvesOf(
  jars.filter((jar) => jar.run === 2 && jar.where === 'fridge'),
  [],
);
const batches = plans.map((batch) => {
  const plain = {
    ...batch,
    items: batch.items.filter((item) => item.broth === undefined),
  };
  if (batch.id !== LAMB || !shelf) return plain;
  const water = plain.items.find((item) => item.food === 'water');
  if (!water) throw new Error('the lamb soup has no water');
  // Always poured anew, into as much water as it would be without.
  const whole = {
    ...plain,
    items: plain.items.map((item) =>
      item === water ? { ...item, amount: { value: LAMB_WATER_L, unit: 'l' as const } } : item,
    ),
  };
  return pourIn(whole, shelf, shelf.jars[0]?.freeL ?? 0, true);
});

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
