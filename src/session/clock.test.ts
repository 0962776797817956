import { fastClock, fixedClock, isoOf } from './clock';

describe('clocks', () => {
  it('stand until they are moved, and tell who waits', () => {
    const clock = fixedClock(1000);
    const heard: number[] = [];
    const stop = clock.every(1, () => heard.push(clock.now()));
    clock.moveTo(5000);
    stop();
    clock.moveTo(9000);
    expect(heard).toEqual([5000]);
    expect(isoOf(clock)).toBe('1970-01-01T00:00:09.000Z');
  });

  it('go as many times as fast as the wall, from where they are set', () => {
    const wall = fixedClock(1_000_000);
    const fast = fastClock(500, 60, wall);
    wall.moveTo(1_002_000);
    expect(fast.now()).toBe(500 + 120_000);
  });

  it('never call more often than can be drawn', () => {
    const asked: number[] = [];
    const wall = {
      now: () => 0,
      every: (ms: number) => {
        asked.push(ms);
        return () => undefined;
      },
    };
    fastClock(0, 240, wall).every(1000, () => undefined);
    fastClock(0, 2, wall).every(1000, () => undefined);
    expect(asked).toEqual([50, 500]);
  });
});
