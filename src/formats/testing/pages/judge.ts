/** How much of a page was read right: its steps, its lids, its places. */
import { entryOf } from '../../../core/batch/plan';
import type { Step } from '../../../core/batch/schema';
import { batchOfRecipe } from '../../recipe/recipeBatch';
import { readRecipe, type ReadRecipe } from '../../recipe/recipeIn';
import { lidWords } from '../recipes/lidWords';
import type { PageCase } from './first';

interface Wanted {
  readonly words: string;
  /** It may be there or not. */
  readonly optional: boolean;
}

/** Counts of one page. */
export interface PageScore {
  readonly name: string;
  readonly read: boolean;
  readonly steps: { readonly right: number; readonly wanted: number; readonly surplus: number };
  readonly places: { readonly right: number; readonly wanted: number };
  /** Lids as they were read, and as they should be. */
  readonly lids: { readonly read: readonly string[]; readonly wanted: readonly string[] };
  /** Whether something was told or asked. */
  readonly marked: boolean;
  readonly nameRight: boolean;
  readonly servesRight: boolean;
  readonly notes: readonly string[];
}

function wordsOf(step: Step): string {
  if (step.kind === 'pressure') return `p ${lidWords(step)}`;
  return `${step.kind} ${step.minutes ?? '~'}`;
}

function wantedOf(page: PageCase): readonly Wanted[] {
  return page.steps.split(';').map((one) => {
    const words = one.trim();
    const optional = words.startsWith('[');
    return { words: optional ? words.slice(1, -1).trim() : words, optional };
  });
}

/** Whether a step is the one that is wanted: the same minutes, or none said. */
function isStep(step: Step, { words }: Wanted): boolean {
  const [kind = '', ...rest] = words.split(' ');
  if (kind === 'p') return wordsOf(step) === words;
  if (step.kind !== kind) return false;
  const minutes = rest[0];
  if (minutes === undefined || minutes === '~') return true;
  return step.kind !== 'pressure' && step.minutes === Number(minutes);
}

/** The longest run of steps, in order, that are as wanted: pairs of indices. */
function aligned(
  steps: readonly Step[],
  wanted: readonly Wanted[],
): readonly (readonly [number, number])[] {
  const best: (readonly (readonly [number, number])[])[][] = Array.from(
    { length: steps.length + 1 },
    () => Array.from({ length: wanted.length + 1 }, () => []),
  );
  for (let i = steps.length - 1; i >= 0; i--)
    for (let j = wanted.length - 1; j >= 0; j--) {
      const step = steps[i];
      const want = wanted[j];
      const skip = [best[i + 1]?.[j] ?? [], best[i]?.[j + 1] ?? []];
      const take: readonly (readonly [number, number])[] =
        step && want && isStep(step, want) ? [[i, j], ...(best[i + 1]?.[j + 1] ?? [])] : [];
      const row = best[i];
      if (row) row[j] = [take, ...skip].reduce((a, b) => (b.length > a.length ? b : a));
    }
  return best[0]?.[0] ?? [];
}

function placesRight(
  page: PageCase,
  recipe: ReadRecipe,
  pairs: ReturnType<typeof aligned>,
): {
  readonly right: number;
  readonly wanted: number;
  readonly wrong: readonly string[];
} {
  const batch = batchOfRecipe(recipe, 'b', undefined);
  const steps = batch.steps ?? [];
  const wrong: string[] = [];
  const all = page.at.split(';').map((one) => one.trim().split(' '));
  // The next step takes the food of an optional step that is missing.
  const next = (place: string): string => {
    const j = wantedOf(page).findIndex(
      ({ optional }, n) => n + 1 >= Number(place) && (!optional || pairs.some(([, k]) => k === n)),
    );
    return j < 0 ? place : String(j + 1);
  };
  for (const [food = '', place = ''] of all) {
    const items = batch.items.filter((item) => item.food === food);
    const at = items.map((item) => {
      if (item.apart) return 'apart';
      const index = steps.findIndex((s) => s.id === entryOf(item));
      const pair = pairs.find(([i]) => i === Math.max(0, index));
      return pair ? String(pair[1] + 1) : `step ${index + 1} (${steps[index]?.kind})`;
    });
    if (!at.includes(place) && !at.includes(next(place)))
      wrong.push(`${food} ${at.join('/') || 'not there'} for ${place}`);
  }
  return { right: all.length - wrong.length, wanted: all.length, wrong };
}

export function scorePage(page: PageCase, text: string): PageScore {
  const wanted = wantedOf(page);
  const needed = wanted.filter(({ optional }) => !optional);
  const lidsWanted = wanted.map(({ words }) => words).filter((words) => words.startsWith('p '));
  const result = readRecipe(text);
  if (!result.ok)
    return {
      name: page.name,
      read: false,
      steps: { right: 0, wanted: needed.length, surplus: 0 },
      places: { right: 0, wanted: page.at.split(';').length },
      lids: { read: [], wanted: lidsWanted },
      marked: true,
      nameRight: false,
      servesRight: false,
      notes: [result.message],
    };
  const { recipe } = result;
  const { steps } = recipe;
  const pairs = aligned(steps, wanted);
  const right = pairs.filter(([, j]) => !wanted[j]?.optional).length;
  const places = placesRight(page, recipe, pairs);
  const surplus = steps.length - pairs.length;
  const lids = steps.filter((s) => s.kind === 'pressure').map(wordsOf);
  return {
    name: page.name,
    read: true,
    steps: { right, wanted: needed.length, surplus },
    places: { right: places.right, wanted: places.wanted },
    lids: { read: lids, wanted: lidsWanted },
    marked: recipe.unsure.length > 0 || recipe.lines.some((line) => line.unsure.length > 0),
    nameRight: recipe.name === page.name,
    servesRight: recipe.servings === page.serves,
    notes: [
      ...(right < needed.length || surplus > 0
        ? [`steps ${steps.map(wordsOf).join('; ')} for ${page.steps}`]
        : []),
      ...places.wrong,
      ...recipe.unsure,
    ],
  };
}
