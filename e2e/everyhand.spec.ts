/** For every hand and eye: what axe cannot see (WCAG 2.2). */
import { expect, test } from './fixtures';

test('the first Tab skips to the page', async ({ page }) => {
  await page.goto('/log');
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible();
  await page.keyboard.press('Tab');
  const skip = page.getByRole('link', { name: 'Skip to the page' });
  await expect(skip).toBeFocused();
  await expect(skip).toBeInViewport();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  const inPage = await page.evaluate(
    () => document.activeElement?.closest('#page main') !== null && document.activeElement !== null,
  );
  expect(inPage).toBe(true);
});

test('“?” helps on every page, and single letters can be switched off', async ({ page }) => {
  await page.goto('/larder');
  await expect(page.getByRole('heading', { name: 'Larder' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page).toHaveURL(/\/help$/);

  await page.goto('/bench/b5');
  await expect(page.getByTestId('lane-carrot')).toBeVisible();
  await page.keyboard.press('?');
  await page.getByRole('switch', { name: 'Single letters are shortcuts' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('c');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible();
  await page.getByRole('switch', { name: 'Single letters are shortcuts' }).click();
  await page.keyboard.press('Escape');
  await page.keyboard.press('c');
  await expect(page.getByRole('list', { name: 'Timetable' })).toBeVisible();
});

test('the curves are a table too, and handles go to their ends by key', async ({ page }) => {
  await page.goto('/bench/b5');
  const table = page.getByRole('table', { name: 'Temperature, pressure and level over time' });
  await expect(table.getByRole('row')).not.toHaveCount(0);
  await expect(table).toContainText('hold');
  const end = page.getByRole('slider', { name: 'End of the hold' });
  await end.focus();
  await page.keyboard.press('Home');
  await expect(end).toHaveAttribute('aria-valuenow', '0');
  const entry = page.getByRole('slider', { name: 'carrot goes in' });
  await entry.focus();
  await page.keyboard.press('End');
  await expect(entry).toHaveAttribute('aria-valuetext', 'cooked separately, added when served');
});

for (const width of [640, 320])
  test(`no page is wider than a window of ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height: 640 });
    for (const path of [
      '/',
      '/desk',
      '/bench/b1',
      '/stove',
      '/larder',
      '/log',
      '/kitchen',
      '/help',
    ]) {
      await page.goto(path);
      await expect(page.getByRole('heading').first()).toBeVisible();
      await expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth), { message: path })
        .toBeLessThanOrEqual(width);
    }
  });
