/** Differences between two plans of a batch, in words. */
import { entryIndex, foodOf, stepsOf, stepWords } from '../batch/plan';
import type { Batch, Item, Step } from '../batch/schema';
import { spoken } from '../food';
import { formatLength, formatMinutes, type Units } from '../quantity';

/** Place where an item goes in, in the cook's words. */
function entryWords(item: Item, steps: readonly Step[]): string {
  if (item.apart) return 'cooked separately, added when served';
  const at = entryIndex(item, steps);
  const step = steps[at];
  if (!step || at <= 0) return 'with the first lid';
  if (step.kind === 'simmer') {
    const left = steps
      .slice(at)
      .reduce((sum, s) => sum + (s.kind === 'simmer' ? (s.minutes ?? 0) : 0), 0);
    return `after opening, ${formatMinutes(left)} before the end`;
  }
  if (step.kind === 'open' || steps.slice(0, at).some((s) => s.kind === 'pressure'))
    return 'at the opening';
  return 'with the first lid';
}

export function changesOf(before: Batch, after: Batch, units: Units): readonly string[] {
  const changes: string[] = [];
  const old = stepsOf(before);
  const now = stepsOf(after);
  const was = old.map(stepWords).join('; ');
  const is = now.map(stepWords).join('; ');
  if (was !== is) changes.push(`${is} (was: ${was})`);
  for (const item of after.items) {
    const origin = before.items.find((i) => i.id === item.id);
    const name = spoken(foodOf(item)?.name ?? item.food);
    if (!origin) continue;
    const from = entryWords(origin, old);
    const to = entryWords(item, now);
    if (from !== to) changes.push(`${name}: ${to}`);
    if (item.cut && origin.cut && item.cut.mm !== origin.cut.mm)
      changes.push(`${name}: cut to ${formatLength(item.cut.mm, units)}`);
  }
  return changes;
}
