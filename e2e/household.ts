/** A household on two devices: a desk that shares its kitchen, and a phone that joins it. */
import type { Browser, BrowserContext, Page } from '@playwright/test';
import { DEMO } from '../playwright.config';
import { expect } from './fixtures';

/** Another device: a browser of its own. */
export function device(browser: Browser): Promise<BrowserContext> {
  return browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    serviceWorkers: 'block',
    baseURL: DEMO,
  });
}

/** Shares the kitchen of a page. @returns the link by which others join */
export async function shared(page: Page, name: string, home = DEMO): Promise<string> {
  await page.goto(`${home}/kitchen`);
  await page.getByRole('button', { name: 'Use it on another device' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name of this device').fill(name);
  await sheet.getByRole('button', { name: 'Show the code' }).click();
  await expect(sheet.getByRole('img', { name: 'Code of the link' })).toBeVisible();
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await sheet.getByRole('button', { name: 'Copy the link' }).click();
  await expect(sheet.getByRole('button', { name: 'Copied' })).toBeVisible();
  return page.evaluate(() => navigator.clipboard.readText());
}

/** Joins by a link, under a name. */
export async function join(page: Page, link: string, name: string): Promise<void> {
  await page.goto(link);
  await page.getByLabel('Name of this device').fill(name);
  await page.getByRole('button', { name: 'Join this kitchen' }).click();
  await page.waitForURL(`${DEMO}/`);
}
