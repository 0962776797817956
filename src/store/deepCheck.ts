/**
 * Looks through all cooks once the page has stood for a while: their parts are read only when somebody looks at
 * them, so a damaged part would be found late. What is as its hash says is not read.
 */
import { nanoid } from 'nanoid';
import type { Database } from './db';
import type { HeldCook } from '../formats/held';
import { asideOf } from './quarantine';
import { changedCookFault, damaged } from './sound';

/** Cooks checked before the page may draw again. */
const AT_ONCE = 20;

const nextTurn = (): Promise<void> => new Promise((done) => setTimeout(done, 0));

/** Ids of cooks that cannot be read, with what is wrong with each. */
async function faultsIn(cooks: readonly HeldCook[]): Promise<ReadonlyMap<string, string>> {
  const faults = new Map<string, string>();
  for (const [i, cook] of cooks.entries()) {
    if (i % AT_ONCE === AT_ONCE - 1) await nextTurn();
    const fault = changedCookFault(cook);
    if (fault !== null) faults.set(cook.id, fault);
  }
  return faults;
}

/**
 * Sets aside cooks whose parts are damaged.
 *
 * @param at the time, ISO 8601
 * @returns how many
 */
export async function setAsideTornCooks(db: Database, at: string): Promise<number> {
  const loose = (await db.getAll('cooks')).filter((one): one is HeldCook => 'fields' in one);
  const pages = await db.getAll('pages');
  const faults = await faultsIn([...loose, ...pages.flatMap(({ cooks }) => cooks)]);
  if (faults.size === 0) return 0;
  const tx = db.transaction(['cooks', 'pages', 'quarantine'], 'readwrite');
  const aside = (cook: HeldCook): Promise<unknown> =>
    tx
      .objectStore('quarantine')
      .put(asideOf(damaged('cooks', cook, faults.get(cook.id) ?? ''), nanoid(12), at));
  for (const cook of loose.filter(({ id }) => faults.has(id))) {
    await aside(cook);
    await tx.objectStore('cooks').delete(cook.id);
  }
  for (const page of pages) {
    const torn = page.cooks.filter(({ id }) => faults.has(id));
    if (torn.length === 0) continue;
    for (const cook of torn) await aside(cook);
    const cooks = page.cooks.filter(({ id }) => !faults.has(id));
    await tx.objectStore('pages').put({ ...page, cooks });
  }
  await tx.done;
  return faults.size;
}
