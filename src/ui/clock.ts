import { createContext, useContext, useEffect, useState, useSyncExternalStore } from 'react';
import { REAL, type Clock } from '@/session/clock';
import { readKept, writeKept } from './kept';
import { steadyClock, type Jump, type Seen } from '@/session/steady';

const SEEN = 'retort-clock';

function readSeen(): Seen | null {
  try {
    const kept: unknown = JSON.parse(readKept(SEEN) ?? 'null');
    if (typeof kept !== 'object' || kept === null) return null;
    const { offsetMs, wallMs } = kept as Partial<Record<keyof Seen, unknown>>;
    return Number.isFinite(offsetMs) && Number.isFinite(wallMs) ? (kept as Seen) : null;
  } catch {
    // Spoilt: the wall alone then.
    return null;
  }
}

function writeSeen(seen: Seen): void {
  writeKept(SEEN, JSON.stringify(seen));
}

/** This page's own count. */
const PAGE = steadyClock({
  wall: REAL.now,
  count: () => performance.now(),
  read: readSeen,
  write: writeSeen,
});

/** The clock of the components below: the page's, unless a practice run or a test provides another. */
export const ClockContext = createContext<Clock>(PAGE);

export function useClock(): Clock {
  return useContext(ClockContext);
}

/** The page's clock beneath a cook that has one of its own. */
export const PageClockContext = createContext<Clock | null>(null);

export function usePageClock(): Clock {
  const own = useClock();
  return useContext(PageClockContext) ?? own;
}

const SECOND = 1000;

/** The time, ms, again every second. */
export function useNow(): number {
  const clock = useClock();
  const [now, setNow] = useState(() => clock.now());
  useEffect(() => clock.every(SECOND, () => setNow(clock.now())), [clock]);
  return now;
}

/** Holds the page's count against the wall, every second and whenever the page is shown. */
export function useClockWatch(): void {
  useEffect(() => {
    let slept = false;
    const check = (): void => {
      PAGE.check(slept);
      slept = document.hidden;
    };
    const shown = (): void => {
      slept = true;
      check();
    };
    const stop = PAGE.every(SECOND, check);
    document.addEventListener('visibilitychange', shown);
    addEventListener('pageshow', shown);
    return () => {
      stop();
      document.removeEventListener('visibilitychange', shown);
      removeEventListener('pageshow', shown);
    };
  }, []);
}

const noJump = (): null => null;

/** The wall and the page's count have parted, and the cook is asked; null where they agree. */
export function useJump(): Jump | null {
  return useSyncExternalStore(PAGE.subscribe, PAGE.jump, noJump);
}

/** How far the page counts apart from the wall by the cook's word, ms. */
export function useApart(): number {
  return useSyncExternalStore(PAGE.subscribe, PAGE.apart, () => 0);
}

export const goBy = PAGE.goBy;
