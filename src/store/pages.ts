/**
 * Cooks in the database: each new or changed one a record of its own, written at once; older ones fifty to a
 * page. A browser takes as long for a small record as for a page of them, and of twenty years all are read
 * at every load.
 */
import { nanoid } from 'nanoid';
import type { Cook } from '../core/batch/schema';
import { holdCook, type HeldCook } from '../formats/held';
import type { Database } from './db';
import { readCook, type CookPage, type Gone, type KeptCook, type LooseCook } from './keptCook';

const isGone = (record: LooseCook): record is Gone => 'gone' in record;

/** The cooks that pages and records hold, by their ids. */
export function cooksOf(
  pages: readonly CookPage[],
  loose: readonly LooseCook[],
): readonly KeptCook[] {
  const all = new Map<string, LooseCook>();
  for (const page of pages) for (const cook of page.cooks) all.set(cook.id, cook);
  for (const record of loose) all.set(record.id, record);
  return [...all.values()]
    .filter((record): record is KeptCook => !isGone(record))
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}

interface Records<T> {
  readonly getAll: (from: IDBKeyRange | undefined, count: number) => Promise<T[]>;
}

/** All records of a store, some at a time: the page draws and answers in between. */
export async function readList<T extends { readonly id: string }>(
  store: Records<T>,
  atATime: number,
): Promise<T[]> {
  const all: T[] = [];
  for (let after: IDBKeyRange | undefined; ;) {
    const some = await store.getAll(after, atATime);
    all.push(...some);
    const last = some.at(-1);
    if (!last || some.length < atATime) return all;
    after = IDBKeyRange.lowerBound(last.id, true);
  }
}

/** Records, or pages, read at a time. */
export const AT_A_TIME = 100;
export const PAGES_AT_A_TIME = 4;

/** Cooks to a page; and as many single ones as are left so. */
const SIZES = { page: 50, loose: 150 } as const;
type Sizes = { readonly [K in keyof typeof SIZES]: number };

/** Full pages of cooks, and those that fill none. */
function pagesOf<T>(
  cooks: readonly T[],
  page: number,
  held: (cook: T) => HeldCook,
): { readonly made: readonly CookPage[]; readonly left: readonly T[] } {
  const full = cooks.length - (cooks.length % page);
  const made: CookPage[] = [];
  for (let i = 0; i < full; i += page)
    made.push({ id: nanoid(10), cooks: cooks.slice(i, i + page).map(held) });
  return { made, left: cooks.slice(full) };
}

/** Folds loose records into their pages; returns those that no page takes. @param loose by id */
function folded(pages: readonly CookPage[], loose: ReadonlyMap<string, LooseCook>, page: number) {
  const paged = new Set(pages.flatMap((page) => page.cooks.map(({ id }) => id)));
  const held = (record: KeptCook): HeldCook => holdCook(readCook(record));
  const changed = pages.flatMap((before): readonly CookPage[] => {
    if (!before.cooks.some(({ id }) => loose.has(id))) return [];
    const cooks = before.cooks.flatMap((cook) => {
      const now = loose.get(cook.id) ?? cook;
      return isGone(now) ? [] : [now === cook ? cook : held(now)];
    });
    return [{ ...before, cooks }];
  });
  const rest = [...loose.values()].filter(
    (record): record is KeptCook => !isGone(record) && !paged.has(record.id),
  );
  return { changed, ...pagesOf(rest, page, held) };
}

interface Stores {
  readonly cooks: { readonly getAllKeys: () => Promise<string[]> };
  readonly pages: { readonly put: (page: CookPage) => Promise<unknown> };
}

/**
 * Puts many new cooks into pages at once, as they would be a little later.
 *
 * @param cooks none of which is kept yet
 * @returns those that are in pages now
 */
export async function putInPages(stores: Stores, cooks: readonly Cook[]): Promise<readonly Cook[]> {
  if (cooks.length <= SIZES.loose) return [];
  // Of those that were deleted a record says so, which counts before any page.
  const gone = new Set(await stores.cooks.getAllKeys());
  const never = cooks.filter(({ id }) => !gone.has(id));
  const { made, left } = pagesOf(never, SIZES.page, holdCook);
  // One at a time: the page draws and answers in between.
  for (const page of made) await stores.pages.put(page);
  return never.slice(0, never.length - left.length);
}

/**
 * Puts single records into pages where there are many of them: nothing that is kept changes by it. One
 * transaction, so that any other reader or writer sees the state before or after.
 */
export async function foldCooks(db: Database, sizes: Sizes = SIZES): Promise<void> {
  if ((await db.count('cooks')) <= sizes.loose) return;
  const tx = db.transaction(['cooks', 'pages'], 'readwrite');
  const loose = await readList(tx.objectStore('cooks'), AT_A_TIME);
  const pages = await readList(tx.objectStore('pages'), PAGES_AT_A_TIME);
  const { changed, made, left } = folded(
    pages,
    new Map(loose.map((one) => [one.id, one])),
    sizes.page,
  );
  for (const page of changed)
    await (page.cooks.length > 0
      ? tx.objectStore('pages').put(page)
      : tx.objectStore('pages').delete(page.id));
  for (const page of made) await tx.objectStore('pages').put(page);
  await tx.objectStore('cooks').clear();
  for (const record of left) await tx.objectStore('cooks').put(record);
  await tx.done;
}

/** Nobody who has just come or changed something waits for it, ms. */
const FOLD_AFTER_MS = 5000;
let folding: ReturnType<typeof setTimeout> | undefined;

/** The same, once nothing was written for a while. What fails is tried after the next write. */
export function foldLater(db: Database): void {
  clearTimeout(folding);
  folding = setTimeout(() => void foldCooks(db).catch(() => undefined), FOLD_AFTER_MS);
  // Without a page nothing needs to be kept running.
  if (typeof folding === 'object') folding.unref();
}
