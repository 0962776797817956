/**
 * Several hands on one kitchen of the running build: edits of one batch in two tabs; marks of one cook in two, and in one
 * beside the practice pot. Seeded; needs a build.
 */
/* global document */
import { chromium } from '@playwright/test';
import { BROWSER } from '../server.mjs';
import { chanceOf } from './chance.mjs';
import { pause, recordsOf, served, tick } from './kit.mjs';

const PAIRS = 200;
/** Edits, and marks, are no further apart, ms. */
const EDITS_APART_MS = 75;
const MARKS_APART_MS = 600;
const chance = chanceOf(20261202);
const { home, failures, run } = await served(3236);

const nameField = (page) => page.getByLabel('Name of the batch');

async function named(page, name) {
  await nameField(page).fill(name);
  await nameField(page).press('Enter');
}

/** Two tabs change one batch at nearly the same time: both tabs keep both changes. */
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
    const late = chance() * EDITS_APART_MS;
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
  return `${PAIRS} pairs of edits in two tabs, 0 to ${EDITS_APART_MS} ms apart: ${lost} lost, ${stale} stale`;
}
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
    await Promise.all([tick(a, 0, 0), tick(b, 1, chance() * MARKS_APART_MS)]);
    // Wait until both tabs show both, so that the next pair starts from one state.
    const shown = (page) =>
      page.waitForFunction(
        (on) =>
          [...document.querySelectorAll('input[type=checkbox]')]
            .slice(0, 2)
            .every((box) => box.checked === on),
        wanted === 2,
        // Whether, not how soon: other campaigns run beside this one.
        { timeout: 30_000 },
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
  return `${pairs} pairs of marks of one cook, 0 to ${MARKS_APART_MS} ms apart, in two tabs${withPot ? ` beside the practice pot (${heard} marks besides)` : ''}: ${lost} lost, ${doubled} doubled`;
}

/** Four tabs on two cooks, and two on one with the practice pot, at once: most of it is waiting. */
async function marks() {
  const half = () => pairsOfMarks(PAIRS / 2, false);
  return (await Promise.all([half(), half(), pairsOfMarks(PAIRS / 4, true)])).join('\n');
}

await run([tabs, marks]);
