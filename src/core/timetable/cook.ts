/** From a plan to a cook, and from a cook to the next plan. */
import type { Assessment, Draws } from '../assess';
import { startMark } from '../cook';
import { withoutClaims } from '../batch/household';
import { kitchenFor, setHold, setWater, stepsOf, waterL } from '../batch/plan';
import type { Batch, Kitchen, Pot, Prediction, Cook } from '../batch/schema';

/** Version of the models: raised when what they keepPrediction changes. */
const MODEL = 1;
/** Samples that a kept curve has at the most. */
const KEPT_SAMPLES = 160;

/** Every so-manieth sample of a list, the last one too. */
function thinned(values: readonly number[], digits: number): readonly number[] {
  const every = Math.max(1, Math.ceil(values.length / KEPT_SAMPLES));
  return values
    .filter((_, i) => i % every === 0 || i === values.length - 1)
    .map((v) => Number(v.toFixed(digits)));
}

/**
 * Prediction of an assessment, as a cook keeps it.
 * @param draws what came out how often; null where it has not been drawn
 */
export function predictionOf(a: Assessment, draws: Draws | null): Prediction {
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
    trace: {
      minute: thinned(a.series.minute, 2),
      liquidC: thinned(a.series.liquidC, 1),
      boilC: Number(a.boilC.toFixed(2)),
    },
    ...(draws && {
      band: { p10: draws.totalMin.p10, p90: draws.totalMin.p90 },
      chances: Object.fromEntries(
        Object.entries(draws.verdicts).map(([id, chances]) => [id, chances.right]),
      ),
    }),
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

/** Start of a cook. */
export interface Start {
  readonly id: string;
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly assessment: Assessment;
  readonly draws: Draws | null;
  /** ISO 8601 */
  readonly at: string;
  /** Stops of the plan that the cook walks past; none by default. */
  readonly despite?: Cook['despite'];
}

/**
 * A cook as it starts, with the pot and the kitchen as they are now.
 *
 * @example startCook({ id: 'c2', batch, pot, kitchen, assessment: assess(batch, pot, kitchen), draws: null, at }).marks[0].kind // "started"
 */
export function startCook({
  id,
  batch,
  pot,
  kitchen,
  assessment,
  draws,
  at,
  despite = [],
}: Start): Cook {
  return {
    id,
    // Litres taken from jars stay with them: a cook of it again takes from others.
    batch: { ...withoutClaims(batch), steps: stepsOf(batch) },
    pot,
    kitchen: kitchenFor(batch, kitchen),
    model: MODEL,
    startedAt: at,
    predicted: predictionOf(assessment, draws),
    marks: [startMark(at)],
    verdicts: {},
    ...(despite.length > 0 && { despite }),
  };
}

/** The batch to cook again: the run's own, with what was to be changed. */
export function cookAgain(cook: Cook, id: string): Batch {
  const { nextTime } = cook;
  let batch: Batch = { ...cook.batch, id, fromCook: cook.id };
  const held = stepsOf(batch).findLast((s) => s.kind === 'pressure');
  if (nextTime?.holdMin && held?.kind === 'pressure')
    batch = setHold(batch, held.id, Math.max(0, held.holdMin + nextTime.holdMin));
  if (nextTime?.waterMl)
    batch = setWater(batch, Math.max(0, waterL(batch) + nextTime.waterMl / 1000));
  return cook.note ? { ...batch, note: cook.note } : batch;
}
