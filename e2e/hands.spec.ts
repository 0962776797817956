import { readFileSync } from 'node:fs';
import { accessible, expect, test, serveAt } from './fixtures';
import { drag, touch } from './hands';

test('the end of a hold, the valve, an ingredient and a step are dragged, and undone', async ({
  page,
}) => {
  await page.goto('/bench/b1');
  const hold = page.getByRole('slider', { name: 'End of the hold' });
  await expect(hold).toHaveAttribute('aria-valuenow', '20');
  await drag(page, hold, 60);
  await expect(hold).not.toHaveAttribute('aria-valuenow', '20');
  const minutes = Number(await hold.getAttribute('aria-valuenow'));
  expect(minutes).toBeGreaterThan(24);
  expect(minutes).toBeLessThan(36);
  await expect(page.getByRole('button', { name: `hold ${minutes} min, change` })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(hold).toHaveAttribute('aria-valuenow', '20');

  // Under the hand a light drawing stands in for the chart, and what it shows is not kept yet.
  await page.getByTestId('trace').hover();
  await expect(page.locator('.recharts-surface').first()).toBeVisible();
  const box = await hold.boundingBox();
  if (!box) throw new Error('the hold has no place');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 50, box.y + box.height / 2, { steps: 5 });
  await expect(page.getByTestId('trace').getByTestId('light-plot')).toBeVisible();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2, { steps: 5 });
  await expect(hold).toHaveAttribute('aria-valuenow', '20');
  await page.mouse.up();
  await expect(page.getByTestId('trace').getByTestId('light-plot')).toHaveCount(0);

  const valve = page.getByRole('slider', { name: 'Valve opens' });
  await expect(valve).toHaveAttribute('aria-valuetext', 'after 12 min');
  await drag(page, valve, -200);
  await expect(valve).toHaveAttribute('aria-valuetext', 'at once');
  await valve.focus();
  await page.keyboard.press('PageUp');
  await expect(valve).toHaveAttribute('aria-valuetext', 'after 5 min');
  await page.getByRole('button', { name: 'hold 20 min, change' }).click();
  await page.getByRole('dialog').getByLabel('Release').selectOption('pulsed');
  await page.getByRole('dialog').getByRole('button', { name: 'Keep' }).click();
  await expect(valve).toHaveAttribute('aria-valuetext', /in bursts/);
  const waits = Number(await valve.getAttribute('aria-valuenow'));
  await drag(page, valve, 40);
  await expect(valve).not.toHaveAttribute('aria-valuenow', String(waits));
  await expect(valve).toHaveAttribute('aria-valuetext', /in bursts/);

  const leek = page.getByRole('slider', { name: 'leek goes in' });
  await expect(leek).toHaveAttribute('aria-valuetext', 'stage 2: simmer');
  await drag(page, leek, -320);
  await expect(leek).toHaveAttribute('aria-valuetext', 'stage 1: pressure-cook');
  await expect(page.getByTestId('lane-leek')).toContainText('very soft');
  await leek.focus();
  await page.keyboard.press('ArrowRight');
  await expect(leek).toHaveAttribute('aria-valuetext', 'stage 2: simmer');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('lane-leek')).toContainText('cooked separately');

  await page.getByRole('button', { name: 'Add a step' }).click();
  await page.getByRole('dialog').getByLabel('What').selectOption('rest');
  await page.getByRole('dialog').getByRole('button', { name: 'Add it' }).click();
  const names = () => page.getByRole('list', { name: 'Steps' }).getByRole('button').all();
  const labels = async () =>
    Promise.all((await names()).map(async (b) => (await b.getAttribute('aria-label')) ?? ''));
  await expect.poll(async () => (await labels()).at(-1)).toBe('rest 10 min, change');
  await drag(page, page.getByRole('button', { name: 'rest 10 min, change' }), -70);
  await expect.poll(async () => (await labels()).at(-2)).toBe('rest 10 min, change');
  await expect(page.getByRole('dialog')).toBeHidden();
});

test('what is wanted is moved along the lane by mouse and key, and outlives a reload', async ({
  page,
}) => {
  await page.goto('/bench/b1');
  const from = page.getByRole('slider', { name: 'pearl barley is done from' });
  const to = page.getByRole('slider', { name: 'pearl barley is too much after' });
  await expect(from).toHaveAttribute('aria-valuetext', 'tender');
  await expect(to).toHaveAttribute('aria-valuetext', 'swollen');
  await drag(page, from, -60);
  await expect(from).toHaveAttribute('aria-valuetext', 'with bite');
  await to.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(to).toHaveAttribute('aria-valuetext', 'with bite');
  await expect(page.getByTestId('lane-pearl-barley')).toContainText('tender, overdone');
  const call = page.getByTestId('call-overcooked');
  await expect(call).toContainText('Pearl barley comes out');
  await page.reload();
  await expect(to).toHaveAttribute('aria-valuetext', 'with bite');
  // Or it is right after all.
  await call.getByRole('button', { name: /is how I want it/ }).click();
  await expect(call).toBeHidden();
  await accessible(page);
});

test('on a phone water and a hold are dragged by touch, and what is wanted chosen in two', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    ...(baseURL && { baseURL }),
  });
  const page = await context.newPage();
  await page.goto('/bench/b1');
  const water = page.getByTestId('water');
  await expect(water).toHaveText('1 L');
  await touch(context, page, page.getByTestId('water-handle'), 0, -25);
  await expect(water).not.toHaveText('1 L');
  expect(Number.parseFloat((await water.textContent()) ?? '')).toBeGreaterThan(1.8);

  const hold = page.getByRole('slider', { name: 'End of the hold' });
  await expect(hold).toHaveAttribute('aria-valuenow', '20');
  await touch(context, page, hold, 40, 0);
  await expect(hold).not.toHaveAttribute('aria-valuenow', '20');
  expect(Number(await hold.getAttribute('aria-valuenow'))).toBeGreaterThan(24);

  const lane = page.getByTestId('lane-onion');
  await expect(lane).toContainText('very soft');
  await lane.getByRole('button', { name: /^Wish, cut and temperature of onion/ }).tap();
  await page.getByRole('button', { name: 'with bite', exact: true }).tap();
  await expect(lane).toContainText('very soft, overdone');
  await page.getByRole('button', { name: 'for flavour only' }).tap();
  await expect(lane).toContainText('dissolves');
  await page.getByRole('button', { name: 'as usual' }).tap();
  await expect(lane).toContainText(/very soft$/);
  await context.close();
});

test('the timetable goes into a calendar, and onto one page of paper', async ({ page }) => {
  await page.goto('/bench/b1');
  await serveAt(page, '18:30');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Timetable' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('list', { name: 'Timetable' })).toContainText('18:30Ready at');
  await accessible(page);
  const waiting = page.waitForEvent('download');
  await sheet.getByRole('button', { name: 'Into a calendar' }).click();
  const text = readFileSync(await (await waiting).path(), 'utf8');
  expect(text).toContain('BEGIN:VCALENDAR');
  expect(text.match(/BEGIN:VALARM/g)?.length).toBeGreaterThan(4);
  // The print shows the timetable on one page.
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Fix the timing for me' })).toBeHidden();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});
