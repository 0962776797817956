import type { Page } from '@playwright/test';
import { accessible, expect, test } from './fixtures';

const NOW = '2026-11-24T15:40:00Z';

/** The last plan of the sample at its open lid, by hand and all at once. */
async function open(page: Page, batch: string): Promise<void> {
  await page.goto(`/bench/${batch}`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  const lid = page.getByRole('button', { name: 'Lid locked' });
  await lid.click();
  for (const name of ['At pressure', /^(?:End the hold now|Heat off)$/, 'Pin down', 'Lid off'])
    await page.getByRole('button', { name }).click();
}

const shelf = (page: Page, name: 'Fridge' | 'Freezer') =>
  page.getByRole('region', { name, exact: true });

test('labels print on one sheet, nothing cut', async ({ page }) => {
  await page.clock.install({ time: new Date(NOW) });
  await page.goto('/larder');
  await page.getByRole('link', { name: 'Labels' }).click();
  await expect(page.getByTestId('label')).toHaveCount(14);
  await accessible(page);
  for (const sheet of ['a4-24', 'letter-30', 'a4-14', 'letter-10']) {
    await page.getByLabel('Sheet', { exact: true }).selectOption(sheet);
    // Each label has room for its text.
    const cut = await page
      .getByTestId('label')
      .evaluateAll((labels) =>
        labels.filter((l) => l.scrollHeight > l.clientHeight + 1).map((l) => l.textContent),
      );
    expect(cut).toEqual([]);
  }
  await page.getByLabel('Sheet', { exact: true }).selectOption('a4-24');
  await page.emulateMedia({ media: 'print' });
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});

test.describe('on a phone, by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('the best way in a sentence, and nothing wider than the screen', async ({ page }) => {
    await page.clock.install({ time: new Date(NOW) });
    await open(page, 'b2');
    await page.getByRole('button', { name: 'Done', exact: true }).tap();
    await expect(page.getByTestId('ways')).toContainText('Shallow pans, then the fridge.');
    await expect(page.getByTestId('ways')).toContainText('Needs');
    await expect(page.getByRole('table', { name: 'Ways to cool' })).toBeHidden();
    await page.getByRole('button', { name: 'Other ways' }).tap();
    await expect(page.getByRole('table', { name: 'Ways to cool' })).toBeVisible();
    await accessible(page);

    await page.goto('/larder');
    await expect(shelf(page, 'Fridge').getByRole('button').first()).toBeVisible();
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBe(390);
    await accessible(page);
  });
});
