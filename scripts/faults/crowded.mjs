/** A crowded kitchen in the running build: messages of a page that is not ours; more jars than anybody has. Needs a build. */
/* global document, window, performance, requestAnimationFrame, BroadcastChannel, Worker, HTMLInputElement, Event, KeyboardEvent */
import { chromium } from '@playwright/test';
import { BROWSER } from '../server.mjs';
import { bringIn, pause, SAMPLE, served, strange, withProbe } from './kit.mjs';

const MESSAGES = 3000;
const JARS = 5000;
const { home, failures, run } = await served(3234);

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

/** Time until two pages of thousands of jars are shown. */
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

await run([messages, jars]);
