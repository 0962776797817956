/** Reading and writing the household, record by record. */
import { nanoid } from 'nanoid';
import { isFields, VERSION, type Bundle } from '../core/batch/schema';
// The rest of it comes with a second device.
import { editsOf } from '../core/replica/records';
import { readSince } from './catchUp';
import { changesOf, householdOf, named, writeChange, type Change } from './changes';
import type { Changed, Database } from './db';
import { mergeBundles, type Conflict } from './merge';
import { AT_A_TIME, putInPages } from './pages';
import { asideOf } from './quarantine';
import {
  LISTS,
  readAll,
  stampOf,
  STORES,
  type CookCheck,
  type Found,
  type Kept,
  type Writing,
} from './reading';
import { nameOf } from './state';

export type { Kept } from './reading';

/**
 * Sets damaged records aside in the transaction that found them, and makes a lost stamp again, so that the next
 * change can be written.
 *
 * @param at ISO 8601
 */
async function mend(tx: Writing, asked: Asked, found: Found, at: string): Promise<Kept> {
  const { bundle, bad, mended, torn, isPotLost, isShared } = found;
  for (const one of bad) {
    asked.push(tx.objectStore('quarantine').put(asideOf(one, nanoid(12), at)));
    const id = isFields(one.found) ? one.found['id'] : undefined;
    const { from } = one;
    // The key of a record is its id, so that it has one.
    if (from === 'pots' || from === 'batches' || from === 'pages')
      asked.push(tx.objectStore(from).delete(id as string));
  }
  for (const id of torn) asked.push(tx.objectStore('cooks').delete(id));
  for (const page of mended) asked.push(tx.objectStore('pages').put(page));
  // Repair a pot in place, since plans refer to it.
  if (isPotLost)
    asked.push(
      ...bundle.pots.map((pot) => tx.objectStore('pots').put(pot)),
      ...bundle.batches.map((batch) => tx.objectStore('batches').put(batch)),
    );
  asked.push(tx.objectStore('household').put(householdOf(bundle)));
  const { stamp, mark } = following(tx, await stampOf(tx), asked);
  return { bundle, bad, stamp, isShared, mark: await mark };
}

const keptOf = ({ bundle, stamp, mark, isShared, bad }: Kept): Kept => ({
  bundle,
  stamp,
  mark,
  isShared,
  bad,
});

/**
 * Everything in the database that can be read; null before the first start. Damaged records are set aside.
 *
 * @param base what the tab has: records that are equal are shared with it
 * @param at the time, ISO 8601
 */
export async function loadBundle(
  db: Database,
  base: Bundle | null = null,
  at = '',
): Promise<Kept | null> {
  const tx = db.transaction(STORES);
  const found = await readAll(tx, base);
  await tx.done;
  return found?.isTorn ? setAsideDamaged(db, base, at) : found && keptOf(found);
}

/**
 * Household of a tab, with what others have written since; null where the household is not there any more.
 *
 * @param at the time, ISO 8601
 * @returns the same value where nobody has written
 */
export async function catchUp(db: Database, kept: Kept, at: string): Promise<Kept | null> {
  const tx = db.transaction(STORES);
  const since = await readSince(tx, kept);
  await tx.done;
  return since ?? loadBundle(db, kept.bundle, at);
}

/**
 * Reads everything in one transaction with setting the damaged records aside.
 *
 * @param check how closely cooks are looked at
 */
export function setAsideDamaged(
  db: Database,
  base: Bundle | null,
  at: string,
  check?: CookCheck,
): Promise<Kept | null> {
  return inOne(db, async (writing, asked) => {
    // Another tab may have mended it meanwhile.
    const now = await readAll(writing, base, check);
    if (!now) return null;
    return now.isTorn ? mend(writing, asked, now, at) : keptOf(now);
  });
}

/** The household that a tab has is not there any more: another one started over. */
export class StartedOver extends Error {}

export interface Saved {
  readonly kept: Kept;
  /** Fields that another tab had changed too; this tab's values won. */
  readonly conflicts: readonly Conflict[];
}

export type Asked = Promise<unknown>[];

/** Requests of one transaction: all or nothing. */
export async function inOne<T>(
  db: Database,
  work: (tx: Writing, asked: Asked) => Promise<T>,
): Promise<T> {
  const tx = db.transaction(STORES, 'readwrite');
  const asked: Asked = [];
  try {
    const done = await work(tx, asked);
    await Promise.all([...asked, tx.done]);
    return done;
  } catch (error) {
    // A record that cannot be stored fails alone; the rest must not be kept without it.
    for (const request of [...asked, tx.done]) request.catch(() => undefined);
    try {
      tx.abort();
    } catch {
      // It has ended already, by the very error that is passed on.
    }
    throw error;
  }
}

/**
 * Marks a write as the one that follows another; its own stamp, and the number of the mark. Where another
 * tab has followed that one already the mark is refused, and the whole transaction with it.
 *
 * @param changed records that it changes, for the tabs that read them; undefined makes them read everything
 */
export function following(
  tx: Writing,
  after: string,
  asked: Asked,
  changed?: Changed,
): { readonly stamp: string; readonly mark: Promise<number> } {
  const stamp = nanoid(12);
  // Of a database without a stamp nobody knows what was followed.
  const follows = { after: after || nanoid(12), ...(changed && { changed }) };
  const mark = tx.objectStore('writes').add(follows);
  asked.push(mark);
  asked.push(tx.objectStore('household').put({ key: 'stamp', stamp, version: VERSION }));
  return { stamp, mark };
}

/** Notes what the other devices of the household will be told. */
function noteEdits(tx: Writing, before: Bundle, after: Bundle, at: string): Promise<unknown> {
  const edits = editsOf(before, after);
  return edits.length > 0
    ? tx.objectStore('edits').add({ ms: Date.parse(at), edits })
    : Promise.resolve();
}

/** Change marks kept; no open tab is further behind. */
const MARKS_KEPT = 10_000;
/** Swept every so many writes. */
const MARKS_SWEPT = 500;

/**
 * Writes a small change without waiting for anything: all of it is asked for, and committed, in this
 * very turn. Whatever the page draws next does not hold it up.
 *
 * @throws a ConstraintError where others have written since
 */
async function saveAtOnce(
  db: Database,
  base: Kept,
  after: Bundle,
  changes: readonly Change[],
  at: string,
): Promise<Saved> {
  const { stamp, mark } = await inOne(db, async (tx, asked) => {
    const follows = following(tx, base.stamp, asked, named(changes));
    for (const change of changes) asked.push(writeChange(tx, change));
    if (base.isShared) asked.push(noteEdits(tx, base.bundle, after, at));
    tx.commit();
    return { stamp: follows.stamp, mark: await follows.mark };
  });
  if (mark % MARKS_SWEPT === 0)
    await db.delete('writes', IDBKeyRange.upperBound(mark - MARKS_KEPT));
  return { kept: { ...base, bundle: after, stamp, mark, bad: [] }, conflicts: [] };
}

/** Asks for many requests. Waiting for one of its own keeps the transaction open, and lets the page draw. */
export async function askFor<T>(
  asked: Asked,
  all: Iterable<T>,
  request: (one: T) => Promise<unknown>,
): Promise<void> {
  for (const one of all) {
    asked.push(request(one));
    if (asked.length % AT_A_TIME === 0) await asked.at(-1);
  }
}

/** Packs new cooks into pages where there are many. */
async function withPages(tx: Writing, before: Bundle, bundle: Bundle): Promise<Bundle> {
  if (before.cooks === bundle.cooks) return before;
  const old = new Set(before.cooks.map(({ id }) => id));
  const fresh = bundle.cooks.filter(({ id }) => !old.has(id));
  const stores = { cooks: tx.objectStore('cooks'), pages: tx.objectStore('pages') };
  return { ...before, cooks: [...before.cooks, ...(await putInPages(stores, fresh))] };
}

/** Writes a change of any size on top of what others have written. */
function saveJoined(db: Database, base: Kept | null, after: Bundle, at: string): Promise<Saved> {
  return inOne(db, async (tx, asked) => {
    const since = base && (await readSince(tx, base));
    const found = base && !since ? await readAll(tx, base.bundle) : null;
    if (base && !since && !found) throw new StartedOver();
    const others = found?.isTorn ? await mend(tx, asked, found, at) : (since ?? found);
    const last = others?.stamp ?? (await stampOf(tx));
    const { bundle, conflicts } =
      base && others && others !== base
        ? mergeBundles(base.bundle, after, others.bundle)
        : { bundle: after, conflicts: [] };
    const before = others && (await withPages(tx, others.bundle, bundle));
    const changes = [...changesOf(before, bundle)];
    // Cooks in new pages have no record of their own to be read.
    const told = before === (others?.bundle ?? null) ? named(changes) : undefined;
    const { stamp, mark } = following(tx, last, asked, told);
    await askFor(asked, changes, (change) => writeChange(tx, change));
    const isShared = others?.isShared ?? false;
    if (isShared && others) asked.push(noteEdits(tx, others.bundle, bundle, at));
    return {
      kept: { bundle, stamp, mark: await mark, isShared, bad: found?.bad ?? [] },
      conflicts,
    };
  });
}

/**
 * Writes what differs between two states of the household, in one transaction: all or nothing. What
 * another tab has written since is joined with it.
 *
 * @param base what this tab last read or wrote; null to write everything
 * @param at the time, ISO 8601
 * @returns the household with both; damaged records of others that were set aside on the way
 * @throws StartedOver where it has been taken away meanwhile
 */
export async function saveChanges(
  db: Database,
  base: Kept | null,
  after: Bundle,
  at = '',
): Promise<Saved> {
  if (!base) return saveJoined(db, base, after, at);
  const changes = [...changesOf(base.bundle, after)];
  if (changes.length > AT_A_TIME) return saveJoined(db, base, after, at);
  try {
    return await saveAtOnce(db, base, after, changes, at);
  } catch (error) {
    if (nameOf(error) !== 'ConstraintError') throw error;
    return saveJoined(db, base, after, at);
  }
}

/** Empties everything but the backups; who had it open hears of it when they write. @returns the stamp of this write */
export async function wipe(db: Database): Promise<string> {
  return inOne(db, async (tx, asked) => {
    const last = await stampOf(tx);
    asked.push(...LISTS.map((list) => tx.objectStore(list).clear()));
    asked.push(tx.objectStore('household').clear());
    asked.push(tx.objectStore('stamps').clear(), tx.objectStore('edits').clear());
    asked.push(tx.objectStore('pages').clear(), tx.objectStore('quarantine').clear());
    return following(tx, last, asked).stamp;
  });
}
