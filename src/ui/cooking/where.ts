/** Position of a cook at a moment of its own clock, and the next moves of hands. */
import type { Cook, Prediction } from '@/core/batch/schema';
import { asPresumed, timelineOf } from '@/core/cook';
import type { Units } from '@/core/quantity';
import { stagesOf, standing, type Stage, type Standing } from '@/core/cook';
import { aheadOf, type Ahead } from '@/core/timetable';
import type { Clock } from '@/session/clock';
import { cookClock, isWatched } from './standIn';

export interface Where {
  readonly stages: readonly Stage[];
  readonly at: Standing;
  readonly ahead: readonly Ahead[];
}

/** Believed durations of steps, by cook. */
const PREDICTIONS = new Map<string, Prediction>();

/** Every view with a belief about a cook tells it here, so that all of them show the same times. */
export function keepPrediction(cook: Cook, predicted: Prediction): void {
  PREDICTIONS.set(cook.id, predicted);
}

/** Latest predicted durations of a cook's steps, or the planned ones. */
export function predictionNow(cook: Cook): Prediction {
  return PREDICTIONS.get(cook.id) ?? cook.predicted;
}

/** A plan that is taken to the stove so much too early waits, min. */
const EARLY_MIN = 2;

/** Minutes from the start of a cook until its heat goes on, so that it is ready when it is wanted; 0 for at once. */
function waitsMin({ batch, startedAt }: Cook, { steps }: Prediction): number {
  if (!batch.serveAt) return 0;
  const takesMin = steps.reduce((sum, { minutes }) => sum + minutes, 0);
  const early = (Date.parse(batch.serveAt) - Date.parse(startedAt)) / 60_000 - takesMin;
  return early >= EARLY_MIN ? early : 0;
}

/** @param predicted durations of its steps: the latest prediction, or else the plan */
export function whereIs(
  cook: Cook,
  now: number,
  units: Units,
  predicted: Prediction = predictionNow(cook),
): Where {
  const timeline = timelineOf(cook);
  const startedAt = Date.parse(cook.startedAt);
  const planned = stagesOf(timeline.plan, predicted, cook.pot.kind).map((stage, i) =>
    i === 0 && stage.kind === 'load' ? { ...stage, expectMin: waitsMin(cook, predicted) } : stage,
  );
  const at = standing(planned, timeline, startedAt, now, { watched: isWatched(cook) });
  const stages = asPresumed(planned, at, timeline);
  return { stages, at, ahead: aheadOf(timeline, stages, at, startedAt, now, units) };
}

/** Time on the table by the moves ahead, ms: the one time shown everywhere. */
export function tableAt(ahead: readonly Ahead[]): number | null {
  return ahead.find(({ kind }) => kind === 'table')?.at ?? null;
}

/** A move of one of several cooks. */
export interface AheadOfAll extends Ahead {
  readonly cook: Cook;
  /** Time by the page's clock, ms, and whether it is due: a practice pot's own may go faster. */
  readonly wallAt: number;
  readonly due: boolean;
  readonly owner: string;
}

/**
 * The moves of all cooks, by the page's clock.
 *
 * @param where what is known better of a cook than its plan says, by its id
 */
export function allAhead(
  cooks: readonly Cook[],
  page: Clock,
  units: Units,
  where: ReadonlyMap<string, readonly Ahead[]> = new Map(),
): readonly AheadOfAll[] {
  return cooks
    .flatMap((cook) => {
      const now = cookClock(cook, page).now();
      const times = cook.standIn?.times ?? 1;
      const moves = where.get(cook.id) ?? whereIs(cook, now, units).ahead;
      return moves.map((move) => ({
        ...move,
        cook,
        owner: cook.id,
        wallAt: page.now() + (move.at - now) / times,
        due: move.at <= now,
      }));
    })
    .sort((a, b) => a.wallAt - b.wallAt);
}

/** Whose move is next. */
export function nextCook(cooks: readonly Cook[], page: Clock, units: Units): Cook | undefined {
  return allAhead(cooks, page, units)[0]?.cook ?? cooks[0];
}
