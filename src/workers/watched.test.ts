import type { Remote } from 'comlink';
import { GivenUp, PATIENCE_MS, watched, type Running } from './watched';

interface Api {
  readonly double: (n: number) => number;
}

/** Workers that answer, never answer, or fall over, as a number says. */
function house(endsAborted = true) {
  const made: { ended: boolean }[] = [];
  let falls = (): void => undefined;
  const start = (): Running<Api> => {
    const state = { ended: false };
    made.push(state);
    let failed = (): void => undefined;
    const api = {
      double: (n: number) => {
        if (n === 13) return new Promise<number>(() => undefined);
        if (n === 66) {
          setTimeout(failed, 1);
          return new Promise<number>(() => undefined);
        }
        return Promise.resolve(2 * n);
      },
    } as unknown as Remote<Api>;
    return {
      api,
      end: () => {
        state.ended = true;
      },
      onFailure: (then) => {
        failed = then;
        falls = then;
      },
    };
  };
  const worker = watched<Api>(start, endsAborted);
  const ask = (n: number, signal?: AbortSignal): Promise<number> =>
    worker.ask(`Batch ${n}`, (api) => api.double(n), signal);
  return { made, worker, ask, falls: () => falls() };
}

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

describe('a watched worker', () => {
  it('answers in order, and is started once', async () => {
    const { ask, made } = house();
    expect(await Promise.all([ask(1), ask(2), ask(3)])).toEqual([2, 4, 6]);
    expect(made).toHaveLength(1);
  });

  it('is started before anything is asked, and started anew where it fell over idle', async () => {
    const { ask, made, worker, falls } = house();
    worker.warm();
    worker.warm();
    expect(made).toHaveLength(1);
    falls();
    expect(made[0]?.ended).toBe(true);
    expect(await ask(2)).toBe(4);
    expect(made).toHaveLength(2);
  });

  it('gives up what takes too long, by its name, and the others go on in a new one', async () => {
    const { ask, made } = house();
    const hung = ask(13);
    const others = Promise.all([ask(2), ask(3)]);
    const told = expect(hung).rejects.toThrow(
      'Batch 13 took longer than 10 s to work out and was given up. Everything else goes on.',
    );
    await jest.advanceTimersByTimeAsync(PATIENCE_MS + 1);
    await told;
    expect(await others).toEqual([4, 6]);
    expect(made.map((m) => m.ended)).toEqual([true, false]);
  });

  it('goes on after a worker that fell over', async () => {
    const { ask } = house();
    const bad = expect(ask(66)).rejects.toBeInstanceOf(GivenUp);
    const good = ask(4);
    await jest.advanceTimersByTimeAsync(2);
    await bad;
    expect(await good).toBe(8);
  });

  it('waits for what says that it goes on', async () => {
    const { worker } = house();
    const long = worker.ask('Draws', async (_, alive) => {
      for (let i = 0; i < 5; i++) {
        await new Promise((done) => setTimeout(done, PATIENCE_MS - 1000));
        alive();
      }
      return 'all of them';
    });
    await jest.advanceTimersByTimeAsync(5 * PATIENCE_MS);
    expect(await long).toBe('all of them');
  });

  it('does not begin what nobody wants any more, and ends what is under way', async () => {
    const { ask, made } = house();
    const ending = new AbortController();
    const hung = expect(ask(13, ending.signal)).rejects.toThrow('enough');
    const waiting = expect(ask(5, ending.signal)).rejects.toThrow('enough');
    const other = ask(6);
    ending.abort(new Error('enough'));
    await Promise.all([hung, waiting]);
    expect(await other).toBe(12);
    expect(made).toHaveLength(2);
    await expect(ask(1, ending.signal)).rejects.toThrow('enough');
  });

  it('lets what is short come to its end', async () => {
    const { ask, made } = house(false);
    const ending = new AbortController();
    const first = expect(ask(4, ending.signal)).rejects.toThrow('enough');
    ending.abort(new Error('enough'));
    await first;
    expect(await ask(5)).toBe(10);
    expect(made).toHaveLength(1);
  });

  it('can be stopped as a whole, and asked again', async () => {
    const { worker, ask, made } = house();
    const settled = jest.fn();
    void ask(13).then(settled, settled);
    worker.stop();
    expect(await ask(7)).toBe(14);
    await jest.advanceTimersByTimeAsync(2 * PATIENCE_MS);
    expect(settled).not.toHaveBeenCalled();
    expect(made.map((m) => m.ended)).toEqual([true, false]);
  });
});
