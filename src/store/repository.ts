/** Reading and writing the household, record by record. */
import { nanoid } from 'nanoid';
import { VERSION, type Bundle } from '../core/batch';
import { writeBundle } from '../formats/write';
import type { Backup, Database, Household } from './db';

const KNOWN = new Set([
  'format',
  'version',
  'kitchen',
  'pots',
  'batches',
  'cooks',
  'jars',
  'foods',
]);
const LISTS = ['pots', 'batches', 'cooks'] as const;
/** Backups kept; older ones go. */
const BACKUPS = 5;

function householdOf(bundle: Bundle): Household {
  const extra = Object.fromEntries(Object.entries(bundle).filter(([key]) => !KNOWN.has(key)));
  return {
    key: 'household',
    kitchen: bundle.kitchen,
    jars: bundle.jars,
    foods: bundle.foods,
    extra,
  };
}

/** Everything in the database as one bundle; null before the first start. */
export async function loadBundle(db: Database): Promise<Bundle | null> {
  const tx = db.transaction(['household', ...LISTS]);
  const household = await tx.objectStore('household').get('household');
  const [pots, batches, cooks] = await Promise.all([
    tx.objectStore('pots').getAll(),
    tx.objectStore('batches').getAll(),
    tx.objectStore('cooks').getAll(),
  ]);
  await tx.done;
  if (!household) return null;
  const { kitchen, jars, foods = [], extra } = household;
  return {
    ...extra,
    format: 'retort',
    version: VERSION,
    kitchen,
    pots,
    batches,
    cooks,
    jars,
    foods,
  };
}

/**
 * Writes what differs between two states of the household, in one transaction: all or nothing.
 *
 * @param before null to write everything
 */
export async function saveChanges(
  db: Database,
  before: Bundle | null,
  after: Bundle,
): Promise<void> {
  const tx = db.transaction(['household', ...LISTS], 'readwrite');
  const requests: Promise<unknown>[] = [];
  try {
    if (!before || householdChanged(before, after))
      requests.push(tx.objectStore('household').put(householdOf(after)));
    for (const list of LISTS) {
      const store = tx.objectStore(list);
      const old = new Map((before?.[list] ?? []).map((r) => [r.id, r as unknown]));
      for (const record of after[list])
        if (old.get(record.id) !== record) requests.push(store.put(record as never));
      const kept = new Set(after[list].map((r) => r.id));
      for (const id of old.keys()) if (!kept.has(id)) requests.push(store.delete(id));
    }
    await Promise.all([...requests, tx.done]);
  } catch (error) {
    // A record that cannot be stored fails alone; the rest must not be kept without it.
    for (const request of [...requests, tx.done]) request.catch(() => undefined);
    try {
      tx.abort();
    } catch {
      // It has ended already, by the very error that is passed on.
    }
    throw error;
  }
}

function householdChanged(before: Bundle, after: Bundle): boolean {
  const lists = new Set<string>(LISTS);
  const a = new Map<string, unknown>(Object.entries(before));
  const b = new Map<string, unknown>(Object.entries(after));
  const keys = [...a.keys(), ...b.keys()].filter((key) => !lists.has(key));
  return keys.some((key) => a.get(key) !== b.get(key));
}

/** Puts the whole household by, before something replaces it. */
export async function keepBackup(
  db: Database,
  bundle: Bundle,
  why: string,
  at: string,
): Promise<void> {
  const tx = db.transaction('backups', 'readwrite');
  await tx.store.put({ id: nanoid(10), at, why, text: writeBundle(bundle) });
  const ids = await tx.store.index('at').getAllKeys();
  for (const id of ids.slice(0, Math.max(0, ids.length - BACKUPS))) await tx.store.delete(id);
  await tx.done;
}

/** Backups, the newest first. */
export async function listBackups(db: Database): Promise<readonly Backup[]> {
  return (await db.getAllFromIndex('backups', 'at')).reverse();
}

/** Empties everything but the backups. */
export async function wipe(db: Database): Promise<void> {
  const tx = db.transaction(['household', ...LISTS], 'readwrite');
  await Promise.all([
    tx.objectStore('household').clear(),
    ...LISTS.map((list) => tx.objectStore(list).clear()),
    tx.done,
  ]);
}
