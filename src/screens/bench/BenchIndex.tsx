'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { buttonLook } from '@/ui/Button';
import { useHousehold } from '@/ui/household';
import { lastBatch } from './plan';

/** Opens the batch last planned; without one, says where to start. */
export function BenchIndex() {
  const { batches } = useHousehold();
  const router = useRouter();
  const first = batches.find((b) => b.id === lastBatch())?.id ?? batches[0]?.id;
  useEffect(() => {
    if (first) router.replace(`/bench/${first}`);
  }, [first, router]);
  if (first) return null;
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-semibold">Nothing on the bench</h1>
      <p className="mt-2 text-quiet">
        A batch is planned here: what goes in, whether it fits, when it is done.
      </p>
      <Link href="/" className={`${buttonLook('copper')} mt-6`}>
        Plan a batch
      </Link>
    </main>
  );
}
