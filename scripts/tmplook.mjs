import { spawn } from 'node:child_process';
import path from 'node:path';
import { ROOT } from './ensure.mjs';
import { BROWSER, serve } from './server.mjs';
const { chromium } = await import('@playwright/test');
const { home, stop } = await serve(spawn, path.join(ROOT, 'node_modules', '.bin', 'next'), 3230);
const browser = await chromium.launch(BROWSER);
const RECIPE = `Chicken and chickpea stew
Serves 4

900 g chicken thighs
300 g chickpeas, soaked overnight
2 onions, diced
2 bay leaves, tied in a bag
water to cover

Brown the chicken, 4 minutes a side. Lift the chicken onto a plate. Fry the onions for 5 minutes. Deglaze with half a cup of the water. Add the chickpeas, bay leaves and water. Cook at high pressure for 12 minutes, quick release. Return the chicken to the pot. Cook at high pressure for 10 minutes. Natural release for 10 minutes, then quick release.`;
const context = await browser.newContext({
  viewport: { width: 1280, height: 800 },
  locale: 'en-GB',
  timezoneId: 'Europe/London',
});
const page = await context.newPage();
page.on('pageerror', (e) => console.log('ERR', e.message));

const plan = async (text) => {
  await page.goto(`${home}/desk`);
  await page.getByLabel('Paste a recipe').fill(text);
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByTestId('recipe').waitFor();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await page.waitForURL(/bench/);
  await page.waitForTimeout(4000);
};
await plan(`Turkey frame stock
1.2 kg turkey frame
water to the max line

Put everything in the pot. Cook at high pressure for 90 minutes. Natural release.`);
await page.screenshot({ path: '/tmp/look/a.png' });
await page.getByLabel('Put in').fill('600 g carrots, 20 mm pieces');
await page.getByLabel('Put in').press('Enter');
await page.waitForTimeout(3000);
await page.screenshot({ path: '/tmp/look/b.png' });
await plan(`Chicken broth in two runs
1 whole chicken, 1.4 kg
2 l water

Put the chicken and water in the pot. Cook at high pressure for 25 minutes. Natural release. Open the pot for 10 minutes. Cook at high pressure for 45 minutes. Natural release. Simmer for 4 minutes.`);
await page.screenshot({ path: '/tmp/look/c.png' });
console.log(page.url());
await browser.close();
await stop?.();
process.exit(0);
