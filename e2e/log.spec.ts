import { readFileSync } from 'node:fs';
import { accessible, expect, test } from './fixtures';

test('the log is searched, asked whether it is to be believed, and taken out as a table', async ({
  page,
}) => {
  await page.goto('/log');
  const runs = page.getByRole('list', { name: 'Runs' }).getByRole('listitem');
  await expect(runs).toHaveCount(24);
  await page.getByRole('searchbox').fill('borlotti under');
  await expect(runs).toHaveCount(1);
  await expect(page.getByText('1 of 24')).toBeVisible();
  await page.getByRole('searchbox').fill('turnip');
  await expect(page.getByText('Nothing is found.')).toBeVisible();
  await page.getByRole('searchbox').fill('');

  await page.getByRole('button', { name: 'Is Retort to be believed?' }).click();
  await expect(page.getByTestId('bands')).toContainText('8 in 10 is the promise');
  await accessible(page);

  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'All as CSV' }).click();
  const csv = readFileSync(await (await waiting).path(), 'utf8');
  expect(csv.split(/\r?\n/)[0]).toBe(
    'id,dish,kind,pot,started,foretold_min,band_low_min,band_high_min,happened_min,verdicts,yield_litres,salt_added_g,next_hold_min,next_water_ml,note',
  );
  expect(csv.trim().split(/\r?\n/).length).toBeGreaterThan(24);
  expect(csv).toContain('stewing venison: under');
});

test('a dish that is cooked again tells what was changed', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-24T16:00:00Z') });
  await page.goto('/log/r1');
  await page.getByRole('button', { name: 'Cook again with these changes' }).click();
  await page.getByRole('button', { name: 'Take it to the Bench' }).click();
  await expect(page).toHaveURL(/\/bench\//);
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  for (const name of [
    'Lid locked',
    'At pressure',
    'End the hold now',
    'Valve opened early',
    'Pin down',
    'Lid off',
    'Write it in the log',
  ])
    await page.getByRole('button', { name }).click();
  await expect(page).toHaveURL(/\/log\//);
  const history = page.getByRole('region', { name: 'This dish so far' });
  await expect(history.getByRole('listitem')).toHaveCount(5);
  await expect(history).toContainText('water 1.2 L → 1.45 L');
  await accessible(page);
});
