'use client';

import { useEffect, useState } from 'react';
import { useApp } from '@/store';
import { useCalm } from '@/ui/calm';
import { isCooking } from '@/ui/household';

/** A version that has come is looked for this often, ms. */
const LOOK_MS = 3600_000;
/** A worker that was just being started may not have heard: it is asked again after this long, ms. */
const ASK_MS = 3000;

/**
 * Version that waits to take over from this one; null for none.
 * @param calm whether the page has settled: a first visit loads a hundred files
 */
function useWaiting(calm: boolean): ServiceWorkerRegistration | null {
  const [waiting, setWaiting] = useState<ServiceWorkerRegistration | null>(null);
  useEffect(() => {
    if (!calm || process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const { serviceWorker } = navigator;
    let over = false;
    let timer: ReturnType<typeof setInterval> | undefined;
    const begin = async (): Promise<void> => {
      const kept = await serviceWorker.register('/sw.js', { updateViaCache: 'none' });
      const look = (): void => {
        // The first of all waits for nobody.
        if (!over && kept.waiting && serviceWorker.controller) setWaiting(kept);
      };
      // It may have come, or be on its way, before anybody listens.
      const watch = (): void => kept.installing?.addEventListener('statechange', look);
      look();
      watch();
      kept.addEventListener('updatefound', watch);
      timer = setInterval(() => void kept.update().catch(() => undefined), LOOK_MS);
    };
    // A browser that forbids it does without.
    void begin().catch(() => undefined);
    return () => {
      over = true;
      clearInterval(timer);
    };
  }, [calm]);
  return waiting;
}

/** All tabs go over to a version together: two never write what the browser keeps. */
function useOneVersion(): void {
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return;
    const { serviceWorker } = navigator;
    let had = serviceWorker.controller !== null;
    const changed = (): void => {
      if (had) location.reload();
      had = true;
    };
    serviceWorker.addEventListener('controllerchange', changed);
    return () => serviceWorker.removeEventListener('controllerchange', changed);
  }, []);
}

/** Asks the version that waits to take over, until it has. */
function useTaking(waiting: ServiceWorkerRegistration | null, taking: boolean): void {
  useEffect(() => {
    if (!waiting || !taking) return;
    const ask = (): void => waiting.waiting?.postMessage('take it');
    ask();
    const timer = setInterval(ask, ASK_MS);
    return () => clearInterval(timer);
  }, [waiting, taking]);
}

/**
 * Tells of a new version; it is taken when the cook says so, never in the middle of a cook. It stands at the
 * foot: it comes when the cook has begun already, and must not move what a finger is about to touch.
 */
export function NewVersion() {
  const waiting = useWaiting(useCalm());
  const cooking = useApp((s) => s.household !== null && isCooking(s.household));
  const [taking, setTaking] = useState(false);
  useTaking(waiting, taking);
  useOneVersion();
  if (!waiting) return null;
  return (
    <div
      role="status"
      className="sticky bottom-0 z-20 mt-auto flex flex-wrap items-center gap-x-5 border-t border-hairline bg-panel px-6 py-1.5 max-sm:bottom-[54px] max-sm:px-4 print:hidden"
    >
      <span className="min-w-0 flex-1 basis-80">
        {cooking
          ? 'A new version of Retort is here. It waits until nothing is on the stove.'
          : 'A new version of Retort is here.'}
      </span>
      {!cooking && (
        <button
          type="button"
          className="min-h-11 px-2 font-medium text-cobalt underline underline-offset-4 disabled:no-underline"
          disabled={taking}
          onClick={() => setTaking(true)}
        >
          {taking ? 'Updating' : 'Update now'}
        </button>
      )}
    </div>
  );
}
