/**
 * Two tabs that have changed one household: what each did since they last agreed is joined, record by
 * record and field by field. Data in, data out.
 */
import same from 'fast-deep-equal';
import { batchRefusal, settleClaims } from '../core/batch/household';
import { isFields, type Batch, type Bundle } from '../core/batch/schema';

/** A field that both tabs changed; this tab's value wins. */
export interface Conflict {
  /** In words, such as "Lamb neck: servings". */
  readonly what: string;
}

interface Entry {
  readonly id: string;
}

const isList = (value: unknown): value is readonly Entry[] =>
  Array.isArray(value) &&
  value.every((entry: unknown) => isFields(entry) && typeof entry['id'] === 'string');

/** Ids in the order of whoever changed it; what the other added comes after what it stood behind. */
function order(base: readonly string[], mine: readonly string[], theirs: readonly string[]) {
  const kept = (ids: readonly string[]): readonly string[] => ids.filter((id) => base.includes(id));
  const moved = !same(
    kept(mine),
    base.filter((id) => mine.includes(id)),
  );
  const [first, second] = moved ? [mine, theirs] : [theirs, mine];
  const all = [...first];
  second.forEach((id, i) => {
    if (all.includes(id)) return;
    const behind = second.slice(0, i).findLast((before) => all.includes(before));
    all.splice(behind === undefined ? all.length : all.indexOf(behind) + 1, 0, id);
  });
  return all;
}

function mergeLists<E extends Entry>(
  base: readonly E[],
  mine: readonly E[],
  theirs: readonly E[],
  path: readonly string[],
  told: Conflict[],
): readonly E[] {
  const ids = (list: readonly E[]): readonly string[] => list.map((entry) => entry.id);
  const byId = (list: readonly E[]) => new Map(list.map((entry) => [entry.id, entry]));
  const [b, m, t] = [byId(base), byId(mine), byId(theirs)];
  return order(ids(base), ids(mine), ids(theirs)).flatMap((id) => {
    const named = nameOf(m.get(id) ?? t.get(id));
    const entry = merge(b.get(id), m.get(id), t.get(id), named ? [...path, named] : path, told);
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
 * @returns undefined for what is gone
 */
function merge(
  base: unknown,
  mine: unknown,
  theirs: unknown,
  path: readonly string[],
  told: Conflict[],
): unknown {
  if (mine === theirs || same(base, theirs)) return mine;
  if (same(base, mine)) return theirs;
  if (same(mine, theirs)) return mine;
  if (isFields(mine) && isFields(theirs)) {
    const was = isFields(base) ? base : {};
    const keys = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
    const fields = [...keys].flatMap((key) => {
      const value = merge(was[key], mine[key], theirs[key], [...path, key], told);
      return value === undefined ? [] : [[key, value] as const];
    });
    return Object.fromEntries(fields);
  }
  if (isList(mine) && isList(theirs))
    return mergeLists(isList(base) ? base : [], mine, theirs, path, told);
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

/** A merged batch whose parts no longer fit each other stands twice: as each tab had it. */
function whole(
  merged: readonly Batch[],
  mine: readonly Batch[],
  theirs: readonly Batch[],
  told: Conflict[],
): readonly Batch[] {
  return merged.flatMap((batch) => {
    const own = mine.find((b) => b.id === batch.id);
    const other = theirs.find((b) => b.id === batch.id);
    // A part that equals one side is consistent.
    if (batch === own || batch === other || batchRefusal(batch) === null) return [batch];
    if (!own || !other) return own ?? other ?? [];
    told.push({ what: `${batch.name}: kept as both tabs have it` });
    return [own, { ...other, id: `${other.id}-other`, name: `${other.name}, other tab` }];
  });
}

/**
 * Joins what two tabs made of one household.
 *
 * @param base what both began with
 * @returns what holds the changes of both; where both changed one field this tab's stands, and is told
 */
export function mergeBundles(base: Bundle, mine: Bundle, theirs: Bundle): Merged {
  if (mine === base) return { bundle: theirs, conflicts: [] };
  const told: Conflict[] = [];
  const rest = ({ pots, batches, cooks, foods, jars, bag, ...other }: Bundle): object => other;
  const list = <K extends 'pots' | 'batches' | 'cooks' | 'foods' | 'jars' | 'bag'>(key: K) =>
    mergeLists<Bundle[K][number]>(base[key], mine[key], theirs[key], [], told);
  const joined = merge(rest(base), rest(mine), rest(theirs), [], told) as object;
  const batches = whole(list('batches'), mine.batches, theirs.batches, told);
  return {
    // One jar's litres go to one plan only.
    bundle: settleClaims({
      ...mine,
      ...joined,
      pots: list('pots'),
      batches,
      cooks: list('cooks'),
      foods: list('foods'),
      jars: list('jars'),
      bag: list('bag'),
    }),
    conflicts: told,
  };
}
