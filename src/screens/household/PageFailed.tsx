'use client';

import Link from 'next/link';
import { Button, buttonLook } from '@/ui/Button';
import { ExportAll } from '@/ui/files/ExportAll';

/** A page that failed: what is kept is not touched by it, and can be had. */
export function PageFailed({
  error,
  reset,
}: {
  readonly error: Error;
  readonly reset: () => void;
}) {
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-semibold">This page hit an error</h1>
      <p className="mt-3">
        Your kitchen is safe: only this page failed. The error says: <q>{error.message}</q>
      </p>
      <div className="mt-6 flex flex-wrap gap-3">
        {/* Code of a build that is gone comes with the page alone. */}
        <Button
          look="copper"
          onClick={() => (/chunk/i.test(error.message) ? location.reload() : reset())}
        >
          Try again
        </Button>
        <ExportAll className={buttonLook()} />
        <Link href="/" className={buttonLook('quiet')}>
          To the batches
        </Link>
      </div>
    </main>
  );
}
