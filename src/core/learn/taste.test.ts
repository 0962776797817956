import { wantedSet } from '../batch/plan';
import type { Cook, SetState } from '../batch/schema';
import { batchOf, HOUSEHOLD, item, pressure } from '../testing/kitchen';
import { cookOf } from '../testing/cooks';
import { knownKitchen } from './known';
import { forgets } from './learned';
import { learnedSalt, learnedSet, learnedThickness } from './taste';

const PLAIN = cookOf(
  'a',
  batchOf([item('w', 'water', 1, 'l')], [pressure(1)]),
  '2026-10-01T16:00:00.000Z',
);
const day = (n: number): string => `2026-10-0${n}T16:00:00.000Z`;
const salted = (n: number, saltPercent: number): Cook => ({
  ...PLAIN,
  id: `s${n}`,
  startedAt: day(n),
  lesson: { pot: [], foods: [], bones: [], saltPercent },
});
const sets = (n: number, set: SetState, right: boolean): Cook => ({
  ...PLAIN,
  id: `b${n}`,
  startedAt: day(n),
  endedAt: day(n).replace('16:', '20:'),
  lesson: { pot: [], foods: [], bones: [] },
  yields: [
    { run: 1, set, ...(right && { right }) },
    { run: 2, set: 'pourable', ...(right && { right }) },
  ],
});
const thick = (n: number, thickness: string): Cook => ({
  ...PLAIN,
  id: `t${n}`,
  startedAt: day(n),
  after: { thickness },
});

describe('salt that is called right', () => {
  it('moves what is wanted, further the more often, and never past what was called so', () => {
    const once = learnedSalt([salted(1, 0.95)], '');
    const thrice = learnedSalt(
      [1, 2, 3].map((n) => salted(n, 0.95)),
      '',
    );
    // Three quarters of a percent is the soup's usual.
    expect(once?.percent).toBeGreaterThan(0.75);
    expect(thrice?.percent ?? 0).toBeGreaterThan(once?.percent ?? 1);
    expect(thrice?.percent).toBeLessThan(0.95);
    expect(thrice?.sd ?? 1).toBeLessThan(once?.sd ?? 0);
    expect(learnedSalt([PLAIN], '')).toBeUndefined();
    expect(learnedSalt([salted(1, 0.95)], day(1))).toBeUndefined();
  });
});

describe('how thick it is made', () => {
  it('is taken for what is wanted from the second time on, kind by kind, till it is forgotten', () => {
    const of = (cooks: readonly Cook[], since = '') => learnedThickness(cooks, () => since);
    expect(of([thick(1, 'thick')])).toEqual([]);
    const twice = [thick(1, 'thick'), thick(2, 'thick')];
    expect(of(twice)).toEqual([{ kind: 'soup', word: 'thick', share: 0.5, cooks: 2 }]);
    expect(of([...twice, thick(3, 'coats a spoon')])).toEqual([]);
    expect(of(twice, day(1))).toEqual([]);
  });
});

describe('how broths are wanted to set', () => {
  const of = (cooks: readonly Cook[], since = '') => learnedSet(cooks, since);
  const twice = [sets(1, 'soft set', true), sets(2, 'soft set', true)];

  it('is the firmest that was called right, from the second time on, till it is forgotten', () => {
    expect(of(twice.slice(1))).toBeNull();
    expect(of(twice)).toEqual({ word: 'soft set', share: 0.5, cooks: 2 });
    expect(of(twice, day(1))).toBeNull();
    expect(of([...twice, sets(3, 'holds a cut', true)])).toBeNull();
  });

  it('is not what was only read of it', () => {
    expect(of([sets(1, 'soft set', false), sets(2, 'soft set', false)])).toBeNull();
  });

  it('moves what a broth is planned to, unless another is asked for', () => {
    const broth = { ...PLAIN.batch, kind: 'broth' as const };
    const { kitchen } = knownKitchen({ ...HOUSEHOLD, cooks: twice });
    expect(wantedSet(broth, HOUSEHOLD.kitchen)).toBe('trembles');
    expect(wantedSet(broth, kitchen)).toBe('soft set');
    expect(wantedSet({ ...broth, aim: { set: 'pourable' } }, kitchen)).toBe('pourable');
    const forgotten = [{ what: forgets.set, at: day(3) }];
    const without = { ...HOUSEHOLD, kitchen: { ...HOUSEHOLD.kitchen, forgotten }, cooks: twice };
    expect(wantedSet(broth, knownKitchen(without).kitchen)).toBe('trembles');
  });
});
