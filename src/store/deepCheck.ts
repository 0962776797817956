/**
 * Checks all cooks some time after the page has opened: their parts are otherwise read only when shown
 * them, so a damaged part would be found late. What is as its hash says is not read.
 */
import { connected, isoNow, writes } from './connected';
import { databaseOf, writtenOf } from './connectionState';
import type { Database } from './db';
import { takeIn, tellTabs } from './others';
import { tellAside } from './putBy';
import { setAsideDamaged } from './repository';
import { changedCookFault } from './sound';

/** Cooks checked before the page may draw again. */
const AT_ONCE = 20;

const nextTurn = (): Promise<void> => new Promise((done) => setTimeout(done, 0));

/** Whether any cook cannot be read; the page draws in between. */
export async function isAnyCookTorn(db: Database): Promise<boolean> {
  const [loose, pages] = await Promise.all([db.getAll('cooks'), db.getAll('pages')]);
  const cooks = [
    ...loose.filter((one) => !('gone' in one)),
    ...pages.flatMap((page) => page.cooks),
  ];
  for (const [i, cook] of cooks.entries()) {
    if (i % AT_ONCE === AT_ONCE - 1) await nextTurn();
    if (changedCookFault(cook) !== null) return true;
  }
  return false;
}

/** Delay before all cooks are looked through, ms: the page is quiet by then. */
const CHECK_AFTER_MS = 15_000;

/** Looks through all cooks later, and takes those that are damaged out of the household. */
export function checkLater(database: Database): void {
  const mend = async (): Promise<void> => {
    const base = writtenOf(connected());
    if (databaseOf(connected()) !== database || !base) return;
    const kept = await setAsideDamaged(database, base.bundle, isoNow(), changedCookFault);
    if (!kept) return;
    takeIn(kept);
    tellTabs(kept.stamp);
    await tellAside(database, kept);
  };
  const check = async (): Promise<void> => {
    if (databaseOf(connected()) !== database) return;
    if (await isAnyCookTorn(database)) writes.take(mend);
  };
  const timer = setTimeout(() => void check().catch(() => undefined), CHECK_AFTER_MS);
  // Without a page nothing needs to be kept running.
  if (typeof timer === 'object') timer.unref();
}
