import { BARE } from '../playwright.config';
import { METRIC, saidOn } from '../src/flows/testing/said';
import { inEnglish } from '../src/words';
import { accessible, expect, serveAt, test } from './fixtures';

test('charts say nothing metric in a US kitchen', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Change' }).first().click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Units').selectOption('us');
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByTestId('pot-p1')).toContainText('6.0 qt');
  for (const path of ['/bench/b3', '/bench/b2', '/bench/b4']) {
    await page.goto(path);
    await page.getByTestId('trace').hover();
    await expect(page.locator('.recharts-surface').first()).toBeVisible();
    await expect(page.locator('[aria-label="Warnings"][aria-busy="false"]')).toBeVisible();
    const said = await page.locator('body').evaluate(saidOn);
    expect(
      said.filter((text) => METRIC.test(text)),
      path,
    ).toEqual([]);
  }
});

/** Counts what a cook does. */
function counted() {
  let actions = 0;
  const act = async (done: Promise<void>): Promise<void> => {
    actions += 1;
    await done;
  };
  return { act, actions: () => actions };
}

test('a first plan written by hand takes few actions', async ({ page }) => {
  const { act, actions } = counted();
  await page.goto(BARE);
  await act(page.getByRole('button', { name: 'Start empty' }).click());
  await expect(page.getByLabel('Units')).toBeVisible();
  await accessible(page);
  await act(page.getByRole('button', { name: /^5.7 L electric/ }).click());
  await act(
    page
      .getByLabel('Paste a recipe, or write what goes in')
      .fill('400 g split peas\n1 smoked turkey wing\n2 carrots\n1 onion, diced\n1.4 l water'),
  );
  await act(page.getByRole('button', { name: 'Read it' }).click());
  await expect(page.getByText('Retort works them out')).toBeVisible();
  await act(page.getByRole('button', { name: 'Plan it' }).click());
  await expect(page.getByTestId('lane-split-peas')).toBeVisible();
  await expect(page.getByLabel('Answers')).toContainText('All foods come out as you like them.');
  await expect(page.locator('[data-level="stop"]')).toHaveCount(0);
  await act(page.getByRole('button', { name: 'Start cooking' }).click());
  await expect(page.getByRole('heading', { name: 'Add the food and lock the lid' })).toBeVisible();
  expect(actions()).toBeLessThan(8);
});

test('a first plan from a recipe takes few actions', async ({ page }) => {
  const { act, actions } = counted();
  await page.goto(BARE);
  await act(page.getByRole('button', { name: 'Start empty' }).click());
  await act(page.getByRole('button', { name: /^6 L stovetop/ }).click());
  await act(
    page
      .getByLabel('Paste a recipe, or write what goes in')
      .fill(
        'Red lentil and carrot\n250 g red lentils\n3 carrots, 12 mm slices\n1.2 l water\n5 min high pressure, quick release\nTo serve:\nparsley',
      ),
  );
  await act(page.getByRole('button', { name: 'Read it' }).click());
  await expect(page.getByRole('list', { name: 'Steps as understood' })).toBeVisible();
  await accessible(page);
  await act(page.getByRole('button', { name: 'Plan it' }).click());
  await expect(page.getByTestId('lane-red-lentils')).toBeVisible();
  await expect(page.getByLabel('Answers')).toContainText('room left');
  expect(actions()).toBeLessThan(8);
});

test('a list put into the pot sets its stages too', async ({ page }) => {
  await page.goto('/desk');
  await page.getByRole('button', { name: 'Begin with an empty pot' }).click();
  await page
    .getByLabel('Put in')
    .fill('250 g red lentils\n1.2 l water\n7 min high pressure, quick release');
  await expect(page.getByText('a stage: 7 min high pressure, quick release')).toBeVisible();
  await page.getByLabel('Put in').press('Enter');
  await expect(page.getByTestId('lane-red-lentils')).toBeVisible();
  await expect(page.getByLabel('Put in')).toHaveValue('');
  await expect(page.getByRole('slider', { name: 'End of the hold' })).toHaveAttribute(
    'aria-valuenow',
    '7',
  );
});

test('every page speaks one English, and tells the time by it', async ({ page }) => {
  // Leaves the household's own texts alone.
  const OWN = /Hob cooker|Turkey frame stock|broth, no\./;
  for (const english of ['us', 'uk'] as const) {
    await page.goto('/kitchen');
    await page.getByRole('button', { name: 'Change' }).first().click();
    const sheet = page.getByRole('dialog');
    await sheet.getByLabel('English').selectOption(english);
    await sheet.getByRole('button', { name: 'Keep' }).click();
    await expect(sheet).toHaveCount(0);
    for (const path of ['/', '/bench/b1', '/bench/b3', '/larder', '/log', '/kitchen', '/help']) {
      await page.goto(path);
      await expect(page.getByRole('heading').first()).toBeVisible();
      if (path.startsWith('/bench'))
        await expect(page.locator('[aria-label="Warnings"][aria-busy="false"]')).toBeVisible();
      const said = await page.locator('body').evaluate(saidOn);
      expect(
        said.filter((text) => !OWN.test(text) && inEnglish(text, english) !== text),
        `${english} ${path}`,
      ).toEqual([]);
    }
    await page.goto('/bench/b5');
    await serveAt(page, '18:30');
    await expect(page.getByLabel('Answers')).toContainText(english === 'us' ? /6:30 PM/ : /18:30/);
  }
});

test('a term is explained by touch and by key, inside the window', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/bench/b1');
  await page.getByText('More figures').click();
  const term = page.getByRole('button', { name: 'Release', exact: true });
  await term.click();
  const meaning = page.getByText(/how soon the valve may be opened safely/);
  await expect(meaning).toBeVisible();
  const box = await meaning.boundingBox();
  expect(box && box.x >= 0 && box.x + box.width <= 390 && box.y >= 0).toBe(true);
  await accessible(page);
  await page.keyboard.press('Escape');
  await expect(meaning).toBeHidden();
  await page.keyboard.press('Tab');
  await expect(page.getByText(/Liquid that is left at the end/)).toBeVisible();
  await page.goto('/help');
  await page.getByLabel('Find a word').fill('foam line');
  await expect(page.getByRole('region', { name: 'Words' })).toContainText('foam or swell');
  await accessible(page);
});

test('a new cook begins from a dish, made for the pot, in few actions', async ({ page }) => {
  const { act, actions } = counted();
  await page.goto(BARE);
  await act(page.getByRole('button', { name: 'Start empty' }).click());
  await act(page.getByRole('button', { name: /^2.8 L electric/ }).click());
  await accessible(page);
  await act(page.getByRole('button', { name: /^Lamb neck with barley and leek/ }).click());
  await expect(page.getByTestId('lane-lamb-neck')).toBeVisible();
  await expect(page.getByLabel('Answers')).toContainText('All foods come out as you like them.');
  await expect(page.locator('[data-level="stop"]')).toHaveCount(0);
  expect(actions()).toBeLessThan(8);
});

test('a word explains itself on every page that has words of its own', async ({ page }) => {
  for (const [path, word, meaning] of [
    ['/bench/b1', 'foam line', /foods that foam or swell/],
    ['/bench/b1', 'Warnings', /What is wrong/],
    ['/larder', 'The bag in the freezer', /Bones and trimmings/],
    ['/kitchen', 'My foods', /Foods that Retort did not know/],
    ['/log/r1', 'predicted', /before it happened/],
  ] as const) {
    await page.goto(path);
    await page.getByRole('button', { name: word, exact: true }).first().click();
    await expect(page.getByText(meaning)).toBeVisible();
  }
});
