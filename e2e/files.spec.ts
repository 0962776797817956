import { readFile } from 'node:fs/promises';
import { bringIn, expect, exported, accessible, test } from './fixtures';
import { BARE } from '../playwright.config';

test('export, wipe, import gives the same bytes', async ({ page }) => {
  await page.goto('/bench/b1');
  await page.getByTestId('water-handle').focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByTestId('water')).toHaveText('1.05 L');
  await page.goto('/');
  const before = await exported(page);
  expect(JSON.parse(before)).toMatchObject({ format: 'retort', version: 4 });

  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Start over' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Empty it' }).click();
  await page.getByRole('button', { name: 'Start empty' }).click();
  await page.getByRole('button', { name: /^6 L stovetop/ }).click();
  await page.getByRole('button', { name: 'Begin with an empty pot' }).click();
  await page.getByRole('link', { name: 'Batches' }).click();
  await expect(page.getByRole('list', { name: 'Planned batches' })).toContainText('New batch');

  await bringIn(page, 'home.json', before);
  await page.getByRole('tab', { name: 'Replace' }).click();
  await expect(page.getByRole('list', { name: 'What will change' })).toContainText(
    'added batch: Turkey frame stock',
  );
  await expect(page.getByRole('list', { name: 'What will change' })).toContainText(
    'changed kitchen',
  );
  await accessible(page);
  await page.getByRole('button', { name: 'Replace everything' }).click();
  await expect(page.getByRole('list', { name: 'Planned batches' })).toContainText(
    'Turkey frame stock',
  );
  // The sheet goes once all is written.
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.reload();
  expect(await exported(page)).toBe(before);
});

test('a file opens at the first start, and replaces an empty kitchen without a question', async ({
  page,
}) => {
  const home = await readFile('demo/harrow-fell.json', 'utf8');
  const upload = { name: 'home.json', mimeType: 'application/json', buffer: Buffer.from(home) };
  await page.goto(BARE);
  await page
    .getByLabel('Open my file')
    .setInputFiles({ ...upload, buffer: Buffer.from('{"format":"retort","version":1,"pots":3}') });
  await expect(page.getByText('home.json was not taken')).toBeVisible();
  await page.getByLabel('Open my file').setInputFiles(upload);
  await expect(page.getByRole('list', { name: 'Planned batches' })).toContainText(
    'Fish-frame fumet',
  );

  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Start over' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Empty it' }).click();
  await page.getByRole('button', { name: 'Start empty' }).click();
  await page.getByRole('button', { name: /^6 L stovetop/ }).click();
  await page.getByRole('link', { name: 'Batches' }).click();
  await expect(page.getByText('Nothing is planned yet.')).toBeVisible();
  await bringIn(page, 'home.json', home);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('list', { name: 'Planned batches' })).toContainText(
    'Fish-frame fumet',
  );
});

test('a started app without the sample offers both ways to begin', async ({ page }) => {
  await page.goto(BARE);
  await expect(page.getByRole('button', { name: 'Start empty' })).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: 'Open the sample kitchen' }).click();
  await expect(page.getByRole('list', { name: 'Planned batches' })).toContainText(
    'Fish-frame fumet',
  );
  await page.reload();
  await expect(page.getByRole('list', { name: 'Planned batches' })).toContainText(
    'Fish-frame fumet',
  );
});

test('two tabs show the same; the other one is told', async ({ page, context }) => {
  await page.goto('/bench/b1');
  const other = await context.newPage();
  await other.goto('/bench/b1');
  await expect(other.getByTestId('water')).toHaveText('1 L');
  await page.getByTestId('water-handle').focus();
  await page.keyboard.press('PageUp');
  await expect(other.getByTestId('water')).toHaveText('1.25 L');
  await expect(other.getByRole('status').filter({ hasText: 'another tab' })).toBeVisible();
});

test('a file dropped where none is taken is told of, and the page stays', async ({ page }) => {
  await page.goto('/log');
  await page.getByRole('heading', { name: 'Log', exact: true }).waitFor();
  const drop = (names: readonly string[]) =>
    page.evaluate((list) => {
      const dataTransfer = new DataTransfer();
      for (const name of list) dataTransfer.items.add(new File(['2 carrots'], name));
      document
        .querySelector('main')
        ?.dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
    }, names);
  await drop(['supper.txt']);
  await expect(page.getByText(/This page takes no files/)).toBeVisible();
  await page.goto('/desk');
  await page.getByRole('heading', { level: 1 }).waitFor();
  await drop(['supper.txt', 'lunch.txt']);
  await expect(page.getByText('One file was taken, of 2.')).toBeVisible();
});
