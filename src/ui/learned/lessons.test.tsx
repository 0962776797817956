/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { act, cleanup, render } from '@testing-library/react';
import type { Cook } from '@/core/batch/schema';
import { hasLesson } from '@/core/learn';
import { judgedCook } from '@/core/testing/kitchens';
import { useApp } from '@/store';
import { untaught, useLessons } from './lessons';
import { HOME, keep, kept } from '../testing/household';

/** Finished cooks without a lesson. */
const ENDED = [0, 1, 2].map((day): Cook => {
  const { lesson: _, ...cook } = judgedCook(day, { holds: [12], tested: true }, 1.4);
  return cook;
});

function Page() {
  useLessons(useApp((s) => s.household?.cooks));
  return null;
}

const passes = (ms: number): Promise<void> => act(() => jest.advanceTimersByTimeAsync(ms));
const learned = (): readonly string[] =>
  kept()
    .cooks.filter(hasLesson)
    .map(({ id }) => id);

beforeEach(() => {
  jest.useFakeTimers();
  keep({ ...HOME, cooks: ENDED });
});
afterEach(() => {
  cleanup();
  jest.useRealTimers();
});

it('waits 1.5 s for the page, then learns from all cooks, the newest first', async () => {
  render(<Page />);
  await passes(1499);
  expect(learned()).toEqual([]);
  await passes(1);
  expect(learned()).toEqual([untaught(ENDED)?.id]);
  // The other cooks follow without a wait.
  for (let look = 0; look < 10; look++) await passes(1);
  expect(learned()).toEqual(ENDED.map(({ id }) => id));
});

it('learns nothing when the page is left before', async () => {
  render(<Page />).unmount();
  await passes(5000);
  expect(learned()).toEqual([]);
});

it('learns nothing from a practice run or an unfinished cook', async () => {
  const [one, two] = ENDED as [Cook, Cook, Cook];
  const { endedAt: _, ...on } = one;
  keep({ ...HOME, cooks: [on, { ...two, rehearsal: { drill: 'A plain evening' } }] });
  render(<Page />);
  await passes(5000);
  expect(learned()).toEqual([]);
});
