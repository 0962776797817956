/**
 * A worker that is watched: what is asked of it is worked on one after another, each for no longer than
 * it may take. What takes longer, or brings the worker down, is given up by name; the worker is started
 * anew and the others go on.
 */
import { wrap, type Remote } from 'comlink';

/** No single answer takes longer, ms: a hundred times what the hardest takes on a slow machine. */
export const PATIENCE_MS = 10_000;

const TICK_MS = 1000;

/** What was asked took too long, or brought its worker down. */
export class GivenUp extends Error {
  override readonly name = 'GivenUp';
}

/** The little of a worker that is needed here. */
export interface Running<A> {
  readonly api: Remote<A>;
  readonly end: () => void;
  /** Calls when the worker itself fails. */
  readonly onFailure: (then: () => void) => void;
}

/** A worker of the browser. */
export function started<A>(make: () => Worker): Running<A> {
  const worker = make();
  return {
    api: wrap<A>(worker),
    end: () => worker.terminate(),
    onFailure: (then) => worker.addEventListener('error', then),
  };
}

export interface Watched<A> {
  /**
   * Asks.
   *
   * @param what in words, such as "Lamb neck, barley and leek"
   * @param run the call; `alive` says that it goes on, where it takes long in parts
   * @param signal takes it back: before its turn it is not begun
   * @throws GivenUp, the reason of the signal, or what the call throws
   */
  readonly ask: <T>(
    what: string,
    run: (api: Remote<A>, alive: () => void) => Promise<T>,
    signal?: AbortSignal,
  ) => Promise<T>;
  /** Starts the worker before anything is asked, while the page waits for something else. */
  readonly warm: () => void;
  /** Ends what is worked on and what waits; their promises never settle. */
  readonly stop: () => void;
}

interface Job<A> {
  readonly what: string;
  readonly begin: (api: Remote<A>) => void;
  readonly giveUp: (reason: unknown) => void;
}

/**
 * @param endsAborted whether what is taken back while it is worked on ends the worker: worth it where
 *   it would take long, and dear where a worker is soon wanted again
 */
export function watched<A>(start: () => Running<A>, endsAborted = false): Watched<A> {
  let running: Running<A> | null = null;
  let waiting: readonly Job<A>[] = [];
  let busy: Job<A> | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const end = (): void => {
    running?.end();
    running = null;
  };
  const fail = (words: string): void => {
    const job = busy;
    end();
    if (!job) return;
    over(job);
    job.giveUp(new GivenUp(`${job.what} ${words} Everything else goes on.`));
  };
  const watch = (): void => {
    clearTimeout(timer);
    let left = PATIENCE_MS;
    // Second by second: while a device sleeps nothing is worked out, and one tick at most is due after it.
    const tick = (): void => {
      left -= TICK_MS;
      if (left > 0) timer = setTimeout(tick, TICK_MS);
      else fail(`took longer than ${PATIENCE_MS / 1000} s to work out and was given up.`);
    };
    timer = setTimeout(tick, TICK_MS);
  };
  const warm = (): Running<A> => {
    if (running) return running;
    running = start();
    running.onFailure(() => fail('could not be worked out: it brought its worker down.'));
    return running;
  };
  const next = (): void => {
    const [job, ...rest] = waiting;
    if (busy || !job) return;
    busy = job;
    waiting = rest;
    const { api } = warm();
    watch();
    job.begin(api);
  };
  const over = (job: Job<A>): void => {
    if (busy !== job) return;
    clearTimeout(timer);
    busy = null;
    // Others may be taken back by the same signal, in this very turn.
    void Promise.resolve().then(next);
  };

  return {
    ask: <T>(
      what: string,
      run: (api: Remote<A>, alive: () => void) => Promise<T>,
      signal?: AbortSignal,
    ) =>
      new Promise<T>((resolve, reject) => {
        const job: Job<A> = {
          what,
          begin: (api) => {
            run(api, () => {
              if (busy === job) watch();
            })
              .then(resolve, reject)
              .finally(() => {
                signal?.removeEventListener('abort', ended);
                over(job);
              });
          },
          giveUp: reject,
        };
        const ended = (): void => {
          waiting = waiting.filter((other) => other !== job);
          if (busy === job && endsAborted) {
            end();
            over(job);
          }
          reject(signal?.reason as Error);
        };
        if (signal?.aborted) return ended();
        signal?.addEventListener('abort', ended, { once: true });
        waiting = [...waiting, job];
        next();
      }),
    warm: () => void warm(),
    stop: () => {
      clearTimeout(timer);
      waiting = [];
      busy = null;
      end();
    },
  };
}
