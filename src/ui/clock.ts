import { createContext, useContext, useEffect, useState } from 'react';
import { REAL, type Clock } from '@/session/clock';

/** The clock of what stands beneath: the wall, unless a rehearsal or a test hands in another. */
export const ClockContext = createContext<Clock>(REAL);

export function useClock(): Clock {
  return useContext(ClockContext);
}

const SECOND = 1000;

/** The time, ms, again every second. */
export function useNow(): number {
  const clock = useClock();
  const [now, setNow] = useState(() => clock.now());
  useEffect(() => clock.every(SECOND, () => setNow(clock.now())), [clock]);
  return now;
}
