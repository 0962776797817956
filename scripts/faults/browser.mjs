/**
 * The running build, treated badly: killed after an edit, opened in two tabs that edit at once, out of
 * room. Seeded; needs a build.
 */
/* global window, document, performance, addEventListener, requestAnimationFrame, cancelAnimationFrame, IDBObjectStore, DOMException, Worker */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { BROWSER } from '../server.mjs';
import { chanceOf } from './chance.mjs';
import { kill, pause, recordsOf, served, withProbe } from './kit.mjs';

const SEED = 20261126;
const KILLS = 40;
const PAIRS = 200;
const EDITS = 100;
/** Tabs edit no further apart, ms. */
const APART_MS = 75;
const chance = chanceOf(SEED);
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
/** Kills the browser as a crash does, after an edit has been shown. */
async function kills() {
  const folder = mkdtempSync(path.join(tmpdir(), 'retort-kill-'));
  let lost = 0;
  let wanted = '';
  for (let i = 0; i <= KILLS; i++) {
    const context = await chromium.launchPersistentContext(folder, BROWSER);
    const page = await openBench(context);
    if (wanted && (await nameField(page).inputValue()) !== wanted) {
      lost++;
      failures.push(`kill ${i}: ${wanted} is lost`);
    }
    if (i === KILLS) await context.close();
    else {
      wanted = `Killed ${i}`;
      await named(page, wanted);
      await pause(15 + chance() * 200);
      await kill(context, folder);
    }
  }
  rmSync(folder, { recursive: true, force: true });
  return `${KILLS} kills 15 to 215 ms after an edit: ${lost} lost`;
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
/** Two tabs change one batch at nearly the same time: both changes stand in both. */
async function tabs() {
  const browser = await chromium.launch(BROWSER);
  const context = await browser.newContext();
  const [a, b] = [await context.newPage(), await context.newPage()];
  for (const page of [a, b]) {
    await page.goto(`${home}/bench/b5`);
    await nameField(page).waitFor();
  }
  const kept = async (page) => (await recordsOf(page, 'batches')).find(({ id }) => id === 'b5');
  let lost = 0;
  let stale = 0;
  for (let i = 0; i < PAIRS; i++) {
    const name = `Pair ${i}`;
    const late = chance() * APART_MS;
    const hold = async () => {
      await pause(late);
      await b
        .getByRole('slider', { name: 'End of the hold' })
        .press(i % 2 === 0 ? 'ArrowRight' : 'ArrowLeft');
    };
    const before = await kept(a);
    await Promise.all([named(a, name), hold()]);
    try {
      await b.waitForFunction(
        (wanted) => document.querySelector('[aria-label="Name of the batch"]')?.value === wanted,
        name,
        { timeout: 5000 },
      );
    } catch {
      stale++;
      failures.push(`pair ${i}: a tab stayed stale`);
    }
    const after = await kept(a);
    const moved = JSON.stringify(after) !== JSON.stringify({ ...before, name });
    if (after.name !== name || !moved) {
      lost++;
      failures.push(`pair ${i}: ${after.name === name ? 'the hold' : 'the name'} is lost`);
    }
  }
  await browser.close();
  return `${PAIRS} pairs of edits in two tabs, 0 to ${APART_MS} ms apart: ${lost} lost, ${stale} stale`;
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
await run([durability, fullDisk, tabs, kills]);
