/** Passes messages on within one instance of the server, in its memory. */
import { Refusal } from '../answers';
import { KEPT_MS, MOST_IN_ALL, MOST_IN_ROOM, MOST_LISTENING } from '../bounds';
import type { Message, Passing } from './passing';

interface Waiting extends Message {
  readonly at: number;
}

interface Room {
  readonly waiting: Waiting[];
  readonly listening: Map<string, (message: Message) => void>;
}

export const tooMuch = (): Refusal =>
  new Refusal(429, 'Too much waits here for a device that does not come. Try again later.', 60);
export const tooManyListen = (): Refusal =>
  new Refusal(429, 'Too many devices listen here already.', 60);

const bytesOf = (messages: readonly Message[]): number =>
  messages.reduce((sum, { data }) => sum + data.length, 0);

/** @param now the time, ms */
export function memoryPassing(now: () => number): Passing {
  const rooms = new Map<string, Room>();
  let kept = 0;
  let listening = 0;

  const drop = (room: Room, count: number): readonly Waiting[] => {
    const dropped = room.waiting.splice(0, count);
    kept -= bytesOf(dropped);
    return dropped;
  };
  const sweep = (): void => {
    for (const [name, room] of rooms) {
      const old = room.waiting.findIndex(({ at }) => now() - at < KEPT_MS);
      drop(room, old < 0 ? room.waiting.length : old);
      if (room.waiting.length === 0 && room.listening.size === 0) rooms.delete(name);
    }
  };
  const roomOf = (name: string): Room => {
    const room = rooms.get(name) ?? { waiting: [], listening: new Map() };
    rooms.set(name, room);
    return room;
  };

  return {
    post: (name, message) => {
      sweep();
      const room = roomOf(name);
      const others = [...room.listening].filter(([me]) => me !== message.from);
      for (const [, hear] of others) hear(message);
      if (others.length > 0) return Promise.resolve(others.length);
      const { length } = message.data;
      const isFull =
        room.waiting.length >= MOST_IN_ROOM.messages ||
        bytesOf(room.waiting) + length > MOST_IN_ROOM.bytes ||
        kept + length > MOST_IN_ALL;
      if (isFull) return Promise.reject(tooMuch());
      room.waiting.push({ ...message, at: now() });
      kept += length;
      return Promise.resolve(0);
    },
    listen: (name, me, hear) => {
      sweep();
      const room = roomOf(name);
      if (room.listening.size >= MOST_LISTENING.room || listening >= MOST_LISTENING.all)
        return Promise.reject(tooManyListen());
      if (!room.listening.has(me)) listening++;
      room.listening.set(me, hear);
      for (const { from, data } of drop(room, room.waiting.length))
        if (from !== me) hear({ from, data });
      return Promise.resolve(() => {
        if (room.listening.get(me) !== hear) return;
        room.listening.delete(me);
        listening--;
        sweep();
      });
    },
  };
}
