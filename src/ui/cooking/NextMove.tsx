'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import type { Cook } from '@/core/batch/schema';
import { wordsOf } from '@/core/timetable';
import { timeOf } from '@/session/clockText';
import { useClock, useNow } from '@/ui/clock';
import { cooksOnStove, useHousehold } from '@/ui/household';
import { useBelieved } from './believed';
import { useCookCalls } from './calling';
import { clockFace } from './clockFace';
import { CookClock, useStandIn } from './standIn';
import { whereIs } from './where';

/** The running cook, its stage, and the next move with its time; calls the cook from any page. */
function Moves({ cook, slim }: { readonly cook: Cook; readonly slim: boolean }) {
  const { units } = useHousehold().kitchen;
  const now = useNow();
  const clock = useClock();
  useStandIn(cook, clock);
  const { predicted } = useBelieved(cook, clock);
  const { stages, at, ahead } = useMemo(
    () => whereIs(cook, now, units, predicted),
    [cook, now, units, predicted],
  );
  const stage = stages[at.index];
  const next = stages[at.index + 1];
  useCookCalls(cook, { stages, at, ahead }, now, units);
  const face = stage && clockFace(stage, at);
  const beside = ahead.find((move) => move.task && move.at <= now);
  const here = beside
    ? beside.words
    : stage
      ? `${wordsOf(stage, units).title}, ${face?.text} ${face?.caption}`
      : 'Serve';
  const then = stage && !beside && (next ? wordsOf(next, units).title : 'serve');
  const when =
    stage && stage.expectMin > 0 ? ` ${timeOf(now + Math.max(0, at.leftMin) * 60_000)}` : '';
  return (
    <Link
      href={`/stove/${cook.id}`}
      className={`flex flex-wrap items-center justify-between gap-x-4 bg-cobalt text-white print:hidden ${slim ? 'min-h-11 px-6 py-1 text-body' : 'mt-5 min-h-14 rounded-xl px-5 py-2'}`}
    >
      <span>
        <b>On the stove:</b> {cook.batch.name}
      </span>
      <span>
        {here}
        {then && `; then ${then}${when}`}
      </span>
      <span className="underline underline-offset-4">to the clock</span>
    </Link>
  );
}

/** The cooks that are on, a line each; nothing where none is. */
export function NextMoves({ slim = false }: { readonly slim?: boolean }) {
  return cooksOnStove(useHousehold()).map((cook) => (
    <CookClock key={cook.id} cook={cook}>
      <Moves cook={cook} slim={slim} />
    </CookClock>
  ));
}
