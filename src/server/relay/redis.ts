/** Passing on between several instances of the server, through Redis or Valkey: keys that expire, and its channels. */
import type { Redis } from 'ioredis';
import { KEPT_MS, MOST_IN_ROOM, MOST_LISTENING } from '../bounds';
import { tooManyListen, tooMuch } from './memory';
import type { Message, Passing } from './passing';

/** A listener that is not heard of for so long is gone with its instance, ms. */
const GONE_MS = 45_000;
const AGAIN_MS = 15_000;

const PREFIX = 'retort:relay:';

type Hear = (message: Message) => void;

/** Listeners of this instance by their channels, each told what others say there. */
function listeners(subscriber: Redis): Map<string, Map<string, Hear>> {
  const hears = new Map<string, Map<string, Hear>>();
  subscriber.on('message', (channel: string, text: string) => {
    const message = JSON.parse(text) as Message;
    for (const [me, hear] of hears.get(channel) ?? []) if (me !== message.from) hear(message);
  });
  return hears;
}

/**
 * @param redis for commands
 * @param subscriber a connection of its own, for channels
 * @param now the time, ms
 */
export function redisPassing(redis: Redis, subscriber: Redis, now: () => number): Passing {
  const hears = listeners(subscriber);
  const keysOf = (room: string) => ({
    waiting: `${PREFIX}${room}:waiting`,
    bytes: `${PREFIX}${room}:bytes`,
    here: `${PREFIX}${room}:here`,
    channel: `${PREFIX}${room}`,
  });
  const othersIn = async (here: string, me: string): Promise<number> => {
    await redis.zremrangebyscore(here, '-inf', String(now() - GONE_MS));
    const all = await redis.zrangebyscore(here, '-inf', '+inf');
    return all.filter((one) => one !== me).length;
  };
  const keep = async (room: string, message: Message): Promise<void> => {
    const { waiting, bytes } = keysOf(room);
    const { length } = message.data;
    const [count, size] = await Promise.all([redis.llen(waiting), redis.get(bytes)]);
    if (count >= MOST_IN_ROOM.messages || Number(size ?? 0) + length > MOST_IN_ROOM.bytes)
      throw tooMuch();
    await redis
      .multi()
      .rpush(waiting, JSON.stringify(message))
      .incrby(bytes, length)
      .pexpire(waiting, KEPT_MS)
      .pexpire(bytes, KEPT_MS)
      .exec();
  };
  return {
    post: async (room, message) => {
      const { here, channel } = keysOf(room);
      const others = await othersIn(here, message.from);
      if (others === 0) await keep(room, message);
      else await redis.publish(channel, JSON.stringify(message));
      return others;
    },
    listen: async (room, me, hear) => {
      const { waiting, bytes, here, channel } = keysOf(room);
      if ((await othersIn(here, me)) >= MOST_LISTENING.room) throw tooManyListen();
      const own = hears.get(channel) ?? new Map<string, Hear>();
      hears.set(channel, own);
      own.set(me, hear);
      await subscriber.subscribe(channel);
      const stay = (): Promise<unknown> =>
        redis.multi().zadd(here, now(), me).pexpire(here, GONE_MS).exec();
      await stay();
      const again = setInterval(() => void stay().catch(() => undefined), AGAIN_MS);
      const taken = await redis.multi().lrange(waiting, 0, -1).del(waiting, bytes).exec();
      for (const text of (taken?.[0]?.[1] ?? []) as readonly string[]) {
        const message = JSON.parse(text) as Message;
        if (message.from !== me) hear(message);
      }
      return () => {
        clearInterval(again);
        // It may have come back under its name meanwhile.
        if (own.get(me) !== hear) return;
        own.delete(me);
        void redis.zrem(here, me).catch(() => undefined);
        if (own.size > 0) return;
        hears.delete(channel);
        void subscriber.unsubscribe(channel).catch(() => undefined);
      };
    },
  };
}
