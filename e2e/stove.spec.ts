import { accessible, expect, test } from './fixtures';

test('a batch is cooked by the clock and stands in the Log', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-24T16:00:00Z') });
  await page.goto('/bench/b5');
  await page.clock.pauseAt(new Date('2026-11-24T16:05:00Z'));
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  await expect(page).toHaveURL(/\/stove\//);
  await expect(page.getByRole('heading', { name: 'Put in and lock the lid' })).toBeVisible();
  await expect(page.getByRole('checkbox', { name: '4 carrot' })).toBeVisible();
  await page.clock.fastForward('02:00');
  await page.getByRole('button', { name: 'Lid locked' }).click();
  await expect(page.getByRole('heading', { name: 'Coming to pressure' })).toBeVisible();
  await page.clock.fastForward('15:00');
  await page.getByRole('button', { name: 'At pressure' }).click();
  await expect(page.getByTestId('clock')).toHaveText('4:00');
  await page.clock.fastForward('01:30');
  await expect(page.getByTestId('clock')).toHaveText('2:30');

  // A reload, and a while with the tab closed, lose nothing.
  await page.reload();
  await expect(page.getByTestId('clock')).toHaveText('2:30');
  const url = page.url();
  await page.goto('/log');
  await page.clock.fastForward('01:00');
  await page.goto(url);
  await expect(page.getByTestId('clock')).toHaveText('1:30');

  await page.clock.fastForward('01:31');
  await expect(page.getByRole('heading', { name: 'Wait, valve shut' })).toBeVisible();
  await page.clock.fastForward('10:01');
  await expect(page.getByRole('heading', { name: 'Open the valve' })).toBeVisible();
  await expect(page.getByText('steam scalds')).toBeVisible();
  await page.getByRole('button', { name: 'Valve opened' }).click();
  await page.clock.fastForward('01:00');
  await page.getByRole('button', { name: 'Pin down' }).click();
  await expect(page.getByText('Never force the lid')).toBeVisible();

  // A mark pressed too early is taken back.
  await page.getByRole('button', { name: 'Take back the last mark' }).click();
  await expect(page.getByRole('heading', { name: 'Until the pin drops' })).toBeVisible();
  await page.getByRole('button', { name: 'Pin down' }).click();
  await page.getByRole('button', { name: 'Lid off' }).click();
  await expect(page.getByRole('heading', { name: 'To the table' })).toBeVisible();
  await expect(page.getByText('None of this is canning')).toBeVisible();
  await page.getByRole('button', { name: 'Write it in the log' }).click();

  await expect(page).toHaveURL(/\/log\//);
  await expect(page.getByRole('row', { name: /Warm-up/ })).toContainText('15 min');
  await page
    .getByRole('radiogroup', { name: 'Verdict on carrot' })
    .getByRole('radio', { name: 'over' })
    .click();
  await page.getByLabel('Note').fill('Two minutes less.');
  await page.getByRole('button', { name: 'Hold: less' }).click();
  await page.getByRole('button', { name: 'Hold: less' }).click();
  await page.getByRole('button', { name: 'Water: more' }).click();
  await page.getByRole('heading', { name: 'Next time' }).click();

  await page.reload();
  await expect(
    page
      .getByRole('radiogroup', { name: 'Verdict on carrot' })
      .getByRole('radio', { name: 'over' }),
  ).toBeChecked();
  await expect(page.getByLabel('Note')).toHaveValue('Two minutes less.');
  await page.goto('/log');
  await expect(page.getByRole('list', { name: 'Runs' })).toContainText('Two minutes less.');
  await page.getByRole('link', { name: /Two minutes less/ }).click();

  await page.getByRole('button', { name: 'Cook again with these changes' }).click();
  await page.getByRole('button', { name: 'Take it to the Bench' }).click();
  await expect(page).toHaveURL(/\/bench\//);
  await expect(page.getByRole('button', { name: 'hold 2 min, change' })).toBeVisible();
  await expect(page.getByTestId('water')).toHaveText('1.25 L');
});

test('nothing serious by axe at any stage of the stove', async ({ page }) => {
  await page.goto('/bench/b4');
  await page.getByRole('button', { name: 'Take it to the stove' }).click();
  const presses = [
    'Lid locked',
    'At pressure',
    'End the hold now',
    'Valve opened',
    'Pin down',
    'Lid off',
  ];
  for (const name of presses) {
    await accessible(page);
    await page.getByRole('button', { name }).click();
    await expect(page.getByRole('button', { name })).toBeHidden();
  }
  await expect(page.getByRole('heading', { name: 'To the table' })).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: 'Write it in the log' }).click();
  await expect(page.getByRole('heading', { name: 'How was it?' })).toBeVisible();
  await accessible(page);
});
