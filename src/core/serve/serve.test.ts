import fc from 'fast-check';
import { assess, type Assessment } from '../assess';
import type { Batch, Cook, Jar } from '../batch/schema';
import { nextTouch, PINCH_G, SOUP_SALT_PERCENT, THICK_FROM, thicknessWord } from '../finish';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '../testing/kitchen';
import { accountOf, finishMoves, nextWord, tastingOf, thickenings } from '.';

const told = (batch: Batch): Assessment => assess(batch, POT, KITCHEN);
const SOUP = told(REFERENCE);
const LENTILS = batchOf(
  [
    item('i1', 'red-lentils', 170, 'g'),
    item('i2', 'carrot', 300, 'g', { cut: { shape: 'slice', mm: 8 } }),
    item('i3', 'water', 1.2, 'l'),
    item('i4', 'cream', 100, 'ml', { apart: true }),
    item('i5', 'parsley', 20, 'g', { apart: true }),
  ],
  [pressure(8)],
  { servings: 4, kind: 'soup' },
);
const keys = (batch: Batch): readonly string[] =>
  finishMoves(batch, told(batch), 'metric').map((m) => m.key);

describe('the moves of an open pot', () => {
  it('come in the order in which hands do them, and only what there is to do', () => {
    expect(keys(REFERENCE)).toEqual(['fish-out', 'meat-out', 'skim', 'thicken', 'taste', 'bowls']);
    expect(keys(LENTILS)).toEqual(['thicken', 'temper', 'late', 'taste', 'bowls']);
    const stock = batchOf(
      [item('i1', 'turkey-frame', 1200, 'g'), item('i2', 'water', 2, 'l')],
      [pressure(90)],
      { kind: 'stock' },
    );
    expect(keys(stock)).toEqual(['fish-out', 'strain', 'skim', 'bowls']);
    // A stock that is strained as a step of the plan is not strained twice.
    expect(keys({ ...stock, steps: [pressure(90), { id: 's2', kind: 'strain' }] })).not.toContain(
      'strain',
    );
  });

  it('say how much, and what is left for the bag', () => {
    const moves = finishMoves(REFERENCE, SOUP, 'metric');
    const meat = moves.find((m) => m.key === 'meat-out');
    const bones = meat?.picked?.[0]?.grams ?? 0;
    expect(bones).toBeGreaterThan(200);
    expect(bones).toBeLessThan(400);
    expect(meat?.does).toContain(`${bones} g of bones`);
    expect(
      finishMoves(REFERENCE, SOUP, 'us')
        .map((m) => m.does)
        .join(' '),
    ).not.toMatch(/\d (?:g|ml|L)\b/);
  });
});

describe('thickness', () => {
  it('comes to the next word by each way, or the way is not offered', () => {
    for (const batch of [REFERENCE, LENTILS]) {
      const { finish, boilC } = told(batch);
      const next = nextWord(finish.pas.table);
      if (!next) throw new Error('nothing thicker');
      const ways = thickenings(finish, next, boilC);
      expect(ways[0]?.how).toBe('nothing');
      expect(ways.length).toBeGreaterThan(2);
      for (const way of ways.slice(1)) {
        expect(way.pas).toBeGreaterThanOrEqual(THICK_FROM[next]);
        expect(thicknessWord(way.pas)).toBe(next);
      }
    }
  });

  it('boiled down, keeps its salt in less', () => {
    const { finish, boilC } = told(LENTILS);
    const next = nextWord(finish.pas.table);
    const reduced = next && thickenings(finish, next, boilC).find((w) => w.how === 'reduce');
    if (!reduced) throw new Error('cannot be boiled down');
    expect(reduced.litres).toBeLessThan(finish.servedL);
    expect(reduced.minutes).toBeGreaterThan(1);
  });

  it('of what is as thick as can be wants nothing', () => {
    expect(thickenings(SOUP.finish, 'like water', SOUP.boilC)).toHaveLength(1);
    expect(nextWord(5)).toBeNull();
  });

  it('goes on as pulses and grain stand', () => {
    const { pas } = told(LENTILS).finish;
    expect(pas.hour).toBeGreaterThan(pas.table);
    expect(pas.tomorrow).toBeGreaterThan(pas.hour);
  });
});

describe('tasting', () => {
  it('by half of what is left comes to what is wanted, and never past it by a pinch', () => {
    let added: readonly { what: 'salt'; grams: number; at: string }[] = [];
    let touches = 0;
    for (; touches < 30; touches++) {
      const { touchG } = tastingOf(SOUP.finish, added);
      if (touchG === 0) break;
      added = [...added, { what: 'salt', grams: touchG, at: '2026-11-26T18:00:00Z' }];
    }
    const end = tastingOf(SOUP.finish, added);
    expect(touches).toBeLessThan(10);
    expect(end.saltPercent).toBeGreaterThan(SOUP_SALT_PERCENT - 0.03);
    expect(end.saltPercent).toBeLessThan(SOUP_SALT_PERCENT + 0.03);
  });

  it('is half, or a pinch', () => {
    expect([8, 1, 0.5, 0.1].map(nextTouch)).toEqual([4, 0.5, PINCH_G, 0]);
  });
});

describe('where a pot went', () => {
  it('every litre is in bowls, jars, waste, lost, or not yet said', () => {
    const litres = fc.double({ min: 0, max: 5, noNaN: true });
    fc.assert(
      fc.property(litres, fc.integer({ min: 0, max: 9 }), litres, litres, litres, (...of) => {
        const [servedL, bowls, inJars, wasteL, lostL] = of;
        const cook = { id: 'c', after: { bowls, bowlL: 0.35, wasteL, lostL } } as Cook;
        const jar = (id: string, cookId: string): Jar => ({
          id,
          cook: cookId,
          litres: inJars,
          name: 'x',
          madeAt: '2026-11-26T18:00:00Z',
          where: 'fridge',
        });
        const a = accountOf(servedL, cook, [jar('a', 'c'), jar('b', 'other')]);
        expect(a.jarsL).toBe(inJars);
        expect(a.bowlsL + a.jarsL + a.wasteL + a.lostL + a.openL).toBeCloseTo(servedL, 9);
      }),
    );
  });
});

describe('broth of the house in a pot', () => {
  const withBroth = (gPerL: number, saltPercent: number): Batch => ({
    ...REFERENCE,
    items: REFERENCE.items.map((i) =>
      i.food === 'water'
        ? { ...i, food: 'broth', broth: { name: 'venison broth, run 2', gPerL, saltPercent } }
        : i,
    ),
  });

  it('brings its gelatine and its salt', () => {
    const plain = told(withBroth(0, 0));
    const rich = told(withBroth(12, 0.5));
    // On paper: 1.4 L of 12 g/L, and 5 g of salt a litre.
    expect(rich.finish.body.gelatineG - plain.finish.body.gelatineG).toBeGreaterThan(12);
    expect(rich.finish.body.gelatineG - plain.finish.body.gelatineG).toBeLessThan(16.9);
    expect(rich.finish.saltG - plain.finish.saltG).toBeCloseTo(7, 0);
    expect(rich.runOffs).toBeNull();
  });

  it('first extraction instead of water makes a double stock', () => {
    const frame = (water: Batch['items'][number]): Batch =>
      batchOf([item('i1', 'turkey-frame', 1200, 'g'), water], [pressure(90)], { kind: 'stock' });
    const single = told(frame(item('w', 'water', 2, 'l')));
    const double = told(
      frame({ ...item('w', 'broth', 2, 'l'), broth: { gPerL: 10, saltPercent: 0 } }),
    );
    const [one, two] = [single.bones[0], double.bones[0]];
    if (!one || !two) throw new Error('no run');
    expect(two.carriedG).toBeCloseTo(20, 0);
    expect(two.setsGPerL).toBeGreaterThan(one.setsGPerL + 7);
    expect(two.gelatineG).toBeCloseTo(one.gelatineG, 1);
  });
});
