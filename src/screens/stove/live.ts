/** A cook on its way, as its screen knows it: where it stands, what is believed, what is proposed. */
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Cook, Prediction } from '@/core/batch/schema';
import { known, lidS, timelineOf } from '@/core/cook';
import type { Belief, Cost, Moment, Proposal, StandInNow } from '@/core/live';
import type { Units } from '@/core/quantity';
import type { Stage, Standing } from '@/core/cook';
import type { Clock } from '@/session/clock';
import { isWatched, nowSOf, sameHands, useStandIn } from '@/ui/cooking/standIn';
import { whereIs, type Where } from '@/ui/cooking/where';
import { useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';

/** What is believed is worked out again after so long without a mark, ms of the cook's time. */
const AGAIN_MS = 60_000;
/** And no sooner than this after the last time, ms of the wall's, unless hands have done something. */
const LEAST_MS = 3000;
/** A fast clock would have it asked all the time: what it tells is over before it is read. */
const LEAST_FAST_MS = 6000;
const FAST_TIMES = 10;

/** What each step is to take, as it is believed now. */
function foretoldNow(cook: Cook, belief: Belief | null): Prediction {
  if (!belief) return cook.predicted;
  const { plan, steps: went } = timelineOf(cook);
  const predicted = new Map(cook.predicted.steps.map((s) => [s.id, s]));
  const steps = belief.steps.map(({ id, hotS, endS }) => {
    const planned = predicted.get(id);
    const step = went.find((one) => one.id === id);
    const locked = known(step?.locked);
    const warmUpMin =
      !locked || !Number.isFinite(hotS.p50)
        ? (planned?.warmUpMin ?? 0)
        : Math.max(0, hotS.p50 - locked.s) / 60;
    const hold = plan.steps?.find((s) => s.id === id);
    const holdMin = hold?.kind === 'pressure' ? hold.holdMin : 0;
    const overS = step?.over?.s ?? hotS.p50 + 60 * holdMin;
    // A pot that never comes to pressure in any world has no end that could be told.
    const endsMin = (endS.p50 - overS) / 60;
    const releaseMin = Number.isFinite(endsMin) ? Math.max(0, endsMin) : (planned?.releaseMin ?? 0);
    return { id, warmUpMin, holdMin, releaseMin, minutes: warmUpMin + holdMin + releaseMin };
  });
  const plain = cook.predicted.steps.filter((s) => !steps.some((x) => x.id === s.id));
  return { ...cook.predicted, steps: [...steps, ...plain] };
}

/** A belief in which no world comes to the table tells nothing. */
function told(belief: Belief): Belief | null {
  const { p10, p50, p90 } = belief.tableS;
  return [p10, p50, p90].every(Number.isFinite) ? belief : null;
}

export interface Live extends Where {
  readonly stage: Stage | undefined;
  readonly belief: Belief | null;
  readonly proposal: Proposal | null;
  /** What it costs that what is due is left undone; null where nothing is. */
  readonly cost: Cost | null;
  /** On the table, ms since 1970: as the plan had it, and as it is believed now. */
  readonly plannedAt: number;
  readonly tableAt: number;
  readonly standIn: StandInNow | null;
}

/** Where one thing may be proposed; at an opening the choices stand side by side instead. */
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

interface Asked {
  readonly cook: Cook;
  readonly nowS: number;
  readonly watched: boolean;
}

const believed = ({ cook, nowS, watched }: Asked, signal: AbortSignal): Promise<Belief> =>
  ask('believe', [cook, nowS, watched], { signal });

/** What is due is left alone so long before it is said what that costs, min. */
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

/** When what is believed is worked out again: at every mark, and now and then. */
function useAsked(cook: Cook, clock: Clock): Asked | null {
  const [asked, setAsked] = useState<Asked | null>(null);
  const last = useRef<{ readonly cook: Cook; readonly askedAt: number } | null>(null);
  useEffect(() => {
    if (cook.endedAt) return;
    const watched = isWatched(cook);
    const leastMs = (cook.standIn?.times ?? 1) > FAST_TIMES ? LEAST_FAST_MS : LEAST_MS;
    const leftMs = (): number =>
      last.current ? last.current.askedAt + leastMs - performance.now() : 0;
    const ask = (): void => {
      last.current = { cook, askedAt: performance.now() };
      setAsked({ cook, nowS: nowSOf(cook, clock), watched });
    };
    // The frame first, then the question; what only the pot has said waits for its turn.
    const heard = last.current !== null && sameHands(last.current.cook, cook);
    const first = setTimeout(ask, heard ? Math.max(0, leftMs()) : 0);
    const stop = clock.every(AGAIN_MS, () => {
      if (leftMs() <= 0) ask();
    });
    return () => {
      clearTimeout(first);
      stop();
    };
  }, [cook, clock]);
  return asked;
}

/** @param now of the cook's own clock, ms */
export function useLive(cook: Cook, clock: Clock, now: number, units: Units): Live {
  const standIn = useStandIn(cook, clock);
  const asked = useAsked(cook, clock);
  const { answer } = useNewest(asked, believed);
  const belief = answer?.of.cook.id === cook.id ? told(answer.answer) : null;
  const start = Date.parse(cook.startedAt);
  const foretold = useMemo(() => foretoldNow(cook, belief), [cook, belief]);
  const { stages, at, ahead } = useMemo(
    () => whereIs(cook, now, units, foretold),
    [cook, now, units, foretold],
  );
  const stage = stages[at.index];
  const first = stages[0]?.kind === 'load' ? (lidS(timelineOf(cook)) ?? 0) : 0;
  const plannedS = first + 60 * cook.predicted.totalMin;
  const moment = momentOf(stage);
  const step = stage?.step ?? null;
  const current = answer && sameHands(answer.of.cook, cook) ? answer : null;
  const question = useMemo<ToPropose | null>(() => {
    if (!current || !moment || step === null) return null;
    return { ...current.of, moment, step, foretoldS: plannedS };
  }, [current, moment, step, plannedS]);
  const { answer: offered } = useNewest(question, proposed);
  const undone = isLeft(stage, at);
  const { answer: costs } = useNewest(undone && current ? current.of : null, left);
  const cost = undone && costs && sameHands(costs.of.cook, cook) ? costs.answer : null;
  const proposal = offered && sameHands(offered.of.cook, cook) ? offered.answer : null;
  return {
    stages,
    at,
    ahead,
    stage,
    belief,
    proposal,
    cost,
    plannedAt: start + plannedS * 1000,
    tableAt: belief ? start + belief.tableS.p50 * 1000 : start + plannedS * 1000,
    standIn,
  };
}

/** The step whose lid came off last: what is tried at an opening belongs to it. @param step where none did */
export function openStep(cook: Cook, step: string): string {
  const opened = timelineOf(cook).steps.filter(({ off, locked }) => known(off) && locked);
  return opened.toSorted((a, b) => (a.off?.s ?? 0) - (b.off?.s ?? 0)).at(-1)?.id ?? step;
}
