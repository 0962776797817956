import { accessible, expect, test } from './fixtures';

test('nothing serious by axe at any stage of the stove, and what is said of it is kept', async ({
  page,
}) => {
  await page.goto('/bench/b4');
  await page.getByRole('button', { name: 'Start cooking' }).click();
  // This plan stands over the foam line: it goes on the stove only with a reason, which stays in sight.
  await expect(page.getByRole('button', { name: 'Cook it anyway' })).toBeDisabled();
  await accessible(page);
  await page.getByLabel('Why you cook it anyway').fill('in the yard');
  await page.getByRole('button', { name: 'Cook it anyway' }).click();
  await expect(page.getByRole('region', { name: 'Cooked despite a warning' })).toContainText(
    'in the yard',
  );
  const presses = [
    'Lid locked',
    'At pressure',
    /^(?:End the hold now|Heat off)$/,
    'Valve opened',
    'Pin down',
    'Lid off',
  ];
  for (const name of presses) {
    await accessible(page);
    const button = page.getByRole('button', { name, exact: true });
    await button.click();
    await expect(button).toBeHidden();
  }
  await expect(page.getByRole('heading', { name: 'Serve' })).toBeVisible();
  // By the marks nothing has cooked: it is served only with another reason.
  await expect(page.getByRole('region', { name: 'Do not serve it yet' })).toContainText('74 °C');
  await accessible(page);
  await page.getByLabel('Why you serve it anyway').fill('nobody eats it');
  await page.getByRole('button', { name: 'Serve it anyway' }).click();
  await page.getByRole('button', { name: 'Write it in the log' }).click();
  await expect(page.getByRole('heading', { name: 'How was it?' })).toBeVisible();
  await accessible(page);

  // The answer outlives the page.
  const verdict = page
    .getByRole('radiogroup', { name: 'Verdict on carrot' })
    .getByRole('radio', { name: 'over' });
  await verdict.click();
  await page.getByLabel('Note').fill('Two minutes less.');
  await page.getByRole('heading', { name: 'Next time' }).click();
  await page.reload();
  await expect(verdict).toBeChecked();
  await expect(page.getByLabel('Note')).toHaveValue('Two minutes less.');
});
