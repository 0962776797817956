/** Which strainings pour the broth off and leave the bones for a run in fresh water. */
import { namedFood } from './named';
import { entryIndex, exitOf, indexOfStep } from './stays';
import type { Batch, Item, Step } from '../schema/types';

const isBone = (item: Item): boolean =>
  item.from !== undefined || namedFood(item)?.group === 'bones';
const isLiquid = (item: Item): boolean => namedFood(item)?.group === 'liquid';

/**
 * Indexes of the strainings after which the bones stay. Where a straining does not say, they stay
 * if fresh liquid and no fresh bones go in before the next one, and the heat comes on again;
 * fresh bones without fresh liquid make a double stock.
 */
export function poursOf(batch: Batch, steps: readonly Step[]): readonly number[] {
  const items = batch.items.filter((i) => !i.apart);
  const enters = (item: Item): number => entryIndex(item, steps);
  return steps.flatMap((step, index) => {
    if (step.kind !== 'strain') return [];
    if (step.keep !== undefined) return step.keep === 'bones' ? [index] : [];
    const next = steps.findIndex((s, i) => i > index && s.kind === 'strain');
    const end = next < 0 ? steps.length : next;
    const between = (item: Item): boolean => enters(item) >= index && enters(item) < end;
    const heated = steps
      .slice(index + 1, end)
      .some((s) => s.kind === 'pressure' || s.kind === 'simmer');
    const bones = items.some(
      (i) => isBone(i) && enters(i) < index && indexOfStep(steps, exitOf(i), steps.length) > index,
    );
    const again =
      heated &&
      bones &&
      items.some((i) => isLiquid(i) && between(i)) &&
      !items.some((i) => isBone(i) && between(i));
    return again ? [index] : [];
  });
}
