/**
 * Asks away from here, where the newest question wins: while one is under way only the newest waits,
 * and those between are passed over. No interface in it, so that it is tested alone.
 */

export interface Observer<Q> {
  /** Asks; null stops what waits. */
  readonly ask: (question: Q | null) => void;
  /** Ignores pending answers and cancels their work. */
  readonly stop: () => void;
}

export interface Told<Q, A> {
  readonly answered: (of: Q, answer: A) => void;
  readonly failed?: (of: Q, reason: unknown) => void;
}

/**
 * @param work answers one question, unless its signal ends it; its answers come one after another
 * @param told what is done with an answer, or with a question that could not be answered
 */
export function observe<Q, A>(
  work: (question: Q, signal: AbortSignal) => Promise<A>,
  { answered, failed }: Told<Q, A>,
): Observer<Q> {
  let waiting: { readonly question: Q } | null = null;
  let busy = false;
  const ending = new AbortController();
  const { signal } = ending;
  const run = async (): Promise<void> => {
    busy = true;
    while (waiting && !signal.aborted) {
      const { question } = waiting;
      waiting = null;
      try {
        const answer = await work(question, signal);
        if (!signal.aborted) answered(question, answer);
      } catch (reason) {
        if (!signal.aborted) failed?.(question, reason);
      }
    }
    busy = false;
  };
  return {
    ask: (question) => {
      waiting = question === null ? null : { question };
      if (!busy && !signal.aborted) void run();
    },
    stop: () => ending.abort(),
  };
}
