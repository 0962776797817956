import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import type * as Module from './worked';

/** A page that has just been opened: nothing in memory, on the same device. */
async function page(models = 'these'): Promise<typeof Module> {
  jest.resetModules();
  process.env['RETORT_MODELS'] = models;
  return import('./worked');
}

/** Lets what is written once a plan stands still be written, and lets the device answer. */
const rest = (): Promise<void> => jest.advanceTimersByTimeAsync(3000);

/** Asks under a key, and tells what it got and whether that had to be worked out. */
async function asked(
  { workedOut }: typeof Module,
  key: string,
  of: string,
  value: unknown = `${key} of ${of}`,
): Promise<readonly [unknown, boolean]> {
  let worked = false;
  const answer = workedOut(key, of, () => {
    worked = true;
    return Promise.resolve(value);
  });
  await jest.advanceTimersByTimeAsync(100);
  return [await answer, worked];
}

beforeEach(() => {
  indexedDB = new IDBFactory();
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick'] });
});
afterEach(() => {
  jest.useRealTimers();
  delete process.env['RETORT_MODELS'];
});

describe('what was worked out', () => {
  it('is there again on the next page: not before it is asked for, and then at hand', async () => {
    const first = await page();
    expect(await asked(first, 'batch a', 'one')).toEqual(['batch a of one', true]);
    expect(first.workedAtHand('batch a', 'one')).toBe('batch a of one');
    await rest();
    const second = await page();
    expect(second.workedAtHand('batch a', 'one')).toBeUndefined();
    const early = second.readWorkedEarly(['batch a']);
    await jest.advanceTimersByTimeAsync(100);
    expect(await early).toBe(true);
    expect(second.workedAtHand('batch a', 'one')).toBe('batch a of one');
    expect(await asked(second, 'batch a', 'one')).toEqual(['batch a of one', false]);
  });

  it('counts only for what it is of, to the letter, and for the models of this build', async () => {
    await asked(await page(), 'batch a', 'one');
    await rest();
    expect(await asked(await page(), 'batch a', 'other')).toEqual(['batch a of other', true]);
    await rest();
    expect(await asked(await page(), 'batch a', 'other')).toEqual(['batch a of other', false]);
    expect(await asked(await page('newer'), 'batch a', 'other')).toEqual([
      'batch a of other',
      true,
    ]);
  });

  it('is the last of a key: the first is kept at once, and what follows when it stands still', async () => {
    const first = await page();
    await asked(first, 'batch a', 'one');
    await jest.advanceTimersByTimeAsync(100);
    expect(await asked(await page(), 'batch a', 'one')).toEqual(['batch a of one', false]);
    for (const one of ['two', 'three']) await asked(first, 'batch a', one);
    expect(await asked(await page(), 'batch a', 'one')).toEqual(['batch a of one', false]);
    await rest();
    const second = await page();
    expect(await asked(second, 'batch a', 'three')).toEqual(['batch a of three', false]);
    expect(await asked(second, 'batch a', 'one')).toEqual(['batch a of one', true]);
  });

  it('is kept of so many alone, those that were kept last', async () => {
    const first = await page();
    for (let i = 0; i < 210; i++) await asked(first, `batch ${i}`, 'one');
    await rest();
    const second = await page();
    expect((await asked(second, 'batch 209', 'one'))[1]).toBe(false);
    expect((await asked(second, 'batch 0', 'one'))[1]).toBe(true);
  });

  it('is not kept while the models are being written, where it failed, and once it is forgotten', async () => {
    await asked(await page(''), 'batch a', 'one');
    await rest();
    const second = await page();
    const failing = second.workedOut('batch a', 'one', () => Promise.reject(new Error('no')));
    const failed = expect(failing).rejects.toThrow('no');
    await jest.advanceTimersByTimeAsync(100);
    await failed;
    expect(await asked(second, 'batch a', 'one')).toEqual(['batch a of one', true]);
    await rest();
    const forgetting = second.forgetWorked();
    await jest.advanceTimersByTimeAsync(100);
    await forgetting;
    expect(second.workedAtHand('batch a', 'one')).toBeUndefined();
    expect((await asked(await page(), 'batch a', 'one'))[1]).toBe(true);
  });

  it('is worked out where the device does not open what it keeps, or never answers', async () => {
    indexedDB.open = () => {
      throw new DOMException('no', 'SecurityError');
    };
    expect((await asked(await page(), 'batch a', 'one'))[1]).toBe(true);
    indexedDB.open = () => ({ addEventListener: () => undefined }) as never;
    const silent = await page();
    const answer = silent.workedOut('batch a', 'one', () => Promise.resolve('now'));
    await rest();
    expect(await answer).toBe('now');
  });
});
