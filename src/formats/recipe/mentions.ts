/** Which of a recipe's foods a sentence speaks of. */
import { nameWords, type Food, type FoodGroup } from '../../core/food';

/** Words for a whole group of foods in recipes. */
const GROUP_WORDS: Readonly<Partial<Record<FoodGroup, readonly string[]>>> = {
  bones: ['bone'],
  fish: ['fish'],
  grain: ['grain'],
  leaf: ['green'],
  meat: ['meat'],
  pasta: ['pasta', 'noodle'],
  poultry: ['meat', 'bird'],
  pulse: ['bean', 'pulse'],
  seasoning: ['spice'],
  vegetable: ['vegetable'],
};

/** Words of a name that tell no food from another. */
const COMMON = new Set(
  'and the for from or black bone brown can canned cut dried dry fresh frozen green ground in large of powder red skin small smoked sweet unsalted white whole with yellow'.split(
    ' ',
  ),
);

/** Terms for a food, the surest first: its names, the words in them, its group. */
function termsOf(food: Food): readonly (readonly string[])[] {
  const names = [food.name, ...food.aliases].map((n) => nameWords(n.split(',')[0] ?? '').join(' '));
  // "Beef stock" is no beef: of what is poured only its last word tells.
  const poured = food.group === 'liquid' || food.group === 'fat';
  const words = names
    .flatMap((n) => (poured ? n.split(' ').slice(-1) : n.split(' ')))
    .filter((w) => w.length > 2 && !COMMON.has(w));
  return [names, words, GROUP_WORDS[food.group] ?? []];
}

const WORDS = new WeakMap<Food, readonly string[]>();

/** Every word that may speak of a food. */
export function wordsOfTerms(food: Food): readonly string[] {
  const before = WORDS.get(food);
  if (before) return before;
  const words = termsOf(food).flatMap((terms) => terms.flatMap((term) => term.split(' ')));
  WORDS.set(food, words);
  return words;
}

/** Words that a sentence may use for some of a recipe's lines. */
export interface Term {
  readonly words: readonly string[];
  readonly lines: readonly number[];
}

/**
 * Terms for all foods of a recipe, in the order they are to be looked for: a longer name before a
 * shorter one inside it, words of names after names, groups last.
 *
 * @param foods of the recipe's lines; null where a line named none
 */
export function termsIn(foods: readonly (Food | null)[]): readonly Term[] {
  const ranks: readonly Map<string, number[]>[] = [new Map(), new Map(), new Map()];
  foods.forEach((food, line) => {
    if (!food) return;
    termsOf(food).forEach((terms, rank) => {
      for (const term of new Set(terms))
        ranks[rank]?.set(term, [...(ranks[rank]?.get(term) ?? []), line]);
    });
  });
  return ranks.flatMap((terms) =>
    [...terms]
      .sort(([a], [b]) => b.length - a.length)
      .map(([term, lines]) => ({ words: term.split(' '), lines })),
  );
}

/**
 * Lines whose foods a sentence names.
 *
 * @returns their indexes, in order
 * @example mentioned('Add the spring onions', termsIn([onion, springOnion])) // [1]
 */
export function mentioned(sentence: string, terms: readonly Term[]): readonly number[] {
  // "The chicken, broth and rice" names no chicken broth.
  const left: (string | null)[] = sentence
    .split(/[,;:]/)
    .flatMap((words) => [...nameWords(words), null]);
  const found = new Set<number>();
  for (const { words, lines } of terms) {
    const at = left.findIndex((_, i) => words.every((word, n) => left[i + n] === word));
    if (at < 0) continue;
    left.fill(null, at, at + words.length);
    for (const line of lines) found.add(line);
  }
  return [...found].sort((a, b) => a - b);
}
