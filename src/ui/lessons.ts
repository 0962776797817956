/** The lessons of cooks that are over: each is worked out once, away from the page, and kept with its cook. */
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Cook, Lesson } from '@/core/batch/schema';
import { hasLesson, newestFirst } from '@/core/learn';
import { changeQuietly } from '@/store';
import { ask } from '@/workers';

/** Older cooks are past counting: their lessons are not worked out any more. */
const NEWEST = 120;
/** Whoever opens a page sees it before anything is worked out behind it, ms. */
const SOON_MS = 1500;

/** The newest cook whose lesson is still to be worked out. @param failed those that could not be */
export function untaught(
  cooks: readonly Cook[],
  failed: ReadonlySet<string> = new Set(),
): Cook | undefined {
  const open = (cook: Cook): boolean =>
    cook.endedAt !== undefined && !cook.rehearsal && !hasLesson(cook);
  // Nearly always there is none: then nothing is sorted.
  if (!cooks.some((cook) => open(cook) && !failed.has(cook.id))) return undefined;
  return cooks
    .filter((cook) => cook.endedAt && !cook.rehearsal)
    .toSorted(newestFirst)
    .slice(0, NEWEST)
    .find((cook) => open(cook) && !failed.has(cook.id));
}

const NOTHING: Lesson = { pot: [], foods: [], bones: [] };

/** Works out what there is to learn from cooks that are over, one after another, and keeps it with them. */
export function useLessons(cooks: readonly Cook[] | undefined): void {
  // A stopped worker is no reason to learn nothing for good: those are asked for again at the next load.
  const [failed, setFailed] = useState<ReadonlySet<string>>(new Set());
  const next = useMemo(() => cooks && untaught(cooks, failed), [cooks, failed]);
  const waited = useRef(false);
  useEffect(() => {
    if (!next) return undefined;
    const ending = new AbortController();
    const keep = (lesson: Lesson): void => {
      if (ending.signal.aborted) return;
      changeQuietly((h) => ({
        ...h,
        cooks: h.cooks.map((cook) =>
          cook.id === next.id && !hasLesson(cook) ? { ...cook, lesson } : cook,
        ),
      }));
    };
    const begin = (): void => {
      waited.current = true;
      ask('lesson', [next], { signal: ending.signal }).then(
        (lesson) => keep(lesson ?? NOTHING),
        (reason: unknown) => {
          if (ending.signal.aborted) return;
          // A cook of a food that is gone teaches nothing, whenever it is asked.
          if (reason instanceof Error && reason.name === 'GivenUp')
            setFailed((before) => new Set([...before, next.id]));
          else keep(NOTHING);
        },
      );
    };
    const timer = setTimeout(begin, waited.current ? 0 : SOON_MS);
    return () => {
      clearTimeout(timer);
      ending.abort();
    };
  }, [next]);
}
