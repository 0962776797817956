import { useEffect, useRef, useState } from 'react';
import { observe, type Observer } from '@/session/observer';

/** Why something could not be answered, in words. */
export function reasonWords(reason: unknown): string {
  return reason instanceof Error ? reason.message : String(reason);
}

export interface Newest<Q, A> {
  /** The newest answer and the question it is of; null before the first. */
  readonly answer: { readonly of: Q; readonly answer: A } | null;
  /** The newest question that could not be answered. */
  readonly failure: { readonly of: Q; readonly reason: unknown } | null;
}

/**
 * The answer to the newest question, asked away from this thread.
 *
 * @param question null asks nothing
 * @param work steady over renders
 */
export function useNewest<Q, A>(
  question: Q | null,
  work: (question: Q, signal: AbortSignal) => Promise<A>,
): Newest<Q, A> {
  const [state, setState] = useState<Newest<Q, A>>({ answer: null, failure: null });
  const observer = useRef<Observer<Q> | null>(null);
  useEffect(() => {
    const next = observe(work, {
      answered: (of, answer) => setState({ answer: { of, answer }, failure: null }),
      failed: (of, reason) => setState((s) => ({ ...s, failure: { of, reason } })),
    });
    observer.current = next;
    return () => next.stop();
  }, [work]);
  useEffect(() => {
    if (question !== null) observer.current?.ask(question);
  }, [question, work]);
  return state;
}
