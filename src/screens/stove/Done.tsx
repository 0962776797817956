'use client';

import { useRouter } from 'next/navigation';
import { foodOf, keptApart, type Cook } from '@/core/batch';
import { fishOutOf } from '@/core/timetable';
import { isoOf } from '@/session/clock';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { saveCook } from '@/ui/household';

/** A cook as it is over. @param at ISO 8601 */
export function ended(cook: Cook, at: string): Cook {
  return { ...cook, endedAt: at, marks: [...cook.marks, { kind: 'done', step: null, at }] };
}

/** The last move: to the table, and into the log. */
export function Done({ cook }: { readonly cook: Cook }) {
  const router = useRouter();
  const clock = useClock();
  const finish = (): void => {
    const at = isoOf(clock);
    saveCook(ended(cook, at));
    // A rehearsal is looked back on where it stands.
    if (!cook.rehearsal) router.push(`/log/${cook.id}`);
  };
  const out = fishOutOf(cook).map((item) => foodOf(item)?.name ?? item.food);
  const apart = keptApart(cook.batch).map((item) => foodOf(item)?.name ?? item.food);
  return (
    <section className="panel mt-2 border-t-4 border-t-leaf p-6">
      <h2 className="figure text-4xl">To the table</h2>
      {out.length > 0 && <p className="mt-2 text-lg">Fish out: {out.join(', ')}.</p>}
      {apart.length > 0 && <p className="mt-2 text-lg">Into the bowls: {apart.join(', ')}.</p>}
      <p className="mt-2 text-quiet">
        Taste, then salt, acid, pepper, one at a time. What is left: shallow pans or an ice bath,
        from 57 to 21 °C (135 to 70 °F) within 2 h and to 5 °C (41 °F) within 4 h more. Never
        overnight on the counter; hot glass never into the freezer. None of this is canning.
      </p>
      <Button look="copper" className="mt-5 !min-h-14 !px-8 !text-lg" onClick={finish}>
        {cook.rehearsal ? 'Look back on it' : 'Write it in the log'}
      </Button>
    </section>
  );
}
