/** Predicted and actual yield of each run of bones. */
import { changed, stepsOf } from '../batch/plan';
import type { Cook, PredictedRunOff, Yield } from '../batch/schema';

/** The run of bones whose broth is strained at a step; null where none is. */
export function runOffAt(run: Cook, step: string): PredictedRunOff | null {
  const runOffs = run.predicted.runOffs ?? [];
  const poured = runOffs.find((r) => r.step === step);
  if (poured) return poured;
  // Bones still in the pot are strained at the end.
  const last = runOffs.at(-1);
  const strain = stepsOf(run.batch).findLast((s) => s.kind === 'strain');
  return last?.step === null && strain?.id === step ? last : null;
}

/** Yield of a run of bones, as far as it was entered. */
export function yieldOf(run: Cook, number: number): Yield {
  return run.yields?.find((y) => y.run === number) ?? { run: number };
}

/** Enters what a run of bones gave. @param change undefined takes a figure back */
export function withYield(
  run: Cook,
  number: number,
  change: { readonly [K in 'litres' | 'set' | 'right']?: Yield[K] | undefined },
): Cook {
  const next = changed(yieldOf(run, number), change);
  const others = (run.yields ?? []).filter((y) => y.run !== number);
  const yields = Object.keys(next).length > 1 ? [...others, next] : others;
  return { ...run, yields: yields.sort((a, b) => a.run - b.run) };
}
