/**
 * The running build, treated badly: edited without a pause, and out of room. Needs a build.
 */
/* global window, performance, addEventListener, requestAnimationFrame, cancelAnimationFrame, IDBObjectStore, DOMException, Worker */
import { chromium } from '@playwright/test';
import { BROWSER } from '../server.mjs';
import { served, withProbe } from './kit.mjs';

const EDITS = 100;
const { home, failures, run } = await served(3233);
const nameField = (page) => page.getByLabel('Name of the batch');
async function named(page, name) {
  await nameField(page).fill(name);
  await nameField(page).press('Enter');
}
async function openBench(context) {
  const page = context.pages()[0] ?? (await context.newPage());
  await page.goto(`${home}/bench/b5`);
  await nameField(page).waitFor();
  return page;
}
/**
 * How long an edit takes from the key, and from the frame that shows it, until another reader finds it in
 * the database: a worker with a connection of its own, which is never busy with drawing.
 */
async function durability() {
  const browser = await chromium.launch(BROWSER);
  const context = await browser.newContext();
  await withProbe(context);
  const page = await openBench(context);
  await page.evaluate(() => {
    const probe = new Worker('/faults-probe.js');
    const times = [];
    Object.assign(window, { safeAfter: times });
    let frame = 0;
    let shown = 0;
    let pressed = 0;
    probe.onmessage = ({ data }) => times.push([data, Math.max(0, pressed + data - shown)]);
    addEventListener(
      'keydown',
      (event) => {
        if (event.key !== 'Enter') return;
        pressed = performance.timeOrigin + performance.now();
        cancelAnimationFrame(frame);
        probe.postMessage({ id: 'b5', name: event.target.value, since: pressed });
        frame = requestAnimationFrame(() => {
          shown = performance.timeOrigin + performance.now();
        });
      },
      true,
    );
  });
  for (let i = 0; i < EDITS; i++) {
    await named(page, `Edit ${i}`);
    await page.waitForFunction((n) => window.safeAfter.length > n, i);
  }
  const times = await page.evaluate(() => window.safeAfter);
  await browser.close();
  const spread = (which) => {
    const sorted = times.map((t) => t[which]).toSorted((a, b) => a - b);
    const at = (share) => sorted[Math.floor(share * (sorted.length - 1))].toFixed(1);
    return `median ${at(0.5)} ms, 95 % ${at(0.95)} ms, worst ${at(1)} ms`;
  };
  return `${times.length} edits, until another reader finds them: from the frame that shows it ${spread(1)}; from the key ${spread(0)}`;
}
/** No room for a while: what was changed meanwhile is kept once there is. */
async function fullDisk() {
  const browser = await chromium.launch(BROWSER);
  const page = await browser.newPage();
  await page.goto(`${home}/bench/b5`);
  await nameField(page).waitFor();
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    Object.assign(window, { room: () => (IDBObjectStore.prototype.put = put) });
  });
  await named(page, 'While it was full');
  await page.getByText('This browser is out of space').waitFor();
  await page.evaluate(() => window.room());
  await page.getByText('This browser is out of space').waitFor({ state: 'detached' });
  await page.reload();
  await nameField(page).waitFor();
  const name = await nameField(page).inputValue();
  await browser.close();
  if (name !== 'While it was full') failures.push('full disk: the change is lost');
  return `disk full, then room again: ${name === 'While it was full' ? 'kept by itself' : 'lost'}`;
}
await run([durability, fullDisk]);
