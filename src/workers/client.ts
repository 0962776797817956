/** The main thread's end of the workers. */
import { proxy, wrap, type Remote } from 'comlink';
import type { Assessment, AssessOptions, Draws, ReleaseOption } from '../core/assess';
import type { Aim, Batch, Kitchen, Pot, ReadLine, ReadsFor } from '../core/batch';
import type { Judged, NextRun, RunOffSolution, Solution, Wishes } from '../core/solve';
import type { RecipeChanges, RecipeResult } from '../formats/recipeIn';
import type { AssessApi } from './assess.worker';
import type { ReaderApi } from './reader.worker';

interface Running {
  readonly worker: Worker;
  readonly api: Remote<AssessApi>;
}

function spawn(): Running {
  const worker = new Worker(new URL('./assess.worker.ts', import.meta.url), { type: 'module' });
  return { worker, api: wrap<AssessApi>(worker) };
}

/** The reader reads what others may have written, and shares no worker with what the Bench waits for. */
let reader: Remote<ReaderApi> | null = null;

function theReader(): Remote<ReaderApi> {
  reader ??= wrap<ReaderApi>(
    new Worker(new URL('./reader.worker.ts', import.meta.url), { type: 'module' }),
  );
  return reader;
}

/** Reads a list, a line an item. */
export function readLinesAway(text: string, own: ReadsFor): Promise<readonly ReadLine[]> {
  return theReader().readLines(text, own);
}

/** Reads a recipe, with what the cook has corrected in it. */
export function readRecipeAway(
  text: string,
  own: ReadsFor,
  changes: RecipeChanges,
): Promise<RecipeResult> {
  return theReader().readRecipe(text, own, changes);
}

let assessor: Running | null = null;
let drawer: Running | null = null;
let solver: Running | null = null;

/** Assesses a batch in the worker. @throws what assess throws */
export function assessAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  options?: AssessOptions,
): Promise<Assessment> {
  assessor ??= spawn();
  return assessor.api.assess(batch, pot, kitchen, options);
}

/** The ways of releasing a step side by side, worked out in the worker. */
export function releasesAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  step: string,
): Promise<readonly ReleaseOption[]> {
  assessor ??= spawn();
  return assessor.api.compareReleases(batch, pot, kitchen, step);
}

/** What one run of bones more would give, worked out in the worker. */
export function nextRunAway(batch: Batch, pot: Pot, kitchen: Kitchen): Promise<NextRun | null> {
  assessor ??= spawn();
  return assessor.api.nextRun(batch, pot, kitchen);
}

/** The answer, or the reason why nobody waits for it any more. */
function unlessEnded<T>(answer: Promise<T>, signal: AbortSignal, end: () => void): Promise<T> {
  return new Promise((resolve, reject) => {
    const ended = (): void => {
      end();
      reject(signal.reason as Error);
    };
    if (signal.aborted) return ended();
    signal.addEventListener('abort', ended, { once: true });
    void answer.then(resolve, reject).finally(() => signal.removeEventListener('abort', ended));
  });
}

function stopDrawing(): void {
  drawer?.worker.terminate();
  drawer = null;
}

/** Draws of a batch. @throws the reason of the signal that ended it */
export function drawAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  draws: number,
  onDraw: (done: number) => void,
  signal: AbortSignal,
): Promise<Draws | null> {
  drawer ??= spawn();
  const answer = drawer.api.draw(batch, pot, kitchen, draws, proxy(onDraw));
  return unlessEnded(answer, signal, stopDrawing);
}

/** Judges a batch by its draws, after them and in their worker. @throws the reason of its signal */
export function judgeAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  pots: readonly Pot[],
  draws: Draws,
  signal: AbortSignal,
): Promise<Judged> {
  drawer ??= spawn();
  return unlessEnded(drawer.api.judgeBatch(batch, pot, kitchen, pots, draws), signal, stopDrawing);
}

/** Plans a batch in a worker of its own. @throws what solve throws */
export function solveAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  wishes: Wishes,
): Promise<Solution> {
  stopSolving();
  solver = spawn();
  return solver.api.solve(batch, pot, kitchen, wishes);
}

/** Plans runs of bones in the solver's worker. @throws what planRunOffs throws */
export function runOffsAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  aim: Aim,
): Promise<RunOffSolution> {
  stopSolving();
  solver = spawn();
  return solver.api.planRunOffs(batch, pot, kitchen, aim);
}

/** Ends a search that nobody waits for any more; its promise then never settles. */
export function stopSolving(): void {
  solver?.worker.terminate();
  solver = null;
}
