import fc from 'fast-check';
import type { Span } from '../batch/schema';
import { coldDays, followedBy, judgeHistory, worstOf } from '.';

const span = (minutes: number, coolestC: number, warmestC = coolestC): Span => ({
  minutes,
  coolestC,
  warmestC,
  how: 'seen',
});
const HOT = span(30, 100);

const anySpan: fc.Arbitrary<Span> = fc
  .record({
    minutes: fc.integer({ min: 1, max: 400 }),
    from: fc.constantFrom(-18, 3, 10, 25, 45, 60, 80, 100),
    wider: fc.constantFrom(0, 5, 20),
    how: fc.constantFrom<Span['how']>('seen', 'planned', 'presumed'),
  })
  .map(({ minutes, from, wider, how }) => ({
    minutes,
    coolestC: from,
    warmestC: from + wider,
    how,
  }));
const anySpans = fc.array(anySpan, { maxLength: 8 });
const lost = (spans: readonly Span[]): number => judgeHistory(spans).lostMin ?? Infinity;

// FDA Food Code 2022, 3-501.14 and 3-501.16; USDA FSIS, Danger Zone.
describe('a history', () => {
  it('is lost at the minute at which its count is over', () => {
    expect(judgeHistory([HOT, span(200, 30, 50)])).toMatchObject({
      lostMin: 150,
      why: 'first-limb',
      presumed: false,
    });
    expect(judgeHistory([HOT, span(400, 10, 20)])).toMatchObject({ lostMin: 390, why: 'in-all' });
    expect(judgeHistory([span(200, 5, 20)])).toMatchObject({ lostMin: 120, why: 'raw' });
  });

  it('counts an hour as two for raw food in a room above 32 °C', () => {
    expect(judgeHistory([span(70, 5, 34)], 34).lostMin).toBe(60);
    expect(judgeHistory([span(70, 5, 34)], 30).lostMin).toBeNull();
  });

  it('begins anew once it is heated through, and not when it is only warmed', () => {
    const warm = span(90, 30, 50);
    expect(judgeHistory([HOT, warm, HOT, warm]).lostMin).toBeNull();
    expect(judgeHistory([HOT, warm, span(10, 60, 70), warm]).lostMin).toBe(160);
  });

  it('says when it rests on what nobody saw', () => {
    const guessed: Span = { ...span(200, 20, 56), how: 'presumed' };
    expect(judgeHistory([HOT, guessed]).presumed).toBe(true);
  });

  it('tells how much of its time is used', () => {
    expect(judgeHistory([HOT, span(60, 30, 50)]).used).toBe(0.5);
    expect(judgeHistory([HOT, span(500, 30, 50)]).used).toBeGreaterThanOrEqual(1);
  });
});

describe('laws of histories', () => {
  it('what is lost stays lost, whatever comes after', () => {
    fc.assert(
      fc.property(anySpans, anySpans, (before, after) => {
        const was = lost(before);
        if (was < Infinity) expect(lost([...before, ...after])).toBe(was);
      }),
    );
  });

  it('a stretch cut in two is judged as one', () => {
    fc.assert(
      fc.property(
        anySpans,
        fc.nat(),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (all, n, share) => {
          if (all.length === 0) return;
          const at = n % all.length;
          const cut = all.flatMap((one, i) =>
            i === at
              ? [
                  { ...one, minutes: one.minutes * share },
                  { ...one, minutes: one.minutes * (1 - share) },
                ]
              : [one],
          );
          const whole = judgeHistory(all);
          const parts = judgeHistory(cut);
          expect(parts.why).toBe(whole.why);
          if (whole.lostMin !== null) expect(parts.lostMin).toBeCloseTo(whole.lostMin, 6);
          expect(parts.used).toBeCloseTo(whole.used, 6);
        },
      ),
    );
  });

  it('more time in the zone is never better', () => {
    fc.assert(
      fc.property(anySpans, fc.integer({ min: 1, max: 300 }), (all, more) => {
        const last = all.findLastIndex(({ warmestC, coolestC }) => warmestC > 5 && coolestC < 57);
        if (last < 0) return;
        const longer = all.map((one, i) =>
          i === last ? { ...one, minutes: one.minutes + more } : one,
        );
        expect(lost(longer)).toBeLessThanOrEqual(lost(all));
      }),
    );
  });

  it('the freezer neither counts nor resets', () => {
    fc.assert(
      fc.property(anySpans, anySpans, (before, after) => {
        const frozen = judgeHistory([...before, span(30000, -18), ...after]);
        const straight = judgeHistory([...before, ...after]);
        expect([frozen.why, frozen.used]).toEqual([straight.why, straight.used]);
        expect(coldDays([...before, span(30000, -18), ...after])).toBeCloseTo(
          coldDays([...before, ...after]),
          9,
        );
      }),
    );
  });

  it('going on joins what is alike, and changes no verdict', () => {
    fc.assert(
      fc.property(anySpans, anySpans, (before, after) => {
        const start = { startAt: '2026-11-24T08:00:00.000Z', spans: [] };
        const joined = followedBy(followedBy(start, before), after);
        expect(joined.spans.length).toBeLessThanOrEqual(before.length + after.length);
        expect(judgeHistory(joined.spans).why).toBe(judgeHistory([...before, ...after]).why);
      }),
    );
  });
});

it('of several histories the worst is taken', () => {
  const of = (...spans: readonly Span[]) => ({ startAt: '2026-11-24T08:00:00.000Z', spans });
  const good = of(HOT, span(60, 30, 50));
  const bad = of(HOT, span(300, 30, 50));
  expect(worstOf([good, bad])).toBe(bad);
  expect(worstOf([])).toBeNull();
});
