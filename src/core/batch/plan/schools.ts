/**
 * A choice between schools is an edit of the batch; the kitchen may remember it as its habit.
 */
import { MELTING, spanOf, usualSpan, wishOf, type Food, type Likes, type Span } from '../../food';
import {
  addItems,
  changeItem,
  changeStep,
  enterWith,
  freshItemId,
  removeItem,
  usualEntry,
} from './edit';
import { foodOf } from './named';
import { stepsOf } from './complete';
import { changed } from './defined';
import { isStock } from './kind';
import { atTheEnd, lastOpen } from './late';
import { enteringAt, entryOf, kept, stay } from './stays';
import type { Batch, Item, Schools } from '../schema/types';
import { SCHOOLS, type School, type SchoolKey } from './schoolList';

/** Taste of a kitchen, as wishes of the items that a choice is about. */
const LIKED: Readonly<Record<keyof Likes, (food: Food | undefined, item: Item) => boolean>> = {
  vegetables: (food) => food?.family === 'vegetable' || food?.family === 'aromatic',
  beans: (food) => food?.family === 'pulse' && !MELTING.has(food.key),
  breast: (food, item) => food?.family === 'lean' && !(item.cut && item.cut.shape !== 'whole'),
};

function isLike(key: SchoolKey): key is keyof Likes {
  return key in LIKED;
}

function likedItems(batch: Batch, key: keyof Likes): readonly Item[] {
  return batch.items.filter((item) => item.for !== 'flavour' && LIKED[key](foodOf(item), item));
}

function spanLiked(food: Food | undefined, key: keyof Likes, value: string): Span | null {
  if (!food?.family) return null;
  return usualSpan(food, food.family, { whole: true, late: false }, { [key]: value });
}

/** The choice that the wishes of a batch's items come to; undefined where none is made, or mixed. */
function likedAs(batch: Batch, key: keyof Likes): string | undefined {
  const values = SCHOOLS.find((s) => s.key === key)?.choices.map((c) => c.value) ?? [];
  const items = likedItems(batch, key);
  return values.find(
    (value) =>
      items.length > 0 &&
      items.every((item) => {
        const food = foodOf(item);
        const span = spanLiked(food, key, value);
        const own = item.wish && food?.family ? spanOf(food.family, item.wish) : null;
        return span !== null && own?.from === span.from && own.to === span.to;
      }),
  );
}

function like(batch: Batch, key: keyof Likes, value: string): Batch {
  return likedItems(batch, key).reduce((b, item) => {
    const food = foodOf(item);
    const span = spanLiked(food, key, value);
    return food?.family && span ? changeItem(b, item.id, { wish: wishOf(food.family, span) }) : b;
  }, batch);
}

const isNoodle = (food: Food | undefined): boolean => food?.group === 'pasta';
const isBone = (food: Food | undefined): boolean => food?.group === 'bones';
const isSalt = (food: Food | undefined): boolean =>
  food?.key === 'salt' || food?.key === 'stock-base';

function itemsOf(batch: Batch, is: (food: Food | undefined) => boolean): readonly Item[] {
  return batch.items.filter((item) => is(foodOf(item)));
}

/** The questions that a batch raises. */
export function schoolsOf(batch: Batch): readonly School[] {
  const bones = itemsOf(batch, isBone).length > 0;
  const raised: Readonly<Record<SchoolKey, boolean>> = {
    noodles: itemsOf(batch, isNoodle).length > 0,
    salt: itemsOf(batch, isSalt).length > 0,
    release: stepsOf(batch).some((s) => s.kind === 'pressure'),
    bones,
    vinegar: bones,
    vegetables: likedItems(batch, 'vegetables').length > 0 && !isStock(batch),
    beans: likedItems(batch, 'beans').length > 0,
    breast: likedItems(batch, 'breast').length > 0,
  };
  return SCHOOLS.filter((school) => raised[school.key]);
}

/** Step that is made for blanching or roasting, and how warm and how long. */
const BONES: Readonly<
  Record<'blanched' | 'roasted', { readonly minutes: number; readonly startC: number }>
> = {
  blanched: { minutes: 15, startC: 60 },
  roasted: { minutes: 45, startC: 80 },
};
const BONES_STEP = 'bones';

/** Choice of a batch; undefined where it is mixed. */
export function chosen(batch: Batch, key: SchoolKey): string | undefined {
  const one = (values: readonly string[]): string | undefined =>
    new Set(values).size === 1 ? values[0] : undefined;
  switch (key) {
    case 'noodles':
      return one(itemsOf(batch, isNoodle).map((i) => (i.apart ? 'apart' : 'in')));
    case 'salt': {
      const end = lastOpen(batch);
      return one(itemsOf(batch, isSalt).map((i) => (end && entryOf(i) === end ? 'late' : 'early')));
    }
    case 'release':
      return one(
        stepsOf(batch).flatMap((s) =>
          s.kind === 'pressure' ? [s.release?.method ?? 'natural'] : [],
        ),
      );
    case 'bones':
      return batch.bones ?? 'raw';
    case 'vinegar':
      return batch.items.some((i) => foodOf(i)?.key === 'vinegar') ? 'with' : 'without';
    case 'vegetables':
    case 'beans':
    case 'breast':
      return likedAs(batch, key);
  }
}

function saltAt(batch: Batch, late: boolean): Batch {
  const salt = itemsOf(batch, isSalt).map(({ id }) => id);
  if (late) return atTheEnd(batch, salt);
  return salt.reduce((b, id) => enterWith(b, id, usualEntry(b, null)), batch);
}

function bonesAs(batch: Batch, how: string): Batch {
  const plain: Batch = {
    ...batch,
    steps: stepsOf(batch).filter((s) => s.id !== BONES_STEP),
  };
  const way = how === 'blanched' || how === 'roasted' ? BONES[how] : null;
  const readied = itemsOf(plain, isBone).reduce(
    (b, item) => changeItem(b, item.id, { startC: way?.startC }),
    plain,
  );
  const rest = changed(readied, { bones: undefined });
  if (!way || (how !== 'blanched' && how !== 'roasted')) return rest;
  const first = stepsOf(rest)[0]?.id ?? null;
  return {
    ...rest,
    bones: how,
    // The pot waits empty while the bones are readied: everything goes in with the step after.
    items: rest.items.map((item) => changed<Item>(item, enteringAt(item, entryOf(item) ?? first))),
    steps: [{ id: BONES_STEP, kind: 'prep', minutes: way.minutes }, ...stepsOf(rest)],
  };
}

/** Does a choice. */
export function choose(batch: Batch, key: SchoolKey, value: string): Batch {
  switch (key) {
    case 'noodles':
      return itemsOf(batch, isNoodle).reduce(
        (b, item) =>
          value === 'apart'
            ? changeItem(b, item.id, { apart: true, stays: undefined })
            : changeItem(b, item.id, { apart: undefined }),
        batch,
      );
    case 'salt':
      return saltAt(batch, value === 'late');
    case 'release':
      return stepsOf(batch).reduce(
        (b, step) =>
          changeStep(b, step.id, (s) =>
            s.kind === 'pressure'
              ? { ...s, release: { method: value === 'quick' ? 'quick' : 'natural' } }
              : s,
          ),
        batch,
      );
    case 'bones':
      return bonesAs(batch, value);
    case 'vinegar': {
      const have = batch.items.find((i) => foodOf(i)?.key === 'vinegar');
      if (value === 'without') return have ? removeItem(batch, have.id) : batch;
      if (have) return batch;
      return addItems(batch, [
        {
          id: freshItemId(batch),
          food: 'vinegar',
          amount: { value: 1, unit: 'tbsp' },
          ...kept([stay(usualEntry(batch, null))]),
        },
      ]);
    }
    case 'vegetables':
    case 'beans':
    case 'breast':
      return like(batch, key, value);
  }
}

/** The kitchen's habits done to a batch, as far as it has not chosen otherwise already. */
export function byHabit(before: Batch, after: Batch, habits: Schools | undefined): Batch {
  if (!habits) return after;
  const raised = new Set(schoolsOf(before).map((s) => s.key));
  return schoolsOf(after).reduce((batch, { key }) => {
    const habit = habits[key];
    // The kitchen's taste is already the default of every wish.
    return habit !== undefined && !raised.has(key) && !isLike(key)
      ? choose(batch, key, habit)
      : batch;
  }, after);
}
