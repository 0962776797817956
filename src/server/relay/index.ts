/**
 * The relay: what the devices of one household say to each other is passed on, sealed by them. Nothing of it can be read
 * here, and nothing is kept for longer than it takes.
 */
import { Redis } from 'ioredis';
import { answering, bodyOf, onlyOwnOrigin, parsed, Refusal } from '../answers';
import { MESSAGES_A_MINUTE, MOST_MESSAGE } from '../bounds';
import { memoryPassing } from './memory';
import type { Message, Passing } from './passing';
import { redisPassing } from './redis';

/** 128 bits of chance, in the letters of a link. */
const ROOM = /^[A-Za-z0-9_-]{22}$/;
const LISTENER = /^[A-Za-z0-9_-]{8,40}$/;
const LETTERS = /^[A-Za-z0-9_-]+$/;
/** Sent this often, ms, so that proxies keep the connection open and a device notices when it is dead. */
const STILL_HERE_MS = 15_000;
const MINUTE_MS = 60_000;

const now = (): number => Date.now();

let made: Passing | null = null;

/** One for the whole server: by Redis where its address is given, so that several instances can serve one household. */
function passing(): Passing {
  const url = process.env['REDIS_URL'];
  made ??= url ? redisPassing(new Redis(url), new Redis(url), now) : memoryPassing(now);
  return made;
}

const sent = new Map<string, number[]>();

/** Refuses a client that sends too much; its address is forgotten within a minute. */
function notTooOften(request: Request): void {
  const forwarded = request.headers.get('x-forwarded-for')?.split(',')[0]?.trim();
  const client = forwarded ?? 'here';
  for (const [one, times] of sent) if ((times.at(-1) ?? 0) < now() - MINUTE_MS) sent.delete(one);
  const recent = (sent.get(client) ?? []).filter((at) => at > now() - MINUTE_MS);
  if (recent.length >= MESSAGES_A_MINUTE)
    throw new Refusal(429, 'That is too many messages in one minute.', 10);
  sent.set(client, [...recent, now()]);
}

function roomOf(room: string): string {
  if (!ROOM.test(room)) throw new Refusal(422, 'This is no room.');
  return room;
}

function messageIn(value: unknown): Message {
  const { from, data } = (value ?? {}) as { readonly from?: unknown; readonly data?: unknown };
  if (typeof from !== 'string' || !LISTENER.test(from))
    throw new Refusal(422, 'from: the name of a listener is wanted');
  if (typeof data !== 'string' || !LETTERS.test(data))
    throw new Refusal(422, 'data: a sealed message is wanted, in the letters of a link');
  return { from, data };
}

interface At {
  readonly params: Promise<{ readonly room: string }>;
}

/** Passes a message on. */
export function say(request: Request, { params }: At): Promise<Response> {
  return answering(async () => {
    onlyOwnOrigin(request, true);
    const room = roomOf((await params).room);
    notTooOften(request);
    const message = messageIn(parsed(await bodyOf(request, MOST_MESSAGE)));
    return { heard: await passing().post(room, message) };
  })(request);
}

/** A stream of what is said, as server-sent events. */
export async function hear(request: Request, { params }: At): Promise<Response> {
  try {
    // A page of plain http says nothing of where a stream is asked from; no other site can read it.
    onlyOwnOrigin(request, false);
    const room = roomOf((await params).room);
    const me = new URL(request.url).searchParams.get('me') ?? '';
    if (!LISTENER.test(me)) throw new Refusal(422, 'me: a name for this listener is wanted');
    return await stream(request, room, me);
  } catch (error) {
    return answering(() => Promise.reject(error as Error))(request);
  }
}

async function stream(request: Request, room: string, me: string): Promise<Response> {
  const { readable, writable } = new TransformStream<Uint8Array, Uint8Array>();
  const writer = writable.getWriter();
  const letters = new TextEncoder();
  const gone = new AbortController();
  const write = (text: string): void => {
    // Who no longer reads has left.
    writer.write(letters.encode(text)).catch(() => gone.abort());
  };
  const still = setInterval(() => write('event: still\ndata:\n\n'), STILL_HERE_MS);
  const end = (): void => {
    clearInterval(still);
    writer.close().catch(() => undefined);
  };
  write('retry: 1000\n\n');
  try {
    const leave = await passing().listen(room, me, ({ data }) => write(`data: ${data}\n\n`));
    const over = AbortSignal.any([request.signal, gone.signal]);
    const left = (): void => {
      leave();
      end();
    };
    if (over.aborted) left();
    else over.addEventListener('abort', left, { once: true });
  } catch (error) {
    end();
    throw error;
  }
  return new Response(readable, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      // Nothing between may hold lines back to pack them.
      'cache-control': 'no-store, no-transform',
      'x-accel-buffering': 'no',
    },
  });
}
