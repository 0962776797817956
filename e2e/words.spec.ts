import { accessible, expect, METRIC, putIn, saidOn, serveAt, test } from './fixtures';
import { BARE } from '../playwright.config';

test('a US kitchen from nothing: its pot, its soup, and nothing metric on any screen', async ({
  page,
}) => {
  const nothingMetric = async (where: string): Promise<void> => {
    await expect(page.locator('.animate-pulse')).toHaveCount(0);
    const said = await saidOn(page);
    expect(
      said.filter((text) => METRIC.test(text)),
      where,
    ).toEqual([]);
  };
  await page.goto(BARE);
  await page.getByRole('button', { name: 'Start empty' }).click();
  await page.getByLabel('Units').selectOption('us');
  await page.getByLabel('How high you cook, ft').fill('3,800'.replace(',', ''));
  await accessible(page);
  await page.getByRole('button', { name: /^6-quart electric/ }).click();
  await expect(page.getByRole('region', { name: 'Well' })).toBeVisible();

  await nothingMetric('an empty bench');
  await putIn(page, [
    ['2 1/2 lb lamb neck, 1 1/2-inch pieces', 'lamb-neck'],
    ['1/2 cup pearl barley', 'pearl-barley'],
    ['1 handful of spinach', 'spinach'],
    ['2 leeks, 1/2-inch rings', 'leek'],
  ]);
  await page.getByLabel('Put in').fill('5 cups water\n2 tsp salt');
  await page.getByLabel('Put in').press('Enter');
  await expect(page.getByTestId('water')).toHaveText('5 cups');
  await serveAt(page, 'tonight 11:55');
  await page.getByTestId('trace').hover();
  await expect(page.locator('.recharts-surface').first()).toBeVisible();
  await expect(page.locator('[aria-label="Calls"][aria-busy="false"]')).toBeVisible();
  await nothingMetric('the bench');
  for (const opened of await page.getByRole('button', { name: /^Why/ }).all()) {
    await opened.click();
    await nothingMetric('why');
  }
  await page.getByRole('button', { name: /Wish, cut and temperature of lamb neck/ }).click();
  await nothingMetric('the lane');
  await page.keyboard.press('Escape');
  for (const item of ['By the clock', 'Scale, move or split it', 'How we do it']) {
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: item }).click();
    await expect(page.getByRole('dialog')).toHaveCount(1);
    await nothingMetric(item);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  await nothingMetric('the stove');
  await page.getByRole('button', { name: 'Lid locked' }).click();
  await nothingMetric('the stove, on');
  await page.getByRole('link', { name: 'Log' }).click();
  await nothingMetric('the log');
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await nothingMetric('the kitchen');
  await page.getByRole('button', { name: 'Add a pot' }).click();
  await nothingMetric('the row of pots');
  await page.getByRole('button', { name: /^8-quart electric/ }).click();
  await nothingMetric('a pot');
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Batches' }).click();
  await nothingMetric('the batches');
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Bring in a recipe' }).click();
  await page
    .getByLabel('Paste it: lines, or a page’s own data')
    .fill('Soup\n2 cups red lentils\n3 carrots\n1 blarn\n6 cups water\n\nPressure cook 5 minutes.');
  await expect(page.getByTestId('recipe')).toContainText('no food of the table');
  await nothingMetric('a recipe');
});

test('the sample’s broth and cooks say nothing metric in a US kitchen', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Change' }).first().click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Units').selectOption('us');
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByTestId('pot-p1')).toContainText('6.0 qt');
  for (const path of [
    '/bench/b3',
    '/bench/b2',
    '/bench/b4',
    '/log/r1',
    '/log/r2',
    '/larder/labels',
    '/larder',
  ]) {
    await page.goto(path);
    await expect(page.locator('.animate-pulse')).toHaveCount(0);
    await expect(page.locator('main')).toBeVisible();
    if (path.startsWith('/bench')) {
      await page.getByTestId('trace').hover();
      await expect(page.locator('.recharts-surface').first()).toBeVisible();
      await expect(page.locator('[aria-label="Calls"][aria-busy="false"]')).toBeVisible();
    }
    if (path === '/larder') {
      await page.getByRole('button', { name: 'Fill jars' }).click();
      await expect(page.getByRole('region', { name: 'Filled so' })).toContainText('×');
    }
    const said = await saidOn(page);
    expect(
      said.filter((text) => METRIC.test(text)),
      path,
    ).toEqual([]);
  }
});

test('a new cook plans a first soup and takes it to the stove in few actions', async ({ page }) => {
  let actions = 0;
  const act = async (done: Promise<void>): Promise<void> => {
    actions += 1;
    await done;
  };
  await page.goto(BARE);
  await act(page.getByRole('button', { name: 'Start empty' }).click());
  await act(page.getByRole('button', { name: /^5.7 L electric/ }).click());
  // A list, pasted; Enter puts it in.
  await act(
    page
      .getByLabel('Put in')
      .fill('400 g split peas\n1 smoked turkey wing\n2 carrots\n1 onion, diced\n1.4 l water'),
  );
  await act(page.getByLabel('Put in').press('Enter'));
  await expect(page.getByTestId('lane-split-peas')).toBeVisible();
  await act(page.getByRole('button', { name: 'Find the order' }).click());
  await act(page.getByRole('button', { name: 'Look for one' }).click());
  await act(page.getByRole('button', { name: 'Take it' }).click());
  await expect(page.getByLabel('Readings')).toContainText('yes');
  await expect(page.locator('[data-level="stop"]')).toHaveCount(0);
  await act(page.getByRole('button', { name: 'Take it to the stove' }).click());
  await expect(page.getByRole('heading', { name: 'Put in and lock the lid' })).toBeVisible();
  expect(actions).toBeLessThan(12);
});
