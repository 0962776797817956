/**
 * Two tabs that have changed one household: what each did since they last agreed is joined, record by
 * record and field by field. Data in, data out.
 */
import same from 'fast-deep-equal';
import { batchRefusal, settleClaims } from '../core/batch/household';
import { isFields, type Batch, type Bundle } from '../core/batch/schema';
import { keyOf, keysOf } from '../core/replica/keys';
import { LISTS, type List } from '../core/replica/records';

/** A field that both tabs changed; this tab's value wins. */
export interface Conflict {
  /** In words, such as "Lamb neck: servings". */
  readonly what: string;
}

type Entry = Readonly<Record<string, unknown>>;

/** Whether a list can be merged entry by entry: each has a key of its own. */
const isKeyed = (value: unknown, list: string): value is readonly Entry[] =>
  Array.isArray(value) && keysOf(value as readonly unknown[], list) !== null;

const isSet = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((one) => typeof one === 'string');

/**
 * Keeps the reordering side's order; inserts the other side's additions after their predecessors.
 */
function order(base: readonly string[], mine: readonly string[], theirs: readonly string[]) {
  const [was, has] = [new Set(base), new Set(mine)];
  const moved = !same(
    mine.filter((id) => was.has(id)),
    base.filter((id) => has.has(id)),
  );
  const [first, second] = moved ? [mine, theirs] : [theirs, mine];
  const all = [...first];
  const known = new Set(all);
  let behind: string | null = null;
  for (const id of second) {
    if (!known.has(id)) {
      all.splice(behind === null ? all.length : all.indexOf(behind) + 1, 0, id);
      known.add(id);
    }
    behind = id;
  }
  return all;
}

/** Sets, such as ticked moves: both sides' additions, without what either has taken out. */
function mergeSets(
  base: readonly string[],
  mine: readonly string[],
  theirs: readonly string[],
): readonly string[] {
  const [was, has, others] = [new Set(base), new Set(mine), new Set(theirs)];
  const isOut = (one: string): boolean => was.has(one) && !(has.has(one) && others.has(one));
  return order(base, mine, theirs).filter((one) => !isOut(one));
}

function mergeLists<E extends object>(
  base: readonly E[],
  mine: readonly E[],
  theirs: readonly E[],
  list: string,
  path: readonly string[],
  told: Conflict[],
): readonly E[] {
  if (mine === theirs || base === theirs) return mine;
  if (base === mine) return theirs;
  const key = (entry: E): string => keyOf(entry as Entry, list) ?? '';
  const ids = (entries: readonly E[]): readonly string[] => entries.map(key);
  const byId = (entries: readonly E[]) => new Map(entries.map((entry) => [key(entry), entry]));
  const [b, m, t] = [byId(base), byId(mine), byId(theirs)];
  return order(ids(base), ids(mine), ids(theirs)).flatMap((id) => {
    const named = nameOf(m.get(id) ?? t.get(id));
    const entry = merge(b.get(id), m.get(id), t.get(id), named ? [...path, named] : path, told, '');
    return entry === undefined ? [] : [entry as E];
  });
}

function nameOf(entry: unknown): string | null {
  if (!isFields(entry)) return null;
  const name = entry['name'] ?? entry['food'];
  return typeof name === 'string' ? name : null;
}

/**
 * One value of three: as it was, as this tab has it, as the other has.
 *
 * @param field of the record that holds it
 * @returns undefined for what is gone
 */
function merge(
  base: unknown,
  mine: unknown,
  theirs: unknown,
  path: readonly string[],
  told: Conflict[],
  field: string,
): unknown {
  if (mine === theirs || same(base, theirs)) return mine;
  if (same(base, mine)) return theirs;
  if (same(mine, theirs)) return mine;
  if (isFields(mine) && isFields(theirs)) {
    const was = isFields(base) ? base : {};
    const keys = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
    const fields = [...keys].flatMap((key) => {
      const value = merge(was[key], mine[key], theirs[key], [...path, key], told, key);
      return value === undefined ? [] : [[key, value] as const];
    });
    return Object.fromEntries(fields);
  }
  if (isSet(mine) && isSet(theirs)) return mergeSets(isSet(base) ? base : [], mine, theirs);
  if (isKeyed(mine, field) && isKeyed(theirs, field))
    return mergeLists(isKeyed(base, field) ? base : [], mine, theirs, field, path, told);
  // One took it away, the other went on with it: nothing is lost.
  if (mine === undefined) return theirs;
  if (theirs === undefined) return mine;
  told.push({ what: path.join(': ') });
  return mine;
}

export interface Merged {
  readonly bundle: Bundle;
  readonly conflicts: readonly Conflict[];
}

/** Keeps both tabs' versions of a batch whose merged parts no longer fit each other. */
function whole(
  merged: readonly Batch[],
  mine: readonly Batch[],
  theirs: readonly Batch[],
  told: Conflict[],
): readonly Batch[] {
  // A result equal to one side is consistent.
  if (merged === mine || merged === theirs) return merged;
  const byId = (batches: readonly Batch[]) => new Map(batches.map((batch) => [batch.id, batch]));
  const [ours, others] = [byId(mine), byId(theirs)];
  return merged.flatMap((batch) => {
    const own = ours.get(batch.id);
    const other = others.get(batch.id);
    if (batch === own || batch === other || batchRefusal(batch) === null) return [batch];
    if (!own || !other) return own ?? other ?? [];
    told.push({ what: `${batch.name}: kept as both tabs have it` });
    return [own, { ...other, id: `${other.id}-other`, name: `${other.name}, other tab` }];
  });
}

/** Lists that were merged before, each by this tab's own: many states of a household share their lists. */
export type Memo = Map<List, Map<object, readonly object[]>>;

/**
 * Joins what two tabs made of one household.
 *
 * @param base what both began with
 * @param memo lists merged before with the same base and theirs
 * @returns the three-way merge; if both changed one field, this tab's value wins and is a conflict
 */
export function mergeBundles(
  base: Bundle,
  mine: Bundle,
  theirs: Bundle,
  memo: Memo = new Map(),
): Merged {
  if (mine === base) return { bundle: theirs, conflicts: [] };
  const told: Conflict[] = [];
  const rest = ({ pots, batches, cooks, foods, jars, bag, ...other }: Bundle): object => other;
  const list = <K extends List>(key: K): Bundle[K] => {
    const merged = memo.get(key) ?? new Map<object, readonly object[]>();
    memo.set(key, merged);
    const known = merged.get(mine[key]);
    if (known) return known as Bundle[K];
    const joined = mergeLists<Bundle[K][number]>(base[key], mine[key], theirs[key], key, [], told);
    const kept =
      key === 'batches'
        ? whole(joined as readonly Batch[], mine.batches, theirs.batches, told)
        : joined;
    merged.set(mine[key], kept);
    return kept as Bundle[K];
  };
  const lists = Object.fromEntries(LISTS.map((key) => [key, list(key)])) as Pick<Bundle, List>;
  const joined = merge(rest(base), rest(mine), rest(theirs), [], told, '') as object;
  const bundle = { ...mine, ...joined, ...lists };
  const isSettled = [mine, theirs].some(
    ({ batches, jars }) => batches === lists.batches && jars === lists.jars,
  );
  // One jar's litres go to one plan only.
  return { bundle: isSettled ? bundle : settleClaims(bundle), conflicts: told };
}
