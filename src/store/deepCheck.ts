/**
 * Looks through all cooks once the page has stood for a while: their parts are read only when somebody looks at
 * them, so a damaged part would be found late. What is as its hash says is not read.
 */
import type { Database } from './db';
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
