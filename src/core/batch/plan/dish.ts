/** Kind of dish, by the words of a batch's name: in some, grain and pulse are meant to break down. */
import { gradesOf, type Dish, type Food, type Span } from '../../food';
import type { Batch } from '../schema/types';

/** Names of dishes of many kitchens (common practice); the first that is found holds. */
const NAMED: readonly (readonly [RegExp, Dish])[] = [
  [
    /\b(?:congee|jook|juk|okayu|zhou|cháo|arroz caldo|lugaw|rice soup, thick|porridge|haleem|harees|hareesa|grits|polenta|kheer|rice pudding)\b/iu,
    'porridge',
  ],
  [/\b(?:da[ha]?l|dh[au]l|daal|sambar|sambhar|tadka|khichdi|khichri|kitchari|misir)\b/iu, 'dal'],
  [
    /\b(?:split[- ]peas?|pea soup|peas? pudding|pease|erwtensoep|snert|mushy peas|refried|fava santorini|ful)\b/iu,
    'dal',
  ],
  [/\b(?:feijoada|red beans|charro|frijoles|baked beans|porotos|hoppin)\b/iu, 'beans'],
  [/\b(?:pilaf|pilau|pulao|plov|biryani|jollof|salad)\b/iu, 'pilaf'],
];

/**
 * Kind of dish of a batch.
 *
 * @example dishKind({ name: 'Chicken congee' }) // "porridge"
 */
export function dishKind({ name }: Pick<Batch, 'name'>): Dish {
  return NAMED.find(([words]) => words.test(name))?.[1] ?? 'soup';
}

/** Whether an item is meant to break down, so that what it drinks is the dish itself. */
export function isToBreakDown({
  food,
  wish,
}: {
  readonly food: Food;
  readonly wish: Span | null;
}): boolean {
  if (!food.family || !wish || (food.family !== 'grain' && food.family !== 'pulse')) return false;
  return wish.from >= gradesOf(food.family).length - 2;
}
