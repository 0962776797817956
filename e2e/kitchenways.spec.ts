import { readFileSync } from 'node:fs';
import { accessible, expect, test } from './fixtures';

const PAGE = `<html><head><script type="application/ld+json">${JSON.stringify({
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Red lentil, from a page',
  recipeYield: '5',
  recipeIngredient: ['250 g red lentils', '3 carrots, 12 mm slices', '1.2 l water', '1 blarn'],
  recipeInstructions:
    'Cook the lentils in the water at high pressure for 5 minutes. Quick release. Stir in the carrots and simmer for 9 minutes.',
})}</script></head></html>`;

test('a recipe comes in from a page and goes out again', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Bring in a recipe' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Paste it: lines, or a page’s own data').fill('<p>nothing here</p>');
  await expect(sheet.getByRole('alert')).toContainText('No recipe was found');
  await sheet
    .getByLabel('Or open a file (.json, .html, .txt)')
    .setInputFiles({ name: 'page.html', mimeType: 'text/html', buffer: Buffer.from(PAGE) });
  await expect(sheet.getByTestId('recipe')).toContainText('“1 blarn” is no food of the table');
  const steps = sheet.getByRole('list', { name: 'Steps as understood' });
  await expect(steps).toContainText('hold 5 min, quick release');
  await expect(steps).toContainText('simmer 9 min');
  await expect(sheet.getByLabel('carrot goes in').locator('option:checked')).toHaveText(
    'after opening, to simmer',
  );
  await accessible(page);
  // What was not understood, or not as meant, is put right in place.
  await sheet.getByRole('button', { name: 'Change “1 blarn”' }).click();
  await sheet.getByLabel('The line in other words').fill('1 parsnip, 12 mm slices');
  await sheet.getByLabel('The line in other words').press('Enter');
  await expect(sheet.getByTestId('recipe')).toContainText('parsnip · 1');
  await sheet.getByLabel('parsnip goes in').selectOption('after opening, to simmer');
  await sheet.getByLabel('simmer, minutes').fill('10');
  await sheet.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByLabel('Name of the batch')).toHaveValue('Red lentil, from a page');
  await expect(page.getByRole('button', { name: 'hold 5 min, change' })).toBeVisible();
  await expect(page.getByTestId('lane-red-lentils')).toBeVisible();

  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Save as a recipe' }).click();
  const recipe = JSON.parse(readFileSync(await (await waiting).path(), 'utf8')) as {
    recipeIngredient: string[];
    recipeYield: string;
    recipeInstructions: { text: string }[];
  };
  expect(recipe.recipeYield).toBe('5 servings');
  expect(recipe.recipeIngredient).toContain('250 g red lentils');
  const done = recipe.recipeInstructions.map((step) => step.text).join(' ');
  expect(done).toContain('Cook at high pressure for 5 minutes. Quick release');
  expect(done).toContain('Add the carrot and the parsnip and simmer for 10 minutes.');
});

test('twenty long ingredients stay inside the Bench, on a desk and on a phone', async ({
  page,
}) => {
  const foods = [
    'beef shank',
    'lamb neck',
    'smoked turkey wing',
    'borlotti beans, dry',
    'pearl barley',
  ];
  await page.goto('/');
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  const name = page.getByLabel('Name of the batch');
  await name.fill(
    'Donaudampfschifffahrtsgesellschaftskapitänsmützensuppe mit allem, was der Keller hergibt',
  );
  await name.press('Enter');
  await page
    .getByLabel('Put in')
    .fill(Array.from({ length: 20 }, (_, i) => `${40 + i} g ${foods[i % 5]}`).join('\n'));
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByTestId('lane-pearl-barley').last()).toBeAttached();
  for (const size of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    await page.setViewportSize(size);
    // The chart follows its frame a moment later.
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth))
      .toBeLessThanOrEqual(size.width);
  }
});
