import type { Page } from '@playwright/test';
import { accessible, expect, test } from './fixtures';

/** The two dishes of the evening, in two pots, and a pan of rice beside them. */
const CHILI = 'Borlotti and venison chili';
const FUMET = 'Fish-frame fumet with fennel';

async function wantedAt(page: Page, id: string, time: string): Promise<void> {
  await page.goto(`/bench/${id}`);
  await page.getByLabel('on the table').fill(time);
  await page.getByLabel('on the table').press('Enter');
  // It is kept: the page may be left.
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
}

/** The moment at which a valve is to be opened, by the timetable of the evening. */
async function valveOf(page: Page, name: string): Promise<string> {
  const row = page
    .getByRole('list', { name: 'Timetable of the evening' })
    .getByRole('listitem')
    .filter({ hasText: name })
    .filter({ hasText: 'Open the valve' });
  return ((await row.locator('.figure').textContent()) ?? '').trim();
}

const minuteOf = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));
const timeOf = (minute: number): string =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

test('two valves at once are told where an evening is planned, and one touch parts them', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-11-24T15:00:00Z') });
  await wantedAt(page, 'b7', '18:30');
  await wantedAt(page, 'b8', '18:30');
  await page.goto('/');
  const evening = page.getByRole('region', { name: 'The evening' });
  await expect(evening).toContainText('2 dishes within a day');
  await evening.getByRole('button', { name: 'All by the clock' }).click();
  const [chili, fumet] = [await valveOf(page, CHILI), await valveOf(page, FUMET)];
  await accessible(page);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Into a calendar' }).click();
  expect((await saved).suggestedFilename()).toBe('evening.ics');
  await page.keyboard.press('Escape');

  // Put on the table so that both are opened in one minute.
  const together = minuteOf('18:30') + minuteOf(chili) - minuteOf(fumet);
  await wantedAt(page, 'b8', timeOf(together));
  await page.goto('/');
  await expect(evening).toContainText(/both valves at \d\d:\d\d, and one pair of hands/);
  await accessible(page);
  await evening.getByRole('button', { name: /\d min earlier$/ }).click();
  await expect(evening.getByText(/both valves/)).toHaveCount(0);
  await expect(evening).toContainText('2 dishes within a day');
});

test.describe('on a phone, by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('two pots are on, each a touch away, and called from every page', async ({ page }) => {
    const tap = (name: string): Promise<void> =>
      page.getByRole('button', { name, exact: true }).tap();
    const pots = page.getByRole('navigation', { name: 'Pots that are on' });
    await page.clock.install({ time: new Date('2026-11-24T17:00:00Z') });
    for (const batch of ['b7', 'b8']) {
      await page.goto(`/bench/${batch}`);
      await tap('Take it to the stove');
      await tap('Lid locked');
      await expect(page.getByRole('heading', { name: 'Coming to pressure' })).toBeVisible();
    }
    await page.clock.pauseAt(new Date('2026-11-24T17:30:00Z'));
    await tap('At pressure');
    await page.clock.runFor(500);
    await pots.getByRole('link', { name: CHILI }).tap();
    await page.clock.runFor(500);
    await expect(page.getByRole('heading', { name: CHILI })).toBeVisible();
    await expect(page.getByRole('list', { name: 'Moves by the clock' })).toContainText(
      'Open the valve',
    );
    // The fumet's valve is due while the cook is elsewhere.
    await page.clock.fastForward('16:00');
    await expect(pots.getByRole('link', { name: FUMET })).toContainText('now: Open the valve');
    await page.clock.resume();
    await accessible(page);
    await page.getByRole('link', { name: 'Kitchen' }).tap();
    await expect(page.getByRole('link', { name: /On the stove/ }).first()).toBeVisible();
  });
});
