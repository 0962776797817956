/**
 * One household on two devices of the running build: a household of twenty years joined, the way of a mark and its size,
 * edits and marks of both at nearly the same time. Seeded; needs a build.
 */
/* global document, window, performance, requestAnimationFrame */
import { readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { BROWSER } from '../server.mjs';
import { chanceOf } from './chance.mjs';
import { joinedBy, pause, recordsOf, served, sharedBy, tick } from './kit.mjs';

const PAIRS = 200;
const MARKS = 40;
/** Both devices do something no further apart, ms. */
const APART_MS = 75;
/** Targets: a household of 2,000 cooks joined in 5 s, a mark seen in 2 s and sent in 4 kB. */
const JOIN_MS = 5000;
const MARK_MS = 2000;
const MARK_BYTES = 4000;
const chance = chanceOf(20261203);
const { home, failures, run } = await served(3238);

const median = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)];

async function twentyYears() {
  const browser = await chromium.launch(BROWSER);
  const { largeHousehold } = await import('../../src/core/testing/large.ts');
  const years = largeHousehold(JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')));
  const { link } = await sharedBy(browser, home, years);
  const { page, ms } = await joinedBy(browser, link, home);
  const cooks = (await recordsOf(page, 'cooks')).length;
  const pages = (await recordsOf(page, 'pages')).reduce((sum, one) => sum + one.cooks.length, 0);
  await browser.close();
  if (cooks + pages < years.cooks.length)
    failures.push(`${cooks + pages} cooks came of ${years.cooks.length}`);
  if (ms > JOIN_MS) failures.push(`joining took ${ms} ms`);
  return `a household of ${years.cooks.length} cooks joined in ${ms} ms`;
}

async function marks() {
  const browser = await chromium.launch(BROWSER);
  const { page: a, link } = await sharedBy(browser, home);
  const { page: b } = await joinedBy(browser, link, home);
  await a.goto(`${home}/bench/b7`);
  await a.getByRole('button', { name: 'Start cooking' }).click();
  await a.waitForURL(/\/stove\//);
  const id = a.url().split('/').at(-1);
  await b.goto(`${home}/stove`);
  await b.goto(a.url());
  for (const page of [a, b]) await page.getByRole('checkbox').first().waitFor();
  const sizes = [];
  a.on('request', (request) => {
    if (request.method() === 'POST') sizes.push(request.postData()?.length ?? 0);
  });
  // Wall time of the first frame in which a checkbox has another state.
  const watch = (page) =>
    page.evaluate(() => {
      window.changedAt = new Promise((done) => {
        const boxes = [...document.querySelectorAll('input[type=checkbox]')];
        const was = boxes.map((box) => box.checked).join();
        const look = () => {
          const now = [...document.querySelectorAll('input[type=checkbox]')];
          if (now.map((box) => box.checked).join() === was) requestAnimationFrame(look);
          else done(performance.timeOrigin + performance.now());
        };
        look();
      });
    });
  const times = [];
  for (let i = 0; i < MARKS; i++) {
    await b.bringToFront();
    await watch(b);
    const start = await a.evaluate(() => {
      document.querySelectorAll('input[type=checkbox]')[0].click();
      return performance.timeOrigin + performance.now();
    });
    times.push((await b.evaluate(() => window.changedAt)) - start);
  }
  const largest = Math.max(...sizes);
  if (Math.max(...times) > MARK_MS) failures.push(`a mark was seen after ${Math.max(...times)} ms`);
  if (largest > MARK_BYTES) failures.push(`a mark is told in ${largest} bytes`);

  let lost = 0;
  const ticked = async (page) =>
    JSON.parse((await recordsOf(page, 'cooks')).find((cook) => cook.id === id).fields.marks).filter(
      ({ kind }) => kind === 'ticked',
    );
  for (let i = 0; i < PAIRS; i++) {
    await Promise.all([tick(a, 0, 0), tick(b, 1, chance() * APART_MS)]);
    const wanted = i % 2 === 0;
    const both = async () => {
      for (let n = 0; n < 300; n++) {
        const shown = await Promise.all(
          [a, b].map((page) =>
            page.evaluate(() =>
              [...document.querySelectorAll('input[type=checkbox]')]
                .slice(0, 2)
                .map((box) => box.checked),
            ),
          ),
        );
        if (shown.flat().every((on) => on === wanted)) return true;
        await pause(50);
      }
      return false;
    };
    if (!(await both())) {
      lost++;
      failures.push(`pair ${i}: a mark of the other device is not shown`);
      break;
    }
  }
  const ids = (await ticked(a)).map((mark) => mark.id);
  const same = JSON.stringify(ids) === JSON.stringify((await ticked(b)).map((mark) => mark.id));
  if (!same || new Set(ids).size < ids.length) failures.push('the devices keep other marks');
  await browser.close();
  return [
    `a mark seen by the other device: median ${median(times).toFixed(0)} ms, worst ${Math.max(...times).toFixed(0)} ms; told in ${largest} bytes at most`,
    `${PAIRS} pairs of marks of one cook on two devices, 0 to ${APART_MS} ms apart: ${lost} lost, ${ids.length - new Set(ids).size} doubled`,
  ].join('\n');
}

await run([marks, twentyYears]);
