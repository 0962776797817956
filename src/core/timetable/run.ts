/** From a plan to a run, and from a run to the next plan. */
import type { Assessment } from '../assess';
import {
  foodOf,
  setHold,
  setWater,
  stepsOf,
  waterL,
  type Batch,
  type Item,
  type Prediction,
  type Run,
} from '../batch';

/** What an assessment foretold, as a run keeps it. */
export function predictionOf(a: Assessment): Prediction {
  return {
    totalMin: a.time.totalMin,
    steps: a.time.steps.map((s) => ({
      id: s.id,
      warmUpMin: s.warmUpMin,
      holdMin: s.holdMin,
      releaseMin: s.releaseMin,
      minutes: s.endMin - s.startMin,
    })),
    verdicts: Object.fromEntries(a.items.map((i) => [i.id, i.verdict])),
    fishOut: a.items
      .filter((i) => i.fishOut && !i.apart && i.leaveMin >= a.time.totalMin - 1e-6)
      .map((i) => i.id),
    finishedBrothL: a.fill.finishedBrothL,
    ...(a.bones.length > 0 && {
      runOffs: a.bones.map(({ run, step, litres, setsGPerL, set }) => ({
        run,
        step,
        litres,
        gPerL: setsGPerL,
        set,
      })),
    }),
  };
}

/** A run as it starts. @param at ISO 8601 */
export function startRun(id: string, batch: Batch, potId: string, a: Assessment, at: string): Run {
  return {
    id,
    batch: { ...batch, steps: stepsOf(batch) },
    potId,
    startedAt: at,
    predicted: predictionOf(a),
    marks: [{ kind: 'started', step: null, at }],
    verdicts: {},
  };
}

/** What is fished out at the table; of runs that did not foretell it, what always is. */
export function fishOutOf({ batch, predicted }: Run): readonly Item[] {
  const { fishOut } = predicted;
  return batch.items.filter((item) =>
    fishOut ? fishOut.includes(item.id) : !item.apart && (foodOf(item)?.fishOut ?? false),
  );
}

/** The batch to cook again: the run's own, with what was to be changed. */
export function cookAgain(run: Run, id: string): Batch {
  const { nextTime } = run;
  let batch: Batch = { ...run.batch, id, fromRun: run.id };
  const held = stepsOf(batch).findLast((s) => s.kind === 'pressure');
  if (nextTime?.holdMin && held?.kind === 'pressure')
    batch = setHold(batch, held.id, Math.max(0, held.holdMin + nextTime.holdMin));
  if (nextTime?.waterMl)
    batch = setWater(batch, Math.max(0, waterL(batch) + nextTime.waterMl / 1000));
  return run.note ? { ...batch, note: run.note } : batch;
}
