import type { BrowserContext, Page } from '@playwright/test';
import { accessible, expect, test } from './fixtures';
import { hardChili, heading, kept, lockTheLid, putOn, SLOW } from './tools/liveCook';

/** What a system would show while the page is hidden, kept by the page. */
async function listenForCalls(context: BrowserContext): Promise<void> {
  await context.addInitScript(() => {
    const told: string[] = [];
    class Told {
      static permission = 'granted';
      static requestPermission = (): Promise<string> => Promise.resolve('granted');
      constructor(title: string) {
        told.push(title);
      }
      close(): void {
        told.length = 0;
      }
    }
    Object.assign(window, { Notification: Told, told });
  });
}

const calls = (page: Page, timeout = SLOW.timeout) =>
  expect.poll(() => page.evaluate(() => (window as unknown as { told: string[] }).told), {
    timeout,
  });

const hide = (page: Page, hidden: boolean): Promise<void> =>
  page.evaluate((value) => {
    Object.defineProperty(document, 'hidden', { value, configurable: true });
  }, hidden);

test.describe('on a phone, by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a cook is called while the tab is hidden, and led on after it was closed', async ({
    page,
    context,
  }) => {
    await listenForCalls(context);
    await page.clock.install({ time: new Date('2026-11-24T16:00:00Z') });
    await page.goto('/bench/b5');
    await page.clock.pauseAt(new Date('2026-11-24T16:05:00Z'));
    await page.getByRole('button', { name: 'Take it to the stove' }).tap();
    await page.getByRole('button', { name: 'Lid locked' }).tap();
    await page.clock.fastForward('15:00');
    await page.getByRole('button', { name: 'At pressure' }).tap();
    await page.clock.fastForward('13:00');
    await expect(heading(page, 'Wait, valve shut')).toBeVisible();
    await hide(page, true);
    await page.clock.fastForward('01:30');
    await calls(page).toEqual(['Open the valve']);

    // A mark that came late is put right, and taken back.
    await hide(page, false);
    await page.getByRole('button', { name: 'Valve opened' }).tap();
    await page.getByRole('button', { name: 'Marks' }).tap();
    await page.clock.runFor(300);
    await page.getByRole('button', { name: 'Valve opened: a minute earlier' }).tap();
    await expect(page.getByRole('listitem').filter({ hasText: 'Valve opened' })).toContainText(
      '16:33',
    );
    await page.getByRole('button', { name: 'Take back: Valve opened' }).tap();
    await page.keyboard.press('Escape');
    await page.clock.runFor(500);
    await expect(heading(page, 'Open the valve')).toBeVisible();
    const url = page.url();
    await page.goto('/log');
    await page.clock.fastForward('20:00');
    // What is loaded late is shown by a timer, which a standing clock does not reach.
    await expect(async () => {
      await page.clock.runFor(500);
      await expect(page.getByRole('link', { name: /On the stove/ })).toContainText(
        'Open the valve',
        { timeout: 500 },
      );
    }).toPass();
    await page.goto(url);
    await expect(heading(page, 'Open the valve')).toBeVisible();
    await page.clock.resume();
    await page.getByRole('button', { name: 'Night' }).tap();
    await accessible(page);
  });

  test('a late pot goes on with the page closed for 20 min, the clock set back and the tab hidden', async ({
    page: first,
    context,
  }) => {
    await listenForCalls(context);
    const at = '2026-11-24T16:00:00.000Z';
    await context.clock.install({ time: at });
    await putOn(first, hardChili(at, 1));
    const url = await lockTheLid(first);
    await first.close();
    await context.clock.fastForward('20:00');

    const page = await context.newPage();
    const soon = (what: () => Promise<void>): Promise<void> =>
      expect(async () => {
        await context.clock.fastForward('02:00');
        await what();
      }).toPass({ ...SLOW, intervals: [100] });
    await page.goto(url);
    await expect(heading(page, 'Coming to pressure')).toBeVisible();
    // What the pot said meanwhile is heard: it was as warm as twenty minutes make it.
    await expect(page.getByTestId('face')).toContainText('heating');
    await soon(() => expect(heading(page, 'Hold')).toBeVisible({ timeout: 300 }));
    await context.clock.setSystemTime('2026-11-24T15:30:00.000Z');
    await context.clock.runFor(2000);
    await expect(page.getByRole('alert').getByText(/The clock was set back/)).toBeVisible();
    await page.getByRole('alert').getByRole('button', { name: 'Good' }).tap();
    await expect(heading(page, 'Hold')).toBeVisible();
    await hide(page, true);
    await soon(() => calls(page, 300).toEqual(['Open the valve']));
    await hide(page, false);
    await page.getByRole('button', { name: 'Valve opened', exact: true }).tap();
    await soon(() => expect(heading(page, 'Open the lid')).toBeVisible({ timeout: 300 }));
    await expect(page.getByTestId('face')).toContainText('pin down');
    await accessible(page);
    const { marks } = await kept(page);
    expect(marks.map((m) => m.kind)).toEqual(
      expect.arrayContaining(['ticked', 'lid-locked', 'pin-up', 'at-pressure', 'valve-opened']),
    );
  });

  test('a cook who presses nothing but the lid is led on all the same', async ({ page }) => {
    await page.clock.install({ time: new Date('2026-11-24T16:00:00Z') });
    await page.goto('/bench/b5');
    await page.clock.pauseAt(new Date('2026-11-24T16:05:00Z'));
    await page.getByRole('button', { name: 'Take it to the stove' }).tap();
    await page.getByRole('button', { name: 'Lid locked' }).tap();
    await page.clock.fastForward('29:00');
    await expect(heading(page, 'Hold')).toBeVisible();
    await page.clock.fastForward('20:00');
    await expect(heading(page, 'Open the valve')).toBeVisible();
    await page.getByRole('button', { name: 'Mark what you see' }).tap();
    await page.clock.runFor(300);
    await page.getByRole('button', { name: 'Lid off already' }).tap();
    await expect(heading(page, 'To the table')).toBeVisible();
  });
});

test('a log of the pot is opened, and one that is none is refused in words', async ({ page }) => {
  await page.goto('/bench/b5');
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  await page.getByRole('button', { name: 'Marks' }).click();
  const file = page.getByLabel('Open a log of the pot (.jsonl)');
  await file.setInputFiles({
    name: 'x.jsonl',
    mimeType: 'text/plain',
    buffer: Buffer.from('{}\nx'),
  });
  await expect(page.getByText('Line 2 is not JSON.')).toBeVisible();
  await file.setInputFiles('demo/pot-link.jsonl');
  await expect(page.getByRole('dialog').getByText('Pin down')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(heading(page, 'To the table')).toBeVisible();
});
