/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { assess } from '@/core/assess';
import type { Mark, MarkKind, Run } from '@/core/batch';
import { stepsOf, waterL } from '@/core/batch';
import { KITCHEN, POT, REFERENCE } from '@/core/testing/kitchen';
import { startRun } from '@/core/timetable';
import { HOME, keep, kept } from '@/ui/testing/household';
import { LogScreen } from './LogScreen';
import { RunScreen } from './RunScreen';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push }) }));
jest.mock('@/workers', () => jest.requireActual('../../ui/testing/assessor'));

const user = userEvent.setup();
const at = (min: number): string =>
  new Date(Date.parse('2026-11-20T16:00:00Z') + min * 60000).toISOString();
const mark = (kind: MarkKind, min: number): Mark => ({ kind, step: 's1', at: at(min) });

const started = startRun('r1', REFERENCE, 'p1', assess(REFERENCE, POT, KITCHEN), at(0));
const RUN: Run = {
  ...started,
  marks: [...started.marks, mark('lid-locked', 5), mark('at-pressure', 30), mark('pin-down', 130)],
  endedAt: at(155),
};

afterEach(() => {
  cleanup();
  push.mockClear();
});

describe('the log', () => {
  it('says how to begin when nothing is cooked', () => {
    keep(HOME);
    render(<LogScreen />);
    expect(screen.getByText('Nothing cooked yet.')).toBeTruthy();
  });

  it('lists runs, the newest first, and leads one still on to the stove', () => {
    const on: Run = { ...started, id: 'r2', startedAt: '2026-11-22T10:00:00Z' };
    keep({ ...HOME, runs: [{ ...RUN, note: 'A good one.' }, on] });
    render(<LogScreen />);
    const [first, second] = within(screen.getByRole('list', { name: 'Runs' })).getAllByRole('link');
    expect(first?.getAttribute('href')).toBe('/stove/r2');
    expect(first?.textContent).toContain('on the stove');
    expect(second?.getAttribute('href')).toBe('/log/r1');
    expect(second?.textContent).toContain('A good one.');
    expect(second?.textContent).toContain('2 h 30 min of');
  });
});

describe('a run', () => {
  beforeEach(() => {
    keep({ ...HOME, runs: [RUN] });
    render(<RunScreen id="r1" />);
  });
  const run = (): Run => kept().runs[0] as Run;

  it('compares what was foretold with what happened', () => {
    const warm = screen.getByRole('row', { name: /Warm-up/ }).textContent ?? '';
    expect(warm).toContain('25 min');
    const gap = Math.round(25 - (RUN.predicted.steps[0]?.warmUpMin ?? 0));
    expect(warm).toContain(`${gap >= 0 ? '+' : '−'}${Math.abs(gap)} min`);
    expect(screen.getByRole('row', { name: /Lid to table/ }).textContent).toContain('2 h 30 min');
  });

  it('keeps a verdict for each ingredient, and asks none of the liquid', async () => {
    expect(screen.queryByRole('radiogroup', { name: 'Verdict on water' })).toBeNull();
    const barley = screen.getByRole('radiogroup', { name: 'Verdict on pearl barley' });
    await user.click(within(barley).getByRole('radio', { name: 'over' }));
    const leek = screen.getByRole('radiogroup', { name: 'Verdict on leek' });
    await user.click(within(leek).getByRole('radio', { name: 'right' }));
    expect(run().verdicts).toEqual({ i2: 'over', i5: 'right' });
    await user.click(within(barley).getByRole('radio', { name: 'right' }));
    expect(run().verdicts).toEqual({ i2: 'right', i5: 'right' });
  });

  it('keeps what to change, and a note that can be emptied again', async () => {
    await user.click(screen.getByRole('button', { name: 'Hold: more' }));
    await user.click(screen.getByRole('button', { name: 'Hold: more' }));
    await user.click(screen.getByRole('button', { name: 'Water: less' }));
    expect(run().nextTime).toEqual({ holdMin: 2, waterMl: -50 });
    const note = screen.getByLabelText('Note');
    await user.type(note, 'Less water.');
    await user.tab();
    expect(run().note).toBe('Less water.');
    await user.clear(note);
    await user.tab();
    expect(run()).not.toHaveProperty('note');
  });

  it('cooks again with the changes, as a batch of its own', async () => {
    await user.click(screen.getByRole('button', { name: 'Hold: less' }));
    await user.click(screen.getByRole('button', { name: 'Water: more' }));
    await user.type(screen.getByLabelText('Note'), 'Bay leaf twice.');
    await user.click(screen.getByRole('button', { name: 'Cook again with these changes' }));
    const batch = kept().batches.find((b) => b.fromRun === 'r1');
    if (!batch) throw new Error('no batch');
    expect(stepsOf(batch)[0]).toMatchObject({ holdMin: 59 });
    expect(waterL(batch)).toBeCloseTo(waterL(REFERENCE) + 0.05, 3);
    expect(batch.note).toBe('Bay leaf twice.');
    expect(kept().batches).toHaveLength(2);
    expect(push).toHaveBeenCalledWith(`/bench/${batch.id}`);
  });
});

it('a run that is gone is said to be gone', () => {
  keep(HOME);
  render(<RunScreen id="nowhere" />);
  expect(screen.getByRole('heading', { name: 'This run is not here' })).toBeTruthy();
});
