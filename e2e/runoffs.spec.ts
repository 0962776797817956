import { accessible, beginEmpty, expect, putIn, test } from './fixtures';
import { drag, touch } from './hands';

test('the stopping point of a run and its water are dragged, and all follows', async ({ page }) => {
  await page.goto('/bench/b3');
  await expect(page.getByTestId('run-3')).toBeVisible();
  const second = page.getByTestId('run-2');
  const given = await second.textContent();
  // The cursor goes by, and shows the run it is in.
  await page.getByLabel('Moment shown').fill('240');
  const shown = page.getByRole('group', { name: 'Broth shown in the pot' });
  await expect(shown.getByRole('button', { name: '2' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByLabel('Moment shown').blur();
  await expect(shown.getByRole('button', { name: '1' })).toHaveAttribute('aria-pressed', 'true');
  const stop = page.getByRole('slider', { name: 'End of broth 1' });
  const first = page.getByTestId('run-1');
  await expect(stop).toHaveAttribute('aria-valuenow', '90');
  await expect(first).toContainText('soft jelly');
  const before = await first.textContent();
  await drag(page, stop, -70);
  await expect(stop).not.toHaveAttribute('aria-valuenow', '90');
  const minutes = Number(await stop.getAttribute('aria-valuenow'));
  expect(minutes).toBeGreaterThan(10);
  expect(minutes).toBeLessThan(60);
  // The plan itself has changed: its step bar, and what the run gives.
  await expect(
    page.getByRole('button', { name: `hold ${minutes} min, change` }).first(),
  ).toBeVisible();
  await expect(first).not.toHaveText(before ?? '');
  await expect(first).toContainText(/wobbly|liquid/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(first).toHaveText(before ?? '');
  await expect(second).toHaveText(given ?? '');

  // The cook turns to the second run and drags its surface down.
  await shown.getByRole('button', { name: '2' }).click();
  const surface = page.getByTestId('water-handle');
  const box = await surface.boundingBox();
  if (!box) throw new Error('no surface');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 15, { steps: 6 });
  await page.mouse.up();
  await expect(second).not.toHaveText(given ?? '');
  await expect(page.getByTestId('water')).not.toHaveText('3 L');
  await page.getByRole('tab', { name: 'Lanes' }).click();
  const waters = page.getByTestId('lane-water');
  await expect(waters).toHaveCount(3);
  await expect(waters.first()).toContainText('3 L');
  await expect(waters.nth(1)).toContainText('stage');
  await page.getByRole('tab', { name: 'Broths' }).click();
  await stop.focus();
  await page.keyboard.press('PageDown');
  await expect(stop).toHaveAttribute('aria-valuenow', '85');
  await page.reload();
  await expect(stop).toHaveAttribute('aria-valuenow', '85');
  await accessible(page);
});

test('a broth is planned from nothing on a phone, its stop moved by thumb', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    ...(baseURL && { baseURL }),
  });
  const page = await context.newPage();
  await page.goto('/');
  await beginEmpty(page);
  await putIn(page, [
    ['1 kg veal knuckle', 'veal-knuckle'],
    ['2 l water', 'water'],
  ]);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Type: broth' }).click();
  const stop = page.getByRole('slider', { name: 'End of broth 1' });
  await expect(stop).toHaveAttribute('aria-valuenow', '15');
  await touch(context, page, stop, 60, 0);
  await expect(stop).not.toHaveAttribute('aria-valuenow', '15');
  await page.getByRole('button', { name: 'Use the bones again' }).click();
  await expect(page.getByTestId('run-2')).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
  await accessible(page);
  await context.close();
});
