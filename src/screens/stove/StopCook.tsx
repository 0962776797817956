'use client';

import { useState } from 'react';
import type { Cook } from '@/core/batch/schema';
import { ended } from '@/core/cook';
import { isoOf } from '@/session/clock';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { changeCook } from '@/ui/household';

const STOPPED = { reason: 'it was stopped at the stove' };

/** Ends a cook early: the Log keeps it, and nothing is learned from it. */
export function StopCook({ cook }: { readonly cook: Cook }) {
  const clock = useClock();
  const [asking, setAsking] = useState(false);
  if (!asking)
    return (
      <Button look="quiet" onClick={() => setAsking(true)}>
        Stop this cook
      </Button>
    );
  return (
    <div role="group" aria-label="Stop this cook?" className="panel w-full max-w-2xl px-4 py-3">
      <p>
        The cook ends here. It stays in the Log, and nothing is learned from it. Under pressure:
        heat off first, and leave the lid until the pin is down.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          look="copper"
          size="thumb"
          onClick={() =>
            changeCook(cook.id, (c) => ({ ...ended(c, isoOf(clock)), leftOut: STOPPED }))
          }
        >
          Stop it and leave it out
        </Button>
        <Button size="thumb" onClick={() => setAsking(false)}>
          Go on cooking
        </Button>
      </div>
    </div>
  );
}
