/**
 * Outcomes that cooks are content with, under pressure at high (80 kPa), in soup of ordinary size;
 * common practice, no source.
 */
import type { Cut, Item, Release, Step } from '../batch/schema';
import { batchOf, item, POT, pressure, SEA_LEVEL } from '../testing/kitchen';
import { assess } from './';
import type { ItemReport } from '../model';

const N: Release = { method: 'natural' };
const Q: Release = { method: 'quick' };
const T = (afterMin: number): Release => ({ method: 'timed', afterMin });
const cube = (mm: number): Cut => ({ shape: 'cube', mm });
const slice = (mm: number): Cut => ({ shape: 'slice', mm });
const WATER = item('w', 'water', 1.5, 'l');

function soup(food: string, grams: number, steps: readonly Step[], more: Partial<Item> = {}) {
  const batch = batchOf([WATER, item('x', food, grams, 'g', more)], steps);
  const { items, findings } = assess(batch, POT, SEA_LEVEL, { curves: false });
  const found = items.find((i) => i.id === 'x');
  if (!found) throw new Error(food);
  const texture = findings.filter((f) => f.code === 'overcooked' || f.code === 'undercooked');
  return { found, calls: texture.map((f) => f.level) };
}

const under = (food: string, grams: number, min: number, release: Release, more?: Partial<Item>) =>
  soup(food, grams, [pressure(min, release)], more).found;

/** Put into the open pot for the last minutes. */
const late = (food: string, grams: number, minutes: number, more: Partial<Item> = {}): ItemReport =>
  soup(food, grams, [pressure(10, Q), { id: 's2', kind: 'simmer', minutes }], {
    stays: [{ from: 's2' }],
    ...more,
  }).found;

const is = ({ grade, verdict }: ItemReport) => [grade, verdict];

describe('small vegetables', () => {
  it('are soft when they were in from the start for 20 min, and right', () => {
    expect(is(under('carrot', 200, 20, T(7), { cut: slice(10) }))).toEqual(['soft', 'right']);
    expect(is(under('celery', 200, 20, T(7), { cut: slice(10) }))).toEqual(['melted in', 'right']);
  });

  it('are spent after 45 min, without a call', () => {
    for (const food of ['carrot', 'celery']) {
      const { found, calls } = soup(food, 200, [pressure(45, N)], { cut: slice(12) });
      expect(['soft', 'falling apart', 'melted in']).toContain(found.grade);
      expect(calls).toEqual([]);
    }
  });

  it('raise no call even when they have fallen apart, unless the cook asked for more', () => {
    const long = [pressure(100, N)];
    const spent = soup('carrot', 200, long, { cut: slice(6) });
    expect(is(spent.found)).toEqual(['falling apart', 'over']);
    expect(spent.calls).toEqual([]);
    const asked = soup('carrot', 200, long, {
      cut: slice(6),
      wish: { from: 'tender', to: 'soft' },
    });
    expect(asked.calls).toEqual(['warn']);
  });

  it.each([5, 10])('have bite when thin and in for the last %i min', (minutes) => {
    for (const food of ['carrot', 'celery'])
      for (const mm of [3, 4]) {
        const { grade, verdict } = late(food, 200, minutes, { cut: slice(mm) });
        expect(['with bite', 'tender']).toContain(grade);
        expect(verdict).toBe('right');
      }
  });

  it.each([10, 45])('melt in, pepper and onion alike, in %i min', (minutes) => {
    for (const food of ['bell-pepper', 'onion'])
      expect(is(under(food, 200, minutes, N, { cut: cube(10) }))).toEqual(['melted in', 'right']);
  });

  it.each([20, 25])('are soft when they are squash, %i min', (minutes) => {
    expect(is(under('butternut-squash', 400, minutes, T(15), { cut: cube(20) }))).toEqual([
      'soft',
      'right',
    ]);
  });

  // Huang & Bourne 1983: a few per cent of the firmness goes slowly; from memory.
  it('keep their shape through an hour when they are large, and not when they are small', () => {
    const grade = (mm: number): unknown => under('carrot', 200, 75, N, { cut: cube(mm) }).grade;
    expect(grade(40)).toBe('soft');
    expect(grade(4)).toBe('falling apart');
  });
});

describe('greens', () => {
  it.each([1, 3])('are wilted to soft after %i min in the open pot', (minutes) => {
    const { grade, verdict } = late('spinach', 150, minutes);
    expect(['wilted', 'soft']).toContain(grade);
    expect(verdict).toBe('right');
  });

  it('are drab after ten', () => {
    expect(is(late('spinach', 150, 10))).toEqual(['drab', 'over']);
  });
});

describe('poultry', () => {
  it('shreds well as a whole breast after 15 min and a wait of 15: right to pull, dry to slice', () => {
    const plan = [15, T(15)] as const;
    expect(is(under('chicken-breast', 400, ...plan))).toEqual(['dry in slices', 'right']);
    const sliced = { wish: { from: 'juicy', to: 'juicy' } };
    expect(is(under('chicken-breast', 400, ...plan, sliced))).toEqual(['dry in slices', 'over']);
  });

  it.each([3, 5, 7])('is juicy in cubes of 25 mm after %i min', (minutes) => {
    for (const release of [Q, T(5)])
      expect(is(under('chicken-breast', 400, minutes, release, { cut: cube(25) }))).toEqual([
        'juicy',
        'right',
      ]);
  });
});

describe('noodles and pulses', () => {
  it('are firm after 3 min and a wait of five, bloated when nobody opens the valve', () => {
    expect(is(under('egg-noodles', 150, 3, T(5)))).toEqual(['firm', 'right']);
    expect(is(under('egg-noodles', 150, 3, N))).toEqual(['bloated', 'over']);
    expect(is(under('egg-noodles', 150, 20, N))).toEqual(['bloated', 'over']);
  });

  it.each([35, 45])('are creamy when they are navy beans held %i min', (minutes) => {
    expect(is(under('navy-beans', 250, minutes, N))).toEqual(['creamy', 'right']);
    const whole = { wish: { from: 'tender and whole', to: 'tender and whole' } };
    expect(is(under('navy-beans', 250, minutes, N, whole))).toEqual(['creamy', 'over']);
  });
});

describe('tough meat', () => {
  // Manuals’ charts: 15 to 25 min a pound and a natural release, 33 to 55 min at the least, longer to pull.
  it('is tender as one piece of a kilogram after an hour, in shreds after an hour and a half', () => {
    const piece: Cut = { shape: 'whole', mm: 90 };
    expect(is(under('beef-stewing', 1000, 60, N, { cut: piece }))).toEqual(['tender', 'right']);
    expect(is(under('beef-stewing', 1000, 90, N, { cut: piece }))).toEqual(['in shreds', 'right']);
  });

  it('is stringy in small pieces after two hours with a calf’s foot', () => {
    const batch = batchOf(
      [
        WATER,
        item('x', 'beef-stewing', 800, 'g', { cut: cube(35) }),
        item('f', 'calf-foot', 500, 'g'),
      ],
      [pressure(120, N)],
    );
    const found = assess(batch, POT, SEA_LEVEL).items.find((i) => i.id === 'x');
    expect(found && is(found)).toEqual(['stringy', 'over']);
  });

  it('is tender later than lean meat is dry', () => {
    const cut = { cut: cube(30) };
    const dry = under('chicken-breast', 400, 60, N, cut).grades.find(
      (g) => g.grade === 'dry in slices',
    );
    const tender = under('beef-stewing', 400, 60, N, cut).grades.find((g) => g.grade === 'tender');
    expect(dry?.fromMin).toBeLessThan(tender?.fromMin ?? 0);
  });
});

describe('for flavour only', () => {
  const spent = { for: 'flavour' } as const;

  it('is never judged, and is fished out if it holds together', () => {
    const carrot = under('carrot', 200, 10, N, { cut: cube(40), ...spent });
    expect([carrot.verdict, carrot.for, carrot.fishOut]).toEqual(['right', 'flavour', true]);
    const raw = late('potato', 300, 1, { cut: cube(60), ...spent });
    expect([raw.grade, raw.verdict]).toEqual(['raw', 'right']);
  });

  it('melts in if it does not', () => {
    expect(under('celery', 200, 30, N, { cut: slice(10), ...spent }).fishOut).toBe(false);
    expect(under('carrot', 200, 120, N, { cut: slice(4), ...spent }).fishOut).toBe(false);
  });

  it('is what flavours a stock, unless the cook says otherwise', () => {
    const stock = batchOf(
      [WATER, item('f', 'turkey-frame', 1, 'kg'), item('c', 'carrot', 2, 'piece')],
      [pressure(80)],
      { kind: 'stock' },
    );
    const use = (batch: typeof stock): unknown =>
      assess(batch, POT, SEA_LEVEL).items.find((i) => i.id === 'c')?.for;
    expect(use(stock)).toBe('flavour');
    const eaten = stock.items.map((i) => (i.id === 'c' ? { ...i, for: 'eat' as const } : i));
    expect(use({ ...stock, items: eaten })).toBe('eat');
  });
});

describe('a kitchen’s habits', () => {
  it('set what is wanted when the batch does not say', () => {
    const batch = batchOf(
      [WATER, item('c', 'carrot', 200, 'g'), item('b', 'navy-beans', 200, 'g')],
      [pressure(40)],
    );
    const wishes = (habits: object) =>
      assess(batch, POT, { ...SEA_LEVEL, habits }).items.map((i) => i.wish?.to);
    expect(wishes({})).toEqual([undefined, 'soft', 'creamy']);
    expect(wishes({ vegetables: 'bite', beans: 'whole' })).toEqual([
      undefined,
      'tender',
      'tender and whole',
    ]);
  });
});
