/** Predicted against real, as rows to show. */
import { stepsOf, type Run } from '@/core/batch';
import { happened } from '@/core/timetable';

export interface Comparison {
  readonly name: string;
  readonly predictedMin: number;
  /** Null where a mark was not pressed. */
  readonly realMin: number | null;
}

/** When it was on the table: a cooling at the end came after it. ISO 8601 */
function servedAt(run: Run): string | undefined {
  const steps = stepsOf(run.batch);
  const last = steps[steps.findLastIndex((s) => s.kind !== 'cool')];
  if (!last || last === steps.at(-1)) return run.endedAt;
  return run.marks.findLast((m) => m.step === last.id)?.at ?? run.endedAt;
}

/** From the lid to the table, min; null while it is still on. */
export function realTotalMin(run: Run): number | null {
  const served = run.endedAt && servedAt(run);
  if (!served) return null;
  const begin = run.marks.find((m) => m.kind === 'lid-locked')?.at ?? run.startedAt;
  return (Date.parse(served) - Date.parse(begin)) / 60000;
}

/** Rows of every pressure step and the whole. */
export function comparisons(run: Run): readonly Comparison[] {
  const steps = happened(run.batch, run.marks);
  const rows = steps.flatMap((real, i): Comparison[] => {
    const foretold = run.predicted.steps.find((s) => s.id === real.step);
    if (!foretold) return [];
    const which = steps.length > 1 ? ` ${i + 1}` : '';
    return [
      { name: `Warm-up${which}`, predictedMin: foretold.warmUpMin, realMin: real.warmUpMin },
      { name: `Release${which}`, predictedMin: foretold.releaseMin, realMin: real.releaseMin },
    ];
  });
  return [
    ...rows,
    { name: 'Lid to table', predictedMin: run.predicted.totalMin, realMin: realTotalMin(run) },
  ];
}

/** The verdicts in a few words. */
export function verdictSummary(run: Run): string {
  const given = Object.values(run.verdicts);
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
