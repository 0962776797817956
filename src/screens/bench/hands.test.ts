import { assess, putBy, putByOf, takeUp, type Finding } from '@/core/assess';
import { moveStep, splitHold, stepsOf, type Item, type Release } from '@/core/batch';
import { afterWait } from '@/core/vocabulary';
import { KITCHEN, POT, pressure, REFERENCE } from '@/core/testing/kitchen';
import { doorOf, doorsOf, nearestDoor, throughDoor } from './doors';
import { grips, placeAt } from './grips';

const A = assess(REFERENCE, POT, KITCHEN);
const leek = (batch = REFERENCE): Item => {
  const found = batch.items.find((i) => i.food === 'leek');
  if (!found) throw new Error('leek');
  return found;
};

describe('doors', () => {
  const doors = doorsOf(REFERENCE, A);

  it('are every step, then apart; after where there is no simmer yet', () => {
    expect(doors.map((d) => d.kind)).toEqual(['step', 'step', 'apart']);
    const bare = { ...REFERENCE, steps: [pressure(30)] };
    const only = doorsOf(bare, assess(bare, POT, KITCHEN));
    expect(only.map((d) => d.kind)).toEqual(['step', 'after', 'apart']);
  });

  it('let an ingredient through and find it there', () => {
    doors.forEach((door, i) => {
      const moved = throughDoor(REFERENCE, 'i5', door);
      expect(doorOf(leek(moved), doorsOf(moved, A))).toBe(i);
    });
    const back = throughDoor(
      throughDoor(REFERENCE, 'i5', doors[2] as never),
      'i5',
      doors[1] as never,
    );
    expect(leek(back)).toEqual(leek());
  });

  it('make a simmer for what goes in after', () => {
    const bare = { ...REFERENCE, steps: [pressure(30)] };
    const after = doorsOf(bare, assess(bare, POT, KITCHEN))[1];
    const moved = throughDoor(bare, 'i5', after as never);
    expect(stepsOf(moved).map((s) => s.kind)).toEqual(['pressure', 'simmer']);
  });

  it('are found by the nearest minute', () => {
    expect(nearestDoor(doors, -10)).toBe(0);
    expect(nearestDoor(doors, doors[1]?.minute ?? 0)).toBe(1);
    expect(nearestDoor(doors, 1e6)).toBe(2);
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

describe('steps under the hand', () => {
  it('are split and moved, and nothing is lost', () => {
    const split = splitHold(REFERENCE, 's1', 25);
    expect(stepsOf(split).map((s) => s.kind)).toEqual(['pressure', 'open', 'pressure', 'simmer']);
    expect(splitHold(REFERENCE, 's1', 60)).toBe(REFERENCE);
    expect(splitHold(REFERENCE, 's2', 5)).toBe(REFERENCE);
    const moved = moveStep(REFERENCE, 's2', -1);
    expect(stepsOf(moved).map((s) => s.id)).toEqual(['s2', 's1']);
    expect(moveStep(moved, 's2', 1)).toEqual(REFERENCE);
    expect(moveStep(REFERENCE, 's1', -1)).toBe(REFERENCE);
  });
});

describe('calls put by', () => {
  it('are known again by what they are about', () => {
    const finding = { code: 'overcooked', item: 'i2' } as Finding;
    const put = putBy(REFERENCE, finding, 'we like it soft');
    expect(putByOf(put, finding)?.reason).toBe('we like it soft');
    expect(putByOf(put, { ...finding, item: 'i3' })).toBeUndefined();
    expect(putByOf(putBy(put, finding, 'still'), finding)?.reason).toBe('still');
    expect(putBy(put, finding, 'still').putBy).toHaveLength(1);
    expect(takeUp(put, finding).putBy).toEqual([]);
  });
});
