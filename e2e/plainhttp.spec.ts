import { chromium } from '@playwright/test';
import { BROWSER } from '../scripts/server.mjs';
import { DEMO } from '../playwright.config';
import { accessible, expect, test } from './fixtures';

/** A name that is none of this machine's own, so that its pages are as little trusted as any of plain http. */
const HOME = DEMO.replace('localhost', 'retort.home');

test('over plain http in the own network the main job is done, and what is missing is said', async () => {
  const browser = await chromium.launch({
    ...BROWSER,
    args: [...BROWSER.args, '--host-resolver-rules=MAP retort.home 127.0.0.1'],
  });
  const open = () =>
    browser.newContext({ baseURL: HOME, locale: 'en-GB', timezoneId: 'Europe/London' });
  const context = await open();
  const page = await context.newPage();
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  await page.goto('/bench/b7');
  expect(await page.evaluate(() => isSecureContext)).toBe(false);
  await page.getByLabel('Name of the batch').fill('Chili over http');
  await page.getByLabel('Name of the batch').press('Enter');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Send to a phone' }).click();
  await expect(page.getByRole('img', { name: 'Code of the link' })).toBeVisible();
  // No clipboard here: nothing is offered that would do nothing.
  await expect(page.getByRole('button', { name: 'Copy the link' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Close' }).click();

  // A second device joins, and sees a mark of the first.
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Use it on another device' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('This page came over plain http');
  await sheet.getByRole('button', { name: 'Show the code' }).click();
  const link = await sheet.getByLabel('Link to the code').inputValue();
  await accessible(page);
  const phone = await (await open()).newPage();
  phone.on('pageerror', (error) => errors.push(error.message));
  await phone.goto(link);
  await phone.getByRole('button', { name: 'Join this kitchen' }).click();
  await phone.waitForURL(`${HOME}/`);
  await expect(phone.getByRole('link', { name: /Chili over http/ })).toBeVisible();
  await page.goto('/bench/b7');
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.waitForURL(/\/stove\//);
  await phone.goto(page.url());
  await page.getByRole('checkbox').first().check();
  await expect(phone.getByRole('checkbox').first()).toBeChecked();

  // A change is kept.
  await page.reload();
  await expect(page.getByRole('checkbox').first()).toBeChecked();
  expect(errors).toEqual([]);
  await browser.close();
});
