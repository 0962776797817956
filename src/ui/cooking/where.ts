/** Where a cook stands at a moment of its own clock, and what hands have to do next in it. */
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

/** @param foretold what its steps are to take: as it was planned, or as it is believed by now */
export function whereIs(
  cook: Cook,
  now: number,
  units: Units,
  foretold: Prediction = cook.predicted,
): Where {
  const timeline = timelineOf(cook);
  const planned = stagesOf(timeline.plan, foretold);
  const startedAt = Date.parse(cook.startedAt);
  const at = standing(planned, timeline, startedAt, now, { watched: isWatched(cook) });
  const stages = asPresumed(planned, at, timeline);
  return { stages, at, ahead: aheadOf(timeline, stages, at, startedAt, now, units) };
}

/** A move of one of several cooks. */
export interface AheadOfAll extends Ahead {
  readonly cook: Cook;
  /** Time by the page's clock, ms, and whether it is due: a stand-in's own may go faster. */
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
