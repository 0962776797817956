'use client';

import { lazyPart } from '@/drawings/later';
import { Plus } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { rollup } from 'd3-array';
import { Suspense, useEffect, useEffectEvent, useMemo, useState, type DragEvent } from 'react';
import { potOf, wantedSoon } from '@/core/batch/plan';
import type { Batch } from '@/core/batch/schema';
import { formatAltitude } from '@/core/quantity';
import { wayToDesk } from '@/ui/deskDraft';
import { buttonLook } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { dropped } from '@/ui/files/dropped';
import { saveAll } from '@/ui/files/saveAll';
import { FilesButton } from '@/ui/files/FilesButton';
import { useApp } from '@/store';
import { isCooking, useHousehold } from '@/ui/household';
import { useKnown } from '@/ui/learned/known';
import { LongList } from '@/ui/lists/LongList';
import { BatchRow } from './BatchRow';

// Loads the reading of files and recipes on demand: most visits go straight to a batch.
const BackupsSheet = lazyPart(() => import('@/ui/files/BackupsSheet').then((m) => m.BackupsSheet));
const SetAsideSheet = lazyPart(() =>
  import('@/ui/files/SetAsideSheet').then((m) => m.SetAsideSheet),
);
const NextMoves = lazyPart(() => import('@/ui/cooking/NextMove').then((m) => m.NextMoves));
const ImportSheet = lazyPart(() => import('./ImportSheet').then((m) => m.ImportSheet));
// Two dishes for one evening are seldom.
const Evening = lazyPart(() => import('./Evening').then((m) => m.Evening));
const StartOver = lazyPart(() => import('./StartOver').then((m) => m.StartOver));

const HOUR_MS = 3_600_000;

const idOf = (batch: Batch): string => batch.id;

/** The start page: what is planned and what is on, and the way in and out for files. */
export function BatchesScreen() {
  const household = useHousehold();
  const router = useRouter();
  const clock = useClock();
  const aside = useApp((s) => s.aside);
  const [sheet, setSheet] = useState<'import' | 'backups' | 'aside' | 'over' | null>(null);
  const { batches, cooks, pots, kitchen } = household;
  const known = useKnown();
  const onStove = isCooking(household);
  const timesCooked = useMemo(
    () =>
      rollup(
        cooks.filter((c) => c.endedAt && !c.rehearsal),
        (c) => c.length,
        (c) => c.batch.id,
      ),
    [cooks],
  );
  // By the hour: what is wanted soon need not be looked for more often.
  const hour = Math.floor(clock.now() / HOUR_MS) * HOUR_MS;
  const wanted = useMemo(() => wantedSoon(batches, hour), [batches, hour]);
  const evening = wanted.length + (onStove ? 1 : 0) > 1;
  // A recipe dropped or pasted here is laid on the desk.
  const lay = (text: string): void => {
    if (text.trim()) router.push(wayToDesk(text));
  };
  const drop = (event: DragEvent): void => {
    const what = dropped(event);
    if (typeof what === 'string') lay(what);
    else void what.text().then(lay);
  };
  const onPaste = useEffectEvent((event: ClipboardEvent): void => {
    if (event.target instanceof Element && event.target.closest('input, textarea, [role=dialog]'))
      return;
    lay(event.clipboardData?.getData('text/plain') ?? '');
  });
  useEffect(() => {
    addEventListener('paste', onPaste);
    return () => removeEventListener('paste', onPaste);
  }, []);
  return (
    <main
      className="mx-auto w-full max-w-6xl px-4 py-6 sm:px-6"
      onDragOver={(event) => event.preventDefault()}
      onDrop={drop}
    >
      <div className="flex flex-wrap items-center gap-4">
        <div className="mr-auto">
          <h1 className="figure text-4xl">Batches</h1>
          <p className="text-quiet">
            {batches.length} planned · {pots.length} {pots.length === 1 ? 'pot' : 'pots'} ·{' '}
            {formatAltitude(kitchen.altitudeM, kitchen.units)}
          </p>
        </div>
        <Link href="/desk" className={buttonLook('copper')}>
          <Plus size={18} aria-hidden /> Plan a batch
        </Link>
        <FilesButton
          entries={[
            ['Export everything', saveAll],
            ['Bring in a file', () => setSheet('import')],
            ['Backups', () => setSheet('backups')],
            ...(aside > 0
              ? ([[`Damaged records, ${aside}`, () => setSheet('aside')]] as const)
              : []),
            ['Start over', () => setSheet('over'), 'text-rust'],
          ]}
        />
      </div>
      {onStove && (
        <Suspense fallback={<div className="mt-5 min-h-14 rounded-xl bg-cobalt" />}>
          <NextMoves />
        </Suspense>
      )}
      {evening && (
        <Suspense>
          <Evening wanted={wanted} />
        </Suspense>
      )}
      {batches.length === 0 ? (
        <div className="panel mt-6 p-8 text-center">
          <p className="text-lg">Nothing is planned yet.</p>
          <p className="mt-1 text-quiet">Plan a batch, or bring in a file someone gave you.</p>
        </div>
      ) : (
        <LongList items={batches} keyOf={idOf} label="Planned batches" rowPx={96} columns={2}>
          {(batch) => (
            <BatchRow
              batch={batch}
              pot={potOf(batch, pots)}
              known={known}
              cooked={timesCooked.get(batch.id) ?? 0}
            />
          )}
        </LongList>
      )}
      <Suspense>
        {sheet === 'import' && <ImportSheet household={household} onClose={() => setSheet(null)} />}
        {sheet === 'backups' && <BackupsSheet onClose={() => setSheet(null)} />}
        {sheet === 'aside' && <SetAsideSheet onClose={() => setSheet(null)} />}
        {sheet === 'over' && <StartOver household={household} onClose={() => setSheet(null)} />}
      </Suspense>
    </main>
  );
}
