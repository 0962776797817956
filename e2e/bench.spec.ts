import { expect, serveAt, test } from './fixtures';

test('the water is dragged in the Well, a moment is shown, and a serving time sets the clock', async ({
  page,
}) => {
  await page.goto('/bench/b1');
  const water = page.getByTestId('water');
  await expect(water).toHaveText('1 L');
  const handle = page.getByTestId('water-handle');
  const box = await handle.boundingBox();
  if (!box) throw new Error('no handle');
  const x = box.x + box.width / 2;
  const y = box.y + box.height / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y - 10, { steps: 4 });
  await page.mouse.move(x, y - 24, { steps: 4 });
  await page.mouse.up();
  await expect(water).not.toHaveText('1 L');
  const litres = Number.parseFloat((await water.textContent()) ?? '');
  expect(litres).toBeGreaterThan(1.8);
  expect(litres).toBeLessThan(2.6);
  await expect(page.getByTestId('lane-water')).toContainText(`${litres}`);

  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(water).toHaveText('1 L');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(water).toHaveText(`${litres} L`);
  await page.keyboard.press('Control+z');
  await expect(water).toHaveText('1 L');

  await handle.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(water).toHaveText('1.1 L');
  await page.keyboard.press('PageDown');
  await expect(water).toHaveText('850 ml');
  await expect(handle).toHaveAttribute('aria-valuetext', '850 ml');

  const well = page.getByRole('region', { name: 'Well' });
  await expect(well.getByRole('img')).toHaveAttribute('aria-label', /foam line counts/);
  const moment = page.getByLabel('Moment shown');
  await expect(page.getByTestId('moment')).toContainText('0 kPa');
  const pieces = well.locator('svg circle');
  await expect(pieces.first()).toBeVisible();
  const before = await pieces.count();
  await moment.fill('30');
  await expect(page.getByTestId('moment')).toContainText('80 kPa');
  await expect(page.getByTestId('moment')).toContainText('115 °C');
  await moment.focus();
  await page.keyboard.press('End');
  // After opening, carrot and leek are in the pot as well.
  await expect(async () =>
    expect(await well.locator('svg :is(circle, rect)').count()).not.toBe(before),
  ).toPass();
  await serveAt(page, '18:30');
  await expect(page.getByTestId('trace')).toContainText('18:30');
});
