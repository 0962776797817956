/** Stands in for the workers where there are none: the same core, on the same thread. */
import {
  assess,
  compareReleases,
  drawBatch,
  type AssessOptions,
  type Assessment,
  type Draws,
  type ReleaseOption,
} from '@/core/assess';
import {
  readLines,
  type Aim,
  type Batch,
  type Kitchen,
  type Pot,
  type ReadLine,
  type ReadsFor,
  type Validated,
} from '@/core/batch';
import {
  judgeBatch,
  nextRun,
  planRunOffs,
  solve,
  type Judged,
  type NextRun,
  type RunOffSolution,
  type Solution,
  type Wishes,
} from '@/core/solve';
import { readBundle, readRecipe, type RecipeChanges, type RecipeResult } from '@/formats';

export function assessAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  options?: AssessOptions,
): Promise<Assessment> {
  return Promise.resolve().then(() => assess(batch, pot, kitchen, options));
}

export function releasesAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  step: string,
): Promise<readonly ReleaseOption[]> {
  return Promise.resolve(compareReleases(batch, pot, kitchen, step));
}

export function drawAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  draws: number,
  onDraw: (done: number) => void,
): Promise<Draws | null> {
  return Promise.resolve(
    drawBatch(batch, pot, kitchen, {
      draws,
      seed: 1,
      onDraw: (done) => {
        onDraw(done);
        return true;
      },
    }),
  );
}

export function judgeAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  pots: readonly Pot[],
  draws: Draws,
): Promise<Judged> {
  return Promise.resolve().then(() => judgeBatch(batch, pot, kitchen, pots, draws));
}

export function solveAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  wishes: Wishes,
): Promise<Solution> {
  return Promise.resolve().then(() => solve(batch, pot, kitchen, wishes));
}

export function nextRunAway(batch: Batch, pot: Pot, kitchen: Kitchen): Promise<NextRun | null> {
  return Promise.resolve(nextRun(batch, pot, kitchen));
}

export function runOffsAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  aim: Aim,
): Promise<RunOffSolution> {
  return Promise.resolve().then(() => planRunOffs(batch, pot, kitchen, aim));
}

export function readLinesAway(text: string, own: ReadsFor): Promise<readonly ReadLine[]> {
  return Promise.resolve(readLines(text, own));
}

export function readRecipeAway(
  text: string,
  own: ReadsFor,
  changes: RecipeChanges,
): Promise<RecipeResult> {
  return Promise.resolve(readRecipe(text, own, changes));
}

export async function readFileAway(
  file: Blob,
  onShare: (share: number) => void,
): Promise<Validated> {
  const read = readBundle(await file.text());
  onShare(1);
  return read;
}

export const stopSolving = (): void => undefined;
