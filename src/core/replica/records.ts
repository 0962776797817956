/** The records of a household by their keys, and what changed in them. */
import type { Bundle } from '../batch/schema';
import { editOf, type Edit } from './replica';

/** Lists of a household whose records have ids. */
export const LISTS = ['pots', 'batches', 'cooks', 'foods', 'jars', 'bag'] as const;
export type List = (typeof LISTS)[number];

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

/** A change of one record. */
export interface RecordEdit {
  readonly key: Key;
  readonly edit: Edit;
}

/** Returns the differences between two states of a household, record by record. */
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
