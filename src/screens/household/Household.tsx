'use client';

import { lazyPart } from '@/drawings/later';
import { usePathname } from 'next/navigation';
import { Suspense, useEffect, useRef, type ReactNode } from 'react';
import type { Bundle } from '@/core/batch/schema';
import { isoOf, REAL } from '@/session/clock';
import { goOnWithout, openEarly, readWorkedEarly, start, useApp } from '@/store';
import { assessedKey } from '@/ui/assessed';
import { useClock } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { isCooking, coolingNow } from '@/ui/household';

import { LEARNED_KEY } from '@/ui/learned/known';
import { clockHabitOf } from '@/ui/said';
import { tellTimeBy } from '@/session/clockText';
import { useLessons } from '@/ui/learned/lessons';
import { Waiting } from '@/ui/Waiting';
import { warmModels } from '@/workers';
import { Banner } from './Banner';
import { ClockQuestion } from './ClockQuestion';
import { Failed } from './Failed';
import { Nav } from './Nav';
import { NewVersion } from './NewVersion';
import { idInPath } from './path';
import { sampleKitchen } from './sample';
import { useDrops } from './useDrops';

const WAITING = {
  slow: 'The browser is taking longer than usual to open your kitchen.',
  blocked:
    'An older version of Retort is open in another tab and holds your kitchen. Close that tab, and this page continues by itself.',
};

/** Bones of a page while the household is read from the browser; after a second, why it takes so long. */
function Skeleton() {
  const waiting = useApp((s) => s.waiting);
  return (
    <Waiting>
      {waiting && (
        <div role="alert" className="panel flex flex-wrap items-center gap-4 px-5 py-4">
          <p className="flex-1 basis-80 text-lg">{WAITING[waiting]}</p>
          <Button look="quiet" onClick={() => void goOnWithout()}>
            Go on without saving
          </Button>
        </div>
      )}
    </Waiting>
  );
}

// Seen once in the life of a kitchen.
const FirstStart = lazyPart(() => import('./FirstStart').then((m) => m.FirstStart));
// Nothing of a cook is loaded while nothing cooks.
const NextMoves = lazyPart(() => import('@/ui/cooking/NextMove').then((m) => m.NextMoves));

const Calling = lazyPart(() => import('./Calling').then((m) => m.Calling));

/** The next move of what cooks, on every page that does not show it already. */
function Strip() {
  const path = usePathname();
  const cooking = useApp((s) => s.household !== null && isCooking(s.household));
  if (!cooking || path === '/' || path.startsWith('/stove')) return null;
  return (
    <Suspense>
      <NextMoves slim />
    </Suspense>
  );
}

/** Caller, while something may call. */
function Calls() {
  const may = useApp(
    (s) =>
      s.household !== null && (isCooking(s.household) || coolingNow(s.household.cooks).length > 0),
  );
  return may ? (
    <Suspense>
      <Calling />
    </Suspense>
  ) : null;
}

/** Reads what the device keeps; where a plan still has to be worked out, what does it starts meanwhile. */
async function beginEarly(path: string): Promise<void> {
  openEarly(isoOf(REAL));
  const plan = path.startsWith('/bench/');
  const there = await readWorkedEarly([
    LEARNED_KEY,
    ...(plan ? [assessedKey(idInPath(path))] : []),
  ]);
  if (plan && !there && typeof Worker === 'function') warmModels();
}

if (typeof window !== 'undefined') void beginEarly(location.pathname);

/** A page that was gone to gets the focus, unless it has put it somewhere itself (WCAG 2.4.3). */
function usePageFocus(): void {
  const path = usePathname();
  const shown = useRef(path);
  useEffect(() => {
    if (shown.current === path) return;
    shown.current = path;
    const page = document.getElementById('page');
    if (page && !page.contains(document.activeElement)) page.focus({ preventScroll: true });
  }, [path]);
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
  const kitchen = useApp((s) => s.household?.kitchen);
  const habit = clockHabitOf(kitchen);
  tellTimeBy(habit);
  useLessons(useApp((s) => s.household?.cooks));
  usePageFocus();
  useDrops();
  const isShared = useApp((s) => s.isShared);
  useEffect(() => {
    if (!isShared) return undefined;
    const sync = import('@/sync');
    void sync.then(({ startMeeting }) => startMeeting());
    return () => void sync.then(({ stopMeeting }) => stopMeeting());
  }, [isShared]);
  // A batch brought by a link brings its pot and its kitchen, and so does the household of another device.
  const bringsOwn = /^\/(?:take|join)$/.test(usePathname());
  useEffect(() => {
    document.documentElement.dataset['running'] = '';
  }, []);
  useEffect(() => {
    void start(demo ? (): Promise<Bundle> => sampleKitchen(clock.now()) : null, () => isoOf(clock));
  }, [demo, clock]);
  return (
    <div className="flex min-h-dvh flex-col max-md:pb-14">
      <a
        href="#page"
        className="sr-only z-50 rounded-lg bg-panel px-4 py-2 font-medium focus:not-sr-only focus:absolute focus:top-2 focus:left-2"
      >
        Skip to the page
      </a>
      <Nav />
      <Banner />
      {status === 'ready' && <Calls />}
      <ClockQuestion />
      {status === 'ready' && <Strip />}
      {status === 'loading' && <Skeleton />}
      {status === 'failed' && <Failed />}
      {status === 'new' && !bringsOwn && (
        <Suspense>
          <FirstStart />
        </Suspense>
      )}
      {(status === 'ready' || (status === 'new' && bringsOwn)) && (
        // Render times again when the clock format changes.
        <div
          key={JSON.stringify(habit)}
          id="page"
          tabIndex={-1}
          className="flex flex-1 flex-col outline-none"
        >
          {children}
        </div>
      )}
      <NewVersion />
    </div>
  );
}
