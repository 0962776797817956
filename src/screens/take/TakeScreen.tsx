'use client';

import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { Problem } from '@/core/batch/household';
import { stepsOf, stepWords, taskWords } from '@/core/batch/plan';
import type { Bundle } from '@/core/batch/schema';
import { formatAltitude, formatMinutes } from '@/core/quantity';
import { Miniature } from '@/drawings/plot';
import { besideWhatIsHere, importBundle, previewImport } from '@/formats';
import { readCarried } from '@/formats/carry';
import { isoOf } from '@/session/clock';
import { begin, changeWithBackup, useApp } from '@/store';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { useAssessment } from '@/ui/useAssessment';
import { itemWords } from './itemWords';
import { WhatItDoes, type Way } from './WhatItDoes';

type Read = { readonly bundle: Bundle } | { readonly problems: readonly Problem[] };

function useCarried(): Read | null {
  const [read, setRead] = useState<Read | null>(null);
  useEffect(() => {
    let newest = 0;
    const look = (): void => {
      const own = ++newest;
      void readCarried(location.hash).then((back) => {
        if (own !== newest) return;
        setRead(back.ok ? { bundle: back.bundle } : { problems: back.problems });
      });
    };
    look();
    addEventListener('hashchange', look);
    return () => {
      newest = Infinity;
      removeEventListener('hashchange', look);
    };
  }, []);
  return read;
}

/** A batch that came by a link: looked at first, and taken in when the cook says so. */
export function TakeScreen() {
  const read = useCarried();
  if (!read) return <main className="mx-auto w-full max-w-3xl p-6" aria-busy />;
  if ('problems' in read)
    return (
      <main className="mx-auto w-full max-w-3xl p-6">
        <h1 className="figure text-4xl">Nothing to take</h1>
        <p role="alert" className="mt-3 text-rust">
          The link holds {read.problems[0]?.found}, wanted: {read.problems[0]?.wanted}. Read the
          code once more, or have the batch sent as a file.
        </p>
      </main>
    );
  return <Look bundle={read.bundle} />;
}

function Look({ bundle }: { readonly bundle: Bundle }) {
  const household = useApp((s) => s.household);
  const clock = useClock();
  const router = useRouter();
  const [failed, setFailed] = useState(false);
  const [way, setWay] = useState<Way>('beside');
  const { kitchen } = bundle;
  const { units } = household?.kitchen ?? kitchen;
  const batch = bundle.batches[0] ?? null;
  const pot = bundle.pots[0] ?? null;
  const { assessment, error } = useAssessment(batch, pot, kitchen);
  if (!batch || !pot) return null;
  const changes = household
    ? previewImport(household, bundle, 'merge').filter((c) => c.how !== 'same')
    : [];
  const elsewhere = household && household.kitchen.altitudeM !== kitchen.altitudeM;
  const take = async (): Promise<void> => {
    try {
      const from =
        household && way === 'beside'
          ? besideWhatIsHere(household, bundle, () => nanoid(10))
          : bundle;
      if (household)
        await changeWithBackup(
          `before taking in ${batch.name}`,
          isoOf(clock),
          (now) => importBundle(now, from, 'merge'),
          from,
        );
      else await begin(from);
      router.push(`/bench/${from.batches[0]?.id ?? batch.id}`);
    } catch {
      setFailed(true);
    }
  };
  return (
    <main className="mx-auto w-full max-w-5xl space-y-4 p-4 sm:p-6">
      <p className="text-quiet">Brought by a link; nothing is kept yet.</p>
      <div className="flex flex-wrap items-center justify-between gap-4">
        <div>
          <h1 className="figure text-4xl">{batch.name}</h1>
          <p className="text-quiet">
            {[
              batch.servings !== undefined && `${batch.servings} servings`,
              pot.name,
              formatAltitude(kitchen.altitudeM, units),
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
        </div>
        <Miniature assessment={assessment} capacityL={pot.capacityL} maxFill={pot.maxFill} />
      </div>
      {assessment && (
        <dl className="flex flex-wrap gap-x-10 gap-y-2" aria-label="Readings">
          <div>
            <dt className="text-small text-quiet">Serve</dt>
            <dd className="figure text-3xl" data-testid="total">
              {formatMinutes(assessment.time.totalMin)}
            </dd>
          </div>
          <div>
            <dt className="text-small text-quiet">Warnings</dt>
            <dd className="figure text-3xl">
              {assessment.findings.filter((f) => f.level !== 'note').length}
            </dd>
          </div>
        </dl>
      )}
      {error && (
        <p role="alert" className="text-rust">
          It cannot be worked out: {error}.
        </p>
      )}
      <div className="grid items-start gap-4 lg:grid-cols-2">
        {/* The choice comes before a long list on a phone, and beside it on a desk. */}
        <div className="space-y-4 lg:col-start-2 lg:row-start-1">
          {household && (
            <WhatItDoes
              changes={changes}
              way={way}
              onWay={setWay}
              units={household.kitchen.units}
            />
          )}
          {elsewhere && (
            <p className="text-small">
              It was planned at {formatAltitude(kitchen.altitudeM, units)}; your kitchen stays at{' '}
              {formatAltitude(household.kitchen.altitudeM, units)}, and its times are worked out
              anew.
            </p>
          )}
          {failed && (
            <p role="alert" className="text-rust">
              It could not be kept, so nothing was changed.
            </p>
          )}
          <Button look="copper" size="large" onClick={() => void take()}>
            Take it in
          </Button>
        </div>
        <div className="space-y-4">
          <ul aria-label="What goes in" className="panel divide-y divide-hairline px-4 text-body">
            {batch.items.map((item) => (
              <li key={item.id} className="py-1.5">
                {itemWords(item, units)}
              </li>
            ))}
            {batch.alongside?.map((task) => (
              <li key={task.id} className="py-1.5 text-quiet">
                alongside: {task.words}, {taskWords(task, units)}
              </li>
            ))}
          </ul>
          <ol aria-label="Steps" className="list-decimal pl-5 text-body">
            {stepsOf(batch).map((step) => (
              <li key={step.id}>{stepWords(step)}</li>
            ))}
          </ol>
        </div>
      </div>
    </main>
  );
}
