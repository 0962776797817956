import type { Page } from '@playwright/test';
import { accessible, expect, test } from './fixtures';

/** Sizes of a desk, a phone, and a phone on its side. */
const SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
  { width: 844, height: 390 },
] as const;
/** Height of the bar over the foot of a phone's page. */
const FOOT = 57;

/** The first screen, without scrolling: task, clock, caution, button, next step. */
async function onFirstScreen(page: Page): Promise<void> {
  for (const size of SIZES) {
    await page.setViewportSize(size);
    const outside = await page.evaluate((foot) => {
      scrollTo(0, 0);
      const low = innerHeight - (innerWidth < 640 ? foot : 0);
      const now = document.querySelector('section[aria-label="Now"]');
      const parts: readonly (readonly [string, Element | null | undefined])[] = [
        ['what to do', now?.querySelector('h2')],
        ['the clock', now?.querySelector('[role="timer"]')],
        ['the caution', now?.querySelector('[data-testid="caution"]')],
        ['the button', now?.querySelector('button')],
        ['what is next', now?.querySelector('ul[aria-label="Also due, or next"]')],
      ];
      return parts.flatMap(([name, part]) => {
        if (!part) return name === 'what to do' || name === 'the clock' ? [`no ${name}`] : [];
        const box = part.getBoundingClientRect();
        const isIn = box.top >= 0 && box.bottom <= low && box.left >= 0 && box.right <= innerWidth;
        return isIn ? [] : [`${name} at ${Math.round(box.top)} to ${Math.round(box.bottom)}`];
      });
    }, FOOT);
    const title = await page.getByRole('heading', { level: 2 }).first().textContent();
    expect(outside, `${title} at ${size.width} x ${size.height}`).toEqual([]);
  }
}

const PRESS = /^(?:Lid locked|At pressure|Heat off|Valve opened|Pin down|Lid off|Done)$/;

/** Presses what the stage asks for, or ends it. */
async function goOn(page: Page): Promise<void> {
  const now = page.getByRole('region', { name: 'Now' });
  const before = await page.getByTestId('words').textContent();
  for (const name of [PRESS, 'Valve opened early', 'End the hold now']) {
    const button = now.getByRole('button', { name }).first();
    if (!(await button.isVisible())) continue;
    await button.click();
    break;
  }
  // A wait runs out by the clock.
  await page.clock.runFor(1500);
  await expect(async () => {
    const words = page.getByTestId('words');
    if (await words.isVisible()) expect(await words.textContent()).not.toBe(before);
  }).toPass();
}

test.describe('the first screen of the Stove', () => {
  for (const batch of ['b1', 'b2', 'b3', 'b5', 'b7', 'b8'])
    test(`has all that matters now, at every stage of ${batch}`, async ({ page }) => {
      test.setTimeout(240_000);
      await page.clock.install({ time: new Date('2026-11-24T17:00:00Z') });
      await page.goto(`/bench/${batch}`);
      await page.getByRole('button', { name: 'Start cooking' }).click();
      const why = page.getByLabel('Why you cook it anyway');
      await expect(page.getByTestId('clock').or(why)).toBeVisible();
      if (await why.isVisible()) {
        await why.fill('a test');
        await page.getByRole('button', { name: 'Cook it anyway' }).click();
      }
      await expect(page.getByTestId('clock')).toBeVisible();
      for (let stage = 0; stage < 30; stage++) {
        if (!(await page.getByRole('region', { name: 'Now' }).isVisible())) break;
        await onFirstScreen(page);
        await goOn(page);
      }
      await expect(page.getByRole('region', { name: 'Now' })).toHaveCount(0);
    });
});

test.describe('four things at once', () => {
  test.use({ hasTouch: true });

  test('two pots and two pans: what is overdue is on the first screen, and done by touch', async ({
    page,
  }) => {
    await page.setViewportSize(SIZES[1]);
    await page.clock.install({ time: new Date('2026-11-24T17:00:00Z') });
    await page.goto('/bench/b7');
    for (const line of ['rice apart, 18 min', 'flatbread apart, 17 min']) {
      await page.getByLabel('Put in').fill(line);
      await page.getByLabel('Put in').press('Enter');
      await expect(page.getByRole('list', { name: 'Alongside' })).toContainText(
        line.replace(/,.*/, ''),
      );
    }
    for (const batch of ['b7', 'b8']) {
      await page.goto(`/bench/${batch}`);
      await page.getByRole('button', { name: 'Start cooking' }).tap();
      await page.getByRole('button', { name: 'Lid locked', exact: true }).tap();
      await expect(page.getByRole('heading', { name: 'Coming to pressure' })).toBeVisible();
    }
    const also = page.getByRole('list', { name: 'Also due, or next' });
    // Both pans are due by then, and both pots late.
    await page.clock.pauseAt(new Date('2026-11-24T18:25:00Z'));
    await page.clock.runFor(1500);
    await expect(also).toContainText('rice apart: begin', { ignoreCase: true });
    await expect(also).toContainText('flatbread apart: begin', { ignoreCase: true });
    await onFirstScreen(page);
    for (const size of [SIZES[1], SIZES[2]]) {
      await page.setViewportSize(size);
      const name = size === SIZES[1] ? 'Begun: rice apart' : 'Begun: flatbread apart';
      const button = page.getByRole('button', { name });
      await expect(button).toBeInViewport({ ratio: 1 });
      await button.tap();
      await page.clock.runFor(500);
      await expect(button).toHaveCount(0);
    }
  });
});

test('a call sounds again and again until the page is touched, and stands in the title of every page', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const tones: number[] = [];
    Object.assign(window, { tones });
    class Tones {
      state = 'running';
      currentTime = 0;
      destination = {};
      resume() {
        return Promise.resolve();
      }
      createOscillator() {
        const node = {
          type: '',
          frequency: {
            set value(hz: number) {
              tones.push(hz);
            },
          },
          connect: () => ({ connect: () => undefined }),
          start: () => undefined,
          stop: () => undefined,
        };
        return node;
      }
      createGain() {
        const gain = { setValueAtTime: () => undefined, linearRampToValueAtTime: () => undefined };
        return { gain, connect: () => undefined };
      }
    }
    Object.assign(window, { AudioContext: Tones });
  });
  const tones = (): Promise<number> =>
    page.evaluate(() => (window as unknown as { tones: number[] }).tones.length);
  await page.clock.install({ time: new Date('2026-11-24T17:00:00Z') });
  await page.goto('/bench/b8');
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.getByRole('button', { name: 'Lid locked', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Coming to pressure' })).toBeVisible();
  await page.getByRole('button', { name: 'At pressure', exact: true }).click();
  // A mark that the pot can hardly have made is asked about, and stands if it is right.
  await expect(page.getByRole('region', { name: 'Is that right?' })).toContainText('already');
  await page.getByRole('button', { name: 'Yes, it is at pressure' }).click();
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await expect(page.getByRole('link', { name: /On the stove/ })).toBeVisible();
  await page.clock.pauseAt(new Date('2026-11-24T17:10:00Z'));
  const quiet = await tones();
  await page.clock.runFor('06:00');
  await expect(page).toHaveTitle(/^\(1\) Heat off, Fish-frame fumet/);
  await expect(page.getByRole('alert', { name: 'Calls that wait' })).toContainText('Heat off');
  const first = await tones();
  expect(first).toBeGreaterThan(quiet);
  await page.clock.runFor('01:00');
  const again = await tones();
  expect(again).toBeGreaterThan(first + 3);
  await page.clock.resume();
  await accessible(page);
  // Touched anywhere, it is heard.
  await page.getByRole('heading', { level: 1 }).first().click();
  await expect(page.getByRole('alert', { name: 'Calls that wait' })).toHaveCount(0);
  await page.clock.pauseAt(new Date('2026-11-24T17:20:00Z'));
  const heard = await tones();
  await page.clock.runFor('01:00');
  expect(await tones()).toBe(heard);
});

test('back after 95 minutes: what was to happen, and whether the heat went off', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-11-24T17:00:00Z') });
  await page.goto('/bench/b8');
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.getByRole('button', { name: 'Lid locked', exact: true }).click();
  await page.clock.pauseAt(new Date('2026-11-24T17:25:00Z'));
  await page.getByRole('button', { name: 'At pressure', exact: true }).click();
  await page.clock.runFor(1000);
  await expect(page.getByRole('heading', { name: 'Hold' })).toBeVisible();
  const href = page.url();
  await page.goto('about:blank');
  await page.clock.fastForward('01:35:00');
  await page.goto(href);
  const away = page.getByRole('region', { name: 'While you were away' });
  await expect(away).toContainText('the heat was to go off');
  await expect(away).toContainText('Was the heat turned off in time?');
  await page.clock.resume();
  await accessible(page);
  await away.getByRole('button', { name: 'It is still on' }).click();
  // Nothing is taken for done: the heat is still to go off.
  await expect(page.getByRole('heading', { name: 'Heat off' })).toBeVisible();
  await expect(page.getByTestId('clock')).toContainText('+');
});
