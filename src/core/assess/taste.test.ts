/** Laws of grades and wishes over drawn soups. */
import fc from 'fast-check';
import { stepsOf } from '../batch/plan';
import type { Batch, Item, Step } from '../batch/schema';
import { FOODS, gradeIndex, gradesOf, spanOf, wishOf, type Food } from '../food';
import { batchOf, item, KITCHEN, POT } from '../testing/kitchen';
import { assess, drawBatch, type Assessment } from './';
import type { ItemReport } from '../model';

const GRADED = FOODS.filter(
  (f): f is Food & { family: NonNullable<Food['family']> } => f.family !== null,
);
const STEP_S = 30;
const look = (batch: Batch, pot = POT, kitchen = KITCHEN): Assessment =>
  assess(batch, pot, kitchen, { stepS: STEP_S, curves: false });
const of = (a: Assessment, id: string): ItemReport => {
  const found = a.items.find((i) => i.id === id);
  if (!found) throw new Error(id);
  return found;
};
const place = ({ family, grade }: ItemReport): number =>
  family && grade ? gradeIndex(family, grade) : -1;

const food = fc.constantFrom(...GRADED).map(({ key, family }) => ({ key, family }));
const hold = fc.integer({ min: 1, max: 60 });
const lid = (holdMin: number): Step => ({
  id: 's1',
  kind: 'pressure',
  holdMin,
  release: { method: 'natural' },
});
const soup = (key: string, holdMin: number, more: Partial<Item> = {}): Batch =>
  batchOf([item('w', 'water', 1.5, 'l'), item('x', key, 300, 'g', more)], [lid(holdMin)], {
    kind: 'soup',
    servings: 4,
  });
const RUNS = { numRuns: 40, seed: 11 };

describe('grades', () => {
  it('begin in their order, each once, from the moment it goes in', () => {
    fc.assert(
      fc.property(food, hold, ({ key, family }, minutes) => {
        const { grades, grade, enterMin, leaveMin } = of(look(soup(key, minutes)), 'x');
        const places = grades.map((g) => gradeIndex(family, g.grade));
        expect(places).toEqual([...places].sort((a, b) => a - b));
        expect(new Set(places).size).toBe(places.length);
        expect(grades[0]?.fromMin).toBeCloseTo(enterMin, 6);
        for (const [i, g] of grades.entries()) {
          expect(g.fromMin).toBeGreaterThanOrEqual(grades[i - 1]?.fromMin ?? enterMin);
          expect(g.fromMin).toBeLessThanOrEqual(leaveMin + 1e-6);
        }
        expect(grades.at(-1)?.grade).toBe(grade);
      }),
      RUNS,
    );
  });

  it('never go back when the hold is longer', () => {
    fc.assert(
      fc.property(food, hold, fc.integer({ min: 1, max: 40 }), ({ key }, minutes, more) => {
        const short = of(look(soup(key, minutes)), 'x');
        const long = of(look(soup(key, minutes + more)), 'x');
        expect(place(long)).toBeGreaterThanOrEqual(place(short));
      }),
      RUNS,
    );
  });

  it('never come later in smaller pieces', () => {
    const cut = fc.integer({ min: 6, max: 40 });
    fc.assert(
      fc.property(
        fc.constantFrom('carrot', 'potato', 'swede', 'lamb-neck', 'beef-stewing', 'leek'),
        cut,
        cut,
        hold,
        (key, a, b, minutes) => {
          const at = (mm: number): number =>
            place(of(look(soup(key, minutes, { cut: { shape: 'cube', mm } })), 'x'));
          expect(at(Math.min(a, b))).toBeGreaterThanOrEqual(at(Math.max(a, b)));
        },
      ),
      RUNS,
    );
  });

  it('come no sooner from the freezer, nor higher up the hill at the simmer', () => {
    const simmered = (key: string, more: Partial<Item> = {}): Batch =>
      batchOf(
        [item('w', 'water', 1.5, 'l'), item('x', key, 300, 'g', more)],
        [{ id: 's1', kind: 'simmer', minutes: 25 }],
      );
    for (const { key, group } of GRADED) {
      const fresh = of(look(simmered(key)), 'x');
      const high = of(look(simmered(key), POT, { ...KITCHEN, altitudeM: 2600 }), 'x');
      expect([key, place(high) <= place(fresh)]).toEqual([key, true]);
      if (group !== 'meat' && group !== 'poultry' && group !== 'fish') continue;
      const frozen = of(look(simmered(key, { startC: -18 })), 'x');
      expect([key, place(frozen) <= place(fresh)]).toEqual([key, true]);
    }
  });
});

describe('a wish', () => {
  const span = fc.tuple(food, fc.nat(), fc.nat()).map(([f, a, b]) => {
    const n = gradesOf(f.family).length;
    const [from = 0, to = 0] = [a % n, b % n].sort((x, y) => x - y);
    return { food: f, wish: wishOf(f.family, { from, to }) };
  });

  it('decides the verdict and nothing else', () => {
    fc.assert(
      fc.property(span, hold, ({ food: { key, family }, wish }, minutes) => {
        const usual = look(soup(key, minutes));
        const wished = look(soup(key, minutes, { wish }));
        const x = of(wished, 'x');
        expect(x.grade).toBe(of(usual, 'x').grade);
        expect(wished.time).toEqual(usual.time);
        expect(wished.fill).toEqual(usual.fill);
        const wanted = spanOf(family, wish);
        if (!wanted || !x.grade) throw new Error('no grade');
        const at = gradeIndex(family, x.grade);
        expect(x.verdict).toBe(at < wanted.from ? 'under' : at > wanted.to ? 'over' : 'right');
      }),
      RUNS,
    );
  });

  it('is never a call where it is for flavour, or where any grade is right', () => {
    fc.assert(
      fc.property(food, hold, ({ key, family }, minutes) => {
        const words = gradesOf(family);
        const [from = 'raw', to = from] = [words[0], words.at(-1)];
        for (const more of [{ for: 'flavour' }, { wish: { from, to } }] as const) {
          const a = look(soup(key, minutes, more));
          expect(of(a, 'x').verdict).toBe('right');
          const codes = a.findings.filter((f) => f.item === 'x').map((f) => f.code);
          expect(codes).not.toContain('undercooked');
          expect(codes).not.toContain('overcooked');
        }
      }),
      RUNS,
    );
  });

  it('leaves what must be hot enough a stop, whatever is wanted', () => {
    for (const key of ['chicken-breast', 'chicken-thigh', 'minced-poultry']) {
      const { family } = GRADED.find((f) => f.key === key) ?? {};
      if (!family) throw new Error(key);
      const words = gradesOf(family);
      const [first = 'raw'] = words;
      const raw = batchOf(
        [
          item('w', 'water', 1.5, 'l'),
          item('x', key, 600, 'g', {
            wish: { from: first, to: first },
            startC: -18,
            stays: [{ from: 's2' }],
          }),
        ],
        [lid(1), { id: 's2', kind: 'simmer', minutes: 2 }],
      );
      const stops = look(raw).findings.filter((f) => f.level === 'stop');
      expect([key, stops.map((f) => f.code)]).toEqual([key, ['poultry-not-safe']]);
    }
  });
});

describe('what is drawn', () => {
  const pot = fc.constantFrom(
    POT,
    { ...POT, measured: true },
    { ...POT, kind: 'stovetop' as const },
  );

  it('keeps the order of its quantiles, and its chances add up', () => {
    fc.assert(
      fc.property(food, hold, pot, ({ key }, minutes, where) => {
        const batch = soup(key, minutes);
        const draws = drawBatch(batch, where, KITCHEN, { draws: 12, seed: minutes });
        if (!draws) throw new Error('stopped');
        const { p10, p50, p90 } = draws.totalMin;
        expect(p10).toBeLessThanOrEqual(p50);
        expect(p50).toBeLessThanOrEqual(p90);
        expect(p10).toBeGreaterThan(minutes);
        const chances = draws.verdicts['x'];
        if (!chances) throw new Error('no chances');
        expect(chances.under + chances.right + chances.over).toBeCloseTo(1, 9);
        expect(stepsOf(batch)).toHaveLength(1);
      }),
      { numRuns: 12, seed: 3 },
    );
  });
});
