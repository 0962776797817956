import { assess, type Draws } from '@/core/assess';
import { stepsOf } from '@/core/batch';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '@/core/testing/kitchen';
import { degreeTicks, pressureTicks, tickText, timeTicks, type AxisTick } from './ticks';
import { clockText } from './clockText';
import { laneSpans, outcomeWords, wantedSpan } from './laneSpans';
import { wishAt, wishByKey } from './wishEnds';
import { segmentsOf } from './stepSegments';
import { rowsOf, sampleAt } from './traceRows';

const A = assess(REFERENCE, POT, KITCHEN);
const TOTAL = A.time.totalMin;
const NONE = { p10: 0, p50: 0, p90: 0 };

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
    expect(outcomeWords(ditalini)).toBe('bloated, too far');
    const short = assess(
      batchOf([item('w', 'water', 1.5, 'l'), item('l', 'lamb-neck', 800, 'g')], [pressure(1)]),
      POT,
      KITCHEN,
    );
    expect(laneSpans(lane('lamb-neck', short), 60).map((s) => s.zone)).toEqual(['before']);
    expect(outcomeWords(lane('lamb-neck', short))).toBe('tough, not yet');
  });

  it('are hatched for what is in for its flavour, and say what becomes of it', () => {
    expect(laneSpans(lane('bay-leaf'), TOTAL).map((s) => s.zone)).toEqual(['flavour']);
    expect(outcomeWords(lane('bay-leaf'))).toBe('fish out');
    const flavour = { ...lane('onion'), for: 'flavour' as const };
    expect(outcomeWords({ ...flavour, fishOut: false })).toBe('melts in');
    expect(wantedSpan(flavour, TOTAL)).toBeNull();
  });

  it('tell the odds where the draws leave a verdict open', () => {
    const lamb = lane('lamb-neck');
    expect(outcomeWords(lamb, { under: 0, right: 1, over: 0 })).toBe('tender');
    expect(outcomeWords(lamb, { under: 0.28, right: 0.72, over: 0 })).toBe('tender, right 7 in 10');
    expect(outcomeWords({ ...lamb, apart: true })).toBe('apart, in the bowl');
    expect(laneSpans({ ...lamb, apart: true }, TOTAL)).toEqual([]);
  });
});

describe('what is wanted', () => {
  const barley = lane('pearl-barley');

  it('is a bracket from where it begins to where it ends', () => {
    const span = wantedSpan(barley, TOTAL);
    expect(span?.from).toBeCloseTo((barley.doneMin ?? 0) / TOTAL, 6);
    expect(span?.to).toBeCloseTo((barley.overMin ?? TOTAL) / TOTAL, 6);
    const never = wantedSpan({ ...barley, doneMin: null, overMin: null }, TOTAL);
    expect(never).toEqual({ from: 1, to: 1 });
  });

  it('moves from grade to grade by key, and no further than there are grades', () => {
    expect(barley.wish).toEqual({ from: 'tender', to: 'swollen' });
    expect(wishByKey(barley, 'from', -1)).toEqual({ from: 'with bite', to: 'swollen' });
    expect(wishByKey(barley, 'to', -1)).toEqual({ from: 'tender', to: 'tender' });
    expect(wishByKey(barley, 'to', 1)).toEqual({ from: 'tender', to: 'broken down' });
    const narrow = { ...barley, wish: { from: 'tender', to: 'tender' } as const };
    expect(wishByKey(narrow, 'from', 1)).toBeNull();
    expect(wishByKey(narrow, 'to', -1)).toBeNull();
    expect(wishByKey(lane('bay-leaf'), 'from', 1)).toBeNull();
  });

  it('goes to the nearest change of grade where it is dropped', () => {
    const at = (grade: string): number =>
      barley.grades.find((g) => g.grade === grade)?.fromMin ?? Number.NaN;
    expect(wishAt(barley, 'from', at('with bite') + 0.5, TOTAL)).toEqual({
      from: 'with bite',
      to: 'swollen',
    });
    expect(wishAt(barley, 'to', at('swollen') - 0.5, TOTAL)).toEqual({
      from: 'tender',
      to: 'tender',
    });
    expect(wishAt(barley, 'from', at('tender') + 0.1, TOTAL)).toBeNull();
    expect(wishAt({ ...barley, grades: [] }, 'from', 10, TOTAL)).toBeNull();
  });
});

describe('the step bar', () => {
  it('adds up to the whole', () => {
    const segments = segmentsOf(stepsOf(REFERENCE), A.time.steps);
    expect(segments.map((s) => s.phase)).toEqual(['warm-up', 'hold', 'release', 'step']);
    expect(segments.reduce((sum, s) => sum + s.minutes, 0)).toBeCloseTo(TOTAL, 6);
    expect(segments[1]?.label).toBe('hold 60');
  });
});

describe('the Trace', () => {
  it('is thinned but keeps its ends and turns', () => {
    const rows = rowsOf(A.series, null);
    expect(rows.length).toBeLessThan(300);
    expect(rows[0]?.minute).toBe(0);
    expect(rows.at(-1)?.minute).toBeCloseTo(TOTAL, 6);
    expect(new Set(rows.map((r) => r.phase))).toEqual(new Set(A.series.phase));
  });

  it('takes its band from the draws', () => {
    const draws: Draws = {
      draws: 12,
      grades: {},
      risks: { dry: {}, never: {}, unsafe: {} },
      totalMin: { p10: 1, p50: 2, p90: 3 },
      steps: [],
      fill: { worstL: NONE, releaseL: NONE, finishedBrothL: NONE, fits: 1 },
      verdicts: {},
      band: { minute: [0, 100, 200], p10: [10, 20, 30], p90: [20, 40, 60] },
    };
    const row = rowsOf(A.series, draws).find((r) => r.minute > 40);
    expect(row?.band?.[0]).toBeCloseTo(10 + (row?.minute ?? 0) / 10, 6);
  });

  it('finds the sample under the cursor', () => {
    expect(sampleAt(A.series, -5)).toBe(0);
    expect(sampleAt(A.series, 1e9)).toBe(A.series.minute.length - 1);
    const i = sampleAt(A.series, 30);
    expect(A.series.minute[i]).toBeLessThanOrEqual(30);
    expect(A.series.minute[i + 1]).toBeGreaterThan(30);
  });

  it('tells the clock once there is a serving time', () => {
    expect(clockText(undefined, 90)(12.4)).toBe('+12');
    expect(clockText('2026-11-24T18:30:00', 90)(0)).toBe('17:00');
    expect(clockText('2026-11-24T18:30:00', 90)(90)).toBe('18:30');
  });
});

describe('marks of the axes', () => {
  it('stand on round minutes inside the cook', () => {
    expect(timeTicks(125, null)).toEqual([0, 20, 40, 60, 80, 100, 120]);
    expect(timeTicks(125, 125)).toEqual([5, 25, 45, 65, 85, 105, 125]);
    // A cooling goes on after the table.
    expect(timeTicks(125, 90)).toEqual([10, 30, 50, 70, 90, 110]);
    for (const total of [1, 17, 48, 360, 1200]) {
      const ticks = timeTicks(total, null);
      expect(ticks.length).toBeGreaterThanOrEqual(2);
      expect(ticks.length).toBeLessThanOrEqual(8);
      expect(ticks.at(-1)).toBeLessThanOrEqual(total);
    }
  });

  it("are in the kitchen's degrees, and the topmost pressure says its unit", () => {
    const texts = (ticks: readonly AxisTick[]) => ticks.map((tick) => tick.text);
    expect(texts(degreeTicks('metric'))).toEqual(['20°', '60°', '100°', '120°']);
    expect(texts(degreeTicks('us'))).toEqual(['70°', '140°', '200°', '250°']);
    expect(texts(pressureTicks('kPa'))).toEqual(['0', '40', '80\u00a0kPa']);
    expect(texts(pressureTicks('bar'))).toEqual(['0', '0.4', '0.8\u00a0bar']);
    expect(texts(pressureTicks('psi'))).toEqual(['0', '6', '12\u00a0psi']);
    // They stand where they say: 250 °F is 121.1 °C, 12 psi is 82.7 kPa.
    expect(degreeTicks('us').at(-1)?.value).toBeCloseTo(121.1, 1);
    expect(pressureTicks('psi').at(-1)?.value).toBeCloseTo(82.7, 1);
    const ticks = degreeTicks('us');
    expect(ticks.map((tick) => tickText(ticks, tick.value))).toEqual(texts(ticks));
  });
});
