import {
  inTheirPots,
  sameFood,
  type Batch,
  type Bundle,
  type Item,
  type Cook,
  type Pot,
  type SchoolKey,
} from '@/core/batch';
import type { OwnFood } from '@/core/food';
import { change, useApp } from '@/store';

/** The household; only called below the shell, which shows nothing without one. */
export function useHousehold(): Bundle {
  const household = useApp((s) => s.household);
  if (!household) throw new Error('no household');
  return household;
}

function withBatch(h: Bundle, batch: Batch): Bundle {
  return {
    ...h,
    batches: h.batches.some((b) => b.id === batch.id)
      ? h.batches.map((b) => (b.id === batch.id ? batch : b))
      : [...h.batches, batch],
  };
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
    foods: h.foods.some((f) => f.id === food.id)
      ? h.foods.map((f) => (f.id === food.id ? food : f))
      : [...h.foods, food],
  };
}

/**
 * @param put what was put into it just now: foods that it makes are the kitchen's from here on
 * @returns whether it was kept
 */
export function saveBatch(batch: Batch, put: readonly Pick<Item, 'own'>[] = []): boolean {
  return change((h) => {
    const made = put.flatMap(({ own }) =>
      own && !h.foods.some((f) => sameFood(f, own)) ? [own] : [],
    );
    return made.reduce(withFood, withBatch(h, batch));
  });
}

function withPots(h: Bundle, pots: Bundle['pots']): Bundle {
  return { ...h, pots, batches: inTheirPots(h.batches, pots) };
}

/** Batches that stand in it and do not fit it any more are put right. */
export function savePot(pot: Pot): void {
  change((h) =>
    withPots(
      h,
      h.pots.some((p) => p.id === pot.id)
        ? h.pots.map((p) => (p.id === pot.id ? pot : p))
        : [...h.pots, pot],
    ),
  );
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

export function saveCook(cook: Cook): void {
  change((h) => ({
    ...h,
    cooks: h.cooks.some((r) => r.id === cook.id)
      ? h.cooks.map((r) => (r.id === cook.id ? cook : r))
      : [...h.cooks, cook],
  }));
}

/** The cook still on the stove, the newest first. */
export function cookOnStove(household: Bundle): Cook | undefined {
  return household.cooks
    .filter((r) => !r.endedAt)
    .sort((a, b) => (a.startedAt < b.startedAt ? 1 : -1))[0];
}
