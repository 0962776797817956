import type { Page } from '@playwright/test';
import { accessible, expect, test } from './fixtures';

/** In the hold of 4 minutes, a minute in, at 16:21 of a clock that stands but when it is run. */
async function inTheHold(page: Page): Promise<void> {
  await page.clock.install({ time: new Date('2026-11-24T16:00:00Z') });
  await page.goto('/bench/b5');
  await page.clock.pauseAt(new Date('2026-11-24T16:05:00Z'));
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  await page.getByRole('button', { name: 'Lid locked' }).click();
  await page.clock.fastForward('15:00');
  await page.getByRole('button', { name: 'At pressure' }).click();
  await page.clock.fastForward('01:00');
  await expect(page.getByTestId('clock')).toHaveText('3:00');
}

test('a clock set back in a hold is named, and the hold goes on as it was', async ({ page }) => {
  await inTheHold(page);
  await page.clock.setSystemTime(new Date('2026-11-24T15:21:00Z'));
  await page.clock.runFor('00:02');
  await expect(page.getByRole('alert').getByText(/The clock was set back 60 min/)).toBeVisible();
  await expect(page.getByTestId('clock')).toHaveText('2:58');
  await page.getByRole('button', { name: 'Good' }).click();
  await expect(page.getByText(/set back/)).toHaveCount(0);
  await expect(page.getByText(/Counted apart from this device’s clock, by 60 min/)).toBeVisible();
  // So it does in the page loaded anew.
  await page.reload();
  await expect(page.getByTestId('clock')).toHaveText('2:58');
  await page.clock.resume();
  await accessible(page);
});

test('a clock set forward does not skip the hold unless the cook says that the time passed', async ({
  page,
}) => {
  await inTheHold(page);
  await page.clock.setSystemTime(new Date('2026-11-24T17:21:00Z'));
  await page.clock.runFor('00:02');
  await expect(page.getByRole('alert').getByText(/jumped 60 min ahead/)).toBeVisible();
  await expect(page.getByTestId('clock')).toHaveText('2:58');
  await page.getByRole('button', { name: 'That time passed' }).click();
  await page.clock.runFor('00:01');
  await expect(page.getByTestId('clock')).not.toHaveText('2:57');
});

test('a page that slept goes on by the clock, and says so', async ({ page }) => {
  await inTheHold(page);
  await page.evaluate(() => {
    Object.defineProperty(document, 'hidden', { value: true, configurable: true });
    document.dispatchEvent(new Event('visibilitychange'));
  });
  await page.clock.setSystemTime(new Date('2026-11-24T16:23:00Z'));
  await page.evaluate(() => {
    Object.defineProperty(document, 'hidden', { value: false, configurable: true });
    document.dispatchEvent(new Event('visibilitychange'));
  });
  await page.clock.runFor('00:01');
  await expect(page.getByRole('alert').getByText(/slept for 2 min/)).toBeVisible();
  await expect(page.getByTestId('clock')).toHaveText('0:59');
  await page.getByRole('button', { name: 'No, the clock was changed' }).click();
  await page.clock.runFor('00:01');
  await expect(page.getByTestId('clock')).toHaveText('2:58');
});
