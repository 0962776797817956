import { useCallback, useEffect, useRef } from 'react';

/** Why a search was ended: nobody waits for it any more. */
const NOBODY_WAITS = 'nobody waits for it';

/** Signals for one search at a time: a new one ends the one before, and the part that goes ends the last. */
export function useEnding(): () => AbortSignal {
  const last = useRef<AbortController | null>(null);
  const end = (): void => last.current?.abort(new Error(NOBODY_WAITS));
  useEffect(() => end, []);
  return useCallback(() => {
    end();
    last.current = new AbortController();
    return last.current.signal;
  }, []);
}
