/** The handlers as they are called, with their threads, held to the OpenAPI file. */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020';
import { buildSync } from 'esbuild';
import { assess, health, page, read } from '.';
import * as bounds from './bounds';
import { CALLS, checked, type CallName } from './calls';
import { endConnections } from './fetchPage';
import { gate } from './gate';
import { endPool } from './pool';

const OPENAPI = JSON.parse(readFileSync('docs/openapi.json', 'utf8')) as {
  readonly components: { readonly schemas: Readonly<Record<string, object>> };
  readonly paths: Readonly<
    Record<string, Readonly<Record<string, { readonly responses: object }>>>
  >;
};
const ajv = new Ajv2020({ strict: false });
ajv.addSchema({ ...OPENAPI, $id: 'openapi' }, 'openapi');

/** Faults of a value by a schema of the file. */
function faults(name: string, value: unknown): string {
  const check = ajv.getSchema(`openapi#/components/schemas/${name}`);
  if (!check) throw new Error(`no schema ${name}`);
  return check(value) ? '' : ajv.errorsText(check.errors);
}

const DIR = mkdtempSync(path.join(tmpdir(), 'retort-work-'));
const DEMO = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as object;
const SITE = 'http://127.0.0.1';
let pages: Server;
let site = '';

beforeAll(async () => {
  const outfile = path.join(DIR, 'work.mjs');
  buildSync({
    entryPoints: ['src/server/work.ts'],
    bundle: true,
    platform: 'node',
    format: 'esm',
    outfile,
    banner: {
      js: "import{createRequire}from'node:module';const require=createRequire(import.meta.url);",
    },
  });
  process.env['RETORT_WORK'] = outfile;
  pages = createServer((request, response) => {
    const url = request.url ?? '/';
    const html = (status: number, body: string, more = {}): void => {
      response.writeHead(status, { 'content-type': 'text/html; charset=utf-8', ...more });
      response.end(body);
    };
    const hops = /^\/hop\/(\d+)$/.exec(url)?.[1];
    if (hops !== undefined)
      html(302, '', {
        location: Number(hops) > 1 ? `/hop/${Number(hops) - 1}` : '/lamb-neck.html',
      });
    else if (url === '/inside') html(302, '', { location: 'http://127.0.0.1:1/secret' });
    else if (url === '/large') html(200, 'x'.repeat(bounds.MOST_PAGE_BYTES + 1));
    else if (url === '/picture') html(200, 'x', { 'content-type': 'image/png' });
    else if (url === '/gone') html(404, 'gone');
    else html(200, readFileSync(path.join('demo', 'pages', path.basename(url)), 'utf8'));
  });
  await new Promise<void>((done) => pages.listen(0, '127.0.0.1', done));
  site = `${SITE}:${(pages.address() as AddressInfo).port}`;
  process.env['RETORT_ALLOW_PAGES'] = new URL(site).host;
});
afterAll(async () => {
  await endPool();
  await endConnections();
  pages.closeAllConnections();
  await new Promise((done) => pages.close(done));
  rmSync(DIR, { recursive: true, force: true });
  delete process.env['RETORT_ALLOW_PAGES'];
});

const OWN = {
  'content-type': 'application/json',
  host: 'retort.test',
  origin: 'http://retort.test',
};

/** Calls a handler. @returns its status and what it says */
async function call(
  handler: (request: Request) => Promise<Response>,
  body: unknown,
  headers: Readonly<Record<string, string>> = OWN,
) {
  const response = await handler(
    new Request('http://retort.test/api', {
      method: 'POST',
      headers,
      body: typeof body === 'string' ? body : JSON.stringify(body),
    }),
  );
  expect(response.headers.get('cache-control')).toBe('no-store');
  expect(response.headers.get('access-control-allow-origin')).toBeNull();
  const said = (await response.json()) as Readonly<Record<string, never>>;
  if (response.status !== 200) expect(faults('Refusal', said)).toBe('');
  return { status: response.status, said, response };
}

describe('a page', () => {
  it.each(['lamb-neck.html', 'minestrone.html', 'turkey-stock.html'])(
    'is read as a document: %s',
    async (name) => {
      const { status, said } = await call(page, { link: `${site}/${name}` });
      expect(status).toBe(200);
      expect(faults('Document', said)).toBe('');
      expect(JSON.stringify(said)).not.toMatch(/<|porridge/);
      const { said: again } = await call(read, { text: said['text'] });
      expect(faults('Read', again)).toBe('');
    },
  );

  it.each([
    ['/hop/4', 200, ''],
    ['/hop/5', 502, 'leads on and on'],
    ['/inside', 422, 'usual ports|not public'],
    ['/large', 422, 'larger than 2 MB'],
    ['/picture', 422, 'no page with text'],
    ['/gone', 502, '404'],
    ['/no-recipe.html', 422, 'No recipe was found'],
  ])('%s is answered with %d', async (at, wanted, why) => {
    const { status, said } = await call(page, { link: `${site}${at}` });
    expect([at, status]).toEqual([at, wanted]);
    expect(String(said['error'] ?? '')).toMatch(new RegExp(why));
  });

  it.each([
    ['another site', { ...OWN, origin: 'http://evil.test' }],
    ['nobody', { 'content-type': 'application/json' }],
    ['another site’s page', { ...OWN, 'sec-fetch-site': 'cross-site' }],
  ])('is not fetched for %s', async (_, headers) => {
    expect((await call(page, { link: `${site}/lamb-neck.html` }, headers)).status).toBe(403);
  });

  it('is asked for so often in a minute and no more', async () => {
    const statuses: number[] = [];
    for (let i = 0; i < bounds.PAGES_A_MINUTE + 1; i++)
      statuses.push((await call(page, { link: 'http://10.0.0.1/' })).status);
    expect(statuses.at(-1)).toBe(429);
  });
});

describe('a file', () => {
  it('is assessed as the command line does', async () => {
    const { status, said } = await call(assess, { file: DEMO, batch: 'b4', draws: 5, seed: 3 });
    expect(status).toBe(200);
    expect(faults('Assessment', said)).toBe('');
  });

  it.each([
    ['of 14 MB', `{"file":{"a":"${'x'.repeat(14_000_000)}"}}`, OWN, 413],
    ['that is no JSON', '{"file":', OWN, 400],
    ['of another type', '{}', { ...OWN, 'content-type': 'text/plain' }, 415],
    ['that is missing', '{}', OWN, 422],
    ['with too many draws', { file: DEMO, draws: 9999 }, OWN, 422],
    ['with a batch that is not there', { file: DEMO, batch: 'zz' }, OWN, 422],
    ['that is no household', { file: { a: 1 } }, OWN, 422],
    ['from another site', { file: DEMO }, { ...OWN, origin: 'http://evil.test' }, 403],
  ])('%s is refused with its reason', async (_, body, headers, wanted) => {
    expect((await call(assess, body, headers)).status).toBe(wanted);
  });
});

describe('a text', () => {
  it('is read with the fate of every word', async () => {
    const { status, said } = await call(read, {
      lines: '2 carrots, skin on\n1 tsp each cumin and salt',
    });
    expect([status, faults('Read', said)]).toEqual([200, '']);
  });

  it.each([
    {},
    { text: 'a', lines: 'b' },
    { text: '' },
    { text: 'a', units: 'stone' },
    { what: 1 },
  ])('is refused where the call is not as it must be: %j', async (body) =>
    expect((await call(read, body)).status).toBe(422),
  );
});

describe('many calls at once', () => {
  it('are answered or told to come again', async () => {
    const calls = Array.from({ length: 64 }, () => call(assess, { file: DEMO, draws: 0 }));
    const statuses = (await Promise.all(calls)).map(({ status, response }) => {
      if (status === 503) expect(Number(response.headers.get('retry-after'))).toBeGreaterThan(0);
      return status;
    });
    expect(statuses.filter((status) => status !== 200 && status !== 503)).toEqual([]);
    expect(statuses).toContain(200);
    const after = health();
    const said: unknown = await after.json();
    expect([after.status, faults('Health', said)]).toEqual([200, '']);
  });

  it('pass a gate a few at a time, in their order, and the rest is turned away', async () => {
    const { run, load } = gate(2, 2);
    const open: (() => void)[] = [];
    const enter = (n: number): Promise<number> =>
      run(() => new Promise((done) => open.push(() => done(n))));
    const all = [enter(0), enter(1), enter(2), enter(3)];
    await expect(enter(4)).rejects.toMatchObject({ status: 503 });
    expect(load()).toEqual({ running: 2, waiting: 2 });
    for (let i = 0; i < 4; i++) {
      open[i]?.();
      expect(await all[i]).toBe(i);
      await Promise.resolve();
    }
    expect(load()).toEqual({ running: 0, waiting: 0 });
  });
});

describe('the OpenAPI file', () => {
  const TRIED: Readonly<Record<CallName, readonly unknown[]>> = {
    page: [
      { link: 'http://a.b' },
      {},
      { link: '' },
      { link: 7 },
      { link: 'x'.repeat(bounds.LONGEST_LINK + 1) },
      { link: 'a', more: 1 },
    ],
    assess: [
      { file: {} },
      {},
      { file: [] },
      { file: {}, draws: -1 },
      { file: {}, draws: 1.5 },
      { file: {}, draws: bounds.MOST_DRAWS },
      { file: {}, draws: bounds.MOST_DRAWS + 1 },
      { file: {}, seed: 'x' },
      { file: {}, batch: '' },
    ],
    read: [
      { text: 'a' },
      { lines: 'a' },
      {},
      { text: 'a', lines: 'b' },
      { text: 3 },
      { text: 'a', units: 'us' },
      { text: 'a', units: 'x' },
    ],
  };
  const SCHEMA = { page: 'PageCall', assess: 'AssessCall', read: 'ReadCall' } as const;

  it.each(Object.keys(CALLS) as CallName[])('takes and refuses the same calls: %s', (name) => {
    for (const body of TRIED[name]) {
      let taken = true;
      try {
        checked(name, body);
      } catch {
        taken = false;
      }
      expect([body, faults(SCHEMA[name], body) === '']).toEqual([body, taken]);
    }
  });

  it('has every path that the server answers', () => {
    expect(Object.keys(OPENAPI.paths)).toEqual(
      ['page', 'assess', 'read', 'health', 'relay/{room}'].map((name) => `/api/v1/${name}`),
    );
  });
});
