import { stepsOf, type Batch } from '@/core/batch';

/** Names of a batch's steps as the cook knows them. */
export function stepNames(batch: Batch): ReadonlyMap<string, string> {
  const steps = stepsOf(batch);
  return new Map(
    steps.map((step, i) => [
      step.id,
      stepName(
        step.kind,
        steps.slice(0, i).some((s) => s.kind === 'pressure'),
      ),
    ]),
  );
}

function stepName(kind: string, after: boolean): string {
  switch (kind) {
    case 'pressure':
      return after ? 'second closing' : 'as the lid goes on';
    case 'simmer':
      return after ? 'after opening, to simmer' : 'at the simmer';
    case 'saute':
      return 'to brown';
    case 'open':
      return 'when opened';
    default:
      return `at the ${kind}`;
  }
}
