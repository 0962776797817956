import type { BrowserContext, Page } from '@playwright/test';
import { accessible, expect, test } from './fixtures';

const SLOW = { timeout: 90_000 };

const heading = (page: Page, name: string) => page.getByRole('heading', { name, exact: true });

/** Records the notifications of a hidden page, in the page itself. */
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

const calls = (page: Page) =>
  expect.poll(() => page.evaluate(() => (window as unknown as { told: string[] }).told), SLOW);

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
    await page.getByRole('button', { name: 'Start cooking' }).tap();
    await page.getByRole('button', { name: 'Lid locked' }).tap();
    await page.clock.fastForward('15:00');
    await page.getByRole('button', { name: 'At pressure' }).tap();
    await page.clock.fastForward('13:00');
    await expect(heading(page, 'Wait, valve shut')).toBeVisible();
    await hide(page, true);
    await page.clock.fastForward('01:30');
    await calls(page).toEqual(['Open the valve: Red lentil and carrot']);

    // A mark that came late is put right, and taken back.
    await hide(page, false);
    await page.getByRole('button', { name: 'Valve opened' }).tap();
    await page.getByRole('button', { name: 'Marks' }).tap();
    await page.clock.runFor(300);
    await page.getByRole('button', { name: 'Valve opened: a minute earlier' }).tap();
    await expect(page.getByRole('listitem').filter({ hasText: 'Valve opened' })).toContainText(
      '16:33',
    );
    await page.getByRole('button', { name: 'Undo: Valve opened' }).tap();
    await page.keyboard.press('Escape');
    await page.clock.runFor(500);
    await expect(heading(page, 'Open the valve')).toBeVisible();
    const url = page.url();
    await page.goto('/log');
    await page.clock.fastForward('20:00');
    // Late parts arrive by a timer, which a standing clock never reaches.
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
});
