import { readFileSync } from 'node:fs';
import type { Bundle } from '../src/core';
import { largeHousehold, TWENTY_YEARS } from '../src/core/testing/large';
import { accessible, expect, test } from './fixtures';

test('twenty years of cooking are brought in, scrolled through, and edited', async ({ page }) => {
  const sample = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
  const { batches, cooks } = largeHousehold(sample);
  await page.goto('/');
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Bring in a file' }).click();
  await page.getByLabel('A Retort file (.json)').setInputFiles({
    name: 'years.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...sample, batches, cooks })),
  });
  await expect(page.getByText(/more/)).toBeVisible();
  await page.getByRole('button', { name: 'Merge it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);

  const planned = page.getByRole('list', { name: 'Planned batches' });
  await expect(planned.getByRole('listitem').first()).toHaveAttribute(
    'aria-setsize',
    String(TWENTY_YEARS.batches + sample.batches.length),
  );
  expect(await planned.getByRole('listitem').count()).toBeLessThan(60);
  await accessible(page);

  await page.getByRole('link', { name: 'Log', exact: true }).click();
  const runs = page.getByRole('list', { name: 'Runs' });
  await expect(runs.getByRole('listitem').first()).toHaveAttribute('aria-posinset', '1');
  await page.keyboard.press('End');
  const last = String(TWENTY_YEARS.cooks + sample.cooks.length);
  await expect(runs.locator(`[aria-posinset="${last}"]`)).toBeVisible();
  expect(await runs.getByRole('listitem').count()).toBeLessThan(60);

  // The household is there after a reload, with the change that followed.
  await page.getByRole('link', { name: 'Batches' }).click();
  await planned.locator('[aria-posinset="1"]').getByRole('link').click();
  await page.getByLabel('Name of the batch').fill('Of twenty years');
  await page.getByLabel('Name of the batch').press('Enter');
  await page.getByRole('link', { name: 'Batches' }).click();
  await expect(planned.getByText('Of twenty years')).toBeVisible();
  await page.reload();
  await expect(planned.getByText('Of twenty years')).toBeVisible();
});
