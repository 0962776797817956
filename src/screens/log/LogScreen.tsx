'use client';

import Link from 'next/link';
import { useDeferredValue, useMemo, useState } from 'react';
import { dateAndTime } from '@/session/clockText';
import type { Cook } from '@/core/batch/schema';
import { formatMinutes } from '@/core/quantity';
import { realTotalMin } from '@/core/cook';
import { foundIn } from '@/core/learn';
import { later } from '@/drawings/later';
import { Button, buttonLook } from '@/ui/Button';
import { download } from '@/ui/files/download';
import { useHousehold } from '@/ui/household';
import { LongList } from '@/ui/lists/LongList';
import { verdictSummary } from './comparison';

function CookRow({ cook }: { readonly cook: Cook }) {
  const real = realTotalMin(cook);
  return (
    <Link
      href={cook.endedAt ? `/log/${cook.id}` : `/stove/${cook.id}`}
      className="panel grid gap-x-6 gap-y-1 px-5 py-3.5 hover:border-copper sm:grid-cols-[minmax(0,1fr)_200px_minmax(0,1.1fr)]"
    >
      <div className="min-w-0">
        <h2 className="truncate text-lead font-semibold">{cook.batch.name}</h2>
        <p className="text-small text-quiet">
          {dateAndTime(new Date(cook.startedAt))}
          {cook.standIn && ', on the practice pot'}
        </p>
      </div>
      <p className="text-small">
        {real === null ? (
          <span className="font-semibold text-cobalt">on the stove</span>
        ) : (
          <>
            {formatMinutes(real)}{' '}
            <span className="text-quiet">
              of {formatMinutes(cook.predicted.totalMin)} predicted
            </span>
          </>
        )}
      </p>
      <p className="line-clamp-2 text-small text-quiet">{cook.note ?? verdictSummary(cook)}</p>
    </Link>
  );
}

const idOf = (cook: Cook): string => cook.id;

// Its charts come when they are asked for.
const Believed = later(
  () => import('./Believed').then((m) => m.Believed),
  () => <div className="mt-4 h-60 animate-pulse rounded-xl bg-hairline/50" />,
);

async function saveTable(cooks: readonly Cook[]): Promise<void> {
  const { writeCooks } = await import('@/formats/cooksCsv');
  download('log.csv', writeCooks(cooks), 'text/csv');
}

/** Finds cooks; and what all of them say of Retort itself. */
function Tools({
  cooks,
  question,
  found,
  onQuestion,
}: {
  readonly cooks: readonly Cook[];
  readonly question: string;
  readonly found: number;
  readonly onQuestion: (question: string) => void;
}) {
  const [believed, setBelieved] = useState(false);
  return (
    <>
      <div className="mt-4 flex flex-wrap items-end gap-3">
        <label className="min-w-60 flex-1 text-fine text-quiet">
          Find by dish, food, pot or verdict
          <input
            type="search"
            className="field mt-1 text-body text-ink"
            value={question}
            onChange={(event) => onQuestion(event.target.value)}
          />
        </label>
        <Button aria-expanded={believed} onClick={() => setBelieved(!believed)}>
          How accurate has Retort been?
        </Button>
        <Button onClick={() => void saveTable(cooks)}>All as CSV</Button>
      </div>
      {question.trim() !== '' && (
        <p role="status" className="mt-2 text-small text-quiet">
          {found === 0 ? 'Nothing is found.' : `${found} of ${cooks.length}`}
        </p>
      )}
      {believed && <Believed cooks={cooks} />}
    </>
  );
}

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
  const [question, setQuestion] = useState('');
  const asked = useDeferredValue(question);
  const found = useMemo(() => foundIn(sorted, asked), [sorted, asked]);
  return (
    <main className="mx-auto w-full max-w-6xl px-4 py-6 sm:px-6">
      <h1 className="figure text-4xl">Log</h1>
      <p className="text-quiet">What was predicted, what happened, and what to change next time.</p>
      {sorted.length === 0 ? (
        <div className="panel mt-6 p-8 text-center">
          <p className="text-lg">Nothing cooked yet.</p>
          <p className="mt-1 text-quiet">
            Start cooking a batch; it is then listed here, with your marks and verdicts.
          </p>
          <Link href="/" className={`${buttonLook('copper')} mt-5`}>
            Choose a batch
          </Link>
        </div>
      ) : (
        <>
          <Tools cooks={sorted} question={question} found={found.length} onQuestion={setQuestion} />
          <LongList key={asked} items={found} keyOf={idOf} label="Runs" rowPx={74} columns={1}>
            {(cook) => <CookRow cook={cook} />}
          </LongList>
        </>
      )}
    </main>
  );
}
