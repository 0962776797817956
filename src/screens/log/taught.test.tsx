/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { stepsOf } from '@/core/batch/plan';
import type { Cook } from '@/core/batch/schema';
import { judgedCook } from '@/core/testing/kitchens';
import { useApp } from '@/store';
import { useLessons } from '@/ui/learned/lessons';
import { HOME, keep, kept } from '@/ui/testing/household';
import { CookScreen } from './CookScreen';

const user = userEvent.setup();
// Kept too short, and called so, twice.
const HARD = [0, 1].map((day) => judgedCook(day, { holds: [9], tested: true }, 1.7));
const open = (cooks: readonly Cook[], id: string): void => {
  keep({ ...HOME, cooks });
  render(<CookScreen id={id} />);
};

afterEach(cleanup);

const taught = () => screen.getByRole('region', { name: 'What Retort learned from it' });

it('a cook says what it taught, and nothing any more once it is left out', async () => {
  open(HARD, 'b1');
  await waitFor(() =>
    expect(taught().textContent).toMatch(
      /Borlotti beans, dry: takes \d+ % longer than usual, by 2 cooks; before this cook \d+ % longer/,
    ),
  );
  await user.click(within(taught()).getByRole('button', { name: 'Leave this cook out' }));
  await user.click(within(taught()).getByRole('button', { name: 'the heat was different' }));
  await waitFor(() => expect(taught().textContent).toContain('Retort learns nothing from it'));
  expect(taught().textContent).not.toContain('Borlotti');
});

it('cooked again, the hold that was learned is listed and taken, or left', async () => {
  for (const leave of [false, true]) {
    open(HARD, 'b1');
    await user.click(screen.getByRole('button', { name: 'Cook again with these changes' }));
    const sheet = within(await screen.findByRole('dialog'));
    await waitFor(() =>
      expect(sheet.getByRole('region', { name: 'Learned since' }).textContent).toMatch(
        /Borlotti beans, dry takes \d+ % longer than usual, learned from 2 cooks/,
      ),
    );
    const offer = await sheet.findByRole('checkbox', {}, { timeout: 20_000 });
    if (leave) await user.click(offer);
    await user.click(sheet.getByRole('button', { name: 'Take it to the Bench' }));
    const batch = kept().batches.find((one) => one.fromCook === 'b1');
    if (!batch) throw new Error('no batch');
    const [first] = stepsOf(batch);
    if (first?.kind !== 'pressure') throw new Error('no hold');
    if (leave) expect(first.holdMin).toBe(9);
    else expect(first.holdMin).toBeGreaterThan(9);
    cleanup();
  }
});

it('the lesson of a cook that is over is worked out by itself, and is no step to undo', async () => {
  const { lesson: _, ...bare } = HARD[0] as Cook;
  keep({ ...HOME, cooks: [bare] });
  function Page() {
    useLessons(useApp((s) => s.household?.cooks));
    return null;
  }
  render(<Page />);
  await waitFor(() => expect(kept().cooks[0]?.lesson?.foods.length).toBeGreaterThan(0), {
    timeout: 8000,
  });
  expect(useApp.temporal.getState().pastStates).toHaveLength(0);
});
