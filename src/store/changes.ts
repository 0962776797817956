/** Differences between two states of the household, record by record, and the requests that write them. */
import { type Bundle, type Cook } from '../core/batch/schema';
import { holdCook } from '../formats/held';
import type { Changed, Household } from './db';
import { AT_A_TIME } from './pages';
import { LISTS, type Writing } from './reading';

export function householdOf(bundle: Bundle): Household {
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

function householdChanged(before: Bundle, after: Bundle): boolean {
  const lists = new Set<string>(LISTS);
  const a = new Map<string, unknown>(Object.entries(before));
  const b = new Map<string, unknown>(Object.entries(after));
  const keys = [...a.keys(), ...b.keys()].filter((key) => !lists.has(key));
  return keys.some((key) => a.get(key) !== b.get(key));
}

/** A record that differs between two states of the household; null for one that is gone. */
export type Change =
  | { readonly of: 'household'; readonly now: Household }
  | { readonly of: (typeof LISTS)[number]; readonly id: string; readonly now: object | null };

/** Records that differ between two states of the household. */
export function* changesOf(before: Bundle | null, bundle: Bundle): Generator<Change> {
  if (!before || householdChanged(before, bundle))
    yield { of: 'household', now: householdOf(bundle) };
  for (const list of LISTS) {
    if (before?.[list] === bundle[list]) continue;
    const old = new Map((before?.[list] ?? []).map((r) => [r.id, r as unknown]));
    for (const record of bundle[list])
      if (old.get(record.id) !== record) yield { of: list, id: record.id, now: record };
    const kept = new Set(bundle[list].map((r) => r.id));
    for (const id of old.keys()) if (!kept.has(id)) yield { of: list, id, now: null };
  }
}

/** Asks for the writing of a change. */
export function writeChange(tx: Writing, change: Change): Promise<unknown> {
  if (change.of === 'household') return tx.objectStore('household').put(change.now);
  const { of: list, id, now } = change;
  // A cook may be in a page too.
  if (now === null)
    return list === 'cooks'
      ? tx.objectStore(list).put({ id, gone: true })
      : tx.objectStore(list).delete(id);
  const kept = list === 'cooks' ? holdCook(now as Cook) : now;
  return tx.objectStore(list).put(kept as never);
}

/** The changes by the ids of their records, for those who read them later; undefined where they are many. */
export function named(changes: readonly Change[]): Changed | undefined {
  if (changes.length > AT_A_TIME) return undefined;
  const ids = (list: (typeof LISTS)[number]): readonly string[] =>
    changes.flatMap((change) => (change.of === list ? [change.id] : []));
  return {
    household: changes.some(({ of }) => of === 'household'),
    pots: ids('pots'),
    batches: ids('batches'),
    cooks: ids('cooks'),
  };
}
