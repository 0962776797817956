/**
 * What the Bench loads: the scripts its page asks for (first load), and everything fetched once
 * the chart and the workers are there too. Compressed as Next serves it; needs a build.
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
  await page.goto(`${home}/bench/b1`);
  const html = await (await page.request.get(`${home}/bench/b1`)).text();
  await page.locator('.recharts-surface').first().waitFor();
  await page.getByText(/^\d+ to \d+, 8 in 10$/).waitFor();
  await page.waitForLoadState('networkidle');
  const kB = (names) => (names.reduce((sum, n) => sum + (sizes.get(n) ?? 0), 0) / 1000).toFixed(0);
  const all = [...sizes.keys()];
  const first = all.filter((name) => html.includes(`src="${name}"`));
  console.log(`bench first load: ${kB(first)} kB of JavaScript compressed, ${first.length} files`);
  console.log(`bench with chart and workers: ${kB(all)} kB, ${all.length} files`);
} finally {
  await browser.close();
  stop();
}
