/** @jest-environment jsdom */
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { nanoid } from 'nanoid';
import { assess, type Assessment } from '@/core/assess';
import type { Batch } from '@/core/batch/schema';
import { KITCHEN, POT, REFERENCE } from '@/core/testing/kitchen';
import { ask } from '@/workers';
import { useAssessment } from './useAssessment';

jest.mock('@/workers', () => ({ ask: jest.fn() }));

const assessing = jest.mocked(ask);

/** A promise that is settled from outside. */
function later<T>() {
  let resolve: (value: T) => void = () => undefined;
  let reject: (reason: unknown) => void = () => undefined;
  const promise = new Promise<T>((yes, no) => {
    resolve = yes;
    reject = no;
  });
  return { promise, resolve, reject };
}

const FIRST = assess(REFERENCE, POT, KITCHEN, { stepS: 60 });
// Anew for each: what was worked out once is not asked for again.
let first: Batch;
let other: Batch;
let third: Batch;
beforeEach(() => {
  const id = nanoid();
  first = { ...REFERENCE, id };
  other = { ...first, name: 'Other' };
  third = { ...first, name: 'Third' };
});

afterEach(() => {
  cleanup();
  jest.resetAllMocks();
});

describe('an assessment', () => {
  const hook = (batch: Batch | null) =>
    renderHook(({ of }: { of: Batch | null }) => useAssessment(of, POT, KITCHEN), {
      initialProps: { of: batch },
    });

  it('is the newest answer, and stale while the next is on its way', async () => {
    const second = later<Assessment>();
    assessing.mockResolvedValueOnce(FIRST).mockReturnValueOnce(second.promise);
    const { result, rerender } = hook(first);
    expect(result.current).toEqual({ assessment: null, stale: true, error: null });
    await waitFor(() => expect(result.current.stale).toBe(false));
    expect(result.current.assessment).toBe(FIRST);
    rerender({ of: other });
    expect(result.current.stale).toBe(true);
    expect(result.current.assessment).toBe(FIRST);
    await act(async () => {
      second.resolve({ ...FIRST, batch: 'other' });
      await second.promise;
    });
    expect(result.current.stale).toBe(false);
    expect(result.current.assessment?.batch).toBe('other');
  });

  it('passes over what was changed in between', async () => {
    const slow = later<Assessment>();
    assessing.mockReturnValueOnce(slow.promise).mockResolvedValue(FIRST);
    const { result, rerender } = hook(first);
    rerender({ of: other });
    rerender({ of: third });
    await act(async () => {
      slow.resolve(FIRST);
      await slow.promise;
    });
    await waitFor(() => expect(result.current.stale).toBe(false));
    expect(assessing.mock.calls.map(([, [of]]) => (of as Batch).name)).toEqual([
      REFERENCE.name,
      'Third',
    ]);
  });

  it('says what cannot be worked out, and forgets it with the batch', async () => {
    assessing
      .mockRejectedValueOnce(new Error('it has no bottom'))
      .mockRejectedValueOnce('no words')
      .mockResolvedValueOnce(FIRST);
    const { result, rerender } = hook(first);
    await waitFor(() => expect(result.current.error).toBe('it has no bottom'));
    rerender({ of: other });
    await waitFor(() => expect(result.current.error).toBe('no words'));
    rerender({ of: third });
    await waitFor(() => expect(result.current.assessment).toBe(FIRST));
    expect(result.current.error).toBeNull();
  });

  it('is not worked out again where nothing is other, in a second place or on the way back', async () => {
    assessing.mockResolvedValue(FIRST);
    const { result, unmount } = hook(first);
    await waitFor(() => expect(result.current.assessment).toBe(FIRST));
    unmount();
    // The same to the letter: another tab, or the next page, has it as an object of its own.
    const again = hook({ ...first });
    expect(again.result.current).toEqual({ assessment: FIRST, stale: false, error: null });
    expect(assessing).toHaveBeenCalledTimes(1);
    const pot = { ...POT, name: 'Another' };
    renderHook(() => useAssessment(first, pot, KITCHEN));
    await waitFor(() => expect(assessing).toHaveBeenCalledTimes(2));
  });

  it('is not asked for without a batch', () => {
    const { result } = hook(null);
    expect(result.current.assessment).toBeNull();
    expect(assessing).not.toHaveBeenCalled();
  });
});
