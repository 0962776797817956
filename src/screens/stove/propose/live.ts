/** A running cook for its screen: stage, posterior, proposals. */
import { useMemo } from 'react';
import type { Cook } from '@/core/batch/schema';
import { known, lidS, timelineOf } from '@/core/cook';
import type { Belief, Cost, Moment, Proposal, StandInNow } from '@/core/live';
import type { Units } from '@/core/quantity';
import type { Stage, Standing } from '@/core/cook';
import type { Clock } from '@/session/clock';
import { useBelieved, type Asked } from '@/ui/cooking/believed';
import { sameHands, useStandIn } from '@/ui/cooking/standIn';
import { tableAt, whereIs, type Where } from '@/ui/cooking/where';
import { useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';

export interface Live extends Where {
  readonly stage: Stage | undefined;
  readonly belief: Belief | null;
  readonly proposal: Proposal | null;
  /** Cost of leaving a due move undone; null for none. */
  readonly cost: Cost | null;
  /** Time on the table, ms since 1970: by the plan, and by the latest prediction. */
  readonly plannedAt: number;
  readonly tableAt: number;
  readonly standIn: StandInNow | null;
}

/** Single proposal; at an opening the choices are side by side instead. */
function momentOf(stage: Stage | undefined): Moment | null {
  if (!stage) return null;
  switch (stage.kind) {
    case 'warm-up':
    case 'hold':
      return 'shut';
    case 'wait':
      return 'cooling';
    case 'do':
    case 'load':
    case 'valve':
    case 'pin':
    case 'lid':
      return null;
  }
}

/** Delay before the page tells the cost of a due move, min. */
const LEFT_MIN = 1;

const left = ({ cook, nowS, watched }: Asked, signal: AbortSignal): Promise<Cost> =>
  ask('leaving', [cook, nowS, watched], { signal });

/** Whether something is due that hands have not done. */
function isLeft(stage: Stage | undefined, at: Standing): boolean {
  if (stage?.kind === 'valve') return at.elapsedMin > LEFT_MIN;
  return stage?.kind === 'do' && stage.expectMin > 0 && at.leftMin < -LEFT_MIN;
}

interface ToPropose extends Asked {
  readonly moment: Moment;
  readonly step: string;
  readonly foretoldS: number;
}

const proposed = (
  { cook, nowS, watched, moment, step, foretoldS }: ToPropose,
  signal: AbortSignal,
): Promise<Proposal | null> =>
  ask('propose', [cook, nowS, watched, moment, step, foretoldS], { signal });

/** @param now of the cook's own clock, ms */
export function useLive(cook: Cook, clock: Clock, now: number, units: Units): Live {
  const standIn = useStandIn(cook, clock);
  const { belief, current, predicted } = useBelieved(cook, clock);
  const start = Date.parse(cook.startedAt);
  const { stages, at, ahead } = useMemo(
    () => whereIs(cook, now, units, predicted),
    [cook, now, units, predicted],
  );
  const stage = stages[at.index];
  const [loading] = stages;
  const first = loading?.kind === 'load' ? (lidS(timelineOf(cook)) ?? 60 * loading.expectMin) : 0;
  const plannedS = first + 60 * cook.predicted.totalMin;
  const moment = momentOf(stage);
  const step = stage?.step ?? null;
  const question = useMemo<ToPropose | null>(() => {
    if (!current || !moment || step === null) return null;
    return { ...current, moment, step, foretoldS: plannedS };
  }, [current, moment, step, plannedS]);
  const { answer: offered } = useNewest(question, proposed);
  const undone = isLeft(stage, at);
  const { answer: costs } = useNewest(undone ? current : null, left);
  const cost = undone && costs && sameHands(costs.of.cook, cook) ? costs.answer : null;
  // A proposal for a past moment is dropped.
  const isNow = offered?.of.moment === moment && offered.of.step === step;
  const proposal = offered && isNow && sameHands(offered.of.cook, cook) ? offered.answer : null;
  return {
    stages,
    at,
    ahead,
    stage,
    belief,
    proposal,
    cost,
    plannedAt: start + plannedS * 1000,
    tableAt: tableAt(ahead) ?? start + plannedS * 1000,
    standIn,
  };
}

/** The step whose lid came off last: what is tried at an opening belongs to it. @param step where none did */
export function openStep(cook: Cook, step: string): string {
  const opened = timelineOf(cook).steps.filter(({ off, locked }) => known(off) && locked);
  return opened.toSorted((a, b) => (a.off?.s ?? 0) - (b.off?.s ?? 0)).at(-1)?.id ?? step;
}
