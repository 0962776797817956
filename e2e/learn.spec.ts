import type { Page } from '@playwright/test';
import { accessible, bringIn, expect, test } from './fixtures';
import { core } from './tools/liveCook';

const SLOW = { timeout: 40_000 };

interface Season {
  readonly household: { readonly cooks: readonly { readonly id: string }[] };
  readonly fourthMin: number;
}

/** The sample kitchen with three cooks of a weak heater in its log, and what a fourth takes, min. */
const season = (batch: string, power: number): Season =>
  core<Season>(['season', batch, String(power)]);

async function bringInstead(page: Page, household: unknown): Promise<void> {
  await page.goto('/');
  await bringIn(page, 'home.json', JSON.stringify(household));
  await page.getByRole('tab', { name: 'Replace' }).click();
  await page.getByRole('button', { name: 'Replace everything' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

/** The range of a plan's time, as it stands once it is drawn. */
async function bandOf(page: Page, batch: string) {
  await page.goto(`/bench/${batch}`);
  const readings = page.getByLabel('Readings');
  const shown = readings.getByText(/^\d+ to \d+, 8 in 10$/);
  await expect(shown).toBeVisible(SLOW);
  const text = (await shown.textContent()) ?? '';
  const [from = 0, to = 0] = text.match(/\d+/g)?.map(Number) ?? [];
  return { text, from, to };
}

test('three cooks with a weak heater narrow the fourth’s band, and left out they bring the old one back', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const { household, fourthMin } = season('b5', 0.8);
  const { cooks } = household;
  await bringInstead(page, { ...household, cooks: [] });
  const before = await bandOf(page, 'b5');
  await page.goto('/');
  await bringInstead(page, household);

  // Each lesson is worked out by itself, and stands on its cook's page.
  for (const { id } of cooks) {
    await page.goto(`/log/${id}`);
    await expect(page.getByRole('region', { name: 'What it taught' })).toContainText(
      /This pot: \d+ % weaker than it is said to be/,
      SLOW,
    );
  }
  await accessible(page);
  const after = await bandOf(page, 'b5');
  expect(after.to - after.from).toBeLessThan(before.to - before.from);
  expect(fourthMin).toBeGreaterThan(after.from - 1);
  expect(fourthMin).toBeLessThan(after.to + 1);
  expect(fourthMin).toBeGreaterThan(before.to);
  await page.getByText('Where it comes from').click();
  await expect(page.getByText(/weaker than it is said to be, learned from 3 cooks/)).toBeVisible();

  await page.goto('/kitchen');
  const pot = page.getByTestId('pot-p1');
  await expect(pot.getByTestId('knowledge')).toContainText('by 3 cooks');
  await accessible(page);
  for (const { id } of cooks) {
    await page.goto(`/log/${id}`);
    await page.getByRole('button', { name: 'Leave this cook out' }).click();
    await page.getByRole('button', { name: 'the lid or the ring was wrong' }).click();
    await expect(page.getByText(/Nothing is learned from it/)).toBeVisible();
  }
  expect((await bandOf(page, 'b5')).text).toBe(before.text);
});

test('beans called hard twice ask for a longer hold, and forgotten they do not', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const { household } = season('b7', 1);
  await bringInstead(page, household);
  for (const id of ['w1', 'w2']) {
    await page.goto(`/log/${id}`);
    await page
      .getByRole('radiogroup', { name: 'Verdict on borlotti beans, dry' })
      .getByRole('radio', { name: 'under' })
      .click();
    await expect(page.getByRole('region', { name: 'What it taught' })).toContainText(
      /Borlotti beans, dry: takes \d+ % longer than the table has it/,
      SLOW,
    );
  }
  await page.getByRole('button', { name: 'Cook again with these changes' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('region', { name: 'Learned since' })).toContainText(
    /Borlotti beans, dry takes \d+ % longer than the table has it, learned from 2 cooks/,
  );
  const offer = sheet.getByRole('checkbox');
  await expect(offer).toBeChecked(SLOW);
  await accessible(page);
  await sheet.getByRole('button', { name: 'Take it to the Bench' }).click();
  await expect(page).toHaveURL(/\/bench\//);
  const hold = page.getByRole('button', { name: /^hold \d+ min, change$/ });
  await expect(hold).toBeVisible();
  const minutes = Number(/\d+/.exec((await hold.getAttribute('aria-label')) ?? '')?.[0]);
  expect(minutes).toBeGreaterThan(17);

  await page.goto('/kitchen');
  await page.getByRole('button', { name: /^Forget what was learned of borlotti/ }).click();
  await expect(page.getByText(/^Forgotten: borlotti beans, dry/)).toBeVisible();
  await page.goto('/log/w2');
  await page.getByRole('button', { name: 'Cook again with these changes' }).click();
  await expect(sheet.getByRole('button', { name: 'Take it to the Bench' })).toBeEnabled(SLOW);
  await expect(sheet.getByRole('region', { name: 'Learned since' })).not.toContainText('Borlotti');
  await expect(offer).toHaveCount(0);
});

test('a kettle test tells of a pot that has never cooked', async ({ page }) => {
  const { household } = season('b5', 1);
  await page.clock.install({ time: new Date('2026-11-24T16:00:00Z') });
  await bringInstead(page, { ...household, cooks: [] });
  await page.goto('/kitchen');
  const pot = page.getByTestId('pot-p1');
  await expect(pot.getByTestId('knowledge')).toContainText('No cook has told of it yet');
  await pot.getByRole('button', { name: 'Kettle test' }).click();
  await expect(page.getByRole('region', { name: 'Kettle test' })).toContainText('1 L of water');
  await accessible(page);
  const press = (name: string) => page.getByRole('button', { name }).click();
  await press('Lid locked');
  await page.clock.fastForward('13:30');
  await press('At pressure');
  await press('Enough: end the test here');
  await expect(page).toHaveURL(/\/log\//);
  await page.clock.runFor('00:05');
  await expect(page.getByRole('region', { name: 'What it taught' })).toContainText(
    /This pot: .*by 1 cook/,
    SLOW,
  );
  await page.goto('/kitchen');
  await expect(pot.getByTestId('knowledge')).toContainText('A kettle test is one of them.');
});
