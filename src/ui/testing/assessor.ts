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
import type { Validated } from '@/core/batch/household';
import { readLines, type ReadLine, type ReadsFor } from '@/core/batch/reading';
import type { Aim, Batch, Bundle, Cook, Kitchen, Lesson, Pot } from '@/core/batch/schema';
import {
  beliefOf,
  choicesAt,
  debriefOf,
  costOfLeaving,
  proposalOf,
  standInAt,
  worldsOf,
  type Belief,
  type Cost,
  type Debrief,
  type Moment,
  type Option,
  type Proposal,
  type StandIn,
  type StandInNow,
} from '@/core/live';
import { learnFrom, lessonOf, taughtBy, type Learned, type Taught } from '@/core/learn';
import {
  daysAhead,
  follow,
  waysToCool,
  type Followed,
  type LarderDay,
  type ToSee,
  type Tried,
} from '@/core/keep';
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

export function lessonAway(cook: Cook): Promise<Lesson | undefined> {
  return Promise.resolve().then(() => lessonOf(cook));
}

export function learnAway(household: Pick<Bundle, 'pots' | 'kitchen' | 'cooks'>): Promise<Learned> {
  return Promise.resolve().then(() => learnFrom(household));
}

export function taughtAway(
  cook: Cook,
  { kitchen, cooks }: Pick<Bundle, 'kitchen' | 'cooks'>,
): Promise<Taught | null> {
  return Promise.resolve().then(() => taughtBy(cook, cooks, kitchen));
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

const later = <T>(work: () => T): Promise<T> => Promise.resolve().then(work);
/** Few worlds: a test waits for them on its own thread. */
const worlds = (cook: Cook, at: number, watched: boolean) =>
  worldsOf(cook, at, { seed: 1, watched, worlds: 12 });

export function believeAway(cook: Cook, at: number, watched: boolean): Promise<Belief> {
  return later(() => beliefOf(worlds(cook, at, watched), at));
}

export function proposeAway(
  cook: Cook,
  at: number,
  watched: boolean,
  moment: Moment,
  step: string,
  foretoldS: number,
): Promise<Proposal | null> {
  return later(() => proposalOf(cook, at, worlds(cook, at, watched), moment, step, foretoldS));
}

export function choicesAway(
  cook: Cook,
  at: number,
  watched: boolean,
  step: string,
): Promise<readonly Option[]> {
  return later(() => choicesAt(cook, at, worlds(cook, at, watched), step));
}

export function leavingAway(cook: Cook, at: number, watched: boolean): Promise<Cost> {
  return later(() => costOfLeaving(cook, at, worlds(cook, at, watched)));
}

export function standInAway(cook: Cook, standIn: StandIn, at: number): Promise<StandInNow> {
  return later(() => standInAt(cook, standIn, at));
}

export function debriefAway(cook: Cook): Promise<Debrief> {
  return later(() => debriefOf(cook));
}

export const warmModels = (): void => undefined;

export const nextTurn = (): Promise<void> => Promise.resolve();

export function coolWaysAway(...asked: Parameters<typeof waysToCool>): Promise<readonly Tried[]> {
  return later(() => waysToCool(...asked));
}

export function followAway(...asked: Parameters<typeof follow>): Promise<Followed> {
  return later(() => follow(...asked));
}

export function aheadAway(see: ToSee, now: number): Promise<readonly LarderDay[]> {
  return later(() => daysAhead(see, now));
}
