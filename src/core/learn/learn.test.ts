import { markAt } from '../testing/marks';
import fc from 'fast-check';
import type { Batch, Cook, Verdict } from '../batch/schema';
import { cookOf } from '../testing/cooks';
import { REFERENCE } from '../testing/kitchen';
import { setHold, setWater } from '../batch/plan';
import { foundIn, historyOf, reliabilityOf } from '.';
import { changesBetween } from './history';

const START = '2026-11-24T16:00:00.000Z';
const BASE = cookOf('base', REFERENCE, START);
const at = (minutes: number): string =>
  new Date(Date.parse(START) + 60_000 * minutes).toISOString();

/** A cook of so many minutes from the lid to its last step, with what was predicted of it. */
function cook(
  id: string,
  realMin: number,
  more: {
    readonly band?: readonly [number, number];
    readonly chances?: Readonly<Record<string, number>>;
    readonly verdicts?: Readonly<Record<string, Verdict>>;
  } = {},
): Cook {
  const { band, chances = {}, verdicts = {} } = more;
  const { band: _, ...predicted } = BASE.predicted;
  const last = BASE.batch.steps?.at(-1)?.id ?? null;
  return {
    ...BASE,
    id,
    predicted: {
      ...predicted,
      totalMin: 100,
      chances,
      ...(band && { band: { p10: band[0], p90: band[1] } }),
    },
    marks: [
      markAt('started', START, { step: null }),
      markAt('lid-locked', START),
      markAt('step-done', at(realMin), { step: last }),
      markAt('done', at(realMin + 40), { step: null }),
    ],
    // Time with the open pot is not cooking.
    endedAt: at(realMin + 40),
    verdicts,
  };
}

describe('whether Retort is to be believed', () => {
  // By hand: four bands, three that held; misses of 4, 10, 12 and 30 min.
  it('counts bands and minutes as one would by hand', () => {
    const told = reliabilityOf([
      cook('a', 104, { band: [90, 110] }),
      cook('b', 110, { band: [90, 110] }),
      cook('c', 88, { band: [80, 120] }),
      cook('d', 130, { band: [90, 110] }),
    ]);
    expect(told.bands).toEqual({ held: 3, shown: 4 });
    expect(told.misses.map((m) => Math.round(m.minutes))).toEqual([4, 10, -12, 30]);
    expect(told.typicalMin).toBeCloseTo(11, 6);
  });

  // By hand: of “7 in 10 and more”, two of three; of certainty one of one.
  it('sorts chances into bins and says how many were right', () => {
    const told = reliabilityOf([
      cook('a', 100, {
        chances: { x: 0.75, y: 0.8, z: 1, v: 0.2 },
        verdicts: { x: 'right', y: 'under', z: 'right' },
      }),
      cook('b', 100, { chances: { x: 0.7 }, verdicts: { x: 'right', w: 'over' } }),
    ]);
    const counted = told.bins.filter((bin) => bin.count > 0);
    expect(counted.map((bin) => [bin.from, bin.count])).toEqual([
      [0.7, 3],
      [0.95, 1],
    ]);
    expect(counted[0]?.share).toBeCloseTo(2 / 3, 9);
    expect(counted[0]?.predicted).toBeCloseTo(0.75, 9);
    expect(counted[1]?.share).toBe(1);
  });

  it('counts no rehearsal, nothing that is still on, and says nothing of nothing', () => {
    const { endedAt: _, ...on } = cook('b', 100);
    const told = reliabilityOf([{ ...cook('a', 100), rehearsal: {} }, on]);
    expect(told).toMatchObject({ cooks: 0, bands: { held: 0, shown: 0 }, misses: [] });
    expect(told.typicalMin).toBeNaN();
  });

  it('does not depend on the order, and every chance is in one bin', () => {
    const chance = fc.double({ min: 0, max: 1, noNaN: true });
    const verdict = fc.constantFrom<Verdict>('under', 'right', 'over');
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.double({ min: 60, max: 160, noNaN: true }), chance, verdict), {
          maxLength: 12,
        }),
        (list) => {
          const cooks = list.map(([real, c, v], i) =>
            cook(`c${i}`, real, { band: [90, 110], chances: { x: c }, verdicts: { x: v } }),
          );
          const told = reliabilityOf(cooks);
          expect(told.bins.reduce((sum, bin) => sum + bin.count, 0)).toBe(list.length);
          const back = reliabilityOf(cooks.toReversed());
          expect(back.bands).toEqual(told.bands);
          expect(back.bins.map((b) => b.count)).toEqual(told.bins.map((b) => b.count));
        },
      ),
    );
  });
});

describe('search', () => {
  it('finds by dish, food, pot and how it came out, all words wanted', () => {
    const lamb = { ...cook('a', 100, { verdicts: { i1: 'under' } }), note: 'Ten minutes more.' };
    const all = [lamb, { ...cook('b', 100), pot: { ...BASE.pot, name: 'Grandmother’s cooker' } }];
    const ids = (question: string): readonly string[] =>
      foundIn(all, question).map((one) => one.id);
    expect(ids('BARLEY lamb')).toEqual(['a', 'b']);
    expect(ids('lamb under')).toEqual(['a']);
    expect(ids('minutes')).toEqual(['a']);
    expect(ids('grandmother')).toEqual(['b']);
    expect(ids('turnip')).toEqual([]);
    expect(foundIn(all, ' ')).toBe(all);
  });
});

describe('a dish through time', () => {
  const carrots: Batch = {
    ...REFERENCE,
    items: REFERENCE.items
      .filter((item) => item.food !== 'bay-leaf')
      .map((item) =>
        item.food === 'carrot' ? { ...item, amount: { value: 5, unit: 'piece' } } : item,
      ),
  };

  it('says what was changed, and nothing where nothing was', () => {
    expect(changesBetween(REFERENCE, REFERENCE, 'metric')).toEqual([]);
    const other = setHold(setWater(carrots, 1.65), 's1', 65);
    expect(changesBetween(REFERENCE, other, 'metric')).toEqual([
      'water 1.4 L → 1.65 L',
      'carrot 3 → 5',
      'without bay leaf',
      'hold 60 min, natural release → hold 65 min, natural release',
    ]);
    expect(changesBetween(other, REFERENCE, 'us')[0]).toMatch(/^water .* → /);
  });

  it('goes from cook to cook, by plan, by name and by “cook again”', () => {
    const first = cook('a', 100);
    const again: Cook = {
      ...cook('b', 100),
      batch: { ...setHold(REFERENCE, 's1', 70), id: 'new', name: 'Lamb, better', fromCook: 'a' },
      startedAt: at(10_000),
    };
    const named: Cook = {
      ...cook('c', 100),
      batch: { ...again.batch, id: 'newer', fromCook: 'x' },
      startedAt: at(20_000),
    };
    const stranger = {
      ...cook('d', 100),
      batch: { ...REFERENCE, id: 'other', name: 'Something else' },
    };
    const told = historyOf(again, [named, stranger, again, first], 'metric');
    expect(told.map((one) => one.cook.id)).toEqual(['a', 'b', 'c']);
    expect(told.map((one) => one.changes.length)).toEqual([0, 1, 0]);
  });
});
