/**
 * A link’s records beside those that are here: a record with the id of another, but other content, is taken in as a copy
 * of its own. Nobody's pot or plan is written over by a link.
 */
import type { Batch, Bundle, Pot } from '../core/batch/schema';
import type { OwnFood } from '../core/food';
import { same } from './changes';

interface Named {
  readonly id: string;
  readonly name: string;
}

const NUMBER = / \((\d+)\)$/;
const bare = (name: string): string => name.replace(NUMBER, '');

/** A name that nothing here has. @example numbered('Big enamel', ['Big enamel']) // "Big enamel (2)" */
export function numbered(name: string, taken: readonly string[]): string {
  if (!taken.includes(name)) return name;
  const base = bare(name);
  for (let n = 2; ; n++) if (!taken.includes(`${base} (${n})`)) return `${base} (${n})`;
}

/** Whether one is a copy of the other: alike but for id and number. */
const isCopy = (a: Named, b: Named): boolean =>
  same({ ...a, id: '', name: bare(a.name) }, { ...b, id: '', name: bare(b.name) });

/** Records as they can be taken in: as they are, as the copy that is here already, or as a new copy. */
function copies<T extends Named>(
  here: readonly T[],
  brought: readonly T[],
  newId: () => string,
  isSame: (here: T, brought: T) => boolean = same,
): { readonly records: readonly T[]; readonly ids: ReadonlyMap<string, string> } {
  const byId = new Map(here.map((record) => [record.id, record]));
  const records: T[] = [];
  for (const record of brought) {
    const known = byId.get(record.id);
    if (!known) records.push(record);
    else if (isSame(known, record)) records.push(known);
    else
      records.push(
        here.find((other) => isCopy(other, record)) ?? {
          ...record,
          id: newId(),
          name: numbered(
            record.name,
            [...here, ...records].map(({ name }) => name),
          ),
        },
      );
  }
  return { records, ids: new Map(brought.map(({ id }, i) => [id, records[i]?.id ?? id])) };
}

/** Whether two pots are one, whatever each household has learned of it. */
function samePot(here: Pot, brought: Pot): boolean {
  const { learned: _, measured: __, efficiency: ___, lossWPerK: ____, ...pot } = brought;
  const { learned, measured, efficiency, lossWPerK, ...own } = here;
  return same(own, pot);
}

/** A batch in the pot and with the foods that it has here. */
function fitted(
  batch: Batch,
  pots: ReadonlyMap<string, string>,
  foods: ReadonlyMap<string, OwnFood>,
): Batch {
  const { potId } = batch;
  return {
    ...batch,
    ...(potId !== undefined && { potId: pots.get(potId) ?? potId }),
    items: batch.items.map((item) => {
      const own = item.own && foods.get(item.own.id);
      if (!own || own.id === item.own?.id) return item;
      return { ...item, own, food: item.food === item.own?.name ? own.name : item.food };
    }),
  };
}

/**
 * Gives the records of a linked bundle new ids and names, so that they fit beside those here.
 *
 * @param newId ids for copies
 * @returns the bundle, to be merged; nothing in it changes what is here. Taken twice it adds nothing more
 */
export function besideWhatIsHere(now: Bundle, brought: Bundle, newId: () => string): Bundle {
  const pots = copies(now.pots, brought.pots, newId, samePot);
  const foods = copies(now.foods, brought.foods, newId);
  const own = new Map(brought.foods.map(({ id }, i) => [id, foods.records[i] as OwnFood]));
  const batches = copies(
    now.batches,
    brought.batches.map((batch) => fitted(batch, pots.ids, own)),
    newId,
  );
  return { ...brought, pots: pots.records, foods: foods.records, batches: batches.records };
}
