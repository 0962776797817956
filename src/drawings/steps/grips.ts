/** Handles of the step bar: the end of a hold, the moment the valve opens. */
import type { StepReport } from '@/core/model';
import { type Step, LIMITS } from '@/core/batch/schema';
import { LONGEST_WAIT_MIN, releaseOf, waitOf, type Release } from '@/core/vocabulary';
import { formatMinutes } from '@/core/quantity';

export interface Grip {
  readonly id: string;
  readonly step: string;
  readonly kind: 'hold' | 'valve';
  /** Position on the clock, min from the start. */
  readonly atMin: number;
  /** Minutes of hold, or of waiting before the valve is opened. */
  readonly minutes: number;
  readonly most: number;
  readonly label: string;
  readonly text: string;
  readonly clamp: (minutes: number) => number;
}

function clampTo(most: number) {
  return (minutes: number): number => Math.min(most, Math.max(0, Math.round(minutes)));
}

/** When a valve opens, min after the hold. */
function valveOf(release: Release | undefined, releaseMin: number): number {
  const { lets } = releaseOf(release?.method ?? 'natural');
  return lets === null ? releaseMin : Math.min(waitOf(release), releaseMin);
}

/** One grip at the end of every hold, one where its valve opens. */
export function grips(steps: readonly Step[], reports: readonly StepReport[]): readonly Grip[] {
  return reports.flatMap((report): Grip[] => {
    const step = steps.find((s) => s.id === report.id);
    if (step?.kind !== 'pressure' || report.holdMin + report.releaseMin <= 0) return [];
    const over = report.startMin + report.warmUpMin + report.holdMin;
    const wait = valveOf(step.release, report.releaseMin);
    const { lets, grip } = releaseOf(step.release?.method ?? 'natural');
    return [
      {
        id: `grip-hold-${step.id}`,
        step: step.id,
        kind: 'hold',
        atMin: over,
        minutes: step.holdMin,
        most: LIMITS.hold.max,
        label: 'End of the hold',
        text: `hold ${formatMinutes(step.holdMin)}`,
        clamp: clampTo(LIMITS.hold.max),
      },
      {
        id: `grip-valve-${step.id}`,
        step: step.id,
        kind: 'valve',
        atMin: over + wait,
        minutes: wait,
        most: LONGEST_WAIT_MIN,
        label: 'Valve opens',
        text:
          lets === null ? grip : `${grip}${wait > 0 ? `after ${formatMinutes(wait)}` : 'at once'}`,
        clamp: clampTo(LONGEST_WAIT_MIN),
      },
    ];
  });
}

/** Place in the order of the step that goes on at a minute; the nearest end outside. */
export function placeAt(reports: readonly StepReport[], minute: number): number {
  const at = reports.findIndex((r) => minute < r.endMin);
  return at < 0 ? reports.length - 1 : at;
}
