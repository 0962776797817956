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
  await page.getByRole('button', { name: 'Change' }).first().click();
  const kitchen = page.getByRole('dialog');
  await kitchen.getByLabel('Altitude, m').fill('very high');
  await kitchen.getByRole('button', { name: 'Keep' }).click();
  await expect(kitchen.getByRole('alert')).toHaveText('wanted: a number from -400 to 5000 m');
  await accessible(page);
  await kitchen.getByLabel('Altitude, m').fill('0');
  await kitchen.getByLabel('Pressure in').selectOption('bar');
  await kitchen.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByTestId('boils')).toHaveText('Water boils at 100 °C here.');
  await expect(page.getByTestId('pot-p1')).toContainText('high is 0.80 bar and 117 °C');
  await page.getByRole('button', { name: 'Change' }).first().click();
  await kitchen.getByLabel('Units').selectOption('us');
  await expect(kitchen.getByLabel('Altitude, ft')).toHaveValue('0');
  await kitchen.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByTestId('boils')).toHaveText('Water boils at 212 °F here.');
  await expect(page.getByTestId('pot-p1')).toContainText('6.0 qt, 8 5/8 in');

  await page.getByTestId('pot-p1').getByRole('button', { name: 'Change' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Foam line, of the pot').fill('0.9');
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(sheet.getByRole('alert')).toHaveText('wanted: no more than the fill line');
  await accessible(page);
  await sheet.getByLabel('Foam line, of the pot').fill('0,45');
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

test('no row of the list moves while its plan is worked out', async ({ page }) => {
  await page.addInitScript(() => {
    new PerformanceObserver((list) => {
      for (const { sources } of list.getEntries() as unknown as LayoutShift[])
        for (const { node } of sources)
          if (node instanceof HTMLLIElement) document.documentElement.dataset['moved'] = 'a row';
    }).observe({ type: 'layout-shift', buffered: true });
    interface LayoutShift {
      readonly sources: readonly { readonly node: Node | null }[];
    }
  });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  await expect(page.getByText(/ready to cook|open$|does not go/).first()).toBeVisible();
  await expect(page.locator('.animate-pulse')).toHaveCount(0);
  await expect(page.locator('html')).not.toHaveAttribute('data-moved');
});
