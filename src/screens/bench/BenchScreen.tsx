'use client';

import Link from 'next/link';
import { useEffect } from 'react';
import type { Batch } from '@/core/batch/schema';
import type { Known } from '@/core/learn';
import { buttonLook } from '@/ui/Button';
import { useHousehold } from '@/ui/household';
import { useKnown } from '@/ui/learned/known';
import { Waiting } from '@/ui/Waiting';
import { warmModels } from '@/workers';
import { BenchParts } from './BenchParts';
import { PlanContext, rememberBatch, useOpenedPlan } from './plan';

/** Delay after the page is shown before the solver starts, ms: it takes a whole core for a while. */
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
      <BenchParts />
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
