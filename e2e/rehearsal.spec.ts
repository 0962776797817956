import { accessible, expect, test } from './fixtures';

test('a drill is begun on the Bench, looked back on, and found there again', async ({ page }) => {
  const open = async (): Promise<void> => {
    await expect(page.getByText(/usually \d+ to \d+ min/)).toBeVisible();
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: 'Practice run' }).click();
  };
  const press = (name: string): Promise<void> =>
    page.getByRole('button', { name, exact: true }).click();
  const cameDownTo = page.getByRole('region', { name: 'What it came down to' });

  await page.goto('/bench/b7');
  await open();
  await page.getByRole('button', { name: 'Everything clean' }).click();
  await press('240×');
  await press('Lid locked');
  await expect(page.getByTestId('face')).toContainText('heating');
  await press('1×');
  await accessible(page);
  await press('End the practice run');
  await expect(cameDownTo).toBeVisible();
  await accessible(page);

  // It is in no log, and is found where it was begun.
  await page.getByRole('link', { name: 'Log' }).click();
  await expect(page.getByRole('list', { name: 'Runs' }).getByRole('listitem')).toHaveCount(24);
  await page.getByRole('link', { name: 'Batches' }).click();
  await expect(page.getByRole('heading', { name: 'Batches', level: 1 })).toBeVisible();
  await page
    .getByRole('link', { name: /Borlotti and venison chili/ })
    .first()
    .click();
  await open();
  await page.getByRole('link', { name: /Everything clean/ }).click();
  await expect(cameDownTo).toBeVisible();
});
