import { useEffect, useState } from 'react';
import { useApp } from '@/store';

/** After the household is there the page works out and draws what it shows, ms: a phone takes as long. */
const CALM_MS = 3000;

/** Whether the page has come to rest: before that nothing is loaded but what it shows. */
export function useCalm(): boolean {
  const there = useApp((s) => s.status !== 'loading');
  const [calm, setCalm] = useState(false);
  useEffect(() => {
    if (!there) return undefined;
    const timer = setTimeout(() => setCalm(true), CALM_MS);
    return () => clearTimeout(timer);
  }, [there]);
  return calm;
}
