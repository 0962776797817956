/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { act, cleanup, render, screen, waitFor, within } from '@testing-library/react';
import type { Cook, MarkKind } from '@/core/batch/schema';
import { batchOf, item, pressure, STOVETOP } from '@/core/testing/kitchen';
import { cookOf } from '@/core/testing/cooks';
import { markAt } from '@/core/testing/marks';
import { fixedClock, type FixedClock } from '@/session/clock';
import { ClockContext } from '@/ui/clock';
import { HOME, keep } from '@/ui/testing/household';
import { StoveScreen } from './StoveScreen';

const START = '2026-11-24T16:00:00.000Z';
const MIN = 60_000;
const SOUP = {
  ...batchOf(
    [item('w', 'water', 1.5, 'l'), item('c', 'carrot', 3, 'piece')],
    [pressure(12, { method: 'timed', afterMin: 5 }), { id: 's2', kind: 'simmer', minutes: 6 }],
  ),
  id: 'soup',
  name: 'The soup',
  alongside: [{ id: 't1', words: 'rice apart', minutes: 8 }],
};
const OTHER = {
  ...batchOf([item('w', 'water', 2, 'l')], [pressure(60, { method: 'natural' })]),
  id: 'stock',
  name: 'The stock',
};
const other = { ...cookOf('c2', OTHER, START), marks: [markAt('lid-locked', START)] };

let clock: FixedClock;
afterEach(cleanup);

const show = (id: string, cook: Cook): void => {
  cleanup();
  // Nobody was away.
  localStorage.clear();
  keep({ ...HOME, batches: [SOUP, OTHER], cooks: [cook, other] });
  render(
    <ClockContext value={clock}>
      <StoveScreen id={id} />
    </ClockContext>,
  );
};

const TIME = /\d\d:\d\d/;
const timeIn = (text: string | null | undefined): string => TIME.exec(text ?? '')?.[0] ?? 'now';

/** The time of a row that says something; null where none does. */
function rowTime(list: string, says: string): string | null {
  const found = screen.queryByRole('list', { name: list });
  const row = found
    ? within(found)
        .queryAllByRole('listitem')
        .find(
          ({ textContent: text }) =>
            text?.includes(says) && !text.includes('The stock') && !text.startsWith('✓'),
        )
    : undefined;
  return row ? timeIn(row.textContent) : null;
}

/** A cook as it goes, by the minute at which each mark is made: in time, late, early. */
const GOES: Readonly<Record<string, readonly (readonly [MarkKind, number])[]>> = {
  'in time': [
    ['lid-locked', 3],
    ['at-pressure', 18],
    ['valve-opened', 35],
    ['pin-down', 37],
    ['lid-off', 38],
  ],
  late: [
    ['lid-locked', 9],
    ['at-pressure', 34],
    ['valve-opened', 63],
    ['pin-down', 69],
    ['lid-off', 78],
  ],
  early: [
    ['lid-locked', 1],
    ['at-pressure', 9],
    ['valve-opened', 21],
    ['pin-down', 22],
    ['lid-off', 22.5],
  ],
};

describe.each(Object.entries(GOES))('a cook that is %s', (_, marks) => {
  it.each(['electric', 'stovetop'] as const)(
    'tells one time of each move, at every stage, on a pot that is %s',
    async (kind) => {
      const base = cookOf('c1', SOUP, START);
      const cook = kind === 'stovetop' ? { ...base, pot: { ...STOVETOP, id: 'other' } } : base;
      for (let n = 0; n <= marks.length; n++) {
        const done = marks
          .slice(0, n)
          .map(([mark, minute]) =>
            markAt(mark, new Date(Date.parse(START) + minute * MIN).toISOString()),
          );
        const last = marks[n - 1]?.[1] ?? 0;
        clock = fixedClock(Date.parse(START) + (last + 0.7) * MIN);
        const now: Cook = { ...cook, marks: [...cook.marks, ...done] };
        show('c1', now);
        // Beliefs come from a worker, and every page waits for the same one.
        await waitFor(() =>
          expect(screen.getByRole('region', { name: 'Ready at' }).textContent).toMatch(/usually/),
        );
        act(() => clock.moveTo(clock.now() + 1000));
        const table = screen.getByTestId('table').textContent;
        const listed = rowTime('Next moves of all pots', 'Serve');
        if (listed !== null && listed !== 'now') expect(listed).toBe(table);
        for (const title of ['Open the valve', 'Open the lid', 'Simmer without the lid']) {
          const stage = rowTime('Stages', title);
          const move = rowTime('Next moves of all pots', title);
          if (stage === null || move === null || stage === 'now' || move === 'now') continue;
          // A step that has minutes is listed as it begins, and due when it is over.
          if (title !== 'Simmer without the lid' || n < marks.length) expect(move).toBe(stage);
        }
        const moves = screen.getByRole('list', { name: 'Next moves of all pots' });
        const own = within(moves)
          .getAllByRole('listitem')
          .map((row) => row.textContent ?? '')
          .find((text) => !text.includes('The stock'));
        // The same move and the same time on the tab of the pot, from the other's page.
        show('c2', now);
        const tab = screen
          .getByRole('navigation', { name: 'Pots that are on' })
          .querySelector('a')?.textContent;
        expect(timeIn(tab)).toBe(timeIn(own));
      }
    },
  );
});
