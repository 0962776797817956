import { GivenUp, SILENCE_MS, watched, type Asked, type Running } from './watched';

/** Workers that answer, never answer, or fall over, as a number says. */
function house(endsAborted = true) {
  const made: { ended: boolean }[] = [];
  let falls = (): void => undefined;
  const never = (): Promise<number> => new Promise(() => undefined);
  const start = (): Running => {
    const state = { ended: false };
    made.push(state);
    let failed = (): void => undefined;
    return {
      call: async (name, [n], tell) => {
        if (name === 'slowly') {
          for (let i = 0; i < 5; i++) {
            await new Promise((done) => setTimeout(done, SILENCE_MS - 1000));
            tell(i);
          }
          return 'all of them';
        }
        if (n === 13) return never();
        if (n === 66) {
          setTimeout(failed, 1);
          return never();
        }
        if (n === -1) throw new RangeError('below zero');
        return 2 * Number(n);
      },
      end: () => {
        state.ended = true;
      },
      onFailure: (then) => {
        failed = then;
        falls = then;
      },
    };
  };
  const worker = watched(start, endsAborted);
  const ask = (n: number, more: Partial<Asked> = {}): Promise<unknown> =>
    worker.ask({ name: 'double', args: [n], what: `Batch ${n}`, ...more });
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

  it('passes on what a call throws, and goes on', async () => {
    const { ask } = house();
    const bad = expect(ask(-1)).rejects.toThrow(RangeError);
    expect(await ask(2)).toBe(4);
    await bad;
  });

  it('gives up what is silent for too long, by its name, and the others go on in a new one', async () => {
    const { ask, made } = house();
    const hung = ask(13);
    const others = Promise.all([ask(2), ask(3)]);
    const told = expect(hung).rejects.toThrow(
      'Batch 13 took longer than 60 s to work out and was given up. Everything else goes on.',
    );
    await jest.advanceTimersByTimeAsync(SILENCE_MS + 1);
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

  it('waits for what tells parts of its answer, and hands them on', async () => {
    const { worker } = house();
    const parts: unknown[] = [];
    const onPart = (part: unknown): void => void parts.push(part);
    const long = worker.ask({ name: 'slowly', args: [], what: 'Draws', onPart });
    await jest.advanceTimersByTimeAsync(5 * SILENCE_MS);
    expect(await long).toBe('all of them');
    expect(parts).toEqual([0, 1, 2, 3, 4]);
  });

  it('does not begin what nobody wants any more, and ends what is under way', async () => {
    const { ask, made } = house();
    const ending = new AbortController();
    const { signal } = ending;
    const hung = expect(ask(13, { signal })).rejects.toThrow('enough');
    const waiting = expect(ask(5, { signal })).rejects.toThrow('enough');
    const other = ask(6);
    ending.abort(new Error('enough'));
    await Promise.all([hung, waiting]);
    expect(await other).toBe(12);
    expect(made).toHaveLength(2);
    await expect(ask(1, { signal })).rejects.toThrow('enough');
  });

  it('lets what is short come to its end', async () => {
    const { ask, made } = house(false);
    const ending = new AbortController();
    const first = expect(ask(4, { signal: ending.signal })).rejects.toThrow('enough');
    ending.abort(new Error('enough'));
    await first;
    expect(await ask(5)).toBe(10);
    expect(made).toHaveLength(1);
  });

  it('says how much it has to do', async () => {
    const { ask, worker } = house();
    expect(worker.load()).toBe(0);
    const both = Promise.all([ask(1), ask(2)]);
    expect(worker.load()).toBe(2);
    await both;
    await Promise.resolve();
    expect(worker.load()).toBe(0);
  });
});
