/** Belief about a running cook: one for all pages, so that they tell the same times. */
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Cook, Prediction } from '@/core/batch/schema';
import { known, timelineOf } from '@/core/cook';
import type { Belief } from '@/core/live';
import type { Clock } from '@/session/clock';
import { useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';
import { isWatched, nowSOf, sameHands } from './standIn';
import { keepPrediction, predictionNow } from './where';

/** Beliefs are computed again after this time without a mark, ms of the cook's time. */
const AGAIN_MS = 60_000;
/** And no sooner than this after the last time, ms of the wall's, unless hands have done something. */
const LEAST_MS = 3000;
/** A fast clock would have it asked all the time: what it tells is over before it is read. */
const LEAST_FAST_MS = 6000;
const FAST_TIMES = 10;

/** Believed duration of each step. */
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

export interface Asked {
  readonly cook: Cook;
  readonly nowS: number;
  readonly watched: boolean;
}

const believed = ({ cook, nowS, watched }: Asked, signal: AbortSignal): Promise<Belief> =>
  ask('believe', [cook, nowS, watched], { signal });

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

export interface Believed {
  readonly belief: Belief | null;
  /** The newest question that was answered, where hands have done nothing since. */
  readonly current: Asked | null;
  /** Believed duration of each step. */
  readonly predicted: Prediction;
}

/** @param clock of the cook */
export function useBelieved(cook: Cook, clock: Clock): Believed {
  const asked = useAsked(cook, clock);
  const { answer } = useNewest(asked, believed);
  const belief = answer?.of.cook.id === cook.id ? told(answer.answer) : null;
  // Until there is an answer, what was believed last on any page.
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
