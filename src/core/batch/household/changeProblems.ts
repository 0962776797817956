/** The household after a change, checked against the file schema. */
import { cookSchema } from '../schema/cookSchema';
import { bagItemSchema, jarSchema } from '../schema/larderSchema';
import { batchSchema, kitchenSchema, ownFoodSchema, potSchema } from '../schema/schema';
import { batchProblems, overdraftProblems, problemsOf, type Problem } from './validate';
import type { AnyShape } from '../schema/shape';
import type { Bundle } from '../schema/types';

const recordsOf = (bundle: Bundle | null): readonly unknown[] =>
  bundle
    ? [
        bundle.kitchen,
        ...bundle.pots,
        ...bundle.batches,
        ...bundle.cooks,
        ...bundle.foods,
        ...bundle.jars,
        ...bundle.bag,
      ]
    : [];

/**
 * Problems of records that a change made or changed, with their places; empty when it can be kept.
 *
 * @param file what was read from a file, whose records have been checked
 */
export function changeProblems(
  before: Bundle | null,
  after: Bundle,
  file: Bundle | null = null,
): readonly Problem[] {
  const was = new Set<unknown>([...recordsOf(before), ...recordsOf(file)]);
  const shapes = (schema: AnyShape, record: { readonly name?: string }): readonly Problem[] =>
    problemsOf(schema, record).map((p) => ({
      ...p,
      path: `${record.name ?? ''} ${p.path}`.trim(),
    }));
  const isNew = (record: unknown): boolean => !was.has(record);
  // A changed list of pots may lack the pot of a batch.
  const pots = after.pots !== before?.pots;
  return [
    ...(isNew(after.kitchen) ? problemsOf(kitchenSchema, after.kitchen) : []),
    ...(after.pots.length === 0
      ? [{ path: 'pots', found: 'nothing', wanted: 'at least one pot' }]
      : []),
    ...after.pots.filter(isNew).flatMap((pot) => shapes(potSchema, pot)),
    ...after.foods.filter(isNew).flatMap((food) => shapes(ownFoodSchema, food)),
    ...after.jars.filter(isNew).flatMap((jar) => shapes(jarSchema, jar)),
    ...after.bag.filter(isNew).flatMap((item) => problemsOf(bagItemSchema, item)),
    ...(after.jars !== before?.jars || after.batches !== before?.batches
      ? overdraftProblems(after)
      : []),
    ...after.batches.filter(isNew).flatMap((batch) => shapes(batchSchema, batch)),
    ...after.cooks.filter(isNew).flatMap((cook) => problemsOf(cookSchema, cook)),
    ...after.batches
      .filter((batch) => pots || isNew(batch))
      .flatMap((batch) => batchProblems(batch, batch.name, after.pots)),
  ];
}
