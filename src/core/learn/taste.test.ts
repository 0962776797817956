import type { Cook } from '../batch';
import { batchOf, item, pressure } from '../testing/kitchen';
import { cookOf } from '../testing/cooks';
import { learnedSalt, learnedThickness } from './taste';

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
