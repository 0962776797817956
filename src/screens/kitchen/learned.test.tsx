/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import type { Cook } from '@/core/batch/schema';
import { POT } from '@/core/testing/kitchen';
import {
  DISHES,
  happened,
  hiddenCook,
  hiddenPot,
  judgedCook,
  markedCook,
} from '@/core/testing/kitchens';
import { seeded } from '@/core/unknown';
import { HOME, keep, kept } from '@/ui/testing/household';
import { been, begin } from '@/ui/testing/navigation';
import { KitchenScreen } from './KitchenScreen';

const user = userEvent.setup();
const chance = seeded(3);
const truth = hiddenPot(POT, chance).map((v, i) => (i === 3 ? Math.log(0.86) : i < 3 ? 0 : v));
const COOKS: readonly Cook[] = [0, 1, 2].map((day) => {
  const dish = DISHES[day] as (typeof DISHES)[number];
  return markedCook(POT, dish, day, happened(POT, dish, hiddenCook(truth, dish, chance)), chance, {
    noiseS: 10,
    late: 0,
    lateS: 0,
    missing: 0,
  });
});
const BEANS = [0, 1].map((day) => judgedCook(20 + day, { holds: [12, 6], tested: true }, 1.4));

function open(cooks: readonly Cook[]): void {
  keep({ ...HOME, cooks });
  render(<KitchenScreen />);
}
const pot = () => within(screen.getByTestId('pot-p1'));
const knowledge = (): string => pot().getByTestId('knowledge').textContent ?? '';

afterEach(() => {
  cleanup();
  begin();
});

describe('what is known of a pot', () => {
  it('is honest where no cook has told of it', async () => {
    open([]);
    expect(knowledge()).toContain('Not measured yet: 90 to 111 %');
    expect(pot().getByRole('img').getAttribute('aria-label')).toContain('now 90 to 111 %');
    expect(pot().queryByText('Forget all this')).toBeNull();
    expect(await screen.findByText(/^Nothing yet. Say in the log/)).toBeTruthy();
  });

  it('is told with its spread and its cooks, one of which is left out and taken in again', async () => {
    open(COOKS);
    const before = knowledge();
    expect(before).toMatch(/^(8[5-9]|9[0-4]) % of the power on its label, by 3 cooks/);
    await user.click(
      pot().getAllByRole('button', { name: 'Leave this cook out' })[0] as HTMLElement,
    );
    await user.type(pot().getByLabelText(/^Why should Retort learn nothing/), 'another burner');
    await user.click(pot().getByRole('button', { name: 'Leave out' }));
    await waitFor(() => expect(knowledge()).toContain('by 2 cooks'));
    expect(kept().cooks.filter((cook) => cook.leftOut?.reason === 'another burner')).toHaveLength(
      1,
    );
    await user.click(pot().getByRole('button', { name: 'Learn from it again' }));
    await waitFor(() => expect(knowledge()).toBe(before));
    expect(kept().cooks.some((cook) => 'leftOut' in cook)).toBe(false);
  });

  it('is forgotten and believed again', async () => {
    open(COOKS);
    const before = knowledge();
    await user.click(pot().getByRole('button', { name: 'Forget all this' }));
    await waitFor(() => expect(knowledge()).toContain('Not measured yet'));
    await user.click(pot().getByRole('button', { name: 'Use it again' }));
    await waitFor(() => expect(knowledge()).toBe(before));
    expect(kept().kitchen).not.toHaveProperty('forgotten');
  });

  it('is asked for by a kettle test, which goes on the stove', async () => {
    open([]);
    await user.click(pot().getByRole('button', { name: 'Kettle test' }));
    await waitFor(() => expect(kept().cooks).toHaveLength(1), { timeout: 10_000 });
    const [test] = kept().cooks;
    expect(test).toMatchObject({ kettle: true, batch: { name: 'Kettle test' } });
    await waitFor(() => expect(been()).toEqual(['/', `/stove/${test?.id}`]));
    // One at a time in a pot.
    expect(pot().getByRole('button', { name: 'Kettle test' })).toHaveProperty('disabled', true);
  });
});

describe('what is learned of foods', () => {
  it('stands with its spread, and is forgotten by itself', async () => {
    open(BEANS);
    const row = await screen.findByTestId('learned-food borlotti');
    expect(row.textContent).toMatch(/takes \d\d % longer than usual \(\d+ to \d+ %/);
    await user.click(screen.getByRole('button', { name: /^Forget what was learned of borlotti/ }));
    await waitFor(() => expect(screen.queryByTestId('learned-food borlotti')).toBeNull());
    await user.click(screen.getByRole('button', { name: 'Use it again' }));
    await waitFor(() => expect(screen.getByTestId('learned-food borlotti')).toBeTruthy());
  });

  it('is folded away where the table has it so', async () => {
    const same = judgedCook(30, { holds: [17], tested: true }, 1);
    open([same, judgedCook(31, { holds: [17], tested: true }, 1)]);
    expect(await screen.findByText(/^1 as usual$/)).toBeTruthy();
  });
});
