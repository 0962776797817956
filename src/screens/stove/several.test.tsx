/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import type { Cook } from '@/core/batch/schema';
import { batchOf, item, pressure } from '@/core/testing/kitchen';
import { markAt } from '@/core/testing/marks';
import { cookOf } from '@/core/testing/cooks';
import { fixedClock, type FixedClock } from '@/session/clock';
import { ClockContext } from '@/ui/clock';
import { rehearsalsOf, saveRehearsal } from '@/ui/household';
import { HOME, keep, kept } from '@/ui/testing/household';
import { been } from '@/ui/testing/navigation';
import { culpritWords, decisionWords } from './practice/debriefWords';
import { StoveIndex } from './StoveIndex';
import { StoveScreen } from './StoveScreen';

const START = '2026-11-24T16:00:00.000Z';
const SOUP = {
  ...batchOf([item('w', 'water', 1.5, 'l')], [pressure(20, { method: 'quick' })]),
  id: 'soup',
  name: 'The soup',
  alongside: [{ id: 't1', words: 'rice apart', minutes: 8 }],
};
const STOCK = {
  ...batchOf([item('w', 'water', 2, 'l')], [pressure(5, { method: 'quick' })]),
  id: 'stock',
  name: 'The stock',
};
const mark = (kind: Cook['marks'][number]['kind'], min: number): Cook['marks'][number] =>
  markAt(kind, new Date(Date.parse(START) + min * 60000).toISOString());
const soup = {
  ...cookOf('c1', SOUP, START),
  marks: [mark('lid-locked', 0), mark('at-pressure', 15)],
};
const stock = {
  ...cookOf('c2', STOCK, START),
  marks: [mark('lid-locked', 1), mark('at-pressure', 20)],
};

let clock: FixedClock;
beforeEach(() => {
  clock = fixedClock(Date.parse(START) + 21 * 60000);
  keep({ ...HOME, batches: [SOUP, STOCK], cooks: [soup, stock] });
});
afterEach(cleanup);

const show = (id: string) =>
  render(
    <ClockContext value={clock}>
      <StoveScreen id={id} />
    </ClockContext>,
  );
const moves = () => within(screen.getByRole('list', { name: 'Next moves of all pots' }));

describe('two pots and a pan', () => {
  it('are one list by the clock, each pot with its sign', () => {
    show('c1');
    const others = screen.getByRole('navigation', { name: 'Pots that are on' });
    expect(within(others).getByRole('link').textContent).toMatch(/▲ The stock16:25 Open the valve/);
    const said = moves()
      .getAllByRole('listitem')
      .map((row) => row.textContent ?? '');
    expect(said[0]).toMatch(/The stock: .*Open the valve/);
    expect(said.findIndex((row) => /rice apart: begin/i.test(row))).toBeGreaterThan(-1);
  });

  it('tell a pot that is due while another stands large', () => {
    show('c1');
    act(() => clock.moveTo(Date.parse(START) + 25.5 * 60000));
    expect(
      within(screen.getByRole('navigation', { name: 'Pots that are on' })).getByRole('link')
        .textContent,
    ).toContain('now: Open the valve');
    expect(moves().getAllByRole('listitem')[0]?.textContent).toMatch(/^now/);
  });

  it('mark what is done alongside', () => {
    show('c1');
    fireEvent.click(screen.getByRole('button', { name: 'Begun: rice apart' }));
    expect(kept().cooks[0]?.marks.at(-1)).toMatchObject({
      kind: 'task-begun',
      item: 't1',
      step: null,
    });
    act(() => clock.moveTo(clock.now() + 8.5 * 60000));
    fireEvent.click(screen.getByRole('button', { name: 'Done: rice apart' }));
    expect(kept().cooks[0]?.marks.at(-1)).toMatchObject({ kind: 'task-done', item: 't1' });
    expect(screen.queryByText(/rice apart: ready/i)).toBeNull();
  });

  it('say which valve comes first where two come together', () => {
    keep({
      ...HOME,
      cooks: [soup, { ...stock, marks: [mark('lid-locked', 1), mark('at-pressure', 30.5)] }],
    });
    clock = fixedClock(Date.parse(START) + 31 * 60000);
    show('c1');
    expect(screen.getByText(/Two valves within 2 min at 16:35: open The soup first/)).toBeTruthy();
  });

  it('open with the one whose move is next', () => {
    render(
      <ClockContext value={clock}>
        <StoveIndex />
      </ClockContext>,
    );
    expect(been()).toEqual(['/stove/c2']);
  });
});

describe('rehearsals', () => {
  const standIn = { seed: 1, times: 60, wallAt: START, cookAt: START };
  const rehearsal = (id: string, more: Partial<Cook> = {}): Cook => ({
    ...cookOf(id, SOUP, START),
    standIn,
    rehearsal: {},
    ...more,
  });

  it('are kept by the last ten, and one that was left goes', () => {
    keep({ ...HOME, cooks: [soup, rehearsal('left')] });
    for (let n = 0; n < 14; n++) {
      const at = new Date(Date.parse(START) + n * 60000).toISOString();
      saveRehearsal(rehearsal(`r${n}`, { startedAt: at, endedAt: at }));
    }
    const { cooks } = kept();
    expect(cooks.filter((c) => c.rehearsal)).toHaveLength(10);
    expect(cooks.some((c) => c.id === 'left')).toBe(false);
    expect(cooks.some((c) => c.id === 'c1')).toBe(true);
    expect(rehearsalsOf(cooks, 'soup')[0]?.id).toBe('r13');
    expect(rehearsalsOf(cooks, 'stock')).toEqual([]);
  });

  it('are told in words: what was, what the move was, what it cost', () => {
    const outcome = {
      tableMin: 90,
      verdicts: { w: 'right' as const },
      scorched: false,
      brothL: 1,
      unsafe: [],
    };
    const then = { ...outcome, tableMin: 50, brothL: 1.4 };
    const decision = {
      kind: 'fault' as const,
      fault: 'valve' as const,
      atS: 1200,
      step: 's1',
      best: null,
      then,
      asPlanned: then,
      left: outcome,
      cost: 0.8,
    };
    const told = {
      mishaps: [],
      outcome,
      decisions: [decision],
      culprit: decision,
      truth: { minute: [], liquidC: [] },
    };
    const cook = rehearsal('r');
    expect(decisionWords(decision, cook, 'metric')).toEqual({
      at: '16:20',
      what: 'Steam came from the open valve',
      best: 'Put it right at once',
      cost: '40 min later, 0.4 L less broth',
    });
    expect(culpritWords(told, cook, 'metric')).toBe(
      '16:20. Steam came from the open valve. The move was: put it right at once. It cost: 40 min later, 0.4 L less broth.',
    );
    expect(culpritWords({ ...told, culprit: null }, cook, 'metric')).toBe(
      'Nothing went wrong, and nothing was made worse.',
    );
    expect(culpritWords({ ...told, culprit: 'old-beans' }, cook, 'metric')).toContain(
      'No choice of yours',
    );
  });
});
