import fc from 'fast-check';
import { batchOf, item, KITCHEN, POT, pressure } from '../../testing/kitchen';
import { planBatch, stepsOf } from './complete';
import { waterL } from './edit';
import {
  addExtraction,
  isBroth,
  pickMeat,
  extractionWaterL,
  setExtractionHold,
  setExtractionWater,
  stopAfter,
  stretchesOf,
  withExtractions,
} from './extractions';
import type { Batch, Step } from '../schema/types';

const STRAIN: Step = { id: 'end', kind: 'strain' };
const BROTH: Batch = batchOf(
  [
    item('b', 'veal-knuckle', 1, 'kg'),
    item('o', 'onion', 1, 'piece'),
    item('w', 'water', 2.5, 'l'),
  ],
  [pressure(90), STRAIN],
  { kind: 'broth' },
);
const planned = (batch: Batch, id: string) => {
  const found = planBatch(batch, POT, KITCHEN).items.find((i) => i.id === id);
  if (!found) throw new Error(id);
  return found;
};

describe('runs of bones', () => {
  it('are added with the broth poured off and the same water fresh', () => {
    const two = addExtraction(BROTH);
    expect(stepsOf(two).map((s) => s.kind)).toEqual(['pressure', 'strain', 'pressure', 'strain']);
    expect([extractionWaterL(two, 0), extractionWaterL(two, 1)]).toEqual(
      [2.5, 2.5].map((v) => expect.closeTo(v, 2)),
    );
    const plan = planBatch(two, POT, KITCHEN);
    expect(plan.pours).toEqual([1]);
    // The bones stay to the end; the vegetable is spent, the water is broth.
    expect(planned(two, 'b')).toMatchObject({ stays: [{ from: 0, to: 3 }] });
    expect(planned(two, 'o')).toMatchObject({ leavesAt: 1, poured: false });
    expect(planned(two, 'w')).toMatchObject({ leavesAt: 1, poured: true });
  });

  it('are taken off again, with nothing left over', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5 }), fc.integer({ min: 1, max: 5 }), (more, keep) => {
        const many = withExtractions(BROTH, more);
        expect(stretchesOf(many)).toHaveLength(more);
        expect(stretchesOf(stopAfter(many, keep))).toHaveLength(Math.min(more, keep));
        expect(withExtractions(many, 1)).toEqual(BROTH);
      }),
    );
  });

  it('have a water and a hold each', () => {
    const changed = setExtractionHold(setExtractionWater(withExtractions(BROTH, 3), 1, 1.8), 2, 45);
    expect([0, 1, 2].map((run) => extractionWaterL(changed, run))).toEqual([
      expect.closeTo(2.5, 2),
      expect.closeTo(1.8, 2),
      expect.closeTo(2.5, 2),
    ]);
    expect(waterL(changed)).toBeCloseTo(2.5, 2);
    expect(stepsOf(changed).flatMap((s) => (s.kind === 'pressure' ? [s.holdMin] : []))).toEqual([
      90, 90, 45,
    ]);
    expect(extractionWaterL(setExtractionWater(changed, 1, 0), 1)).toBe(0);
    expect(
      extractionWaterL(setExtractionWater(setExtractionWater(changed, 1, 0), 1, 1.5), 1),
    ).toBeCloseTo(1.5, 2);
    expect(setExtractionWater(BROTH, 4, 2)).toBe(BROTH);
  });

  it('are understood where a straining does not say what stays', () => {
    const silent = (items: Batch['items']): readonly number[] =>
      planBatch(
        batchOf(
          [...BROTH.items, ...items],
          [pressure(60), { id: 's2', kind: 'strain' }, { ...pressure(60), id: 's3' }, STRAIN],
          { kind: 'broth' },
        ),
        POT,
        KITCHEN,
      ).pours;
    const water = item('w2', 'water', 2, 'l', { stays: [{ from: 's3' }] });
    const bones = item('b2', 'veal-knuckle', 1, 'kg', { stays: [{ from: 's3' }] });
    expect(silent([water])).toEqual([1]);
    // Fresh bones in the first broth: a double stock.
    expect(silent([bones])).toEqual([]);
    expect(silent([water, bones])).toEqual([]);
    expect(silent([])).toEqual([]);
  });

  it('are asked for by stock and broth with bones only', () => {
    expect(isBroth(BROTH)).toBe(true);
    expect(isBroth({ ...BROTH, kind: 'soup' })).toBe(false);
    expect(isBroth({ ...BROTH, items: [item('w', 'water', 1, 'l')] })).toBe(false);
  });
});

describe('meat picked off', () => {
  const bird = batchOf(
    [item('b', 'whole-chicken', 1.6, 'kg'), item('w', 'water', 2, 'l')],
    [pressure(50), { id: 'door', kind: 'open' }, { ...pressure(70), id: 's3' }, STRAIN],
    { kind: 'stock' },
  );

  it('leaves its bones in', () => {
    const picked = pickMeat(bird, 'b', 'door');
    expect(planned(picked, 'b')).toMatchObject({ leavesAt: 1 });
    const bones = picked.items.find((i) => i.from === 'b');
    expect(bones).toMatchObject({ food: 'chicken-frame', stays: [{ from: 'door' }] });
    expect(planned(picked, bones?.id ?? '').massG).toBeCloseTo(480, 0);
    expect(pickMeat(picked, 'b', 'door')).toBe(picked);
    expect(pickMeat(bird, 'w', 'door')).toBe(bird);
  });
});

describe('bones readied', () => {
  it('lose what they are known to lose', () => {
    const raw = planned(BROTH, 'b');
    const roasted = planned({ ...BROTH, bones: 'roasted' }, 'b');
    const blanched = planned({ ...BROTH, bones: 'blanched' }, 'b');
    expect(roasted.massG).toBeLessThan(0.86 * raw.massG);
    expect(roasted.boughtG).toBe(raw.boughtG);
    expect(roasted.food.composition.fat).toBeCloseTo(0.8 * raw.food.composition.fat, 9);
    expect(blanched.food.foaming).toBe(0);
    expect(blanched.massG).toBeGreaterThan(0.98 * raw.massG);
  });
});
