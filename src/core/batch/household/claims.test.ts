import fc from 'fast-check';
import { HOUSEHOLD, REFERENCE } from '../../testing/kitchen';
import {
  changeProblems,
  claimed,
  freeInJar,
  goes,
  leftInJar,
  pourOut,
  settleClaims,
  takeFrom,
  validateBundle,
  withoutClaims,
} from './';
import type { Batch, Bundle, FromJar, Jar } from '../schema';

const AT = '2026-11-24T12:00:00.000Z';
const jar = (id: string, litres: number): Jar => ({
  id,
  name: 'Stock',
  litres,
  madeAt: AT,
  where: 'fridge',
});
const taking = (id: string, jars: readonly FromJar[]): Batch => ({
  ...REFERENCE,
  id,
  items: [
    ...REFERENCE.items,
    { id: 'broth', food: 'broth', amount: { value: 1, unit: 'l' }, jars },
  ],
});

const litres = fc.double({ min: 0.01, max: 2, noNaN: true });
const claims = fc.array(fc.record({ jar: fc.constantFrom('a', 'b', 'c'), litres }), {
  maxLength: 4,
});
const households = fc
  .record({ a: litres, b: litres, plans: fc.array(claims, { maxLength: 4 }) })
  .map(({ a, b, plans }): Bundle => ({
    ...HOUSEHOLD,
    jars: [jar('a', a), jar('b', b)],
    batches: plans.map((of, i) => taking(`p${i}`, of)),
  }));

describe('jars in plans', () => {
  it('are never used twice, whatever two tabs or a file bring together', () => {
    fc.assert(
      fc.property(households, (household) => {
        const settled = settleClaims(household);
        const all = claimed(settled.batches);
        expect(all.get('c')).toBeUndefined();
        for (const one of settled.jars)
          expect(all.get(one.id) ?? 0).toBeLessThanOrEqual(leftInJar(one) + 1e-6);
        // Who comes first keeps all that there is for it; done twice it is the same.
        expect(settleClaims(settled)).toBe(settled);
        expect(validateBundle(settled).ok).toBe(true);
        expect(changeProblems(null, settled)).toEqual([]);
      }),
    );
  });

  it('asked for twice are refused, in words', () => {
    const twice: Bundle = {
      ...HOUSEHOLD,
      jars: [jar('a', 0.5)],
      batches: [taking('p', [{ jar: 'a', litres: 0.5 }]), taking('q', [{ jar: 'a', litres: 0.2 }])],
    };
    const [problem] = changeProblems(HOUSEHOLD, twice);
    expect(problem).toMatchObject({ path: 'the jar of Stock', found: '0.70 L in plans' });
    expect(validateBundle(twice).ok).toBe(false);
  });

  it('come back when the plan goes, and are gone when it is cooked', () => {
    const plan = taking('p', [{ jar: 'a', litres: 0.3 }]);
    const one = jar('a', 0.5);
    expect(freeInJar(one, claimed([plan]))).toBeCloseTo(0.2, 9);
    expect(freeInJar(one, claimed([]))).toBe(0.5);
    const [after] = pourOut([one], plan, 'cook', AT);
    expect(after && leftInJar(after)).toBeCloseTo(0.2, 9);
    expect(after?.gone).toEqual([{ how: 'cooked', litres: 0.3, at: AT, into: 'cook' }]);
    expect(claimed([withoutClaims(plan)]).size).toBe(0);
    expect(withoutClaims(REFERENCE)).toBe(REFERENCE);
    expect(pourOut([one], REFERENCE, 'cook', AT)).toEqual([one]);
  });

  it('lose no drop on the way', () => {
    fc.assert(
      fc.property(fc.array(litres, { maxLength: 5 }), litres, (free, wanted) => {
        const taken = takeFrom(
          free.map((freeL, i) => ({ id: `j${i}`, freeL })),
          wanted,
        );
        const sum = taken.reduce((all, t) => all + t.litres, 0);
        const there = free.reduce((all, f) => all + f, 0);
        expect(sum).toBeCloseTo(Math.min(wanted, there), 4);
        taken.forEach((t, i) => expect(t.litres).toBeLessThanOrEqual((free[i] ?? 0) + 1e-6));
      }),
    );
    expect(leftInJar(goes(jar('a', 0.5), 'given', 0.9, AT))).toBe(0);
  });
});
