/** @jest-environment node */
/** Passing on: what is said in a room is heard by those who listen there, and kept for nobody else. */
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Redis } from 'ioredis';
import { KEPT_MS, MOST_IN_ROOM, MOST_LISTENING, MOST_MESSAGE } from '../bounds';
import { hear, say } from '.';
import { memoryPassing } from './memory';
import type { Message, Passing } from './passing';
import { redisPassing } from './redis';

const ROOM = 'abcdefghijklmnopqrstuv';
const hasRedis = spawnSync('redis-server', ['--version']).status === 0;

interface Made {
  readonly passing: Passing;
  /** Of another instance on the same store; the same where there is but one. */
  readonly other: Passing;
  readonly end: () => Promise<void>;
}

const clock = { ms: 1000 };
const now = (): number => clock.ms;

function ofMemory(): Promise<Made> {
  const passing = memoryPassing(now);
  return Promise.resolve({ passing, other: passing, end: () => Promise.resolve() });
}

async function ofRedis(): Promise<Made> {
  const folder = mkdtempSync(path.join(tmpdir(), 'retort-redis-'));
  const socket = path.join(folder, 'socket');
  const server: ChildProcess = spawn(
    'redis-server',
    ['--port', '0', '--unixsocket', socket, '--save', '', '--dir', folder],
    { stdio: 'ignore' },
  );
  const all = Array.from(
    { length: 4 },
    () => new Redis(socket, { retryStrategy: () => 50, maxRetriesPerRequest: null }),
  );
  for (const one of all) one.on('error', () => undefined);
  await Promise.all(all.map((one) => one.ping()));
  const [a, b, c, d] = all as [Redis, Redis, Redis, Redis];
  return {
    passing: redisPassing(a, b, now),
    other: redisPassing(c, d, now),
    end: async () => {
      const ended = new Promise((done) => server.once('exit', done));
      for (const one of all) one.disconnect();
      server.kill('SIGKILL');
      await ended;
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Messages that a listener heard, and a wait for a number of them. */
function ear() {
  const heard: string[] = [];
  let told = (): void => undefined;
  return {
    hear: ({ data }: Message): void => {
      heard.push(data);
      told();
    },
    heard,
    until: async (count: number): Promise<readonly string[]> => {
      while (heard.length < count)
        await new Promise<void>((done) => {
          told = done;
        });
      return heard;
    },
  };
}

const stores: readonly (readonly [string, () => Promise<Made>])[] = [
  ['memory', ofMemory],
  ...(hasRedis ? [['Redis', ofRedis] as const] : []),
];

describe.each(stores)('passing on by %s', (_, make) => {
  let made: Made;
  beforeAll(async () => {
    made = await make();
  });
  afterAll(() => made.end());
  let n = 0;
  const newRoom = (): string => `room${String(n++).padStart(18, '0')}`;

  it('is heard by the others of a room, on whichever instance, and not by who said it', async () => {
    const room = newRoom();
    const [a, b, c] = [ear(), ear(), ear()];
    const leave = [
      await made.passing.listen(room, 'a', a.hear),
      await made.other.listen(room, 'b', b.hear),
      await made.other.listen(newRoom(), 'c', c.hear),
    ];
    expect(await made.passing.post(room, { from: 'a', data: 'one' })).toBe(1);
    expect(await b.until(1)).toEqual(['one']);
    expect(await made.other.post(room, { from: 'b', data: 'two' })).toBe(1);
    expect(await a.until(1)).toEqual(['two']);
    expect(c.heard).toEqual([]);
    for (const one of leave) one();
  });

  it('waits for the next one where nobody else listens, and is handed out once', async () => {
    const room = newRoom();
    expect(await made.passing.post(room, { from: 'a', data: 'late' })).toBe(0);
    const [b, c] = [ear(), ear()];
    const leave = await made.other.listen(room, 'b', b.hear);
    expect(await b.until(1)).toEqual(['late']);
    const left = await made.passing.listen(room, 'c', c.hear);
    expect(await made.passing.post(room, { from: 'c', data: 'now' })).toBe(1);
    expect(await b.until(2)).toEqual(['late', 'now']);
    expect(c.heard).toEqual([]);
    leave();
    left();
  });

  it('is refused where too many messages wait, or too much', async () => {
    const many = newRoom();
    for (let i = 0; i < MOST_IN_ROOM.messages; i++)
      await made.passing.post(many, { from: 'a', data: 'x' });
    await expect(made.passing.post(many, { from: 'a', data: 'x' })).rejects.toThrow(
      /Too much waits/,
    );
    const large = newRoom();
    const part = 'x'.repeat(MOST_IN_ROOM.bytes / 8);
    for (let i = 0; i < 8; i++) await made.passing.post(large, { from: 'a', data: part });
    await expect(made.passing.post(large, { from: 'a', data: 'x' })).rejects.toThrow(
      /Too much waits/,
    );
  });

  it('takes no more listeners than a household has devices', async () => {
    const room = newRoom();
    const leave: (() => void)[] = [];
    for (let i = 0; i < MOST_LISTENING.room; i++)
      leave.push(await made.passing.listen(room, `l${i}`, () => undefined));
    await expect(made.passing.listen(room, 'more', () => undefined)).rejects.toThrow(
      /Too many devices/,
    );
    for (const one of leave) one();
  });
});

(hasRedis ? describe.skip : describe)('without redis-server on this machine', () => {
  it.skip('passing on by Redis is not tested', () => undefined);
});

describe('what waits in memory', () => {
  it('is dropped after ten minutes', async () => {
    const passing = memoryPassing(now);
    await passing.post(ROOM, { from: 'a', data: 'old' });
    clock.ms += KEPT_MS / 2;
    await passing.post(ROOM, { from: 'a', data: 'new' });
    clock.ms += KEPT_MS / 2;
    const b = ear();
    await passing.listen(ROOM, 'b', b.hear);
    expect(b.heard).toEqual(['new']);
  });
});

describe('the relay', () => {
  const at = (room: string) => ({ params: Promise.resolve({ room }) });
  const url = `http://home:3000/api/v1/relay/${ROOM}`;
  const post = (body: unknown, more: HeadersInit = {}, room = ROOM): Promise<Response> =>
    say(
      new Request(url, {
        method: 'POST',
        body: JSON.stringify(body),
        headers: {
          'content-type': 'application/json',
          host: 'home:3000',
          origin: 'http://home:3000',
          ...(more as object),
        },
      }),
      at(room),
    );
  const listen = (me: string, signal: AbortSignal, more: HeadersInit = {}): Promise<Response> =>
    hear(
      new Request(`${url}?me=${me}`, {
        signal,
        headers: { host: 'home:3000', ...(more as object) },
      }),
      at(ROOM),
    );

  it('passes a message on as an event', async () => {
    const ending = new AbortController();
    const response = await listen('listener-1', ending.signal);
    expect(response.headers.get('content-type')).toContain('text/event-stream');
    const reader = (response.body as ReadableStream<Uint8Array>).getReader();
    const answer = await post({ from: 'listener-2', data: 'abc' });
    expect(await answer.json()).toEqual({ heard: 1 });
    let text = '';
    while (!text.includes('data')) text += new TextDecoder().decode((await reader.read()).value);
    expect(text).toContain('data: abc\n\n');
    ending.abort();
    expect(await (await post({ from: 'listener-2', data: 'abc' })).json()).toEqual({ heard: 0 });
  });

  it.each([
    ['another room', { from: 'listener-1', data: 'abc' }, {}, '../secrets', 422, /no room/],
    ['no sender', { data: 'abc' }, {}, ROOM, 422, /listener/],
    ['what is not sealed', { from: 'listener-1', data: '{"a":1}' }, {}, ROOM, 422, /sealed/],
    [
      'another site',
      { from: 'listener-1', data: 'abc' },
      { origin: 'http://bad' },
      ROOM,
      403,
      /Only the pages/,
    ],
    [
      'another type',
      { from: 'listener-1', data: 'abc' },
      { 'content-type': 'text/plain' },
      ROOM,
      415,
      /JSON/,
    ],
    [
      'too much at once',
      { from: 'listener-1', data: 'x'.repeat(MOST_MESSAGE) },
      {},
      ROOM,
      413,
      /More than 2 MB/,
    ],
  ])('refuses %s', async (_, body, headers, room, status, why) => {
    const response = await post(body, headers, room);
    expect(response.status).toBe(status);
    expect(((await response.json()) as { error: string }).error).toMatch(why);
  });

  it('refuses a listener without a name, and one of another site', async () => {
    const { signal } = new AbortController();
    expect((await listen('', signal)).status).toBe(422);
    expect((await listen('listener-1', signal, { origin: 'http://bad' })).status).toBe(403);
  });

  it('refuses a client that sends too much, and nobody else', async () => {
    const ending = new AbortController();
    await listen('listener-9', ending.signal);
    const from = { 'x-forwarded-for': '203.0.113.7' };
    let last = 200;
    for (let i = 0; i <= 600 && last === 200; i++)
      last = (await post({ from: 'listener-1', data: 'a' }, from)).status;
    expect(last).toBe(429);
    expect((await post({ from: 'listener-1', data: 'a' })).status).toBe(200);
    ending.abort();
  });
});
