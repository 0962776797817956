/** Ways to make more or less of a batch, or the same in another pot. Pure: batches in, batches out. */
import { scaleBatch } from './edit';
import { releasesFor } from '../vocabulary';
import type { Batch, Pot } from './types';

/** A way offered to the cook, with the batches that come of it: one, or two when it is split. */
export interface Way {
  readonly id: string;
  readonly name: string;
  readonly batches: readonly Batch[];
}

/** The steps' settings that a pot does not have go back to its first. */
export function inPot(batch: Batch, pot: Pot): Batch {
  const known = new Set(pot.settings.map((s) => s.name));
  const [first] = pot.settings;
  return {
    ...batch,
    potId: pot.id,
    ...(batch.steps && {
      steps: batch.steps.map((step) => {
        if (step.kind !== 'pressure') return step;
        const method = step.release?.method ?? 'natural';
        return {
          ...step,
          ...(step.setting !== undefined &&
            !known.has(step.setting) &&
            first && { setting: first.name }),
          ...(!releasesFor(pot.kind).includes(method) && {
            release: { method: 'natural' as const },
          }),
        };
      }),
    }),
  };
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
