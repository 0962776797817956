/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { act, cleanup, render, waitFor } from '@testing-library/react';
import type { Bundle, Cook } from '@/core/batch/schema';
import { knownKitchen, type Known } from '@/core/learn';
import { judgedCook } from '@/core/testing/kitchens';
import { change, useApp } from '@/store';
import { learnAway } from '@/workers';
import { useKnown } from './known';
import { untaught } from './lessons';
import type * as Direct from '@/workers/testing/direct';
import { HOME, keep, kept } from '../testing/household';

jest.mock('@/workers', () => {
  const there = jest.requireActual<typeof Direct>('@/workers/testing/direct');
  return { ...there, learnAway: jest.fn(there.learnAway) };
});
const learn = jest.mocked(learnAway);

const BEANS = [0, 1].map((day) => judgedCook(day, { holds: [12], tested: true }, 1.4));
const seen: (Known | null)[] = [];
function Page() {
  seen.push(useKnown());
  return null;
}
const now = (): Known | null => seen.at(-1) ?? null;
const need = () => now()?.kitchen.learned?.foods?.[0]?.need;

const turns = (): Promise<void> => new Promise((done) => setTimeout(done));
/** Changes the household, and lets whoever follows it do what there is to do. */
const changed = (edit: (h: Bundle) => Bundle): Promise<void> =>
  act(async () => {
    change(edit);
    await turns();
  });

beforeEach(() => {
  seen.length = 0;
  learn.mockClear();
});
afterEach(cleanup);

it('is what the cooks have taught, once it is worked out; and nothing is planned with before', async () => {
  keep({ ...HOME, cooks: BEANS });
  render(<Page />);
  expect(now()).toBeNull();
  await waitFor(() => expect(now()).not.toBeNull());
  expect(now()).toEqual(knownKitchen(kept()));
});

it('is learned anew where there is something else to learn from, and only then', async () => {
  keep({ ...HOME, cooks: BEANS });
  render(<Page />);
  await waitFor(() => expect(need()).toBeGreaterThan(0));
  const before = now();
  learn.mockClear();
  const { endedAt: _, lesson: __, ...on } = BEANS[0] as Cook;
  await changed((h) => ({ ...h, cooks: [...h.cooks, { ...on, id: 'on' }] }));
  await changed((h) => ({ ...h, batches: [] }));
  expect(learn).not.toHaveBeenCalled();
  expect(now()).toBe(before);
  act(() => void change((h) => ({ ...h, cooks: h.cooks.slice(1) })));
  await waitFor(() => expect(now()).toEqual(knownKitchen(kept())));
  expect(learn).toHaveBeenCalledTimes(1);
  // The pot was told of by neither: it is the same one, and what hangs on it is not worked out anew.
  expect(now()?.pots).toBe(before?.pots);
});

it('goes by what is said where it cannot be worked out, says so, and tries again', async () => {
  learn.mockRejectedValueOnce(new Error('stopped'));
  keep({ ...HOME, cooks: BEANS.slice(0, 1) });
  await waitFor(() =>
    expect(useApp.getState().notice).toContain('Could not update what your cooks taught'),
  );
  await act(async () => {
    useApp.setState({ notice: null });
    await turns();
  });
  expect(learn).toHaveBeenCalledTimes(1);
  render(<Page />);
  act(() => void change((h) => ({ ...h, batches: [] })));
  await waitFor(() => expect(now()).toEqual(knownKitchen(kept())));
});

describe('the next lesson', () => {
  const bare = BEANS.map(({ lesson: _, ...cook }): Cook => cook);

  it('is that of the newest cook without one; none of those that failed, rehearsed or go on', () => {
    expect(untaught(BEANS)).toBeUndefined();
    expect(untaught(bare)?.id).toBe(bare[1]?.id);
    expect(untaught(bare, new Set([bare[1]?.id ?? '']))?.id).toBe(bare[0]?.id);
    expect(untaught(bare, new Set(bare.map(({ id }) => id)))).toBeUndefined();
    expect(untaught(bare.map((cook) => ({ ...cook, rehearsal: {} })))).toBeUndefined();
    expect(untaught(bare.map(({ endedAt: _, ...cook }) => cook))).toBeUndefined();
  });
});
