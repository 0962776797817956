/** Speed of the core, in Node. Figures are read, never tested. */
import { readFileSync } from 'node:fs';
import { Bench } from 'tinybench';
import { assess, drawBatch } from '../src/core/assess';
import { potOf } from '../src/core/batch';
import { planRunOffs, solve, USUAL_WISHES } from '../src/core/solve';
import { REFERENCE, KITCHEN, POT } from '../src/core/testing/kitchen';
import { loadOdex, minutesOf, odexCase } from '../src/core/testing/odexPot';
import { readBundle } from '../src/formats';

const read = readBundle(readFileSync('demo/harrow-fell.json', 'utf8'));
if (!read.ok) throw new Error('the sample kitchen is not valid');
const { batches, pots, kitchen } = read.bundle;

const reference = assess(REFERENCE, POT, KITCHEN);
console.log(
  `reference batch: ${REFERENCE.items.length} items, ${reference.time.totalMin.toFixed(0)} min`,
);

const bench = new Bench({ time: 1500, warmupTime: 500, iterations: 12, warmupIterations: 4 });
bench.add('assess', () => void assess(REFERENCE, POT, KITCHEN));
for (const batch of batches) {
  const pot = potOf(batch, pots);
  bench.add(`sample: ${batch.name}`, () => void assess(batch, pot, kitchen));
}
bench.add('400 draws', () => void drawBatch(REFERENCE, POT, KITCHEN, { draws: 400, seed: 1 }));
const broth = batches.find((b) => b.id === 'b3');
if (!broth) throw new Error('no broth in the sample kitchen');
bench.add(
  'runs of bones',
  () => void planRunOffs(broth, potOf(broth, pots), kitchen, { set: 'soft set', litres: 5 }),
);
bench.add('solve', () => void solve(REFERENCE, POT, KITCHEN, USUAL_WISHES));

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

const median = (name: string): number => {
  const { result } = [...bench.tasks, ...slow.tasks].find((t) => t.name === name) ?? {};
  return result && 'latency' in result ? result.latency.p50 : Number.NaN;
};
const samples = batches.map((b) => median(`sample: ${b.name}`));
console.log(`assess median: ${median('assess').toFixed(2)} ms`);
console.log(`worst sample batch median: ${Math.max(...samples).toFixed(2)} ms`);
console.log(`400 draws median: ${median('400 draws').toFixed(0)} ms`);
console.log(`runs of bones median: ${median('runs of bones').toFixed(0)} ms`);
console.log(`solve median: ${median('solve').toFixed(0)} ms`);
console.log(
  `heat equations: ours ${median('heat, ours').toFixed(2)} ms, ${oursOff.toFixed(2)} C off; ` +
    `odex ${median('heat, odex').toFixed(0)} ms at a tolerance of ${tolerance}`,
);
console.log(`odex ratio: ${(median('heat, odex') / median('heat, ours')).toFixed(0)}`);
