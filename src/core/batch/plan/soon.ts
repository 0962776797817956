import type { Batch } from '../schema/types';

/** An evening is as long, ms. */
const AHEAD_MS = 24 * 3_600_000;

/** The batches that are wanted on the table within a day, the first first. */
export function wantedSoon(batches: readonly Batch[], now: number): readonly Batch[] {
  const at = (batch: Batch): number => Date.parse(batch.serveAt ?? '');
  return batches
    .filter((batch) => at(batch) > now && at(batch) < now + AHEAD_MS && batch.items.length > 0)
    .toSorted((a, b) => at(a) - at(b));
}
