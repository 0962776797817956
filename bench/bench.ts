/** Speed of the core, in Node. Figures are read, never tested. */
import { readFileSync } from 'node:fs';
import { Bench } from 'tinybench';
import { assess, drawBatch } from '../src/core/assess';
import { potOf } from '../src/core/batch';
import { REFERENCE, KITCHEN, POT } from '../src/core/testing/kitchen';
import { readBundle } from '../src/formats';

const read = readBundle(readFileSync('demo/harrow-fell.json', 'utf8'));
if (!read.ok) throw new Error('the sample kitchen is not valid');
const { batches, pots, kitchen } = read.bundle;

const reference = assess(REFERENCE, POT, KITCHEN);
console.log(
  `reference batch: ${REFERENCE.items.length} items, ${reference.time.totalMin.p50.toFixed(0)} min`,
);

const bench = new Bench({ time: 1500, warmupTime: 500 });
bench.add('assess', () => void assess(REFERENCE, POT, KITCHEN));
for (const batch of batches) {
  const pot = potOf(batch, pots);
  bench.add(`sample: ${batch.name}`, () => void assess(batch, pot, kitchen));
}
bench.add('100 draws', () => void drawBatch(REFERENCE, POT, KITCHEN, { draws: 100, seed: 1 }));
await bench.run();

const median = (name: string): number => {
  const { result } = bench.tasks.find((t) => t.name === name) ?? {};
  return result && 'latency' in result ? result.latency.p50 : Number.NaN;
};
const samples = batches.map((b) => median(`sample: ${b.name}`));
console.log(`assess median: ${median('assess').toFixed(2)} ms`);
console.log(`worst sample batch median: ${Math.max(...samples).toFixed(2)} ms`);
console.log(`100 draws median: ${median('100 draws').toFixed(0)} ms`);
