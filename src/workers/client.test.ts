import { drawBatch } from '../core/assess';
import { KITCHEN, POT, REFERENCE } from '../core/testing/kitchen';
import { served } from './call';
import { ask, drawAway } from './testing/direct';

describe('a call', () => {
  it('is answered by name with all its parts told before the answer', async () => {
    const { call } = served({
      count: (tell: (n: number) => void, to: number) => {
        for (let n = 1; n <= to; n++) tell(n);
        return to;
      },
    } as never);
    const told: unknown[] = [];
    const slow = async (part: unknown): Promise<void> => {
      await Promise.resolve();
      told.push(part);
    };
    expect(await call('count', [3], slow)).toBe(3);
    expect(told).toEqual([1, 2, 3]);
  });

  it('is refused where nobody knows it', async () => {
    await expect(served({}).call('nothing', [], () => undefined)).rejects.toThrow(
      new RangeError('no call nothing'),
    );
  });

  it('is not begun where it was taken back', async () => {
    const ending = new AbortController();
    const asked = ask('assess', [REFERENCE, POT, KITCHEN], { signal: ending.signal });
    ending.abort(new Error('enough'));
    await expect(asked).rejects.toThrow('enough');
  });
});

describe('draws by several workers', () => {
  it('give the digits of one, and tell how many are done', async () => {
    const done: number[] = [];
    const draws = await drawAway(REFERENCE, POT, KITCHEN, 11, (n) => done.push(n));
    expect(draws).toEqual(drawBatch(REFERENCE, POT, KITCHEN, { draws: 11, seed: 1 }));
    expect(done.at(-1)).toBe(11);
    expect(done).toHaveLength(11);
  });
});
