import { batchOf, item, pressure } from '../testing/kitchen';
import { cookOf } from '../testing/cooks';
import { markAt } from '../testing/marks';
import type { Cook, MarkKind } from '../batch/schema';
import { doubtOf } from './doubt';

const START = '2026-11-24T16:00:00.000Z';
const iso = (minute: number): string => new Date(Date.parse(START) + minute * 60_000).toISOString();
const COOK = cookOf(
  'c1',
  batchOf([item('w', 'water', 1.5, 'l')], [pressure(10, { method: 'natural' })]),
  START,
);
const marked = (...marks: readonly (readonly [MarkKind, number])[]): Cook => ({
  ...COOK,
  marks: [...COOK.marks, ...marks.map(([kind, minute]) => markAt(kind, iso(minute)))],
});

describe('a mark that a pot can hardly have made', () => {
  it('is pressure a second after the lid', () => {
    const doubt = doubtOf(marked(['lid-locked', 3], ['at-pressure', 3.02]));
    expect(doubt).toMatchObject({ what: 'pressure' });
    expect(doubt?.afterMin).toBeCloseTo(0.02, 3);
    expect(doubt?.usualMin).toBeGreaterThan(8);
  });

  it('is a pin that is down at once, by itself', () => {
    const cook = marked(
      ['lid-locked', 3],
      ['at-pressure', 18],
      ['hold-over', 28],
      ['pin-down', 28.2],
    );
    expect(doubtOf(cook)).toMatchObject({ what: 'down' });
  });

  it('is none that takes its time, none of a valve that was opened, and none that is not the last', () => {
    expect(doubtOf(marked(['lid-locked', 3], ['at-pressure', 15]))).toBeNull();
    const opened = [
      ['lid-locked', 3],
      ['at-pressure', 15],
      ['hold-over', 25],
      ['valve-opened', 25.1],
      ['pin-down', 25.6],
    ] as const;
    expect(doubtOf(marked(...opened))).toBeNull();
    expect(doubtOf(marked(['lid-locked', 3], ['at-pressure', 3.1], ['heat-down', 4]))).toBeNull();
  });
});
