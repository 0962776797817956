/** Names of foods as they are spoken, without what they are bought as ("split peas, dry"). */

/** @example spoken('split peas, dry') // "split peas" */
export function spoken(name: string): string {
  return name.split(',')[0] ?? name;
}

/** @example capital('split peas') // "Split peas" */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Names in a row. @example inARow(['oats', 'rye', 'barley']) // "oats, rye and barley" */
export const inARow = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** Whether a name speaks of many. @example isMany('egg noodles') // true */
export function isMany(name: string): boolean {
  return /[^su]s$/.test(spoken(name)) || spoken(name).includes(' and ');
}

/** A name with its verb in the right number. @example does('split peas, dry', 'stays', 'stay') // "Split peas stay" */
export function does(name: string, one: string, many: string): string {
  return `${capital(spoken(name))} ${isMany(name) ? many : one}`;
}

/** Count words for a food that comes without a number. */
const COUNTED: readonly (readonly [food: RegExp, one: string, many: string])[] = [
  [/^garlic$/, 'clove of garlic', 'cloves of garlic'],
  [/^celery$/, 'stick of celery', 'sticks of celery'],
  [/^ginger$/, 'piece of ginger', 'pieces of ginger'],
  [/^lemon juice$/, 'lemon, its juice', 'lemons, their juice'],
];

/** Last words of names that are counted. */
const HEADS =
  /\b(thigh|breast|leg|wing|shank|hock|fillet|cheek|trotter|knuckle|bone|frame|carrot|parsnip|turnip|swede|leek|onion|sweet pepper|courgette|aubergine|cabbage|apple|egg|plantain|pumpkin|orange|neck|lettuce|avocado|lime|lemon|chicken|turkey|tomatillo|chayote|celeriac|kohlrabi|bay leaf|cinnamon stick|tomato|potato|mango|fresh chili|squash|foot)$/;
const MANY: readonly (readonly [RegExp, string])[] = [
  [/leaf$/, 'leaves'],
  [/foot$/, 'feet'],
  [/(tomato|potato|mango|squash)$/, '$1es'],
  [/$/, 's'],
];

/**
 * Name of a food as it is counted.
 *
 * @param pieces how many; null where it is weighed or measured
 * @example counted('bay leaf', 2) // "bay leaves"
 * @example counted('garlic', 3) // "cloves of garlic"
 */
export function counted(name: string, pieces: number | null): string {
  if (pieces === null) return name;
  const word = COUNTED.find(([food]) => food.test(name));
  if (word) return pieces > 1 ? word[2] : word[1];
  const [head = name, ...rest] = name.split(', ');
  if (pieces <= 1 || !HEADS.test(head)) return name;
  const [ending, to] = MANY.find(([one]) => one.test(head)) ?? [/$/, 's'];
  return [head.replace(ending, to), ...rest].join(', ');
}
