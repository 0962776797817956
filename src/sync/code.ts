/** The code by which a device joins: where the household's devices meet, and the key to what they say there. */
import { fromLetters, toLetters } from '../formats/packed';

export interface Code {
  /** 128 bits of chance: the address of the room on the relay. */
  readonly room: string;
  /** 256 bits of chance. It stands behind the # of a link, which no server is sent. */
  readonly secret: string;
}

const ROOM_BYTES = 16;
const SECRET_BYTES = 32;

const chance = (bytes: number): string => toLetters(crypto.getRandomValues(new Uint8Array(bytes)));

export const newCode = (): Code => ({ room: chance(ROOM_BYTES), secret: chance(SECRET_BYTES) });

/** A name for a device or a listener that nobody else has. */
export const newId = (): string => chance(9);

export const linkOf = ({ room, secret }: Code, origin: string): string =>
  `${origin}/join#${room}.${secret}`;

const isLetters = (text: string, bytes: number): boolean => {
  try {
    return /^[A-Za-z0-9_-]+$/.test(text) && fromLetters(text).length === bytes;
  } catch {
    return false;
  }
};

/** The code behind the # of a link, or in a whole link that was pasted; null where there is none. */
export function readCode(text: string): Code | null {
  const [room = '', secret = ''] = (text.trim().split('#').at(-1) ?? '').split('.');
  return isLetters(room, ROOM_BYTES) && isLetters(secret, SECRET_BYTES) ? { room, secret } : null;
}
