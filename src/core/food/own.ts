/**
 * Foods of a kitchen: what is in no table, cooked as the food of the table that it is like. Only
 * what differs is kept, so that a better table is a better food of the kitchen too.
 */
import { foodByKey, indexWith, resolveFood, type FoodIndex } from './match';
import type { Food, OwnFood } from './types';

const MADE = new WeakMap<OwnFood, Food>();

/** Foaming of what its cook says foams: the trade's half line counts (practice). */
const FOAMS = 2;

function made(own: OwnFood): Food | undefined {
  const like = resolveFood(own.like);
  if (!like) return undefined;
  const foaming = like.foaming > FOAMS ? like.foaming : FOAMS;
  return {
    ...like,
    name: own.name,
    aliases: [],
    source: 'assumed',
    own,
    ...(own.pieceG !== undefined && { pieceG: own.pieceG }),
    ...(own.cooked !== undefined && { cooked: own.cooked }),
    foaming: own.foams === undefined ? like.foaming : own.foams ? foaming : 0,
  };
}

/**
 * The food of the table with the kitchen's own values. It keeps the key of the table's
 * food, which softening, gelatine and safety use.
 *
 * @returns undefined where `like` names no food of the table
 */
export function ownFood(own: OwnFood): Food | undefined {
  const before = MADE.get(own);
  if (before) return before;
  const food = made(own);
  if (food) MADE.set(own, food);
  return food;
}

/** A word of a kitchen, and the food that is meant by it: the key of the table, or a name of the kitchen. */
export interface Meant {
  readonly said: string;
  readonly food: string;
}

const INDEXES = new WeakMap<readonly OwnFood[], WeakMap<readonly Meant[], FoodIndex>>();
const NO_WORDS: readonly Meant[] = [];

/** The table and the foods of a kitchen, these first, by the words of their names and those of the kitchen. */
export function indexOf(foods: readonly OwnFood[], words: readonly Meant[] = NO_WORDS): FoodIndex {
  const byWords = INDEXES.get(foods) ?? new WeakMap<readonly Meant[], FoodIndex>();
  const before = byWords.get(words);
  if (before) return before;
  const own = foods.flatMap((food) => ownFood(food) ?? []);
  const named = words.flatMap(({ said, food }) => {
    const meant = own.find(({ name }) => name === food) ?? foodByKey(food);
    return meant ? [{ food: meant, name: said }] : [];
  });
  const index = indexWith(own, named);
  INDEXES.set(foods, byWords.set(words, index));
  return index;
}
