import type { Bundle } from '@/core/batch/schema';
import { same } from '@/formats/changes';

const ids = (list: readonly { readonly id: string }[]): string =>
  list
    .map(({ id }) => id)
    .toSorted()
    .join(' ');

/** Whether a kitchen is the sample as it came: nobody has planned, cooked or kept anything of their own in it. */
export async function isSample({ batches, cooks, jars, bag, foods }: Bundle): Promise<boolean> {
  const { default: file } = await import('@demo/harrow-fell.json');
  const sample = file as unknown as Bundle;
  return (
    ids(cooks) === ids(sample.cooks) &&
    ids(jars) === ids(sample.jars) &&
    ids(bag) === ids(sample.bag) &&
    ids(foods) === ids(sample.foods) &&
    ids(batches) === ids(sample.batches) &&
    sample.batches.every((batch) =>
      same(
        batch,
        batches.find(({ id }) => id === batch.id),
      ),
    )
  );
}
