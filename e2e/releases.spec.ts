import type { Bundle } from '../src/core';
import { accessible, bringIn, expect, exported, putIn, test } from './fixtures';
import { drag } from './hands';

test('a full pot of peas: what the valve does, and one touch mends it', async ({ page }) => {
  await page.goto('/bench/b4');
  const spray = page.getByTestId('call-spray-risk');
  await expect(spray).toContainText(/liquid comes out/);
  await expect(page.getByLabel('Readings')).toContainText(/safe after \d+ min/);
  await expect(page.locator('[aria-label="Calls"][aria-busy="false"]')).toBeVisible();
  await expect(page.getByText(/^One change mends \d/)).toBeVisible();

  await page.getByRole('button', { name: 'hold 25 min, change' }).click();
  const sheet = page.getByRole('dialog');
  const ways = sheet.getByRole('table', { name: 'The ways of letting it go' });
  await expect(ways.getByRole('row').nth(1)).toContainText(/at once.*spits \d in 10/);
  await expect(ways.getByRole('row').last()).toContainText(/let it drop.*shut/);
  await accessible(page);
  await sheet.getByRole('button', { name: 'Cancel' }).click();

  // A remedy has been tried: what it says comes true.
  const first = page.getByRole('button', { name: /^Wait \d+ min first/ }).first();
  const promised = /(\d+) min to the table/.exec((await first.textContent()) ?? '')?.[1];
  await first.click();
  await expect(spray).toBeHidden();
  await expect(page.getByLabel('Readings')).toContainText(`${promised}min`);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(spray).toBeVisible();
});

test('bursts stay bursts under the hand, and outlive the file', async ({ page }) => {
  await page.goto('/bench/b1');
  await page.getByRole('button', { name: 'hold 20 min, change' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Release').selectOption('pulsed');
  await sheet.getByLabel('Wait before it, minutes').fill('none');
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(sheet.getByRole('alert')).toBeVisible();
  await sheet.getByLabel('Wait before it, minutes').fill('2');
  await sheet.getByRole('button', { name: 'Keep' }).click();
  const valve = page.getByRole('slider', { name: 'Valve opens' });
  await expect(valve).toHaveAttribute('aria-valuetext', /in bursts/);
  await valve.focus();
  await page.keyboard.press('ArrowRight');
  await expect(valve).toHaveAttribute('aria-valuetext', /in bursts/);
  await expect(valve).toHaveAttribute('aria-valuenow', '3');
  await drag(page, valve, 40);
  await expect(valve).toHaveAttribute('aria-valuetext', /in bursts/);
  await page.getByRole('link', { name: 'Batches' }).first().click();
  const file = JSON.parse(await exported(page)) as {
    batches: { id: string; steps: { release?: { method: string; afterMin?: number } }[] }[];
  };
  const lamb = file.batches.find(({ id }) => id === 'b1');
  expect(lamb?.steps[0]?.release).toMatchObject({ method: 'pulsed' });
  expect(lamb?.steps[0]?.release?.afterMin).toBeGreaterThan(3);
});

test('a wish and what is in for its flavour go out with the file and come back', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  await putIn(page, [
    ['300 g carrots, 20 mm pieces', 'carrot'],
    ['3 celery stalks', 'celery'],
  ]);
  const carrot = page.getByTestId('lane-carrot');
  await carrot.getByRole('button', { name: /^Wish, cut and temperature/ }).click();
  await page.getByRole('button', { name: 'with bite', exact: true }).click();
  await page.keyboard.press('Escape');
  const celery = page.getByTestId('lane-celery');
  await celery.getByRole('button', { name: /^Wish, cut and temperature/ }).click();
  await page.getByRole('button', { name: 'for flavour only' }).click();
  await page.keyboard.press('Escape');
  const end = page.getByRole('slider', { name: 'carrot is right from' });
  await expect(end).toHaveAttribute('aria-valuetext', 'with bite');
  await expect(page.getByRole('slider', { name: 'celery is right up to' })).toHaveCount(0);
  const bench = page.url();

  // As a cook goes from page to page: nothing is loaded anew while it is still being written.
  const home = (): Promise<void> => page.getByRole('link', { name: 'Batches' }).first().click();
  await home();
  const file = await exported(page);
  const { batches } = JSON.parse(file) as Bundle;
  const planned = JSON.stringify(batches.find(({ id }) => bench.endsWith(id)));
  expect(planned).toContain('"with bite"');
  expect(planned).toContain('"flavour"');
  await page.goto(bench);
  await carrot.getByRole('button', { name: /^Wish, cut and temperature/ }).click();
  await page.getByRole('button', { name: 'as usual' }).click();
  await expect(end).not.toHaveAttribute('aria-valuetext', 'with bite');
  await home();
  await bringIn(page, 'kitchen.json', file);
  const sheet = page.getByRole('dialog');
  await page.getByRole('tab', { name: 'Replace' }).click();
  await sheet.getByRole('button', { name: 'Replace everything' }).click();
  await expect(sheet).toBeHidden();
  await page.goto(bench);
  await expect(end).toHaveAttribute('aria-valuetext', 'with bite');
  await expect(celery).toContainText('melts in');
});

test('a pot timed with water has a narrower range', async ({ page }) => {
  const range = async (): Promise<number> => {
    await page.goto('/bench/b1');
    const text = await page.getByText(/^\d+ to \d+, 8 in 10$/).textContent();
    const [, from = '0', to = '0'] = /^(\d+) to (\d+)/.exec(text ?? '') ?? [];
    return Number(to) - Number(from);
  };
  // As nobody has cooked in it.
  await page.goto('/kitchen');
  await page.getByTestId('pot-p1').getByRole('button', { name: 'Forget all of it' }).click();
  const never = await range();
  await page.goto('/kitchen');
  await page.getByTestId('pot-p1').getByRole('button', { name: 'Change' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel(/^I have timed it with plain water/).check();
  await accessible(page);
  await sheet.getByRole('button', { name: 'Keep' }).click();
  await expect(sheet).toBeHidden();
  expect(await range()).toBeLessThan(never);
});
