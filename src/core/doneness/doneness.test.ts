import fc from 'fast-check';
import { FOODS, foodByKey, type Food } from '../food';
import { cookRate, cookValues, donenessOf, USUAL_Z } from '.';

function food(key: string): Food {
  const found = foodByKey(key);
  if (!found) throw new Error(key);
  return found;
}

describe('cook value', () => {
  // Common practice: 15 min at 118 C is an hour of simmering; by z it is 52 min.
  it('makes 52 min of 15 at 118 C', () => {
    expect(cookValues([0, 900], [118, 118], USUAL_Z).at(-1)).toBeCloseTo(52.2, 0);
    expect(cookRate(110, USUAL_Z)).toBeCloseTo(2, 6);
  });

  it('is exact on a ramp', () => {
    // Integral of 10^((T-100)/z) over a rise from 80 to 100 C in 600 s, on paper.
    const exact = (10 * (1 - 10 ** (-20 / 33))) / (Math.LN10 * (20 / 33));
    expect(cookValues([0, 600], [80, 100], 33).at(-1)).toBeCloseTo(exact, 9);
    expect(cookValues([0, 150, 600], [80, 85, 100], 33).at(-1)).toBeCloseTo(exact, 9);
  });

  it('counts only what is in the pot', () => {
    expect(cookValues([0, 60, 120], [Number.NaN, Number.NaN, 100], 33)).toEqual([0, 0, 0]);
  });

  it('never falls, and grows with time', () => {
    const temperature = fc.double({ min: 5, max: 121, noNaN: true });
    fc.assert(
      fc.property(fc.array(temperature, { minLength: 3, maxLength: 20 }), (t) => {
        const values = cookValues(
          t.map((_, i) => i * 30),
          t,
          33,
        );
        for (let i = 1; i < values.length; i++)
          expect(values[i]).toBeGreaterThan(values[i - 1] ?? 0);
      }),
    );
  });
});

describe('need and lateness', () => {
  it('is late after it is done, for every food that has both', () => {
    for (const f of FOODS) {
      const d = donenessOf(f);
      if (d?.lateMin) expect(d.lateMin).toBeGreaterThan(d.needMin);
    }
  });

  it('leaves out only bones and what joins the liquid', () => {
    const without = FOODS.filter((f) => f.shape && f.group !== 'bones' && !donenessOf(f));
    expect(without.map((f) => f.key)).toEqual([]);
    expect(FOODS.filter((f) => !f.shape && donenessOf(f)).map((f) => f.key)).toEqual([]);
  });

  it('lets a soak shorten a bean', () => {
    const dry = donenessOf(food('black-beans'))?.needMin ?? 0;
    const soaked = donenessOf(food('black-beans'), { soakedH: 8 })?.needMin ?? 0;
    expect(soaked).toBeLessThan(0.75 * dry);
    expect(donenessOf(food('black-beans'), { soakedH: 4 })?.needMin).toBeCloseTo(
      (dry + soaked) / 2,
      6,
    );
    expect(donenessOf(food('black-beans'), { soakedH: 20 })?.needMin).toBe(soaked);
  });

  it('gives an old bean longer', () => {
    const need = (old: boolean) => donenessOf(food('black-beans'), { old })?.needMin ?? 0;
    expect(need(true)).toBeCloseTo(1.5 * need(false), 6);
    expect(donenessOf(food('carrot'), { old: true })).toEqual(donenessOf(food('carrot')));
  });

  it('is not for what joins the liquid', () => {
    expect(donenessOf(food('water'))).toBeNull();
  });
});
