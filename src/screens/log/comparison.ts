/** Predicted against real, as rows to show. */
import type { Cook } from '@/core/batch/schema';
import { happened, realTotalMin, timelineOf } from '@/core/cook';

export interface Comparison {
  readonly name: string;
  readonly predictedMin: number;
  /** Null where a mark was not pressed. */
  readonly realMin: number | null;
}

/** Rows of every pressure step and the whole. */
export function comparisons(cook: Cook): readonly Comparison[] {
  const steps = happened(timelineOf(cook));
  const rows = steps.flatMap((real, i): Comparison[] => {
    const predicted = cook.predicted.steps.find((s) => s.id === real.step);
    if (!predicted) return [];
    const which = steps.length > 1 ? ` ${i + 1}` : '';
    return [
      { name: `Warm-up${which}`, predictedMin: predicted.warmUpMin, realMin: real.warmUpMin },
      { name: `Release${which}`, predictedMin: predicted.releaseMin, realMin: real.releaseMin },
    ];
  });
  return [
    ...rows,
    { name: 'Lid to table', predictedMin: cook.predicted.totalMin, realMin: realTotalMin(cook) },
  ];
}

/** The verdicts in a few words. */
export function verdictSummary(cook: Cook): string {
  const given = Object.values(cook.verdicts);
  if (given.length === 0) return 'no verdicts yet';
  const count = (v: string): number => given.filter((g) => g === v).length;
  return [
    count('right') > 0 ? `${count('right')} right` : '',
    count('under') > 0 ? `${count('under')} under` : '',
    count('over') > 0 ? `${count('over')} over` : '',
  ]
    .filter(Boolean)
    .join(', ');
}
