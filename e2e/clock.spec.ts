import { accessible, expect, test } from './fixtures';

test('a clock set back, a page that slept and a clock set forward are named, and the hold goes on', async ({
  page,
}) => {
  const clock = page.getByTestId('clock');
  const alert = page.getByRole('alert');
  // A minute into a hold of 4, at 16:21 of a clock that stands but when it is run.
  await page.clock.install({ time: new Date('2026-11-24T16:00:00Z') });
  await page.goto('/bench/b5');
  await page.clock.pauseAt(new Date('2026-11-24T16:05:00Z'));
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.getByRole('button', { name: 'Lid locked' }).click();
  await page.clock.fastForward('15:00');
  await page.getByRole('button', { name: 'At pressure' }).click();
  await page.clock.fastForward('01:00');
  await expect(clock).toHaveText('3:00');

  // Set back by an hour.
  await page.clock.setSystemTime(new Date('2026-11-24T15:21:00Z'));
  await page.clock.runFor('00:02');
  await expect(alert.getByText(/The clock was set back 60 min/)).toBeVisible();
  await expect(clock).toHaveText('2:58');
  await page.getByRole('button', { name: 'OK', exact: true }).click();
  await expect(page.getByText(/set back/)).toHaveCount(0);
  await expect(
    page.getByText(/The page’s own timer differs from this device’s clock by 60 min/),
  ).toBeVisible();
  // The page loaded anew keeps it, too.
  await page.reload();
  await expect(clock).toHaveText('2:58');

  // Asleep for two minutes, as it seems; the cook says that it was the clock.
  const hide = (hidden: boolean): Promise<void> =>
    page.evaluate((value) => {
      Object.defineProperty(document, 'hidden', { value, configurable: true });
      document.dispatchEvent(new Event('visibilitychange'));
    }, hidden);
  await hide(true);
  await page.clock.setSystemTime(new Date('2026-11-24T15:23:02Z'));
  await hide(false);
  await page.clock.runFor('00:01');
  await expect(alert.getByText(/slept for 2 min/)).toBeVisible();
  await expect(clock).toHaveText('0:57');
  await page.getByRole('button', { name: 'No, the clock was changed' }).click();
  await page.clock.runFor('00:01');
  await expect(clock).toHaveText('2:56');

  // Set forward by an hour, which skips nothing unless the cook says that the time passed.
  await page.clock.setSystemTime(new Date('2026-11-24T16:23:04Z'));
  await page.clock.runFor('00:02');
  await expect(alert.getByText(/jumped 60 min ahead/)).toBeVisible();
  await expect(clock).toHaveText('2:54');
  await page.getByRole('button', { name: 'That time passed' }).click();
  await page.clock.runFor('00:01');
  await expect(clock).not.toHaveText('2:53');
  await page.clock.resume();
  await accessible(page);
});
