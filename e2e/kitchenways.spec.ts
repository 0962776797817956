import { beginEmpty, expect, test } from './fixtures';

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
  await beginEmpty(page);
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
