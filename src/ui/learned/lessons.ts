/** Lessons of finished cooks: each is computed once, away from the page, and kept with its cook. */
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Cook, Lesson } from '@/core/batch/schema';
import { hasLesson, newestFirst } from '@/core/learn';
import { changeQuietly } from '@/store';
import { ask } from '@/workers';

/** Only so many of the newest cooks get a lesson. */
const NEWEST = 120;
/** Delay of the first lesson, so that the page draws first, ms. */
const SOON_MS = 1500;

/** Returns the newest cook without a lesson. @param failed ids of cooks to skip */
export function untaught(
  cooks: readonly Cook[],
  failed: ReadonlySet<string> = new Set(),
): Cook | undefined {
  const open = (cook: Cook): boolean =>
    cook.endedAt !== undefined && !cook.rehearsal && !hasLesson(cook);
  // Skip the sort in the usual case without any.
  if (!cooks.some((cook) => open(cook) && !failed.has(cook.id))) return undefined;
  return cooks
    .filter((cook) => cook.endedAt && !cook.rehearsal)
    .toSorted(newestFirst)
    .slice(0, NEWEST)
    .find((cook) => open(cook) && !failed.has(cook.id));
}

const NOTHING: Lesson = { pot: [], foods: [], bones: [] };

/** Learns from finished cooks, one after another, and keeps each lesson with its cook. */
export function useLessons(cooks: readonly Cook[] | undefined): void {
  // The next load asks again for lessons that a stopped worker did not give.
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
          // A cook of a deleted food can teach nothing: do not ask again.
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
