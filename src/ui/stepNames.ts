import { stepsOf } from '@/core/batch/plan';
import type { Batch } from '@/core/batch/schema';
import { STEPS, stepOf, type StepKind } from '@/core/vocabulary';

const CLOSINGS = [STEPS.pressure.entry, 'second closing', 'third closing', 'fourth closing'];

const AGAIN = ['second time', 'third time', 'fourth time'];

/** Names of a batch's steps as the cook knows them. */
export function stepNames(batch: Batch): ReadonlyMap<string, string> {
  const steps = stepsOf(batch);
  return new Map(
    steps.map((step, i) => {
      const earlier = steps.slice(0, i);
      const name = stepName(step.kind, earlier.filter((s) => s.kind === 'pressure').length);
      const again = earlier.filter((s) => s.kind === step.kind && s.kind !== 'pressure').length;
      return [step.id, again > 0 ? `${name}, ${AGAIN[again - 1] ?? `time ${again + 1}`}` : name];
    }),
  );
}

/** @param before how often the lid has been on already */
function stepName(kind: StepKind, before: number): string {
  if (kind === 'pressure') return CLOSINGS[before] ?? `closing ${before + 1}`;
  return kind === 'simmer' && before > 0 ? 'after opening, to simmer' : stepOf(kind).entry;
}
