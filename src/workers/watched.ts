/**
 * A worker that is watched: what is asked of it is worked on one after another. What is silent for too long,
 * or brings the worker down, is given up by name; the worker is started anew and the others go on.
 */
import { proxy, wrap } from 'comlink';
import type { Served } from './call';

/**
 * No call is silent for longer, ms. The slowest call that says nothing on its way takes a second or two of a
 * whole core; a machine that is busy with other things may give it a tenth of one.
 */
export const SILENCE_MS = 60_000;

const TICK_MS = 1000;

/** A call that was silent for too long, or crashed its worker. */
export class GivenUp extends Error {
  override readonly name = 'GivenUp';
}

/** The little of a worker that is needed here. */
export interface Running {
  readonly call: (
    name: string,
    args: readonly unknown[],
    tell: (part: unknown) => void,
  ) => Promise<unknown>;
  readonly end: () => void;
  /** Calls when the worker itself fails. */
  readonly onFailure: (then: () => void) => void;
}

/** A worker of the browser. */
export function started(worker: Worker): Running {
  const remote = wrap<Served>(worker);
  return {
    call: (name, args, tell) => remote.call(name, args, proxy(tell)),
    end: () => worker.terminate(),
    onFailure: (then) => worker.addEventListener('error', then),
  };
}

/** Something asked of a worker. */
export interface Asked {
  readonly name: string;
  readonly args: readonly unknown[];
  /** Name shown when the call is given up: "Lamb neck, barley and leek". */
  readonly what: string;
  readonly signal?: AbortSignal | undefined;
  readonly onPart?: ((part: unknown) => void) | undefined;
}

export interface Watched {
  /** Asks. @throws GivenUp, the reason of the signal, or what the call throws */
  readonly ask: (asked: Asked) => Promise<unknown>;
  /** Starts the worker before anything is asked, while the page waits for something else. */
  readonly warm: () => void;
  /** How much it has to do: what it works on, and what waits. */
  readonly load: () => number;
}

interface Job {
  readonly asked: Asked;
  readonly resolve: (answer: unknown) => void;
  readonly reject: (reason: unknown) => void;
}

/**
 * @param endsAborted whether what is taken back while it is worked on ends the worker: worth it where
 *   it would take long, and dear where a worker is soon wanted again
 */
export function watched(start: () => Running, endsAborted = false): Watched {
  let running: Running | null = null;
  let waiting: readonly Job[] = [];
  let busy: Job | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const end = (): void => {
    running?.end();
    running = null;
  };
  const over = (job: Job): void => {
    if (busy !== job) return;
    clearTimeout(timer);
    busy = null;
    // Others may be taken back by the same signal, in this very turn.
    void Promise.resolve().then(next);
  };
  const fail = (words: string): void => {
    const job = busy;
    end();
    if (!job) return;
    over(job);
    job.reject(new GivenUp(`${job.asked.what} ${words} Everything else goes on.`));
  };
  const watch = (): void => {
    clearTimeout(timer);
    let left = SILENCE_MS;
    // Second by second: while a device sleeps nothing is worked out, and one tick at most is due after it.
    const tick = (): void => {
      left -= TICK_MS;
      if (left > 0) timer = setTimeout(tick, TICK_MS);
      else fail(`took longer than ${SILENCE_MS / 1000} s to work out and was given up.`);
    };
    timer = setTimeout(tick, TICK_MS);
  };
  const warm = (): Running => {
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
    const { call } = warm();
    watch();
    const { name, args, onPart } = job.asked;
    const tell = (part: unknown): void => {
      if (busy !== job) return;
      watch();
      onPart?.(part);
    };
    call(name, args, tell)
      .then(job.resolve, job.reject)
      .finally(() => over(job));
  };

  return {
    ask: (asked) =>
      new Promise((resolve, reject) => {
        const { signal } = asked;
        const ended = (): void => {
          waiting = waiting.filter((other) => other !== job);
          if (busy === job && endsAborted) {
            end();
            over(job);
          }
          reject(signal?.reason as Error);
        };
        const settled = <T>(settle: (value: T) => void): ((value: T) => void) => {
          return (value) => {
            signal?.removeEventListener('abort', ended);
            settle(value);
          };
        };
        const job: Job = { asked, resolve: settled(resolve), reject: settled(reject) };
        if (signal?.aborted) return ended();
        signal?.addEventListener('abort', ended, { once: true });
        waiting = [...waiting, job];
        next();
      }),
    warm: () => void warm(),
    load: () => waiting.length + (busy ? 1 : 0),
  };
}
