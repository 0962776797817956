import {
  accessible,
  bringIn,
  expect,
  exported,
  METRIC,
  putIn,
  saidOn,
  serveAt,
  test,
} from './fixtures';
import { BARE } from '../playwright.config';
import type { Page } from '@playwright/test';

/** Starts over with nothing, up to the choice of the pot. */
async function empty(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Start over' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Empty it' }).click();
  await page.getByRole('button', { name: 'Start empty' }).click();
  await expect(page.getByRole('heading', { name: 'Which pot is yours?' })).toBeVisible();
}

test('what no table has is made a food of this kitchen, cooked, exported, wiped and back', async ({
  page,
}) => {
  await page.goto('/bench/b5');
  const line = page.getByLabel('Put in');
  await line.fill('4 skirrets, halved');
  await expect(page.getByRole('alert').filter({ hasText: 'no food of the table' })).toBeVisible();
  await accessible(page);
  await page.getByLabel('skirrets cooks like').fill('parsnip, 60 g a piece');
  await page.getByLabel('skirrets cooks like').press('Enter');
  await expect(line).toHaveValue('4 skirrets, halved like parsnip, 60 g a piece');
  await expect(page.getByRole('list', { name: 'As understood' })).toContainText(
    'skirrets · like parsnip · 4 · 240 g',
  );
  await line.press('Enter');
  await expect(page.getByTestId('lane-skirrets')).toContainText('skirrets');

  // From here on its name is enough, and the kitchen knows it.
  await line.fill('2 skirrets');
  await expect(page.getByRole('list', { name: 'As understood' })).toContainText('like parsnip · 2');
  await line.fill('');
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await expect(page.getByTestId('food-skirret')).toContainText(
    'like parsnip, 60 g a piece · in 1 plan',
  );
  await page.getByRole('button', { name: 'Change skirrets' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('It cooks').fill('like parsnip, 90 g a piece, gives juice');
  await accessible(page);
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByTestId('food-skirret')).toContainText('90 g a piece, shrinks to 0.8');

  // Cooked, and in the log, as it was.
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.getByTestId('lane-skirrets')).toContainText('skirrets');
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  await expect(page.getByRole('heading', { name: 'Put in and lock the lid' })).toBeVisible();
  await expect(page.locator('main')).toContainText('skirrets');

  await page.getByRole('link', { name: 'Batches' }).click();
  const before = await exported(page);
  const file = JSON.parse(before) as { foods: { name: string; like: string }[] };
  expect(file.foods).toContainEqual(expect.objectContaining({ name: 'skirrets', like: 'parsnip' }));
  await empty(page);
  await page.getByRole('button', { name: /^5.7 L electric/ }).click();
  await page.getByRole('link', { name: 'Batches' }).click();
  await bringIn(page, 'home.json', before);
  await page.getByRole('tab', { name: 'Replace' }).click();
  await expect(page.getByRole('list', { name: 'What will change' })).toContainText(
    'added food: skirrets',
  );
  await page.getByRole('button', { name: 'Replace everything' }).click();
  await expect(page.getByRole('list', { name: 'Planned batches' })).toContainText('Red lentil');
  expect(await exported(page)).toBe(before);
});

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

test('a serving time is typed as it is said, touched, or left open', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-24T14:30:00Z') });
  await page.goto('/bench/b1');
  const field = page.getByLabel('on the table');
  await serveAt(page, 'tonight 7');
  await expect(field).toHaveValue('19:00');
  await expect(page.getByTestId('trace')).toContainText('19:00');
  await field.fill('tomorrow noon');
  await expect(page.getByText('tomorrow 12:30')).toBeVisible();
  await accessible(page);
  await field.press('Enter');
  await expect(field).toHaveValue('Wed 25 Nov 12:30');
  await field.fill('whenever');
  await field.press('Enter');
  await expect(page.getByText('No time that is still to come')).toBeVisible();
  await page.getByRole('button', { name: '18:30', exact: true }).click();
  await expect(field).toHaveValue('18:30');
  await field.click();
  await page.getByLabel('another day').fill('2026-12-24T18:00');
  await page.keyboard.press('Escape');
  await expect(field).toHaveValue('Thu 24 Dec 18:00');
  await field.click();
  await page.getByRole('button', { name: 'no time' }).click();
  await expect(field).toHaveValue('');
});

test('moments are touched, and the fullest is marked', async ({ page }) => {
  await page.goto('/bench/b1');
  const strip = page.getByRole('group', { name: 'How full, and when' });
  await expect(strip.getByRole('button')).toHaveCount(5);
  await expect(strip.getByRole('button', { name: /fullest/ })).toContainText('valve');
  await strip.getByRole('button', { name: /swollen/ }).click();
  await expect(page.getByTestId('moment')).toContainText('hold');
  await expect(page.getByTestId('moment')).toContainText('115 °C');
  await strip.getByRole('button', { name: /swollen/ }).click();
  await expect(page.getByTestId('moment')).toContainText('As it starts');
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
