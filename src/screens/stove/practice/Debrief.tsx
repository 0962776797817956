'use client';

import { nameOf } from '@/core/cook';
import Link from 'next/link';
import { useMemo } from 'react';
import type { Cook } from '@/core/batch/schema';
import type { Debrief as Told } from '@/core/live';
import { formatLevel, formatMinutes, type Units } from '@/core/quantity';
import { buttonLook } from '@/ui/Button';
import { CookTrace } from '@/ui/CookTrace';
import { useHousehold } from '@/ui/household';
import { reasonWords, useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';
import { culpritWords, decisionWords } from './debriefWords';

const VERDICT = { under: 'short', right: 'right', over: 'over' } as const;

function Foods({
  cook,
  told,
  units,
}: {
  readonly cook: Cook;
  readonly told: Told;
  readonly units: Units;
}) {
  const eaten = Object.entries(told.outcome.verdicts);
  return (
    <ul aria-label="How it came out" className="panel divide-y divide-hairline px-4 text-body">
      <li className="flex justify-between py-1.5">
        <span>Ready at</span>
        <span>
          {formatMinutes(told.outcome.tableMin)}, predicted {formatMinutes(cook.predicted.totalMin)}
        </span>
      </li>
      <li className="flex justify-between py-1.5">
        <span>Broth left</span>
        <span>{formatLevel(told.outcome.brothL, units)}</span>
      </li>
      {eaten.map(([id, verdict]) => (
        <li key={id} className="flex justify-between gap-4 py-1.5">
          <span className="first-letter:uppercase">{nameOf(cook.batch, id)}</span>
          <span className={verdict === 'right' ? 'text-leaf' : 'font-semibold text-rust'}>
            {VERDICT[verdict]}
            {told.outcome.unsafe.includes(id) && ', not safe to eat'}
          </span>
        </li>
      ))}
    </ul>
  );
}

const lookedBack = (cook: Cook, signal: AbortSignal) => ask('debrief', [cook], { signal });

/** Debrief of a practice run: the truth over the prediction, each choice, its cost, and the best one. */
export function Debrief({ cook }: { readonly cook: Cook }) {
  const { units } = useHousehold().kitchen;
  const { answer, failure } = useNewest(cook, lookedBack);
  const told = answer?.answer ?? null;
  const lived = useMemo(
    () =>
      told && {
        past: { minute: told.truth.minute, p50: told.truth.liquidC },
        band: { minute: [], p10: [], p50: [], p90: [] },
      },
    [told],
  );
  return (
    <main className="mx-auto grid w-full max-w-6xl flex-1 content-start gap-6 px-4 py-6 sm:px-6 lg:grid-cols-[minmax(0,1fr)_360px]">
      <div className="space-y-4">
        <p className="text-quiet">
          A practice run{cook.rehearsal?.drill ? `: ${cook.rehearsal.drill}` : ''}. It is in no log,
          and nothing is learned from it.
        </p>
        <h1 className="figure text-4xl">{cook.batch.name}, looked back on</h1>
        {failure && (
          <p role="alert" className="text-rust">
            {reasonWords(failure.reason)}
          </p>
        )}
        {!told && !failure && <div className="h-40 animate-pulse rounded-xl bg-hairline/50" />}
        {told && (
          <>
            <section
              aria-label="What it came down to"
              className="panel border-t-4 border-t-cobalt p-5"
            >
              <p className="text-lg">{culpritWords(told, cook, units)}</p>
            </section>
            <section aria-label="What was true">
              <h2 className="text-small font-semibold">What was true</h2>
              {told.mishaps.length === 0 ? (
                <p>The pot and its food were within the usual range, and nothing went wrong.</p>
              ) : (
                <ul className="list-disc pl-5">
                  {told.mishaps.map((mishap) => (
                    <li key={mishap.kind}>
                      {mishap.told} <span className="text-quiet">Its signs: {mishap.signs}</span>
                    </li>
                  ))}
                </ul>
              )}
            </section>
            <section aria-label="Choices">
              <h2 className="text-small font-semibold">Where you had a choice</h2>
              <ol className="mt-1 divide-y divide-hairline">
                {told.decisions.map((decision) => {
                  const words = decisionWords(decision, cook, units);
                  return (
                    <li key={`${decision.kind} ${decision.atS}`} className="flex gap-4 py-2">
                      <span className="figure w-16 shrink-0 text-lg">{words.at}</span>
                      <span>
                        {words.what}. <b className="font-semibold">{words.best}.</b>
                        {words.cost && (
                          <span className="block text-rust">It cost: {words.cost}.</span>
                        )}
                      </span>
                    </li>
                  );
                })}
              </ol>
            </section>
          </>
        )}
        <Link href={`/bench/${cook.batch.id}`} className={buttonLook('copper')}>
          Back to the Bench
        </Link>
      </div>
      <aside className="space-y-4">
        <CookTrace cook={cook} nowMin={null} lived={lived} truth />
        {told && <Foods cook={cook} told={told} units={units} />}
      </aside>
    </main>
  );
}
