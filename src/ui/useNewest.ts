import { useEffect, useRef, useState } from 'react';

/**
 * The answer to the newest question, asked away from this thread. While one is under way only the
 * newest waits; the ones between are passed over.
 *
 * @param question null asks nothing
 * @param ask steady over renders
 * @returns the newest answer and the question it is of; null before the first
 */
export function useNewest<Q, A>(
  question: Q | null,
  ask: (question: Q) => Promise<A>,
): { readonly of: Q; readonly answer: A } | null {
  const [newest, setNewest] = useState<{ of: Q; answer: A } | null>(null);
  const waiting = useRef<Q | null>(null);
  const busy = useRef(false);
  useEffect(() => {
    if (question === null) return;
    waiting.current = question;
    if (busy.current) return;
    const work = async (): Promise<void> => {
      busy.current = true;
      while (waiting.current !== null) {
        const of: Q = waiting.current;
        waiting.current = null;
        setNewest({ of, answer: await ask(of) });
      }
    };
    void work().finally(() => {
      busy.current = false;
    });
  }, [question, ask]);
  return newest;
}
