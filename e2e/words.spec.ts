import { BARE } from '../playwright.config';
import { METRIC, saidOn } from '../src/flows/testing/said';
import { accessible, expect, test } from './fixtures';

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
    await expect(page.locator('[aria-label="Calls"][aria-busy="false"]')).toBeVisible();
    const said = await page.locator('body').evaluate(saidOn);
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
  await expect(page.getByLabel('Units')).toBeVisible();
  await accessible(page);
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
