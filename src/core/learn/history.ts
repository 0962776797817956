/** A dish through time: its cooks, and what was changed from one to the next. */
import { foodOf, stepsOf, stepWords, waterL } from '../batch/plan';
import type { Batch, Cook } from '../batch/schema';
import { amountGrams } from '../food';
import { formatAmount, formatVolume, type Units } from '../quantity';

/** One cook of a dish, and what was other than in the one before. */
export interface Version {
  readonly cook: Cook;
  /** In words; empty for the first, and where nothing was changed. */
  readonly changes: readonly string[];
}

/** Less is the same amount, share of it. */
const SAME = 0.02;

const nameOf = (item: Batch['items'][number]): string => foodOf(item)?.name ?? item.food;

function itemChanges(before: Batch, after: Batch, units: Units): readonly string[] {
  const old = new Map(before.items.map((item) => [item.id, item]));
  const now = new Set(after.items.map((item) => item.id));
  const gone = before.items.filter((item) => !now.has(item.id));
  return [
    ...after.items.flatMap((item) => {
      const was = old.get(item.id);
      if (item.food === 'water' && was?.food === 'water') return [];
      if (!was) return [`with ${nameOf(item)}, ${formatAmount(item.amount, units)}`];
      const food = foodOf(item);
      const [a, b] = [was, item].map((one) => (food ? (amountGrams(food, one.amount) ?? 0) : 0));
      const other = Math.abs((b ?? 0) - (a ?? 0)) > SAME * Math.max(1, a ?? 0);
      return other
        ? [
            `${nameOf(item)} ${formatAmount(was.amount, units)} → ${formatAmount(item.amount, units)}`,
          ]
        : [];
    }),
    ...gone.map((item) => `without ${nameOf(item)}`),
  ];
}

function stepChanges(before: Batch, after: Batch): readonly string[] {
  const old = new Map(stepsOf(before).map((step) => [step.id, stepWords(step)]));
  const steps = stepsOf(after).map((step) => [step.id, stepWords(step)] as const);
  const now = new Set(steps.map(([id]) => id));
  return [
    ...steps.flatMap(([id, words]) => {
      const was = old.get(id);
      if (was === undefined) return [`and ${words}`];
      return was === words ? [] : [`${was} → ${words}`];
    }),
    ...[...old].filter(([id]) => !now.has(id)).map(([, words]) => `no ${words}`),
  ];
}

/** Differences of a plan from the one before it, in words. */
export function changesBetween(before: Batch, after: Batch, units: Units): readonly string[] {
  const [a, b] = [waterL(before), waterL(after)];
  return [
    ...(Math.abs(a - b) > SAME * Math.max(0.1, a)
      ? [`water ${formatVolume(a, units)} → ${formatVolume(b, units)}`]
      : []),
    ...itemChanges(before, after, units),
    ...stepChanges(before, after),
  ];
}

/** Whether two cooks are of one dish: cooked again from each other, or of one plan or name. */
function related(a: Cook, b: Cook): boolean {
  return (
    a.batch.id === b.batch.id ||
    a.batch.name === b.batch.name ||
    a.batch.fromCook === b.id ||
    b.batch.fromCook === a.id
  );
}

/** All cooks of a dish, the first first, each with what was changed. */
export function historyOf(cook: Cook, cooks: readonly Cook[], units: Units): readonly Version[] {
  const of = new Set([cook]);
  const others = cooks.filter((one) => !one.rehearsal && one.endedAt);
  for (let more = true; more;) {
    const found = others.filter((one) => !of.has(one) && [...of].some((b) => related(one, b)));
    found.forEach((one) => of.add(one));
    more = found.length > 0;
  }
  const order = [...of].toSorted((a, b) => a.startedAt.localeCompare(b.startedAt));
  return order.map((one, i) => {
    const before = order[i - 1];
    return { cook: one, changes: before ? changesBetween(before.batch, one.batch, units) : [] };
  });
}
