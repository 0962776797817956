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

test('two dishes for one pot are told, and the second is refused while the first is on', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-11-24T15:00:00Z') });
  await wantedAt(page, 'b7', '18:30');
  await wantedAt(page, 'b5', '18:30');
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'The evening' })).toContainText(
    /want Big enamel at the same time/,
  );
  await page.goto('/bench/b7');
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  await expect(page).toHaveURL(/\/stove\//);
  await page.goto('/bench/b5');
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Big enamel' })).toContainText(
    `is on the stove with ${CHILI}`,
  );
  await expect(page).toHaveURL(/\/bench\/b5/);
  await accessible(page);
});

test.describe('on a phone, by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('two pots and a pan, one late and one early, and no move is missed', async ({ page }) => {
    const tap = (name: string | RegExp): Promise<void> =>
      page.getByRole('button', { name, exact: typeof name === 'string' }).tap();
    const pots = page.getByRole('navigation', { name: 'Pots that are on' });
    const to = (name: string): Promise<void> => pots.getByRole('link', { name }).tap();
    const moves = page.getByRole('list', { name: 'Moves by the clock' });
    const due = moves.getByRole('listitem').filter({ hasText: /^now/ });
    const title = (name: string) => page.getByRole('heading', { name, exact: true });

    await page.clock.install({ time: new Date('2026-11-24T17:00:00Z') });
    await page.goto('/bench/b7');
    await page.getByLabel('Put in').fill('rice apart, 18 min');
    await page.getByLabel('Put in').press('Enter');
    await expect(page.getByRole('list', { name: 'Alongside' })).toContainText('rice apart');
    await page.clock.pauseAt(new Date('2026-11-24T17:10:00Z'));
    await tap('Take it to the stove');
    await tap('Lid locked');
    await page.clock.resume();
    await page.goto('/bench/b8');
    await expect(page.getByRole('link', { name: /On the stove/ })).toBeVisible();
    await page.clock.pauseAt(new Date('2026-11-24T17:15:00Z'));
    await tap('Take it to the stove');
    await tap('Lid locked');

    // The chili is foretold at pressure at 17:32, the fumet at 17:40: that one comes early.
    await page.clock.fastForward('19:00');
    await expect(title('Coming to pressure')).toBeVisible();
    await tap('At pressure');
    await expect(title('Hold')).toBeVisible();
    // The other one is late: 17:37.
    await page.clock.fastForward('03:00');
    await to(CHILI);
    await page.clock.runFor(500);
    await tap('At pressure');
    await expect(moves).toContainText('Open the valve');
    // The fumet's valve, 17:49, while the chili stands large.
    await page.clock.fastForward('12:00');
    await expect(due).toContainText('Open the valve');
    await expect(pots.getByRole('link', { name: FUMET })).toContainText('now: Open the valve');
    await to(FUMET);
    await page.clock.runFor(500);
    await tap('Valve opened');
    await page.clock.fastForward('01:00');
    await tap('Pin down');
    await tap('Lid off');
    await page.clock.fastForward('01:00');
    await tap('Done');
    await expect(title('To the table')).toBeVisible();
    await tap('Write it in the log');
    await expect(page).toHaveURL(/\/log\//);

    // Rice is called from any page, begun, and called again when it is ready.
    await page.goto('/stove');
    await expect(async () => {
      await page.clock.fastForward('01:00');
      await expect(due.filter({ hasText: 'Rice apart: begin' })).toHaveCount(1, { timeout: 300 });
    }).toPass();
    await page.goto('/kitchen');
    await expect(async () => {
      await page.clock.runFor(500);
      await expect(page.getByRole('link', { name: /On the stove/ })).toContainText(
        'rice apart: begin',
        { timeout: 300 },
      );
    }).toPass();
    await page.goto('/stove');
    await tap('Begun: rice apart');
    await expect(async () => {
      await page.clock.fastForward('01:00');
      await expect(due.filter({ hasText: 'Open the valve' })).toHaveCount(1, { timeout: 300 });
    }).toPass();
    await tap('Valve opened');
    await page.clock.fastForward('01:00');
    await tap('Pin down');
    await tap('Lid off');
    await expect(async () => {
      await page.clock.fastForward('01:00');
      await expect(due.filter({ hasText: 'Rice apart: ready' })).toHaveCount(1, { timeout: 300 });
    }).toPass();
    await tap('Done: rice apart');
    await expect(moves.getByText(/rice apart/i)).toHaveCount(0);
    await tap('Done');
    await expect(title('To the table')).toBeVisible();
    await page.clock.resume();
    await accessible(page);
  });
});
