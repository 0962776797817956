'use client';

import type { Pot } from '@/core/batch/schema';
import type { Stage, Standing } from '@/core/cook';
import { lateCauses, type LateCause } from '@/core/live/late';
import { inTen } from './liveWords';

const LOOKS: Readonly<Record<Pot['kind'], Readonly<Record<LateCause, string>>>> = {
  electric: {
    valve: 'The valve: shut, and no steady plume from it?',
    ring: 'The ring: seated all round, and no steam at the rim?',
    heat: 'The heat: does the display say that it heats, and is the inner pot seated?',
  },
  stovetop: {
    valve: 'The valve: shut, and no steady plume from it?',
    ring: 'The ring: seated all round, and no steam at the rim?',
    heat: 'The heat: is the flame at its highest, and under the whole pot?',
  },
};

/** A pot that should be at pressure: what to look at, the likeliest first. */
export function LatePot({
  pot,
  stage,
  at,
}: {
  readonly pot: Pot;
  readonly stage: Stage;
  readonly at: Standing;
}) {
  return (
    <section aria-label="Late: look at" className="mt-3 max-w-2xl">
      <h3 className="text-body font-semibold">It is late. Look at</h3>
      <ol className="text-lead">
        {lateCauses(pot, at.elapsedMin, stage.expectMin).map(({ cause, chance }) => (
          <li key={cause} className="flex justify-between gap-4 border-t border-hairline py-1">
            <span>{LOOKS[pot.kind][cause]}</span>
            <span className="whitespace-nowrap text-quiet">{inTen(chance)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
