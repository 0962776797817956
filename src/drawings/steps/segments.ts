/** The step bar: one segment a phase, by the minutes it takes. */
import type { StepReport } from '@/core/model';
import type { Step } from '@/core/batch/schema';
import { stepOf } from '@/core/vocabulary';

export interface Segment {
  readonly key: string;
  readonly step: string;
  readonly phase: 'warm-up' | 'hold' | 'release' | 'step';
  readonly label: string;
  readonly startMin: number;
  readonly minutes: number;
}

/** Segments of all steps, in order; they add up to the whole. */
export function segmentsOf(
  steps: readonly Step[],
  reports: readonly StepReport[],
): readonly Segment[] {
  return reports.flatMap((report) => segmentsOfStep(steps, report)).filter((s) => s.minutes > 0.05);
}

function segmentsOfStep(steps: readonly Step[], report: StepReport): readonly Segment[] {
  const step = steps.find((s) => s.id === report.id);
  if (!step) return [];
  const length = report.endMin - report.startMin;
  if (step.kind !== 'pressure')
    return [
      {
        key: step.id,
        step: step.id,
        phase: 'step',
        label: `${stepOf(step.kind).short} ${Math.round(length)}`,
        startMin: report.startMin,
        minutes: length,
      },
    ];
  const hold = report.startMin + report.warmUpMin;
  const release = hold + report.holdMin;
  const rest = report.endMin - release;
  return [
    {
      key: `${step.id}w`,
      step: step.id,
      phase: 'warm-up',
      label: `warm-up ${Math.round(report.warmUpMin)}`,
      startMin: report.startMin,
      minutes: report.warmUpMin,
    },
    {
      key: `${step.id}h`,
      step: step.id,
      phase: 'hold',
      label: `hold ${Math.round(report.holdMin)}`,
      startMin: hold,
      minutes: report.holdMin,
    },
    {
      key: `${step.id}r`,
      step: step.id,
      phase: 'release',
      label: `release ${Math.round(rest)}`,
      startMin: release,
      minutes: rest,
    },
  ];
}
