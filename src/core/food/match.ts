import { FOODS } from './table';
import type { Food } from './types';

/** A food found for the words of a line, and how sure that is. */
export interface FoodMatch {
  readonly food: Food;
  /** 1 when every word of the line's name is a word of the food's; less when words are left. */
  readonly score: number;
}

function singular(word: string): string {
  if (/(?:ss|us|is)$/.test(word) || word.length < 4) return word;
  if (word.endsWith('ies') && word.length > 5) return `${word.slice(0, -3)}y`;
  if (word.endsWith('oes')) return word.slice(0, -2);
  if (word.endsWith('leaves')) return 'leaf';
  return word.endsWith('s') ? word.slice(0, -1) : word;
}

/** Words of a name or a sentence: lower case, without accents, singular. @example nameWords('Bay leaves') // ["bay", "leaf"] */
export function nameWords(text: string): readonly string[] {
  return text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z' -]/g, ' ')
    .split(/[\s-]+/)
    .filter((w) => w.length > 1)
    .map(singular);
}

interface Name {
  readonly food: Food;
  readonly words: readonly string[];
}

const NAMES: readonly Name[] = FOODS.flatMap((food) =>
  [food.key, food.name, ...food.aliases].map((name) => ({ food, words: nameWords(name) })),
);

const BY_KEY: ReadonlyMap<string, Food> = new Map(FOODS.map((food) => [food.key, food]));

/** The food with this key, or undefined. */
export function foodByKey(key: string): Food | undefined {
  return BY_KEY.get(key);
}

function likeness(asked: readonly string[], name: readonly string[]): number {
  const known = new Set(name);
  const askedSet = new Set(asked);
  const hits = asked.filter((w) => known.has(w)).length;
  const missed = name.filter((w) => !askedSet.has(w)).length;
  if (hits === 0) return 0;
  // The last word names the thing ("smoked turkey WING"); a name that shares it is nearer.
  const head = asked[asked.length - 1] === name[name.length - 1] ? 0.08 : 0;
  return hits / asked.length - 0.25 * missed + head + 0.01 * hits;
}

/**
 * Finds foods for the words a cook used, best first.
 *
 * @param text a name, such as "veal knuckle" or "smoked turkey wing"
 * @param most how many to return
 * @example matchFoods('2 ham hocks')[0]?.food.key // "ham-hock"
 */
export function matchFoods(text: string, most = 5): readonly FoodMatch[] {
  const exact = BY_KEY.get(text.trim().toLowerCase());
  if (exact) return [{ food: exact, score: 1 }];
  const asked = nameWords(text);
  if (asked.length === 0) return [];
  const best = new Map<Food, number>();
  for (const name of NAMES) {
    const score = likeness(asked, name.words);
    if (score > (best.get(name.food) ?? 0)) best.set(name.food, score);
  }
  return [...best]
    .map(([food, score]) => ({ food, score: Math.min(1, score) }))
    .sort((a, b) => b.score - a.score)
    .slice(0, most);
}

/** A match below this is not taken without asking. */
export const SURE_MATCH = 0.45;

/**
 * The food a bundle or a line names: its key, or a name the add line understands.
 *
 * @returns undefined when nothing is near enough
 */
export function resolveFood(name: string): Food | undefined {
  const match = matchFoods(name, 1)[0];
  return match && match.score >= SURE_MATCH ? match.food : undefined;
}
