import fc from 'fast-check';
import type { Batch, Cook, MarkKind } from '../batch/schema';
import { changedAt } from '../cook';
import { isShort, worseThan } from '../guard';
import { foodsOf } from '../model';
import { cookOf } from '../testing/cooks';
import { batchOf, item, pressure } from '../testing/kitchen';
import { markAt } from '../testing/marks';
import { anyPlan } from '../testing/plans';
import { goOn, worldsOf } from './believe';
import { tableDoor } from './mend';
import { choicesAt, proposalOf } from './propose';
import { dangersAtTable } from './tableDoor';

const START = '2026-11-24T16:00:00.000Z';
const at = (minute: number): string => new Date(Date.parse(START) + minute * 60_000).toISOString();
const cooked = (
  batch: Batch,
  ...marks: readonly (readonly [MarkKind, number, number?])[]
): Cook => {
  const cook = cookOf('c1', batch, START);
  return {
    ...cook,
    marks: [
      ...cook.marks,
      ...marks.map(([kind, minute, value]) =>
        markAt(kind, at(minute), value === undefined ? {} : { value, step: null }),
      ),
    ],
  };
};
const worlds = (cook: Cook, nowMin: number) => worldsOf(cook, nowMin * 60, { seed: 2, worlds: 16 });

describe('laws of what is offered at the stove', () => {
  it('neither a proposal nor a choice makes any hazard worse than going on by the plan', () => {
    let offered = 0;
    fc.assert(
      fc.property(anyPlan, fc.integer({ min: 15, max: 60 }), (batch, hotMin) => {
        const cook = cooked(batch, ['lid-locked', 4], ['at-pressure', hotMin]);
        const now = hotMin + 1;
        const near = worlds(cook, now);
        // Late by much, so that a shorter hold or an open valve is looked at.
        const proposal = proposalOf(cook, now * 60, near, 'shut', 's1', 0);
        if (proposal) {
          offered++;
          expect(worseThan(proposal.asPlanned.dangers, proposal.option.dangers)).toEqual([]);
        }
        const open = cooked(
          batch,
          ['lid-locked', 4],
          ['at-pressure', hotMin],
          ['pin-down', hotMin + 50],
          ['lid-off', hotMin + 51],
        );
        const options = choicesAt(open, (hotMin + 52) * 60, worlds(open, hotMin + 52), 's1');
        const left = options.at(-1);
        for (const option of options) {
          offered++;
          expect([option.change, worseThan(left?.dangers ?? [], option.dangers)]).toEqual([
            option.change,
            [],
          ]);
        }
      }),
      { numRuns: 8, seed: 4 },
    );
    expect(offered).toBeGreaterThan(12);
  });

  it('the valve is never opened at once on split peas, however late it is', () => {
    const peas = batchOf(
      [item('w', 'water', 2, 'l'), item('p', 'split-peas', 800, 'g')],
      [pressure(15, { method: 'timed', afterMin: 36 })],
    );
    const cook = cooked(peas, ['lid-locked', 4], ['at-pressure', 40], ['hold-over', 55]);
    const proposal = proposalOf(cook, 56 * 60, worlds(cook, 56), 'cooling', 's1', 20 * 60);
    expect(proposal).toBeNull();
  });

  it('no hold is made so short that the middle of a bird stays cool in any world', () => {
    const bird = batchOf(
      [item('w', 'water', 1.5, 'l'), item('c', 'whole-chicken', 1.5, 'kg')],
      [pressure(26, { method: 'quick' })],
    );
    const cook = cooked(bird, ['lid-locked', 4], ['at-pressure', 60]);
    const near = worlds(cook, 61);
    const proposal = proposalOf(cook, 61 * 60, near, 'shut', 's1', 30 * 60);
    if (!proposal) throw new Error('nothing is proposed');
    expect(proposal.option.minutes).toBeLessThan(26);
    const changed = changedAt(cook, 61 * 60, proposal.option);
    for (const { model } of goOn(changed, 61 * 60, near))
      expect(foodsOf(model).filter(isShort)).toEqual([]);
    // A frozen one has no minute to spare.
    const frozen = cooked(
      { ...bird, items: bird.items.map((i) => (i.id === 'c' ? { ...i, startC: -18 } : i)) },
      ['lid-locked', 4],
      ['at-pressure', 20],
    );
    const cut = proposalOf(frozen, 21 * 60, worlds(frozen, 21), 'shut', 's1', 0);
    expect(cut?.option.minutes ?? 26).toBeGreaterThanOrEqual(26);
  });
});

describe('the door to the table', () => {
  const BIRD = batchOf(
    [item('w', 'water', 1.5, 'l'), item('c', 'chicken-thigh', 5, 'piece')],
    [pressure(12, { method: 'quick' })],
  );
  const short = cooked(
    batchOf(
      BIRD.items.map((i) => (i.id === 'c' ? { ...i, startC: -18 } : i)),
      BIRD.steps,
    ),
    ['lid-locked', 1],
    ['at-pressure', 6],
    ['hold-over', 6.2],
    ['valve-opened', 6.3],
    ['pin-down', 7],
    ['lid-off', 7.5],
  );

  it('is open for what was cooked as planned', () => {
    const cook = cooked(
      BIRD,
      ['lid-locked', 4],
      ['at-pressure', 20],
      ['valve-opened', 32],
      ['pin-down', 34],
      ['lid-off', 35],
    );
    expect(tableDoor(cook, 36 * 60, worlds(cook, 36), 's1')).toEqual({ dangers: [], mends: [] });
  });

  it('stays shut for a hold that was cut off, and says what opens it', () => {
    const { dangers, mends } = tableDoor(short, 8 * 60, worlds(short, 8), 's1');
    expect(dangers).toContainEqual(expect.objectContaining({ hazard: 'centre', level: 'stop' }));
    expect(mends.map(({ change }) => change)).toContain('close-again');
    for (const { minutes = 0 } of mends) expect(minutes).toBeGreaterThan(0);
  });

  it('trusts a thermometer over the model, both ways', () => {
    const read = (celsius: number): Cook => ({
      ...short,
      marks: [...short.marks, markAt('temperature', at(8), { value: celsius, step: null })],
    });
    const found = (celsius: number) =>
      dangersAtTable(read(celsius), 8.5 * 60, worlds(read(celsius), 8.5));
    expect(found(80)).toEqual([]);
    expect(found(60)).toContainEqual(
      expect.objectContaining({ hazard: 'centre', rule: 'thermometer', level: 'stop' }),
    );
  });
});
