import type { Page } from '@playwright/test';
import { beginEmpty, expect, test } from './fixtures';

/** Waits until the device keeps what was worked out under these shortcuts. */
async function kept(page: Page, keys: readonly string[]): Promise<void> {
  await expect
    .poll(() =>
      page.evaluate(
        () =>
          new Promise<IDBValidKey[]>((done) => {
            const opening = indexedDB.open('retort-worked');
            opening.onsuccess = () => {
              const db = opening.result;
              const asking = db.transaction('worked').objectStore('worked').getAllKeys();
              asking.onsuccess = () => {
                db.close();
                done(asking.result);
              };
            };
          }),
      ),
    )
    .toEqual(expect.arrayContaining([...keys]));
}

test('what was worked out stands on the next visit, before any worker has begun', async ({
  page,
}) => {
  const readings = page.getByLabel('Answers', { exact: true });
  const rows = page.getByRole('list', { name: 'Planned batches' }).getByRole('listitem');
  const row = rows.filter({ hasText: 'Yellow split pea' });
  await page.goto('/');
  await expect(row.locator('path').first()).toBeVisible();
  const said = await row.innerText();
  await kept(page, ['learned', 'batch b4', 'batch b1']);
  await row.getByRole('link').click();
  await expect(page.getByTestId('lane-split-peas')).toBeVisible();
  const read = await readings.innerText();

  // From here on no worker answers.
  let asked = 0;
  await page.route('**/turbopack-worker*', () => {
    asked += 1;
    return new Promise(() => undefined);
  });
  await page.goto('/bench/b4');
  await expect(page.getByTestId('lane-split-peas')).toBeVisible();
  expect(await readings.innerText()).toBe(read);
  await page.goto('/');
  await expect(row.locator('path').first()).toBeVisible();
  expect(await row.innerText()).toBe(said);

  // New questions wait for a worker.
  const before = asked;
  await beginEmpty(page);
  await expect(page.getByLabel('Name of the batch')).toBeVisible();
  await expect.poll(() => asked).toBeGreaterThan(before);
  await expect(readings).toHaveCount(0);
});
