'use client';

/** A cook's own time, and the practice pot that it may be cooked on. */
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import type { Cook, Mark } from '@/core/batch/schema';
import { heardBy, sameHeard, type PotLink } from '@/core/cook';
import type { StandIn, StandInNow } from '@/core/live';
import { fastClock, type Clock } from '@/session/clock';
import { ClockContext, PageClockContext, usePageClock } from '@/ui/clock';
import { changeCook } from '@/ui/household';
import { say } from '@/store';
import { reasonWords } from '@/ui/useNewest';
import { ask } from '@/workers';

/** The practice pot is looked at so often, ms of the wall's. */
const LOOK_MS = 400;

const STOPPED = (why: string): string =>
  `The practice pot has stopped: ${why} Load the page again to go on from here.`;

/** The clock of a cook: of a practice pot it goes as fast as the cook lets it. */
export function cookClock({ standIn }: Pick<Cook, 'standIn'>, page: Clock): Clock {
  return standIn
    ? fastClock(Date.parse(standIn.cookAt), standIn.times, page, Date.parse(standIn.wallAt))
    : page;
}

/** Components below show the cook's own time. */
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

/** Keeps what a pot says as marks of a cook, beside what hands did. @returns stops it */
function hear(link: PotLink, newest: () => Cook): () => void {
  return link.listen((messages) => {
    const now = newest();
    if (sameHeard(now, heardBy(now, messages))) return;
    // Moves due at this moment are listed beside it.
    changeCook(now.id, (cook) => heardBy(cook, messages));
  });
}

/**
 * The practice pot of a cook as a source of messages.
 *
 * @param newest the cook as it is at this moment
 * @param onNow called with the state, before the messages
 */
function standInLink(
  standIn: StandIn,
  newest: () => Cook,
  clock: Clock,
  onNow: (now: StandInNow) => void,
): PotLink {
  return {
    listen: (onMessages) => {
      let busy = false;
      let over = false;
      const look = async (): Promise<void> => {
        if (busy) return;
        busy = true;
        const asked = newest();
        const now = await ask('standIn', [asked, standIn, nowSOf(asked, clock)]).catch(stop);
        busy = false;
        if (!now || over || newest() !== asked) return;
        onNow(now);
        onMessages(now.messages);
      };
      const timer = setInterval(() => void look(), LOOK_MS);
      const end = (): void => {
        over = true;
        clearInterval(timer);
      };
      // Report a failure once; do not ask again every moment.
      const stop = (reason: unknown): null => {
        if (!over) say(STOPPED(reasonWords(reason)));
        end();
        return null;
      };
      void look();
      return end;
    },
  };
}

/** Hears the practice pot, and keeps what it says as marks. */
export function useStandIn(cook: Cook, clock: Clock): StandInNow | null {
  const [now, setNow] = useState<StandInNow | null>(null);
  const newest = useRef(cook);
  useEffect(() => {
    newest.current = cook;
  }, [cook]);
  const { standIn, endedAt } = cook;
  useEffect(() => {
    if (!standIn || endedAt) return;
    const asItIs = (): Cook => newest.current;
    return hear(standInLink(standIn, asItIs, clock, setNow), asItIs);
  }, [standIn, endedAt, clock]);
  return standIn ? now : null;
}
