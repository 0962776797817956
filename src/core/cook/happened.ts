/** How long it really took, by the marks of a cook. */
import { stepsOf } from '../batch/plan';
import type { Cook } from '../batch/schema';
import { known, timelineOf, type StepTimeline, type Timeline } from './timeline';

/** Actual minutes of a pressure step; null where a mark is missing. */
export interface Happened {
  readonly step: string;
  readonly warmUpMin: number | null;
  readonly releaseMin: number | null;
}

const minutes = (fromS: number | undefined, toS: number | undefined): number | null =>
  fromS === undefined || toS === undefined ? null : (toS - fromS) / 60;

/**
 * The real times of every pressure step, by the plan as it became.
 *
 * @example happened(timelineOf(cooked)) // [{ step: 's1', warmUpMin: 30, releaseMin: 25 }]
 */
export function happened({ plan, steps }: Timeline): readonly Happened[] {
  const lids = new Set(stepsOf(plan).flatMap((s) => (s.kind === 'pressure' ? [s.id] : [])));
  return steps
    .filter(({ id }) => lids.has(id))
    .map(({ id, locked, hot, over, down }) => ({
      step: id,
      warmUpMin: minutes(known(locked)?.s, known(hot)?.s),
      // Without an end mark the hold ends by the plan.
      releaseMin: minutes(over?.s, known(down)?.s),
    }));
}

/** The last known second of a step; null if nothing is known. */
function lastOf({ locked, pin, hot, over, valve, down }: StepTimeline): number | null {
  const all = [locked, pin, hot, over, ...valve, down].flatMap((second) => known(second)?.s ?? []);
  return all.length > 0 ? Math.max(...all) : null;
}

/** On the table, s from the start: its last step was over; what is cooled at the end comes after. */
function servedS({ plan, steps }: Timeline): number | null {
  const last = steps[stepsOf(plan).findLastIndex((s) => s.kind !== 'cool')];
  return last ? (known(last.off)?.s ?? lastOf(last)) : null;
}

/**
 * From the lid to the table, min; null while it is still on.
 *
 * @example realTotalMin(cooked) // 131
 */
export function realTotalMin(cook: Cook): number | null {
  const { endedAt } = cook;
  if (!endedAt) return null;
  const timeline = timelineOf(cook);
  const endS = (Date.parse(endedAt) - Date.parse(cook.startedAt)) / 1000;
  return ((servedS(timeline) ?? endS) - (lidS(timeline) ?? 0)) / 60;
}

/** When the lid first went on, s from the start; null if unmarked. */
export function lidS({ steps }: Timeline): number | null {
  const lids = steps.flatMap(({ locked }) => known(locked)?.s ?? []);
  return lids.length > 0 ? Math.min(...lids) : null;
}
