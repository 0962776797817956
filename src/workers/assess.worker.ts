/** The models, away from the main thread. */
import { expose } from 'comlink';
import { assess, compareReleases, drawBatch, type Draws } from '../core/assess';
import type { Batch, Kitchen, Pot } from '../core/batch';
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

const api = { assess, compareReleases, draw, judgeBatch, nextRun, planRunOffs, solve };

export type AssessApi = typeof api;

expose(api);
