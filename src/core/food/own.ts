/**
 * Foods of a kitchen: what is in no table, cooked as the food of the table that it is like. Only
 * what differs is kept, so that a better table is a better food of the kitchen too.
 */
import { indexWith, resolveFood, type FoodIndex } from './match';
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
 * The food of the table with what the kitchen says of its own. Its key stays that of the table's
 * food, which is what softening, gelatine and safety go by.
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

const INDEXES = new WeakMap<readonly OwnFood[], FoodIndex>();

/** The table and the foods of a kitchen, these first, by the words of their names. */
export function indexOf(foods: readonly OwnFood[]): FoodIndex {
  const before = INDEXES.get(foods);
  if (before) return before;
  const index = indexWith(foods.flatMap((own) => ownFood(own) ?? []));
  INDEXES.set(foods, index);
  return index;
}
