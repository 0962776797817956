/**
 * Recipes in and out: schema.org Recipe as JSON-LD, alone or inside an HTML page, and plain lines.
 * What a recipe says is mapped to items and steps where the text is clear; the rest is kept as a
 * note, and what was guessed is marked.
 */
import type { HowToStep, Recipe, WithContext } from 'schema-dts';
import {
  readLine,
  readLines,
  type Batch,
  type Item,
  type PressureStep,
  type ReadLine,
  type Release,
  type Step,
} from '../core/batch';
import { foodByKey } from '../core/food';
import { formatAmount } from '../core/quantity';
import type { Move } from '../core/timetable';

export interface ReadRecipe {
  readonly name: string;
  readonly servings: number | null;
  readonly lines: readonly ReadLine[];
  readonly steps: readonly Step[];
  /** What is done, as the recipe says it. */
  readonly instructions: readonly string[];
  /** What was guessed or left out, in words for the cook. */
  readonly unsure: readonly string[];
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

const ENTITIES: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  nbsp: ' ',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
};

/** Text of a field: tags taken out, entities read, white space folded. */
function plain(value: unknown): string {
  if (typeof value === 'number') return String(value);
  if (typeof value !== 'string') return '';
  return value
    .replace(/<[^>]*>/g, ' ')
    .replace(/&#(\d+);/g, (_, code: string) => String.fromCodePoint(Number(code)))
    .replace(/&(\w+);/g, (whole, name: string) => ENTITIES[name] ?? whole)
    .replace(/\s+/g, ' ')
    .trim();
}

/** Sentences of instructions: texts, steps, or sections of steps. */
function textsOf(value: unknown): readonly string[] {
  if (Array.isArray(value)) return value.flatMap(textsOf);
  if (isObject(value)) return textsOf(value['itemListElement'] ?? value['text'] ?? value['name']);
  return plain(value).split(/\r?\n/).filter(Boolean);
}

function servingsOf(value: unknown): number | null {
  const text = ([] as unknown[])
    .concat(value ?? [])
    .map(plain)
    .join(' ');
  const number = /\d+/.exec(text)?.[0];
  const servings = number ? Number(number) : 0;
  return servings >= 1 && servings <= 200 ? servings : null;
}

const MINUTES = /(\d+)(?:\s*(?:-|–|to)\s*(\d+))?\s*(hours?|hrs?|h\b|minutes?|mins?|min\b)/i;

/** Minutes in a sentence; a range is read as its middle. */
function minutesIn(text: string): number | null {
  const found = MINUTES.exec(text);
  if (!found?.[1]) return null;
  const from = Number(found[1]);
  const value = found[2] ? (from + Number(found[2])) / 2 : from;
  return /^h/i.test(found[3] ?? '') ? value * 60 : value;
}

/** Everything in a sentence from a word on, or null where the word is not. */
function from(text: string, word: RegExp): string | null {
  const at = text.search(word);
  return at < 0 ? null : text.slice(at);
}

function releaseIn(text: string): Release | null {
  if (
    /quick(?:ly)?[- ]releas|releas\w* (?:the )?(?:pressure|steam) (?:quickly|at once)/i.test(text)
  )
    return { method: 'quick' };
  const natural = from(text, /natural(?:ly)?/i);
  if (natural === null) return null;
  const afterMin = minutesIn(natural);
  return afterMin === null ? { method: 'natural' } : { method: 'timed', afterMin };
}

/** Steps that the sentences clearly speak of, in their order. */
function stepsIn(instructions: readonly string[]): {
  readonly steps: readonly Step[];
  readonly unsure: readonly string[];
} {
  const steps: Step[] = [];
  const unsure: string[] = [];
  const id = (): string => `s${steps.length + 1}`;
  for (const sentence of instructions.flatMap((t) => t.split(/(?<=[.;])\s+/))) {
    const release = releaseIn(sentence);
    const last = steps.findLastIndex((s) => s.kind === 'pressure');
    const cooking =
      /\bpressure\b/i.test(sentence) && /\bcook|hold|high|low|pressure for/i.test(sentence);
    const minutes = minutesIn(sentence);
    if (cooking && minutes !== null && !(release && last >= 0)) {
      steps.push({
        id: id(),
        kind: 'pressure',
        ...(/\blow\b/i.test(sentence) && { setting: 'low' }),
        holdMin: Math.min(600, minutes),
        ...(release && { release }),
      });
      continue;
    }
    if (release && last >= 0) {
      steps[last] = { ...(steps[last] as PressureStep), release };
      continue;
    }
    const kind = /\bsimmer/i.test(sentence)
      ? 'simmer'
      : /saut[ée]|\bsear\b|\bbrown\b(?! (?:lentil|rice|sugar|onion))/i.test(sentence)
        ? 'saute'
        : /\bstrain/i.test(sentence)
          ? 'strain'
          : null;
    if (!kind) continue;
    if (minutes === null && kind !== 'strain')
      unsure.push(`no minutes for “${sentence.slice(0, 60)}”: the usual time is taken`);
    steps.push({ id: id(), kind, ...(minutes !== null && { minutes: Math.min(2880, minutes) }) });
  }
  if (!steps.some((s) => s.kind === 'pressure'))
    unsure.push('nothing was said of pressure: a plan is proposed');
  return { steps: steps.some((s) => s.kind === 'pressure') ? steps : [], unsure };
}

function recipeOf(
  name: string,
  servings: number | null,
  lines: readonly ReadLine[],
  instructions: readonly string[],
): RecipeResult {
  if (lines.length === 0)
    return { ok: false, message: 'No ingredients were found. Paste them one a line.' };
  const { steps, unsure } = stepsIn(instructions);
  return { ok: true, recipe: { name, servings, lines, steps, instructions, unsure } };
}

function jsonIn(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

const SCRIPT = /<script[^>]*type\s*=\s*["']?application\/ld\+json["']?[^>]*>([\s\S]*?)<\/script>/gi;

/**
 * Reads a recipe.
 *
 * @param text JSON-LD, an HTML page with JSON-LD in it, or plain lines: a name, ingredients one a
 *   line, and after an empty line what is done
 */
export function readRecipe(text: string): RecipeResult {
  const documents = /^\s*[[{]/.test(text)
    ? [jsonIn(text)]
    : [...text.matchAll(SCRIPT)].map((match) => jsonIn(match[1] ?? ''));
  const found = findRecipe(documents);
  if (found) {
    const ingredients = ([] as unknown[]).concat(
      found['recipeIngredient'] ?? found['ingredients'] ?? [],
    );
    return recipeOf(
      plain(found['name']) || 'Recipe',
      servingsOf(found['recipeYield']),
      ingredients.map(plain).filter(Boolean).map(readLine),
      textsOf(found['recipeInstructions']),
    );
  }
  if (/^\s*[[{<]/.test(text))
    return { ok: false, message: 'No recipe was found in it: a schema.org Recipe is looked for.' };
  return readPlain(text);
}

/** Plain lines: what starts with an amount is an ingredient; a first line without one is the name. */
function readPlain(text: string): RecipeResult {
  const rows = text.split(/\r?\n/).map((row) => row.trim());
  const counts = (row: string): boolean => /^[\s•*\-–]*(?:\d|[¼½¾⅓⅔]|an?\s|half\s)/i.test(row);
  const [first = ''] = rows;
  const named = first !== '' && !counts(first) && rows.slice(1).some(counts);
  const body = named ? rows.slice(1) : rows;
  const ingredients = body.filter((row) => row && row.length < 120 && counts(row));
  const rest = body.filter((row) => row && !ingredients.includes(row) && !row.endsWith(':'));
  const bare = rest.filter((row) => row.length < 40 && readLine(row).item && !/[.!]$/.test(row));
  return recipeOf(
    named ? first : 'Recipe',
    null,
    readLines([...ingredients, ...bare].join('\n')),
    rest.filter((row) => !bare.includes(row)),
  );
}

/** A batch of a recipe; lines that name no food are left in its note. */
export function batchOfRecipe(recipe: ReadRecipe, id: string, potId: string | undefined): Batch {
  const unread = recipe.lines.filter((line) => !line.item).map((line) => line.text);
  const first = recipe.steps[0]?.id ?? null;
  const items = recipe.lines.flatMap((line, i): Item[] =>
    line.item ? [{ ...line.item, enters: first, id: `i${i + 1}` }] : [],
  );
  const note = [
    ...(unread.length > 0 ? [`Not understood: ${unread.join('; ')}`] : []),
    ...recipe.instructions,
  ]
    .join('\n')
    .slice(0, 5000);
  return {
    id,
    name: recipe.name.slice(0, 200),
    ...(potId !== undefined && { potId }),
    servings: recipe.servings ?? 4,
    kind: 'soup',
    items,
    ...(recipe.steps.length > 0 && { steps: recipe.steps }),
    ...(note && { note }),
  };
}

function isoDuration(minutes: number): string {
  return `PT${Math.max(0, Math.round(minutes))}M`;
}

function ingredientText(item: Item): string {
  const food = foodByKey(item.food)?.name ?? item.food;
  const cut = item.cut
    ? `, ${item.cut.mm} mm ${item.cut.shape === 'slice' ? 'slices' : 'pieces'}`
    : '';
  const frozen = item.startC !== undefined && item.startC < 0 ? ', frozen' : '';
  const soaked = item.soakedH ? `, soaked ${item.soakedH} h` : '';
  return `${formatAmount(item.amount)} ${food}${cut}${frozen}${soaked}`;
}

/**
 * Writes a batch as schema.org Recipe.
 *
 * @param moves of its timetable: the hand moves become its instructions
 * @param totalMin from the first move to the table
 */
export function writeRecipe(batch: Batch, moves: readonly Move[], totalMin: number): string {
  const hands = moves.filter((m) => m.kind !== 'wait');
  const recipe: WithContext<Recipe> = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: batch.name,
    ...(batch.servings !== undefined && { recipeYield: `${batch.servings} servings` }),
    cookingMethod: 'Pressure cooking',
    totalTime: isoDuration(totalMin),
    recipeIngredient: batch.items.map(ingredientText),
    recipeInstructions: hands.map((move): HowToStep => ({
      '@type': 'HowToStep',
      name: move.title,
      text: move.detail,
    })),
  };
  return `${JSON.stringify(recipe, null, 2)}\n`;
}
