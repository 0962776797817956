/** Yield of one more run. */
import { assess } from '../../assess';
import { addExtraction, foodOf, stretchesOf } from '../../batch/plan';
import type { Batch, Kitchen, Pot } from '../../batch/schema';

export interface NextRun {
  readonly strongG: number;
  /** Gelatine that sets in it, g/L. */
  readonly gPerL: number;
  readonly minutes: number;
  readonly fuelKWh: number;
  /** Why not to make it; null if nothing speaks against it. */
  readonly refused: string | null;
}

/**
 * The run after the last, as long and with as much water as that.
 *
 * @returns null for a plan without bones or without a hold to make again
 */
export function nextRun(batch: Batch, pot: Pot, kitchen: Kitchen): NextRun | null {
  const more = addExtraction(batch);
  if (more === batch) return null;
  const { bones } = assess(more, pot, kitchen, { stepS: 30 });
  const last = bones.at(-1);
  if (!last || bones.length < 2) return null;
  const runs = stretchesOf(batch).length;
  const spent = batch.items.flatMap((item) => {
    const food = item.apart ? undefined : foodOf(item);
    return food?.extract?.crumbleMin !== undefined && food.extract.runs <= runs ? [food.name] : [];
  });
  return {
    strongG: last.strongG,
    gPerL: last.setsGPerL,
    minutes: last.endMin - last.startMin,
    fuelKWh: last.fuelKWh,
    refused:
      spent.length > 0
        ? `${[...new Set(spent)].join(' and ')} would fall into splinters: one broth only`
        : null,
  };
}
