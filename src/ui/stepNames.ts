import { stepsOf, type Batch } from '@/core/batch';

const CLOSINGS = ['as the lid goes on', 'second closing', 'third closing', 'fourth closing'];

/** Names of a batch's steps as the cook knows them. */
export function stepNames(batch: Batch): ReadonlyMap<string, string> {
  const steps = stepsOf(batch);
  return new Map(
    steps.map((step, i) => [
      step.id,
      stepName(step.kind, steps.slice(0, i).filter((s) => s.kind === 'pressure').length),
    ]),
  );
}

/** @param before how often the lid has been on already */
function stepName(kind: string, before: number): string {
  switch (kind) {
    case 'pressure':
      return CLOSINGS[before] ?? `closing ${before + 1}`;
    case 'simmer':
      return before > 0 ? 'after opening, to simmer' : 'at the simmer';
    case 'saute':
      return 'to brown';
    case 'open':
      return 'when opened';
    default:
      return `at the ${kind}`;
  }
}
