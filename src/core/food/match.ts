import { closest, distance } from 'fastest-levenshtein';
import { FOODS } from './table';
import type { Food } from './types';

/** A food found for the words of a line, and how sure that is. */
export interface FoodMatch {
  readonly food: Food;
  /** 1 when every word of the line's name is a word of the food's; less when words are left. */
  readonly score: number;
  /** Words that no food of the table has: a sort, a place, a brand. */
  readonly strange: boolean;
}

/** Other forms of a word that names foods. */
const SPELLINGS: Readonly<Record<string, string>> = {
  chilli: 'chili',
  chillies: 'chili',
  chilies: 'chili',
  chile: 'chili',
  chiles: 'chili',
  feet: 'foot',
  loaves: 'loaf',
  mince: 'minced',
  yoghurt: 'yogurt',
};

function singular(word: string): string {
  if (/(?:ss|us|is)$/.test(word) || word.length < 4) return word;
  const known = SPELLINGS[word];
  if (known !== undefined) return known;
  if (word.endsWith('ies') && word.length > 5) return `${word.slice(0, -3)}y`;
  if (word.endsWith('oes')) return word.slice(0, -2);
  if (word.endsWith('leaves')) return 'leaf';
  if (/(?:ss|x|ch|sh)es$/.test(word)) return word.slice(0, -2);
  return word.endsWith('s') ? word.slice(0, -1) : word;
}

/** Words of a name or a sentence: lower case, without accents, singular. @example nameWords('Bay leaves') // ["bay", "leaf"] */
export function nameWords(text: string): readonly string[] {
  return text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/['’]s\b/g, '')
    .replace(/[^\p{L}' -]/gu, ' ')
    .split(/[\s-]+/)
    .filter((w) => w.length > 1)
    .map(singular);
}

interface Name {
  readonly food: Food;
  readonly words: readonly string[];
  /** Names by number, for counting. */
  readonly at: number;
}

/** Foods by the words of their names. */
export interface FoodIndex {
  /** The names that have a word: only they can be meant by it. */
  readonly withWord: ReadonlyMap<string, readonly Name[]>;
  /** Words that name something, long enough to be misspelt and still known. */
  readonly words: readonly string[];
}

function namesOf(food: Food): readonly string[] {
  return food.own ? [food.name] : [food.key, food.name, ...food.aliases];
}

/** @param from number of the first name: of names that are as near, the lowest is taken */
function indexed(base: FoodIndex | null, names: readonly Named[], from: number): FoodIndex {
  const withWord = new Map(base?.withWord);
  names.forEach(({ food, name: called }, i) => {
    const words = nameWords(called);
    const name: Name = { food, words, at: from + i };
    for (const word of new Set(words)) withWord.set(word, [...(withWord.get(word) ?? []), name]);
  });
  return { withWord, words: [...withWord.keys()].filter((word) => word.length > 3) };
}

/** A food and one of its names. */
interface Named {
  readonly food: Food;
  readonly name: string;
}

const named = (food: Food): readonly Named[] => namesOf(food).map((name) => ({ food, name }));

let table: FoodIndex | null = null;

/** Made when the first name is looked for: most pages look for none. */
const theTable = (): FoodIndex => (table ??= indexed(null, FOODS.flatMap(named), 0));

/** The table with words and foods of a kitchen before it. */
export function indexWith(own: readonly Food[], words: readonly Named[] = []): FoodIndex {
  const names = [...words, ...own.flatMap(named)];
  return names.length > 0 ? indexed(theTable(), names, -names.length) : theTable();
}

const BY_KEY: ReadonlyMap<string, Food> = new Map(FOODS.map((food) => [food.key, food]));

/**
 * The food with this key, or undefined.
 *
 * @example foodByKey('leek').name // "leek"
 */
export function foodByKey(key: string): Food | undefined {
  return BY_KEY.get(key);
}

/** Weight of a word that names no food beside one that does: "yukon gold potatoes" are potatoes. */
const STRANGE = 0.3;
/** The thing itself ("potato SALAD") must be known: without, little is left. */
const NO_HEAD = 0.5;

/** Olives are no olive oil: what a name says of its thing is not the thing. */
const OTHER_THING = 0.15;

/** Words of a line, prepared once for comparison with all names. */
interface Asked {
  readonly words: readonly string[];
  readonly set: ReadonlySet<string>;
  /** Its words, strange ones at less. */
  readonly whole: number;
  readonly last: string;
  /** Whether a food is known by the last word. */
  readonly headed: boolean;
}

function askedFor(words: readonly string[], { withWord }: FoodIndex): Asked {
  const last = words[words.length - 1] ?? '';
  return {
    words,
    set: new Set(words),
    whole: words.reduce((sum, w) => sum + (withWord.has(w) ? 1 : STRANGE), 0),
    last,
    headed: withWord.has(last),
  };
}

/** @param hits words of the line that are words of the name, above 0 */
function likeness(
  { set, whole, last, headed }: Asked,
  name: readonly string[],
  hits: number,
): number {
  const missed = name.filter((w) => !set.has(w)).length;
  // The last word names the thing ("smoked turkey WING"); a name that shares it is nearer.
  const thing = name[name.length - 1] ?? '';
  const head = last === thing ? 0.08 : set.has(thing) ? 0 : -OTHER_THING;
  const score = hits / whole - 0.25 * missed + head + 0.01 * hits;
  return headed ? score : NO_HEAD * score;
}

/** Letters that may be wrong in a word: one, or two in a long one. */
function mayMiss(word: string): number {
  return word.length > 7 ? 2 : 1;
}

/** The word of the table that a misspelt one was meant for, or itself. */
function mended(word: string, index: FoodIndex): string {
  if (index.withWord.has(word) || word.length < 4) return word;
  const near = closest(word, index.words);
  const alike = near.startsWith(word.charAt(0)) && distance(word, near) <= mayMiss(word);
  return alike ? near : word;
}

/**
 * A name with its misspelt words mended to the nearest that name foods.
 *
 * @returns null where there is nothing to mend
 * @example mendSpelling('red lentills') // "red lentil"
 */
export function mendSpelling(text: string, index: FoodIndex = theTable()): string | null {
  const words = nameWords(text);
  const spelt = words.map((word) => mended(word, index));
  return spelt.some((word, i) => word !== words[i]) ? spelt.join(' ') : null;
}

/**
 * Finds foods for the words a cook used, best first.
 *
 * @param text a name, such as "veal knuckle" or "smoked turkey wing"
 * @param most how many to return
 * @param index of the table, or of a kitchen's foods and the table
 * @example matchFoods('2 ham hocks')[0]?.food.key // "ham-hock"
 */
export function matchFoods(
  text: string,
  most = 5,
  index: FoodIndex = theTable(),
): readonly FoodMatch[] {
  const exact = BY_KEY.get(text.trim().toLowerCase());
  if (exact && index === theTable()) return [{ food: exact, score: 1, strange: false }];
  const { withWord } = index;
  const asked = askedFor(nameWords(text), index);
  const strange = asked.words.some((word) => !withWord.has(word));
  const hits = new Map<Name, number>();
  for (const word of asked.words)
    for (const name of withWord.get(word) ?? []) hits.set(name, (hits.get(name) ?? 0) + 1);
  const best = new Map<Food, number>();
  // Of equally near names, take the first in the table.
  for (const [name, n] of [...hits].sort(([a], [b]) => a.at - b.at)) {
    const score = likeness(asked, name.words, n);
    if (score > (best.get(name.food) ?? 0)) best.set(name.food, score);
  }
  return [...best]
    .map(([food, score]) => ({ food, score: Math.min(1, score), strange }))
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
