/** The records of a household by their keys, and a household of records that several devices have joined. */
import { batchRefusal, FIRST_POT, settleClaims } from '../batch/household';
import { inTheirPots } from '../batch/plan';
import type { Batch, Bundle, Jar } from '../batch/schema';
import { editOf, type Edit } from './replica';

const LISTS = ['pots', 'foods', 'batches', 'cooks', 'jars', 'bag'] as const;
type List = (typeof LISTS)[number];

/** A list and an id, such as `batches/b1`; `kitchen/` for the kitchen. */
export type Key = string;

const KITCHEN: Key = 'kitchen/';

const keyIn = (list: List, id: string): Key => `${list}/${id}`;

/** List and id of a key; null for the kitchen, and for what is no key. */
function partsOfKey(key: Key): { readonly list: List; readonly id: string } | null {
  const at = key.indexOf('/');
  const list = LISTS.find((one) => one === key.slice(0, at));
  return list && at + 1 < key.length ? { list, id: key.slice(at + 1) } : null;
}

/** Whether a value names a record, as others send it. */
export const isKey = (value: unknown): value is Key =>
  typeof value === 'string' && (value === KITCHEN || partsOfKey(value) !== null);

/** All records by their keys. @example [...recordsOf(bundle).keys()][0] // 'kitchen/' */
export function recordsOf(bundle: Bundle): ReadonlyMap<Key, object> {
  const lists = LISTS.flatMap((list) =>
    bundle[list].map((record) => [keyIn(list, record.id), record] as const),
  );
  return new Map<Key, object>([[KITCHEN, bundle.kitchen], ...lists]);
}

/** What a change did to one record. */
export interface RecordEdit {
  readonly key: Key;
  readonly edit: Edit;
}

/** What differs between two states of a household, record by record. */
export function editsOf(before: Bundle, after: Bundle): readonly RecordEdit[] {
  const edits: RecordEdit[] = [];
  const add = (key: Key, was: object | null, is: object | null): void => {
    if (was === is) return;
    const edit = editOf(was, is);
    if (edit.set.length > 0 || edit.out.length > 0) edits.push({ key, edit });
  };
  add(KITCHEN, before.kitchen, after.kitchen);
  for (const list of LISTS) {
    if (before[list] === after[list]) continue;
    const old = new Map<string, object>(before[list].map((record) => [record.id, record]));
    for (const record of after[list]) {
      add(keyIn(list, record.id), old.get(record.id) ?? null, record);
      old.delete(record.id);
    }
    for (const [id, record] of old) add(keyIn(list, id), record, null);
  }
  return edits;
}

/** A household with some of its records put in, or taken out where they are null. */
export function withRecords(bundle: Bundle, records: ReadonlyMap<Key, object | null>): Bundle {
  const changes = [...records];
  const list = (name: List): readonly { readonly id: string }[] => {
    const own = new Map(
      changes.flatMap(([key, record]) => {
        const parts = partsOfKey(key);
        return parts?.list === name ? [[parts.id, record] as const] : [];
      }),
    );
    if (own.size === 0) return bundle[name];
    const kept = bundle[name].flatMap((record): readonly { readonly id: string }[] => {
      const now = own.get(record.id);
      own.delete(record.id);
      if (now === undefined) return [record];
      return now === null ? [] : [now as { readonly id: string }];
    });
    const added = [...own.values()].filter((record) => record !== null);
    return [...kept, ...(added as { readonly id: string }[])];
  };
  const lists = Object.fromEntries(LISTS.map((name) => [name, list(name)]));
  const kitchen = records.get(KITCHEN) ?? bundle.kitchen;
  return { ...bundle, ...lists, kitchen } as Bundle;
}

/** Less is what clings to the glass, L. */
const DREGS_L = 1e-6;

/** Without what was taken of a jar once there was nothing left in it: two devices may have taken the same. */
function pouredOnce(jar: Jar): Jar {
  let left = jar.litres;
  let isWhole = true;
  const gone = jar.gone?.flatMap((one) => {
    const litres = Math.min(one.litres, left);
    left -= litres;
    if (litres >= one.litres - DREGS_L) return [one];
    isWhole = false;
    return litres > DREGS_L ? [{ ...one, litres }] : [];
  });
  return isWhole ? jar : { ...jar, gone };
}

/** Batches whose parts are known to fit each other: of hundreds one has changed. */
const known = new WeakSet<Batch>();

/** A batch whose parts fit each other: no stay names a step that is gone. */
function fitting(batch: Batch): Batch {
  if (known.has(batch)) return batch;
  const fit = fitted(batch);
  known.add(fit);
  return fit;
}

function fitted(batch: Batch): Batch {
  const { steps } = batch;
  if (!steps || batchRefusal(batch) === null) return batch;
  const ids = new Set(steps.map(({ id }) => id));
  const isThere = (id: string | undefined): boolean => id === undefined || ids.has(id);
  return {
    ...batch,
    items: batch.items.map((item) => {
      if (!item.stays || item.stays.every(({ from, to }) => isThere(from) && isThere(to)))
        return item;
      const { stays, ...rest } = item;
      const left = stays.flatMap(({ from, to, ...stay }) =>
        isThere(from)
          ? [{ ...stay, ...(from !== undefined && { from }), ...(isThere(to) && to && { to }) }]
          : [],
      );
      return left.length > 0 ? { ...rest, stays: left } : rest;
    }),
  };
}

const byId = (a: { readonly id: string }, b: { readonly id: string }): number =>
  a.id < b.id ? -1 : 1;

const mapped = <T>(list: readonly T[], change: (one: T) => T): readonly T[] => {
  const now = list.map(change);
  return now.every((one, i) => one === list[i]) ? list : now;
};

/**
 * A household that can be kept, of records that devices have joined one by one: no litre of a jar is used twice, plans
 * stand in pots that are there, and their parts fit each other. It depends on the records alone and not on the order in
 * which they came.
 *
 * @param raw records as they were joined
 */
export function settled(raw: Bundle): Bundle {
  const jars = mapped(raw.jars, pouredOnce);
  // Two devices may each have taken one of the last two.
  const pots = raw.pots.length > 0 ? raw.pots.toSorted(byId) : [FIRST_POT];
  const fit = mapped(raw.batches, fitting);
  const potted = inTheirPots(fit, pots);
  const batches = (potted.every((batch, i) => batch === fit[i]) ? fit : potted).toSorted(byId);
  const kept = settleClaims({ batches, jars });
  const isSame =
    jars === raw.jars &&
    raw.pots.length > 0 &&
    kept.batches.every((batch) => raw.batches.includes(batch));
  return isSame ? raw : { ...raw, pots, jars, batches: kept.batches };
}
