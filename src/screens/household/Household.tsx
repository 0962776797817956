'use client';

import { useEffect, type ReactNode } from 'react';
import type { Bundle } from '@/core/batch';
import { writeBundle } from '@/formats/write';
import { isoOf } from '@/session/clock';
import { dismissNotice, start, useApp } from '@/store';
import { useClock } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { FirstStart } from './FirstStart';
import { Nav } from './Nav';
import { sampleKitchen } from './sample';

function Banner() {
  const trouble = useApp((s) => s.trouble);
  const notice = useApp((s) => s.notice);
  const household = useApp((s) => s.household);
  if (trouble)
    return (
      <div role="alert" className="flex flex-wrap items-center gap-4 bg-rust px-6 py-2 text-white">
        <span>{trouble.message}</span>
        {household && trouble.kind !== 'newer' && (
          <button
            type="button"
            className="min-h-11 font-semibold underline"
            onClick={() => download('retort.json', writeBundle(household))}
          >
            Export everything
          </button>
        )}
      </div>
    );
  if (!notice) return null;
  return (
    <div
      role="status"
      className="flex items-center justify-between gap-4 bg-cobalt px-6 py-1 text-white"
    >
      <span>{notice}</span>
      <button type="button" className="min-h-11 font-semibold underline" onClick={dismissNotice}>
        Good
      </button>
    </div>
  );
}

/** Bones of a page while the household is read from the browser. */
function Skeleton() {
  return (
    <main className="mx-auto w-full max-w-6xl flex-1 space-y-4 p-6" aria-busy aria-label="Loading">
      {[0, 1, 2, 3].map((i) => (
        <div key={i} className="h-20 animate-pulse rounded-xl bg-hairline/50" />
      ))}
    </main>
  );
}

function Failed() {
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-semibold">The browser’s storage did not open</h1>
      <p className="mt-3">
        Retort keeps your kitchen in this browser. Private windows and full disks can forbid that.
        Nothing has been deleted.
      </p>
      <Button look="copper" className="mt-6" onClick={() => location.reload()}>
        Try again
      </Button>
    </main>
  );
}

/** The frame of every page: opens the household, then shows the page in it. */
export function Household({
  demo,
  children,
}: {
  readonly demo: boolean;
  readonly children: ReactNode;
}) {
  const status = useApp((s) => s.status);
  const clock = useClock();
  useEffect(() => {
    void start(demo ? (): Promise<Bundle> => sampleKitchen() : null, () => isoOf(clock));
  }, [demo, clock]);
  return (
    <div className="flex min-h-dvh flex-col max-sm:pb-14">
      <Nav />
      <Banner />
      {status === 'loading' && <Skeleton />}
      {status === 'failed' && <Failed />}
      {status === 'new' && <FirstStart />}
      {status === 'ready' && children}
    </div>
  );
}
