/** Order of work on the database, and work that is asked for too often. */
import { coalesced, turns } from './turns';

const later = (): Promise<void> => new Promise((done) => setImmediate(done));

describe('work in turns', () => {
  it('begins at once where nothing is before it, and keeps its order', async () => {
    const { take, over } = turns();
    const done: string[] = [];
    const piece = (name: string) => async (): Promise<void> => {
      done.push(`${name} begins`);
      await later();
      done.push(`${name} ends`);
    };
    take(piece('first'));
    expect(done).toEqual(['first begins']);
    take(piece('second'));
    await over();
    expect(done).toEqual(['first begins', 'first ends', 'second begins', 'second ends']);
  });

  it('puts what a piece takes in turn behind that piece, and waits for it', async () => {
    const { take, over } = turns();
    const done: string[] = [];
    take(async () => {
      take(async () => {
        await later();
        done.push('inner');
      });
      await later();
      done.push('outer');
    });
    await over();
    expect(done).toEqual(['outer', 'inner']);
  });

  it('goes on after a piece that failed', async () => {
    const { take, over } = turns();
    const done: string[] = [];
    take(() => Promise.reject(new Error('no room')));
    take(() => Promise.resolve(void done.push('next')));
    await over();
    expect(done).toEqual(['next']);
  });
});

describe('work that is asked for again and again', () => {
  it('runs once for all that is asked meanwhile, and once more', async () => {
    let runs = 0;
    const { ask, over, isBusy } = coalesced(async () => {
      runs++;
      await later();
    });
    for (let i = 0; i < 3000; i++) ask();
    expect([runs, isBusy()]).toEqual([1, true]);
    await over();
    expect([runs, isBusy()]).toEqual([2, false]);
    ask();
    await over();
    expect(runs).toBe(3);
  });

  it('runs again after it has failed', async () => {
    let runs = 0;
    const { ask, over } = coalesced(() => {
      runs++;
      return Promise.reject(new Error('closed'));
    });
    ask();
    await over();
    ask();
    await over();
    expect(runs).toBe(2);
  });
});
