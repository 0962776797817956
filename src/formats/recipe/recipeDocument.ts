/**
 * A recipe document from any format: schema.org Recipe as JSON-LD alone or inside a page, a page
 * without it, or plain lines.
 */
import { MOST_ITEMS, MOST_RECIPE } from '../../core/batch/schema';
import { isStepLine } from '../../core/batch/reading';
import { isTooDeep } from '../bounds';
import { blocksOf, dataIn, textOf } from './html';
import { saidInPage } from './recipePage';
import { rowsOfText, saidInRows, servingsOf, type Said } from './recipeRows';

export type DocumentResult =
  | { readonly ok: true; readonly said: Said }
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
/** Longest ingredient; longer sentences are cut here, characters. */
const LONGEST_LINE = 300;
const LONGEST_SENTENCE = 2000;
/** Sentences of what is done. */
const MOST_SENTENCES = 400;

const refused = (message: string): DocumentResult => ({ ok: false, message });

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

/** Moves steps among the ingredients to the instructions, if the rest does not mention pressure. */
function sorted(said: Said): Said {
  const steps = said.lines.filter(isStepLine);
  if (steps.length === 0 || said.instructions.some(isStepLine)) return said;
  return {
    ...said,
    lines: said.lines.filter((line) => !isStepLine(line)),
    instructions: [...steps.map(asSentence), ...said.instructions],
  };
}

/** A step in few words, as a sentence: "8 min high pressure" is "High pressure for 8 min". */
function asSentence(line: string): string {
  return line
    .split(/,\s*|\s*[+;]\s*/)
    .map((part) =>
      part.replace(/^((?:\d+\s*h\w*\s*)?\d[\d\s–-]*(?:min\w*|h\w*))\s+(.*)$/i, '$2 $1').trim(),
    )
    .join('. ');
}

const LONGEST_NAME = 200;
/** Name of a recipe that tells none. */
const UNNAMED = 'Recipe';

/** The words said, within the bounds of a recipe. */
function bounded(read: Said): DocumentResult {
  const said = sorted(read);
  const why = tooMuch(said);
  if (why) return refused(why);
  const instructions = said.instructions.map((text) => text.slice(0, LONGEST_SENTENCE));
  const name = said.name.trim().slice(0, LONGEST_NAME).trim() || UNNAMED;
  return { ok: true, said: { ...said, name, instructions } };
}

/** Takes a text apart: its name, its yield, its lines, what is done, and what is neither. */
export function documentIn(text: string): DocumentResult {
  if (text.length > MOST_PAGE)
    return refused(`That is ${Math.round(text.length / 1e6)} MB; no recipe is.`);
  const start = text.trimStart().charAt(0);
  const isJson = start === '{' || start === '[';
  const documents = isJson
    ? [jsonIn(text)]
    : text.includes('ld+json')
      ? dataIn(text).map(jsonIn)
      : [];
  const found = findRecipe(documents);
  if (found) return bounded(saidIn(found));
  if (isJson) return refused('No recipe was found in it: a schema.org Recipe is looked for.');
  if (/<(?:html|body|div|ul|ol|p|h[1-6]|table|article)\b/i.test(text)) {
    const said = saidInPage(text);
    if (!said || said.lines.length === 0)
      return refused(
        'No recipe was found in it: no ingredients stand there. Copy the recipe and paste it as text.',
      );
    return bounded(said);
  }
  // Rows of a paste are read one by one to tell what they are: the same bounds before that.
  const rows = text.split(/\r?\n/);
  if (rows.length > MOST_ITEMS + MOST_SENTENCES)
    return refused(`It has ${rows.length} lines; ${MOST_ITEMS + MOST_SENTENCES} can be read.`);
  return bounded(
    saidInRows(rowsOfText(rows.map((row) => row.slice(0, LONGEST_SENTENCE)).join('\n'))),
  );
}

/** Minutes of an ISO 8601 duration, such as PT1H30M; null for anything else. */
function isoMinutes(text: string): number | null {
  const [, days = 0, hours = 0, minutes = 0] =
    /^P(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?)?/i.exec(text.trim()) ?? [];
  const all = Number(days) * 1440 + Number(hours) * 60 + Number(minutes);
  return all > 0 ? all : null;
}

function saidIn(recipe: Json): Said {
  const all = (field: string): readonly unknown[] => ([] as unknown[]).concat(recipe[field] ?? []);
  const ingredients = recipe['recipeIngredient'] === undefined ? 'ingredients' : 'recipeIngredient';
  return {
    name: plain(recipe['name']),
    category: all('recipeCategory').map(plain).join(' '),
    servings: yieldOf(recipe['recipeYield']),
    lines: all(ingredients).map(plain).filter(Boolean),
    instructions: textsOf(recipe['recipeInstructions']),
    totalMin: isoMinutes(plain(recipe['totalTime'])),
  };
}
/** A recipe in plain words, as it is kept and as it reads again. */
export function plainText({ name, servings, lines, instructions }: Said): string {
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
