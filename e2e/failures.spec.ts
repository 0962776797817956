import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { accessible, beginEmpty, expect, test } from './fixtures';

async function exported(page: Page): Promise<string> {
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export everything' }).click();
  return readFileSync(await (await saved).path(), 'utf8');
}

/** A page of the same origin without the app in it. */
async function blank(page: Page): Promise<void> {
  await page.route('**/blank', (route) => route.fulfill({ contentType: 'text/html', body: '' }));
  await page.goto('/blank');
}

test('a browser without storage works in memory, says so, and has the way out at hand', async ({
  page,
}) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'indexedDB', { value: undefined });
    Object.defineProperty(window, 'BroadcastChannel', { value: undefined });
  });
  await page.goto('/');
  await expect(page.getByRole('alert').getByText(/saves nothing for Retort/)).toBeVisible();
  await beginEmpty(page);
  await page.getByLabel('Put in').fill('300 g red lentils');
  await page.getByLabel('Put in').press('Enter');
  await expect(page.getByTestId('lane-red-lentils')).toBeVisible();
  const text = await exported(page);
  expect(text).toMatch(/"food": "red-lentils?"/);
  await accessible(page);
});

test('a database of a newer version is left alone, and given as a file', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByText('Turkey frame stock').first()).toBeVisible();
  await blank(page);
  await page.evaluate(
    () =>
      new Promise<void>((done, failed) => {
        const request = indexedDB.open('retort', 9900);
        request.onerror = () => failed(new Error('not opened'));
        request.onsuccess = () => {
          const writing = request.result.transaction('backups', 'readwrite');
          const text = 'The kitchen of yesterday';
          const at = '2026-11-23T10:00:00.000Z';
          writing.objectStore('backups').put({ id: 'x', at, why: 'before a test', text });
          writing.oncomplete = () => {
            request.result.close();
            done();
          };
        };
      }),
  );
  await page.goto('/');
  await expect(
    page.getByRole('heading', { name: 'A newer version of Retort was used here' }),
  ).toBeVisible();
  const backup = page.waitForEvent('download');
  await page.getByRole('button', { name: /^Save the backup of/ }).click();
  expect(readFileSync(await (await backup).path(), 'utf8')).toBe('The kitchen of yesterday');
  await accessible(page);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save what is there to a file' }).click();
  expect(readFileSync(await (await saved).path(), 'utf8')).toContain('Turkey frame stock');
  await page.getByRole('button', { name: 'Go on without saving' }).click();
  await expect(page.getByText('Turkey frame stock').first()).toBeVisible();
});

test('an older tab that does not make way is named after a second', async ({ page, context }) => {
  const older = await context.newPage();
  await blank(older);
  await older.evaluate(
    () =>
      new Promise<void>((done, failed) => {
        const request = indexedDB.open('retort', 1);
        request.onerror = () => failed(new Error('not opened'));
        request.onupgradeneeded = () => {
          for (const name of ['household', 'pots', 'batches', 'runs', 'backups'])
            request.result.createObjectStore(name, {
              keyPath: name === 'household' ? 'key' : 'id',
            });
        };
        request.onsuccess = () => done();
      }),
  );
  await page.goto('/');
  await expect(page.getByText(/An older version of Retort is open in another tab/)).toBeVisible();
  await older.close();
  await expect(page.getByText('Turkey frame stock').first()).toBeVisible();
});

test('a database deleted under the page is kept again by it', async ({ page, context }) => {
  await page.goto('/');
  await expect(page.getByText('Turkey frame stock').first()).toBeVisible();
  const other = await context.newPage();
  await blank(other);
  await other.evaluate(
    () =>
      new Promise<void>((done) => {
        indexedDB.deleteDatabase('retort').onsuccess = () => done();
      }),
  );
  await expect(page.getByRole('alert').getByText(/was deleted/)).toBeVisible();
  expect(await exported(page)).toContain('Turkey frame stock');
  await page.getByRole('button', { name: 'Keep it here again' }).click();
  await expect(page.getByText(/was deleted/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('Turkey frame stock').first()).toBeVisible();
});

test('a day as it began is brought back from the Batches page', async ({ page }) => {
  await page.goto('/');
  await page.getByText('Turkey frame stock').first().click();
  await page.getByLabel('Name of the batch').fill('Renamed by mistake');
  await page.getByLabel('Name of the batch').press('Enter');
  await page.getByRole('link', { name: 'Batches' }).click();
  await expect(page.getByText('Renamed by mistake').first()).toBeVisible();
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Backups' }).click();
  await expect(
    page.getByRole('dialog').getByText('as the day began', { exact: true }),
  ).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: /^Bring back the backup of/ }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByText('Turkey frame stock').first()).toBeVisible();
  await expect(page.getByText('Renamed by mistake')).toHaveCount(0);
});

test('a page that is not there says so', async ({ browser }) => {
  const page = await browser.newPage();
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
  await page.close();
});
