import { accessible, expect, test } from './fixtures';

/** The two dishes of the evening, in two pots, and a pan of rice beside them. */
const CHILI = 'Borlotti and venison chili';
const FUMET = 'Fish-frame fumet with fennel';

test.describe('on a phone, by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('two pots are on, each a touch away, and called from every page', async ({ page }) => {
    const tap = (name: string): Promise<void> =>
      page.getByRole('button', { name, exact: true }).tap();
    const pots = page.getByRole('navigation', { name: 'Pots that are on' });
    await page.clock.install({ time: new Date('2026-11-24T17:00:00Z') });
    for (const batch of ['b7', 'b8']) {
      await page.goto(`/bench/${batch}`);
      await tap('Start cooking');
      await tap('Lid locked');
      await expect(page.getByRole('heading', { name: 'Coming to pressure' })).toBeVisible();
    }
    await page.clock.pauseAt(new Date('2026-11-24T17:30:00Z'));
    await tap('At pressure');
    await page.clock.runFor(500);
    await pots.getByRole('link', { name: CHILI }).tap();
    await page.clock.runFor(500);
    await expect(page.getByRole('heading', { name: CHILI })).toBeVisible();
    await expect(page.getByRole('list', { name: 'Next moves of all pots' })).toContainText(
      'Open the valve',
    );
    // The fumet's valve is due while the cook is elsewhere.
    await page.clock.fastForward('16:00');
    await expect(pots.getByRole('link', { name: FUMET })).toContainText('now: Heat off');
    await page.clock.resume();
    await accessible(page);
    await page.getByRole('link', { name: 'Kitchen' }).tap();
    await expect(page.getByRole('link', { name: /On the stove/ }).first()).toBeVisible();
  });
});
