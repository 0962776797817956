/**
 * Typical moves of hands: a food set aside and back, a bird picked for a second run, beans blended with their
 * broth.
 */
import { accessible, expect, test } from './fixtures';
import type { Page } from '@playwright/test';

const STEW = `Chicken and chickpea stew
Serves 4

900 g chicken thighs
300 g chickpeas, soaked overnight
2 onions, diced
1.2 l water

Brown the chicken, 4 minutes a side. Lift the chicken onto a plate. Fry the onions for 5 minutes. Deglaze with half a cup of the water. Add the chickpeas and water. Cook at high pressure for 25 minutes, quick release. Return the chicken to the pot. Cook at high pressure for 10 minutes. Wait 10 minutes, then quick release.`;

async function planned(page: Page, recipe: string): Promise<void> {
  await page.goto('/desk');
  await page.getByLabel('Paste a recipe').fill(recipe);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByTestId('recipe')).toBeVisible();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page).toHaveURL(/\/bench\//);
}

async function rehearse(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Practice run' }).click();
  await page.getByRole('button', { name: 'A plain evening' }).click();
  await page.getByRole('button', { name: '240×', exact: true }).click();
}

const heading = (page: Page, name: string) =>
  expect(page.getByRole('heading', { name, exact: true }).first()).toBeVisible({
    timeout: 60_000,
  });
const press = (page: Page, name: string) =>
  page.getByRole('button', { name, exact: true }).first().click();
const tick = (page: Page, name: RegExp) => page.getByRole('checkbox', { name }).check();

/** Does what the page asks for, as it asks for it, until it comes to this. */
async function goOn(page: Page, until: string): Promise<void> {
  const there = page.getByRole('heading', { name: until, exact: true }).first();
  await expect(async () => {
    for (const name of ['Done', 'Lid locked', 'Heat off', 'Valve opened', 'Pin down', 'Lid off']) {
      const button = page.getByRole('button', { name, exact: true }).first();
      if (await button.isVisible()) await button.click({ timeout: 1000 });
    }
    await expect(there).toBeVisible({ timeout: 500 });
  }).toPass({ timeout: 90_000 });
}

test('a stew in two stages is led from the browning to the second lid', async ({ page }) => {
  test.setTimeout(90_000);
  await planned(page, STEW);
  const lane = page.getByTestId('lane-chicken-thigh');
  await expect(lane.getByTitle(/^on a plate, out of the pot/)).toBeVisible();
  await expect(lane).toContainText('tender');
  await accessible(page);
  await rehearse(page);

  await heading(page, 'Brown');
  await expect(page.getByText(/4 min a side/)).toBeVisible();
  await tick(page, /^900 g chicken thigh/);
  await press(page, 'Done');
  await tick(page, /^Out, onto a plate: 900 g chicken thigh/);
  await tick(page, /^First 120 ml of the liquid, and the bottom scraped clean/);
  await accessible(page);
  await press(page, 'Done');
  await heading(page, 'Add the food and lock the lid');
  // A food on its plate is in no list of foods to put in here.
  await expect(page.getByRole('checkbox', { name: /chicken thigh/ })).toHaveCount(0);
  await press(page, 'Lid locked');
  await heading(page, 'Open the valve');
  await press(page, 'Valve opened');
  await expect(page.getByTestId('face')).toContainText(/pin down/i, { timeout: 60_000 });
  for (const mark of ['Pin down', 'Lid off']) {
    const button = page.getByRole('button', { name: mark, exact: true }).first();
    if (await button.isVisible()) await button.click();
  }
  await heading(page, 'Open the pot');
  await tick(page, /^Back in: 900 g chicken thigh/);

  // The chickpeas are tried, and are hard: more time is offered.
  await press(page, '1×');
  await press(page, 'Taste: is it done?');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^chickpeas/ })
    .click();
  await press(page, 'hard');
  const choices = page.getByRole('region', { name: 'Choices' });
  const again = choices.getByRole('button', { name: /^(Close again|Simmer without the lid)/ });
  await expect(again.first()).toBeVisible({ timeout: 60_000 });
  await accessible(page);
  await again.first().click();
  await press(page, '240×');
  // The choice, then the second lid with the thighs.
  await goOn(page, 'Serve');
  await press(page, 'Marks');
  await expect(page.getByRole('dialog').getByText('Lid locked').nth(1)).toBeVisible();
});

test('a bird is picked at the opening, its bones go on, the meat is back at the end', async ({
  page,
}) => {
  await planned(
    page,
    `Chicken broth in two runs
1 whole chicken, 1.4 kg
2 l water

Put the chicken and water in the pot. Cook at high pressure for 25 minutes. Natural release. Open the pot for 10 minutes. Cook at high pressure for 45 minutes. Natural release. Simmer for 4 minutes.`,
  );
  await page.getByRole('tab', { name: 'Lanes' }).click();
  await page.getByRole('button', { name: 'Change whole chicken' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Pick the meat at stage 2.* meat back at stage 4/ })
    .click();
  await expect(page.getByTestId('lane-chicken-frame')).toBeVisible();
  await expect(
    page.getByTestId('lane-whole-chicken').getByTitle(/^on a plate, out of the pot/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Timetable' }).click();
  const clock = page.getByRole('list', { name: 'Timetable' });
  await expect(clock).toContainText(/onto a plate: whole chicken, 1.4 kg/);
  await expect(clock).toContainText(/in: chicken frame/);
  await expect(clock).toContainText(/back in: whole chicken, 1.4 kg \(picked off its bones\)/);
  await page.keyboard.press('Escape');
  // One undo takes all of it back.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('lane-chicken-frame')).toHaveCount(0);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByTestId('lane-chicken-frame')).toBeVisible();

  // On the practice pot: picked at the opening, the bones through their run, the meat back for the simmer.
  await rehearse(page);
  await goOn(page, 'Open the pot');
  await press(page, '1×');
  await tick(page, /^Out, onto a plate: .*whole chicken/);
  await tick(page, /^[\d.]+ k?g chicken frame/);
  await accessible(page);
  await press(page, '240×');
  await goOn(page, 'Simmer without the lid');
  await press(page, '1×');
  await tick(page, /^Back in: .*whole chicken/);
  await press(page, '240×');
  await goOn(page, 'Serve');
});

test('beans are blended with a ladle of their broth and thicken it', async ({ page }) => {
  await planned(
    page,
    `White bean soup
350 g cannellini beans, soaked overnight
1.4 l water
100 g cavolo nero

Add the beans and water to the pot. Cook at high pressure for 14 minutes. Natural release. Scoop out the beans, blend them with a ladle of the liquid and return to the pot. Add the cavolo nero and simmer for 5 minutes.`,
  );
  const lane = page.getByTestId('lane-cannellini');
  await expect(lane).toBeVisible();
  await page.getByRole('button', { name: 'Change cannellini beans, dry' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByLabel('In between')).toHaveValue('blended');
  // Left whole, the broth is thin again; and back.
  await dialog.getByRole('button', { name: 'It does not come back' }).click();
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(lane.getByTitle(/^on a plate, out of the pot/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Timetable' }).click();
  await expect(page.getByRole('list', { name: 'Timetable' })).toContainText(
    /back in: cannellini beans, dry, 350 g \(blended with 120 ml of the broth\)/,
  );
});

test('water to the line follows what else goes in', async ({ page }) => {
  await planned(
    page,
    `Turkey frame stock
1.2 kg turkey frame
water to the max line

Put everything in the pot. Cook at high pressure for 90 minutes. Natural release.`,
  );
  await page.getByRole('tab', { name: 'Lanes' }).click();
  const water = page.getByTestId('lane-water');
  await expect(water).toContainText(/water, to the line, [\d.]+ L/);
  const litres = async (): Promise<number> =>
    Number(/to the line, ([\d.]+) L/.exec((await water.textContent()) ?? '')?.[1]);
  const before = await litres();
  await page.getByLabel('Put in').fill('600 g carrots, 20 mm pieces');
  await page.getByLabel('Put in').press('Enter');
  await expect(page.getByTestId('lane-carrot')).toBeVisible();
  await expect.poll(litres).toBeLessThan(before - 0.3);
  await expect(water).toContainText('to the line');
});
