import fc from 'fast-check';
import { POT, STOVETOP } from '../testing/kitchen';
import { lateCauses } from './late';

const first = (elapsed: number, pot = POT) => lateCauses(pot, elapsed, 14)[0]?.cause;

describe('a pot that is late', () => {
  it('is weak at first, and lets steam out when it is late by far', () => {
    expect(first(15)).toBe('heat');
    expect(first(24)).toBe('valve');
  });

  it('on a flame is weak for longer: less is known of its heat', () => {
    expect(first(18, STOVETOP)).toBe('heat');
    expect(first(18)).toBe('valve');
  });

  it('has chances that are one together, and heat the less likely the later it is', () => {
    const chance = (elapsed: number): number =>
      lateCauses(POT, elapsed, 14).find(({ cause }) => cause === 'heat')?.chance ?? Number.NaN;
    fc.assert(
      fc.property(fc.double({ min: 14, max: 90, noNaN: true }), (elapsed) => {
        const all = lateCauses(POT, elapsed, 14).reduce((sum, one) => sum + one.chance, 0);
        expect(all).toBeCloseTo(1, 9);
        expect(chance(elapsed + 1)).toBeLessThanOrEqual(chance(elapsed));
      }),
    );
  });
});
