/**
 * Recipes in: schema.org Recipe as JSON-LD, alone or inside an HTML page, and plain lines.
 * Maps a recipe to items and steps where the text is clear; the rest is kept as a
 * note, and what was guessed is marked.
 */
import { doneMin, readMeanwhile, type NewTask } from '../../core/batch/plan';
import {
  learnt,
  readFoods,
  type Mark,
  type ReadLine,
  type ReadsFor,
} from '../../core/batch/reading';
import { MOST_ITEMS, type Batch, type BatchKind, type Step } from '../../core/batch/schema';
import type { Meant } from '../../core/food';
import { canningIn, type Worded } from '../../core/guard';
import { HANDLING } from '../../core/vocabulary';
import { documentIn, plainText } from './recipeDocument';
import type { Said } from './recipeRows';
import { marksOf } from './recipeMarks';
import { stepsIn, type Phrase, type ReadSteps } from './recipeSteps';

/** Instructions in one of the recipe's texts, and the fate of their words. */
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
  /** Index of the line that each of the foods is of. */
  readonly of: readonly number[];
  /** Corrections by the cook, as words of the kitchen. */
  readonly words: readonly Meant[];
  /** Ids that the lines have as items of the batch. */
  readonly ids: readonly string[];
  readonly steps: readonly Step[];
  /** Places where the lines' foods go in, where the text says so; by index. */
  readonly entries: ReadSteps['entries'];
  /** Tasks beside the pot, from all instructions. */
  readonly tasks: readonly NewTask[];
  /** How its bones are readied, where that was said. */
  readonly bones?: NonNullable<Batch['bones']>;
  /** All that the recipe says is done. */
  readonly told: readonly Told[];
  /** A wish that is never planned, such as to can it: the reason, and where to turn. Its sentences are left out. */
  readonly refusal: Worded | null;
  /** Guesses and omissions, in words for the cook. */
  readonly unsure: readonly string[];
  /** How the pressure is let off, where that is left open. */
  readonly asks: ReadSteps['asks'];
  /** Rows that are neither an ingredient nor anything that is done: notes, comments, ways through a site. */
  readonly left: readonly string[];
  /** The recipe in plain words, to be kept with its batch. */
  readonly text: string;
}

/** Corrections by the cook to a recipe as it was read. */
export interface RecipeChanges {
  /** Foods of a line in other words, by the index of the line. */
  readonly lines?: ReadonlyMap<number, readonly string[]>;
}

export type RecipeResult =
  | { readonly ok: true; readonly recipe: ReadRecipe }
  | { readonly ok: false; readonly message: string };

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
): Pick<ReadRecipe, 'sources' | 'lines' | 'of' | 'ids' | 'words'> {
  const read = said.lines.map((text, i) =>
    (changes.lines?.get(i) ?? [text]).flatMap((one) => readFoods(one, own)),
  );
  const words = [...(changes.lines ?? []).keys()].flatMap((i) => {
    const before = readFoods(said.lines[i] ?? '', own);
    const after = read[i] ?? [];
    if (before.length !== after.length) return [];
    return before.flatMap((line, n) => (after[n] ? (learnt(line, after[n]) ?? []) : []));
  });
  return {
    sources: said.lines,
    words,
    lines: read.flat(),
    of: read.flatMap((foods, i) => foods.map(() => i)),
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
  if (lines.length > MOST_ITEMS)
    return {
      ok: false,
      message: `It has ${lines.length} ingredients; a batch holds ${MOST_ITEMS} at the most.`,
    };
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
  // Food heated beside the pot and put into it is no task of its own: the plan holds it.
  const ways = [...steps.entries.values()].flatMap((entry) =>
    entry === 'apart' ? [] : (entry.done ?? []),
  );
  const isHeld = ({ words, minutes }: NewTask): boolean =>
    ways.some((way) => doneMin(way) === minutes && words.includes(HANDLING[way.how].act));
  const told = instructions.map((text, i): Told => {
    const its = phrases.filter((phrase) => phrase.of === i);
    return { text, marks: marksOf(text, its, of), phrases: its };
  });
  const unsure = [...steps.unsure, ...overTime(said.totalMin ?? null, steps.steps)];
  const kind = kindIn(said.category) ?? kindIn(dishOf(name)) ?? 'soup';
  const { left = [] } = said;
  const text = plainText(said);
  const recipe = {
    name,
    servings,
    kind,
    ...foods,
    tasks: tasks.filter((task) => !isHeld(task)),
    told,
    refusal,
    left,
    text,
    ...steps,
    unsure,
  };
  return { ok: true, recipe };
}

/** Steps may take so much longer than the page says, min: it rounds, and they are ranges. */
const ROUNDED_MIN = 10;

/** The time that a page gives in its head is no step: it is a check on the sum of them. */
function overTime(totalMin: number | null, steps: readonly Step[]): readonly string[] {
  const sum = steps.reduce(
    (all, step) => all + (step.kind === 'pressure' ? step.holdMin : (step.minutes ?? 0)),
    0,
  );
  if (totalMin === null || sum <= totalMin + ROUNDED_MIN) return [];
  return [`the page says ${totalMin} min in all, and its steps take ${Math.round(sum)}`];
}

/**
 * Reads a recipe.
 *
 * @param text JSON-LD, an HTML page with or without it, or plain lines: a name, ingredients one a
 *   line, and after an empty line what is done
 * @param own the kitchen that it is read for
 * @param changes what the cook has put right in it
 */
export function readRecipe(
  text: string,
  own: ReadsFor = {},
  changes: RecipeChanges = {},
): RecipeResult {
  const document = documentIn(text);
  return document.ok ? recipeOf(document.said, own, changes) : document;
}
