import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import jsqr from 'jsqr';
import { PNG } from 'pngjs';
import type { Bundle } from '../src/core';
import { carriedOf, writeCarried } from '../src/formats/carry';
import { BARE, DEMO } from '../playwright.config';
import { accessible, expect, test } from './fixtures';

/** The picture that a camera reads off the screen. */
async function readOffTheScreen(page: Page): Promise<string> {
  const shown = page.getByRole('img', { name: 'Code of the link' });
  await expect(shown).toBeVisible();
  const { data, width, height } = PNG.sync.read(await shown.screenshot());
  const read = jsqr(new Uint8ClampedArray(data), width, height);
  if (!read) throw new Error('no camera reads this');
  return read.data;
}

const readings = async (page: Page): Promise<string> => {
  await expect(page.getByText(/usually \d+ to \d+ min/)).toBeVisible();
  return (await page.locator('[aria-label="Answers"]').textContent()) ?? '';
};

test('a batch goes to a phone by a code, is looked at, and gives the same to the digit', async ({
  page,
  browser,
}) => {
  await page.goto('/bench/b7');
  await page.getByLabel('Put in').fill('rice apart, 18 min');
  await page.getByLabel('Put in').press('Enter');
  await expect(page.getByRole('list', { name: 'Alongside' })).toContainText('rice apart');
  const here = await readings(page);
  const [, minutes] = /When is it ready\?(\d+) min/.exec(here) ?? [];
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Send to a phone' }).click();
  const link = await readOffTheScreen(page);
  expect(link).toMatch(new RegExp(`^${DEMO}/take#[\\w-]+$`));

  // A phone that has been here before, and one that has not.
  for (const home of [DEMO, BARE]) {
    const context = await browser.newContext({
      viewport: { width: 390, height: 844 },
      hasTouch: true,
      locale: 'en-GB',
      timezoneId: 'Europe/London',
      serviceWorkers: 'block',
    });
    const phone = await context.newPage();
    const asked: string[] = [];
    phone.on('request', (request) => asked.push(request.url()));
    await phone.goto(link.replace(DEMO, home));
    await expect(phone.getByRole('heading', { name: 'Borlotti and venison chili' })).toBeVisible();
    await expect(phone.getByRole('list', { name: 'What goes in' })).toContainText('rice apart');
    await expect(phone.getByTestId('total')).toHaveText(`${minutes} min`);
    if (home === BARE) await accessible(phone);
    // The phone that has the plan already says what differs, and is told to take the new one.
    else await phone.getByRole('radio', { name: /Replace yours/ }).check();
    await phone.getByRole('button', { name: 'Take it in' }).tap();
    await expect(phone).toHaveURL(/\/bench\/b7$/);
    expect(await readings(phone)).toBe(here);
    // No server saw the contents of the link.
    expect(asked.filter((url) => url.includes(link.slice(-40)))).toEqual(
      asked.filter((url) => url.includes('#') && url.includes('/take')),
    );
    await context.close();
  }
});

test('a link that would replace a pot says whose and what, and leaves it alone unless it is told to', async ({
  page,
}) => {
  const sample = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
  const [pot, batch] = [sample.pots[0], sample.batches.find(({ id }) => id === 'b7')];
  if (!pot || !batch) throw new Error('the sample has neither');
  const other = { ...pot, name: 'Small steel', capacityL: 3 };
  const link = await writeCarried(carriedOf({ ...batch, servings: 2 }, other, sample.kitchen));
  await page.goto('/');
  await expect(page.getByText('Turkey frame stock').first()).toBeVisible();
  await page.goto(`/take#${link}`);
  const differs = page.getByRole('list', { name: 'What differs' });
  await expect(differs).toContainText(
    `Your pot ${pot.name}, 5.7 L; in the link Small steel, 3.0 L`,
  );
  await expect(differs).toContainText('capacity: 5.7 L, in the link 3.0 L');
  await accessible(page);
  await page.getByRole('radio', { name: /Replace yours/ }).check();
  await expect(differs).toContainText(`Your pot ${pot.name}, 5.7 L becomes Small steel, 3.0 L`);
  await page.getByRole('radio', { name: /Keep yours/ }).check();
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page).toHaveURL(/\/bench\//);
  await expect(page.getByLabel('Name of the batch')).toHaveValue(`${batch.name} (2)`);
  await page.goto('/kitchen');
  await expect(page.getByText(pot.name).first()).toBeVisible();
  await expect(page.getByText('Small steel').first()).toBeVisible();
});

test('a link that was cut off is refused in words', async ({ page }) => {
  await page.goto('/take#abc');
  await expect(page.getByRole('alert').filter({ hasText: 'The link holds' })).toContainText(
    'wanted: a link of Retort, whole',
  );
  await accessible(page);
});

test('what is too long for a code goes as a file', async ({ page }) => {
  await page.goto('/bench/b7');
  const lines = Array.from(
    { length: 170 },
    (_, i) =>
      `${101 + ((7919 * i) % 1900)} g ${['carrots', 'leek', 'potatoes', 'celery'][i % 4]}, ${5 + ((31 * i) % 29)} mm pieces`,
  );
  await page.getByLabel('Put in').fill(lines.join('\n'));
  await expect(page.getByRole('button', { name: 'Add', exact: true })).toBeEnabled();
  await page.getByLabel('Put in').press('Enter');
  await expect(page.getByLabel('Put in')).toHaveValue('');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Send to a phone' }).click();
  await expect(page.getByText(/too long for a code/)).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As a file' }).click();
  expect((await saved).suggestedFilename()).toBe('Borlotti and venison chili.json');
});
