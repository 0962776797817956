import {
  applyRemedy,
  assess,
  drawBatch,
  happened,
  heardBy,
  judgeBatch,
  lessonOf,
  planBatch,
  potOf,
  readLine,
  realTotalMin,
  runModel,
  timelineOf,
  validateBundle,
  waysToCool,
} from '.';
import { cookOf } from './testing/cooks';
import { batchOf, KITCHEN, POT, pressure } from './testing/kitchen';

/** The flow that the face documents, by what it exports alone. */
describe('the public face of the core', () => {
  const neck = readLine('1.2 kg lamb neck, 40 mm pieces');
  const water = readLine('1.5 l water');
  const items = [neck, water].flatMap(({ item }, i) => (item ? [{ ...item, id: `i${i}` }] : []));
  const batch = batchOf(items, [pressure(40)]);

  it('leads from a line to a verdict', () => {
    expect(neck.item).toMatchObject({ food: 'lamb-neck', amount: { value: 1.2, unit: 'kg' } });
    const file = { format: 'retort', version: 3, kitchen: KITCHEN, pots: [POT], batches: [batch] };
    const read = validateBundle(file);
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    expect(validateBundle({ ...file, pots: [] }).ok).toBe(false);
    const pot = potOf(batch, read.bundle.pots);
    expect(planBatch(batch, pot, KITCHEN).items).toHaveLength(2);
    const a = assess(batch, pot, KITCHEN);
    const draws = drawBatch(batch, pot, KITCHEN, { draws: 20, seed: 1 });
    if (!draws) throw new Error('no draws');
    expect(draws.totalMin.p10).toBeLessThan(a.time.totalMin);
    expect(draws.totalMin.p90).toBeGreaterThan(a.time.totalMin);
    const { findings } = judgeBatch(batch, pot, KITCHEN, [pot], draws);
    const remedy = findings.flatMap(({ remedies }) => remedies)[0];
    if (remedy) expect(applyRemedy(batch, remedy)).not.toEqual(batch);
    expect(runModel(batch, pot, KITCHEN).heat.trace.liquidC.at(-1)).toBeGreaterThan(90);
  });

  it('folds a cook, and says what it teaches', () => {
    const START = '2026-11-24T16:00:00.000Z';
    const at = (min: number): string => new Date(Date.parse(START) + min * 60_000).toISOString();
    const heard = heardBy(cookOf('c1', batch, START), [
      { at: at(5), pot: 'p1', kind: 'lid', value: 1 },
      { at: at(25), pot: 'p1', kind: 'countdown' },
      { at: at(80), pot: 'p1', kind: 'pin-down' },
      { at: at(81), pot: 'p1', kind: 'lid', value: 0 },
    ]);
    const cook = { ...heard, endedAt: at(90) };
    const timeline = timelineOf(cook);
    expect(timeline.steps[0]?.over).toEqual({ s: 65 * 60, how: 'presumed' });
    expect(happened(timeline)).toEqual([{ step: 's1', warmUpMin: 20, releaseMin: 15 }]);
    expect(realTotalMin(cook)).toBe(76);
    expect(lessonOf(cook)?.pot.map(({ what }) => what)).toEqual(['hot', 'down']);
  });

  it('cools what is left, and the first way keeps the rule', () => {
    const hand = { pans: 2, iceKg: 3, jars: [{ kind: 'half-litre' as const, count: 12 }] };
    const left = { litres: 2, thick: false, celsius: 92, pot: POT };
    const [best] = waysToCool(left, hand, { ambientC: 19, altitudeM: 1150, fridgeC: 3 });
    expect(best?.curve.warmestC[0]).toBeGreaterThan(80);
    expect(best?.curve.warmestC.at(-1)).toBeLessThanOrEqual(5.5);
  });
});
