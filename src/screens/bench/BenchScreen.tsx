'use client';

import Link from 'next/link';
import { useCallback, useEffect } from 'react';
import type { Batch } from '@/core/batch/schema';
import type { Known } from '@/core/learn';
import { buttonLook } from '@/ui/Button';
import { useHousehold } from '@/ui/household';
import { useKnown } from '@/ui/known';
import { Waiting } from '@/ui/Waiting';
import { warmModels } from '@/workers';
import { Answers } from './Answers';
import { BenchHead } from './BenchHead';
import { BenchSheets } from './BenchSheets';
import { rememberBatch } from './lastBatch';
import { PlanContext, useOpenedPlan, usePlan, useSession } from './plan';
import { PlanPane } from './PlanPane';
import { useShortcuts, type Shortcut } from './shortcuts';
import { WellSide } from './WellSide';

/** The page stands before what answers the first edit is started, ms: it takes a whole core for a while. */
const WARM_MS = 200;

function Missing() {
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-semibold">This batch is not here any more</h1>
      <p className="mt-2 text-quiet">It was deleted, or belongs to another kitchen.</p>
      <Link href="/" className={`${buttonLook('copper')} mt-6`}>
        To the batches
      </Link>
    </main>
  );
}

function Parts() {
  const { open } = useSession();
  const listening = usePlan((p) => p.opened === null);
  const error = usePlan((p) => p.error);
  const onShortcut = useCallback(
    (what: Shortcut['opens']) => {
      if (what === 'put in') document.getElementById('put-in')?.focus();
      else open(what);
    },
    [open],
  );
  useShortcuts(onShortcut, listening);
  return (
    <main className="flex flex-1 flex-col gap-3 px-4 py-3 sm:px-6 lg:h-[calc(100dvh-55px)] lg:flex-none lg:overflow-hidden">
      <BenchHead />
      {error && (
        <p role="alert" className="rounded-lg bg-rust px-4 py-2 text-white">
          This batch cannot be worked out: {error}. Nothing is lost; undo the last change or correct
          it.
        </p>
      )}
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-5 lg:grid-rows-1 lg:grid-cols-[340px_minmax(0,1fr)_272px]">
        <WellSide />
        <PlanPane />
        <Answers />
      </div>
      <BenchSheets />
    </main>
  );
}

function Bench({ batch, known }: { readonly batch: Batch; readonly known: Known }) {
  const session = useOpenedPlan(batch, known);
  useEffect(() => rememberBatch(batch.id), [batch.id]);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(warmModels, WARM_MS);
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, []);
  return (
    <PlanContext value={session}>
      <Parts />
    </PlanContext>
  );
}

/** Planning: the pot, the time and the ingredients in one picture. */
export function BenchScreen({ id }: { readonly id: string }) {
  const { batches } = useHousehold();
  const known = useKnown();
  const batch = batches.find((b) => b.id === id);
  if (!batch) return <Missing />;
  return known ? <Bench key={id} batch={batch} known={known} /> : <Waiting />;
}
