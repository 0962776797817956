import fc from 'fast-check';
import { readBundle } from './read';
import { writeBundle } from '.';
import { brothItem, shelvesOf } from '../core/batch/household/shelves';
import type { Cook, History, Jar, Span } from '../core/batch/schema';
import { coldDays, followedBy, judgeHistory } from '../core/guard';
import { cookOf } from '../core/testing/cooks';
import { batchOf, HOUSEHOLD, item, pressure } from '../core/testing/kitchen';
import {
  aboutJar,
  daysLeft,
  isJarLost,
  isGood,
  jarHistory,
  keepsOf,
  lotHistory,
  movedTo,
} from '../core/keep';

const START = '2026-11-01T08:00:00.000Z';
const at = (days: number): string => new Date(Date.parse(START) + days * 86_400_000).toISOString();
const ms = (days: number): number => Date.parse(at(days));
const KEEPS = keepsOf(undefined);
const JAR: Jar = { id: 'j1', name: 'Stock', litres: 0.5, madeAt: START, where: 'fridge' };

const hot: Span = { minutes: 30, coolestC: 95, warmestC: 100, how: 'seen' };
const warm = (minutes: number): Span => ({ minutes, coolestC: 25, warmestC: 50, how: 'seen' });
const of = (...spans: readonly Span[]): History => ({ startAt: START, spans });

// foodsafety.gov, cold food storage chart; FDA Food Code 2022, 3-501.17.
describe('days of a jar', () => {
  it('are carried through the freezer and the thaw', () => {
    const thawed = movedTo(movedTo(JAR, 'freezer', at(2)), 'fridge', at(40));
    expect(daysLeft(JAR, KEEPS, ms(2))).toBe(1);
    expect(daysLeft(thawed, KEEPS, ms(40))).toBe(1);
    expect(isGood(thawed, KEEPS, ms(41))).toBe(true);
    expect(isGood(thawed, KEEPS, ms(42.5))).toBe(false);
  });

  it('of a jar of an older version follow from its places', () => {
    // Made on the first, frozen since the third: no history was kept.
    const old: Jar = { ...JAR, where: 'freezer', since: at(2) };
    expect(coldDays(jarHistory(old, ms(60)).spans)).toBeCloseTo(2, 6);
    expect(daysLeft(movedTo(old, 'fridge', at(60)), KEEPS, ms(60))).toBe(1);
  });
});

describe('a history never forgets', () => {
  it('gives one verdict for a lot that is jarred, frozen, thawed, exported and planned anew', () => {
    const anyLot = fc.record({
      zone: fc.integer({ min: 0, max: 200 }),
      fridge: fc.integer({ min: 0, max: 4 }),
      frozen: fc.integer({ min: 0, max: 90 }),
      thawed: fc.integer({ min: 0, max: 4 }),
      late: fc.integer({ min: 0, max: 150 }),
    });
    fc.assert(
      fc.property(anyLot, ({ zone, fridge, frozen, thawed, late }) => {
        const lot = of(hot, warm(zone));
        // In one go, and cut into a jar, moved twice, through a file, and into a plan.
        let jar: Jar = { ...JAR, history: lot };
        jar = movedTo(jar, 'freezer', at(fridge));
        const file = readBundle(writeBundle({ ...HOUSEHOLD, jars: [jar] }));
        if (!file.ok) throw new Error(JSON.stringify(file.problems));
        jar = file.bundle.jars[0] as Jar;
        jar = movedTo(jar, 'fridge', at(fridge + frozen));
        const day = fridge + frozen + thawed;
        const [shelf] = shelvesOf([jar], [], aboutJar(KEEPS, ms(day)));
        if (!shelf) throw new Error('no shelf');
        const { history } = brothItem(shelf, 0.4);
        const cutUp = judgeHistory(followedBy(history ?? of(), [warm(late)]).spans);
        const whole = judgeHistory([hot, warm(zone), warm(late)]);
        expect([cutUp.why, cutUp.used]).toEqual([whole.why, whole.used]);
        expect(coldDays((history ?? of()).spans)).toBeCloseTo(fridge + thawed + zone / 1440, 6);
        expect(isJarLost(jar, ms(day))).toBe(zone > 120);
      }),
      { numRuns: 40 },
    );
  });

  it('goes from a jar through a plan and a cook into the next jar', () => {
    const lost = of(hot, warm(300));
    const batch = batchOf(
      [item('b', 'broth', 1, 'l', { history: lost }), item('c', 'carrot', 2, 'piece')],
      [pressure(5)],
    );
    const cook: Cook = cookOf('c1', batch, START);
    expect(judgeHistory(lotHistory(cook, ms(0.1)).spans).lostMin).toBe(150);
  });
});
