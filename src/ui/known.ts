/** What the household knows of its pots and foods: what everything is planned with. */
import equal from 'fast-deep-equal';
import { useEffect, useMemo } from 'react';
import type { Bundle, Cook, Lesson } from '@/core/batch';
import { knownKitchen, newestFirst, type Known } from '@/core/learn';
import { changeQuietly } from '@/store';
import { lessonAway } from '@/workers';
import { useHousehold } from './household';

type From = Pick<Bundle, 'pots' | 'kitchen' | 'cooks'>;

let last: { readonly from: From; readonly known: Known } | null = null;

/** What has not changed stays the same object, so that nothing is worked out anew for it. */
function steady(known: Known): Known {
  const before = last?.known;
  if (!before) return known;
  const pots = known.pots.map((pot) => {
    const old = before.pots.find((one) => one.id === pot.id);
    return old && equal(old, pot) ? old : pot;
  });
  const kitchen = equal(before.kitchen, known.kitchen) ? before.kitchen : known.kitchen;
  const same = pots.length === before.pots.length && pots.every((p, i) => p === before.pots[i]);
  return { pots: same ? before.pots : pots, kitchen };
}

/** The kitchen and its pots as their cooks have told of them; worked out once for all that ask. */
export function knownOf({ pots, kitchen, cooks }: From): Known {
  const from = last?.from;
  if (from?.pots !== pots || from.kitchen !== kitchen || from.cooks !== cooks)
    last = {
      from: { pots, kitchen, cooks },
      known: steady(knownKitchen({ pots, kitchen, cooks })),
    };
  return (last as { readonly known: Known }).known;
}

export function useKnown(): Known {
  const { pots, kitchen, cooks } = useHousehold();
  return useMemo(() => knownOf({ pots, kitchen, cooks }), [pots, kitchen, cooks]);
}

/** Older cooks are past counting: their lessons are not worked out any more. */
const NEWEST = 120;
/** Whoever opens a page sees it before anything is worked out behind it, ms. */
const SOON_MS = 1500;

/** The newest cook whose lesson is still to be worked out. */
export function untaught(cooks: readonly Cook[]): Cook | undefined {
  const over = (cook: Cook): boolean => cook.endedAt !== undefined && !cook.rehearsal;
  // Nearly always there is none: then nothing is sorted.
  if (!cooks.some((cook) => over(cook) && !cook.lesson)) return undefined;
  return cooks
    .filter(over)
    .toSorted(newestFirst)
    .slice(0, NEWEST)
    .find((cook) => !cook.lesson);
}

const NOTHING: Lesson = { pot: [], foods: [], bones: [] };

/** Works out what there is to learn from cooks that are over, one after another, and keeps it with them. */
export function useLessons(cooks: readonly Cook[] | undefined): void {
  const next = useMemo(() => cooks && untaught(cooks), [cooks]);
  useEffect(() => {
    if (!next) return undefined;
    const ending = new AbortController();
    const keep = (lesson: Lesson | undefined): void => {
      if (ending.signal.aborted) return;
      changeQuietly((h) => ({
        ...h,
        cooks: h.cooks.map((cook) =>
          cook.id === next.id && !cook.lesson ? { ...cook, lesson: lesson ?? NOTHING } : cook,
        ),
      }));
    };
    const timer = setTimeout(() => {
      // A cook of a food that is gone teaches nothing.
      lessonAway(next, ending.signal).then(keep, () => keep(NOTHING));
    }, SOON_MS);
    return () => {
      clearTimeout(timer);
      ending.abort();
    };
  }, [next]);
}
