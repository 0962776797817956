import { markAt } from '@/core/testing/marks';
import { REFERENCE } from '@/core/testing/kitchen';
import { realTotalMin } from '@/core/cook';
import { comparisons, verdictSummary } from './comparison';
import { cookOf } from '@/core/testing/cooks';

const at = (min: number): string =>
  new Date(Date.parse('2026-11-24T16:00:00Z') + min * 60000).toISOString();
const RUN = cookOf('r1', REFERENCE, at(0));

describe('predicted against real', () => {
  it('compares what the marks tell and leaves the rest open', () => {
    const cook = {
      ...RUN,
      marks: [...RUN.marks, markAt('lid-locked', at(4)), markAt('at-pressure', at(28))],
      endedAt: at(150),
    };
    const [warm, release, total] = comparisons(cook);
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
