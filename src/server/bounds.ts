/** How much the server takes on, in one place; docs/serving.md and the OpenAPI file say the same. */

/** Bytes of a file to be assessed, of a text to be read, of a link. */
export const MOST_BODY = { assess: 8_000_000, read: 3_000_000, page: 8_000 } as const;

/** A page: bytes, time in all, hops to other addresses, characters of its link. */
export const MOST_PAGE_BYTES = 2_000_000;
export const LONGEST_PAGE_MS = 8_000;
export const MOST_REDIRECTS = 4;
export const LONGEST_LINK = 2000;

/** Pages fetched at once, and how many more may wait. */
export const PAGES_AT_ONCE = 4;
export const PAGES_WAITING = 12;
/** Pages in a minute, by this whole server: it is no way to load a site with calls. */
export const PAGES_A_MINUTE = 60;

/** Work that may wait for a thread; more is turned away. */
export const WORK_WAITING = 24;
/** A piece of work that takes longer is given up, ms. */
export const LONGEST_WORK_MS = 30_000;

/** Draws of an assessment. */
export const MOST_DRAWS = 400;

/** Passing on between the devices of a household: bytes of a message, and what waits in a room, and in all. */
export const MOST_MESSAGE = 2_000_000;
export const MOST_IN_ROOM = { messages: 40, bytes: 16_000_000 } as const;
export const MOST_IN_ALL = 256_000_000;
/** A message without a listener is dropped after this time, ms. */
export const KEPT_MS = 600_000;
/** Devices that listen in a room, and in all rooms. */
export const MOST_LISTENING = { room: 12, all: 2000 } as const;
/** Messages of one client in a minute. */
export const MESSAGES_A_MINUTE = 600;
