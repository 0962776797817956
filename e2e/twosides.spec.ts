import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';
import { device, join, shared } from './household';

const RECIPE = `Turkey frame stock
Serves 6
700 g turkey frame
2 carrots
1 onion
1.6 l water

Pressure cook for 60 minutes. Natural release. Strain.`;

/** A mark is seen by the other device within this time, ms. */
const SEEN_MS = 2000;

test('an evening: planned at the desk, cooked by the phone, cut off in between, jars on both', async ({
  page: desk,
  browser,
}) => {
  const context = await device(browser);
  const phone = await context.newPage();
  const both = [desk, phone];
  for (const page of both) await page.clock.install();
  const later = async (minutes: number): Promise<void> => {
    for (const page of both) await page.clock.fastForward(minutes * 60_000);
  };
  const press = async (name: string): Promise<void> => {
    const button = phone.getByRole('button', { name, exact: true });
    await button.click();
    await expect(button).toBeHidden();
  };
  const stage = (page: Page, name: string) => page.getByRole('heading', { name, exact: true });

  // The desk plans.
  await desk.goto('/desk');
  await desk.getByRole('textbox').first().fill(RECIPE);
  await desk.getByRole('button', { name: 'Read it' }).click();
  await desk.getByRole('button', { name: 'Plan it' }).first().click();
  await desk.waitForURL(/\/bench\//);
  const bench = desk.url();

  // The phone joins, and cooks.
  await join(phone, await shared(desk, 'Desk'), 'Phone');
  await expect(phone.getByRole('link', { name: /Turkey frame stock/ }).first()).toBeVisible();
  await phone.goto(bench);
  await phone.getByRole('button', { name: 'Start cooking' }).click();
  await phone.waitForURL(/\/stove\//);
  const unticked = phone.getByRole('checkbox', { checked: false });
  await expect(unticked.first()).toBeVisible();
  for (let left = await unticked.count(); left > 0; left--) await unticked.first().check();
  await desk.goto(phone.url());
  await expect(stage(desk, 'Add the food and lock the lid')).toBeVisible();
  await press('Lid locked');
  await expect(stage(desk, 'Coming to pressure')).toBeVisible({ timeout: SEEN_MS });

  // Cut off for ten minutes, the phone goes on, and the desk says what it lacks.
  await later(22);
  await context.setOffline(true);
  await press('At pressure');
  await later(10);
  await expect(stage(phone, 'Hold')).toBeVisible();
  await expect(desk.getByText(/^Phone: out of reach/)).toBeVisible();
  await expect(stage(desk, 'Coming to pressure')).toBeVisible();
  await context.setOffline(false);
  await expect(stage(desk, 'Hold')).toBeVisible();
  await expect(desk.getByText('also open on Phone')).toBeVisible();

  // The rest of the cook; what the phone marks, the desk shows.
  await later(52);
  await expect(stage(desk, 'Let the pin drop by itself')).toBeVisible();
  await later(30);
  await press('Pin down');
  await press('Lid off');
  await expect(stage(desk, 'Strain')).toBeVisible();
  await press('Done');
  await press('Write it in the log');
  await desk.goto('/log');
  await expect(desk.getByRole('link', { name: /Turkey frame stock/ }).first()).toContainText(
    'no verdicts yet',
  );

  // Jars in the evening.
  await desk.goto('/larder');
  await expect(desk.getByText(/^14 jars/)).toBeVisible();
  await phone.goto('/larder');
  await phone.getByRole('button', { name: 'Fill jars', exact: true }).click();
  await phone.getByRole('button', { name: 'Put them on the shelf' }).click();
  await expect(phone.getByText(/^18 jars/)).toBeVisible();
  await expect(desk.getByText(/^18 jars/)).toBeVisible();
  await context.close();
});
