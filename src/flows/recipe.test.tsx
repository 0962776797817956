/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import {
  at,
  choose,
  comes,
  enter,
  fill,
  find,
  handIn,
  marked,
  press,
  saved,
  says,
  seen,
  visit,
} from './testing/page';

const PAGE = `<html><head><script type="application/ld+json">${JSON.stringify({
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Red lentil, from a page',
  recipeYield: '5',
  recipeIngredient: ['250 g red lentils', '3 carrots, 12 mm slices', '1.2 l water', '1 blarn'],
  recipeInstructions:
    'Cook the lentils in the water at high pressure for 5 minutes. Quick release. Stir in the carrots and simmer for 9 minutes.',
})}</script></head></html>`;

const valueOf = async (label: string): Promise<string> =>
  ((await find('field', label)) as HTMLInputElement).value;
const chosen = async (label: string): Promise<string> =>
  ((await find('field', label)) as HTMLSelectElement).selectedOptions[0]?.text ?? '';

it('a recipe comes in from a page and goes out again', async () => {
  visit('/');
  await press('Plan a batch', { kind: 'link' });
  await fill('Paste a recipe, or write what goes in', '<p>nothing here</p>');
  await press('Read it');
  await says(() => seen('alert', /recipe/), 'No recipe was found');
  await handIn(/^Or open a file/, 'page.html', PAGE);
  await says(() => marked('recipe'), '“1 blarn”: I do not know this food');
  await says(() => seen('list', 'Steps as understood'), 'hold 5 min, quick release');
  await says(() => seen('list', 'Steps as understood'), 'simmer 9 min');
  expect(await chosen('carrot goes in')).toBe('stage 2: simmer');

  // Lines that were misread are corrected in place.
  await press('Change “1 blarn”');
  await enter('The line in other words', '1 parsnip, 12 mm slices');
  await says(() => marked('recipe'), 'parsnip · 1');
  await choose('parsnip goes in', 'stage 2: simmer');
  await fill('simmer, minutes', '10');
  await press('Plan it');
  await at(/^\/bench\//);
  expect(await valueOf('Name of the batch')).toBe('Red lentil, from a page');
  await find('button', 'hold 5 min, change');
  await comes(() => marked('lane-red-lentils'));

  await press('More');
  await press('Save as a recipe', { kind: 'menuitem' });
  const recipe = JSON.parse(await saved()) as {
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
