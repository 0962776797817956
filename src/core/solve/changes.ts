/** What differs between two plans of a batch, in words. */
import { foodOf, stepsOf, type Batch, type Item, type Release, type Step } from '../batch';
import { formatLength, formatMinutes, type Units } from '../quantity';

function releaseWords(release: Release | undefined): string {
  switch (release?.method) {
    case 'quick':
      return 'quick release';
    case 'timed':
      return `valve after ${formatMinutes(release.afterMin)}`;
    case 'pulsed':
      return 'valve in bursts';
    case 'coldwater':
      return 'cold water over the lid';
    default:
      return 'natural release';
  }
}

function stepWords(step: Step): string {
  if (step.kind === 'pressure')
    return `hold ${formatMinutes(step.holdMin)}, ${releaseWords(step.release)}`;
  const minutes = step.minutes === undefined ? '' : ` ${formatMinutes(step.minutes)}`;
  return `${step.kind === 'saute' ? 'brown' : step.kind}${minutes}`;
}

/** Where an item goes in, as a cook says it. */
function entryWords(item: Item, steps: readonly Step[]): string {
  if (item.apart) return 'apart, joined in the bowl';
  const at = item.enters ? steps.findIndex((s) => s.id === item.enters) : 0;
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
    const name = foodOf(item)?.name ?? item.food;
    if (!origin) continue;
    const from = entryWords(origin, old);
    const to = entryWords(item, now);
    if (from !== to) changes.push(`${name}: ${to}`);
    if (item.cut && origin.cut && item.cut.mm !== origin.cut.mm)
      changes.push(`${name}: cut to ${formatLength(item.cut.mm, units)}`);
  }
  return changes;
}
