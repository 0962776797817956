'use client';

/** A cook's own time, and the stand-in that it may be cooked on. */
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import type { Cook, Mark } from '@/core/batch/schema';
import { markOf, type StandInNow } from '@/core/live';
import { fastClock, type Clock } from '@/session/clock';
import { ClockContext, PageClockContext, usePageClock } from '@/ui/clock';
import { changeCook } from '@/ui/household';
import { standInAway } from '@/workers';

/** The stand-in is looked at so often, ms of the wall's. */
const LOOK_MS = 400;

/** The clock of a cook: of a stand-in it goes as fast as the cook lets it. */
export function cookClock({ standIn }: Pick<Cook, 'standIn'>, page: Clock): Clock {
  return standIn
    ? fastClock(Date.parse(standIn.cookAt), standIn.times, page, Date.parse(standIn.wallAt))
    : page;
}

/** Whatever stands beneath shows the cook's own time. */
export function CookClock({
  cook,
  children,
}: {
  readonly cook: Cook;
  readonly children: ReactNode;
}) {
  const page = usePageClock();
  const { standIn } = cook;
  const clock = useMemo(() => cookClock(standIn ? { standIn } : {}, page), [standIn, page]);
  return (
    <PageClockContext value={page}>
      <ClockContext value={clock}>{children}</ClockContext>
    </PageClockContext>
  );
}

/** Seconds since a cook began. */
export const nowSOf = ({ startedAt }: Cook, clock: Clock): number =>
  Math.max(0, (clock.now() - Date.parse(startedAt)) / 1000);

/** Whether the pot speaks for itself, so that its silence means something too. */
export const isWatched = ({ standIn }: Cook): boolean => standIn !== undefined;

/** Whether hands have done nothing since: a reading of the pot's own narrows an answer, and upsets none. */
export function sameHands(a: Cook, b: Cook): boolean {
  const hands = (cook: Cook): readonly Mark[] => cook.marks.filter((m) => !m.heard);
  const [own, other] = [hands(a), hands(b)];
  return a.id === b.id && own.length === other.length && own.every((m, i) => m === other[i]);
}

/** Hears the stand-in, and keeps what it says as marks. */
export function useStandIn(cook: Cook, clock: Clock): StandInNow | null {
  const [now, setNow] = useState<StandInNow | null>(null);
  const newest = useRef(cook);
  useEffect(() => {
    newest.current = cook;
  }, [cook]);
  const { standIn, endedAt } = cook;
  useEffect(() => {
    if (!standIn || endedAt) return;
    let busy = false;
    let over = false;
    const look = async (): Promise<void> => {
      if (busy) return;
      busy = true;
      const asked = newest.current;
      const said = await standInAway(asked, standIn, nowSOf(asked, clock)).catch(() => null);
      busy = false;
      if (!said || over || newest.current !== asked) return;
      setNow(said);
      if (heardMarks(asked, said))
        // What hands did in this very moment stands beside it.
        changeCook(asked.id, (cook) => ({ ...cook, marks: heardMarks(cook, said) ?? cook.marks }));
    };
    void look();
    const timer = setInterval(() => void look(), LOOK_MS);
    return () => {
      over = true;
      clearInterval(timer);
    };
  }, [standIn, endedAt, clock]);
  return standIn ? now : null;
}

/** The marks with what the pot has said; null where nothing is new. */
function heardMarks(cook: Cook, { messages }: StandInNow): readonly Mark[] | null {
  const hands = cook.marks.filter((m) => !m.heard);
  const locked = hands
    .filter((m) => m.kind === 'lid-locked')
    .toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at));
  const heard = messages.map((message) => {
    const at = Date.parse(message.at);
    const step = locked.findLast((m) => Date.parse(m.at) <= at)?.step ?? null;
    return markOf(message, step);
  });
  const before = cook.marks.filter((m) => m.heard);
  const same =
    before.length === heard.length &&
    before.every((m, i) => m.kind === heard[i]?.kind && m.at === heard[i]?.at);
  return same ? null : [...hands, ...heard];
}
