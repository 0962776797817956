import { foodByKey, foodInAmount, ownFood, resolveFood, type Food } from '../../food';
import type { Item } from '../schema/types';

/** The food an item names, of the kitchen or of the table; undefined if there is none. */
export function namedFood(item: Pick<Item, 'food' | 'own'>): Food | undefined {
  return item.own ? ownFood(item.own) : (foodByKey(item.food) ?? resolveFood(item.food));
}

const BROTHS = new WeakMap<NonNullable<Item['broth']>, Food>();

/** A broth of this household: its own name and salt. */
function asBroth(food: Food, broth: NonNullable<Item['broth']>): Food {
  const before = BROTHS.get(broth);
  if (before?.key === food.key) return before;
  const { name = food.name, saltPercent = food.saltPercent } = broth;
  const made = { ...food, name, saltPercent };
  BROTHS.set(broth, made);
  return made;
}

/** The food that an item is, in the form in which its amount is bought. */
export function foodOf(item: Pick<Item, 'food' | 'own' | 'amount' | 'broth'>): Food | undefined {
  const food = namedFood(item);
  if (!food) return undefined;
  const bought = foodInAmount(food, item.amount);
  return item.broth ? asBroth(bought, item.broth) : bought;
}
