/**
 * Several hands on one kitchen of the running build: marks of one cook in two tabs, and in one beside the practice pot;
 * messages of a page that is not ours; more jars than anybody has. Seeded; needs a build.
 */
/* global document, window, performance, requestAnimationFrame, BroadcastChannel, Worker, HTMLInputElement, Event, KeyboardEvent */
import { chromium } from '@playwright/test';
import { BROWSER } from '../server.mjs';
import { chanceOf } from './chance.mjs';
import { bringIn, pause, recordsOf, SAMPLE, served, strange, withProbe } from './kit.mjs';

const SEED = 20261202;
const PAIRS = 200;
/** Marks are no further apart, ms. */
const APART_MS = 600;
const MESSAGES = 3000;
const JARS = 5000;
const chance = chanceOf(SEED);
const { home, failures, run } = await served(3234);

/** A cook's marks as they are kept. */
async function marksOf(page, id) {
  const kept = (await recordsOf(page, 'cooks')).find((cook) => cook.id === id);
  return kept ? JSON.parse(kept.fields.marks) : [];
}

/** Starts the batch, and returns the address of its cook. */
async function startCook(page) {
  await page.goto(`${home}/bench/b7`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.waitForURL(/\/stove\//);
  await page.getByRole('checkbox').first().waitFor();
  return page.url();
}

/** Clicks a checkbox as soon as the page is told to: no waiting of the driver's own. */
const tick = (page, n, after) =>
  page.evaluate(
    async ([which, late]) => {
      await new Promise((done) => setTimeout(done, late));
      document.querySelectorAll('input[type=checkbox]')[which].click();
    },
    [n, after],
  );

/** Two tabs tick and untick one cook's foods at nearly the same time; beside the practice pot, if wanted. */
async function pairsOfMarks(pairs, withPot) {
  const browser = await chromium.launch(BROWSER);
  const context = await browser.newContext({ locale: 'en-GB' });
  const [a, b] = [await context.newPage(), await context.newPage()];
  const address = await startCook(a);
  const id = address.split('/').at(-1);
  if (withPot) await a.getByRole('button', { name: 'Use the practice pot' }).click();
  await b.goto(address);
  await b.getByRole('checkbox').first().waitFor();
  let lost = 0;
  let doubled = 0;
  const ticked = async () => {
    const marks = await marksOf(a, id);
    const ids = marks.map((mark) => mark.id);
    if (new Set(ids).size < ids.length) doubled++;
    return marks.filter(({ kind }) => kind === 'ticked').length;
  };
  for (let i = 0; i < pairs; i++) {
    const wanted = i % 2 === 0 ? 2 : 0;
    await Promise.all([tick(a, 0, 0), tick(b, 1, chance() * APART_MS)]);
    // Both tabs show both, so what comes next stands on the same.
    const shown = (page) =>
      page.waitForFunction(
        (on) =>
          [...document.querySelectorAll('input[type=checkbox]')]
            .slice(0, 2)
            .every((box) => box.checked === on),
        wanted === 2,
        { timeout: 5000 },
      );
    await Promise.all([shown(a), shown(b)]).catch(() => {
      failures.push(`pair ${i}: a tab shows one mark of two`);
    });
    if ((await ticked()) !== wanted) {
      lost++;
      failures.push(`pair ${i}${withPot ? ' beside the practice pot' : ''}: a mark is lost`);
    }
  }
  const heard = withPot ? (await marksOf(a, id)).filter(({ kind }) => kind !== 'ticked').length : 0;
  await browser.close();
  return `${pairs} pairs of marks of one cook, 0 to ${APART_MS} ms apart, in two tabs${withPot ? ` beside the practice pot (${heard} marks besides)` : ''}: ${lost} lost, ${doubled} doubled`;
}

/** Four tabs on two cooks, and two on one with the practice pot, at once: most of it is waiting. */
async function marks() {
  const half = () => pairsOfMarks(PAIRS / 2, false);
  return (await Promise.all([half(), half(), pairsOfMarks(PAIRS / 4, true)])).join('\n');
}

/** Time from the key to the frame that shows an edit, and until it is kept, while a foreign page talks. */
async function messages() {
  const browser = await chromium.launch(BROWSER);
  const context = await browser.newContext();
  await withProbe(context);
  const foreign = await strange(context, home);
  const page = await context.newPage();
  await page.goto(`${home}/bench/b5`);
  await page.getByLabel('Name of the batch').waitFor();
  await page.evaluate(() => {
    const probe = new Worker('/faults-probe.js');
    Object.assign(window, {
      edit: (name) =>
        new Promise((done) => {
          probe.onmessage = ({ data }) => done(data);
          const field = document.querySelector('[aria-label="Name of the batch"]');
          const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
          field.focus();
          set.call(field, name);
          field.dispatchEvent(new Event('input', { bubbles: true }));
          const since = performance.timeOrigin + performance.now();
          field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
          field.blur();
          probe.postMessage({ id: 'b5', name, since });
        }),
    });
  });
  const edits = async (name, talk) => {
    const times = [];
    for (let i = 0; i < 10; i++) {
      await page.bringToFront();
      const talking = talk
        ? foreign.evaluate((count) => {
            const channel = new BroadcastChannel('retort-household');
            for (let n = 0; n < count; n++) channel.postMessage({ stamp: `none-${Math.random()}` });
          }, MESSAGES)
        : null;
      times.push(await page.evaluate((text) => window.edit(text), `${name} ${i}`));
      await talking;
      await pause(300);
    }
    return times.toSorted((x, y) => x - y);
  };
  const quiet = await edits('Quiet', false);
  const loud = await edits('Loud', true);
  await browser.close();
  const median = (times) => times[Math.floor(times.length / 2)];
  const delay = median(loud) - median(quiet);
  if (delay > 50) failures.push(`${MESSAGES} messages delay an edit by ${delay.toFixed(0)} ms`);
  return `an edit until it is kept: median ${median(quiet).toFixed(0)} ms; while a foreign page sends ${MESSAGES} messages ${median(loud).toFixed(0)} ms, worst ${loud.at(-1).toFixed(0)} ms`;
}

/** Time until two pages of thousands of jars stand. */
async function jars() {
  const browser = await chromium.launch(BROWSER);
  const page = await browser.newPage();
  const jar = SAMPLE.jars[0];
  const at = new Date().toISOString();
  await bringIn(
    page,
    {
      ...SAMPLE,
      batches: SAMPLE.batches.map((batch) => ({
        ...batch,
        items: batch.items.map((item) => ({ ...item, jars: undefined })),
      })),
      jars: Array.from({ length: JARS }, (_, i) => ({
        ...jar,
        id: `many-${i}`,
        name: `Stock ${i}`,
        madeAt: at,
        since: at,
      })),
    },
    home,
  );
  const told = [];
  for (const [address, heading] of [
    ['/larder/labels', 'Labels'],
    ['/kitchen', 'Kitchen'],
  ]) {
    const times = [];
    for (let i = 0; i < 3; i++) {
      await page.goto(home + address);
      times.push(
        await page.evaluate(
          (name) =>
            new Promise((done) => {
              const look = () => {
                const there = [...document.querySelectorAll('h1')].some(
                  (one) => one.textContent === name,
                );
                if (there)
                  requestAnimationFrame(() => setTimeout(() => done(performance.now()), 0));
                else requestAnimationFrame(look);
              };
              look();
            }),
          heading,
        ),
      );
    }
    const median = times.toSorted((x, y) => x - y)[1];
    if (median > 1000) failures.push(`${address} with ${JARS} jars takes ${median.toFixed(0)} ms`);
    told.push(`${address} ${median.toFixed(0)} ms`);
  }
  await browser.close();
  return `${JARS} jars, from the address until the page stands: ${told.join(', ')}`;
}

await run([messages, jars, marks]);
