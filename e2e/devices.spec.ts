import { BARE, DEMO } from '../playwright.config';
import { accessible, expect, test } from './fixtures';
import { device, join, shared } from './household';

test('a plan of the desk is cooked by the phone, and each sees what the other does', async ({
  page,
  browser,
}) => {
  const link = await shared(page, 'Desk');
  expect(link).toMatch(new RegExp(`^${DEMO}/join#[\\w-]{22}\\.[\\w-]{43}$`));
  await accessible(page);

  const context = await device(browser);
  const phone = await context.newPage();
  await phone.goto(link);
  await expect(phone.getByRole('heading', { name: 'The kitchen on Desk' })).toBeVisible();
  await expect(phone.getByTestId('becomes')).toContainText('Nothing of yours');
  await accessible(phone);
  await phone.getByLabel('Name of this device').fill('Phone');
  await phone.getByRole('button', { name: 'Join this kitchen' }).click();
  await phone.waitForURL(`${DEMO}/`);
  await expect(page.getByTestId('who-is-here')).toHaveText('Here now: Phone.');
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('region', { name: 'Devices' })).toContainText('Phonehere now');

  // A plan is changed at the desk, and the phone has it.
  await page.goto('/bench/b7');
  await page.getByLabel('Name of the batch').fill('Chili for the fair');
  await page.getByLabel('Name of the batch').press('Enter');
  await expect(phone.getByRole('link', { name: /Chili for the fair/ })).toBeVisible();

  // The phone cooks it, and the desk sees each mark within two seconds.
  await phone.goto('/bench/b7');
  await phone.getByRole('button', { name: 'Start cooking' }).click();
  await phone.waitForURL(/\/stove\//);
  const ticks = phone.getByRole('checkbox');
  await ticks.first().waitFor();
  await page.goto(phone.url());
  await expect(page.getByRole('checkbox').first()).toBeVisible();
  // Each says that the other is here, and the one touched last calls.
  await expect(page.getByText('also open on Phone')).toBeVisible();
  await expect(page.getByText(/^Phone calls, since it was touched last/)).toBeVisible();
  await expect(phone.getByText(/^Open too: Desk\./)).toBeVisible();
  await ticks.nth(0).check();
  await expect(page.getByRole('checkbox').nth(0)).toBeChecked({ timeout: 2000 });
  await page.getByRole('checkbox').nth(1).check();
  await expect(ticks.nth(1)).toBeChecked({ timeout: 2000 });

  // Cut off, both go on alone; when they meet again each has what the other did.
  await context.setOffline(true);
  await ticks.nth(2).check();
  await page.getByRole('checkbox').nth(3).check();
  await expect(ticks.nth(2)).toBeChecked();
  await expect(page.getByRole('checkbox').nth(2)).not.toBeChecked();
  await context.setOffline(false);
  await expect(page.getByRole('checkbox').nth(2)).toBeChecked();
  await expect(ticks.nth(3)).toBeChecked();

  // A second tab of the desk knows who is there, though the first one meets them.
  const tab = await page.context().newPage();
  await tab.goto('/kitchen');
  await expect(tab.getByRole('region', { name: 'Devices' })).toContainText('Phonehere now');
  await context.close();
});

test('a device with a kitchen of its own brings it along, and leaves again', async ({
  page,
  browser,
}) => {
  const link = await shared(page, 'Desk');
  const context = await device(browser);
  const phone = await context.newPage();
  await phone.goto('/bench/b5');
  await phone.getByLabel('Name of the batch').fill('Of the phone');
  await phone.getByLabel('Name of the batch').press('Enter');
  await expect(phone.getByText('usually').first()).toBeVisible();
  await phone.goto(link);
  await expect(phone.getByTestId('becomes')).toContainText('Your own come along');
  await phone.getByRole('button', { name: 'Join this kitchen' }).click();
  await phone.waitForURL(`${DEMO}/`);
  // If both have a record, the desk's version wins.
  await expect(phone.getByText('Of the phone')).toHaveCount(0);
  await phone.goto('/kitchen');
  await expect(phone.getByRole('region', { name: 'Devices' })).toContainText('Deskhere now');
  await phone
    .getByRole('region', { name: 'Devices' })
    .getByRole('button', { name: 'Change' })
    .click();
  await phone.getByRole('button', { name: 'Leave the others' }).click();
  await phone.getByRole('button', { name: 'Leave them' }).click();
  await expect(phone.getByRole('button', { name: 'Use it on another device' })).toBeVisible();
  // The others are told that it has left for good.
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('region', { name: 'Devices' }).getByRole('listitem')).toHaveText([
    'Deskthis device',
  ]);
  await context.close();
});

test('a phone without any kitchen has one when it joins', async ({ page, browser }) => {
  await page.goto(BARE);
  await page.getByRole('button', { name: 'Open the sample kitchen' }).click();
  await expect(page.getByRole('list', { name: 'Planned batches' })).toBeVisible();
  const link = await shared(page, 'Desk', BARE);
  const context = await device(browser);
  const phone = await context.newPage();
  await phone.goto(link);
  await phone.getByRole('button', { name: 'Join this kitchen' }).click();
  await phone.waitForURL(`${BARE}/`);
  await expect(phone.getByRole('list', { name: 'Planned batches' })).toContainText(
    'Fish-frame fumet',
  );
  await phone.reload();
  await expect(phone.getByRole('list', { name: 'Planned batches' })).toContainText(
    'Fish-frame fumet',
  );
  await context.close();
});

test('a device that is not here can be removed from the list', async ({ page, browser }) => {
  await page.clock.install();
  const link = await shared(page, 'Desk');
  const context = await device(browser);
  const phone = await context.newPage();
  await join(phone, link, 'Phone');
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  const devices = page.getByRole('region', { name: 'Devices' });
  await expect(devices).toContainText('Phonehere now');
  await context.close();
  // The next greeting finds that nobody hears it.
  await page.clock.fastForward(60_000);
  await devices.getByRole('button', { name: 'Remove Phone from the list' }).click();
  await expect(devices.getByRole('listitem')).toHaveText(['Deskthis device']);
});

test('a link without a whole code joins nothing', async ({ page }) => {
  await page.goto('/join#half');
  await expect(page.getByRole('heading', { name: 'No kitchen to join' })).toBeVisible();
});

test('another key opens nothing of what is said', async ({ page, browser }) => {
  const link = await shared(page, 'Desk');
  const context = await device(browser);
  const other = await context.newPage();
  const key = link.slice(-43);
  await other.goto(link.replace(key, [...key].toReversed().join('').replace(/.$/, 'A')));
  await expect(other.getByRole('status')).toContainText('this code does not open');
  await context.close();
});
