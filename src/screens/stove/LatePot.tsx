'use client';

import { potKindOf } from '@/core/vocabulary';
import type { Pot } from '@/core/batch/schema';
import type { Stage, Standing } from '@/core/cook';
import { lateCauses, type LateCause } from '@/core/live/late';
import { inTen } from './propose/liveWords';

const LOOKS: Readonly<Record<LateCause, (kind: Pot['kind']) => string>> = {
  valve: () => 'The valve: shut, and no steady plume from it?',
  ring: () => 'The ring: seated all round, and no steam at the rim?',
  heat: (kind) => potKindOf(kind).heatLook,
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
            <span>{LOOKS[cause](pot.kind)}</span>
            <span className="whitespace-nowrap text-quiet">{inTen(chance)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
