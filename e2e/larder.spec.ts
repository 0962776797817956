import type { Page } from '@playwright/test';
import { accessible, bringIn, expect, exported, test } from './fixtures';

const NOW = '2026-11-24T15:40:00Z';

/** The last plan of the sample at its open lid, by hand and all at once. */
async function open(page: Page, batch: string, letting?: string): Promise<void> {
  await page.goto(`/bench/${batch}`);
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  const lid = page.getByRole('button', { name: 'Lid locked' });
  await lid.click();
  const names = [
    'At pressure',
    'End the hold now',
    ...(letting ? [letting] : []),
    'Pin down',
    'Lid off',
  ];
  for (const name of names) await page.getByRole('button', { name }).click();
}

const shelf = (page: Page, name: 'Fridge' | 'Freezer') =>
  page.getByRole('region', { name, exact: true });

test('a stock is finished, cooled by readings, jarred, labelled and put into a soup', async ({
  page,
}) => {
  await page.clock.install({ time: new Date(NOW) });
  await open(page, 'b2');
  // Strained as the plan says, then the open pot.
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  const moves = page.getByRole('list', { name: 'Moves at the open pot' });
  await expect(moves).toContainText('skim: up to');
  await moves.getByRole('checkbox', { name: /skim/ }).check();
  await page.getByRole('button', { name: 'One bowl more' }).click();
  await expect(page.getByLabel('Bowls', { exact: true })).toHaveText('1 bowl');
  const ways = page.getByRole('table', { name: 'Ways to cool' });
  await expect(ways.getByRole('row', { name: /Left in the pot overnight/ })).toContainText(
    'throw out',
  );
  await accessible(page);
  await page.getByRole('button', { name: 'Cool it so' }).click();
  await expect(page.getByTestId('cools')).toContainText('Shallow pans');
  await page.getByRole('button', { name: 'Write it in the log' }).click();
  await expect(page).toHaveURL(/\/log\//);

  // Two readings, an hour apart: what is believed goes by them.
  await page.getByRole('link', { name: 'Larder', exact: true }).click();
  const cooling = page.getByRole('region', { name: /Cooling: Turkey frame stock/ });
  await expect(cooling.getByTestId('judgement')).toContainText('Passes');
  await page.clock.runFor('30:00');
  await cooling.getByLabel(/Its middle reads/).fill('45');
  await cooling.getByRole('button', { name: 'Read just now' }).click();
  await page.clock.runFor('30:00');
  await cooling.getByLabel(/Its middle reads/).fill('27');
  await cooling.getByRole('button', { name: 'Read just now' }).click();
  await expect(cooling).toContainText(/Read 45 °C at \d\d:\d\d, 27 °C at/);
  await expect(cooling.getByTestId('judgement')).toContainText('Passes');
  await accessible(page);

  await cooling.getByRole('button', { name: 'It is cold: fill jars' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('region', { name: 'Filled so' })).toContainText('× jar, 1/2 L');
  await sheet.getByLabel(/^To put by/).fill('1.3');
  await expect(sheet.getByRole('region', { name: 'Filled so' })).toContainText(
    '3 × jar, 1/2 L with 450 ml',
  );
  await accessible(page);
  await sheet.getByRole('button', { name: 'Put them on the shelf' }).click();
  await expect(sheet).toHaveCount(0);
  await expect(cooling).toHaveCount(0);
  const fresh = shelf(page, 'Fridge').getByRole('button', {
    name: 'Turkey frame stock, 450 ml, 4 days',
  });
  await expect(fresh).toHaveCount(3);

  // One of them instead of water in the lentils; it is free no more.
  await fresh.first().click();
  await page.getByLabel(/^Put .* into$/).selectOption({ label: 'Red lentil and carrot' });
  await page.getByRole('button', { name: 'Put it in' }).click();
  await expect(page).toHaveURL(/\/bench\/b5/);
  await expect(page.getByText('Turkey frame stock', { exact: false }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Larder', exact: true }).click();
  await fresh.first().click();
  await expect(page.getByRole('dialog')).toContainText('It is in a plan: Red lentil and carrot');
  await page.keyboard.press('Escape');

  // All of it after a reload, and through a file: the same bytes.
  await page.reload();
  await expect(fresh).toHaveCount(3);
  await page.getByRole('link', { name: 'Batches' }).click();
  const file = await exported(page);
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Start over' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Empty it' }).click();
  await page.getByRole('button', { name: 'Open the sample kitchen' }).click();
  await bringIn(page, 'larder.json', file);
  await page.getByRole('tab', { name: 'Replace' }).click();
  await expect(page.getByRole('list', { name: 'What will change' })).toContainText('jar');
  await page.getByRole('button', { name: 'Replace everything' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  expect(await exported(page)).toBe(file);
});

test('labels print on one sheet, nothing cut', async ({ page }) => {
  await page.clock.install({ time: new Date(NOW) });
  await page.goto('/larder');
  await page.getByRole('link', { name: 'Labels' }).click();
  await expect(page.getByTestId('label')).toHaveCount(14);
  await accessible(page);
  for (const sheet of ['a4-24', 'letter-30', 'a4-14', 'letter-10']) {
    await page.getByLabel('Sheet', { exact: true }).selectOption(sheet);
    // What is in a label has room in it.
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
