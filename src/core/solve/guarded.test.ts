import fc from 'fast-check';
import { applyRemedy, assess, drawBatch } from '../assess';
import type { Batch, Kitchen } from '../batch/schema';
import { worseThan } from '../guard';
import { batchOf, item, KITCHEN, POT, REFERENCE, STOVETOP } from '../testing/kitchen';
import { anyPlan } from '../testing/plans';
import { judgeBatch } from './advise';
import { solveGuarded } from './guarded';
import { tryPlan } from './trial';
import { USUAL_WISHES } from './types';

const POTS = [POT, { ...STOVETOP, capacityL: 9 }];
const worse = (before: Batch, after: Batch, kitchen: Kitchen = KITCHEN) =>
  worseThan(tryPlan(before, POT, kitchen).dangers, tryPlan(after, POT, kitchen).dangers);

describe('laws of what is offered at the Bench', () => {
  it('no remedy makes any hazard worse than leaving it, by draws', () => {
    let offered = 0;
    fc.assert(
      fc.property(anyPlan, (batch) => {
        const draws = drawBatch(batch, POT, KITCHEN, { draws: 8, seed: 3, stepS: 30 });
        const { advice } = judgeBatch(batch, POT, KITCHEN, POTS, draws);
        const offers = [
          ...Object.values(advice.offers).flat(),
          ...(advice.first ? [advice.first] : []),
        ];
        for (const { remedy } of offers) {
          if (remedy.do === 'move-pot') continue;
          offered++;
          expect([remedy.label, worse(batch, applyRemedy(batch, remedy))]).toEqual([
            remedy.label,
            [],
          ]);
        }
      }),
      { numRuns: 8, seed: 27 },
    );
    expect(offered).toBeGreaterThan(10);
  });

  it('no remedy is left at level never', () => {
    const batch: Batch = {
      ...REFERENCE,
      items: [...REFERENCE.items, { id: 'o', food: 'olive-oil', amount: { value: 2, unit: 'l' } }],
    };
    const draws = drawBatch(batch, POT, KITCHEN, { draws: 4, seed: 3, stepS: 30 });
    const { findings, advice } = judgeBatch(batch, POT, KITCHEN, [POT], draws);
    expect(findings[0]).toMatchObject({ code: 'too-much-fat', level: 'never' });
    for (const { remedy } of Object.values(advice.offers).flat())
      expect(tryPlan(applyRemedy(batch, remedy), POT, KITCHEN).dangers).not.toContainEqual(
        expect.objectContaining({ level: 'never' }),
      );
  });

  it('an order that is found makes nothing worse, or is told not to be taken', () => {
    fc.assert(
      fc.property(anyPlan, (batch) => {
        const before = tryPlan(batch, POT, KITCHEN).dangers;
        let found;
        try {
          found = solveGuarded(batch, POT, KITCHEN, { ...USUAL_WISHES, openings: 0 });
        } catch (error) {
          if (error instanceof RangeError) return;
          throw error;
        }
        const after = tryPlan(found.batch, POT, KITCHEN).dangers;
        const harm = worseThan(before, after).length > 0 || after.some((d) => d.level === 'never');
        expect(found.worse.length > 0).toBe(harm);
      }),
      { numRuns: 4, seed: 27 },
    );
  });

  it('fills no pot over its line that was not over it before', () => {
    // All vegetables under the first lid would stand over the foam line.
    const { batch, worse: made } = solveGuarded(REFERENCE, POT, KITCHEN, USUAL_WISHES);
    expect(made).toEqual([]);
    expect(assess(batch, POT, KITCHEN).findings.map(({ code }) => code)).not.toContain(
      'over-foam-line',
    );
  });
});

// A taste is learned; the minutes that destroy lectin and the heat that poultry needs are not.
it('what cooks have taught of a food moves no limit of safety', () => {
  const beans = batchOf(
    [item('w', 'water', 1.5, 'l'), item('k', 'kidney-beans', 300, 'g', { soakedH: 8 })],
    [{ id: 's1', kind: 'simmer', minutes: 15 }],
  );
  const taught: Kitchen = {
    ...KITCHEN,
    altitudeM: 0,
    learned: { foods: [{ food: 'kidney-beans', need: -1.2, sd: 0.1, cooks: 9 }] },
  };
  const plain = tryPlan(beans, POT, { ...KITCHEN, altitudeM: 0 }).dangers;
  const learned = tryPlan(beans, POT, taught).dangers;
  const lectin = (all: typeof plain) => all.find(({ hazard }) => hazard === 'lectin');
  expect(lectin(learned)?.level).toBe('stop');
  // Softer beans drink sooner, which moves the boil by seconds.
  const boiled = (all: typeof plain) => lectin(all)?.numbers?.['boiledMin'] ?? 0;
  expect(boiled(learned)).toBeCloseTo(boiled(plain), 1);
});
