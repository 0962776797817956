import { readFileSync } from 'node:fs';
import { expect, test as base, type Page } from '@playwright/test';
import axe from 'axe-core';

export { expect };

/** Fails on any error the page throws or prints, and where it wants more than it may, whatever else a test looks at. */
export const test = base.extend<{ clean: undefined }>({
  clean: [
    async ({ page }, use) => {
      const errors: string[] = [];
      page.on('pageerror', (error) => errors.push(error.message));
      page.on('response', (r) => {
        if (r.status() >= 400) errors.push(`${r.status()} ${r.url()}`);
      });
      page.on('console', (message) => {
        if (message.type() === 'error' || /(security|permissions) policy/i.test(message.text()))
          errors.push(`${message.text()} ${message.location().url}`);
      });
      await use(undefined);
      expect(errors).toEqual([]);
    },
    { auto: true },
  ],
});

/** Nothing serious or critical by axe on the page as it is, or on a part of it. */
export async function accessible(page: Page, within = 'body'): Promise<void> {
  // Load axe once for each page.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const { violations } = await page.evaluate(
    (part) =>
      (window as unknown as { axe: typeof axe }).axe.run(
        // Headless UI's guards at the ends of a popover hand focus on at once; nobody rests on them.
        { include: [part], exclude: ['[data-headlessui-focus-guard]'] },
        { resultTypes: ['violations'] },
      ),
    within,
  );
  const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  expect(serious.map((v) => `${v.id}: ${v.nodes.map((n) => n.html).join(' | ')}`)).toEqual([]);
}

/** Adds ingredients by the add line, each waited for. */
export async function putIn(
  page: Page,
  lines: readonly (readonly [text: string, lane: string])[],
): Promise<void> {
  for (const [text, lane] of lines) {
    await page.getByLabel('Put in').fill(text);
    await page.getByLabel('Put in').press('Enter');
    await expect(page.getByTestId(`lane-${lane}`)).toBeVisible();
  }
}

/** Says when it is to be on the table, as a cook would. */
export async function serveAt(page: Page, text: string): Promise<void> {
  await page.getByLabel('ready at').fill(text);
  await page.getByLabel('ready at').press('Enter');
  await expect(page.getByLabel('Likely times')).toHaveCount(0);
}

/** Exports everything and returns the bytes of the file. */
export async function exported(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'Files' }).click();
  const waiting = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'Export everything' }).click();
  const download = await waiting;
  return readFileSync(await download.path(), 'utf8');
}

/** Opens the sheet and hands it a file. */
export async function bringIn(page: Page, name: string, text: string): Promise<void> {
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Bring in a file' }).click();
  await page
    .getByLabel('A Retort file (.json)')
    .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
}

/** From the batches to a batch with nothing in it. */
export async function beginEmpty(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Plan a batch' }).click();
  await page.getByRole('button', { name: 'Begin with an empty pot' }).click();
}
