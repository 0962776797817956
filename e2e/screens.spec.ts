import { accessible, expect, test } from './fixtures';

test('nothing serious by axe on any screen', async ({ page }) => {
  const screens: readonly (readonly [link: string | RegExp, heading: string])[] = [
    ['Stove', 'Nothing on the stove'],
    ['Log', 'Log'],
    [/Borlotti and venison chili/, 'Borlotti and venison chili'],
    ['Larder', 'Larder'],
    ['Kitchen', 'Kitchen'],
    ['Batches', 'Batches'],
    [/Yellow split pea/, 'Yellow split pea with smoked turkey wing'],
  ];
  const look = async (heading: string): Promise<void> => {
    await expect(page.getByRole('heading', { name: heading, level: 1 })).toBeAttached();
    await expect(page.locator('.animate-pulse')).toHaveCount(0);
    await accessible(page);
  };
  await page.goto('/bench/gone');
  await look('This batch is not here any more');
  for (const [link, heading] of screens) {
    await page.getByRole('link', { name: link }).first().click();
    await look(heading);
  }
});

test('nothing serious by axe on what opens at the Bench', async ({ page }) => {
  const press = (name: string | RegExp): Promise<void> =>
    page.getByRole('button', { name }).first().click();
  const sheet = page.getByRole('dialog');
  /** Looks at the sheet that is open, and closes it. */
  const look = async (): Promise<void> => {
    await expect(sheet).toBeVisible();
    await expect(sheet.locator('.animate-pulse')).toHaveCount(0);
    await accessible(page, '[role="dialog"]');
    await page.keyboard.press('Escape');
    await expect(sheet).toHaveCount(0);
  };
  await page.goto('/bench/b1');
  await expect(page.getByText(/usually \d+ to \d+ min/)).toBeVisible();
  await page.keyboard.press('?');
  await look();
  await page.getByTestId('lane-lamb-neck').click();
  await sheet.getByLabel('Amount').fill('-3');
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(sheet.getByRole('alert')).toBeVisible();
  await look();
  await press('hold 20 min, change');
  await look();
  for (const item of [
    'Timetable',
    'Scale, move or split it',
    'Our habits',
    'Send to a phone',
    'Practice run',
  ]) {
    await press('More');
    await page.getByRole('menuitem', { name: item }).click();
    await look();
  }
  await press('Fix the timing for me');
  await press('Find a timing');
  await expect(sheet.getByTestId('proposal')).toBeVisible();
  await look();
  await press(/^Wish, cut and temperature of carrot/);
  await page.getByLabel('Put in').fill('4 skirrets, halved');
  await expect(
    page.getByRole('alert').filter({ hasText: 'I do not know this food' }),
  ).toBeVisible();
  await accessible(page);

  await page.goto('/bench/b3');
  await press('How many broths?');
  await sheet.getByRole('button', { name: 'Find it' }).click();
  await expect(sheet.getByTestId('run-options')).toBeVisible();
  await look();
});

test('nothing serious by axe on what opens in the other places', async ({ page }) => {
  const sheet = page.getByRole('dialog');
  const inSheet = (): Promise<void> => accessible(page, '[role="dialog"]');
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Change' }).first().click();
  await sheet.getByLabel('Altitude, m').fill('very high');
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(sheet.getByRole('alert')).toBeVisible();
  await inSheet();
  await page.keyboard.press('Escape');
  await page.getByTestId('pot-p1').getByRole('button', { name: 'Change' }).click();
  await expect(sheet.getByLabel('Foam line, of the pot')).toBeVisible();
  await inSheet();
  await page.keyboard.press('Escape');
  await page.getByTestId('pot-p2').getByRole('button', { name: 'Kettle test' }).click();
  await expect(page.getByRole('region', { name: 'Kettle test' })).toBeVisible();
  await accessible(page);

  await page.goto('/log');
  await page.getByRole('button', { name: 'How accurate has Retort been?' }).click();
  await expect(page.getByTestId('bands')).toBeVisible();
  await accessible(page);
  await page.goto('/log/r1');
  await page.getByRole('button', { name: 'Cook again with these changes' }).click();
  await expect(sheet.getByRole('button', { name: 'Take it to the Bench' })).toBeEnabled();
  await inSheet();

  await page.goto('/');
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Bring in a file' }).click();
  await page.getByLabel('A Retort file (.json)').setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('not a file of ours'),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'broken.json' })).toBeVisible();
  await inSheet();
  await page.keyboard.press('Escape');
});

test('on a phone no row moves while its plan is worked out, and nothing is too wide', async ({
  page,
}) => {
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

  const places: readonly (readonly [link: string | RegExp, heading: string])[] = [
    ['Batches', 'Batches'],
    [/Lamb neck/, 'Lamb neck, barley and leek'],
    ['Log', 'Log'],
    [/Borlotti and venison chili/, 'Borlotti and venison chili'],
    ['Kitchen', 'Kitchen'],
  ];
  for (const [link, heading] of places) {
    await page.getByRole('link', { name: link }).first().click();
    await expect(page.getByRole('heading', { name: heading, level: 1 })).toBeAttached();
    await expect(page.locator('.animate-pulse')).toHaveCount(0);
    const wider = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(wider, heading).toBeLessThanOrEqual(0);
  }
});
