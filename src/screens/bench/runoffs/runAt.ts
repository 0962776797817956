import type { Assessment } from '@/core/assess';
import type { BonesReport } from '@/core/model';

/** Index of the run that is in the pot at a minute; 0 before and without bones. */
export function runAt(bones: readonly BonesReport[], minute: number | null): number {
  if (minute === null) return 0;
  return Math.max(
    0,
    bones.findLastIndex((run) => minute > run.startMin + 1e-6),
  );
}

/** First sample with a run's water in the pot; null for the first run, which begins the cook. */
export function runStart({ bones, time, series }: Assessment, run: number): number | null {
  const first = bones[run]?.steps[0];
  const step = time.steps.findIndex((s) => s.id === first);
  const sample = run > 0 && step >= 0 ? series.step.indexOf(step) : -1;
  return sample < 0 ? null : sample;
}
