/** For every hand and eye: what axe cannot see (WCAG 2.2). */
import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';

test('the first Tab skips to the page', async ({ page }) => {
  await page.goto('/log');
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible();
  await page.keyboard.press('Tab');
  const skip = page.getByRole('link', { name: 'Skip to the page' });
  await expect(skip).toBeFocused();
  await expect(skip).toBeInViewport();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  const inPage = await page.evaluate(
    () => document.activeElement?.closest('#page main') !== null && document.activeElement !== null,
  );
  expect(inPage).toBe(true);
});

test('“?” helps on every page, and single letters can be switched off', async ({ page }) => {
  await page.goto('/larder');
  await expect(page.getByRole('heading', { name: 'Larder' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page).toHaveURL(/\/help$/);

  await page.goto('/bench/b5');
  await expect(page.getByTestId('lane-carrot')).toBeVisible();
  await page.keyboard.press('?');
  await page.getByRole('switch', { name: 'Single letters are shortcuts' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('c');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible();
  await page.getByRole('switch', { name: 'Single letters are shortcuts' }).click();
  await page.keyboard.press('Escape');
  await page.keyboard.press('c');
  await expect(page.getByRole('list', { name: 'Timetable' })).toBeVisible();
});

test('the curves are a table too, and handles go to their ends by key', async ({ page }) => {
  await page.goto('/bench/b5');
  const table = page.getByRole('table', { name: 'Temperature, pressure and level over time' });
  await expect(table.getByRole('row')).not.toHaveCount(0);
  await expect(table).toContainText('hold');
  const end = page.getByRole('slider', { name: 'End of the hold' });
  await end.focus();
  await page.keyboard.press('Home');
  await expect(end).toHaveAttribute('aria-valuenow', '0');
  const entry = page.getByRole('slider', { name: 'carrot goes in' });
  await entry.focus();
  await page.keyboard.press('End');
  await expect(entry).toHaveAttribute('aria-valuetext', 'cooked separately, added when served');
});

for (const width of [640, 320])
  test(`no page is wider than a window of ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height: 640 });
    for (const path of [
      '/',
      '/desk',
      '/bench/b1',
      '/stove',
      '/larder',
      '/log',
      '/kitchen',
      '/help',
    ]) {
      await page.goto(path);
      await expect(page.getByRole('heading').first()).toBeVisible();
      await expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth), { message: path })
        .toBeLessThanOrEqual(width);
    }
  });

const PAGES = ['/', '/desk', '/bench/b1', '/bench/b3', '/larder', '/log', '/kitchen', '/help'];

/** Goes to a page and waits until it is drawn. */
async function seen(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('heading').first()).toBeVisible();
  if (path.startsWith('/bench'))
    await expect(page.locator('[aria-label="Warnings"][aria-busy="false"]')).toBeVisible();
}

test('the focus goes to a page that was gone to, and to a recipe that was read', async ({
  page,
}) => {
  await seen(page, '/');
  await page.getByRole('link', { name: 'Larder' }).click();
  await expect(page.getByRole('heading', { name: 'Larder' })).toBeVisible();
  await expect(page.locator('#page')).toBeFocused();
  await seen(page, '/desk');
  await page.getByLabel('Paste a recipe').fill('250 g red lentils\n1 l water\n6 min high pressure');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('group', { name: 'The recipe as read' })).toBeFocused();
});

/** Focused elements that show no outline, or lie under something else. */
function unseenFocus(): string | null {
  const at = document.activeElement;
  if (!(at instanceof HTMLElement) || at === document.body || at.id === 'page') return null;
  const style = getComputedStyle(at);
  const shown = style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) >= 2;
  const { left, right, top, bottom } = at.getBoundingClientRect();
  const points = [0.1, 0.5, 0.9].flatMap((x) =>
    [0.1, 0.5, 0.9].map((y) => [left + x * (right - left), top + y * (bottom - top)] as const),
  );
  const seen = points.some(([x, y]) => {
    const on = document.elementFromPoint(x, y);
    return on !== null && (at.contains(on) || on.contains(at) || on.closest('label')?.contains(at));
  });
  const inWindow = bottom > 0 && top < innerHeight;
  const name = `${at.tagName} ${(at.getAttribute('aria-label') ?? at.textContent?.slice(0, 40)) || at.id || at.className}`;
  return shown && seen && inWindow
    ? null
    : `${name}${shown ? '' : ': no outline'}${seen ? '' : ': covered'}`;
}

test('what has the focus is seen, and nothing covers it', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of PAGES) {
    await seen(page, path);
    const unseen = new Set<string>();
    for (let i = 0; i < 50; i++) {
      await page.keyboard.press('Tab');
      const one = await page.evaluate(unseenFocus);
      if (one !== null) unseen.add(one);
    }
    expect([...unseen], path).toEqual([]);
  }
});

/** Things to press that are smaller than so many pixels; links in a sentence may be. */
function tooSmall(least: number): readonly string[] {
  const all = document.querySelectorAll<HTMLElement>(
    'button, [role=slider], [role=switch], [role=tab], select, a[href], summary, input:not([type=file])',
  );
  return [...all].flatMap((one) => {
    const box = one.getBoundingClientRect();
    const hidden =
      box.width < 2 || box.height < 2 || !one.checkVisibility({ visibilityProperty: true });
    const inText = getComputedStyle(one).display === 'inline' || one.classList.contains('sr-only');
    // A box with a label is as large as its label.
    const label = one instanceof HTMLInputElement ? one.closest('label') : null;
    const { width, height } = label?.getBoundingClientRect() ?? box;
    return hidden || inText || (width >= least - 0.5 && height >= least - 0.5)
      ? []
      : [
          `${one.getAttribute('aria-label') ?? one.textContent?.slice(0, 40) ?? one.id} ${width.toFixed(0)} x ${height.toFixed(0)}`,
        ];
  });
}

test('what is pressed is 24 px at least, and 44 at the stove', async ({ page }) => {
  for (const size of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    await page.setViewportSize(size);
    for (const path of PAGES) {
      await seen(page, path);
      expect(await page.evaluate(tooSmall, 24), `${path} ${size.width}`).toEqual([]);
    }
  }
  await page.goto('/bench/b5');
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page.getByRole('heading', { name: 'Add the food and lock the lid' })).toBeVisible();
  expect(await page.evaluate(tooSmall, 44), 'stove').toEqual([]);
});

/** Sizes of all that is written, by its words. */
function sizes(): readonly (readonly [string, number])[] {
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  const all: (readonly [string, number])[] = [];
  const times = new Map<string, number>();
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const words = node.textContent?.trim() ?? '';
    const parent = node.parentElement;
    if (!words || !parent || parent.closest('script, style, nextjs-portal')) continue;
    const nth = times.get(words) ?? 0;
    times.set(words, nth + 1);
    all.push([`${words} (${nth})`, parseFloat(getComputedStyle(parent).fontSize)]);
  }
  return all;
}

test('all text grows with the browser’s own size', async ({ page }) => {
  for (const path of [...PAGES, '/stove']) {
    await page.goto(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    const before = new Map(await page.evaluate(sizes));
    await page.addStyleTag({ content: 'html { font-size: 200% }' });
    const still = (await page.evaluate(sizes)).flatMap(([words, size]) => {
      const was = before.get(words);
      return was !== undefined && size < 1.9 * was ? [`${words}: ${was} to ${size}`] : [];
    });
    expect(still, path).toEqual([]);
  }
});

/** Contrast of two colours as the browser computes them (WCAG 2.2, relative luminance). */
function contrasts(pairs: readonly (readonly string[])[]) {
  const light = (colour: string): number => {
    const [r = 0, g = 0, b = 0] = (colour.match(/[\d.]+/g) ?? []).map(Number);
    const part = (c: number): number =>
      c <= 10.31 ? c / 255 / 12.92 : ((c / 255 + 0.055) / 1.055) ** 2.4;
    return 0.2126 * part(r) + 0.7152 * part(g) + 0.0722 * part(b);
  };
  const behind = (from: Element | null): string => {
    for (let at = from; at; at = at.parentElement) {
      const { backgroundColor } = getComputedStyle(at);
      if (!/, 0\)$|transparent/.test(backgroundColor)) return backgroundColor;
    }
    return getComputedStyle(document.documentElement).backgroundColor;
  };
  return pairs.map(([selector = '', property = '', pseudo = '']) => {
    const one = document.querySelector(selector);
    if (!one) return [selector, 0] as const;
    const own = getComputedStyle(one, pseudo || null).getPropertyValue(property);
    const ground = behind(pseudo ? one : one.parentElement);
    const [a, b] = [light(own), light(ground)].sort((x, y) => y - x) as [number, number];
    return [selector, (a + 0.05) / (b + 0.05)] as const;
  });
}

test('what stands in an empty field is readable', async ({ page }) => {
  await seen(page, '/desk');
  for (const [where, contrast] of await page.evaluate(contrasts, [
    ['textarea', 'color', '::placeholder'],
    ['input[type=url]', 'color', '::placeholder'],
  ]))
    expect(contrast, where).toBeGreaterThan(4.5);
});

for (const colorScheme of ['light', 'dark'] as const)
  test(`handles and lines are seen in forced colours, ${colorScheme}`, async ({ page }) => {
    await page.emulateMedia({ forcedColors: 'active', colorScheme });
    await seen(page, '/bench/b1');
    await page.getByTestId('trace').hover();
    await expect(page.locator('.recharts-surface').first()).toBeVisible();
    const found = await page.evaluate(contrasts, [
      ['[data-testid^="grip-hold"] span:last-child', 'border-top-color', ''],
      ['[data-testid^="grip-hold"] span:first-child', 'background-color', ''],
      ['[aria-label="Well"] [data-part="wall"]', 'stroke', ''],
      ['[aria-label="Well"] [data-part="wall"] ~ g line', 'stroke', ''],
      ['.recharts-line-curve', 'stroke', ''],
    ]);
    for (const [where, contrast] of found) expect(contrast, where).toBeGreaterThan(3);
  });

test('a lane says when, and short steps can be touched', async ({ page }) => {
  await seen(page, '/bench/b1');
  const lane = page.getByRole('button', { name: /^Change / }).first();
  const when = await lane.getAttribute('aria-describedby');
  await expect(page.locator(`[id="${when}"]`)).toHaveText(/\d.* to .*\d/);
  const steps = page.getByRole('list', { name: 'Steps' });
  for (const step of await steps.getByRole('button').all()) {
    const box = await step.boundingBox();
    expect(box && box.width >= 24 && box.height >= 24).toBe(true);
  }
  // No handle lies over a step, nor over what adds one.
  const handles = await page.locator('[data-testid^="grip-"]').all();
  const add = await page.getByRole('button', { name: 'Add a step' }).boundingBox();
  const list = await steps.boundingBox();
  for (const handle of handles) {
    const box = await handle.boundingBox();
    expect(box && list && add && box.y >= list.y + list.height - 1).toBe(true);
    if (box && add) {
      const apart = box.x >= add.x + add.width || box.x + box.width <= add.x;
      expect(apart || box.y >= add.y + add.height - 1).toBe(true);
    }
  }
});
