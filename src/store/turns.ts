/** Work on the database, one piece after another. */
export interface Turns {
  /** Does work once what came before it is over; with nothing before it, at once. */
  readonly take: (work: () => Promise<void>) => void;
  /** Settles when all the work taken so far is over. */
  readonly over: () => Promise<void>;
}

export function turns(): Turns {
  let queue = Promise.resolve();
  let waiting = 0;
  return {
    take: (work) => {
      waiting++;
      // Errors are reported where they occur; they must not stop what comes after.
      queue = (waiting === 1 ? work() : queue.then(work))
        .catch(() => undefined)
        .finally(() => {
          waiting--;
        });
    },
    over: () => queue,
  };
}
