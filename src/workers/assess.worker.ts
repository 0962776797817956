/** The models, away from the main thread. */
import { expose } from 'comlink';
import { assess, compareReleases, drawBatch, type Draws } from '../core/assess';
import type { Batch, Cook, Kitchen, Pot } from '../core/batch';
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
import { lessonOf } from '../core/learn';
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
  lessonOf,
  nextRun,
  planRunOffs,
  solve,
  waysToCool,
};

export type AssessApi = typeof api;

expose(api);
