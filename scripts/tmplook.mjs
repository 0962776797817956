import { spawn } from 'node:child_process';
import path from 'node:path';
import { ROOT } from './ensure.mjs';
import { BROWSER, serve } from './server.mjs';
const { chromium } = await import('@playwright/test');
const { home, stop } = await serve(spawn, path.join(ROOT, 'node_modules', '.bin', 'next'), 3230);
const browser = await chromium.launch(BROWSER);
const open = async (size, us) => {
  const context = await browser.newContext({
    viewport: size,
    locale: us ? 'en-US' : 'en-GB',
    timezoneId: 'Europe/London',
  });
  const page = await context.newPage();
  page.on('pageerror', (e) => console.log('ERR', e.message));
  return page;
};
const D = { width: 1280, height: 800 };
const P = { width: 390, height: 844 };
const page = await open(D);
await page.goto(`${home}/bench/b1`);
await page.locator('[aria-label="Warnings"][aria-busy="false"]').waitFor();
await page.screenshot({ path: '/tmp/look/a.png' });
await page.getByText('More figures').click();
await page.getByRole('button', { name: 'Release', exact: true }).click();
await page.waitForTimeout(600);
await page.screenshot({ path: '/tmp/look/b.png' });
await page.goto(`${home}/help`);
await page.waitForTimeout(800);
await page.screenshot({ path: '/tmp/look/c.png' });
const phone = await open(P);
await phone.goto(`${home}/bench/b4`);
await phone.locator('[aria-label="Warnings"][aria-busy="false"]').waitFor();
await phone.screenshot({ path: '/tmp/look/d.png', fullPage: true });
await browser.close();
await stop();
process.exit(0);
