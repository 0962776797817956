import type { Cook } from '@/core/batch/schema';
import { cookOf } from '@/core/testing/cooks';
import { batchOf, item, pressure, STOVETOP } from '@/core/testing/kitchen';
import { markAt } from '@/core/testing/marks';
import { awayOf } from './away';
import { whereIs } from './where';

const START = '2026-11-24T16:00:00.000Z';
const MIN = 60_000;
const at = (minute: number): number => Date.parse(START) + minute * MIN;
const iso = (minute: number): string => new Date(at(minute)).toISOString();
const BATCH = batchOf(
  [item('w', 'water', 1.5, 'l'), item('c', 'carrot', 3, 'piece')],
  [pressure(20, { method: 'quick' })],
);
const held = (pot: Cook['pot']): Cook => {
  const cook = cookOf('c1', BATCH, START);
  return {
    ...cook,
    pot,
    marks: [...cook.marks, markAt('lid-locked', iso(2)), markAt('at-pressure', iso(17))],
  };
};
const electric = held(cookOf('c', BATCH, START).pot);
const flame = held(STOVETOP);
const away = (cook: Cook, from: number, now: number) =>
  awayOf(cook, whereIs(cook, at(now), 'metric'), at(from), at(now), 'metric');

describe('coming back to a cook', () => {
  it('asks of a flame whether it went off, and takes nothing for done', () => {
    const found = away(flame, 20, 115);
    expect(found?.question).toMatchObject({ mark: 'hold-over', step: 's1', dueAt: at(37) });
    expect(found?.meanwhile).toEqual([{ at: at(37), words: 'the heat was to go off' }]);
    expect(whereIs(flame, at(115), 'metric').stages.at(2)).toMatchObject({ kind: 'hold' });
    expect(whereIs(flame, at(115), 'metric').at.index).toBe(2);
  });

  it('asks of an electric pot for the valve: its hold ends by itself', () => {
    const found = away(electric, 20, 115);
    expect(found?.question.mark).toBe('valve-opened');
    expect(found?.meanwhile[0]).toEqual({ at: at(37), words: 'the hold was over' });
  });

  it('asks nothing where nothing was due, where it was only just due, or nobody was away', () => {
    expect(away(flame, 20, 30)).toBeNull();
    expect(away(flame, 20, 38)).toBeNull();
    expect(away(flame, 113, 115)).toBeNull();
  });
});
