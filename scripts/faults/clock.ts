/**
 * Ten thousand cooks' clocks set back, set forward, left to sleep and loaded anew at random moments: the
 * time that is shown never runs backwards, and after the cook has answered it is what really passed.
 * Seeded.
 */
import { steadyClock, type Seen, type SteadyClock } from '../../src/session/steady';
import { chanceOf } from './chance.mjs';

const CLOCKS = 10_000;
const EVENTS = 12;
const SEED = 20261126;
const chance = chanceOf(SEED);
const START_MS = Date.parse('2026-11-26T16:00:00Z');
const MINUTE_MS = 60_000;
const HOURS_MS = 3600_000;
/** Deviation of the clock beyond its own corrections, ms, at every event. */
const UNTOLD_MS = 10_000;

let jumps = 0;
let asked = 0;
let backwards = 0;
let wrong = 0;

for (let i = 0; i < CLOCKS; i++) {
  /** Real time passed; the wall clock differs by the changes made to it. */
  let trueMs = START_MS;
  let setMs = 0;
  let openedMs = START_MS;
  let seen: Seen | null = null;
  const open = (): SteadyClock => {
    openedMs = trueMs;
    return steadyClock(
      {
        wall: () => trueMs + setMs,
        count: () => trueMs - openedMs,
        read: () => seen,
        write: (s) => {
          seen = s;
        },
      },
      () => () => undefined,
    );
  };
  let clock = open();
  clock.check(false);
  let shown = clock.now();
  let untold = 0;
  for (let e = 0; e < EVENTS; e++) {
    trueMs += chance() * 20 * MINUTE_MS;
    const kind = chance();
    // Of a jump while it is open: a page knows by its own count which it was.
    if (kind < 0.4) {
      setMs += (chance() - 0.5) * 2 * HOURS_MS;
      jumps++;
    } else if (kind < 0.6) {
      clock = open();
    }
    clock.check(false);
    const jump = clock.jump();
    if (jump) {
      asked++;
      // The cook looks at another clock.
      clock.goBy('count');
    }
    untold += UNTOLD_MS;
    if (clock.now() < shown - 1) backwards++;
    shown = clock.now();
    if (Math.abs(clock.now() - trueMs) > untold) wrong++;
  }
}
console.log(
  `${CLOCKS} clocks, ${jumps} times set by up to an hour, ${asked} times asked: ${backwards} times the time ran backwards, ${wrong} times it was wrong`,
);
if (backwards + wrong > 0) process.exitCode = 1;
