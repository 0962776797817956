/** Speed of the core, in Node. Figures are read, never tested. */
import { readFileSync } from 'node:fs';
import { Bench } from 'tinybench';
import {
  assess,
  beliefOf,
  coolDown,
  drawBatch,
  guardedOf,
  judgeBatch,
  judgeCourse,
  knownKitchen,
  lessonOf,
  planRunOffs,
  potOf,
  proposalOf,
  readLines,
  releaseReports,
  runModel,
  solve,
  stepsOf,
  USUAL_WISHES,
  waysToCool,
  worldsOf,
  type Batch,
} from '../src/core';
import { cookThrough, until } from '../src/core/testing/cooking';
import { cookOf } from '../src/core/testing/cooks';
import { markedS } from '../src/core/testing/marks';
import { batchOf, item, pressure, REFERENCE, KITCHEN, POT } from '../src/core/testing/kitchen';
import { largeHousehold } from '../src/core/testing/large';
import { loadOdex, minutesOf, odexCase } from '../src/core/testing/odexPot';
import { readBundle, readRecipe } from '../src/formats';
import { drawers } from './workers';

const read = readBundle(readFileSync('demo/harrow-fell.json', 'utf8'));
if (!read.ok) throw new Error('the sample kitchen is not valid');
const { batches, pots, kitchen } = read.bundle;

const reference = assess(REFERENCE, POT, KITCHEN);
console.log(
  `reference batch: ${REFERENCE.items.length} items, ${reference.time.totalMin.toFixed(0)} min`,
);

/** The solver's hardest case that is known: two pulses and a shank, which one lid cannot do. */
const HARD = batchOf(
  [
    item('w', 'water', 1.5, 'l'),
    item('shank', 'beef-shank', 600, 'g', { cut: { shape: 'slice', mm: 65 } }),
    item('peas', 'black-eyed-peas', 200, 'g'),
    item('beans', 'navy-beans', 200, 'g'),
    item('green', 'green-beans', 150, 'g'),
  ],
  [pressure(40)],
);

/**
 * A fixed piece of work of the same kind, the tridiagonal sweeps of a conducting body: machines
 * differ, and every figure is also told as a multiple of this one in the same run.
 */
function referenceLoop(): number {
  const cells = 12;
  const t = new Float64Array(cells).fill(5);
  const eliminate = new Float64Array(cells);
  for (let step = 0; step < 6000; step++) {
    let below = 0;
    for (let i = 0; i < cells; i++) {
      const pivot = 3 - below;
      below = 1 / pivot;
      eliminate[i] = below;
      t[i] =
        ((t[i] as number) + (i === cells - 1 ? 100 : 0) + (t[Math.max(0, i - 1)] as number)) /
        pivot;
    }
    for (let i = cells - 2; i >= 0; i--)
      t[i] = ((t[i] as number) + (eliminate[i] as number) * (t[i + 1] as number)) / 2;
  }
  return t[0] as number;
}

/** A long list, of lines as cooks write them and of some that name no food. */
const LINES = [
  '2 1/2 lb lamb neck, cut in pieces',
  '1 cup chicken or vegetable stock',
  '2 (15-ounce) cans black beans, drained',
  '3 cloves garlic, minced',
  '1 carot, sliced',
  '200 g moonrock',
  'salt and pepper to taste',
  '1 whole head of garlic, halved crosswise',
];
const LIST = Array.from({ length: 1000 }, (_, i) => LINES[i % LINES.length]).join('\n');

/** A typical page: its recipe, and much else. */
const PAGE = readFileSync('demo/pages/minestrone.html', 'utf8');
/** Nothing larger is read: a page of 3 MB in which one row follows the other. */
const LARGEST =
  `<html><body>${'<p>Add the carrots and simmer for 10 minutes, then stir in 200 g of peas.</p>'.repeat(40_000)}</body></html>`.slice(
    0,
    2_999_000,
  );

const bench = new Bench({ time: 1500, warmupTime: 500, iterations: 12, warmupIterations: 4 });
bench.add('assess', () => void assess(REFERENCE, POT, KITCHEN));
const run = runModel(REFERENCE, POT, KITCHEN);
const releases = releaseReports(run);
bench.add('guard', () => void judgeCourse(guardedOf(run, releases, null)));
bench.add('a list of 1,000 lines', () => void readLines(LIST));
bench.add('a page', () => void readRecipe(PAGE));
bench.add('the largest page', () => void readRecipe(LARGEST));
for (const batch of batches) {
  const pot = potOf(batch, pots);
  bench.add(`sample: ${batch.name}`, () => void assess(batch, pot, kitchen));
}
bench.add('400 draws', () => void drawBatch(REFERENCE, POT, KITCHEN, { draws: 400, seed: 1 }));
const two = drawers(2);
const drawByTwo = () => two.drawAway(REFERENCE, POT, KITCHEN, 400, () => undefined);
const byTwo = await drawByTwo();
const byOne = drawBatch(REFERENCE, POT, KITCHEN, { draws: 400, seed: 1 });
if (JSON.stringify(byTwo) !== JSON.stringify(byOne)) throw new Error('two workers draw otherwise');
bench.add('400 draws, two workers', async () => void (await drawByTwo()));
const broth = batches.find((b) => b.id === 'b3');
if (!broth) throw new Error('no broth in the sample kitchen');
bench.add(
  'runs of bones',
  () => void planRunOffs(broth, potOf(broth, pots), kitchen, { set: 'soft set', litres: 5 }),
);
bench.add('solve', () => void solve(REFERENCE, POT, KITCHEN, USUAL_WISHES));
bench.add('solve, hardest', () => void solve(HARD, POT, KITCHEN, USUAL_WISHES));
const troubled = batches.find((b) => b.id === 'b4') ?? HARD;
const drawn = drawBatch(troubled, potOf(troubled, pots), kitchen, { draws: 100, seed: 1 });
bench.add('advice', () => void judgeBatch(troubled, potOf(troubled, pots), kitchen, pots, drawn));
/** The consequences of a mark at the stove: beliefs and proposals. */
const STEW = batchOf(
  [
    item('w', 'water', 1.2, 'l'),
    item('legs', 'chicken-thigh', 900, 'g', {
      stays: [
        { from: 's1', to: 's1' },
        { from: 's4', done: [] },
      ],
    }),
    item('peas', 'chickpeas', 300, 'g', { soakedH: 12, stays: [{ from: 's2' }] }),
    item('onion', 'onion', 2, 'piece'),
  ],
  [
    { id: 's1', kind: 'saute', minutes: 8 },
    { ...pressure(12, { method: 'quick' }), id: 's2' },
    { id: 's3', kind: 'open', minutes: 3 },
    { ...pressure(10, { method: 'natural' }), id: 's4' },
  ],
);
for (const [name, batch, step] of [
  ['one lid', REFERENCE, stepsOf(REFERENCE).find(({ kind }) => kind === 'pressure')?.id],
  ['set aside and back', STEW, 's2'],
] as const satisfies readonly (readonly [string, Batch, string | undefined])[]) {
  const at = '2026-11-24T16:00:00.000Z';
  const standIn = { seed: 7, times: 1, wallAt: at, cookAt: at };
  const whole = cookThrough(cookOf(name, batch, at), standIn).cook;
  const nowS = (markedS(whole, 'lid-off', step ?? '') ?? Number.NaN) + 1;
  const now = until(whole, nowS);
  bench.add(`a mark at the stove, ${name}`, () => {
    const worlds = worldsOf(now, nowS, { seed: 1 });
    beliefOf(worlds, nowS);
    proposalOf(now, nowS, worlds, 'open', step ?? '', 3600);
  });
}
const chili = {
  litres: 3.5,
  thick: true,
  celsius: 92,
  pot: POT,
};
const hand = { pans: 2, iceKg: 3, jars: [{ kind: 'half-litre' as const, count: 8 }] };
const around = { ambientC: 19, altitudeM: 1150, fridgeC: 3 };
const pans = waysToCool(chili, hand, around).find((way) => way.key === 'pot-out');
if (!pans) throw new Error('no way to cool');
const [stood] = pans.cooling.stands;
if (!stood) throw new Error('nowhere to stand');
bench.add(
  'cooling, 5 h',
  () =>
    void coolDown(
      { thick: true, startC: 92, stands: [{ ...stood, place: 'room', until: { minutes: 300 } }] },
      around,
    ),
);
bench.add('all ways to cool', () => void waysToCool(chili, hand, around));
const { bundle } = read;
const years = largeHousehold(bundle);
const [newest] = bundle.cooks.slice(-1);
if (!newest) throw new Error('no cook in the sample kitchen');
const later = {
  ...years,
  cooks: [...years.cooks, { ...newest, startedAt: '2030-01-01T00:00:00.000Z' }],
};
bench.add('learn from 2,000 cooks', () => void knownKitchen(years));
bench.add('learn from one more', () => void knownKitchen(later));
const longest = bundle.cooks.toSorted((a, b) => a.predicted.totalMin - b.predicted.totalMin).at(-1);
if (!longest || (longest.predicted.runOffs ?? []).length < 3)
  throw new Error('no cook of three runs');
bench.add('the lesson of a cook', () => void lessonOf(longest));
bench.add('reference loop', () => void referenceLoop());

// The same heat equations by a general solver, at the loosest tolerance that is as exact as ours:
// every temperature within 0.2 C of a tight solution at every minute.
const EXACT_C = 0.2;
const odex = await loadOdex();
const cook = odexCase();
const tight = cook.theirs(odex, 1e-7);
const apart = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((most, t, i) => Math.max(most, Math.abs(t - (b[i] ?? Number.NaN))), 0);
const tolerance = [1e-2, 1e-3, 1e-4, 3e-5, 1e-5, 1e-6].find((tol) => {
  const found = cook.theirs(odex, tol);
  return (
    apart(tight.liquidC, found.liquidC) <= EXACT_C &&
    tight.innerC.every((inner, n) => apart(inner, found.innerC[n] ?? []) <= EXACT_C)
  );
});
if (tolerance === undefined) throw new Error('the general solver is never as exact');
const oursOff = apart(tight.liquidC, minutesOf(cook.ours(10).trace, cook.endS));
if (oursOff > EXACT_C) throw new Error(`ours is ${oursOff} C off`);
bench.add('heat, ours', () => void cook.ours(10));
await bench.run();
// Seconds a run: a few are enough.
const slow = new Bench({ time: 0, iterations: 5, warmup: false });
slow.add('heat, odex', () => void cook.theirs(odex, tolerance));
await slow.run();
await two.end();

const median = (name: string): number => {
  const { result } = [...bench.tasks, ...slow.tasks].find((t) => t.name === name) ?? {};
  return result && 'latency' in result ? result.latency.p50 : Number.NaN;
};
const samples = batches.map((b) => median(`sample: ${b.name}`));
const loop = median('reference loop');
const say = (what: string, ms: number, digits = 0): void =>
  console.log(`${what}: ${ms.toFixed(digits)} ms, ${(ms / loop).toPrecision(3)} reference loops`);
console.log(`reference loop median: ${loop.toFixed(2)} ms`);
say('assess median', median('assess'), 2);
const door = (100 * median('guard')) / median('assess');
say('guard median', median('guard'), 3);
console.log(`guard, share of assess: ${door.toFixed(1)} %`);
say('worst sample batch median', Math.max(...samples), 2);
say('a list of 1,000 lines median', median('a list of 1,000 lines'));
say('a page median', median('a page'), 1);
say('the largest page median', median('the largest page'));
say('400 draws median', median('400 draws'));
say('400 draws by two workers median', median('400 draws, two workers'));
say('runs of bones median', median('runs of bones'));
say('solve median', median('solve'));
say('solve, hardest known median', median('solve, hardest'));
say('advice on five calls median', median('advice'));
for (const name of ['one lid', 'set aside and back'])
  say(`a mark at the stove, ${name}, median`, median(`a mark at the stove, ${name}`));
say('a 5 h cooling curve of thick chili median', median('cooling, 5 h'), 1);
say('all ways to cool a thick chili median', median('all ways to cool'));
say('all that 2,000 cooks teach median', median('learn from 2,000 cooks'), 1);
say('the same and one more median', median('learn from one more'), 1);
say('the lesson of a cook of three runs median', median('the lesson of a cook'));
console.log(
  `heat equations: ours ${median('heat, ours').toFixed(2)} ms, ${oursOff.toFixed(2)} C off; ` +
    `odex ${median('heat, odex').toFixed(0)} ms at a tolerance of ${tolerance}`,
);
console.log(`odex ratio: ${(median('heat, odex') / median('heat, ours')).toFixed(0)}`);
