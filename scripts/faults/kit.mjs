/** Help for campaigns in a browser: a server, its database as another reader finds it, a household brought in, kills. */
/* global indexedDB, document, navigator */
import { Buffer } from 'node:buffer';
import { execFileSync, spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { serve } from '../server.mjs';

/**
 * Starts the build on a port of its own.
 *
 * @returns its address, the list of what went wrong, and what runs campaigns and tells that list
 */
export async function served(port) {
  const { home, stop } = await serve(spawn, path.join('node_modules', '.bin', 'next'), port);
  const failures = [];
  const run = async (campaigns) => {
    const only = process.argv[2];
    try {
      for (const campaign of campaigns)
        if (!only || campaign.name === only) console.log(await campaign());
    } finally {
      stop();
    }
    for (const failure of failures) console.log(failure);
    if (failures.length > 0) process.exitCode = 1;
  };
  return { home, failures, run };
}

/** Returns a function that kills the browser of a profile at once, like a crash; finds its processes beforehand. */
export function killer(profile) {
  const processes = execFileSync('pgrep', ['-f', profile], { encoding: 'utf8' })
    .split('\n')
    .filter(Boolean)
    .map(Number);
  return () => {
    for (const id of processes)
      try {
        process.kill(id, 'SIGKILL');
      } catch {
        // It ended with the others.
      }
  };
}

/** Lets pages load the reader of the database that tells when an edit is kept. */
export const withProbe = (context) =>
  context.route('**/faults-probe.js', (route) =>
    route.fulfill({ path: 'scripts/faults/probe.js', contentType: 'text/javascript' }),
  );

export const pause = (ms) => new Promise((done) => setTimeout(done, ms));

export const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8'));

/** All records of a store, read by a connection of its own; no page of ours needs to run. */
export const recordsOf = (page, store) =>
  page.evaluate(
    (name) =>
      new Promise((done, fail) => {
        const request = indexedDB.open('retort');
        request.onerror = () => fail(request.error);
        request.onsuccess = () => {
          const db = request.result;
          const all = db.transaction(name).objectStore(name).getAll();
          all.onsuccess = () => {
            db.close();
            done(all.result);
          };
        };
      }),
    store,
  );

/** A page of the same address in which nothing of ours runs. */
export async function strange(context, home) {
  await context.route('**/foreign', (route) =>
    route.fulfill({ body: '<title>Foreign</title>', contentType: 'text/html' }),
  );
  const page = await context.newPage();
  await page.goto(`${home}/foreign`);
  return page;
}

/** Brings a household in the place of the sample. */
export async function bringIn(page, household, home) {
  await page.goto(`${home}/`);
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Bring in a file' }).click();
  await page.getByLabel('A Retort file (.json)').setInputFiles({
    name: 'kitchen.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(household)),
  });
  await page.getByRole('tab', { name: 'Replace' }).click();
  await page.getByRole('button', { name: 'Replace everything' }).click();
  await page.getByRole('dialog').waitFor({ state: 'detached', timeout: 60_000 });
}

/** Clicks a checkbox after a delay, timed in the page and not by the driver. */
export const tick = (page, n, after) =>
  page.evaluate(
    async ([which, late]) => {
      await new Promise((done) => setTimeout(done, late));
      document.querySelectorAll('input[type=checkbox]')[which].click();
    },
    [n, after],
  );

/** A desk, and the link to its kitchen. */
export async function sharedBy(browser, home, household) {
  const context = await browser.newContext({
    locale: 'en-GB',
    permissions: ['clipboard-read', 'clipboard-write'],
  });
  const page = await context.newPage();
  if (household) await bringIn(page, household, home);
  await page.goto(`${home}/kitchen`);
  await page.getByRole('button', { name: 'Use it on another device' }).click();
  await page.getByRole('button', { name: 'Show the code' }).click();
  await page.getByRole('button', { name: 'Copy the link' }).click();
  await page.getByRole('button', { name: 'Copied' }).waitFor();
  return { page, link: await page.evaluate(() => navigator.clipboard.readText()) };
}

/** Another device that joins. @returns its page, and how long that took, ms */
export async function joinedBy(browser, link, home) {
  const page = await (await browser.newContext({ locale: 'en-GB' })).newPage();
  await page.goto(link);
  const join = page.getByRole('button', { name: 'Join this kitchen' });
  await join.waitFor();
  const start = Date.now();
  await join.click();
  await page.waitForURL(`${home}/`);
  return { page, ms: Date.now() - start };
}
