/** A batch of a recipe as it was read. */
import { addTask, atTheEnd, changed, inPot, kept, stay } from '../../core/batch/plan';
import { MOST_TASKS, type Batch, type Item, type Pot, type Stay } from '../../core/batch/schema';
import type { Food } from '../../core/food';
import type { ReadRecipe } from './recipeIn';
import type { Entry } from './recipePot';

const LONGEST_NOTE = 5000;

/** Foods that are browned where a recipe browns and does not say what. */
const BROWNED: ReadonlySet<Food['group']> = new Set(['meat', 'poultry', 'vegetable', 'fat']);

/** Step for what a recipe does not speak of: the first lid, or the browning that names nothing. */
function usuallyIn({ steps, entries }: ReadRecipe, food: Food | null): string | null {
  const [first] = steps;
  const named = [...entries.values()].some((e) => e !== 'apart' && e.step === first?.id);
  if (first?.kind === 'saute' && !named && food && BROWNED.has(food.group)) return first.id;
  return steps.find((s) => s.kind === 'pressure')?.id ?? null;
}

/** Stays of a line's food: in with its step, or as is usual; out and back where the sentences say so. */
function staysOf(
  entry: Exclude<Entry, 'apart'> | undefined,
  usual: string | null,
): readonly Stay[] {
  if (!entry) return [stay(usual)];
  const { step, done, aside, out } = entry;
  return aside
    ? [stay(step, aside.out, done), stay(aside.back, null, aside.done)]
    : [stay(step, out, done)];
}

/**
 * A batch of a recipe; lines that name no food are left in its note.
 *
 * @param pot that it is planned in
 * @param link to its page
 */
export function batchOfRecipe(
  recipe: ReadRecipe,
  id: string,
  pot: Pot | undefined,
  link?: string,
): Batch {
  const unread = recipe.lines.filter((line) => !line.item && !line.task).map((line) => line.text);
  const items = recipe.lines.flatMap((line, i): Item[] => {
    if (!line.item) return [];
    const entry = recipe.entries.get(i);
    const item = { ...line.item, id: recipe.ids[i] ?? `i${i + 1}` };
    return entry === 'apart'
      ? [{ ...item, apart: true }]
      : [changed<Item>(item, kept(staysOf(entry, usuallyIn(recipe, line.food))))];
  });
  const note =
    unread.length > 0 ? `Not understood: ${unread.join('; ')}`.slice(0, LONGEST_NOTE) : '';
  const batch: Batch = {
    id,
    name: recipe.name,
    servings: recipe.servings ?? 4,
    kind: recipe.kind,
    items,
    ...(recipe.steps.length > 0 && { steps: recipe.steps }),
    ...(recipe.bones && { bones: recipe.bones }),
    ...(note && { note }),
    recipe: { text: recipe.text, ...(link && { link }) },
  };
  const tasks = [...recipe.lines.flatMap((line) => line.task ?? []), ...recipe.tasks];
  // A line that says "at the end" is asked where nothing is said of it later.
  const late = recipe.lines.flatMap((line, i) =>
    line.item && line.place === 'end' && !recipe.entries.has(i) ? (recipe.ids[i] ?? []) : [],
  );
  const whole = tasks.slice(0, MOST_TASKS).reduce(addTask, atTheEnd(batch, late));
  return pot ? inPot(whole, pot) : whole;
}
