/**
 * Recipes in: schema.org Recipe as JSON-LD, alone or inside an HTML page, and plain lines.
 * What a recipe says is mapped to items and steps where the text is clear; the rest is kept as a
 * note, and what was guessed is marked.
 */
import { isTooDeep } from './bounds';
import { blocksOf, dataIn, textOf } from './html';
import { readMeanwhile, type NewTask } from '../core/batch/plan';
import { learnt, readFoods, type Mark, type ReadLine, type ReadsFor } from '../core/batch/reading';
import {
  MOST_ITEMS,
  MOST_RECIPE,
  type Batch,
  type BatchKind,
  type Step,
} from '../core/batch/schema';
import type { Meant } from '../core/food';
import { canningIn, type Worded } from '../core/guard';
import { saidInPage } from './recipePage';
import { rowsOfText, saidInRows, servingsOf, type Said } from './recipeRows';
import { marksOf } from './recipeMarks';
import { sentencesOf } from './recipeSplit';
import { stepsIn, type Phrase, type ReadSteps } from './recipeSteps';

/** What is done, in one of the recipe's texts, and what became of its words. */
export interface Told {
  readonly text: string;
  readonly marks: readonly Mark[];
  readonly phrases: readonly Phrase[];
}

export interface ReadRecipe {
  readonly name: string;
  readonly servings: number | null;
  readonly kind: BatchKind;
  /** Ingredient lines as they were written, or as they were put right. */
  readonly sources: readonly string[];
  /** Foods of the lines, in their order: a line may be several. */
  readonly lines: readonly ReadLine[];
  /** What the cook has put right, as words of the kitchen. */
  readonly words: readonly Meant[];
  /** Ids that the lines have as items of the batch. */
  readonly ids: readonly string[];
  readonly steps: readonly Step[];
  /** Where the lines' foods go in, where that was said; by index. */
  readonly entries: ReadSteps['entries'];
  /** What is done beside the pot, by what is done of it all. */
  readonly tasks: readonly NewTask[];
  /** How its bones are readied, where that was said. */
  readonly bones?: NonNullable<Batch['bones']>;
  /** What is done, as the recipe says it, without what is never planned. */
  readonly instructions: readonly string[];
  /** All that the recipe says is done. */
  readonly told: readonly Told[];
  /** A wish that is never planned, such as to can it: the reason, and where to turn. Its sentences are left out. */
  readonly refusal: Worded | null;
  /** What was guessed or left out, in words for the cook. */
  readonly unsure: readonly string[];
  /** How the pressure is let off, where that is left open. */
  readonly asks: ReadSteps['asks'];
  /** Rows that are neither an ingredient nor anything that is done: notes, comments, ways through a site. */
  readonly left: readonly string[];
  /** The recipe in plain words, to be kept with its batch. */
  readonly text: string;
}

/** What the cook has put right in a recipe as it was read. */
export interface RecipeChanges {
  /** Foods of a line in other words, by the index of the line. */
  readonly lines?: ReadonlyMap<number, readonly string[]>;
}

export type RecipeResult =
  | { readonly ok: true; readonly recipe: ReadRecipe }
  | { readonly ok: false; readonly message: string };

type Json = Readonly<Record<string, unknown>>;

function isObject(value: unknown): value is Json {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** The first object of type Recipe in a JSON-LD document, however deep. */
function findRecipe(value: unknown, depth = 0): Json | null {
  if (depth > 8) return null;
  if (Array.isArray(value)) {
    for (const entry of value) {
      const found = findRecipe(entry, depth + 1);
      if (found) return found;
    }
    return null;
  }
  if (!isObject(value)) return null;
  const types = ([] as unknown[]).concat(value['@type'] ?? []);
  if (types.includes('Recipe')) return value;
  return findRecipe(Object.values(value), depth + 1);
}

/** The text of a field. */
function plain(value: unknown): string {
  if (typeof value === 'number') return String(value);
  return typeof value === 'string' ? textOf(value) : '';
}

/** Sentences of instructions: texts, steps, or sections of steps. */
function textsOf(value: unknown): readonly string[] {
  if (Array.isArray(value)) return value.flatMap(textsOf);
  if (isObject(value)) return textsOf(value['itemListElement'] ?? value['text'] ?? value['name']);
  return typeof value === 'string' ? blocksOf(value) : [plain(value)].filter(Boolean);
}

function yieldOf(value: unknown): number | null {
  return servingsOf(
    ([] as unknown[])
      .concat(value ?? [])
      .map(plain)
      .join(' '),
  );
}

const KINDS: readonly (readonly [BatchKind, RegExp])[] = [
  ['broth', /\bbroths?\b/i],
  ['stock', /\b(?:stocks?|fumets?)\b/i],
  ['chili', /\bchill?is?\b/i],
  ['soup', /\bsoups?\b/i],
];

function kindIn(text: string): BatchKind | null {
  return KINDS.find(([, word]) => word.test(text))?.[0] ?? null;
}

/** The dish of a name: the last word before what it is with. @example dishOf('Onion soup with stock') // "soup" */
function dishOf(name: string): string {
  const [head = ''] = name.split(/,| (?:with|in|of|from|for) /i);
  return /\p{L}+$/u.exec(head.trim())?.[0] ?? '';
}

/** Foods of the lines, and the ids that they have as items: "i3", and "i3b" for the second of a line. */
function foodsOf(
  said: Said,
  own: ReadsFor,
  changes: RecipeChanges,
): Pick<ReadRecipe, 'sources' | 'lines' | 'ids' | 'words'> {
  const words = [...(changes.lines ?? [])].flatMap(([i, put]) => {
    const before = readFoods(said.lines[i] ?? '', own);
    const after = put.flatMap((one) => readFoods(one, own));
    if (before.length !== after.length) return [];
    return before.flatMap((line, n) => (after[n] ? (learnt(line, after[n]) ?? []) : []));
  });
  const read = said.lines.map((text, i) =>
    (changes.lines?.get(i) ?? [text]).flatMap((one) => readFoods(one, own)),
  );
  return {
    sources: said.lines,
    words,
    lines: read.flat(),
    ids: read.flatMap((foods, i) =>
      foods.map((_, n) => `i${i + 1}${n > 0 ? (n + 10).toString(36) : ''}`),
    ),
  };
}

function recipeOf(said: Said, own: ReadsFor, changes: RecipeChanges): RecipeResult {
  const { name, servings, instructions } = said;
  const refusal = canningIn([name, ...instructions].join('\n'));
  const foods = foodsOf(said, own, changes);
  const { lines } = foods;
  if (lines.length === 0)
    return { ok: false, message: 'No ingredients were found. Paste them one a line.' };
  const tasks: NewTask[] = [];
  const isLeft = (sentence: string): boolean => {
    if (canningIn(sentence) !== null) return true;
    const task = readMeanwhile(sentence);
    if (task) tasks.push(task);
    return task !== null;
  };
  const of = lines.map((line) => line.food);
  const apart = lines.flatMap(({ item }, i) => (item?.apart ? [i] : []));
  const { phrases, ...steps } = stepsIn(instructions, of, { isLeft, apart });
  const told = instructions.map((text, i): Told => {
    const its = phrases.filter((phrase) => phrase.of === i);
    return { text, marks: marksOf(text, its, of), phrases: its };
  });
  const kind = kindIn(said.category) ?? kindIn(dishOf(name)) ?? 'soup';
  const { left = [] } = said;
  const text = plainText(said);
  const recipe = { name, servings, kind, ...foods, tasks, told, refusal, left, text, ...steps };
  return { ok: true, recipe: { ...recipe, instructions: withoutCanning(instructions) } };
}

/** A recipe in plain words, as it is kept and as it reads again. */
function plainText({ name, servings, lines, instructions }: Said): string {
  return [
    name,
    ...(servings === null ? [] : [`Serves ${servings}`]),
    '',
    'Ingredients',
    ...lines,
    ...(instructions.length > 0 ? ['', 'Method', ...instructions] : []),
  ]
    .join('\n')
    .slice(0, MOST_RECIPE);
}

/** Instructions without the sentences that ask for canning. */
function withoutCanning(instructions: readonly string[]): readonly string[] {
  return instructions
    .map((text) =>
      sentencesOf(text)
        .map(({ from, to }) => text.slice(from, to))
        .filter((sentence) => canningIn(sentence) === null)
        .join(' '),
    )
    .filter(Boolean);
}

function jsonIn(text: string): unknown {
  try {
    const value = JSON.parse(text) as unknown;
    return isTooDeep(value) ? undefined : value;
  } catch {
    return undefined;
  }
}

/** A page is seldom a tenth of this, characters. */
const MOST_PAGE = 3_000_000;
/** An ingredient that is longer is none, and a sentence is cut there, characters. */
const LONGEST_LINE = 300;
const LONGEST_SENTENCE = 2000;
/** Sentences of what is done. */
const MOST_SENTENCES = 400;

const refused = (message: string): RecipeResult => ({ ok: false, message });

/** Why what was said is more than a recipe; null where it is one. */
function tooMuch({ lines, instructions }: Said): string | null {
  if (lines.length > MOST_ITEMS)
    return `It has ${lines.length} ingredients; a batch holds ${MOST_ITEMS} at the most.`;
  const long = lines.find((line) => line.length > LONGEST_LINE);
  if (long) return `“${long.slice(0, 60)}…” is too long for an ingredient.`;
  if (instructions.length > MOST_SENTENCES)
    return `It says what is done in ${instructions.length} lines; ${MOST_SENTENCES} can be read.`;
  return null;
}

function read(said: Said, own: ReadsFor, changes: RecipeChanges): RecipeResult {
  const why = tooMuch(said);
  if (why) return refused(why);
  const instructions = said.instructions.map((text) => text.slice(0, LONGEST_SENTENCE));
  return recipeOf({ ...said, name: said.name.slice(0, 200), instructions }, own, changes);
}

/**
 * Reads a recipe.
 *
 * @param text JSON-LD, an HTML page with JSON-LD in it, or plain lines: a name, ingredients one a
 *   line, and after an empty line what is done
 * @param own the kitchen that it is read for
 * @param changes what the cook has put right in it
 */
export function readRecipe(
  text: string,
  own: ReadsFor = {},
  changes: RecipeChanges = {},
): RecipeResult {
  if (text.length > MOST_PAGE)
    return refused(`That is ${Math.round(text.length / 1e6)} MB; no recipe is.`);
  const start = text.trimStart().charAt(0);
  const isJson = start === '{' || start === '[';
  const documents = isJson ? [jsonIn(text)] : text.includes('<') ? dataIn(text).map(jsonIn) : [];
  const found = findRecipe(documents);
  if (found) return read(saidIn(found), own, changes);
  if (isJson) return refused('No recipe was found in it: a schema.org Recipe is looked for.');
  if (/<(?:html|body|div|ul|ol|p|h[1-6]|table|article)\b/i.test(text)) {
    const said = saidInPage(text);
    if (!said || said.lines.length === 0)
      return refused(
        'No recipe was found in it: no ingredients stand there. Copy the recipe and paste it as text.',
      );
    return read(said, own, changes);
  }
  // Rows of a paste are read one by one to tell what they are: the same bounds before that.
  const rows = text.split(/\r?\n/);
  if (rows.length > MOST_ITEMS + MOST_SENTENCES)
    return refused(`It has ${rows.length} lines; ${MOST_ITEMS + MOST_SENTENCES} can be read.`);
  return read(
    saidInRows(rowsOfText(rows.map((row) => row.slice(0, LONGEST_SENTENCE)).join('\n'))),
    own,
    changes,
  );
}

function saidIn(recipe: Json): Said {
  const all = (field: string): readonly unknown[] => ([] as unknown[]).concat(recipe[field] ?? []);
  const ingredients = recipe['recipeIngredient'] === undefined ? 'ingredients' : 'recipeIngredient';
  return {
    name: plain(recipe['name']) || 'Recipe',
    category: all('recipeCategory').map(plain).join(' '),
    servings: yieldOf(recipe['recipeYield']),
    lines: all(ingredients).map(plain).filter(Boolean),
    instructions: textsOf(recipe['recipeInstructions']),
  };
}
