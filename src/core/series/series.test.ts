import fc from 'fast-check';
import { between, lastOf, valueAt } from '.';

describe('a sample', () => {
  it('is read or is a fault, never a nought', () => {
    expect(valueAt([20, 98], 1)).toBe(98);
    expect(lastOf(Float64Array.of(20, 98))).toBe(98);
    expect(() => valueAt([20, 98], 2)).toThrow('no sample 2 among 2');
    expect(() => valueAt([20, 98], Number.NaN)).toThrow(RangeError);
    expect(() => lastOf([])).toThrow(RangeError);
  });

  it('lies between its neighbours, and at the ends beyond them', () => {
    const rising = fc
      .uniqueArray(fc.double({ min: 0, max: 1e4, noNaN: true }), { minLength: 1, maxLength: 40 })
      .map((s) => [...s].sort((a, b) => a - b));
    fc.assert(
      fc.property(rising, fc.double({ min: -10, max: 1.1e4, noNaN: true }), (s, at) => {
        const values = s.map((x) => 3 * x + 1);
        const wanted = 3 * Math.min(Math.max(at, s[0] ?? 0), s.at(-1) ?? 0) + 1;
        expect(between(s, values, at)).toBeCloseTo(wanted, 6);
      }),
    );
  });

  it('is the later of two at one moment, as a jump is', () => {
    expect(between([0, 10, 10, 20], [50, 50, 30, 30], 10)).toBe(30);
  });
});
