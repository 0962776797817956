'use client';

import { lazyPart } from '@/drawings/later';
import { Suspense, useEffect, useState } from 'react';
import { backups, begin } from '@/store';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { OpenMine } from './OpenMine';
import { sampleKitchen } from './sample';

// Most visits never see it.
const BackupsSheet = lazyPart(() => import('@/ui/files/BackupsSheet').then((m) => m.BackupsSheet));
const OwnStart = lazyPart(() => import('./OwnStart').then((m) => m.OwnStart));

/** The first start without the sample: open it, or begin with one's own pot. */
export function FirstStart() {
  const clock = useClock();
  const [own, setOwn] = useState(false);
  const [before, setBefore] = useState(false);
  const [choosing, setChoosing] = useState(false);
  useEffect(() => {
    backups().then(
      (kept) => setBefore(kept.length > 0),
      () => undefined,
    );
  }, []);
  if (own)
    return (
      <Suspense>
        <OwnStart onBack={() => setOwn(false)} />
      </Suspense>
    );
  return (
    <main className="mx-auto grid w-full max-w-4xl flex-1 content-center gap-8 p-6 md:grid-cols-[1fr_260px]">
      <div>
        <h1 className="figure text-5xl">What are you cooking?</h1>
        <p className="mt-4 max-w-prose text-lg">
          Retort tells you whether a soup, chili or stock fits your pressure cooker, when it is on
          the table, and what goes in when. It works out the heat in your pot, at your altitude, and
          cooks along by the clock.
        </p>
        <div className="mt-8 flex flex-wrap gap-4">
          <Button look="copper" onClick={() => void sampleKitchen(clock.now()).then(begin)}>
            Open the sample kitchen
          </Button>
          <Button onClick={() => setOwn(true)}>Start empty</Button>
          <OpenMine />
          {before && <Button onClick={() => setChoosing(true)}>Bring back a backup</Button>}
        </div>
        {choosing && (
          <Suspense>
            <BackupsSheet onClose={() => setChoosing(false)} />
          </Suspense>
        )}
        <p className="mt-6 max-w-prose text-sm text-quiet">
          Everything stays in this browser and in the files you export. Your pot’s manual and your
          food-safety authority come before anything said here. None of this is canning.
        </p>
      </div>
      <svg viewBox="0 0 200 220" aria-hidden className="hidden w-full md:block">
        <path
          d="M20 30 V190 Q20 205 35 205 H165 Q180 205 180 190 V30"
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth="5"
        />
        <path
          d="M24 110 Q60 102 100 110 T176 110 V190 Q176 201 165 201 H35 Q24 201 24 190 Z"
          fill="var(--color-broth)"
        />
        <line
          x1="8"
          x2="192"
          y1="26"
          y2="26"
          stroke="var(--color-cobalt)"
          strokeWidth="12"
          strokeLinecap="round"
        />
        <line
          x1="12"
          x2="188"
          y1="80"
          y2="80"
          stroke="var(--color-ink)"
          strokeWidth="2"
          strokeDasharray="7 5"
        />
        <circle cx="180" cy="110" r="13" fill="var(--color-copper)" />
      </svg>
    </main>
  );
}
