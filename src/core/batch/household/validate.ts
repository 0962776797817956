import { amountGrams, foodByKey, gradesOf, resolveFood, spanOf, type OwnFood } from '../../food';
import { withDefaults } from './defaults';
import { bundleSchema } from '../schema/bundleSchema';
import { batchSchema, itemSchema, LEAST_AMOUNT } from '../schema/schema';
import { releaseOf, releasesFor } from '../../vocabulary';
import { sameName } from '../plan/ownNames';
import { isFields } from '../schema/fields';
import { migrate } from '../schema/migrate';
import { faultsOf, needed, type AnyShape } from '../schema/shape';
import { foodOf, namedFood } from '../plan/named';
import type { Amount } from '../../quantity';
import { overdrafts } from './claims';
import type { BagItem, Batch, Bundle, Item, Cook, Jar } from '../schema/types';

/** One fault of a file: the place, the value found, the value wanted. */
export interface Problem {
  readonly path: string;
  readonly found: string;
  readonly wanted: string;
}

export type Validated =
  | { readonly ok: true; readonly bundle: Bundle }
  | { readonly ok: false; readonly problems: readonly Problem[] };

/** Entries of a list that are shown as they were found. */
const MOST_SHOWN = 10;

function show(value: unknown): string {
  if (value === undefined) return 'nothing';
  // A long list is counted: writing it out would take longer than reading the file.
  if (Array.isArray(value) && value.length > MOST_SHOWN) return `a list of ${value.length}`;
  const text = JSON.stringify(value) ?? typeof value;
  return text.length > 60 ? `${text.slice(0, 57)}...` : text;
}

/**
 * Checks a value against its declaration.
 *
 * @returns every problem, in the order of the file; empty when the value is good
 */
export function problemsOf(shape: AnyShape, value: unknown): readonly Problem[] {
  return [...faultsOf(shape, value)].map((fault) => ({
    path: fault.path || '(the file)',
    found: show(fault.value),
    wanted: fault.wanted,
  }));
}

function duplicates(ids: readonly string[], path: (i: number) => string): readonly Problem[] {
  const seen = new Set<string>();
  return ids.flatMap((id, i) => {
    const again = seen.has(id);
    seen.add(id);
    return again ? [{ path: path(i), found: show(id), wanted: 'an id used once' }] : [];
  });
}

const LIKE = 'a known food';

/** Less than this is not weighed in any kitchen, g. */
const LEAST_G = 1e-3;
/** No pot of a home holds more of one food, g. */
const MOST_G = 100_000;

function itemProblems(item: Item, at: string, steps: ReadonlySet<string> | null): Problem[] {
  const problems: Problem[] = [];
  const food = namedFood(item);
  if (!food)
    problems.push(
      item.own
        ? { path: `${at}.own.like`, found: show(item.own.like), wanted: LIKE }
        : {
            path: `${at}.food`,
            found: show(item.food),
            wanted: 'a known food, or a name in foods',
          },
    );
  else if ((amountGrams(food, item.amount as Amount) ?? 0) > MOST_G)
    problems.push({
      path: `${at}.amount.value`,
      found: show(item.amount.value),
      wanted: `no more than ${MOST_G / 1000} kg of a food`,
    });
  else if (amountGrams(food, item.amount as Amount) === null)
    problems.push({
      path: `${at}.amount.unit`,
      found: show(item.amount.unit),
      wanted: `a mass or a volume: ${food.name} has no usual piece`,
    });
  const family = foodOf(item)?.family;
  if (item.wish && family && !spanOf(family, item.wish))
    problems.push({
      path: `${at}.wish`,
      found: show(item.wish),
      wanted: `two grades in order out of ${gradesOf(family).join(', ')}`,
    });
  item.stays?.forEach((stay, i) => {
    for (const end of ['from', 'to'] as const) {
      const id = stay[end];
      if (id && steps && !steps.has(id))
        problems.push({
          path: `${at}.stays[${i}].${end}`,
          found: show(id),
          wanted: 'the id of a step of the batch',
        });
    }
  });
  return problems;
}

export function batchProblems(batch: Batch, at: string, pots: Bundle['pots'] | null): Problem[] {
  const problems: Problem[] = [];
  const steps = batch.steps ?? [];
  const ids = new Set(steps.map((s) => s.id));
  problems.push(
    ...duplicates(
      batch.items.map((i) => i.id),
      (i) => `${at}.items[${i}].id`,
    ),
    ...duplicates(
      steps.map((s) => s.id),
      (i) => `${at}.steps[${i}].id`,
    ),
  );
  const things = new Set(batch.items.map((i) => i.id));
  const tasks = (batch.alongside ?? []).map((task) => task.id);
  problems.push(
    ...duplicates(tasks, (i) => `${at}.alongside[${i}].id`),
    ...tasks.flatMap((id, i) =>
      things.has(id)
        ? [{ path: `${at}.alongside[${i}].id`, found: show(id), wanted: 'an id no item has' }]
        : [],
    ),
  );
  batch.items.forEach((item, i) => {
    problems.push(...itemProblems(item, `${at}.items[${i}]`, batch.steps ? ids : null));
  });
  if (!pots) return problems;
  const pot = batch.potId === undefined ? pots[0] : pots.find((p) => p.id === batch.potId);
  if (!pot) {
    problems.push({ path: `${at}.potId`, found: show(batch.potId), wanted: 'the id of a pot' });
    return problems;
  }
  steps.forEach((step, i) => {
    if (step.kind !== 'pressure') return;
    if (step.setting !== undefined && !pot.settings.some((s) => s.name === step.setting))
      problems.push({
        path: `${at}.steps[${i}].setting`,
        found: show(step.setting),
        wanted: `a setting of ${pot.name}: ${pot.settings.map((s) => s.name).join(', ')}`,
      });
    const method = step.release?.method ?? 'natural';
    if (!releasesFor(pot.kind).includes(method))
      problems.push({
        path: `${at}.steps[${i}].release.method`,
        found: show(method),
        wanted: `another release: ${releaseOf(method).compared} is for stovetop cookers only`,
      });
  });
  return problems;
}

/**
 * Why an ingredient cannot be kept, in words for the cook; null where it can.
 *
 * @param item as a line made it
 */
export function refusalOf(item: Omit<Item, 'id'>): string | null {
  const held = { id: 'i', ...item };
  const food = namedFood(held);
  const { value } = item.amount;
  if (!food) return `${item.food}: not a food that Retort knows`;
  const grams = amountGrams(food, item.amount) ?? 1;
  if (!(value > 0)) return 'how much is missing: an amount is above 0';
  if (value < LEAST_AMOUNT || grams < LEAST_G) return 'that is too little to weigh';
  if (grams > MOST_G) return `no pot holds that: no more than ${MOST_G / 1000} kg of a food`;
  const [problem] = [...problemsOf(itemSchema, held), ...itemProblems(held, 'item', null)];
  return problem ? `${problem.found} cannot be, wanted: ${problem.wanted}` : null;
}

/**
 * Why a whole batch cannot be kept, in words for the cook; null where it can.
 *
 * @example batchRefusal(batch) // null
 */
export function batchRefusal(batch: Batch): string | null {
  const [problem] = [...problemsOf(batchSchema, batch), ...batchProblems(batch, '', null)];
  if (!problem) return null;
  const place = /^(items|steps)$/.test(problem.path) ? '' : `${problem.path}: `;
  return `${place}${problem.wanted}`;
}

/** A litre is in one plan only. */
export function overdraftProblems(bundle: Pick<Bundle, 'batches' | 'jars'>): readonly Problem[] {
  return overdrafts(bundle).map(({ jar, claimedL, leftL }) => ({
    path: `the jar of ${jar.name}`,
    found: `${claimedL.toFixed(2)} L in plans`,
    wanted: `no more than the ${leftL.toFixed(2)} L that are in it`,
  }));
}

/** Items that name a food of the kitchen, with what that is; others as they are. */
function withOwnFoods(batch: Batch, foods: readonly OwnFood[]): Batch {
  if (foods.length === 0) return batch;
  const own = (item: Item): OwnFood | undefined =>
    item.own || foodByKey(item.food) ? undefined : foods.find((f) => sameName(f.name, item.food));
  if (!batch.items.some(own)) return batch;
  return {
    ...batch,
    items: batch.items.map((item) => {
      const food = own(item);
      return food ? { ...item, own: food } : item;
    }),
  };
}

/**
 * Checks a bundle whole: first its declaration, then its references.
 *
 * @param value anything, as read from a file
 * @returns the bundle, missing fields filled in and unknown ones kept, or every problem found
 * @example validateBundle({}).ok // false
 */
export function validateBundle(value: unknown): Validated {
  const filled = migrate(withDefaults(value));
  // inItsNames tells the problems of an older file in the names of that file.
  const old = isFields(value) && value['version'] === 1;
  const inItsNames = (problems: readonly Problem[]): readonly Problem[] =>
    old ? problems.map((p) => ({ ...p, path: p.path.replace(/^cooks/, 'runs') })) : problems;
  const shape = problemsOf(needed(bundleSchema), filled);
  if (shape.length > 0) return { ok: false, problems: inItsNames(shape) };
  const raw = filled as Omit<Bundle, 'cooks' | 'jars' | 'bag' | 'foods'> & {
    cooks?: readonly Cook[];
    jars?: readonly Jar[];
    bag?: readonly BagItem[];
    foods?: readonly OwnFood[];
  };
  const foods = raw.foods ?? [];
  const bundle: Bundle = {
    ...raw,
    batches: raw.batches.map((batch) => withOwnFoods(batch, foods)),
    cooks: (raw.cooks ?? []).map((run) => ({ ...run, batch: withOwnFoods(run.batch, foods) })),
    jars: raw.jars ?? [],
    bag: raw.bag ?? [],
    foods,
  };
  const problems: Problem[] = [
    ...duplicates(
      bundle.pots.map((p) => p.id),
      (i) => `pots[${i}].id`,
    ),
    ...duplicates(
      bundle.batches.map((b) => b.id),
      (i) => `batches[${i}].id`,
    ),
    ...duplicates(
      bundle.cooks.map((r) => r.id),
      (i) => `cooks[${i}].id`,
    ),
    ...duplicates(
      foods.map((f) => f.id),
      (i) => `foods[${i}].id`,
    ),
    ...bundle.cooks.flatMap((cook, i) =>
      duplicates(
        cook.marks.map((mark) => mark.id),
        (j) => `cooks[${i}].marks[${j}].id`,
      ),
    ),
    ...foods.flatMap((food, i) =>
      resolveFood(food.like)
        ? []
        : [{ path: `foods[${i}].like`, found: show(food.like), wanted: LIKE }],
    ),
    ...duplicates(
      bundle.jars.map((jar) => jar.id),
      (i) => `jars[${i}].id`,
    ),
    ...duplicates(
      bundle.bag.map((item) => item.id),
      (i) => `bag[${i}].id`,
    ),
    ...overdraftProblems(bundle),
    ...bundle.bag.flatMap((item, i) => itemProblems(item, `bag[${i}]`, null)),
    ...bundle.batches.flatMap((b, i) => batchProblems(b, `batches[${i}]`, bundle.pots)),
    ...bundle.cooks.flatMap((r, i) => batchProblems(r.batch, `cooks[${i}].batch`, null)),
  ];
  return problems.length > 0 ? { ok: false, problems: inItsNames(problems) } : { ok: true, bundle };
}
