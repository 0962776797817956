/** The main thread's end of the workers. */
import { proxy } from 'comlink';
import type { Assessment, AssessOptions, Draws, ReleaseOption } from '../core/assess';
import type {
  Aim,
  Batch,
  Bundle,
  Cook,
  CoolingKept,
  Kitchen,
  Lesson,
  Pot,
} from '../core/batch/schema';
import type {
  Belief,
  Cost,
  Debrief,
  Moment,
  Option,
  Proposal,
  StandIn,
  StandInNow,
} from '../core/live';
import type { AtHand, Followed, LarderDay, Left, Surroundings, ToSee, Tried } from '../core/keep';
import { LOOKED_AT, LOOKED_AT_OF_BATCH, teachers, type Learned, type Taught } from '../core/learn';
import type { Judged, NextRun, RunOffSolution, Solution, Wishes } from '../core/solve';
import { writeHeld } from '../formats/held';
import type { AssessApi } from './assess.worker';
import { nextTurn } from './turn';
import { started, watched } from './watched';

const models = (endsAborted = false) =>
  watched<AssessApi>(
    () =>
      started(() => new Worker(new URL('./assess.worker.ts', import.meta.url), { type: 'module' })),
    endsAborted,
  );

/** What the Bench waits for, what may take long, and what is searched for: none holds up another. */
const assessor = models();
const drawer = models(true);
const solver = models();

/** What is believed at the stove, and the stand-in: neither waits for the other, nor the Bench for them. */
const believer = models();
const device = models();

/** What may be believed of a cook on its way. @param at s from its start */
export function believeAway(
  cook: Cook,
  at: number,
  watched: boolean,
  signal?: AbortSignal,
): Promise<Belief> {
  return believer.ask(cook.batch.name, (api) => api.believe(cook, at, watched), signal);
}

/** The one thing to propose to a cook on its way; null where the plan holds. */
export function proposeAway(
  cook: Cook,
  at: number,
  watched: boolean,
  moment: Moment,
  step: string,
  foretoldS: number,
  signal?: AbortSignal,
): Promise<Proposal | null> {
  return believer.ask(
    cook.batch.name,
    (api) => api.propose(cook, at, watched, moment, step, foretoldS),
    signal,
  );
}

/** The choices at an opening, side by side. */
export function choicesAway(
  cook: Cook,
  at: number,
  watched: boolean,
  step: string,
  signal?: AbortSignal,
): Promise<readonly Option[]> {
  return believer.ask(cook.batch.name, (api) => api.choices(cook, at, watched, step), signal);
}

/** What every minute costs that what is due is left undone. */
export function leavingAway(
  cook: Cook,
  at: number,
  watched: boolean,
  signal?: AbortSignal,
): Promise<Cost> {
  return believer.ask(cook.batch.name, (api) => api.leaving(cook, at, watched), signal);
}

/** The stand-in of a cook at a moment. */
export function standInAway(cook: Cook, standIn: StandIn, at: number): Promise<StandInNow> {
  return device.ask('The stand-in', (api) => api.standInAt(cook, standIn, at));
}

/** What there is to learn from a cook that is over. @throws what lessonOf throws */
export function lessonAway(cook: Cook, signal?: AbortSignal): Promise<Lesson | undefined> {
  return believer.ask(cook.batch.name, (api) => api.lessonOf(cook), signal);
}

/** As much of cooks as learning looks at, of those that teach anything. */
const taughtText = (cooks: readonly Cook[]): string =>
  writeHeld(teachers(cooks), LOOKED_AT, LOOKED_AT_OF_BATCH);

/** What the cooks of a household have taught. It is what the Bench waits for first. */
export async function learnAway(
  { pots, kitchen, cooks }: Pick<Bundle, 'pots' | 'kitchen' | 'cooks'>,
  signal?: AbortSignal,
): Promise<Learned> {
  // What the household shows is drawn before thousands of cooks are written down.
  await nextTurn();
  return assessor.ask(
    'What the cooks have taught',
    (api) => api.learn(pots, kitchen, taughtText(cooks)),
    signal,
  );
}

/** What one cook taught. */
export function taughtAway(
  cook: Cook,
  { kitchen, cooks }: Pick<Bundle, 'kitchen' | 'cooks'>,
  signal?: AbortSignal,
): Promise<Taught | null> {
  return believer.ask(
    cook.batch.name,
    (api) => api.taught(cook, kitchen, taughtText(cooks)),
    signal,
  );
}

/** A rehearsal that is over, looked back on. @throws what debriefOf throws */
export function debriefAway(cook: Cook, signal?: AbortSignal): Promise<Debrief> {
  return believer.ask(cook.batch.name, (api) => api.debriefOf(cook), signal);
}

/** What cools, and the days of the Larder: they hold up nobody at the stove. */
const keeper = models();

/** Every way to get it cold, the best first. */
export function coolWaysAway(
  left: Left,
  hand: AtHand,
  surroundings: Surroundings,
  signal?: AbortSignal,
): Promise<readonly Tried[]> {
  return keeper.ask('Cooling', (api) => api.waysToCool(left, hand, surroundings), signal);
}

/** What is to be believed of a cooling by its readings. @throws what follow throws */
export function followAway(
  kept: CoolingKept,
  pot: Pot,
  hand: AtHand,
  surroundings: Surroundings,
  signal?: AbortSignal,
): Promise<Followed> {
  return keeper.ask('Cooling', (api) => api.follow(kept, pot, hand, surroundings), signal);
}

/** The next days of the Larder. */
export function aheadAway(
  see: ToSee,
  now: number,
  signal?: AbortSignal,
): Promise<readonly LarderDay[]> {
  return keeper.ask('The next days', (api) => api.daysAhead(see, now), signal);
}

/** Starts the models while the page is still opening what they are about. */
export function warmModels(): void {
  assessor.warm();
}

/** Assesses a batch in the worker. @throws what assess throws, and GivenUp */
export function assessAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  options: AssessOptions = {},
  signal?: AbortSignal,
): Promise<Assessment> {
  return assessor.ask(batch.name, (api) => api.assess(batch, pot, kitchen, options), signal);
}

/** The ways of releasing a step side by side, worked out in the worker. */
export function releasesAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  step: string,
): Promise<readonly ReleaseOption[]> {
  return assessor.ask(batch.name, (api) => api.compareReleases(batch, pot, kitchen, step));
}

/** What one run of bones more would give, worked out in the worker. */
export function nextRunAway(batch: Batch, pot: Pot, kitchen: Kitchen): Promise<NextRun | null> {
  return assessor.ask(batch.name, (api) => api.nextRun(batch, pot, kitchen));
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
  return drawer.ask(
    batch.name,
    (api, alive) => {
      const heard = (done: number): void => {
        alive();
        onDraw(done);
      };
      return api.draw(batch, pot, kitchen, draws, proxy(heard));
    },
    signal,
  );
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
  return drawer.ask(batch.name, (api) => api.judgeBatch(batch, pot, kitchen, pots, draws), signal);
}

/** Plans a batch in a worker of its own. @throws what solve throws */
export function solveAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  wishes: Wishes,
): Promise<Solution> {
  solver.stop();
  return solver.ask(batch.name, (api) => api.solve(batch, pot, kitchen, wishes));
}

/** Plans runs of bones in the solver's worker. @throws what planRunOffs throws */
export function runOffsAway(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  aim: Aim,
): Promise<RunOffSolution> {
  solver.stop();
  return solver.ask(batch.name, (api) => api.planRunOffs(batch, pot, kitchen, aim));
}

/** Ends a search that nobody waits for any more; its promise then never settles. */
export function stopSolving(): void {
  solver.stop();
}
