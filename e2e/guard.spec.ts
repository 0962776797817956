import type { Page } from '@playwright/test';
import { accessible, expect, putIn, test } from './fixtures';

const START = '2026-11-24T15:05:00Z';

/** Presses one button after another. */
async function press(page: Page, names: readonly string[]): Promise<void> {
  for (const name of names) await page.getByRole('button', { name, exact: true }).click();
}

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-24T15:00:00Z') });
  await page.goto('/');
});

test('a full pot with poultry not done goes on the stove only with a reason, which stays in sight', async ({
  page,
}) => {
  await page.goto('/bench/b5');
  await putIn(page, [['1.8 kg whole chicken, frozen', 'whole-chicken']]);
  await page.clock.pauseAt(new Date(START));
  await page.getByRole('button', { name: 'Start cooking' }).click();
  const gate = page.getByRole('dialog', { name: 'Fix this first' });
  await expect(gate).toContainText('Over the foam line');
  await expect(gate).toContainText('not safe yet');
  await expect(gate.getByRole('button', { name: 'Cook it anyway' })).toBeDisabled();
  await gate.getByLabel('Why you cook it anyway').fill('to see it foam');
  await gate.getByRole('button', { name: 'Cook it anyway' }).click();
  // On its first page, before anything is pressed.
  const spite = page.getByRole('region', { name: 'Cooked despite a warning' });
  await expect(spite).toContainText('Over the foam line: to see it foam');
  await expect(spite).toContainText('not safe yet');
  await expect(page.getByText('take some out before the lid goes on')).toBeVisible();
});

test('a pot that was forgotten for nine hours is asked about, and thrown out by its thermometer', async ({
  page,
}) => {
  await page.goto('/bench/b5');
  await page.clock.pauseAt(new Date(START));
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.getByRole('button', { name: 'Lid locked' }).click();
  await page.clock.fastForward('15:00');
  await page.getByRole('button', { name: 'At pressure' }).click();
  await page.clock.fastForward('15:00');
  await press(page, ['Valve opened', 'Pin down', 'Lid off']);
  await expect(page.getByRole('heading', { name: 'Serve' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Write it in the log' })).toBeVisible();
  await page.clock.fastForward('09:00:00');
  const asked = page.getByRole('region', { name: 'How warm is it now?' });
  await expect(asked).toBeVisible();
  await expect(page.getByRole('button', { name: 'Write it in the log' })).toBeHidden();
  await page.clock.resume();
  await accessible(page);
  await asked.getByLabel(/Its middle reads/).fill('31');
  await asked.getByRole('button', { name: 'Read just now' }).click();
  await expect(page.getByRole('region', { name: 'Throw it out' })).toContainText(
    'toxins that boiling does not undo',
  );
  await page.getByRole('button', { name: 'Thrown out' }).click();
  await expect(page).toHaveURL(/\/log\//);
  // Nothing of it fills a jar.
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Fill jars' }).click();
  await expect(page.getByRole('dialog')).not.toContainText('Red lentil and carrot, 24');
});

test('kidney beans cut short at the stove are not let to the table', async ({ page }) => {
  await page.goto('/bench/b5');
  await putIn(page, [['300 g red kidney beans, soaked', 'kidney-beans']]);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.getByRole('button', { name: 'Lid locked' }).waitFor();
  await page.clock.pauseAt(new Date(START));
  await page.getByRole('button', { name: 'Lid locked' }).click();
  await page.clock.fastForward('15:00');
  await press(page, [
    'At pressure',
    'End the hold now',
    'Valve opened early',
    'Pin down',
    'Lid off',
  ]);
  const door = page.getByRole('region', { name: 'Do not serve it yet' });
  await expect(door).toContainText('still toxic');
  await expect(door).toContainText('30 min of boiling');
  await expect(page.getByRole('button', { name: 'Write it in the log' })).toBeHidden();
  // It says what makes them fit to eat, and takes them there.
  await door.getByRole('button', { name: /Close again/ }).click();
  await expect(page.getByRole('heading', { name: 'Add the food and lock the lid' })).toBeVisible();
});

test('a recipe that asks for canning is told no, and where to turn', async ({ page }) => {
  await page.goto('/desk');
  await page
    .getByLabel('Paste a recipe')
    .fill(
      'Carrot soup\n500 g carrots\n1.2 l water\n\nCook at high pressure for 8 minutes, quick release.\nLadle into hot jars and process in a pressure canner for 75 minutes at 10 psi.\n',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  const told = page.getByRole('alert').filter({ hasText: 'Retort does not plan canning' });
  await expect(told).toContainText('nchfp.uga.edu');
  // The soup itself is planned, without 75 min of anything.
  const steps = page.getByRole('list', { name: 'Steps as understood' });
  await expect(steps).toContainText('8 min');
  await expect(steps).not.toContainText('75');
});
