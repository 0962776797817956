import fc from 'fast-check';
import { steadyClock, type Seen } from './steady';

const MIN = 60_000;
const START = Date.UTC(2026, 10, 24, 17);

/** A wall that can be set, a count that cannot, and what the browser keeps of them. */
function house() {
  let wall = START;
  let count = 5000;
  let kept: Seen | null = null;
  const open = () =>
    steadyClock({
      wall: () => wall,
      count: () => count,
      read: () => kept,
      write: (seen) => (kept = seen),
    });
  return {
    open,
    /** Time passes: the wall and the count go on. */
    pass: (ms: number) => {
      wall += ms;
      count += ms;
    },
    /** Somebody sets the wall. */
    set: (ms: number) => (wall += ms),
    /** Asleep: the wall goes on, the count stands. */
    sleep: (ms: number) => (wall += ms),
    /** No page is open: another one counts from nought. */
    close: (ms: number) => {
      wall += ms;
      count = 0;
    },
    wall: () => wall,
  };
}

describe('a steady clock', () => {
  it('goes with the wall, and takes its small corrections', () => {
    const h = house();
    const clock = h.open();
    h.pass(MIN);
    h.set(400);
    clock.check(false);
    expect(clock.now()).toBe(h.wall());
    expect(clock.jump()).toBeNull();
    // A correction backwards does not turn the time round.
    h.set(-400);
    clock.check(false);
    expect(clock.now()).toBe(h.wall() + 400);
  });

  it('counts on when the wall is set back, and says so', () => {
    const h = house();
    const clock = h.open();
    h.pass(MIN);
    h.set(-60 * MIN);
    clock.check(false);
    expect(clock.now()).toBe(START + MIN);
    expect(clock.jump()).toEqual({ byMs: -60 * MIN, by: 'count' });
    clock.goBy('count');
    expect(clock.jump()).toBeNull();
    expect(clock.apart()).toBe(60 * MIN);
    h.pass(MIN);
    clock.check(false);
    expect(clock.now()).toBe(START + 2 * MIN);
    expect(clock.jump()).toBeNull();
  });

  it('does not skip a hold when the wall is set forward, unless the cook says so', () => {
    const h = house();
    const clock = h.open();
    h.set(60 * MIN);
    clock.check(false);
    expect(clock.now()).toBe(START);
    expect(clock.jump()).toEqual({ byMs: 60 * MIN, by: 'count' });
    clock.goBy('wall');
    expect(clock.now()).toBe(h.wall());
    expect(clock.apart()).toBe(0);
  });

  it('goes by the wall after it slept, and lets the cook take that back', () => {
    const h = house();
    const clock = h.open();
    h.sleep(20 * MIN);
    clock.check(true);
    expect(clock.now()).toBe(START + 20 * MIN);
    expect(clock.jump()).toEqual({ byMs: 20 * MIN, by: 'wall' });
    clock.goBy('count');
    expect(clock.now()).toBe(START);
  });

  it('keeps its word in another page', () => {
    const h = house();
    const first = h.open();
    h.set(-60 * MIN);
    first.check(false);
    first.goBy('count');
    h.close(5 * MIN);
    const second = h.open();
    expect(second.now()).toBe(START + 5 * MIN);
    expect(second.apart()).toBe(60 * MIN);
    // After a night nobody remembers.
    h.close(13 * 60 * MIN);
    expect(h.open().apart()).toBe(0);
  });

  it('shows no time before what was seen, when the wall was set back meanwhile', () => {
    const h = house();
    const first = h.open();
    h.pass(30 * MIN);
    first.check(false);
    h.close(-60 * MIN);
    const second = h.open();
    expect(second.now()).toBe(START + 30 * MIN);
    expect(second.jump()).toEqual({ byMs: -60 * MIN, by: 'count' });
  });

  it('never goes back by itself, whatever is done to the wall', () => {
    const deed = fc.tuple(
      fc.constantFrom('pass' as const, 'set' as const, 'sleep' as const),
      fc.integer({ min: -100 * MIN, max: 100 * MIN }),
      fc.boolean(),
    );
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 30 }), (deeds) => {
        const h = house();
        const clock = h.open();
        let last = clock.now();
        for (const [what, ms, slept] of deeds) {
          h[what](what === 'set' ? ms : Math.abs(ms));
          clock.check(slept);
          expect(clock.now()).toBeGreaterThanOrEqual(last);
          last = clock.now();
        }
      }),
    );
  });

  it('tells who listens, once a change', () => {
    const h = house();
    const clock = h.open();
    const told = jest.fn();
    const stop = clock.subscribe(told);
    h.set(60 * MIN);
    clock.check(false);
    clock.check(false);
    expect(told).toHaveBeenCalledTimes(1);
    clock.goBy('wall');
    stop();
    h.set(60 * MIN);
    clock.check(false);
    expect(told).toHaveBeenCalledTimes(2);
  });
});
