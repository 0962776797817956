/** Which of a recipe's foods a sentence speaks of. */
import type { Food, FoodGroup } from '../core/food';

/** What recipes call a whole group. */
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
  'and black bone brown can canned cut dried dry fresh frozen green ground in large of powder red skin small smoked sweet unsalted white whole with yellow'.split(
    ' ',
  ),
);

function singular(word: string): string {
  return word.replace(/ies$/, 'y').replace(/([^s])s$/, '$1');
}

function pattern(term: string): RegExp {
  const stem = singular(term).replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  const end = stem.endsWith('y') ? `${stem.slice(0, -1)}(?:y|ies)` : `${stem}(?:e?s)?`;
  return new RegExp(`(?<![\\p{L}-])${end}(?![\\p{L}-])`, 'iu');
}

/** Terms for a food, the surest first: its names, the words in them, its group. */
function termsOf(food: Food): readonly (readonly string[])[] {
  const names = [food.name, ...food.aliases].map((n) => n.split(',')[0]?.toLowerCase() ?? '');
  const words = names
    .flatMap((n) => n.split(/[^\p{L}]+/u))
    .filter((w) => w.length > 2 && !COMMON.has(w));
  return [names, words, GROUP_WORDS[food.group] ?? []];
}

/**
 * Foods named in a sentence.
 *
 * @param foods of the recipe's lines; null where a line named none
 * @returns their indexes; a longer name is read before a shorter one inside it
 * @example mentioned('Add the spring onions', [onion, springOnion]) // [1]
 */
export function mentioned(sentence: string, foods: readonly (Food | null)[]): readonly number[] {
  const ranks: Map<string, number[]>[] = [new Map(), new Map(), new Map()];
  foods.forEach((food, index) => {
    if (!food) return;
    termsOf(food).forEach((terms, rank) => {
      for (const term of new Set(terms.map(singular))) {
        const of = ranks[rank]?.get(term) ?? [];
        ranks[rank]?.set(term, [...of, index]);
      }
    });
  });
  const found = new Set<number>();
  let left = sentence;
  for (const terms of ranks)
    for (const [term, indexes] of [...terms].sort(([a], [b]) => b.length - a.length)) {
      const next = left.replace(pattern(term), ' ');
      if (next === left) continue;
      left = next;
      for (const index of indexes) found.add(index);
    }
  return [...found].sort((a, b) => a - b);
}
