/**
 * Sizes of the pages' code: the scripts that their HTML asks for (first load), and of the Bench everything fetched
 * once the chart and the workers are there too. Compressed; needs a build.
 */
import { spawn } from 'node:child_process';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { ROOT } from './ensure.mjs';
import { BROWSER, serve } from './server.mjs';

const { home, stop } = await serve(spawn, path.join(ROOT, 'node_modules', '.bin', 'next'), 3231);
const browser = await chromium.launch(BROWSER);
try {
  const page = await browser.newPage();
  const sizes = new Map();
  page.on('response', async (response) => {
    const { pathname } = new URL(response.url());
    if (pathname.endsWith('.js') && response.ok())
      sizes.set(pathname, gzipSync(await response.body()).length);
  });
  const kB = (names) => (names.reduce((sum, n) => sum + (sizes.get(n) ?? 0), 0) / 1000).toFixed(0);
  const load = async (address) => {
    sizes.clear();
    await page.goto(home + address);
    await page.waitForLoadState('networkidle');
    const html = await (await page.request.get(home + address)).text();
    const all = [...sizes.keys()];
    return { all, first: all.filter((name) => html.includes(`src="${name}"`)) };
  };
  const bench = await load('/bench/b1');
  console.log(`bench first load: ${kB(bench.first)} kB of JavaScript, ${bench.first.length} files`);
  await page.getByTestId('trace').hover();
  await page.locator('.recharts-surface').first().waitFor();
  await page
    .getByText(/usually \d/)
    .first()
    .waitFor();
  console.log(`bench with chart and workers: ${kB([...sizes.keys()])} kB, ${sizes.size} files`);
  for (const address of ['/stove/r1', '/log', '/log/r1', '/', '/kitchen']) {
    const { first } = await load(address);
    console.log(`${address} first load: ${kB(first)} kB`);
  }
} finally {
  await browser.close();
  stop();
}
