/**
 * Cache of computed answers, so that no page computes or waits a second time: in memory for as long as
 * the page is open, and on the device in a database of its own. It belongs to no household and to no file, may be
 * lost at any time, and counts only for what it is of, to the letter, and for the models that worked it out.
 */
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { hasDatabase } from './db';

interface Worked {
  readonly key: string;
  /** All that it was worked out from, and by which models. */
  readonly of: string;
  /** How many were kept before it. */
  readonly order: number;
  readonly value: unknown;
}

interface Schema extends DBSchema {
  worked: { key: string; value: Worked; indexes: { order: number } };
}

const DB_NAME = 'retort-worked';

/** Most answers kept on the device (about 50 kB each), and how many a sweep leaves. */
const MOST = { kept: 200, left: 150 } as const;
/** Answers kept in memory, the most recently used. */
const AT_HAND = 80;
/** Debounce before an answer is written, ms; a changing plan does not write each one. */
const WAITS_MS = { first: 100, next: 2000 } as const;
/** Compute in parallel with the cache read after this delay, ms. */
const PATIENCE_MS = 300;

/** The models of this build (`next.config`); none while they are being written: then nothing is kept. */
const models = (): string => process.env['RETORT_MODELS'] ?? '';

/** By key, what was asked for last at the end. */
const memory = new Map<string, Pick<Worked, 'of' | 'value'>>();
/** Reads of the device under way, by key: each key is read once. */
const readings = new Map<string, Promise<void>>();
let opening: Promise<IDBPDatabase<Schema>> | null = null;
/** Pending writes by key. */
const keeping = new Map<string, ReturnType<typeof setTimeout>>();

function open(): Promise<IDBPDatabase<Schema>> {
  const opened = openDB<Schema>(DB_NAME, 1, {
    upgrade: (db) =>
      void db.createObjectStore('worked', { keyPath: 'key' }).createIndex('order', 'order'),
    blocking: (_current, _wanted, event) => {
      (event.target as IDBDatabase | null)?.close();
      opening = null;
    },
    terminated: () => {
      opening = null;
    },
  });
  opened.catch(() => {
    opening = null;
  });
  return opened;
}

/** Some browsers say in the very call that they keep nothing. */
async function database(): Promise<IDBPDatabase<Schema>> {
  return (opening ??= open());
}

function remember(key: string, of: string, value: unknown): void {
  memory.delete(key);
  memory.set(key, { of, value });
  const [first] = memory.keys();
  if (memory.size > AT_HAND && first !== undefined) memory.delete(first);
}

/** Reads the answer kept under a key into memory; any error counts as no answer. */
async function read(key: string): Promise<void> {
  const found = await database()
    .then((db) => db.get('worked', key))
    .catch(() => undefined);
  // It may have been worked out meanwhile.
  if (found && !memory.has(key)) remember(key, found.of, found.value);
}

function reading(key: string): Promise<void> {
  const before = readings.get(key);
  if (before) return before;
  const now = read(key);
  readings.set(key, now);
  return now;
}

const patience = (): Promise<void> => new Promise((done) => setTimeout(done, PATIENCE_MS));

const keeps = (): boolean => models() !== '' && hasDatabase();

/** Reads what the page will want first. @returns whether all of it is there, as far as its keys tell */
export async function readWorkedEarly(keys: readonly string[]): Promise<boolean> {
  if (!keeps()) return false;
  await Promise.race([Promise.all(keys.map(reading)), patience()]);
  return keys.every((key) => memory.has(key));
}

const ofModels = (of: string): string => `${models()} ${of}`;

/** Returns the answer in memory for exactly this question; undefined if there is none. */
export function workedAtHand<T>(key: string, of: string): T | undefined {
  const found = memory.get(key);
  return found?.of === ofModels(of) ? (found.value as T) : undefined;
}

async function write(record: Omit<Worked, 'order'>): Promise<void> {
  const db = await database();
  const tx = db.transaction('worked', 'readwrite');
  const byOrder = tx.store.index('order');
  const last = (await byOrder.openKeyCursor(null, 'prev'))?.key ?? 0;
  await tx.store.put({ ...record, order: last + 1 });
  const count = await tx.store.count();
  if (count > MOST.kept) {
    let oldest = await byOrder.openCursor();
    for (let i = count; oldest && i > MOST.left; i--) {
      await oldest.delete();
      oldest = await oldest.continue();
    }
  }
  await tx.done;
}

function keep(key: string, raw: string, value: unknown): void {
  const of = ofModels(raw);
  remember(key, of, value);
  if (!keeps()) return;
  const before = keeping.get(key);
  clearTimeout(before);
  const wait = before === undefined ? WAITS_MS.first : WAITS_MS.next;
  // A device that is full, or keeps nothing, works it out again.
  const begin = (): void => void write({ key, of, value }).catch(() => undefined);
  keeping.set(key, setTimeout(begin, wait));
}

async function workNow<T>(key: string, of: string, work: () => Promise<T>): Promise<T> {
  const value = await work();
  keep(key, of, value);
  return value;
}

/**
 * Returns the kept answer for exactly this question, or computes and keeps it.
 *
 * @param key one thing of which the last answer is kept, such as "batch b5"
 * @param of complete input of the computation
 */
export async function workedOut<T>(key: string, of: string, work: () => Promise<T>): Promise<T> {
  const known = (): T | undefined => workedAtHand<T>(key, of);
  if (!keeps()) return known() ?? workNow(key, of, work);
  const read = reading(key);
  if (!memory.has(key)) await Promise.race([read, patience()]);
  const found = known();
  if (found !== undefined) return found;
  const working = workNow(key, of, work);
  // A device that was slow may still be sooner.
  return Promise.race([working, read.then(() => known() ?? working)]);
}

/** Forgets all of it: the household begins anew, or the device needs its room. What does not go harms nobody. */
export async function forgetWorked(): Promise<void> {
  memory.clear();
  for (const timer of keeping.values()) clearTimeout(timer);
  if (!keeps()) return;
  await database()
    .then((db) => db.clear('worked'))
    .catch(() => undefined);
}
