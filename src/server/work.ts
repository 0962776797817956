/**
 * Work of the server's threads: taking calls apart, reading and assessing, away from its event loop. Bundled by
 * the build.
 */
import { readLines, type ReadsFor } from '../core';
import { assessFile } from '../formats/assessed';
import { batchOfRecipe } from '../formats/recipe/recipeBatch';
import { bundleIn } from '../formats/read';
import { documentIn, plainText } from '../formats/recipe/recipeDocument';
import { readRecipe } from '../formats/recipe/recipeIn';
import { parsed, Refusal } from './answers';
import { checked } from './calls';

/** A piece of work, and the body of its call or the text of a page. */
export interface Work {
  readonly what: 'page' | 'assess' | 'read';
  readonly text: string;
}

/** Outcome. */
export type Worked =
  | { readonly ok: true; readonly output: unknown }
  | { readonly ok: false; readonly status: Refusal['status']; readonly reasons: string };

const good = (output: unknown): Worked => ({ ok: true, output });
const bad = (...reasons: readonly string[]): Worked => ({
  ok: false,
  status: 422,
  reasons: reasons.join('\n'),
});

function page(text: string): Worked {
  const document = documentIn(text);
  if (!document.ok) return bad(document.message);
  const { name, category, servings, lines, instructions, totalMin = null } = document.said;
  return good({
    title: name,
    category,
    servings,
    totalMin,
    lines,
    sentences: instructions,
    text: plainText(document.said),
  });
}

function assess(body: string): Worked {
  const { file, batch, draws, seed } = checked('assess', parsed(body));
  const done = assessFile(bundleIn(file), { batch, draws, seed });
  return done.ok ? good(done.output) : bad(...done.reasons);
}

function read(body: string): Worked {
  const { text, lines, units } = checked('read', parsed(body));
  const own: ReadsFor = { units };
  if (lines !== undefined) return good({ lines: readLines(lines, own) });
  const result = readRecipe(text ?? '', own);
  if (!result.ok) return bad(result.message);
  const { entries, ...reading } = result.recipe;
  return good({
    reading: { ...reading, entries: Object.fromEntries(entries) },
    batch: batchOfRecipe(result.recipe, 'read', undefined),
  });
}

const DOES = { page, assess, read } as const;

export default function work({ what, text }: Work): Worked {
  try {
    return DOES[what](text);
  } catch (error) {
    if (error instanceof Refusal)
      return { ok: false, status: error.status, reasons: error.message };
    throw error;
  }
}
