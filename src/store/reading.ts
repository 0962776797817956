/** Reads the household from the database record by record; reports damaged records and leaves them out. */
import same from 'fast-deep-equal';
import type { IDBPTransaction } from 'idb';
import { FIRST_POT, withDefaults } from '../core/batch/household';
import { inTheirPots } from '../core/batch/plan';
import { isFields, VERSION, type Bundle, type Cook, type Kitchen } from '../core/batch/schema';
import { holdCook, sameHeld } from '../formats/held';
import type { Household, Schema, Sharing } from './db';
import { readCook, type CookPage, type KeptCook, type LooseCook } from './keptCook';
import { AT_A_TIME, cooksOf, PAGES_AT_A_TIME, readList } from './pages';
import { cookFault, damaged, kitchenFault, sift, siftPots, type Damaged } from './sound';

export const LISTS = ['pots', 'batches', 'cooks'] as const;
export const STORES = [
  'household',
  'writes',
  'pages',
  'quarantine',
  'stamps',
  'edits',
  ...LISTS,
] as const;

/** The household as the database holds it. */
export interface Kept {
  readonly bundle: Bundle;
  /** Of the write that it is of. */
  readonly stamp: string;
  /** Number of that write in the list of writes; 0 for none. */
  readonly mark: number;
  /** Whether it has other devices, which hear of changes. */
  readonly isShared: boolean;
  /** Damaged records, which are set aside and not in the bundle. */
  readonly bad: readonly Damaged[];
}

type Names = typeof STORES;
export type Reading = IDBPTransaction<Schema, Names, 'readonly'>;
export type Writing = IDBPTransaction<Schema, Names, 'readwrite'>;

export async function stampOf(tx: Reading | Writing): Promise<string> {
  const kept = await tx.objectStore('household').get('stamp');
  return kept?.key === 'stamp' ? kept.stamp : '';
}

/** The household's devices and their key; null if it has one device. */
export async function sharingOf(tx: Reading | Writing): Promise<Sharing | null> {
  const kept = await tx.objectStore('household').get('sharing');
  return kept?.key === 'sharing' ? kept : null;
}

/** Number of the last write. */
export async function markOf(tx: Reading | Writing): Promise<number> {
  return (await tx.objectStore('writes').openKeyCursor(null, 'prev'))?.key ?? 0;
}

/** The same records as before where nothing differs, so that what is equal is one and the same. */
function sharing(before: readonly { readonly id: string }[] | undefined, now: unknown): unknown {
  if (!Array.isArray(now)) return now;
  const old = new Map<unknown, object>((before ?? []).map((record) => [record.id, record]));
  const shared = now.map((record: unknown) => {
    const was = isFields(record) ? old.get(record['id']) : undefined;
    return was && same(was, record) ? was : record;
  });
  const isAsBefore =
    shared.length === before?.length && shared.every((record, i) => record === before[i]);
  return isAsBefore ? before : shared;
}

/** The same for cooks, by what is written of them: nothing of them is read for it. */
export function sharingCooks(before: readonly Cook[] | undefined, now: readonly KeptCook[]) {
  const old = new Map((before ?? []).map((cook) => [cook.id, cook]));
  return now.map((kept) => {
    const was = old.get(kept.id);
    return was && 'fields' in kept && sameHeld(holdCook(was), kept) ? was : readCook(kept);
  });
}

/** Names the fault of a cook; null for none. */
export type CookCheck = (kept: unknown) => string | null;

/**
 * Sound cooks of pages and single records, with the damaged ones; the pages that hold such, mended, and the ids of
 * the single records. A page's old copy of a cook says nothing of its newer single record.
 */
function siftCooks(pages: readonly CookPage[], loose: readonly LooseCook[], faultOf: CookCheck) {
  const bad: Damaged[] = [];
  const isSound = (kept: LooseCook): boolean => {
    if (isFields(kept) && 'gone' in kept) return true;
    const fault = faultOf(kept);
    if (fault !== null) bad.push(damaged('cooks', kept, fault));
    return fault === null;
  };
  const mended: CookPage[] = [];
  const sound = pages.flatMap((page): readonly CookPage[] => {
    if (!Array.isArray(page.cooks)) {
      bad.push(damaged('pages', page, 'its cooks are missing'));
      return [];
    }
    const cooks = page.cooks.filter(isSound);
    if (cooks.length < page.cooks.length) mended.push({ ...page, cooks });
    return [{ ...page, cooks }];
  });
  const kept = loose.filter(isSound);
  const torn = loose.filter((one) => !kept.includes(one)).map(({ id }) => id);
  return { cooks: cooksOf(sound, kept), bad, mended, torn };
}

/** The kitchen and pots of a household that has lost its own. */
const usual = {
  ...(withDefaults({}) as Pick<Bundle, 'kitchen'>),
  pots: [FIRST_POT],
} as const;

export interface Found extends Kept {
  readonly mended: readonly CookPage[];
  /** Ids of damaged cooks with a record of their own. */
  readonly torn: readonly string[];
  /** Whether a pot was mended or replaced, and plans with it. */
  readonly isPotLost: boolean;
  /** Whether something has to be written before the next change: parts set aside, or a lost stamp. */
  readonly isTorn: boolean;
}

/** The household's own record, read: what is sound of it, and what is damaged. Equal parts are shared with the base. */
export function readHousehold(found: unknown, base: Bundle | null) {
  const household: Partial<Household> = isFields(found) ? found : {};
  const fault = kitchenFault(household.kitchen);
  const kitchen = fault === null ? (household.kitchen as Kitchen) : usual.kitchen;
  const lists = {
    jars: sift('jars', sharing(base?.jars, household.jars), base?.jars),
    bag: sift('bag', sharing(base?.bag, household.bag), base?.bag),
    foods: sift('foods', sharing(base?.foods, household.foods), base?.foods),
  };
  return {
    fields: {
      ...(isFields(household.extra) ? household.extra : {}),
      format: 'retort' as const,
      version: VERSION as typeof VERSION,
      kitchen: base && same(base.kitchen, kitchen) ? base.kitchen : kitchen,
      jars: lists.jars.sound,
      bag: lists.bag.sound,
      foods: lists.foods.sound,
    },
    bad: [
      ...(fault === null ? [] : [damaged('kitchen', household.kitchen ?? found ?? null, fault)]),
      ...Object.values(lists).flatMap((list) => list.bad),
    ],
  };
}

export async function readAll(
  tx: Reading | Writing,
  base: Bundle | null,
  check: CookCheck = cookFault,
): Promise<Found | null> {
  const found: unknown = await tx.objectStore('household').get('household');
  const [stamp, shared, mark, pots, batches, pages, loose] = await Promise.all([
    stampOf(tx),
    sharingOf(tx),
    markOf(tx),
    readList(tx.objectStore('pots'), AT_A_TIME),
    readList(tx.objectStore('batches'), AT_A_TIME),
    readList(tx.objectStore('pages'), PAGES_AT_A_TIME),
    readList(tx.objectStore('cooks'), AT_A_TIME),
  ]);
  const isNew = [pots, batches, pages, loose].every((list) => list.length === 0);
  if (found === undefined && isNew) return null;
  const household = readHousehold(found, base);
  const ownPots = siftPots(sharing(base?.pots, pots), FIRST_POT, base?.pots);
  const plans = sift('batches', sharing(base?.batches, batches), base?.batches);
  const { cooks, bad: badCooks, mended, torn } = siftCooks(pages, loose, check);
  const bad = [...household.bad, ...ownPots.bad, ...plans.bad, ...badCooks];
  const soundPots = ownPots.sound.length > 0 ? ownPots.sound : usual.pots;
  const isPotLost = ownPots.bad.length > 0 || soundPots === usual.pots;
  // A plan that no longer fits its mended pot is put right with it.
  const fitted = isPotLost ? inTheirPots(plans.sound, soundPots) : plans.sound;
  return {
    bundle: {
      ...household.fields,
      pots: soundPots,
      batches: fitted,
      cooks: sharingCooks(base?.cooks, cooks),
    },
    stamp,
    mark,
    isShared: shared !== null,
    bad,
    mended,
    torn,
    isPotLost,
    isTorn: bad.length > 0 || stamp === '' || isPotLost,
  };
}
