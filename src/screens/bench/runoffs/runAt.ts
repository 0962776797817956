import type { BonesReport } from '@/core/assess';

/** Index of the run that is in the pot at a minute; 0 before and without bones. */
export function runAt(bones: readonly BonesReport[], minute: number | null): number {
  if (minute === null) return 0;
  return Math.max(
    0,
    bones.findLastIndex((run) => minute > run.startMin + 1e-6),
  );
}
