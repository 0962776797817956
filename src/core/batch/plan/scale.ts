/** Ways to make more or less of a batch, or the same in another pot. Pure: batches in, batches out. */
import { potOf } from './complete';
import { scaleBatch } from './edit';
import { releasesFor } from '../../vocabulary';
import type { Batch, Pot, Step } from '../schema/types';

/** A way offered to the cook, with the batches that come of it: one, or two when it is split. */
export interface Way {
  readonly id: string;
  readonly name: string;
  readonly batches: readonly Batch[];
}

function stepIn(step: Step, pot: Pot): Step {
  if (step.kind !== 'pressure') return step;
  const [first] = pot.settings;
  const known = step.setting === undefined || pot.settings.some((s) => s.name === step.setting);
  const lets = releasesFor(pot.kind).includes(step.release?.method ?? 'natural');
  if (known && lets) return step;
  return {
    ...step,
    ...(!known && first && { setting: first.name }),
    ...(!lets && { release: { method: 'natural' as const } }),
  };
}

/**
 * A batch in a pot: settings that the pot does not have go back to its first, and what it cannot be let
 * off by to natural release.
 *
 * @returns the batch itself where it fits already
 */
export function inPot(batch: Batch, pot: Pot): Batch {
  const steps = batch.steps?.map((step) => stepIn(step, pot));
  const fits = !steps || steps.every((step, i) => step === batch.steps?.[i]);
  if (fits && batch.potId === pot.id) return batch;
  return { ...batch, potId: pot.id, ...(steps && { steps }) };
}

/** Repairs batches whose pot is missing or no longer fits them. */
export function inTheirPots(batches: readonly Batch[], pots: readonly Pot[]): readonly Batch[] {
  return batches.map((batch) => {
    const pot = potOf(batch, pots);
    const put = inPot(batch, pot);
    // A batch in the first pot need not name it.
    return put.steps === batch.steps && batch.potId === undefined ? batch : put;
  });
}

/** For a number of bowls. */
export function forServings(batch: Batch, servings: number): Batch {
  return { ...scaleBatch(batch, servings / (batch.servings ?? servings)), servings };
}

/**
 * Everything on offer besides another number of bowls.
 *
 * @param toLine one factor that brings the batch to its line in the pot it is in
 */
export function waysOf(
  batch: Batch,
  pots: readonly Pot[],
  potId: string,
  toLine: number,
): readonly Way[] {
  // A hair under the line, as a cook measures.
  const factor = Math.floor(toLine * 98) / 100;
  const half = scaleBatch(batch, 0.5);
  return [
    ...(factor > 0 && Number.isFinite(factor)
      ? [{ id: 'fill', name: 'as much as this pot takes', batches: [scaleBatch(batch, factor)] }]
      : []),
    ...pots
      .filter((pot) => pot.id !== potId)
      .map((pot) => ({
        id: `pot-${pot.id}`,
        name: `in ${pot.name}`,
        batches: [inPot(batch, pot)],
      })),
    {
      id: 'split',
      name: 'in two batches',
      batches: [
        { ...half, name: `${batch.name}, first half` },
        { ...half, name: `${batch.name}, second half` },
      ],
    },
  ];
}
