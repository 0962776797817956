/** A gate: so many at once, so many waiting, and no more. */
import { Refusal } from './answers';

/** A gate, and how full it is. */
export interface Gate {
  readonly run: <T>(work: () => Promise<T>) => Promise<T>;
  readonly load: () => { readonly running: number; readonly waiting: number };
}

/**
 * @param most running at once
 * @param queue waiting for that
 */
export function gate(most: number, queue: number): Gate {
  let running = 0;
  const waiting: (() => void)[] = [];
  const enter = async (): Promise<void> => {
    if (running < most) {
      running++;
      return;
    }
    if (waiting.length >= queue)
      throw new Refusal(503, 'There is too much to do just now. Try again in a moment.', 2);
    await new Promise<void>((go) => waiting.push(go));
  };
  return {
    run: async (work) => {
      await enter();
      try {
        return await work();
      } finally {
        const next = waiting.shift();
        // The next in line takes a free place.
        if (next) next();
        else running--;
      }
    },
    load: () => ({ running, waiting: waiting.length }),
  };
}
