import type { BrowserContext, Locator, Page } from '@playwright/test';

/** Waits until a handle can be dragged: the code for it comes after the page. */
const drags = (handle: Locator): Promise<void> =>
  handle.locator('xpath=ancestor-or-self::*[@data-drags]').first().waitFor({ state: 'attached' });

/** Drags a handle sideways by the real mouse, in steps as a hand does. */
export async function drag(page: Page, handle: Locator, dx: number): Promise<void> {
  await drags(handle);
  const box = await handle.boundingBox();
  if (!box) throw new Error('nothing to drag');
  const x = box.x + box.width / 2;
  const y = box.y + box.height / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + dx / 2, y, { steps: 5 });
  await page.mouse.move(x + dx, y, { steps: 5 });
  await page.mouse.up();
}

/** Drags a handle by touch. The finger rests before it lifts: a browser ignores a tap right after a fling. */
export async function touch(
  context: BrowserContext,
  page: Page,
  handle: Locator,
  dx: number,
  dy: number,
): Promise<void> {
  await drags(handle);
  const session = await context.newCDPSession(page);
  await handle.scrollIntoViewIfNeeded();
  const box = await handle.boundingBox();
  if (!box) throw new Error('no handle');
  const at = (share: number) => [
    { x: box.x + box.width / 2 + dx * share, y: box.y + box.height / 2 + dy * share },
  ];
  await session.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(0) });
  for (let n = 1; n <= 10; n++)
    await session.send('Input.dispatchTouchEvent', {
      type: 'touchMove',
      touchPoints: at(n / 10),
    });
  await page.evaluate(async () => {
    for (let frame = 0; frame < 6; frame++) await new Promise(requestAnimationFrame);
  });
  await session.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}
