import fc from 'fast-check';
import { donenessOf } from '../doneness';
import { FOODS, foodByKey, GRADES, gradesOf, type Family } from '../food';
import { BOUNDS, firmness, gradeAt, gradeTimes, meanCook, scaleOf, softenedBy } from '.';

const minutes = fc.double({ min: 0, max: 300, noNaN: true });

function scale(key: string, mm = 10) {
  const food = foodByKey(key);
  const doneness = food && donenessOf(food);
  if (!food?.family || !doneness) throw new Error(key);
  return scaleOf(food.family, doneness, mm);
}

describe('firmness', () => {
  // Huang & Bourne 1983: two first-order processes, the slow one a few per cent; from memory.
  it('goes in two processes, the last few per cent slowly', () => {
    expect(firmness(0)).toBeCloseTo(1, 9);
    expect(firmness(1)).toBeCloseTo(0.96 * 0.1 + 0.04 * 10 ** (-1 / 30), 4);
    const early = Math.log(firmness(0) / firmness(1));
    const late = Math.log(firmness(6) / firmness(7));
    expect(early / late).toBeGreaterThan(20);
  });

  it('falls, and is found again from what is left', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 60, noNaN: true }), (x) => {
        expect(firmness(x + 0.1)).toBeLessThan(firmness(x));
        expect(softenedBy(firmness(x))).toBeCloseTo(x, 3);
      }),
    );
  });

  it('of a piece lies between its middle and its outside, nearer the middle', () => {
    fc.assert(
      fc.property(minutes, minutes, (a, b) => {
        const [centre, surface] = a < b ? [a, b] : [b, a];
        const mean = meanCook(centre, surface, 20);
        expect(mean).toBeGreaterThanOrEqual(centre - 1e-3);
        expect(mean).toBeLessThanOrEqual((centre + surface) / 2 + 1);
      }),
    );
  });
});

describe('grades', () => {
  it('have a bound each, in rising order for every food', () => {
    for (const family of Object.keys(GRADES) as Family[])
      expect(BOUNDS[family]).toHaveLength(GRADES[family].length - 1);
    for (const food of FOODS) {
      const doneness = donenessOf(food);
      if (!doneness || !food.family) continue;
      const steps = scaleOf(food.family, doneness, 10).steps.map((s) => s.minutes);
      expect([food.key, steps]).toEqual([food.key, [...steps].sort((x, y) => x - y)]);
    }
  });

  it('only rise while a food cooks on', () => {
    const keys = FOODS.filter((f) => f.family && donenessOf(f)).map((f) => f.key);
    fc.assert(
      fc.property(fc.constantFrom(...keys), minutes, minutes, minutes, (key, a, b, more) => {
        const s = scale(key);
        const [centre, surface] = a < b ? [a, b] : [b, a];
        const now = gradeAt(s, centre, surface);
        expect(gradeAt(s, centre + more, surface + more)).toBeGreaterThanOrEqual(now);
        expect(now).toBeLessThan(gradesOf(s.family).length);
      }),
    );
  });

  it('begin, one after the other, when the moment says so', () => {
    const s = Array.from({ length: 200 }, (_, i) => i * 60);
    const surface = s.map((t) => t / 60);
    const centre = surface.map((m) => Math.max(0, m - 4));
    const carrot = scale('carrot', 12);
    const times = gradeTimes(carrot, s, centre, surface);
    times.forEach((at, i) => {
      if (at === null) return;
      expect(at).toBeGreaterThanOrEqual(times[i - 1] ?? 0);
      const before = Math.max(0, Math.floor(at) - 1);
      const after = Math.ceil(at) + 1;
      expect(gradeAt(carrot, centre[before] ?? 0, surface[before] ?? 0)).toBeLessThanOrEqual(i);
      expect(gradeAt(carrot, centre[after] ?? 0, surface[after] ?? 0)).toBeGreaterThanOrEqual(
        i + 1,
      );
    });
    expect(times.at(-1)).toBeNull();
  });

  it('let large pieces keep their shape longer', () => {
    const apart = (mm: number): number => scale('carrot', mm).steps.at(-1)?.minutes ?? 0;
    expect(apart(40)).toBeGreaterThan(1.4 * apart(10));
  });
});
