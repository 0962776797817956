/**
 * The page's own count of time, held against the wall. The wall can be set back or forward in the
 * middle of a hold, and a page can sleep: what passes is counted by what nobody can set, and where the
 * wall says otherwise the cook is asked.
 */
import { REAL, type Clock } from './clock';

/** Differences below this are the wall's own corrections, ms. */
const TOLERATED_MS = 10_000;
/** Another page's offset from the wall clock expires after this time, ms. */
const FORGOTTEN_MS = 12 * 3600 * 1000;

/** The wall and the count have parted. */
export interface Jump {
  /** How far the wall is ahead of the count, ms; below nought where it was set back. */
  readonly byMs: number;
  /** Shown until the cook answers; a page that slept follows the wall clock. */
  readonly by: 'wall' | 'count';
}

/** Kept across reloads: the offset from the wall clock, and when it was last seen. */
export interface Seen {
  readonly offsetMs: number;
  readonly wallMs: number;
}

export interface SteadySources {
  /** ms since 1970, as anybody may set it */
  readonly wall: () => number;
  /** ms since some moment, never set */
  readonly count: () => number;
  /** Record that another page of this browser left. */
  readonly read: () => Seen | null;
  readonly write: (seen: Seen) => void;
}

export interface SteadyClock extends Clock {
  /** Holds the count against the wall. @param slept whether the page may have slept since the last time */
  readonly check: (slept: boolean) => void;
  /** Open question; null once it is answered. */
  readonly jump: () => Jump | null;
  /** Lead of the counted time over the wall clock, as the cook confirmed it, ms. */
  readonly apart: () => number;
  /** Goes on by the wall, or by the page's own count. */
  readonly goBy: (which: 'wall' | 'count') => void;
  /** Told when a jump comes up or is answered. */
  readonly subscribe: (listener: () => void) => () => void;
}

/** @param every how often what shows the time is called */
export function steadyClock(
  sources: SteadySources,
  every: Clock['every'] = REAL.every,
): SteadyClock {
  const { wall, count } = sources;
  const listeners = new Set<() => void>();
  const before = sources.read();
  const fresh = before && Math.abs(wall() - before.wallMs) < FORGOTTEN_MS;
  /** Count plus this is the time. */
  let base: number;
  /** The time that is agreed on, less the wall. */
  let offset = fresh ? before.offsetMs : 0;
  let jump: Jump | null = null;
  const now = (): number => base + count();
  const begin = (atMs: number): void => {
    base = atMs - count();
  };
  const tell = (what: Jump | null): void => {
    jump = what;
    for (const listener of listeners) listener();
  };
  const write = (): void => {
    const apartMs = now() - wall();
    sources.write({ offsetMs: Math.abs(apartMs) < TOLERATED_MS ? 0 : apartMs, wallMs: wall() });
  };

  begin(wall() + offset);
  // Set back while no page was open: no time is shown before what was seen already.
  if (fresh && wall() < before.wallMs - TOLERATED_MS) {
    jump = { byMs: wall() - before.wallMs, by: 'count' };
    begin(before.wallMs + offset);
  }

  return {
    now,
    every,
    check: (slept) => {
      const byMs = jump ? 0 : wall() + offset - now();
      if (Math.abs(byMs) >= TOLERATED_MS) {
        const by = slept && byMs > 0 ? 'wall' : 'count';
        if (by === 'wall') begin(wall() + offset);
        tell({ byMs, by });
      } else if (byMs > 0) begin(wall() + offset);
      write();
    },
    jump: () => jump,
    apart: () => (Math.abs(offset) < TOLERATED_MS ? 0 : offset),
    goBy: (which) => {
      if (which === 'wall') {
        offset = 0;
        begin(wall());
      } else {
        if (jump?.by === 'wall') begin(now() - jump.byMs);
        offset = now() - wall();
      }
      write();
      tell(null);
    },
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}
