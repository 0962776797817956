/** Work on the database, one piece after another. */
export interface Turns {
  /** Does work once what came before it is over; with nothing before it, at once. */
  readonly take: (work: () => Promise<void>) => void;
  /** Settles when all work is over, and what it has taken in turn. */
  readonly over: () => Promise<void>;
}

export function turns(): Turns {
  let queue = Promise.resolve();
  let waiting = 0;
  return {
    take: (work) => {
      const before = queue;
      const isFree = waiting === 0;
      let done = (): void => undefined;
      // Work that this piece takes in turn comes after it.
      queue = new Promise((resolve) => {
        done = resolve;
      });
      waiting++;
      // Errors are reported where they occur; they must not stop what comes after.
      void (isFree ? work() : before.then(work))
        .catch(() => undefined)
        .finally(() => {
          waiting--;
          done();
        });
    },
    over: async () => {
      while (waiting > 0) await queue;
    },
  };
}

/** Work that is asked for again and again. */
export interface Coalesced {
  /** Has it done: at once, or once more after the one that runs. */
  readonly ask: () => void;
  /** Settles when nothing is asked for any more. */
  readonly over: () => Promise<void>;
  readonly isBusy: () => boolean;
}

/** Work that runs once however often it is asked for meanwhile, and once more after that. */
export function coalesced(work: () => Promise<void>): Coalesced {
  let running: Promise<void> | null = null;
  let isAsked = false;
  const run = async (): Promise<void> => {
    while (isAsked) {
      isAsked = false;
      // Errors are reported where they occur, and asked for again by the next message.
      await work().catch(() => undefined);
    }
    running = null;
  };
  return {
    ask: () => {
      isAsked = true;
      running ??= run();
    },
    over: () => running ?? Promise.resolve(),
    isBusy: () => running !== null,
  };
}
