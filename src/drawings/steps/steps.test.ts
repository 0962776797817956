import { assess } from '@/core/assess';
import { stepsOf } from '@/core/batch/plan';
import type { Release } from '@/core/batch/schema';
import { KITCHEN, POT, pressure, REFERENCE } from '@/core/testing/kitchen';
import { afterWait } from '@/core/vocabulary';
import { grips, placeAt } from './grips';
import { segmentsOf } from './segments';

const A = assess(REFERENCE, POT, KITCHEN);
const TOTAL = A.time.totalMin;

describe('the step bar', () => {
  it('adds up to the whole', () => {
    const segments = segmentsOf(stepsOf(REFERENCE), A.time.steps);
    expect(segments.map((s) => s.phase)).toEqual(['warm-up', 'hold', 'release', 'step']);
    expect(segments.reduce((sum, s) => sum + s.minutes, 0)).toBeCloseTo(TOTAL, 6);
    expect(segments[1]?.label).toBe('hold 60');
  });
});

describe('grips', () => {
  it('stand at the end of the hold and where the valve opens', () => {
    const [hold, valve] = grips(stepsOf(REFERENCE), A.time.steps);
    const step = A.time.steps[0];
    expect(hold?.atMin).toBeCloseTo((step?.warmUpMin ?? 0) + 60, 6);
    expect(valve?.atMin).toBeCloseTo((hold?.atMin ?? 0) + (step?.releaseMin ?? 0), 6);
    expect(valve?.text).toBe('by itself');
    expect(hold?.clamp(-5)).toBe(0);
    expect(hold?.clamp(1e4)).toBe(600);
    const timed = { ...REFERENCE, steps: [pressure(20, { method: 'timed', afterMin: 5 })] };
    const at = grips(stepsOf(timed), assess(timed, POT, KITCHEN).time.steps)[1];
    expect([at?.minutes, at?.text]).toEqual([5, 'after 5 min']);
  });

  it('find the place in the order under the hand', () => {
    const reports = A.time.steps;
    expect(placeAt(reports, -5)).toBe(0);
    expect(placeAt(reports, (reports[1]?.startMin ?? 0) + 1)).toBe(1);
    expect(placeAt(reports, 1e6)).toBe(1);
  });

  it('make a release of a wait', () => {
    expect(afterWait({ method: 'timed', afterMin: 3 }, 0)).toEqual({ method: 'quick' });
    expect(afterWait(undefined, 7)).toEqual({ method: 'timed', afterMin: 7 });
  });

  it('leave bursts bursts and cold water cold water, with all that was set', () => {
    const bursts: Release = { method: 'pulsed', duty: 0.2 };
    expect(afterWait(bursts, 4)).toEqual({ method: 'pulsed', duty: 0.2, afterMin: 4 });
    expect(afterWait({ ...bursts, afterMin: 4 }, 0)).toEqual(bursts);
    expect(afterWait({ method: 'coldwater' }, 2)).toEqual({ method: 'coldwater', afterMin: 2 });
    const plan = { ...REFERENCE, steps: [pressure(20, { ...bursts, afterMin: 6 })] };
    const [, valve] = grips(stepsOf(plan), assess(plan, POT, KITCHEN).time.steps);
    expect([valve?.minutes, valve?.text]).toEqual([6, 'in bursts after 6 min']);
  });
});
