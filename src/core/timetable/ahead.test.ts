import { markAt } from '../testing/marks';
import fc from 'fast-check';
import { assess } from '../assess';
import type { Batch, Mark, MarkKind } from '../batch/schema';
import { cookOf } from '../testing/cooks';
import { batchOf, item, KITCHEN, POT, pressure } from '../testing/kitchen';
import { stagesOf, standing, timelineOf } from '../cook';
import { aheadOf, clashesOf, eveningClashes, eveningOf, type Dated } from './';

const T0 = Date.parse('2026-11-24T16:00:00.000Z');
const MIN = 60_000;
const mark = (kind: MarkKind, min: number, item?: string): Mark =>
  markAt(kind, new Date(T0 + min * MIN).toISOString(), {
    step: item ? null : 's1',
    ...(item && { item }),
  });
const batch: Batch = {
  ...batchOf([item('w', 'water', 1.5, 'l')], [pressure(30, { method: 'quick' })]),
  alongside: [
    { id: 't1', words: 'rice apart', minutes: 18 },
    { id: 't2', words: 'noodles to soak', minutes: 10, ready: 'opening' },
  ],
};
const cook = cookOf('c', batch, new Date(T0).toISOString());
const stages = stagesOf(batch, cook.predicted);
const ahead = (marks: readonly Mark[], min: number) => {
  const now = T0 + min * MIN;
  const timeline = timelineOf({ ...cook, marks });
  const at = standing(stages, timeline, T0, now);
  return aheadOf(timeline, stages, at, T0, now, 'metric').map(
    (m) => [m.id, Math.round((m.at - T0) / MIN)] as const,
  );
};
const IN_THE_HOLD = [mark('lid-locked', 0), mark('at-pressure', 20)];

describe('moves to come', () => {
  it('are those of hands, in the order of the clock, the pan beside the pot', () => {
    const moves = new Map(ahead(IN_THE_HOLD, 25));
    expect(moves.get('s1:valve')).toBe(50);
    const table = moves.get('table') ?? 0;
    expect(moves.get('t1:begin')).toBe(table - 18);
    expect(moves.get('t2:begin')).toBe((moves.get('s1:lid') ?? 0) + 1 - 10);
    expect([...moves.keys()]).not.toContain('s1:hold');
    const times = ahead(IN_THE_HOLD, 25).map(([, at]) => at);
    expect(times).toEqual(times.toSorted((a, b) => a - b));
  });

  it('follow what hands have done alongside', () => {
    const begun = new Map(ahead([...IN_THE_HOLD, mark('task-begun', 24, 't1')], 25));
    expect(begun.get('t1:ready')).toBe(42);
    expect(begun.has('t1:begin')).toBe(false);
    const done = new Map(
      ahead([...IN_THE_HOLD, mark('task-begun', 24, 't1'), mark('task-done', 41, 't1')], 45),
    );
    expect([...done.keys()].filter((id) => id.startsWith('t1'))).toEqual([]);
  });

  it('have what is parboiled in a saucepan ready as the pot is open', () => {
    const potatoes = item('p', 'potato', 700, 'g', {
      stays: [{ from: 's2', done: [{ how: 'parboiled', minutes: 8 }] }],
    });
    const stew = batchOf(
      [item('w', 'water', 1.5, 'l'), potatoes],
      [pressure(30, { method: 'quick' }), { id: 's2', kind: 'simmer', minutes: 8 }],
    );
    const own = cookOf('c', stew, new Date(T0).toISOString());
    const its = stagesOf(stew, own.predicted);
    const moves = (marks: readonly Mark[], min: number) => {
      const timeline = timelineOf({ ...own, marks });
      const now = T0 + min * MIN;
      return aheadOf(timeline, its, standing(its, timeline, T0, now), T0, now, 'metric');
    };
    const begin = moves(IN_THE_HOLD, 25).find(({ kind }) => kind === 'begin');
    expect(begin?.words).toBe('Parboil the potato in a saucepan, 8 min: begin');
    const simmer = moves(IN_THE_HOLD, 25).find(({ id }) => id === 's2:do');
    expect(Math.round(((simmer?.at ?? 0) - (begin?.at ?? 0)) / MIN)).toBe(8);
    const task = begin?.task ?? '';
    const ready = moves([...IN_THE_HOLD, mark('task-begun', 44, task)], 45);
    expect(ready.map(({ kind }) => kind)).toContain('ready');
    const done = [mark('task-begun', 44, task), mark('task-done', 52, task)];
    expect(moves([...IN_THE_HOLD, ...done], 53).some((m) => m.task === task)).toBe(false);
  });

  it('move with a pot that is late', () => {
    const late = new Map(ahead([mark('lid-locked', 0), mark('at-pressure', 31)], 35));
    const soon = new Map(ahead(IN_THE_HOLD, 35));
    expect((late.get('t1:begin') ?? 0) - (soon.get('t1:begin') ?? 0)).toBe(11);
  });
});

test('moves of two owners clash within two minutes, and never of one', () => {
  fc.assert(
    fc.property(
      fc.array(fc.record({ owner: fc.constantFrom('a', 'b', 'c'), at: fc.nat(3_600_000) }), {
        maxLength: 12,
      }),
      (moves) => {
        const found = clashesOf(moves);
        for (const [a, b] of found) {
          expect(a.owner).not.toBe(b.owner);
          expect(b.at - a.at).toBeGreaterThanOrEqual(0);
          expect(b.at - a.at).toBeLessThan(2 * MIN);
        }
        const brute = moves.flatMap((a, i) =>
          moves.slice(i + 1).filter((b) => a.owner !== b.owner && Math.abs(a.at - b.at) < 2 * MIN),
        );
        expect(found).toHaveLength(brute.length);
      },
    ),
  );
});

describe('an evening', () => {
  const other = { ...POT, id: 'p2', name: 'the other' };
  const dated = (id: string, tableMin: number, pot = POT): Dated => {
    const own = { ...batch, id, name: id, potId: pot.id };
    return {
      batch: own,
      pot,
      assessment: assess(own, pot, KITCHEN),
      tableAt: T0 + tableMin * MIN,
    };
  };

  it('has the moves of all by one clock', () => {
    const moves = eveningOf([dated('stock', 180), dated('soup', 200, other)], 'metric');
    expect(new Set(moves.map((m) => m.owner))).toEqual(new Set(['stock', 'soup']));
    expect(moves.map((m) => m.at)).toEqual(moves.map((m) => m.at).toSorted((a, b) => a - b));
    const table = moves.filter((m) => m.kind === 'serve').map((m) => Math.round((m.at - T0) / MIN));
    expect(table).toEqual([180, 200]);
  });

  it('tells two valves at once, and what is started earlier', () => {
    const two = [dated('stock', 180), dated('soup', 181, other)];
    const [clash, ...more] = eveningClashes(two, 'metric');
    expect(more).toEqual([]);
    expect(clash?.why).toBe('valves');
    expect(clash?.remedy?.earlierMin).toBe(1);
    // Its words are true.
    const mended = two.map((one) =>
      one.batch.id === clash?.remedy?.batch
        ? { ...one, tableAt: one.tableAt - clash.remedy.earlierMin * MIN }
        : one,
    );
    expect(eveningClashes(mended, 'metric')).toEqual([]);
    // A running task cannot begin earlier.
    const on = eveningClashes(
      two.map((one) => ({ ...one, on: true })),
      'metric',
    );
    expect(on[0]?.remedy).toBeNull();
  });

  it('does not cook two batches in one pot, but one after the other', () => {
    const clash = eveningClashes([dated('stock', 180), dated('soup', 200)], 'metric');
    expect(clash.map((c) => [c.why, c.batches])).toEqual([['pot', ['stock', 'soup']]]);
    expect(eveningClashes([dated('stock', 180), dated('soup', 300)], 'metric')).toEqual([]);
  });
});
