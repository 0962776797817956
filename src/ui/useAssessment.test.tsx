/** @jest-environment jsdom */
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { assess, drawBatch, type Assessment, type Draws } from '@/core/assess';
import type { Batch } from '@/core/batch';
import type { Judged } from '@/core/solve';
import { KITCHEN, POT, REFERENCE } from '@/core/testing/kitchen';
import { assessAway, drawAway, judgeAway } from '@/workers';
import { useAssessment, useDraws } from './useAssessment';

jest.mock('@/workers', () => ({
  assessAway: jest.fn(),
  drawAway: jest.fn(),
  judgeAway: jest.fn(),
}));

const assessing = jest.mocked(assessAway);
const drawing = jest.mocked(drawAway);
const judging = jest.mocked(judgeAway);

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
const OTHER: Batch = { ...REFERENCE, name: 'Other' };
const THIRD: Batch = { ...REFERENCE, name: 'Third' };
const DRAWS = drawBatch(REFERENCE, POT, KITCHEN, { draws: 4, seed: 1 }) as Draws;
const JUDGED: Judged = { findings: [], advice: { first: null, offers: {} } };
const POTS = [POT];

afterEach(() => {
  cleanup();
  jest.useRealTimers();
  jest.resetAllMocks();
});

describe('an assessment', () => {
  const hook = (batch: Batch | null, coarse = false) =>
    renderHook(
      ({ of, light }: { of: Batch | null; light: boolean }) =>
        useAssessment(of, POT, KITCHEN, light),
      { initialProps: { of: batch, light: coarse } },
    );

  it('is the newest answer, and stale while the next is on its way', async () => {
    const second = later<Assessment>();
    assessing.mockResolvedValueOnce(FIRST).mockReturnValueOnce(second.promise);
    const { result, rerender } = hook(REFERENCE);
    expect(result.current).toEqual({ assessment: null, stale: true, error: null });
    await waitFor(() => expect(result.current.stale).toBe(false));
    expect(result.current.assessment).toBe(FIRST);
    rerender({ of: OTHER, light: false });
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
    const { result, rerender } = hook(REFERENCE);
    rerender({ of: OTHER, light: true });
    rerender({ of: THIRD, light: true });
    await act(async () => {
      slow.resolve(FIRST);
      await slow.promise;
    });
    await waitFor(() => expect(result.current.stale).toBe(false));
    expect(assessing.mock.calls.map(([of]) => of.name)).toEqual([REFERENCE.name, 'Third']);
    // Coarser under a hand.
    expect(assessing.mock.calls.map(([, , , options]) => options?.stepS)).toEqual([undefined, 30]);
  });

  it('says what cannot be worked out, and forgets it with the batch', async () => {
    assessing
      .mockRejectedValueOnce(new Error('it has no bottom'))
      .mockRejectedValueOnce('no words')
      .mockResolvedValueOnce(FIRST);
    const { result, rerender } = hook(REFERENCE);
    await waitFor(() => expect(result.current.error).toBe('it has no bottom'));
    rerender({ of: OTHER, light: false });
    await waitFor(() => expect(result.current.error).toBe('no words'));
    rerender({ of: THIRD, light: false });
    await waitFor(() => expect(result.current.assessment).toBe(FIRST));
    expect(result.current.error).toBeNull();
  });

  it('is not asked for without a batch', () => {
    const { result } = hook(null);
    expect(result.current.assessment).toBeNull();
    expect(assessing).not.toHaveBeenCalled();
  });
});

describe('the draws', () => {
  const hook = (batch: Batch | null) =>
    renderHook(({ of }: { of: Batch | null }) => useDraws(of, POT, POTS, KITCHEN), {
      initialProps: { of: batch },
    });
  const stand = (ms = 400): Promise<void> => act(() => jest.advanceTimersByTimeAsync(ms));

  beforeEach(() => jest.useFakeTimers());

  it('begin once the batch stands still, tell how far they are, and then judge it', async () => {
    const judged = later<Judged>();
    let tell: (done: number) => void = () => undefined;
    const drawn = later<Draws | null>();
    drawing.mockImplementation((_batch, _pot, _kitchen, _draws, onDraw) => {
      tell = onDraw;
      return drawn.promise;
    });
    judging.mockReturnValue(judged.promise);
    const { result } = hook(REFERENCE);
    await stand(300);
    expect(drawing).not.toHaveBeenCalled();
    await stand(100);
    expect(drawing).toHaveBeenCalledTimes(1);
    act(() => tell(40));
    expect(result.current.progress).toBeCloseTo(0.4, 9);
    act(() => tell(43));
    expect(result.current.progress).toBeCloseTo(0.4, 9);
    await act(async () => {
      drawn.resolve(DRAWS);
      await drawn.promise;
    });
    expect(result.current).toEqual({ draws: DRAWS, judged: null, progress: null });
    expect(judging).toHaveBeenCalledWith(REFERENCE, POT, KITCHEN, POTS, DRAWS);
    await act(async () => {
      judged.resolve(JUDGED);
      await judged.promise;
    });
    expect(result.current.judged).toBe(JUDGED);
  });

  it('are of the batch as it is: a change throws away what is under way', async () => {
    const old = later<Draws | null>();
    drawing.mockReturnValueOnce(old.promise).mockResolvedValueOnce(DRAWS);
    judging.mockResolvedValue(JUDGED);
    const { result, rerender } = hook(REFERENCE);
    await stand();
    rerender({ of: OTHER });
    await act(async () => {
      old.resolve({ ...DRAWS, draws: 99 });
      await old.promise;
    });
    expect(result.current.draws).toBeNull();
    await stand();
    expect(result.current.draws?.draws).toBe(DRAWS.draws);
    expect(judging).toHaveBeenCalledTimes(1);
    rerender({ of: THIRD });
    expect(result.current).toEqual({ draws: null, judged: null, progress: null });
  });

  it('are none of an empty pot, none when stopped, and none when they fail', async () => {
    hook({ ...REFERENCE, items: [] });
    await stand();
    expect(drawing).not.toHaveBeenCalled();
    drawing.mockResolvedValueOnce(null).mockRejectedValueOnce(new Error('no memory'));
    const { result, rerender } = hook(REFERENCE);
    await stand();
    expect(result.current.draws).toBeNull();
    expect(judging).not.toHaveBeenCalled();
    rerender({ of: OTHER });
    await stand();
    expect(drawing).toHaveBeenCalledTimes(2);
    expect(result.current).toEqual({ draws: null, judged: null, progress: null });
  });
});
