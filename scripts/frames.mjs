/**
 * Frame times of the Bench while a hand drags the end of a hold, twelve ingredients in the pot,
 * and how long the first answer to an edit takes. Needs a build.
 */
/* global window, document, performance, requestAnimationFrame, KeyboardEvent */
import { spawn } from 'node:child_process';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { ROOT } from './ensure.mjs';
import { BROWSER, serve } from './server.mjs';

const TWELVE = [
  '900 g lamb neck, 40 mm pieces',
  '120 g pearl barley',
  '2 onions, diced',
  '3 carrots, 30 mm chunks',
  '2 leeks, 15 mm rings',
  '2 celery stalks, sliced',
  '1 parsnip, 20 mm pieces',
  '200 g swede, 20 mm cubes',
  '3 cloves garlic',
  '2 bay leaves',
  '1 tsp salt',
  '1.2 l water',
];

const { home, stop } = await serve(spawn, path.join(ROOT, 'node_modules', '.bin', 'next'), 3232);
const browser = await chromium.launch(BROWSER);
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(home);
  await page.getByRole('link', { name: 'Plan a batch' }).click();
  await page.getByRole('button', { name: 'Begin with an empty pot' }).click();
  await page.getByLabel('Put in').fill(TWELVE.join('\n'));
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const hold = page.getByRole('slider', { name: 'End of the hold' });
  await page.getByTestId('lane-swede').waitFor();
  await page.getByText(/usually \d/).waitFor();
  await page.evaluate(() => {
    window.frames_ = [];
    let before = performance.now();
    const tick = (now) => {
      window.frames_.push(now - before);
      before = now;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  const box = await hold.boundingBox();
  const x = box.x + box.width / 2;
  const y = box.y + box.height / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.evaluate(() => (window.frames_.length = 0));
  for (let i = 0; i < 180; i++) await page.mouse.move(x + 60 * Math.sin(i / 12), y);
  const frames = (await page.evaluate(() => window.frames_)).sort((a, b) => a - b);
  await page.mouse.up();
  const at = (q) => frames[Math.floor((frames.length - 1) * q)].toFixed(1);
  console.log(
    `frames while dragging: ${frames.length}, median ${at(0.5)} ms, 95 % ${at(0.95)} ms, worst ${at(1)} ms`,
  );
  await page.getByText(/usually \d/).waitFor();
  const answers = [];
  for (let i = 0; i < 9; i++) {
    await hold.focus();
    answers.push(
      await page.evaluate(async () => {
        const label = () => document.querySelector('[aria-label="Answers"]').textContent;
        const before = label();
        const start = performance.now();
        document.activeElement.dispatchEvent(
          new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true, cancelable: true }),
        );
        while (label() === before && performance.now() - start < 3000)
          await new Promise((resolve) => requestAnimationFrame(resolve));
        return performance.now() - start;
      }),
    );
  }
  answers.sort((a, b) => a - b);
  console.log(
    `first answer after an edit: median ${answers[4].toFixed(0)} ms, worst ${answers[8].toFixed(0)} ms`,
  );
} finally {
  await browser.close();
  stop();
}
