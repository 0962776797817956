import { accessible, expect, putIn, test } from './fixtures';
import { drag, touch } from './hands';

test('the stopping point of a run is dragged, and all follows', async ({ page }) => {
  await page.goto('/bench/b3');
  const stop = page.getByRole('slider', { name: 'Stop of run 1' });
  const first = page.getByTestId('run-1');
  await expect(stop).toHaveAttribute('aria-valuenow', '90');
  await expect(first).toContainText('soft set');
  const before = await first.textContent();
  await drag(page, stop, -70);
  await expect(stop).not.toHaveAttribute('aria-valuenow', '90');
  const minutes = Number(await stop.getAttribute('aria-valuenow'));
  expect(minutes).toBeGreaterThan(10);
  expect(minutes).toBeLessThan(60);
  // The plan itself has changed: its step bar, and what the run gives.
  await expect(
    page.getByRole('button', { name: `hold ${minutes} min, change` }).first(),
  ).toBeVisible();
  await expect(first).not.toHaveText(before ?? '');
  await expect(first).toContainText(/trembles|pourable/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(first).toHaveText(before ?? '');

  await stop.focus();
  await page.keyboard.press('PageDown');
  await expect(stop).toHaveAttribute('aria-valuenow', '85');
  await page.reload();
  await expect(stop).toHaveAttribute('aria-valuenow', '85');
  await accessible(page);
});

test('the cursor shows each run in the Well, and its water is dragged there', async ({ page }) => {
  await page.goto('/bench/b3');
  await expect(page.getByTestId('run-3')).toBeVisible();
  const second = page.getByTestId('run-2');
  const before = await second.textContent();
  // The cursor goes by, and shows the run it is in.
  await page.getByLabel('Moment shown').fill('240');
  const shown = page.getByRole('group', { name: 'Run shown in the Well' });
  await expect(shown.getByRole('button', { name: '2' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByLabel('Moment shown').blur();
  await expect(shown.getByRole('button', { name: '1' })).toHaveAttribute('aria-pressed', 'true');
  // The cook turns to the second run and drags its surface down.
  await shown.getByRole('button', { name: '2' }).click();
  const surface = page.getByTestId('water-handle');
  const box = await surface.boundingBox();
  if (!box) throw new Error('no surface');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 15, { steps: 6 });
  await page.mouse.up();
  await expect(second).not.toHaveText(before ?? '');
  await expect(page.getByTestId('water')).not.toHaveText('3 L');
  await page.getByRole('tab', { name: 'Lanes' }).click();
  const waters = page.getByTestId('lane-water');
  await expect(waters).toHaveCount(3);
  await expect(waters.first()).toContainText('3 L');
  await expect(waters.nth(1)).toContainText('second closing');
});

test('bones are run again, and poultry is refused', async ({ page }) => {
  await page.goto('/bench/b2');
  await expect(page.getByTestId('advice')).toContainText('No run after it: turkey frame');
  await page.getByRole('button', { name: 'Run again' }).click();
  await expect(page.getByTestId('run-2')).toBeVisible();
  const call = page.getByTestId('call-bones-spent');
  await expect(call).toContainText('splinters');
  await page
    .getByRole('list', { name: 'Open calls' })
    .getByRole('button', { name: /^Stop after the first run/ })
    .first()
    .click();
  await expect(page.getByTestId('run-2')).toBeHidden();
  await expect(call).toBeHidden();

  await page.goto('/bench/b3');
  await page.getByRole('button', { name: 'Leave out run 2 and what comes after' }).click();
  await expect(page.getByTestId('run-2')).toBeHidden();
  await expect(page.getByTestId('blend')).toContainText('in the glass');
  await page.getByRole('button', { name: 'Run again' }).click();
  await expect(page.getByTestId('run-2')).toBeVisible();
  await expect(page.getByTestId('blend')).toContainText('poured together');
});

test('the runs are planned by what is wanted', async ({ page }) => {
  await page.goto('/bench/b3');
  await page.getByRole('button', { name: 'How many runs?' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Hours at hand').fill('soon');
  await sheet.getByRole('button', { name: 'Work it out' }).click();
  await expect(sheet.getByText('wanted: a number of hours, or nothing')).toBeVisible();
  await sheet.getByLabel('Hours at hand').fill('');
  await sheet.getByLabel('Cold, it').selectOption('soft set');
  await sheet.getByRole('button', { name: 'Work it out' }).click();
  const options = sheet.getByTestId('run-options');
  await expect(options.getByRole('radio')).toHaveCount(2);
  await expect(options).toContainText('2 runs at most');
  await accessible(page);
  await options.getByRole('radio').nth(1).click();
  await sheet.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByTestId('run-3')).toBeHidden();
  await expect(page.getByTestId('run-2')).toBeVisible();
  await expect(page.getByTestId('blend-set')).toHaveText('soft set');
  await expect(page.getByText('bones a litre of “soft set”')).toBeVisible();
});

test('a broth is planned from nothing on a phone, its stop moved by thumb', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    ...(baseURL && { baseURL }),
  });
  const page = await context.newPage();
  await page.goto('/');
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  await putIn(page, [
    ['1 kg veal knuckle', 'veal-knuckle'],
    ['2 l water', 'water'],
  ]);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'It is a broth' }).click();
  const stop = page.getByRole('slider', { name: 'Stop of run 1' });
  await expect(stop).toHaveAttribute('aria-valuenow', '15');
  await touch(context, page, stop, 60, 0);
  await expect(stop).not.toHaveAttribute('aria-valuenow', '15');
  await page.getByRole('button', { name: 'Run again' }).click();
  await expect(page.getByTestId('run-2')).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
  await accessible(page);
  await context.close();
});

test('what each run gave is entered at the stove and in the Log', async ({ page }) => {
  await page.goto('/bench/b2');
  await expect(page.getByTestId('run-1')).toBeVisible();
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  for (const name of ['Lid locked', 'At pressure', 'End the hold now', 'Pin down', 'Lid off'])
    await page.getByRole('button', { name }).click();
  await expect(page.getByRole('heading', { name: 'Strain' })).toBeVisible();
  const litres = page.getByLabel('Broth of run 1, L');
  await litres.fill('many');
  await expect(page.getByText('wanted: a number from 0 to 100 L')).toBeVisible();
  await litres.fill('3.1');
  await page.reload();
  await expect(litres).toHaveValue('3.1');
  await accessible(page);
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await page.getByRole('button', { name: 'Write it in the log' }).click();
  await expect(page.getByRole('heading', { name: 'The runs' })).toBeVisible();
  await expect(litres).toHaveValue('3.1');
  await expect(page.getByText(/foretold \d+ g a litre/)).toBeVisible();
  await page.getByRole('radio', { name: 'soft set' }).click();
  await page.reload();
  await expect(page.getByRole('radio', { name: 'soft set' })).toBeChecked();
  await accessible(page);
});
