/** @jest-environment jsdom */
import { markAt } from '@/core/testing/marks';
import 'fake-indexeddb/auto';
import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import type { Mark, MarkKind, Cook } from '@/core/batch/schema';
import { stepsOf, waterL } from '@/core/batch/plan';
import { batchOf, item, KITCHEN, pressure, REFERENCE } from '@/core/testing/kitchen';
import { HOME, keep, kept } from '@/ui/testing/household';
import { been, begin } from '@/ui/testing/navigation';
import { LogScreen } from './LogScreen';
import { CookScreen } from './CookScreen';
import { cookOf } from '@/core/testing/cooks';

const user = userEvent.setup();
const at = (min: number): string =>
  new Date(Date.parse('2026-11-20T16:00:00Z') + min * 60000).toISOString();
const mark = (kind: MarkKind, min: number): Mark => markAt(kind, at(min));

const started = cookOf('r1', REFERENCE, at(0));
const RUN: Cook = {
  ...started,
  marks: [...started.marks, mark('lid-locked', 5), mark('at-pressure', 30), mark('pin-down', 130)],
  endedAt: at(155),
};

afterEach(() => {
  cleanup();
  begin();
});

describe('the log', () => {
  it('says how to begin when nothing is cooked', () => {
    keep(HOME);
    render(<LogScreen />);
    expect(screen.getByText('Nothing cooked yet.')).toBeTruthy();
  });

  it('lists runs, the newest first, and leads one still on to the stove', () => {
    const on: Cook = { ...started, id: 'r2', startedAt: '2026-11-22T10:00:00Z' };
    keep({ ...HOME, cooks: [{ ...RUN, note: 'A good one.' }, on] });
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
    keep({ ...HOME, cooks: [RUN] });
    render(<CookScreen id="r1" />);
  });
  const cook = (): Cook => kept().cooks[0] as Cook;

  it('compares what was predicted with what happened', () => {
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
    expect(cook().verdicts).toEqual({ i2: 'over', i5: 'right' });
    await user.click(within(barley).getByRole('radio', { name: 'right' }));
    expect(cook().verdicts).toEqual({ i2: 'right', i5: 'right' });
  });

  it('keeps what to change, and a note that can be emptied again', async () => {
    await user.click(screen.getByRole('button', { name: 'Hold: more' }));
    await user.click(screen.getByRole('button', { name: 'Hold: more' }));
    await user.click(screen.getByRole('button', { name: 'Water: less' }));
    expect(cook().nextTime).toEqual({ holdMin: 2, waterMl: -50 });
    const note = screen.getByLabelText('Note');
    await user.type(note, 'Less water.');
    await user.tab();
    expect(cook().note).toBe('Less water.');
    await user.clear(note);
    await user.tab();
    expect(cook()).not.toHaveProperty('note');
  });

  it('cooks again with the changes, as a batch of its own', async () => {
    await user.click(screen.getByRole('button', { name: 'Hold: less' }));
    await user.click(screen.getByRole('button', { name: 'Water: more' }));
    await user.type(screen.getByLabelText('Note'), 'Bay leaf twice.');
    await user.click(screen.getByRole('button', { name: 'Cook again with these changes' }));
    const sheet = await screen.findByRole('dialog');
    // Listed before it is taken, with what the plan asks for where something was learned.
    expect(within(sheet).getByRole('region', { name: 'As you wanted' }).textContent).toContain(
      'hold 60 min',
    );
    const take = within(sheet).getByRole('button', { name: 'Take it to the Bench' });
    await waitFor(() => expect(take).toHaveProperty('disabled', false), { timeout: 20_000 });
    await user.click(take);
    const batch = kept().batches.find((b) => b.fromCook === 'r1');
    if (!batch) throw new Error('no batch');
    expect(stepsOf(batch)[0]).toMatchObject({ holdMin: 59 });
    expect(waterL(batch)).toBeCloseTo(waterL(REFERENCE) + 0.05, 3);
    expect(batch.note).toBe('Bay leaf twice.');
    expect(kept().batches).toHaveLength(2);
    expect(been()).toEqual(['/', `/bench/${batch.id}`]);
  });
});

it('a cook that is gone is said to be gone', () => {
  keep(HOME);
  render(<CookScreen id="nowhere" />);
  expect(screen.getByRole('heading', { name: 'This cook is not here' })).toBeTruthy();
});

describe('the runs of a broth', () => {
  const broth = batchOf(
    [item('b', 'veal-knuckle', 1.2, 'kg'), item('w', 'water', 2.6, 'l')],
    [pressure(60), { id: 'end', kind: 'strain' }],
    { kind: 'broth' },
  );
  const cooked: Cook = {
    ...cookOf('r1', broth, at(0)),
    endedAt: at(120),
  };
  const yields = () => (kept().cooks[0] as Cook).yields;

  it('take the litres read off the pot and the set of the next day', async () => {
    keep({ ...HOME, cooks: [cooked] });
    render(<CookScreen id="r1" />);
    await user.type(screen.getByLabelText('Broth 1, L'), '2,35');
    expect(yields()).toEqual([{ run: 1, litres: 2.35 }]);
    await user.click(screen.getByRole('radio', { name: 'soft jelly' }));
    expect(yields()).toEqual([{ run: 1, litres: 2.35, set: 'soft set' }]);
    await user.clear(screen.getByLabelText('Broth 1, L'));
    expect(yields()).toEqual([{ run: 1, set: 'soft set' }]);
  });

  it('are called right as they set; another set is another question', async () => {
    keep({ ...HOME, cooks: [cooked] });
    render(<CookScreen id="r1" />);
    expect(screen.queryByRole('checkbox', { name: /Just as I want it/ })).toBeNull();
    await user.click(screen.getByRole('radio', { name: 'soft jelly' }));
    await user.click(screen.getByRole('checkbox', { name: /Just as I want it.*broth 1/ }));
    expect(yields()).toEqual([{ run: 1, set: 'soft set', right: true }]);
    await user.click(screen.getByRole('checkbox', { name: /Just as I want it/ }));
    expect(yields()).toEqual([{ run: 1, set: 'soft set' }]);
    await user.click(screen.getByRole('checkbox', { name: /Just as I want it/ }));
    await user.click(screen.getByRole('radio', { name: 'firm jelly' }));
    expect(yields()).toEqual([{ run: 1, set: 'holds a cut' }]);
  });

  it('say what is no number, and keep what was there', async () => {
    keep({ ...HOME, cooks: [{ ...cooked, yields: [{ run: 1, litres: 2 }] }] });
    render(<CookScreen id="r1" />);
    const field = screen.getByLabelText('Broth 1, L');
    expect(field).toHaveProperty('value', '2');
    await user.clear(field);
    await user.type(field, 'two');
    expect(screen.getByText('Enter a number from 0 to 100 L')).toBeTruthy();
    expect(yields()).toEqual([]);
  });

  it('are in quarts where the kitchen has them', async () => {
    keep({ ...HOME, kitchen: { ...KITCHEN, units: 'us' }, cooks: [cooked] });
    render(<CookScreen id="r1" />);
    await user.type(screen.getByLabelText('Broth 1, qt'), '2.5');
    expect(yields()?.[0]?.litres).toBeCloseTo(2.366, 3);
  });

  it('are not asked for after a soup', () => {
    keep({ ...HOME, cooks: [RUN] });
    render(<CookScreen id="r1" />);
    expect(screen.queryByText('The broths')).toBeNull();
  });
});
