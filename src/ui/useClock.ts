import { useEffect, useState } from 'react';

/** The time, ms, again every second. */
export function useClock(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, []);
  return now;
}

/** The time as an ISO text, for what is kept. */
export function isoNow(): string {
  return new Date().toISOString();
}
