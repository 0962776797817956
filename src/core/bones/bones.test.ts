import fc from 'fast-check';
import { foodByKey, type Extract } from '../food';
import { gelatineAlong, mostGelatineG, setOf, type Bones } from '.';

function extractOf(key: string): Extract {
  const extract = foodByKey(key)?.extract;
  if (!extract) throw new Error(key);
  return extract;
}

/** Gelatine of a run at one temperature, g. */
function run(bones: Bones, minutes: number, celsius: number): number {
  return gelatineAlong(bones, [0, 60 * minutes], [celsius, celsius]).at(-1) ?? 0;
}

describe('gelatine', () => {
  // On paper: one kilogram, one hour at 100 C: Gmax (1 - exp(-k)).
  it('follows the first-order law', () => {
    const extract: Extract = { gelatineGPerKg: 40, perHour: 0.5, runs: 2 };
    const bones = { massKg: 1, extract, givenG: 0 };
    expect(run(bones, 60, 100)).toBeCloseTo(40 * (1 - Math.exp(-0.5)), 9);
    expect(run(bones, 60, 110)).toBeCloseTo(40 * (1 - Math.exp(-1)), 9);
  });

  it('never gives more than the bones have, in any number of runs', () => {
    const temperature = fc.double({ min: 20, max: 121, noNaN: true });
    fc.assert(
      fc.property(fc.array(temperature, { minLength: 2, maxLength: 12 }), (t) => {
        const extract = extractOf('pork-trotter');
        let givenG = 0;
        for (let n = 0; n < 4; n++) {
          const bones = { massKg: 2, extract, givenG };
          const along = gelatineAlong(
            bones,
            t.map((_, i) => i * 1800),
            t,
          );
          along.forEach((g, i) => expect(g).toBeGreaterThanOrEqual(along[i - 1] ?? 0));
          givenG += along.at(-1) ?? 0;
          expect(givenG).toBeLessThanOrEqual(mostGelatineG(bones) + 1e-9);
        }
      }),
    );
  });

  it('rests while bones are out of the pot', () => {
    const bones = { massKg: 1, extract: extractOf('veal-knuckle'), givenG: 0 };
    expect(gelatineAlong(bones, [0, 60, 120], [NaN, NaN, NaN])).toEqual([0, 0, 0]);
  });

  // Common practice: the four states of a cold broth. Bloom's standard of 6.67 % is far into a cut.
  it('names the set', () => {
    expect([5, 10, 20, 66.7].map(setOf)).toEqual([
      'pourable',
      'trembles',
      'soft set',
      'holds a cut',
    ]);
  });
});
