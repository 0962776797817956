import { stepsOf } from '@/core/batch/plan';
import type { Batch } from '@/core/batch/schema';
import { stepOf } from '@/core/vocabulary';

/** Names of a batch's stages, by step id. Such as "stage 2: pressure-cook". */
export function stepNames(batch: Batch): ReadonlyMap<string, string> {
  return new Map(
    stepsOf(batch).map((step, i) => [step.id, `stage ${i + 1}: ${stepOf(step.kind).entry}`]),
  );
}
