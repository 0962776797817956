import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { accessible, expect, test } from './fixtures';

/** Changes one record of the closed database, as damage would. */
async function damage(page: Page, store: string, key: string, change: string): Promise<void> {
  await page.route('**/blank', (route) => route.fulfill({ contentType: 'text/html', body: '' }));
  await page.goto('/blank');
  await page.evaluate(
    ([name, id, code]) =>
      new Promise<void>((done, failed) => {
        const request = indexedDB.open('retort');
        request.onerror = () => failed(new Error('not opened'));
        request.onsuccess = () => {
          const tx = request.result.transaction(name, 'readwrite');
          const records = tx.objectStore(name);
          const read = records.get(id);
          read.onsuccess = () => {
            const record = read.result as Record<string, unknown>;
            record[code] = null;
            records.put(record);
          };
          tx.oncomplete = () => {
            request.result.close();
            done();
          };
        };
      }),
    [store, key, change] as const,
  );
}

test('a damaged batch is set aside, named, and the rest of the kitchen works on', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByText('Turkey frame stock').first()).toBeVisible();
  await damage(page, 'batches', 'b2', 'items');
  await page.goto('/');
  await expect(
    page.getByText(/Damaged and set aside: batch “Turkey frame stock”\. Nothing is deleted/),
  ).toBeVisible();
  await expect(page.getByText('Red lentil and carrot').first()).toBeVisible();
  await accessible(page);
  // The rest is edited and kept.
  await page.goto('/bench/b1');
  await page.getByLabel('Name of the batch').fill('After the damage');
  await page.getByLabel('Name of the batch').press('Tab');
  await page.goto('/');
  await expect(page.getByText('After the damage').first()).toBeVisible();
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Damaged records, 1' }).click();
  const list = page.getByRole('list', { name: 'Damaged records' });
  await expect(list.getByText('items: a list of items')).toBeVisible();
  await accessible(page);
  const saved = page.waitForEvent('download');
  await list.getByRole('button', { name: /Save the batch .* as a file/ }).click();
  expect(readFileSync(await (await saved).path(), 'utf8')).toContain('"items": null');
  await list.getByRole('button', { name: /^Delete the batch/ }).click();
  await list.getByRole('button', { name: /^Yes, delete/ }).click();
  await expect(page.getByText('None.', { exact: true })).toBeVisible();
});

test('a kitchen that has lost its own record keeps its batches, and is not overwritten by the sample', async ({
  page,
}) => {
  await page.goto('/bench/b1');
  await page.getByLabel('Name of the batch').fill('My own supper');
  await page.getByLabel('Name of the batch').press('Tab');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await damage(page, 'household', 'household', 'kitchen');
  await page.goto('/');
  await expect(page.getByText(/Check altitude and units in the Kitchen/)).toBeVisible();
  await expect(page.getByText('My own supper').first()).toBeVisible();
});

test('a sheet whose code is gone spoils only itself', async ({ context }) => {
  // A page of its own: the browser reports what it could not load.
  const page = await context.newPage();
  await page.goto('/kitchen');
  await page.getByRole('heading', { name: 'Kitchen' }).first().waitFor();
  await page.evaluate(async () => {
    for (const one of await navigator.serviceWorker.getRegistrations()) await one.unregister();
    for (const name of await caches.keys()) await caches.delete(name);
  });
  await page.reload();
  await page.getByRole('button', { name: 'Add a pot' }).waitFor();
  await page.waitForLoadState('networkidle');
  await page.route('**/_next/static/chunks/**', (route) => route.abort());
  await page.getByRole('button', { name: 'Add a pot' }).click();
  await expect(page.getByText(/This part of Retort could not be loaded/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Kitchen' }).first()).toBeVisible();
  await page.close();
});

test('without JavaScript the page says what is wrong', async ({ browser, baseURL }) => {
  const context = await browser.newContext({ javaScriptEnabled: false });
  const page = await context.newPage();
  await page.goto(baseURL ?? '/');
  await expect(page.getByText(/with JavaScript, which is switched off here/)).toBeVisible();
  await context.close();
});
