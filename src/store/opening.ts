/** Opening what the browser keeps: begun as soon as the page's code is there, taken up by the shell. */
import { hasDatabase, openDatabase, type Database, type Events } from './db';
import { loadBundle, type Kept } from './repository';

export interface Opened {
  readonly database: Database;
  /** Null before the first start. */
  readonly kept: Kept | null;
}

let early: Promise<Opened> | null = null;
let heard: Events = {};
let blocked = false;

async function open(at: string): Promise<Opened> {
  const database = await openDatabase({
    onBlocked: () => {
      blocked = true;
      heard.onBlocked?.();
    },
    onClosed: (why) => heard.onClosed?.(why),
  });
  return { database, kept: await loadBundle(database, null, at) };
}

/** Begins at once: the browser reads while the page is still being put together. @param at the time, ISO 8601 */
export function openEarly(at: string): void {
  if (early || !hasDatabase()) return;
  early = open(at);
  // The caller of `openKept` hears of a failure.
  early.catch(() => undefined);
}

/**
 * Opens the database and reads what is there.
 *
 * @param at the time, ISO 8601
 * @throws what the browser throws when it does not open
 */
export function openKept(events: Events, at: string): Promise<Opened> {
  heard = events;
  if (early && blocked) events.onBlocked?.();
  const opened = early ?? open(at);
  early = null;
  return opened;
}
