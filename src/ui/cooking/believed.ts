/** Posterior of a running cook: one for all pages, so that they show the same times. */
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Cook, Prediction } from '@/core/batch/schema';
import { known, timelineOf } from '@/core/cook';
import type { Belief } from '@/core/live';
import type { Clock } from '@/session/clock';
import { useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';
import { isWatched, nowSOf, sameHands } from './standIn';
import { keepPrediction, predictionNow } from './where';

/** Recompute after this time without a mark, ms of the cook's time. */
const AGAIN_MS = 60_000;
/** Least time between two computations without a mark, ms of wall time. */
const LEAST_MS = 3000;
/** A fast practice clock would ask all the time, and its answers would be outdated before they are read. */
const LEAST_FAST_MS = 6000;
const FAST_TIMES = 10;

/** Predicted duration of each step. */
function predictedNow(cook: Cook, belief: Belief): Prediction {
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
    // A pot that comes to pressure in no draw has no end to show.
    const endsMin = (endS.p50 - overS) / 60;
    const releaseMin = Number.isFinite(endsMin) ? Math.max(0, endsMin) : (planned?.releaseMin ?? 0);
    return { id, warmUpMin, holdMin, releaseMin, minutes: warmUpMin + holdMin + releaseMin };
  });
  const plain = cook.predicted.steps.filter((s) => !steps.some((x) => x.id === s.id));
  return { ...cook.predicted, steps: [...steps, ...plain] };
}

/** A posterior in which no draw reaches the table says nothing. */
function told(belief: Belief): Belief | null {
  const { p10, p50, p90 } = belief.tableS;
  return [p10, p50, p90].every(Number.isFinite) ? belief : null;
}

export interface Asked {
  readonly cook: Cook;
  readonly nowS: number;
  readonly watched: boolean;
}

const believed = ({ cook, nowS, watched }: Asked, signal: AbortSignal): Promise<Belief> =>
  ask('believe', [cook, nowS, watched], { signal });

/** Recomputes the posterior at every mark, and at intervals. */
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
    // Draw the frame first, then ask; messages of the pot alone wait for their turn.
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

export interface Believed {
  readonly belief: Belief | null;
  /** The newest answered question, if no mark came since. */
  readonly current: Asked | null;
  /** Predicted duration of each step. */
  readonly predicted: Prediction;
}

/** @param clock of the cook */
export function useBelieved(cook: Cook, clock: Clock): Believed {
  const asked = useAsked(cook, clock);
  const { answer } = useNewest(asked, believed);
  const belief = answer?.of.cook.id === cook.id ? told(answer.answer) : null;
  // Until there is an answer, show the last posterior of any page.
  const predicted = useMemo(
    () => (belief ? predictedNow(cook, belief) : predictionNow(cook)),
    [cook, belief],
  );
  useEffect(() => {
    if (belief) keepPrediction(cook, predicted);
  }, [cook, belief, predicted]);
  const current = answer && sameHands(answer.of.cook, cook) ? answer.of : null;
  return { belief, current, predicted };
}
