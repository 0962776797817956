import fc from 'fast-check';
import { SETS } from '../batch/schema';
import { foodByKey, type Extract } from '../food';
import {
  blend,
  extractionRate,
  fatAlong,
  flavourOf,
  gelatineAlong,
  lossRate,
  mostGelatineG,
  SET_FROM,
  setOf,
  strength,
  strengthBand,
  strongAlong,
  waterToBoilOff,
  type Bones,
} from '.';

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

describe('loss of set', () => {
  const hours = (n: number): number[] => Array.from({ length: n * 60 + 1 }, (_, i) => i * 60);

  // On paper: what is dissolved and gets no more is left to exp(-kd t).
  it('is first order in what still sets', () => {
    const s = hours(2);
    const strong = strongAlong(
      s,
      s.map(() => 117),
      s.map(() => 20),
    );
    expect(strong.at(-1)).toBeCloseTo(20 * Math.exp(-2 * lossRate(117)), 6);
  });

  // On paper: two first-order steps in a row, E = Gmax k/(k-kd) (exp(-kd t) - exp(-kt)).
  it('after extraction at one temperature is the well-known pair of exponentials', () => {
    const extract = extractOf('turkey-frame');
    const s = hours(4);
    const celsius = s.map(() => 117);
    const along = gelatineAlong({ massKg: 1, extract, givenG: 0 }, s, celsius);
    const strong = strongAlong(s, celsius, along);
    const k = extractionRate(extract, 117);
    const kd = lossRate(117);
    [1, 2, 4].forEach((h) => {
      const exact = ((25 * k) / (k - kd)) * (Math.exp(-kd * h) - Math.exp(-k * h));
      expect(strong[h * 60]).toBeCloseTo(exact, 3);
    });
  });

  // Brief: longer is not always better, and a hotter pot passes its best sooner.
  it('gives every heat a best time', () => {
    const best = (celsius: number): number => {
      const s = hours(24);
      const c = s.map(() => celsius);
      const bones = { massKg: 1, extract: extractOf('turkey-frame'), givenG: 0 };
      const strong = strongAlong(s, c, gelatineAlong(bones, s, c));
      return strong.indexOf(Math.max(...strong)) / 60;
    };
    expect(best(117)).toBeGreaterThan(1);
    expect(best(117)).toBeLessThan(3);
    expect(best(121)).toBeLessThan(best(117));
    expect(best(100)).toBeGreaterThan(best(117));
  });

  it('never leaves more than was given, nor less than nothing', () => {
    const t = fc.double({ min: 20, max: 121, noNaN: true });
    fc.assert(
      fc.property(fc.array(t, { minLength: 2, maxLength: 20 }), (celsius) => {
        const s = celsius.map((_, i) => i * 900);
        const along = gelatineAlong(
          { massKg: 2, extract: extractOf('pork-trotter'), givenG: 0 },
          s,
          celsius,
        );
        strongAlong(s, celsius, along).forEach((g, i) => {
          expect(g).toBeGreaterThanOrEqual(0);
          expect(g).toBeLessThanOrEqual((along[i] ?? 0) + 1e-9);
        });
      }),
    );
  });
});

const lot = fc.record({
  litres: fc.double({ min: 0.1, max: 5, noNaN: true }),
  strongG: fc.double({ min: 0.1, max: 200, noNaN: true }),
});

describe('broths poured together', () => {
  it('add up, and are never stronger than the strongest', () => {
    fc.assert(
      fc.property(fc.array(lot, { minLength: 1, maxLength: 5 }), (lots) => {
        const all = blend(lots);
        expect(all.strongG).toBeCloseTo(
          lots.reduce((sum, l) => sum + l.strongG, 0),
          9,
        );
        expect(strength(all)).toBeLessThanOrEqual(Math.max(...lots.map(strength)) + 1e-9);
        expect(strength(all)).toBeGreaterThanOrEqual(Math.min(...lots.map(strength)) - 1e-9);
      }),
    );
  });

  it('boiled down by what it says are as strong as wanted', () => {
    fc.assert(
      fc.property(lot, fc.double({ min: 1, max: 60, noNaN: true }), (l, wanted) => {
        const off = waterToBoilOff(l, wanted);
        const after = l.strongG / (l.litres - off);
        expect(off === 0 ? after >= wanted - 1e-9 : Math.abs(after - wanted) < 1e-6).toBe(true);
      }),
    );
    for (const litres of [0, 0.03]) expect(strength({ litres, strongG: 3 })).toBe(0);
  });

  it('set as their strength says, state by state', () => {
    for (const set of SETS) expect(setOf(SET_FROM[set])).toBe(set);
    expect(setOf(-1)).toBe('pourable');
  });
});

describe('the band of a strength', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  const sd = fc.double({ min: 0.05, max: 0.5, noNaN: true });

  it('holds the strength, and is narrower where the bones are known', () => {
    fc.assert(
      fc.property(lot, share, sd, (l, given, mostSd) => {
        const band = (known: number) =>
          strengthBand(l.strongG, [{ grams: l.strongG, share: given, mostSd: known }]);
        const wide = band(mostSd);
        const narrow = band(mostSd / 2);
        expect(wide.low).toBeLessThanOrEqual(l.strongG);
        expect(wide.high).toBeGreaterThanOrEqual(l.strongG);
        expect(narrow.high - narrow.low).toBeLessThanOrEqual(wide.high - wide.low + 1e-9);
      }),
    );
  });

  // On paper: what is nearly all out does not hang on how fast it came.
  it('leaves the rate out of bones that have given all', () => {
    const of = (given: number) =>
      strengthBand(10, [{ grams: 30, share: given, mostSd: 0.05 }]).high;
    expect(of(0.99)).toBeLessThan(of(0.3));
    expect(of(0.999999)).toBeCloseTo(10 * Math.exp(1.2816 * Math.hypot(0.05, 0.06)), 2);
  });
});

describe('fat and flavour', () => {
  it('fat melts out with heat and never beyond a part of it', () => {
    const fat = fatAlong(100, [0, 3600, 7200, 3600 * 40], [100, 100, 100, 100]);
    expect(fat[1]).toBeGreaterThan(30);
    expect(fat[3]).toBeLessThanOrEqual(60);
    expect(fatAlong(100, [0, 600], [NaN, NaN])).toEqual([0, 0]);
  });

  it('knows what turns a stock bitter, and what does not', () => {
    const of = (key: string) => {
      const food = foodByKey(key);
      if (!food) throw new Error(key);
      return flavourOf(food);
    };
    expect(of('parsley')?.spoils).toContain('bitter');
    expect(of('fish-frame')?.tooMuchMin).toBeLessThan(of('carrot')?.tooMuchMin ?? 0);
    expect(of('bay-leaf')).not.toBeNull();
    expect(of('veal-knuckle')).toBeNull();
    expect(of('water')).toBeNull();
  });
});
