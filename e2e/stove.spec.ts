import { accessible, expect, test } from './fixtures';

test('nothing serious by axe at any stage of the stove', async ({ page }) => {
  await page.goto('/bench/b4');
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  const presses = [
    'Lid locked',
    'At pressure',
    'End the hold now',
    'Valve opened',
    'Pin down',
    'Lid off',
  ];
  for (const name of presses) {
    await accessible(page);
    await page.getByRole('button', { name }).click();
    await expect(page.getByRole('button', { name })).toBeHidden();
  }
  await expect(page.getByRole('heading', { name: 'To the table' })).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: 'Write it in the log' }).click();
  await expect(page.getByRole('heading', { name: 'How was it?' })).toBeVisible();
  await accessible(page);
});
