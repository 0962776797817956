/** How much one line can be of: beyond it, it is asked about (common practice for pots up to 12 l, no source). */
import { amountGrams, type Food, type FoodGroup } from '../../food';
import type { Amount } from '../../quantity';

/** Most that a line puts into a home pot, g. */
const MOST_G: Readonly<Partial<Record<FoodGroup, number>>> = {
  seasoning: 300,
  leaf: 2000,
  fat: 600,
  liquid: 12_000,
  dairy: 3000,
  pasta: 2000,
  grain: 2000,
  pulse: 3000,
};
const MOST_OTHER_G = 8000;
/** Of some things less is much. */
const MOST_OF_G: Readonly<Record<string, number>> = {
  salt: 120,
  'bay-leaf': 10,
  saffron: 5,
  garlic: 800,
  ginger: 500,
  'black-pepper': 60,
  'whole-spice': 60,
  sugar: 1000,
  vinegar: 1000,
  'soy-sauce': 500,
  'fish-sauce': 300,
  spirits: 500,
};

/** Whether it is more than a line of a home cook can mean. */
export function isTooMuch(food: Food, amount: Amount): boolean {
  const grams = amountGrams(food, amount);
  const most = MOST_OF_G[food.key] ?? MOST_G[food.group] ?? MOST_OTHER_G;
  return grams !== null && grams > most;
}
