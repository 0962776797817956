/** Lids of a plan in words, for tests. */
import type { PressureStep, Step } from '../../../core/batch/schema';

/** @example lidWords({ id: 's1', kind: 'pressure', holdMin: 35 }) // "35 none" */
export function lidWords({ setting, holdMin, release }: PressureStep): string {
  return [
    ...(setting && setting !== 'high' ? [setting] : []),
    String(holdMin),
    release?.method ?? 'none',
    ...(release && 'afterMin' in release && release.afterMin ? [String(release.afterMin)] : []),
  ].join(' ');
}

export const lidsOf = (steps: readonly Step[]): readonly string[] =>
  steps.flatMap((step) => (step.kind === 'pressure' ? [lidWords(step)] : []));
