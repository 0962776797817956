import fc from 'fast-check';
import { problemsOf } from '@/core/batch/household';
import { kitchenSchema, potSchema } from '@/core/batch/schema';
import { toNumbers } from './numbers';
import { allKept, allShown, refusal, shown, unitOf, type Dimension } from './unitFields';

const DIMENSIONS: readonly Dimension[] = [
  'altitude',
  'temperature',
  'volume',
  'measure',
  'across',
  'cut',
  'pressure',
];

describe('fields in the kitchen’s units', () => {
  // NIST SP 811, appendix B: foot, inch, quart, psi.
  it.each([
    ['altitude', 304.8, 1000],
    ['temperature', 100, 212],
    ['volume', 5.678, 6],
    ['across', 25.4, 10],
    ['cut', 12.7, 0.5],
    ['pressure', 103.4, 15],
  ] as const)('%s: %d is shown as %d', (dimension, metric, us) => {
    expect(shown(metric, dimension, 'us')).toBeCloseTo(us, 3);
    expect(shown(metric, dimension, 'metric')).toBe(metric);
    expect(unitOf(dimension, 'us')).not.toBe(unitOf(dimension, 'metric'));
  });

  it('come back to the last digit where nobody changed them, and near where somebody did', () => {
    const value = fc.double({ min: 1, max: 3000, noNaN: true });
    fc.assert(
      fc.property(fc.constantFrom(...DIMENSIONS), value, value, (dimension, was, other) => {
        const dims = { x: dimension };
        const before = { x: was };
        const now = allShown(before, dims, 'us');
        expect(allKept({ ...now }, before, dims, 'us')).toEqual(before);
        const typed = { x: shown(other, dimension, 'us') };
        const kept = Number(allKept(typed, before, dims, 'us')['x']);
        expect(shown(kept, dimension, 'us')).toBeCloseTo(typed.x, 6);
        expect(allKept({ x: other }, before, dims, 'metric')).toEqual({ x: other });
      }),
    );
  });

  it('leave what is no number for the schema, which refuses in the units asked for', () => {
    const read = allKept(
      toNumbers({ altitudeM: 'high', ambientC: '68', units: 'us' }, ['altitudeM', 'ambientC']),
      {},
      { altitudeM: 'altitude', ambientC: 'temperature' },
      'us',
    );
    expect(read['ambientC']).toBeCloseTo(20, 9);
    const [problem] = problemsOf(kitchenSchema, read);
    expect(problem?.path).toBe('altitudeM');
    expect(refusal(problem?.wanted, 'us')).toBe('a number from -1312 to 16404 ft');
    expect(refusal(problem?.wanted, 'metric')).toBe('a number from -400 to 5000 m');
    expect(refusal('no more than the fill line', 'us')).toBe('no more than the fill line');
    expect(refusal(undefined, 'us')).toBeUndefined();
    expect(refusal('a number from 0.05 to 5 L', 'us', 'measure')).toBe(
      'a number from 0.21 to 21.13 cups',
    );
  });

  it('can be told in US units for every bound of a pot', () => {
    const wrong = { capacityL: 0, innerDiameterCm: 0, minLiquidL: 0, settings: [{ gaugeKPa: 0 }] };
    const told = problemsOf(potSchema, wrong)
      .map((p) => refusal(p.wanted, 'us') ?? '')
      .filter((text) => text.startsWith('a number from'));
    expect(told.length).toBeGreaterThanOrEqual(4);
    expect(told.join(' ')).not.toMatch(/\d (?:L|cm|mm|kPa|m|°C)\b/);
  });
});

it('reads fractions as they are written', () => {
  expect(toNumbers({ a: '1/2', b: '1 1/4', c: '7/0x' }, ['a', 'b', 'c'])).toEqual({
    a: 0.5,
    b: 1.25,
    c: '7/0x',
  });
});
