import { foodByKey, foodInAmount, ownFood, resolveFood, type Food } from '../food';
import type { Item } from './types';

/** The food an item names, of the kitchen or of the table; undefined where there is none. */
export function namedFood(item: Pick<Item, 'food' | 'own'>): Food | undefined {
  return item.own ? ownFood(item.own) : (foodByKey(item.food) ?? resolveFood(item.food));
}

/** The food that an item is, in the form in which its amount is bought. */
export function foodOf(item: Pick<Item, 'food' | 'own' | 'amount'>): Food | undefined {
  const food = namedFood(item);
  return food && foodInAmount(food, item.amount);
}
