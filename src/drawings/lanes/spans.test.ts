import { assess } from '@/core/assess';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '@/core/testing/kitchen';
import { laneSpans, outcomeWords, wantedSpan } from './spans';

const A = assess(REFERENCE, POT, KITCHEN);
const TOTAL = A.time.totalMin;

function lane(food: string, a = A) {
  const found = a.items.find((i) => i.food === food);
  if (!found) throw new Error(food);
  return found;
}

describe('lanes', () => {
  it('run from entry to exit without gaps', () => {
    for (const report of A.items) {
      const spans = laneSpans(report, TOTAL);
      spans.forEach((span, i) => {
        if (i > 0) expect(span.from).toBeCloseTo(spans[i - 1]?.to ?? 0, 9);
      });
      expect(spans[0]?.from).toBeCloseTo(report.enterMin / TOTAL, 6);
      expect(spans.at(-1)?.to).toBeCloseTo(1, 6);
    }
  });

  it('go through the grades, from before what is wanted to past it', () => {
    const long = assess(
      batchOf([item('w', 'water', 1.5, 'l'), item('d', 'ditalini', 150, 'g')], [pressure(30)]),
      POT,
      KITCHEN,
    );
    const ditalini = lane('ditalini', long);
    expect(laneSpans(ditalini, long.time.endMin).map((s) => [s.word, s.zone])).toEqual([
      ['hard', 'before'],
      ['firm', 'right'],
      ['soft', 'right'],
      ['bloated', 'past'],
    ]);
    expect(outcomeWords(ditalini)).toBe('bloated, overdone');
    const short = assess(
      batchOf([item('w', 'water', 1.5, 'l'), item('l', 'lamb-neck', 800, 'g')], [pressure(1)]),
      POT,
      KITCHEN,
    );
    expect(laneSpans(lane('lamb-neck', short), 60).map((s) => s.zone)).toEqual(['before']);
    expect(outcomeWords(lane('lamb-neck', short))).toBe('tough, not done');
  });

  it('are hatched for what is in for its flavour, and say what becomes of it', () => {
    expect(laneSpans(lane('bay-leaf'), TOTAL).map((s) => s.zone)).toEqual(['flavour']);
    expect(outcomeWords(lane('bay-leaf'))).toBe('remove before serving');
    const flavour = { ...lane('onion'), for: 'flavour' as const };
    expect(outcomeWords({ ...flavour, fishOut: false })).toBe('dissolves');
    expect(wantedSpan(flavour, TOTAL)).toBeNull();
  });

  it('tell the odds where the draws leave a verdict open', () => {
    const lamb = lane('lamb-neck');
    expect(outcomeWords(lamb, { under: 0, right: 1, over: 0 })).toBe('tender');
    expect(outcomeWords(lamb, { under: 0.28, right: 0.72, over: 0 })).toBe('tender, right 7 in 10');
    expect(outcomeWords({ ...lamb, apart: true })).toBe('cooked separately');
    expect(laneSpans({ ...lamb, apart: true }, TOTAL)).toEqual([]);
  });
});
