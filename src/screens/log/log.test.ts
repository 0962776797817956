import { assess } from '@/core/assess';
import { KITCHEN, POT, REFERENCE } from '@/core/testing/kitchen';
import { startRun } from '@/core/timetable';
import { comparisons, realTotalMin, verdictSummary } from './comparison';

const at = (min: number): string =>
  new Date(Date.parse('2026-11-24T16:00:00Z') + min * 60000).toISOString();
const RUN = startRun('r1', REFERENCE, 'p1', assess(REFERENCE, POT, KITCHEN), at(0));

describe('predicted against real', () => {
  it('compares what the marks tell and leaves the rest open', () => {
    const run = {
      ...RUN,
      marks: [
        ...RUN.marks,
        { kind: 'lid-locked' as const, step: 's1', at: at(4) },
        { kind: 'at-pressure' as const, step: 's1', at: at(28) },
      ],
      endedAt: at(150),
    };
    const [warm, release, total] = comparisons(run);
    expect(warm).toMatchObject({ name: 'Warm-up', realMin: 24 });
    expect(release?.realMin).toBeNull();
    expect(total).toMatchObject({
      name: 'Lid to table',
      realMin: 146,
      predictedMin: RUN.predicted.totalMin,
    });
    expect(realTotalMin(RUN)).toBeNull();
  });

  it('sums verdicts up', () => {
    expect(verdictSummary(RUN)).toBe('no verdicts yet');
    expect(verdictSummary({ ...RUN, verdicts: { a: 'right', b: 'right', c: 'over' } })).toBe(
      '2 right, 1 over',
    );
  });
});
