import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import {
  COLD_C,
  COOL_C,
  countsFrom,
  fallsTo,
  HOT_C,
  isLost,
  isPastDay,
  judge,
  judgeRead,
  pastLimit,
} from '.';

const line = (...points: readonly (readonly [minute: number, celsius: number])[]) =>
  judge({ minute: points.map(([m]) => m), warmestC: points.map(([, c]) => c) });

// FDA Food Code 2022, 3-501.14 and 3-501.16.
describe('cooling', () => {
  it('passes within 2 h to 21 C and 6 h in all to 5 C', () => {
    expect(line([0, 60], [10, 57], [129, 21], [369, 5]).verdict).toBe('in time');
  });

  it('throws out food that takes longer for the first limb', () => {
    const judged = line([0, 60], [10, 57], [131, 21], [200, 5]);
    expect(judged).toMatchObject({ verdict: 'throw out', lostMin: 130 });
  });

  it('throws out food that takes longer in all', () => {
    expect(line([0, 60], [10, 57], [60, 21], [371, 5]).verdict).toBe('throw out');
  });

  it('does not count food that stays above 57 C', () => {
    expect(line([0, 80], [600, 58])).toMatchObject({ verdict: 'held hot', lostMin: null });
  });

  it('judges a curve that ends early as far as it goes', () => {
    expect(line([0, 57], [100, 40]).verdict).toBe('in time');
    expect(line([0, 57], [121, 40]).verdict).toBe('throw out');
    expect(line([0, 57], [60, 20], [361, 8]).verdict).toBe('throw out');
  });

  it('takes a reading past the limit over the model', () => {
    const readings = [
      { minute: 60, celsius: 40 },
      { minute: 150, celsius: 30 },
    ];
    expect(pastLimit(readings, 20)).toBe(1);
    expect(pastLimit(readings.slice(0, 1), 20)).toBe(-1);
    expect(pastLimit([{ minute: 390, celsius: 8 }], 20)).toBe(0);
  });
});

// FDA Food Code 2022, 3-501.16: hot food is held at 57 C or above; what is read below has begun to cool.
describe('hot holding', () => {
  const WARM = { minute: [0, 60, 720], warmestC: [92, 72, 72] };
  const read = (...points: readonly (readonly [minute: number, celsius: number])[]) =>
    points.map(([minute, celsius]) => ({ minute, celsius }));

  it('holds as long as every reading is at 57 C or above', () => {
    expect(judgeRead(WARM, read([60, 71], [180, 57])).verdict).toBe('held hot');
    expect(countsFrom(WARM, read([60, 71]))).toBe(Infinity);
  });

  it('counts from the start where nothing was read above 57 C before', () => {
    const readings = read([180, 45]);
    expect(judgeRead(WARM, readings)).toMatchObject({ verdict: 'throw out', lostMin: 120 });
    expect(pastLimit(readings, countsFrom(WARM, readings))).toBe(0);
  });

  it('counts from the last reading above 57 C', () => {
    const readings = read([60, 70], [100, 50]);
    expect(judgeRead(WARM, readings)).toMatchObject({ verdict: 'throw out', lostMin: 180 });
    expect(pastLimit(readings, countsFrom(WARM, readings))).toBe(-1);
  });

  it('is not begun anew by a later reading above 57 C', () => {
    const readings = read([60, 70], [100, 50], [150, 60]);
    expect(judgeRead(WARM, readings).lostMin).toBe(180);
  });

  it('leaves a curve that falls to the model, which the readings have narrowed already', () => {
    const falling = { minute: [0, 10, 100], warmestC: [60, 57, 20] };
    expect(judgeRead(falling, read([8, 56]))).toEqual(judge(falling));
  });

  it('never judges better for one more reading below 57 C', () => {
    const readings = fc.array(
      fc.record({
        minute: fc.integer({ min: 0, max: 700 }),
        celsius: fc.integer({ min: 10, max: 90 }),
      }),
      { maxLength: 6 },
    );
    const cold = fc.record({
      minute: fc.integer({ min: 0, max: 700 }),
      celsius: fc.integer({ min: 10, max: 56 }),
    });
    const inOrder = (all: readonly { minute: number; celsius: number }[]) =>
      all.toSorted((a, b) => a.minute - b.minute);
    fc.assert(
      fc.property(readings, cold, (before, one) => {
        const lost = (all: typeof before): number =>
          judgeRead(WARM, inOrder(all)).lostMin ?? Infinity;
        expect(lost([...before, one])).toBeLessThanOrEqual(lost(before));
      }),
    );
  });
});

// FDA Food Code 2022, 3-501.14; foodsafety.gov, cold food storage chart.
describe('food that is thrown out', () => {
  const slow = line([0, 57], [200, 21], [300, 5]);

  it('is lost from the limit on, and not before', () => {
    expect(isLost(slow, -1, 119)).toBe(false);
    expect(isLost(slow, -1, 120)).toBe(true);
    expect(isLost(line([0, 57], [60, 21], [300, 5]), -1, 5000)).toBe(false);
  });

  it('is lost at once by a reading past the limit', () => {
    expect(isLost(line([0, 57], [60, 21], [300, 5]), 0, 0)).toBe(true);
  });

  it('is a jar past its last day in the fridge, and none in the freezer', () => {
    expect(isPastDay(false, 0)).toBe(false);
    expect(isPastDay(false, -1)).toBe(true);
    expect(isPastDay(true, -100)).toBe(false);
  });
});

describe('laws of cooling', () => {
  const SEVERITY = { 'held hot': 0, 'in time': 0, 'throw out': 1 } as const;
  const times = fc.tuple(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 1, max: 400 }));
  const curve = (toCool: number, toCold: number) =>
    line([0, HOT_C], [toCool, COOL_C], [toCool + toCold, COLD_C]);

  it('never judges a slower curve better', () => {
    fc.assert(
      fc.property(times, fc.integer({ min: 0, max: 100 }), ([cool, cold], more) => {
        const before = SEVERITY[curve(cool, cold).verdict];
        expect(SEVERITY[curve(cool + more, cold).verdict]).toBeGreaterThanOrEqual(before);
        expect(SEVERITY[curve(cool, cold + more).verdict]).toBeGreaterThanOrEqual(before);
      }),
    );
  });

  it('loses food at the first limit that it passes, and not before', () => {
    fc.assert(
      fc.property(times, ([cool, cold]) => {
        const { lostMin, verdict } = curve(cool, cold);
        const wanted = cool > 120 ? 120 : cool + cold > 360 ? 360 : null;
        expect([lostMin, verdict]).toEqual([wanted, wanted === null ? 'in time' : 'throw out']);
      }),
    );
  });

  it('finds where a falling curve meets a temperature', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 57, noNaN: true }), (celsius) => {
        const at = fallsTo({ minute: [0, 52], warmestC: [57, 5] }, celsius);
        expect(at).toBeCloseTo(57 - celsius, 9);
      }),
    );
  });
});

describe('one place', () => {
  /** Constants of the same value that are no limits of safety, with the reason. */
  const OTHERS: Readonly<Record<string, string>> = {
    'core/model/finish.ts': 'soup as it is eaten',
    'core/finish/thickness.ts': 'soup as it is eaten',
    'core/serve/thicken.ts': 'soup as it is eaten',
    'core/heat/body.ts': 'mean temperature of the properties of food',
    'core/batch/plan/extractions.ts': 'meat that is picked off the bone',
    'core/batch/plan/complete.ts': 'temperature of food out of the fridge',
  };
  /** Other counts of minutes, with the reason. */
  const COUNTED: Readonly<Record<string, string>> = {
    'ui/cooling/Ways.tsx': 'how long a fridge is warmed by what stands in it',
    'formats/recipe/recipeValve.ts': 'a pause of a recipe',
  };
  const LIMIT = /(?:_C = |(?:C|celsius) *[<>]=? *)(?:5|57|60|63|71|74)\b/;
  /** Hours that food may stand, in minutes, or days in the fridge. */
  const HOURS = /(?:stood|zone|warm|lukewarm|cold)\w*(?:Min|H|Days?)? *[<>]=? *\d/i;

  it('holds every limit: no other module compares a temperature with one', () => {
    const files = readdirSync('src', { recursive: true, encoding: 'utf8' })
      .map((name) => name.split(path.sep).join('/'))
      .filter((name) => /\.tsx?$/.test(name) && !/\.test\.|testing\/|^core\/guard\//.test(name));
    expect(files.length).toBeGreaterThan(400);
    const found = files.filter((name) => LIMIT.test(readFileSync(path.join('src', name), 'utf8')));
    expect(found.filter((name) => !(name in OTHERS))).toEqual([]);
    expect(Object.keys(OTHERS).filter((name) => !found.includes(name))).toEqual([]);
    const counts = files.filter((name) => HOURS.test(readFileSync(path.join('src', name), 'utf8')));
    expect(counts.filter((name) => !(name in COUNTED))).toEqual([]);
  });
});
