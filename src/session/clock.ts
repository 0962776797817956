/**
 * The time, handed in: real on the stove, fast in a practice run, fixed in a test. Nothing that shows or
 * decides anything reads the wall itself.
 */

export interface Clock {
  /** ms since 1970 */
  readonly now: () => number;
  /**
   * Calls again and again.
   *
   * @param ms of this clock's time between two calls
   * @returns stops it
   */
  readonly every: (ms: number, tick: () => void) => () => void;
}

/** The wall. */
export const REAL: Clock = {
  now: () => Date.now(),
  every: (ms, tick) => {
    const timer = setInterval(tick, ms);
    return () => clearInterval(timer);
  },
};

/** Shortest time between two calls of a fast clock, ms of the wall. */
const LEAST_MS = 50;

/**
 * A clock that goes faster than the wall.
 *
 * @param fromMs where it starts
 * @param times how many times as fast, above 0
 * @param began when it started, ms of the wall
 * @example fastClock(0, 60).now() // 60000 after a second
 */
export function fastClock(
  fromMs: number,
  times: number,
  wall: Clock = REAL,
  began = wall.now(),
): Clock {
  return {
    now: () => fromMs + (wall.now() - began) * times,
    every: (ms, tick) => wall.every(Math.max(LEAST_MS, ms / times), tick),
  };
}

/** A clock that stops until it is moved. */
export interface FixedClock extends Clock {
  readonly moveTo: (ms: number) => void;
}

/** @param atMs its time, ms since 1970 */
export function fixedClock(atMs: number): FixedClock {
  let at = atMs;
  const ticks = new Set<() => void>();
  return {
    now: () => at,
    every: (_, tick) => {
      ticks.add(tick);
      return () => ticks.delete(tick);
    },
    moveTo: (ms) => {
      at = ms;
      for (const tick of ticks) tick();
    },
  };
}

/** The time as an ISO text, for what is kept. */
export function isoOf(clock: Clock): string {
  return new Date(clock.now()).toISOString();
}
