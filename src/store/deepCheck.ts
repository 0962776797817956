/**
 * Looks through all cooks once the page has stood for a while: their parts are read only when somebody looks at
 * them, so a damaged part would be found late. What is as its hash says is not read.
 */
import type { Bundle } from '../core/batch/schema';
import type { Database } from './db';
import type { Kept } from './reading';
import { setAsideDamaged } from './repository';
import { changedCookFault } from './sound';

/** Cooks checked before the page may draw again. */
const AT_ONCE = 20;

const nextTurn = (): Promise<void> => new Promise((done) => setTimeout(done, 0));

/** Whether any cook cannot be read; the page draws in between. */
async function isAnyTorn(db: Database): Promise<boolean> {
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

/**
 * Sets aside cooks whose parts are damaged, in one transaction that reads them again.
 *
 * @param base what the tab has
 * @param at the time, ISO 8601
 * @returns the household without them; null where none is damaged
 */
export async function setAsideTornCooks(
  db: Database,
  base: Bundle | null,
  at: string,
): Promise<Kept | null> {
  return (await isAnyTorn(db)) ? setAsideDamaged(db, base, at, changedCookFault) : null;
}
