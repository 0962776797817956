import type { Database } from './db';

let asked = false;

/**
 * Asks the browser, once, not to clear what is kept when it wants room. Whatever it says, everything
 * goes on as before.
 */
export async function askToLast(db: Database): Promise<void> {
  if (asked) return;
  asked = true;
  const { storage } = globalThis.navigator ?? {};
  if (typeof storage?.persist !== 'function') return;
  if (await db.get('household', 'asked')) return;
  await db.put('household', { key: 'asked' });
  if (!(await storage.persisted())) await storage.persist();
}
