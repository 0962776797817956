/**
 * Backups: before anything replaces the household, and once a day before its first change. Kept
 * within a bound; the newest always is.
 */
import { nanoid } from 'nanoid';
import { isFields, VERSION, type Bundle } from '../core/batch/schema';
import { canonical, writeBundleInTurns } from '../formats/write';
import { openAsItIs, type Backup, type Database } from './db';
import { readCook, type KeptCook } from './keptCook';
import { cooksOf } from './pages';

/** Backups kept of those made before something; older ones go. */
const ASKED = 5;
/** Days kept. */
const DAYS = 7;
/** Together no more than this, characters: twenty years of cooking are 15 million. */
const MOST_CHARACTERS = 40_000_000;

/** Prefix of the id of a day's backup; the day follows. */
const DAY = 'day-';

/** Which backups go. @param all the newest first */
function going(all: readonly Backup[]): readonly Backup[] {
  let asked = 0;
  let days = 0;
  let room = MOST_CHARACTERS;
  return all.filter(({ day, text }, i) => {
    if (day === undefined ? ++asked > ASKED : ++days > DAYS) return true;
    room -= text.length;
    return i > 0 && room < 0;
  });
}

async function put(db: Database, backup: Backup): Promise<void> {
  const tx = db.transaction('backups', 'readwrite');
  await tx.store.put(backup);
  const all = await tx.store.index('at').getAll();
  for (const { id } of going(all.reverse())) await tx.store.delete(id);
  await tx.done;
}

/** Puts the whole household by, before something replaces it. */
export async function keepBackup(
  db: Database,
  bundle: Bundle,
  why: string,
  at: string,
): Promise<void> {
  await put(db, { id: nanoid(10), at, why, text: await writeBundleInTurns(bundle) });
}

/** Puts the household by as a day began; once a day. @param at ISO 8601 */
export async function keepDay(db: Database, bundle: Bundle, at: string): Promise<void> {
  const day = at.slice(0, 10);
  const id = `${DAY}${day}`;
  if ((await db.getKey('backups', id)) !== undefined) return;
  await put(db, { id, at, why: 'as the day began', day, text: await writeBundleInTurns(bundle) });
}

/** Gives up the oldest day that is kept: what the cook does now needs its room. */
export async function makeRoom(db: Database): Promise<void> {
  const oldest = await db.getKey('backups', IDBKeyRange.bound(DAY, `${DAY}9999`));
  if (oldest !== undefined) await db.delete('backups', oldest);
}

/** Backups, the newest first. */
export async function listBackups(db: Database): Promise<readonly Backup[]> {
  return (await db.getAllFromIndex('backups', 'at')).reverse();
}

/** A cook as files have it; as it is kept where a newer build keeps it in another way. */
function asFarAsKnown(record: KeptCook): unknown {
  try {
    return readCook(record);
  } catch {
    return record;
  }
}

/** Stores of backups, and of changes for other devices. */
const NOT_OF_THE_KITCHEN: readonly string[] = ['backups', 'stamps', 'edits'];

/** The key to what the devices of a household say to each other stays on them. */
const isSharing = (record: unknown): boolean => isFields(record) && record['key'] === 'sharing';

/** Everything in a database as text, store by store: for a household that is no household any more. */
async function rawOf(db: Database): Promise<string | null> {
  const names = [...db.objectStoreNames].filter((name) => !NOT_OF_THE_KITCHEN.includes(name));
  const stores: Record<string, readonly unknown[]> = {};
  for (const name of names) stores[name] = (await db.getAll(name)).filter((one) => !isSharing(one));
  return Object.values(stores).every((list) => Array.isArray(list) && list.length === 0)
    ? null
    : `${JSON.stringify({ format: 'retort-records', stores }, null, 2)}\n`;
}

/**
 * Writes the records of the database to a file, unchanged: of a newer build for that build to read, of a damaged
 * one record by record.
 *
 * @returns null where there is nothing
 */
export async function readAsItIs(): Promise<string | null> {
  const db = await openAsItIs();
  try {
    const has = (name: string): boolean => [...db.objectStoreNames].some((n) => n === name);
    const household = has('household') ? await db.get('household', 'household') : undefined;
    if (household?.key !== 'household') return await rawOf(db);
    const stamp = await db.get('household', 'stamp');
    const { key, extra, ...own } = household;
    const allOf = async <K extends 'pots' | 'batches' | 'cooks' | 'pages'>(name: K) =>
      has(name) ? db.getAll(name) : [];
    const cooks = cooksOf(await allOf('pages'), await allOf('cooks')).map(asFarAsKnown);
    const lists = { pots: await allOf('pots'), batches: await allOf('batches'), cooks };
    const version = (stamp?.key === 'stamp' && stamp.version) || VERSION;
    const file = { ...extra, format: 'retort', version, ...own, ...lists };
    return `${JSON.stringify(canonical(file), null, 2)}\n`;
  } catch {
    // A record of it is damaged: everything as it is found.
    return await rawOf(db);
  } finally {
    db.close();
  }
}

/** Backups of a database that did not open as a household, the newest first; none where they cannot be read. */
export async function readBackups(): Promise<readonly Backup[]> {
  try {
    const db = await openAsItIs();
    try {
      return await listBackups(db);
    } finally {
      db.close();
    }
  } catch {
    return [];
  }
}
