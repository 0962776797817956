import { accessible, expect, test } from './fixtures';

test('nothing serious by axe on any screen', async ({ page }) => {
  const screens: readonly (readonly [path: string, heading: string | RegExp])[] = [
    ['/', 'Batches'],
    ['/bench/b4', 'Yellow split pea with smoked turkey wing'],
    ['/bench/gone', 'This batch is not here any more'],
    ['/stove', 'Nothing on the stove'],
    ['/log', 'Log'],
    ['/log/r2', 'Borlotti and venison chili'],
    ['/kitchen', 'Kitchen'],
  ];
  for (const [path, heading] of screens) {
    await page.goto(path);
    await expect(page.getByRole('heading', { name: heading, level: 1 })).toBeAttached();
    await expect(page.locator('.animate-pulse')).toHaveCount(0);
    await accessible(page);
  }
});

test('the kitchen is edited with checked forms', async ({ page }) => {
  await page.goto('/kitchen');
  await expect(page.getByTestId('boils')).toHaveText('Water boils at 96 °C here.');
  await page.getByLabel('Altitude, m').fill('very high');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'wanted' })).toHaveText(
    'wanted: a number from -400 to 5000 m',
  );
  await page.getByLabel('Altitude, m').fill('0');
  await expect(page.getByTestId('boils')).toHaveText('Water boils at 100 °C here.');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByTestId('pot-p1')).toContainText('high is 117 °C');
  await page.getByRole('switch').click();
  await expect(page.getByTestId('boils')).toHaveText('Water boils at 212 °F here.');
  await expect(page.getByTestId('pot-p1')).toContainText('6.0 qt, 8 5/8 in');

  await page.getByTestId('pot-p1').getByRole('button', { name: 'Change' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Foam line, of capacity').fill('0.9');
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(sheet.getByRole('alert')).toHaveText('wanted: no more than the fill line');
  await accessible(page);
  await sheet.getByLabel('Foam line, of capacity').fill('0,45');
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(sheet).toBeHidden();
  await page.reload();
  await expect(page.getByTestId('pot-p1')).toContainText('foam line 2.7 qt');
});

test('on a phone nothing is wider than the screen', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of ['/', '/bench/b1', '/log', '/log/r1', '/kitchen']) {
    await page.goto(path);
    await expect(page.locator('main')).toBeVisible();
    await expect(page.locator('.animate-pulse')).toHaveCount(0);
    const wider = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(wider, path).toBeLessThanOrEqual(0);
  }
});

test('a US kitchen thinks in quarts, feet, inches, psi and Fahrenheit', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByRole('switch').click();
  await expect(page.getByLabel('Altitude, ft')).toHaveValue('3773');
  await page.getByTestId('pot-p1').getByRole('button', { name: 'Change' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByLabel('Capacity to the brim, qt')).toHaveValue('6.02');
  await sheet.getByLabel('Capacity to the brim, qt').fill('8');
  await accessible(page);
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByTestId('pot-p1')).toContainText('8.0 qt, 8 5/8 in');

  // No litres, metres, kilopascals or Celsius where a cook plans.
  const metric = /\d\s?(?:L|ml|kg|kPa|°C|cm|mm|m)(?![\w/])/;
  for (const path of ['/', '/bench/b1', '/bench/b4', '/kitchen', '/log']) {
    await page.goto(path);
    await expect(page.locator('main')).toBeVisible();
    await expect(page.locator('.animate-pulse')).toHaveCount(0);
    if (path.startsWith('/bench')) {
      await expect(page.locator('.recharts-surface').first()).toBeVisible();
      await expect(page.locator('[aria-label="Calls"][aria-busy="false"]')).toBeVisible();
    }
    const said = await page.locator('body').evaluate((body) => {
      const texts: string[] = [];
      const walk = document.createTreeWalker(body, NodeFilter.SHOW_TEXT);
      for (let node = walk.nextNode(); node; node = walk.nextNode())
        if (!node.parentElement?.closest('script, style'))
          texts.push(node.parentElement?.textContent ?? '');
      return texts;
    });
    expect(
      said.filter((text) => metric.test(text)),
      path,
    ).toEqual([]);
  }
});
