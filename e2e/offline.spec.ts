import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { test as plain, type Page } from '@playwright/test';
import { DEMO } from '../playwright.config';
import { accessible, expect, test } from './fixtures';

test.use({ serviceWorkers: 'allow' });
/** Without a server a browser prints what it could not fetch; what the page throws still counts. */
const cutOff = plain.extend<{ clean: undefined }>({
  clean: [
    async ({ page }, use) => {
      const errors: string[] = [];
      page.on('pageerror', (error) => errors.push(error.message));
      await use(undefined);
      expect(errors).toEqual([]);
    },
    { auto: true },
  ],
});
cutOff.use({ serviceWorkers: 'allow' });

/** Between the page and the server: can be taken away, and can have another version. */
interface Between {
  readonly home: string;
  readonly cut: () => Promise<void>;
  readonly setVersion: (version: string) => void;
}

async function between(): Promise<Between> {
  let version = '';
  const server: Server = createServer((from, to) => {
    const asked = request(
      new URL(from.url ?? '/', DEMO),
      { method: from.method, headers: { ...from.headers, host: new URL(DEMO).host } },
      (answer) => {
        const headers = { ...answer.headers };
        const changes = from.url === '/sw.js' && version !== '';
        if (changes) {
          delete headers['content-length'];
          delete headers.etag;
          delete headers['last-modified'];
        }
        to.writeHead(answer.statusCode ?? 500, headers);
        answer.on('data', (part: Buffer) => to.write(part));
        answer.on('end', () => to.end(changes ? `\n// ${version}` : undefined));
      },
    );
    // A changed batch arrives whole, with the change.
    if (from.url === '/sw.js') {
      asked.setHeader('accept-encoding', 'identity');
      asked.removeHeader('if-none-match');
      asked.removeHeader('if-modified-since');
    }
    asked.on('error', () => to.destroy());
    from.pipe(asked);
  });
  await new Promise<void>((done) => server.listen(0, done));
  return {
    home: `http://localhost:${(server.address() as AddressInfo).port}`,
    cut: () =>
      new Promise((done) => {
        server.closeAllConnections();
        server.close(() => done());
      }),
    setVersion: (next) => {
      version = next;
    },
  };
}

/** The first visit: until the device holds all of it. */
async function firstVisit(page: Page, home: string): Promise<void> {
  await page.goto(home);
  await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    if (!navigator.serviceWorker.controller)
      await new Promise((done) =>
        navigator.serviceWorker.addEventListener('controllerchange', done, { once: true }),
      );
  });
}

const SCREENS = [
  ['/', 'Batches'],
  ['/stove', 'Nothing on the stove'],
  ['/larder', 'Larder'],
  ['/larder/labels', 'Labels'],
  ['/log', 'Log'],
  ['/log/r1', 'Red lentil and carrot'],
  ['/kitchen', 'Kitchen'],
] as const;

cutOff('after one visit every screen opens and works with the server gone', async ({ page }) => {
  const { home, cut } = await between();
  await firstVisit(page, home);
  await cut();
  for (const [at, heading] of SCREENS) {
    await page.goto(`${home}${at}`);
    await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible();
  }
  // One that was never opened: planned, worked out, drawn, edited, and cooked.
  await page.goto(`${home}/bench/b6`);
  await expect(page.getByTestId('lane-carrot')).toBeVisible();
  await expect(page.getByText(/usually \d+ to \d+ min/)).toBeVisible();
  await page.getByLabel('Name of the batch').fill('Without a server');
  await page.getByLabel('Name of the batch').press('Enter');
  await page.reload();
  await expect(page.getByLabel('Name of the batch')).toHaveValue('Without a server');
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.getByRole('button', { name: 'Lid locked' }).click();
  await expect(page.getByRole('heading', { name: 'Coming to pressure' })).toBeVisible();
  await page.getByRole('link', { name: 'Batches' }).click();
  await expect(page.getByText('Without a server').first()).toBeVisible();
});

test('a new version is told, waits for the cook, and is taken by all tabs', async ({
  page,
  context,
}) => {
  const { home, cut, setVersion } = await between();
  await firstVisit(page, home);
  await page.goto(`${home}/bench/b5`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page.getByRole('heading', { name: 'Add the food and lock the lid' })).toBeVisible();
  setVersion('the next one');
  await page.reload();
  await expect(page.getByText(/It waits until nothing is on the stove/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Update now' })).toHaveCount(0);
  await accessible(page);

  for (const name of ['Lid locked', 'At pressure', 'End the hold now', 'Valve opened early'])
    await page.getByRole('button', { name }).click();
  for (const name of ['Pin down', 'Lid off', 'Write it in the log'])
    await page.getByRole('button', { name }).click();
  const other = await context.newPage();
  await other.goto(`${home}/kitchen`);
  await expect(other.getByText('A new version of Retort is here.')).toBeVisible();
  const reloaded = other.waitForEvent('load');
  await page.getByRole('button', { name: 'Update now' }).click();
  await reloaded;
  await expect(other.getByText(/A new version/)).toHaveCount(0);
  await expect(page.getByText(/A new version/)).toHaveCount(0);
  await cut();
});

test('a phone can put it on its home screen', async ({ page }) => {
  await page.goto('/');
  const manifest = (await (await page.request.get('/manifest.webmanifest')).json()) as {
    readonly display: string;
    readonly icons: readonly { readonly src: string; readonly sizes: string }[];
  };
  expect(manifest.display).toBe('standalone');
  for (const { src, sizes } of manifest.icons) {
    const picture = await page.request.get(src);
    expect(picture.headers()['content-type']).toBe('image/png');
    // The width stands in the header of a PNG, from the 17th byte on.
    expect(String((await picture.body()).readUInt32BE(16))).toBe(sizes.split('x')[0]);
  }
  await expect(page.locator('link[rel="manifest"]')).toHaveCount(1);
  // Asked for without being named, where a browser has not read the page's own yet.
  expect((await page.request.get('/favicon.ico')).ok()).toBe(true);
});
