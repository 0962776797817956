/** The models, away from the main thread. */
import { expose } from 'comlink';
import { assess, compareReleases, drawBatch, type Draws } from '../core/assess';
import type { Batch, Cook, Kitchen, Pot } from '../core/batch/schema';
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
  type Moment,
  type Option,
  type Proposal,
  type World,
} from '../core/live';
import {
  learnFrom,
  lessonOf,
  taughtBy,
  type Learned,
  type Taught,
  type Teacher,
} from '../core/learn';
import { daysAhead, follow, waysToCool } from '../core/keep';
import { judgeBatch, nextRun, planRunOffs, solve } from '../core/solve';

/** Draws, with the callback as an argument of its own: that is what can cross to the worker. */
function draw(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  draws: number,
  onDraw: (done: number) => void,
): Draws | null {
  return drawBatch(batch, pot, kitchen, {
    draws,
    seed: 1,
    onDraw: (done) => {
      onDraw(done);
      return true;
    },
  });
}

/** The worlds of the last belief: what is asked of it next needs them again. */
let last: { readonly key: string; readonly worlds: readonly World[] } | null = null;

function worldsAt(cook: Cook, nowS: number, watched: boolean): readonly World[] {
  const key = JSON.stringify([cook.id, nowS, watched, cook.marks]);
  if (last?.key !== key) last = { key, worlds: worldsOf(cook, nowS, { seed: 1, watched }) };
  return last.worlds;
}

function believe(cook: Cook, nowS: number, watched: boolean): Belief {
  return beliefOf(worldsAt(cook, nowS, watched), nowS);
}

function choices(cook: Cook, nowS: number, watched: boolean, step: string): readonly Option[] {
  return choicesAt(cook, nowS, worldsAt(cook, nowS, watched), step);
}

function propose(
  cook: Cook,
  nowS: number,
  watched: boolean,
  moment: Moment,
  step: string,
  foretoldS: number,
): Proposal | null {
  return proposalOf(cook, nowS, worldsAt(cook, nowS, watched), moment, step, foretoldS);
}

function leaving(cook: Cook, nowS: number, watched: boolean): Cost {
  return costOfLeaving(cook, nowS, worldsAt(cook, nowS, watched));
}

/** @param cooks as JSON, as much of them as learning looks at: one text is handed over sooner than thousands of records */
function learn(pots: readonly Pot[], kitchen: Kitchen, cooks: string): Learned {
  return learnFrom({ pots, kitchen, cooks: JSON.parse(cooks) as readonly Teacher[] });
}

function taught(cook: Cook, kitchen: Kitchen, cooks: string): Taught | null {
  return taughtBy(cook, JSON.parse(cooks) as readonly Teacher[], kitchen);
}

const api = {
  believe,
  choices,
  leaving,
  propose,
  standInAt,
  assess,
  compareReleases,
  daysAhead,
  debriefOf,
  draw,
  follow,
  judgeBatch,
  learn,
  lessonOf,
  nextRun,
  planRunOffs,
  solve,
  taught,
  waysToCool,
};

export type AssessApi = typeof api;

expose(api);
