import { trimClaims, withWord } from '@/core/batch/household';
import { inTheirPots, potOf, sameFood, type SchoolKey } from '@/core/batch/plan';
import type { Batch, Bundle, Item, Cook, Pot, After, CoolingKept } from '@/core/batch/schema';
import { filledUp } from '@/core/fill';
import type { Meant, OwnFood } from '@/core/food';
import { change, useApp } from '@/store';

/** The household; only called below the shell, which shows nothing without one. */
export function useHousehold(): Bundle {
  const household = useApp((s) => s.household);
  if (!household) throw new Error('no household');
  return household;
}

/** A list with records in the places of those with their ids; new ones come last. */
export function withRecords<T extends { readonly id: string }>(
  list: readonly T[],
  records: readonly T[],
): readonly T[] {
  const byId = new Map(records.map((record) => [record.id, record]));
  const known = new Set(list.map(({ id }) => id));
  return [
    ...list.map((one) => byId.get(one.id) ?? one),
    ...records.filter(({ id }) => !known.has(id)),
  ];
}

/** Amounts that fill the pot up to a mark follow whenever the rest changes. */
function filled({ pots, kitchen }: Pick<Bundle, 'pots' | 'kitchen'>, batch: Batch): Batch {
  return filledUp(batch, potOf(batch, pots), kitchen);
}

/** The plans that hold a food of the kitchen hold it as it is now; what was cooked stays as it was. */
function withFood(h: Bundle, food: OwnFood): Bundle {
  const renew = (batch: Batch): Batch =>
    batch.items.some((item) => item.own?.id === food.id)
      ? {
          ...batch,
          items: batch.items.map((item) =>
            item.own?.id === food.id ? { ...item, food: food.name, own: food } : item,
          ),
        }
      : batch;
  return {
    ...h,
    batches: h.batches.map(renew),
    foods: withRecords(h.foods, [food]),
  };
}

function withWords(h: Bundle, meant: readonly Meant[]): Bundle {
  if (meant.length === 0) return h;
  const words = meant.reduce((all, word) => [...withWord(all, word)], [...(h.kitchen.words ?? [])]);
  return { ...h, kitchen: { ...h.kitchen, words } };
}

/** Belongings of a plan that is saved: written with it, and undone with it. */
interface With {
  /** Items put into it just now: foods that they make are the kitchen's from here on. */
  readonly put?: readonly Pick<Item, 'own'>[];
  /** Words that a cook has put right: they are the kitchen's from here on. */
  readonly words?: readonly Meant[];
  /** Second half of a plan that was split. */
  readonly second?: Batch | undefined;
}

/** @returns whether it was kept */
export function saveBatch(batch: Batch, { put = [], words = [], second }: With = {}): boolean {
  return change((h) => {
    const made = put.flatMap(({ own }) =>
      own && !h.foods.some((f) => sameFood(f, own)) ? [own] : [],
    );
    const plans = [batch, ...(second ? [second] : [])].map((one) => trimClaims(filled(h, one)));
    const planned = { ...h, batches: withRecords(h.batches, plans) };
    return made.reduce(withFood, withWords(planned, words));
  });
}

function withPots(h: Bundle, pots: Bundle['pots']): Bundle {
  const batches = inTheirPots(h.batches, pots);
  return { ...h, pots, batches: batches.map((batch) => filled({ ...h, pots }, batch)) };
}

/** Repairs the batches in it that no longer fit. */
export function savePot(pot: Pot): void {
  change((h) => withPots(h, withRecords(h.pots, [pot])));
}

export function deletePot(id: string): void {
  change((h) =>
    withPots(
      h,
      h.pots.filter((p) => p.id !== id),
    ),
  );
}

export function saveFood(food: OwnFood): void {
  change((h) => withFood(h, food));
}

/** Forgets a food of the kitchen; the plans that hold it keep it. */
export function deleteFood(id: string): void {
  change((h) => ({ ...h, foods: h.foods.filter((f) => f.id !== id) }));
}

export function deleteBatch(id: string): void {
  change((h) => ({ ...h, batches: h.batches.filter((b) => b.id !== id) }));
}

/** Remembers a choice as the kitchen's habit, or forgets it. */
export function saveHabit(key: SchoolKey, value: string | undefined): void {
  change((h) => {
    const habits = Object.entries({ ...h.kitchen.habits, [key]: value });
    return {
      ...h,
      kitchen: {
        ...h.kitchen,
        habits: Object.fromEntries(habits.filter(([, v]) => v !== undefined)),
      },
    };
  });
}

/** Keeps a word that a cook has put right: it is the kitchen's from here on. */
export function saveWord(word: Meant): void {
  change((h) => withWords(h, [word]));
}

/** Forgets a word of the kitchen. */
export function deleteWord(said: string): void {
  change((h) => ({
    ...h,
    kitchen: { ...h.kitchen, words: (h.kitchen.words ?? []).filter((word) => word.said !== said) },
  }));
}

export function saveCook(cook: Cook): void {
  change((h) => ({ ...h, cooks: withRecords(h.cooks, [cook]) }));
}

/** Number of rehearsals kept. */
const REHEARSALS = 10;

/** The rehearsals of a batch that are over, the newest first. */
export function rehearsalsOf(cooks: readonly Cook[], batch: string): readonly Cook[] {
  return cooks
    .filter((cook) => cook.rehearsal && cook.endedAt && cook.batch.id === batch)
    .toSorted((a, b) => b.startedAt.localeCompare(a.startedAt));
}

/** Keeps a practice run; one that was left, and the oldest of too many, go for it. */
export function saveRehearsal(cook: Cook): void {
  change((h) => {
    const before = h.cooks
      .filter((c) => c.rehearsal && c.endedAt)
      .toSorted((a, b) => b.startedAt.localeCompare(a.startedAt))
      .slice(0, REHEARSALS - 1);
    const kept = new Set<Cook>(before);
    return { ...h, cooks: [...h.cooks.filter((c) => !c.rehearsal || kept.has(c)), cook] };
  });
}

/** A household with one of its cooks changed. */
export function withCook(h: Bundle, id: string, edit: (cook: Cook) => Cook): Bundle {
  return { ...h, cooks: h.cooks.map((cook) => (cook.id === id ? edit(cook) : cook)) };
}

/** Changes a cook as it is by now, whatever a page has drawn of it. */
export function changeCook(id: string, edit: (cook: Cook) => Cook): void {
  change((h) => withCook(h, id, edit));
}

/** The cooks still on the stove, the first begun first. */
export function cooksOnStove({ cooks }: Pick<Bundle, 'cooks'>): readonly Cook[] {
  return cooks
    .filter((cook) => !cook.endedAt)
    .sort((a, b) => a.startedAt.localeCompare(b.startedAt) || a.id.localeCompare(b.id));
}

/** Whether something is on the stove. */
export function isCooking({ cooks }: Pick<Bundle, 'cooks'>): boolean {
  return cooks.some((cook) => !cook.endedAt);
}

/** A cook whose rest is getting cold. */
export type CoolingCook = Cook & { readonly after: After & { readonly cooling: CoolingKept } };

export function coolingNow(cooks: readonly Cook[]): readonly CoolingCook[] {
  return cooks.filter(
    (cook): cook is CoolingCook =>
      cook.after?.cooling !== undefined && cook.after.cooling.endedAt === undefined,
  );
}
