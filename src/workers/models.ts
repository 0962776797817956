/** Calls of the models, by name. Pages know only the types of this file; workers run it. */
import { assess, compareReleases, drawPart, sumDraws } from '../core/assess';
import type { Cook, Kitchen, Pot } from '../core/batch/schema';
import type { Move } from '../core/cook';
import { daysAhead, follow, waysToCool } from '../core/keep';
import { learnFrom, lessonOf, taughtBy, type Teacher } from '../core/learn';
import {
  beliefOf,
  choicesAt,
  weighed,
  costOfLeaving,
  debriefOf,
  proposalOf,
  standInAt,
  tableDoor,
  worldsOf,
  type Moment,
  type World,
} from '../core/live';
import { fittedTo, timedFor, judgeBatch, nextRun, planRunOffs, solveGuarded } from '../core/solve';
import { silent, type Tell } from './call';

/** Part of the draws of a batch: what there is to say of it is how many are done. */
function draw(tell: Tell<number>, ...[batch, pot, kitchen, options]: Parameters<typeof drawPart>) {
  return drawPart(batch, pot, kitchen, { ...options, onDraw: tell });
}

/** Cooks cross as JSON, as much of them as learning looks at: one text is handed over sooner than records. */
const readTeachers = (cooks: string): readonly Teacher[] => JSON.parse(cooks) as Teacher[];

/**
 * The calls of the models.
 *
 * @param many worlds of a live cook; as many as the core has by default where it is missing
 */
export function modelCalls(many?: number) {
  /** The worlds of the last belief: what is asked of it next needs them again. */
  let last: { readonly key: string; readonly worlds: readonly World[] } | null = null;
  const worldsAt = (cook: Cook, nowS: number, watched: boolean): readonly World[] => {
    const key = JSON.stringify([cook.id, nowS, watched, cook.marks]);
    const options = { seed: 1, watched, ...(many !== undefined && { worlds: many }) };
    if (last?.key !== key) last = { key, worlds: worldsOf(cook, nowS, options) };
    return last.worlds;
  };
  return {
    assess: silent(assess),
    compareReleases: silent(compareReleases),
    draw,
    sumDraws: silent(sumDraws),
    judge: silent(judgeBatch),
    solve: silent(solveGuarded),
    fitted: silent(fittedTo),
    timed: silent(timedFor),
    planRunOffs: silent(planRunOffs),
    nextRun: silent(nextRun),
    standIn: silent(standInAt),
    debrief: silent(debriefOf),
    lesson: silent(lessonOf),
    coolWays: silent(waysToCool),
    followCooling: silent(follow),
    daysAhead: silent(daysAhead),
    learn: silent((pots: readonly Pot[], kitchen: Kitchen, cooks: string) =>
      learnFrom({ pots, kitchen, cooks: readTeachers(cooks) }),
    ),
    taught: silent((cook: Cook, kitchen: Kitchen, cooks: string) =>
      taughtBy(cook, readTeachers(cooks), kitchen),
    ),
    believe: silent((cook: Cook, nowS: number, watched: boolean) =>
      beliefOf(worldsAt(cook, nowS, watched), nowS),
    ),
    choices: silent((cook: Cook, nowS: number, watched: boolean, step: string) =>
      choicesAt(cook, nowS, worldsAt(cook, nowS, watched), step),
    ),
    weigh: silent((cook: Cook, nowS: number, watched: boolean, move: Move) =>
      weighed(cook, nowS, worldsAt(cook, nowS, watched), move),
    ),
    tableDoor: silent((cook: Cook, nowS: number, watched: boolean, step: string) =>
      tableDoor(cook, nowS, worldsAt(cook, nowS, watched), step),
    ),
    leaving: silent((cook: Cook, nowS: number, watched: boolean) =>
      costOfLeaving(cook, nowS, worldsAt(cook, nowS, watched)),
    ),
    propose: silent(
      (
        cook: Cook,
        nowS: number,
        watched: boolean,
        moment: Moment,
        step: string,
        predictedS: number,
      ) => proposalOf(cook, nowS, worldsAt(cook, nowS, watched), moment, step, predictedS),
    ),
  };
}
