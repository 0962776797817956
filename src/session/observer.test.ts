import { observe } from './observer';

/** Work that is done when the test says so. */
function byHand() {
  const asked: { question: number; done: (answer: string) => void; fail: (e: Error) => void }[] =
    [];
  const work = (question: number): Promise<string> =>
    new Promise((done, fail) => asked.push({ question, done, fail }));
  return { asked, work };
}

const turn = (): Promise<void> => Promise.resolve().then(() => Promise.resolve());

describe('an observer', () => {
  it('asks one at a time, and of those that wait only the newest', async () => {
    const { asked, work } = byHand();
    const told: [number, string][] = [];
    const observer = observe(work, { answered: (of, answer) => told.push([of, answer]) });
    for (const n of [1, 2, 3]) observer.ask(n);
    expect(asked.map((a) => a.question)).toEqual([1]);
    asked[0]?.done('one');
    await turn();
    expect(asked.map((a) => a.question)).toEqual([1, 3]);
    asked[1]?.done('three');
    await turn();
    expect(told).toEqual([
      [1, 'one'],
      [3, 'three'],
    ]);
  });

  it('goes on after what could not be answered', async () => {
    const { asked, work } = byHand();
    const failed: number[] = [];
    const told: number[] = [];
    const observer = observe(work, {
      answered: (of) => told.push(of),
      failed: (of) => failed.push(of),
    });
    observer.ask(1);
    observer.ask(2);
    asked[0]?.fail(new Error('no'));
    await turn();
    asked[1]?.done('two');
    await turn();
    expect([failed, told]).toEqual([[1], [2]]);
  });

  it('tells nothing once it is stopped, and forgets what waits when asked nothing', async () => {
    const { asked, work } = byHand();
    const told: number[] = [];
    const observer = observe(work, { answered: (of) => told.push(of) });
    observer.ask(1);
    observer.ask(2);
    observer.ask(null);
    asked[0]?.done('one');
    await turn();
    expect(asked).toHaveLength(1);
    expect(told).toEqual([1]);
    observer.ask(3);
    observer.stop();
    asked[1]?.done('three');
    await turn();
    expect(told).toEqual([1]);
  });
});
