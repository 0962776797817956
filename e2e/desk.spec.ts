import { accessible, bringIn, expect, exported, test } from './fixtures';
import { PAGES } from '../playwright.config';

const MAIL = `Subject: Yellow split pea with smoked turkey wing

Hi, here it is.

For 6
Ingredients:
> 500 g yellow split peas
> 1 smoked turkey wing
> 2 carrots and 1 onion, all diced
> 1.8 l water

Directions:
> Everything into the pot. Cook at high pressure for 12 minutes, natural release 15 minutes, then quick release.
`;

test('a link becomes a plan, and the page stays with it', async ({ page }) => {
  await page.goto('/desk');
  await accessible(page);
  await page.getByLabel('Or give its link').fill(`${PAGES}/lamb-neck.html`);
  await page.getByRole('button', { name: 'Read the page' }).click();
  const planned = page.getByTestId('recipe');
  await expect(planned).toContainText('hold 28 min, valve after 15 min');
  await expect(planned).toContainText('not used: white part only');
  await accessible(page);
  // A touch on one side marks its partner on the other.
  await page.getByRole('button', { name: /^Stir in the leeks/ }).click();
  await expect(page.getByRole('button', { name: /^Stir in the leeks/ })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page).toHaveURL(/\/bench\//);
  await expect(page.getByTestId('lane-lamb-neck')).toBeVisible();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'The original recipe' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('link')).toHaveAttribute('href', `${PAGES}/lamb-neck.html`);
  await expect(sheet).toContainText('then release the rest');
});

test('a pasted mail becomes a plan', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Plan a batch' }).click();
  await page.getByLabel('Paste a recipe').fill(MAIL);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByTestId('recipe')).toContainText('hold 12 min, valve after 15 min');
  await expect(page.getByTestId('recipe').getByRole('listitem')).toHaveCount(6);
  // A reload loses nothing.
  await page.reload();
  await expect(page.getByTestId('recipe')).toContainText('smoked turkey wing');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByTestId('lane-split-peas')).toBeVisible();
  await expect(page.getByLabel('Name of the batch')).toHaveValue(
    'Yellow split pea with smoked turkey wing',
  );
});

test('a shared text becomes a plan', async ({ page }) => {
  const shared = new URLSearchParams({
    title: 'Red lentil and carrot',
    text: '250 g red lentils\n3 carrots, sliced\n1.2 l water\n\nCook at high pressure for 5 minutes. Quick release.',
  });
  await page.goto(`/desk?${shared}`);
  await expect(page.getByTestId('recipe')).toContainText('hold 5 min');
  await expect(page).toHaveURL(/\/desk$/);
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByTestId('lane-red-lentils')).toBeVisible();
});

test('a file dropped on the batches becomes a plan', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
  const dropped = await page.evaluateHandle((text) => {
    const data = new DataTransfer();
    data.items.add(new File([text], 'recipe.txt', { type: 'text/plain' }));
    return data;
  }, MAIL);
  await page.dispatchEvent('main', 'drop', { dataTransfer: dropped });
  await expect(page).toHaveURL(/\/desk$/);
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByTestId('lane-split-peas')).toBeVisible();
});

test('a text or a link pasted on the batches is read at the desk', async ({ page }) => {
  const paste = (text: string): Promise<void> =>
    page.evaluate((said) => {
      const clipboardData = new DataTransfer();
      clipboardData.setData('text/plain', said);
      document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true }));
    }, text);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
  await paste(MAIL);
  await expect(page.getByTestId('recipe')).toContainText('smoked turkey wing');
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
  await paste(`Look: ${PAGES}/turkey-stock.html`);
  await expect(page.getByTestId('recipe')).toContainText('turkey frame');
});

test('a word put right is known at the next recipe, after a reload, and in the file', async ({
  page,
}) => {
  const recipe = (name: string): string =>
    `${name}\n500 g blarneys, diced\n1 l water\n\nCook at high pressure for 6 minutes. Quick release.`;
  const read = async (name: string): Promise<void> => {
    await page.goto('/desk');
    await page.getByLabel('Paste a recipe').fill(recipe(name));
    await page.getByRole('button', { name: 'Read it' }).click();
  };
  await read('First');
  const planned = page.getByTestId('recipe');
  await expect(planned).toContainText('I do not know this food');
  await page.getByRole('button', { name: 'Change “500 g blarneys, diced”' }).click();
  await page.getByLabel('The line in other words').fill('500 g potatoes, diced');
  await page.getByLabel('The line in other words').press('Enter');
  await expect(planned).toContainText('potato · 500 g');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByTestId('lane-potato')).toBeVisible();
  await read('Second');
  await expect(planned).toContainText('potato · 500 g');
  await page.goto('/kitchen');
  await expect(page.getByRole('region', { name: 'My words for foods' })).toContainText(
    'blarneys is potato',
  );
  await page.goto('/');
  const file = await exported(page);
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Forget blarneys' }).click();
  await expect(page.getByRole('button', { name: 'Forget blarneys' })).toHaveCount(0);
  await page.goto('/');
  await bringIn(page, 'kitchen.json', file);
  await page.getByRole('tab', { name: 'Replace' }).click();
  await page.getByRole('button', { name: 'Replace everything' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/kitchen');
  await expect(page.getByRole('button', { name: 'Forget blarneys' })).toBeVisible();
});

test('what was not used is made a step, and questions are answered by a touch', async ({
  page,
}) => {
  await page.goto('/desk');
  await page
    .getByLabel('Paste a recipe')
    .fill(
      'Soup\n1 kg stewing beef or venison\n1 l water\n\nStir in the spices for 3 minutes. Add everything. Cook at high pressure for 30 minutes.',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  const questions = page.getByRole('region', { name: 'Questions' });
  await questions.getByRole('button', { name: 'venison' }).click();
  await expect(page.getByTestId('recipe')).toContainText('venison');
  await questions.getByRole('button', { name: 'by itself' }).click();
  await expect(questions).toHaveCount(0);
  await page.getByRole('button', { name: /^Stir in the spices for 3 minutes/ }).click();
  await page.getByRole('button', { name: 'brown', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Steps as understood' })).toContainText(
    'brown 3 min',
  );
  await accessible(page);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test('one side stands below the other, and nothing is too wide', async ({ page }) => {
    await page.goto('/desk');
    await page.getByLabel('Paste a recipe').fill(MAIL);
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByTestId('recipe')).toBeVisible();
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
    await accessible(page);
  });
});

test('the kitchen itself is a beginning: bag, broth and a dish cooked before', async ({ page }) => {
  await page.goto('/desk');
  const kitchen = page.getByRole('region', { name: 'From your kitchen' });
  await expect(kitchen).toContainText('The bag of bones makes');
  await accessible(page);
  await kitchen.getByRole('switch').first().click();
  const broth = (
    await kitchen
      .getByText(/^Use .* instead of water/)
      .first()
      .innerText()
  )
    .replace(/^Use /, '')
    .replace(/ instead of water[^]*/, '');
  await page.getByRole('button', { name: /^Red lentil and carrot/ }).click();
  await expect(page.getByTestId('lane-red-lentils')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Plan' })).toContainText(broth);

  await page.goto('/desk');
  const again = kitchen.getByRole('listitem').first();
  const name = await again.getByRole('button').locator('span').first().innerText();
  await again.click();
  await page.getByRole('dialog').getByRole('button', { name: 'Take it to the Bench' }).click();
  await expect(page.getByLabel('Name of the batch')).toHaveValue(name);

  await page.goto('/desk');
  await kitchen.getByRole('button', { name: 'Make stock' }).click();
  await expect(page.getByLabel('Name of the batch')).toHaveValue('Stock of the bag');
  await page.goto('/desk');
  await expect(kitchen).not.toContainText('The bag of bones');
});
