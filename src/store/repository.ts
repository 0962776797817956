/** Reading and writing the household, record by record. */
import same from 'fast-deep-equal';
import type { IDBPTransaction } from 'idb';
import { nanoid } from 'nanoid';
import { VERSION, type Batch, type Bundle, type Cook, type Pot } from '../core/batch/schema';
import { holdCook, sameHeld } from '../formats/held';
import type { Database, Household, Schema } from './db';
import { mergeBundles, type Conflict } from './merge';
import { readCook, type KeptCook } from './keptCook';
import { AT_A_TIME, cooksOf, PAGES_AT_A_TIME, putInPages, readList } from './pages';
import { nameOf } from './state';

const LISTS = ['pots', 'batches', 'cooks'] as const;
const STORES = ['household', 'writes', 'pages', ...LISTS] as const;

function householdOf(bundle: Bundle): Household {
  const { format, version, kitchen, pots, batches, cooks, jars, bag, foods, ...extra } = bundle;
  return {
    key: 'household',
    kitchen,
    jars,
    bag,
    foods,
    extra,
  };
}

/** The household as the database holds it. */
export interface Kept {
  readonly bundle: Bundle;
  /** Of the write that it is of. */
  readonly stamp: string;
}

type Names = typeof STORES;
type Reading = IDBPTransaction<Schema, Names, 'readonly'>;
type Writing = IDBPTransaction<Schema, Names, 'readwrite'>;

async function stampOf(tx: Reading | Writing): Promise<string> {
  const kept = await tx.objectStore('household').get('stamp');
  return kept?.key === 'stamp' ? kept.stamp : '';
}

/** The same records as before where nothing differs, so that what is equal is one and the same. */
function sharing<T extends { readonly id: string }>(
  before: readonly T[] | undefined,
  now: readonly T[],
): readonly T[] {
  const old = new Map((before ?? []).map((record) => [record.id, record]));
  return now.map((record) => {
    const was = old.get(record.id);
    return was && same(was, record) ? was : record;
  });
}

/** The same for cooks, by what is written of them: nothing of them is read for it. */
function sharingCooks(before: readonly Cook[] | undefined, now: readonly KeptCook[]) {
  const old = new Map((before ?? []).map((cook) => [cook.id, cook]));
  return now.map((kept) => {
    const was = old.get(kept.id);
    return was && 'fields' in kept && sameHeld(holdCook(was), kept) ? was : readCook(kept);
  });
}

async function readAll(tx: Reading | Writing, base: Bundle | null): Promise<Kept | null> {
  const household = await tx.objectStore('household').get('household');
  const [stamp, pots, batches, pages, loose] = await Promise.all([
    stampOf(tx),
    readList(tx.objectStore('pots'), AT_A_TIME),
    readList(tx.objectStore('batches'), AT_A_TIME),
    readList(tx.objectStore('pages'), PAGES_AT_A_TIME),
    readList(tx.objectStore('cooks'), AT_A_TIME),
  ]);
  if (household?.key !== 'household') return null;
  const { kitchen, jars, bag = [], foods = [], extra } = household;
  const known = base && same(base.kitchen, kitchen) ? base.kitchen : kitchen;
  return {
    bundle: {
      ...extra,
      format: 'retort',
      version: VERSION,
      kitchen: known,
      pots: sharing(base?.pots, pots),
      batches: sharing(base?.batches, batches),
      cooks: sharingCooks(base?.cooks, cooksOf(pages, loose)),
      jars: sharing(base?.jars, jars),
      bag: sharing(base?.bag, bag),
      foods: sharing(base?.foods, foods),
    },
    stamp,
  };
}

/**
 * Everything in the database; null before the first start.
 *
 * @param base what the tab has: records that are equal are shared with it
 */
export async function loadBundle(db: Database, base: Bundle | null = null): Promise<Kept | null> {
  const tx = db.transaction(STORES);
  const kept = await readAll(tx, base);
  await tx.done;
  return kept;
}

/** The household that a tab has is not there any more: another one started over. */
export class StartedOver extends Error {}

export interface Saved {
  readonly kept: Kept;
  /** Fields that another tab had changed too; this tab's values won. */
  readonly conflicts: readonly Conflict[];
}

type Asked = Promise<unknown>[];
type Write = (tx: Writing) => Promise<unknown>;

/** Requests of one transaction: all or nothing. */
async function inOne<T>(db: Database, work: (tx: Writing, asked: Asked) => Promise<T>): Promise<T> {
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

function putRecord(
  tx: Writing,
  list: (typeof LISTS)[number],
  record: Pot | Batch | Cook,
): Promise<unknown> {
  const kept = list === 'cooks' ? holdCook(record as Cook) : record;
  return tx.objectStore(list).put(kept as never);
}

function dropRecord(tx: Writing, list: (typeof LISTS)[number], id: string): Promise<unknown> {
  // It may stand in a page too.
  return list === 'cooks'
    ? tx.objectStore(list).put({ id, gone: true })
    : tx.objectStore(list).delete(id);
}

/** Requests that turn one state of the household into another. */
function* writesOf(before: Bundle | null, bundle: Bundle): Generator<Write> {
  if (!before || householdChanged(before, bundle))
    yield (tx) => tx.objectStore('household').put(householdOf(bundle));
  for (const list of LISTS) {
    if (before?.[list] === bundle[list]) continue;
    const old = new Map((before?.[list] ?? []).map((r) => [r.id, r as unknown]));
    for (const record of bundle[list])
      if (old.get(record.id) !== record) yield (tx) => putRecord(tx, list, record);
    const kept = new Set(bundle[list].map((r) => r.id));
    for (const id of old.keys()) if (!kept.has(id)) yield (tx) => dropRecord(tx, list, id);
  }
}

/**
 * Marks a write as the one that follows another; its own stamp, and the number of the mark. Where another
 * tab has followed that one already the mark is refused, and the whole transaction with it.
 */
function following(
  tx: Writing,
  after: string,
  asked: Asked,
): { readonly stamp: string; readonly mark: Promise<number> } {
  const stamp = nanoid(12);
  const mark = tx.objectStore('writes').add({ after });
  asked.push(mark);
  asked.push(tx.objectStore('household').put({ key: 'stamp', stamp, version: VERSION }));
  return { stamp, mark };
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
  writes: readonly Write[],
): Promise<Saved> {
  const { stamp, mark } = await inOne(db, async (tx, asked) => {
    const follows = following(tx, base.stamp, asked);
    for (const write of writes) asked.push(write(tx));
    tx.commit();
    return { stamp: follows.stamp, mark: await follows.mark };
  });
  if (mark % MARKS_SWEPT === 0)
    await db.delete('writes', IDBKeyRange.upperBound(mark - MARKS_KEPT));
  return { kept: { bundle: after, stamp }, conflicts: [] };
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
function saveJoined(db: Database, base: Kept | null, after: Bundle): Promise<Saved> {
  return inOne(db, async (tx, asked) => {
    const last = await stampOf(tx);
    const others = base && last !== base.stamp ? await readAll(tx, base.bundle) : base;
    if (base && !others) throw new StartedOver();
    const { bundle, conflicts } =
      base && others && others !== base
        ? mergeBundles(base.bundle, after, others.bundle)
        : { bundle: after, conflicts: [] };
    const { stamp } = following(tx, last, asked);
    const before = others && (await withPages(tx, others.bundle, bundle));
    for (const write of writesOf(before, bundle)) {
      asked.push(write(tx));
      // Waiting for one of its own requests keeps the transaction open, and lets the page draw.
      if (asked.length % AT_A_TIME === 0) await asked.at(-1);
    }
    return { kept: { bundle, stamp }, conflicts };
  });
}

/**
 * Writes what differs between two states of the household, in one transaction: all or nothing. What
 * another tab has written since is joined with it.
 *
 * @param base what this tab last read or wrote; null to write everything
 * @throws StartedOver where it has been taken away meanwhile
 */
export async function saveChanges(db: Database, base: Kept | null, after: Bundle): Promise<Saved> {
  if (!base) return saveJoined(db, base, after);
  const writes = [...writesOf(base.bundle, after)];
  if (writes.length > AT_A_TIME) return saveJoined(db, base, after);
  try {
    return await saveAtOnce(db, base, after, writes);
  } catch (error) {
    if (nameOf(error) !== 'ConstraintError') throw error;
    return saveJoined(db, base, after);
  }
}

function householdChanged(before: Bundle, after: Bundle): boolean {
  const lists = new Set<string>(LISTS);
  const a = new Map<string, unknown>(Object.entries(before));
  const b = new Map<string, unknown>(Object.entries(after));
  const keys = [...a.keys(), ...b.keys()].filter((key) => !lists.has(key));
  return keys.some((key) => a.get(key) !== b.get(key));
}

/** Empties everything but the backups; who had it open hears of it when they write. */
export async function wipe(db: Database): Promise<void> {
  await inOne(db, async (tx, asked) => {
    const last = await stampOf(tx);
    asked.push(...LISTS.map((list) => tx.objectStore(list).clear()));
    asked.push(tx.objectStore('household').clear());
    asked.push(tx.objectStore('pages').clear());
    following(tx, last, asked);
  });
}
