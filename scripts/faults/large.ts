/**
 * A household of twenty years in the running build, on a device of this machine's speed and on a phone's:
 * first loads, screens from the click, edits, the file brought in, and the longest freeze of each. Needs a
 * build.
 */
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, type BrowserContext, type Page } from '@playwright/test';
import type { Bundle } from '../../src/core';
import { largeHousehold } from '../../src/core/testing/large';
import { BROWSER, serve } from '../server.mjs';

const TIMES = 3;
const EDITS = 15;
/** A phone of the middle class against this machine: a fourth of its speed. */
const PHONE = { rate: 4, viewport: { width: 390, height: 844 } };
const HERE = { rate: 1, viewport: { width: 1280, height: 800 } };

const sample = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
const folder = mkdtempSync(path.join(tmpdir(), 'retort-large-'));
const YEARS = path.join(folder, 'years.json');
writeFileSync(YEARS, JSON.stringify(largeHousehold(sample)));
const { home, stop } = await serve(spawn, path.join('node_modules', '.bin', 'next'), 3234);

interface Probe {
  freezes: number[];
  until: (selector: string, text: string) => Promise<number>;
}
declare global {
  interface Window {
    probe: Probe;
  }
}

interface Timed {
  readonly ms: number;
  readonly freezeMs: number;
}

const until = (page: Page, selector: string, text: string): Promise<number> =>
  page.evaluate(([s, t]) => window.probe.until(s, t), [selector, text] as const);

/** Waits until the cooks that were brought in are put into pages, as they are a few seconds later. */
const folded = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    const db = await new Promise<IDBDatabase>((done) => {
      const opening = indexedDB.open('retort');
      opening.onsuccess = () => done(opening.result);
    });
    const single = (): Promise<number> =>
      new Promise((done) => {
        const counting = db.transaction('cooks').objectStore('cooks').count();
        counting.onsuccess = () => done(counting.result);
      });
    while ((await single()) > 200) await new Promise((done) => setTimeout(done, 100));
    db.close();
  });

async function freezeOf(page: Page): Promise<number> {
  // Long tasks are reported a moment after they end.
  await page.evaluate(() => new Promise((done) => setTimeout(done, 300)));
  return page.evaluate(() => Math.max(0, ...window.probe.freezes));
}

async function slowed(context: BrowserContext, page: Page, rate: number): Promise<void> {
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate });
}

const median = (list: readonly number[]): number =>
  list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)] as number;

function say(what: string, times: readonly Timed[]): void {
  const ms = times.map((t) => t.ms);
  console.log(
    `  ${what.padEnd(44)} median ${median(ms).toFixed(0)} ms, worst ${Math.max(...ms).toFixed(0)} ms; longest freeze ${Math.max(...times.map((t) => t.freezeMs)).toFixed(0)} ms`,
  );
}

/** The last part of a Bench to appear: the wishes of each food. */
const LANES = '[data-testid^="lane-"]';

const PAGES = [
  ['Batches', '/', '[aria-label="Planned batches"] li', ''],
  ['Log', '/log', '[aria-label="Runs"] li', ''],
  ['Kitchen', '/kitchen', 'h1, h2', 'Kitchen'],
  ['Bench', '/bench/b5-4', LANES, ''],
] as const;

async function firstLoad(
  context: BrowserContext,
  rate: number,
  at: string,
  selector: string,
  text: string,
): Promise<Timed> {
  const page = await context.newPage();
  await slowed(context, page, rate);
  await page.goto(`${home}${at}`, { waitUntil: 'commit' });
  await page.waitForFunction(() => 'probe' in window);
  const ms = await until(page, selector, text);
  const freezeMs = await freezeOf(page);
  await page.close();
  return { ms, freezeMs };
}

async function clicked(page: Page, name: string, selector: string, text: string): Promise<Timed> {
  await page.evaluate(() => {
    window.probe.freezes.length = 0;
  });
  const link = page.getByRole('link', { name, exact: true }).first();
  const ms = await link.evaluate(
    async (element, [s, t]) => {
      const start = performance.now();
      (element as HTMLElement).click();
      return (await window.probe.until(s, t)) - start;
    },
    [selector, text] as const,
  );
  return { ms, freezeMs: await freezeOf(page) };
}

async function edits(page: Page): Promise<readonly Timed[]> {
  const hold = page.getByRole('slider', { name: 'End of the hold' });
  await hold.waitFor();
  await page
    .getByText(/usually/)
    .first()
    .waitFor();
  const times: Timed[] = [];
  for (let i = 0; i < EDITS; i++) {
    const ms = await hold.evaluate(async (element) => {
      (element as HTMLElement).focus();
      const label = (): string | undefined =>
        document.querySelector('[aria-label="Answers"]')?.textContent ?? undefined;
      const before = label();
      const start = performance.now();
      element.dispatchEvent(
        new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true, cancelable: true }),
      );
      while (label() === before && performance.now() - start < 5000)
        await new Promise((done) => requestAnimationFrame(done));
      return performance.now() - start;
    });
    times.push({ ms, freezeMs: 0 });
  }
  return times;
}

/** Time of a fixed loop on this machine meanwhile, ms: the scale for the figures. */
function loop(): number {
  const start = performance.now();
  let x = 0;
  for (let i = 0; i < 2e7; i++) x += i % 7;
  return x > 0 ? performance.now() - start : 0;
}

/** A browser with a profile on the disk: what a page's code compiles to is kept from visit to visit, as with a cook. */
async function browser({ viewport }: typeof HERE): Promise<BrowserContext> {
  const profile = mkdtempSync(path.join(folder, 'profile-'));
  const context = await chromium.launchPersistentContext(profile, { ...BROWSER, viewport });
  await context.addInitScript({ path: 'scripts/faults/watch.js' });
  return context;
}

/** The first visit of all, to a Bench. */
async function cold(of: typeof HERE): Promise<Timed> {
  const context = await browser(of);
  const timed = await firstLoad(context, of.rate, '/bench/b5', LANES, '');
  await context.close();
  return timed;
}

async function device(what: string, of: typeof HERE): Promise<void> {
  const { rate, viewport } = of;
  console.log(
    `${what}, ${viewport.width} x ${viewport.height}, CPU time x ${rate}; a loop of 20 million takes ${median([loop(), loop(), loop()]).toFixed(0)} ms`,
  );
  const visits: Timed[] = [];
  for (let i = 0; i < TIMES; i++) visits.push(await cold(of));
  say('the first visit of all, to a Bench', visits);
  const context = await browser(of);
  const page = await context.newPage();
  await page.goto(home);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  // Compares twenty years with one season in the same hour.
  const few: Timed[] = [];
  for (let i = 0; i < TIMES; i++) few.push(await firstLoad(context, rate, '/bench/b5', LANES, ''));
  say('first load of a Bench of the sample', few);
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Bring in a file' }).click();
  await slowed(context, page, rate);
  const bring = page.getByLabel('A Retort file (.json)');
  await page.evaluate(() => {
    window.probe.freezes.length = 0;
    addEventListener('change', () => performance.mark('chosen'), { capture: true, once: true });
  });
  await bring.setInputFiles(YEARS);
  const since = (mark: string, ms: number): Promise<number> =>
    page.evaluate(([m, t]) => t - (performance.getEntriesByName(m)[0]?.startTime ?? 0), [
      mark,
      ms,
    ] as const);
  const read = await since('chosen', await until(page, 'button:not([disabled])', 'Merge it'));
  await page.evaluate(() => {
    addEventListener('click', () => performance.mark('merged'), { capture: true, once: true });
  });
  await page.getByRole('button', { name: 'Merge it' }).click();
  const gone = await page.evaluate(async () => {
    while (document.querySelector('[role=dialog]'))
      await new Promise((done) => requestAnimationFrame(done));
    return performance.now();
  });
  const merged = await since('merged', gone);
  say('a file of 11.5 MB read', [{ ms: read, freezeMs: 0 }]);
  say('and merged, with its backup', [{ ms: merged, freezeMs: await freezeOf(page) }]);
  await folded(page);
  await page.close();

  for (const [name, at, selector, text] of PAGES) {
    const times: Timed[] = [];
    for (let i = 0; i < TIMES; i++) times.push(await firstLoad(context, rate, at, selector, text));
    say(`first load of ${name}`, times);
  }
  const walk = await context.newPage();
  await walk.goto(home);
  await until(walk, '[aria-label="Planned batches"] li', '');
  await slowed(context, walk, rate);
  for (const [name, , selector, text] of [
    PAGES[1],
    PAGES[2],
    PAGES[0],
    PAGES[1],
    PAGES[0],
  ] as const)
    say(`${name}, from the click`, [await clicked(walk, name, selector, text)]);
  const bench = await context.newPage();
  await bench.goto(`${home}/bench/b5-4`);
  await slowed(context, bench, rate);
  say('an edit on the Bench, until it is answered', await edits(bench));
  await context.close();
}

try {
  await device('A computer', HERE);
  await device('A phone', PHONE);
} finally {
  stop();
  rmSync(folder, { recursive: true, force: true });
}
