/** Changes to a batch, each a new batch. Pure, so that the screen can undo them. */
import { amountGrams, amountOfGrams, foodByKey, wholeMm, type Food } from '../../food';
import { isMassUnit, type Amount } from '../../quantity';
import { stepsOf } from './complete';
import { changed, type Changes } from './defined';
import { foodOf } from './named';
import {
  enteringAt,
  entryIndex,
  exitOf,
  indexOfStep,
  kept,
  stay,
  staysOf,
  withoutStep,
} from './stays';
import type { Batch, Item, PressureStep, Release, Step } from '../schema/types';

const lidsOf = (steps: readonly Step[]): readonly PressureStep[] =>
  steps.filter((step) => step.kind === 'pressure');

export function addItems(batch: Batch, items: readonly Item[]): Batch {
  return { ...batch, items: [...batch.items, ...items] };
}

/** A thickness this near follows from the weight. */
const NEAR = 0.03;

/** One piece that is as thick as its weight makes it stays so when its weight changes. */
function resized(before: Item, after: Item): Item {
  const food = foodOf(before);
  const { cut } = after;
  if (!food || cut?.shape !== 'whole' || !isMassUnit(before.amount.unit)) return after;
  const grams = (item: Item): number => amountGrams(food, item.amount) ?? 0;
  const was = wholeMm(food, grams(before)) ?? 0;
  const mm = wholeMm(food, grams(after));
  if (mm === null || mm === was || Math.abs(cut.mm / was - 1) > NEAR) return after;
  return { ...after, cut: { ...cut, mm } };
}

/** Changes to an item; "leave it to the usual" is said by undefined. */
export type ItemChange = Changes<Omit<Item, 'id'>>;

export function changeItem(batch: Batch, id: string, change: ItemChange): Batch {
  return {
    ...batch,
    items: batch.items.map((item) => {
      if (item.id !== id) return item;
      const next = changed<Item>(item, change);
      return 'cut' in change ? next : resized(item, next);
    }),
  };
}

/** Has an item go in with another step; what it did before that step falls away. */
export function enterWith(batch: Batch, id: string, step: string | null): Batch {
  const item = batch.items.find((i) => i.id === id);
  if (!item) return batch;
  const steps = stepsOf(batch);
  const moved = { ...item, ...enteringAt(item, step) };
  const all = staysOf(item);
  const at = entryIndex(moved, steps);
  const fits = all.length === 1 || indexOfStep(steps, all[0].to, steps.length) > at;
  return changeItem(batch, id, fits ? enteringAt(item, step) : kept([stay(step, exitOf(item))]));
}

export function removeItem(batch: Batch, id: string): Batch {
  return { ...batch, items: batch.items.filter((item) => item.id !== id) };
}

/** Changes a step; a proposed plan becomes the batch's own on its first change. */
export function changeStep(batch: Batch, id: string, change: (step: Step) => Step): Batch {
  return { ...batch, steps: stepsOf(batch).map((step) => (step.id === id ? change(step) : step)) };
}

/** @example setHold(batch, 's1', 50).steps[0].holdMin // 50 */
export function setHold(batch: Batch, id: string, holdMin: number): Batch {
  return changeStep(batch, id, (s) => (s.kind === 'pressure' ? { ...s, holdMin } : s));
}

export function setRelease(batch: Batch, id: string, release: Release): Batch {
  return changeStep(batch, id, (s) => (s.kind === 'pressure' ? { ...s, release } : s));
}

/** Sets the minutes of an open step; those a side no longer count. */
export function setMinutes(batch: Batch, id: string, minutes: number): Batch {
  return changeStep(batch, id, (s) => {
    if (s.kind === 'pressure') return s;
    if (s.kind !== 'saute') return { ...s, minutes };
    const { sideMin: _, ...whole } = s;
    return { ...whole, minutes };
  });
}

/**
 * A batch timed by steps that were written among its ingredients. One lid gives its minutes and its release to the
 * batch's own one lid; all other steps follow at the end.
 *
 * @example timedBy({ items: [] }, [{ id: 's1', kind: 'pressure', holdMin: 8 }]).steps[0].holdMin // 8
 */
export function timedBy(batch: Batch, read: readonly Step[]): Batch {
  const [ownLid, secondLid] = lidsOf(stepsOf(batch));
  const [lid, another] = lidsOf(read);
  const joins = ownLid && lid && !secondLid && !another;
  const timed = joins
    ? changeStep(batch, ownLid.id, (step) => ({ ...step, ...lid, id: step.id }))
    : batch;
  return read
    .filter((step) => !joins || step !== lid)
    .reduce(
      (next, step) =>
        insertStep(next, stepsOf(next).at(-1)?.id ?? null, { ...step, id: freshStepId(next) }),
      timed,
    );
}

/** Puts a step after another, or first when `after` is null. */
export function insertStep(batch: Batch, after: string | null, step: Step): Batch {
  const steps = [...stepsOf(batch)];
  steps.splice(after === null ? 0 : steps.findIndex((s) => s.id === after) + 1, 0, step);
  return { ...batch, steps };
}

/** Removes a step; what entered or left with it goes to the step before, or the first left. */
export function removeStep(batch: Batch, id: string): Batch {
  const steps = stepsOf(batch);
  const at = steps.findIndex((s) => s.id === id);
  const left = steps.filter((s) => s.id !== id);
  if (at < 0 || left.length === 0) return batch;
  const before = left[Math.max(0, at - 1)]?.id ?? null;
  return {
    ...batch,
    steps: left,
    items: batch.items.map((item) => changed<Item>(item, withoutStep(item, id, before))),
  };
}

/**
 * Opens the pot part-way through a hold: two holds with an opening between, the release of the
 * first as quick as can be.
 *
 * @param afterMin minutes of the first hold, more than 0 and less than the whole
 */
export function splitHold(batch: Batch, id: string, afterMin: number): Batch {
  const step = stepsOf(batch).find((s) => s.id === id);
  if (step?.kind !== 'pressure' || afterMin <= 0 || afterMin >= step.holdMin) return batch;
  const first = changeStep(batch, id, (s) => ({
    ...s,
    holdMin: afterMin,
    release: { method: 'quick' },
  }));
  const door = freshStepId(first);
  const opened = insertStep(first, id, { id: door, kind: 'open', minutes: 3 });
  return insertStep(opened, door, {
    ...step,
    id: freshStepId(opened),
    holdMin: step.holdMin - afterMin,
  });
}

/** Puts a step at another place in the order; where there is no such place nothing changes. */
export function placeStep(batch: Batch, id: string, to: number): Batch {
  const steps = [...stepsOf(batch)];
  const at = steps.findIndex((s) => s.id === id);
  const step = steps[at];
  if (!step || to === at || to < 0 || to >= steps.length) return batch;
  steps.splice(at, 1);
  steps.splice(to, 0, step);
  return { ...batch, steps };
}

/** Moves a step one place earlier (-1) or later (1); at the ends nothing changes. */
export function moveStep(batch: Batch, id: string, by: -1 | 1): Batch {
  return placeStep(batch, id, stepsOf(batch).findIndex((s) => s.id === id) + by);
}

/** A step id that the batch does not have yet. */
export function freshStepId(batch: Batch): string {
  const ids = new Set(stepsOf(batch).map((s) => s.id));
  let n = 1;
  while (ids.has(`s${n}`)) n++;
  return `s${n}`;
}

/** An item id that the batch does not have yet. */
export function freshItemId(batch: Batch): string {
  const ids = new Set(batch.items.map((i) => i.id));
  let n = batch.items.length + 1;
  while (ids.has(`i${n}`)) n++;
  return `i${n}`;
}

/** The water of a batch: its first item of water. */
export function waterItem(batch: Batch): Item | undefined {
  return batch.items.find((item) => foodOf(item)?.key === 'water');
}

/**
 * Default step at which a food goes in: the first; liquids wait until browning
 * is over.
 */
export function usualEntry(batch: Batch, food: Food | null): string | null {
  const steps = stepsOf(batch);
  const liquid = food?.group === 'liquid' || food?.group === 'dairy';
  const wet = steps.find((s) => s.kind !== 'saute' && s.kind !== 'prep');
  return ((liquid ? wet : undefined) ?? steps[0])?.id ?? null;
}

/** Water in the batch's first water item, L. */
export function waterL(batch: Batch): number {
  const item = waterItem(batch);
  return item ? litresOf(item) : 0;
}

/** How much of a liquid an item is, L. */
export function litresOf(item: Item): number {
  const food = foodOf(item);
  return food ? (amountGrams(food, item.amount) ?? 0) / gramsPerLitre(food) : 0;
}

function gramsPerLitre(food: Food): number {
  return amountGrams(food, { value: 1, unit: 'l' }) ?? 1000;
}

/**
 * Sets the batch's water in its given unit; adds water if there is none.
 *
 * @param litres from 0; below a teaspoon the item goes
 * @example setWater(batch, 1.5).items.at(-1).amount // { value: 1.5, unit: 'l' }
 */
export function setWater(batch: Batch, litres: number): Batch {
  return setLitres(batch, waterItem(batch), litres, usualEntry(batch, foodByKey('water') ?? null));
}

/**
 * Sets how much of a liquid an item is, in the unit it is given in.
 *
 * @param item undefined for water that is yet to be added
 * @param litres from 0; below a teaspoon the item goes
 * @param enters step that water yet to be added goes in with
 */
export function setLitres(
  batch: Batch,
  item: Item | undefined,
  litres: number,
  enters: string | null,
): Batch {
  const food = item ? foodOf(item) : foodByKey('water');
  if (!food) return batch;
  if (litres < 0.005) return item ? removeItem(batch, item.id) : batch;
  const like: Amount = item?.amount ?? { value: 1, unit: 'l' };
  const amount = amountOfGrams(food, like, litres * gramsPerLitre(food));
  return item
    ? changeItem(batch, item.id, { amount, upTo: undefined })
    : addItems(batch, [
        changed<Item>({ id: freshItemId(batch), food: food.key, amount }, kept([stay(enters)])),
      ]);
}

/** Every amount times a factor. */
export function scaleBatch(batch: Batch, factor: number): Batch {
  const servings =
    batch.servings === undefined ? undefined : Math.max(1, Math.round(batch.servings * factor));
  return {
    ...batch,
    ...(servings !== undefined && { servings }),
    items: batch.items.map((item) => {
      const value = Number((item.amount.value * factor).toPrecision(6));
      return resized(item, { ...item, amount: { ...item.amount, value } });
    }),
  };
}
