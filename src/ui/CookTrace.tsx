'use client';

import type { Cook } from '@/core/batch';
import { cookPlot, LightPlot } from '@/drawings/plot';
import { useAssessment } from './useAssessment';

/** The predicted trace, with what really happened as marks over it and where the cook is now. */
export function CookTrace({
  cook,
  nowMin,
}: {
  readonly cook: Cook;
  readonly nowMin: number | null;
}) {
  const { trace } = cook.predicted;
  // What an older version foretold kept no curve: it is worked out from what the cook kept.
  const { assessment } = useAssessment(trace ? null : cook.batch, cook.pot, cook.kitchen);
  const foretold = trace ?? (assessment && { ...assessment.series, boilC: assessment.boilC });
  if (!foretold) return <div className="h-32 animate-pulse rounded-xl bg-hairline/50" />;
  const plot = cookPlot(cook, foretold, nowMin);
  return (
    <figure className="panel p-3">
      <div
        className="aspect-[300/120] pb-12"
        role="img"
        aria-label={`Predicted temperature over ${Math.round(plot.lastMin)} minutes, with ${plot.parts.filter((p) => p.kind === 'moment' && p.look === 'mark').length} marks`}
      >
        <LightPlot plot={plot} bare />
      </div>
      <figcaption className="text-[13px] text-quiet">
        Grey: predicted. Copper: your marks.{nowMin !== null && ' Cobalt: now.'}
      </figcaption>
    </figure>
  );
}
