'use client';

import type { Cook } from '@/core/batch/schema';
import { cookPlot, LightPlot, type Lived } from '@/drawings/plot';
import { useAssessment } from './useAssessment';

/** The predicted trace, with what really happened as marks over it and where the cook is now. */
export function CookTrace({
  cook,
  nowMin,
  lived = null,
  truth = false,
}: {
  readonly cook: Cook;
  readonly nowMin: number | null;
  /** Beliefs about it while it runs. */
  readonly lived?: Lived | null;
  /** The overlay is the truth, and nothing is to come. */
  readonly truth?: boolean;
}) {
  const { trace } = cook.predicted;
  // Predictions of an older version have no curve: it is computed from the kept plan.
  const { assessment } = useAssessment(trace ? null : cook.batch, cook.pot, cook.kitchen);
  const predicted = trace ?? (assessment && { ...assessment.series, boilC: assessment.boilC });
  if (!predicted) return <div className="h-32 animate-pulse rounded-xl bg-hairline/50" />;
  const plot = cookPlot(cook, predicted, nowMin, lived);
  return (
    <figure className="panel p-3">
      <div
        className="aspect-[300/120] pb-12"
        role="img"
        aria-label={`Predicted temperature over ${Math.round(plot.lastMin)} minutes, with ${plot.parts.filter((p) => p.kind === 'moment' && p.look === 'mark').length} marks`}
      >
        <LightPlot plot={plot} bare />
      </div>
      <figcaption className="text-fine text-quiet">
        Line: predicted. Ticks: your marks.{nowMin !== null && ' Upright line: now.'}
        {truth && ' Bold line: what really happened.'}
        {lived && !truth && ' Bold line: what happened. Shaded: what is to come, usual range.'}
      </figcaption>
    </figure>
  );
}
