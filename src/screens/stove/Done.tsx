'use client';

import type { Cook } from '@/core/batch/schema';
import { isoOf } from '@/session/clock';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { saveCook } from '@/ui/household';
import { ended } from '@/core/cook';

/** The end of a practice run, with its debrief in place. */
export function Done({ cook }: { readonly cook: Cook }) {
  const clock = useClock();
  return (
    <section className="panel mt-2 border-t-4 border-t-leaf p-6">
      <h2 className="figure text-4xl">Serve</h2>
      <Button
        look="copper"
        size="large"
        className="mt-5"
        onClick={() => saveCook(ended(cook, isoOf(clock)))}
      >
        Look back at it
      </Button>
    </section>
  );
}
