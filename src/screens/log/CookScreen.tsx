'use client';

import { Radio, RadioGroup } from '@headlessui/react';
import { dateAndTime } from '@/session/clockText';
import { foodOf } from '@/core/batch/plan';
import type { Cook, Verdict } from '@/core/batch/schema';
import { formatAmount, formatMinutes, type Units } from '@/core/quantity';
import { saveCook, useHousehold } from '@/ui/household';
import { timelineOf } from '@/core/cook';
import { CookTrace } from '@/ui/CookTrace';
import { InSpite } from '@/ui/InSpite';
import { NotHere } from '@/ui/NotHere';
import { AfterLid } from './AfterLid';
import { comparisons } from './comparison';
import { History } from './History';
import { Next } from './Next';
import { Taught } from './Taught';
import { Yields } from './Yields';
import { Term } from '@/ui/Term';

const VERDICTS: readonly Verdict[] = ['under', 'right', 'over'];
const CHOSEN: Readonly<Record<Verdict, string>> = {
  under: 'data-checked:bg-straw data-checked:text-ink',
  right: 'data-checked:bg-leaf data-checked:text-white',
  over: 'data-checked:bg-rust data-checked:text-white',
};
const SIGN: Readonly<Record<Verdict, string>> = { under: '◔', right: '●', over: '✕' };

function Verdicts({ cook, units }: { readonly cook: Cook; readonly units: Units }) {
  const { tried } = timelineOf(cook);
  return (
    <ul className="mt-2 divide-y divide-hairline">
      {cook.batch.items.flatMap((item) => {
        const food = foodOf(item);
        if (!food?.shape) return [];
        const grade = tried.findLast((trial) => trial.item === item.id)?.grade;
        const predicted = cook.predicted.verdicts[item.id] ?? 'right';
        return [
          <li
            key={item.id}
            className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-1.5"
          >
            <span className="inline-block text-body first-letter:uppercase">
              {food.name}{' '}
              <span className="text-quiet">
                {formatAmount(item.amount, units)}, predicted {predicted}
                {grade && `, tried ${grade}`}
              </span>
            </span>
            <RadioGroup
              value={cook.verdicts[item.id] ?? null}
              onChange={(verdict: Verdict | null) => {
                if (verdict)
                  saveCook({ ...cook, verdicts: { ...cook.verdicts, [item.id]: verdict } });
              }}
              aria-label={`Verdict on ${food.name}`}
              className="flex overflow-hidden rounded-full border border-ink/50"
            >
              {VERDICTS.map((verdict) => (
                <Radio
                  key={verdict}
                  value={verdict}
                  className={`grid min-h-11 min-w-16 cursor-pointer place-items-center px-3 text-small ${CHOSEN[verdict]}`}
                >
                  <span>
                    <span aria-hidden>{SIGN[verdict]} </span>
                    {verdict}
                  </span>
                </Radio>
              ))}
            </RadioGroup>
          </li>,
        ];
      })}
    </ul>
  );
}

/** Minutes later or sooner than predicted. */
function gapWords(gap: number): string {
  const minutes = Math.round(gap);
  return `${minutes === 0 ? '±' : minutes > 0 ? '+' : '−'}${Math.abs(minutes)} min`;
}

/** One run: predicted against real, verdicts, a note, and on to the next time. */
export function CookScreen({ id }: { readonly id: string }) {
  const { cooks, kitchen } = useHousehold();
  const cook = cooks.find((r) => r.id === id);
  if (!cook)
    return (
      <NotHere title="This cook is not here" href="/log">
        To the log
      </NotHere>
    );
  return (
    <main className="mx-auto grid w-full max-w-6xl content-start gap-6 px-4 py-6 sm:px-6 lg:grid-cols-[minmax(0,1fr)_360px]">
      <div className="min-w-0">
        <h1 className="figure text-4xl">{cook.batch.name}</h1>
        <p className="text-quiet">{dateAndTime(new Date(cook.startedAt))}</p>
        <InSpite cook={cook} />
        <table className="mt-5 w-full text-body">
          <thead className="text-left text-fine text-quiet">
            <tr>
              <th className="py-1 font-normal">Time</th>
              <th className="text-right font-normal">
                <Term id="predicted" />
              </th>
              <th className="text-right font-normal">happened</th>
              <th className="text-right font-normal">difference</th>
            </tr>
          </thead>
          <tbody className="divide-y divide-hairline border-y border-hairline">
            {comparisons(cook).map((row) => {
              const gap = row.realMin === null ? null : row.realMin - row.predictedMin;
              return (
                <tr key={row.name}>
                  <th scope="row" className="py-2 text-left font-medium">
                    {row.name}
                  </th>
                  <td className="text-right">{formatMinutes(row.predictedMin)}</td>
                  <td className="text-right">
                    {row.realMin === null ? 'not marked' : formatMinutes(row.realMin)}
                  </td>
                  <td className="text-right">{gap === null ? '' : gapWords(gap)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
        {!cook.kettle && (
          <>
            <Yields cook={cook} units={kitchen.units} />
            <AfterLid cook={cook} units={kitchen.units} />
            <History cook={cook} cooks={cooks} units={kitchen.units} />
            <h2 className="mt-7 text-lg font-semibold">How was it?</h2>
            <Verdicts cook={cook} units={kitchen.units} />
          </>
        )}
        <Taught cook={cook} />
      </div>
      <aside className="space-y-5">
        <CookTrace cook={cook} nowMin={null} />
        {!cook.kettle && <Next cook={cook} units={kitchen.units} />}
      </aside>
    </main>
  );
}
