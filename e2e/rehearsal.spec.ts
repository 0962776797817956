import type { Page } from '@playwright/test';
import { accessible, expect, test } from './fixtures';

const heading = (page: Page, name: string) => page.getByRole('heading', { name, exact: true });
const press = (page: Page, name: string): Promise<void> =>
  page.getByRole('button', { name, exact: true }).click();

async function open(page: Page, batch = 'b7'): Promise<void> {
  await page.goto(`/bench/${batch}`);
  await expect(page.getByText(/^\d+ to \d+, 8 in 10$/)).toBeVisible();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Rehearse it' }).click();
}

async function begin(page: Page, drill: string, batch?: string): Promise<void> {
  await open(page, batch);
  await page.getByRole('button', { name: drill }).click();
  await expect(heading(page, 'Put in and lock the lid')).toBeVisible();
  await press(page, '240×');
  await press(page, 'Lid locked');
}

/** Hands that do what is due, whatever went wrong, until it is over. */
async function toTheTable(page: Page): Promise<void> {
  const over = page.getByRole('button', { name: 'Look back on it' });
  await expect(async () => {
    for (const name of ['Valve opened', 'Pin down', 'Lid off']) {
      const button = page.getByRole('button', { name, exact: true });
      if (await button.isVisible()) await button.click({ timeout: 1000 });
    }
    // A simmer is left its minutes.
    const clock = page.getByTestId('clock');
    const late = (await clock.isVisible()) && (await clock.textContent())?.startsWith('+');
    const done = page.getByRole('button', { name: 'Done', exact: true });
    if (late && (await done.isVisible())) await done.click({ timeout: 1000 });
    await expect(over).toBeVisible({ timeout: 250 });
  }).toPass({ timeout: 100_000, intervals: [100] });
  await over.click();
  await expect(page.getByRole('region', { name: 'What it came down to' })).toBeVisible();
}

const cameDownTo = (page: Page) => page.getByRole('region', { name: 'What it came down to' });

async function putRight(page: Page, what: string): Promise<void> {
  await press(page, 'Mark what you see');
  await page.getByRole('dialog').getByRole('button', { name: what }).click();
}

test('a drill met well is told so', async ({ page }) => {
  await begin(page, 'Everything clean');
  const face = page.getByTestId('face');
  await expect(face).toContainText('heating');
  await expect(face).not.toContainText('steam');
  await expect(face).toContainText('steam from the valve', { timeout: 60_000 });
  await press(page, '1×');
  await accessible(page);
  await putRight(page, 'The valve was open: shut now');
  await press(page, '240×');
  await toTheTable(page);
  await expect(page.getByRole('region', { name: 'What was true' })).toContainText(
    'The valve was left open.',
  );
  await expect(cameDownTo(page)).not.toContainText('open valve');
  await accessible(page);

  // It is in no log, and is found where it was begun.
  await page.goto('/log');
  await expect(page.getByRole('list', { name: 'Runs' }).getByRole('listitem')).toHaveCount(24);
  await open(page);
  await page.getByRole('link', { name: /Everything clean/ }).click();
  await expect(cameDownTo(page)).toBeVisible();
});
