'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { dateAndTime } from '@/session/clockText';
import type { Cook } from '@/core/batch';
import { formatMinutes } from '@/core/quantity';
import { buttonLook } from '@/ui/Button';
import { useHousehold } from '@/ui/household';
import { LongList } from '@/ui/LongList';
import { realTotalMin, verdictSummary } from './comparison';

function CookRow({ cook }: { readonly cook: Cook }) {
  const real = realTotalMin(cook);
  return (
    <Link
      href={cook.endedAt ? `/log/${cook.id}` : `/stove/${cook.id}`}
      className="panel grid gap-x-6 gap-y-1 px-5 py-3.5 hover:border-copper sm:grid-cols-[minmax(0,1fr)_200px_minmax(0,1.1fr)]"
    >
      <div className="min-w-0">
        <h2 className="truncate text-[17px] font-semibold">{cook.batch.name}</h2>
        <p className="text-[14px] text-quiet">
          {dateAndTime(new Date(cook.startedAt))}
          {cook.standIn && ', on the stand-in'}
        </p>
      </div>
      <p className="text-[14px]">
        {real === null ? (
          <span className="font-semibold text-cobalt">on the stove</span>
        ) : (
          <>
            {formatMinutes(real)}{' '}
            <span className="text-quiet">of {formatMinutes(cook.predicted.totalMin)} foretold</span>
          </>
        )}
      </p>
      <p className="line-clamp-2 text-[14px] text-quiet">{cook.note ?? verdictSummary(cook)}</p>
    </Link>
  );
}

const idOf = (cook: Cook): string => cook.id;

/** Every cook, the newest first. */
export function LogScreen() {
  const { cooks } = useHousehold();
  const sorted = useMemo(
    () =>
      cooks
        .filter((cook) => !cook.rehearsal)
        .toSorted((a, b) => (a.startedAt < b.startedAt ? 1 : -1)),
    [cooks],
  );
  return (
    <main className="mx-auto w-full max-w-6xl px-4 py-6 sm:px-6">
      <h1 className="figure text-4xl">Log</h1>
      <p className="text-quiet">What was foretold, what happened, and what to change next time.</p>
      {sorted.length === 0 ? (
        <div className="panel mt-6 p-8 text-center">
          <p className="text-lg">Nothing cooked yet.</p>
          <p className="mt-1 text-quiet">
            Take a batch to the stove; its cook then stands here, with your marks and verdicts.
          </p>
          <Link href="/" className={`${buttonLook('copper')} mt-5`}>
            Choose a batch
          </Link>
        </div>
      ) : (
        <LongList items={sorted} keyOf={idOf} label="Runs" rowPx={74} columns={1}>
          {(cook) => <CookRow cook={cook} />}
        </LongList>
      )}
    </main>
  );
}
