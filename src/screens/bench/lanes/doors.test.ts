import { assess, putBy, putByOf, takeUp, type Finding } from '@/core/assess';
import { moveStep, splitHold, stepsOf } from '@/core/batch/plan';
import type { Item } from '@/core/batch/schema';
import { KITCHEN, POT, pressure, REFERENCE } from '@/core/testing/kitchen';
import { doorOf, doorsOf, nearestDoor, throughDoor } from './doors';

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

describe('calls that are dismissed', () => {
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
