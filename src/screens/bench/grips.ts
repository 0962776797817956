/** What can be dragged along the step bar: the end of a hold, the moment the valve opens. */
import type { StepReport } from '@/core/assess';
import { waitOf, type Release, type Step } from '@/core/batch';
import { formatMinutes } from '@/core/quantity';

export interface Grip {
  readonly id: string;
  readonly step: string;
  readonly kind: 'hold' | 'valve';
  /** Where it stands on the clock, min from the start. */
  readonly atMin: number;
  /** Minutes of hold, or of waiting before the valve is opened. */
  readonly minutes: number;
  readonly most: number;
  readonly label: string;
  readonly text: string;
  readonly clamp: (minutes: number) => number;
}

const MOST_HOLD = 600;
const MOST_WAIT = 240;

function clampTo(most: number) {
  return (minutes: number): number => Math.min(most, Math.max(0, Math.round(minutes)));
}

/** When a valve opens, min after the hold. */
function valveOf(release: Release | undefined, releaseMin: number): number {
  const natural = release === undefined || release.method === 'natural';
  return natural ? releaseMin : Math.min(waitOf(release), releaseMin);
}

/** What happens then, in a word. */
function opening(release: Release | undefined): string {
  switch (release?.method) {
    case 'pulsed':
      return 'in bursts ';
    case 'coldwater':
      return 'cold water ';
    default:
      return '';
  }
}

/** One grip at the end of every hold, one where its valve opens. */
export function grips(steps: readonly Step[], reports: readonly StepReport[]): readonly Grip[] {
  return reports.flatMap((report): Grip[] => {
    const step = steps.find((s) => s.id === report.id);
    if (step?.kind !== 'pressure' || report.holdMin + report.releaseMin <= 0) return [];
    const over = report.startMin + report.warmUpMin + report.holdMin;
    const wait = valveOf(step.release, report.releaseMin);
    const natural = (step.release?.method ?? 'natural') === 'natural';
    return [
      {
        id: `grip-hold-${step.id}`,
        step: step.id,
        kind: 'hold',
        atMin: over,
        minutes: step.holdMin,
        most: MOST_HOLD,
        label: 'End of the hold',
        text: `hold ${formatMinutes(step.holdMin)}`,
        clamp: clampTo(MOST_HOLD),
      },
      {
        id: `grip-valve-${step.id}`,
        step: step.id,
        kind: 'valve',
        atMin: over + wait,
        minutes: wait,
        most: MOST_WAIT,
        label: 'Valve opens',
        text: natural
          ? 'by itself'
          : `${opening(step.release)}${wait > 0 ? `after ${formatMinutes(wait)}` : 'at once'}`,
        clamp: clampTo(MOST_WAIT),
      },
    ];
  });
}

/** Place in the order of the step that goes on at a minute; the nearest end outside. */
export function placeAt(reports: readonly StepReport[], minute: number): number {
  const at = reports.findIndex((r) => minute < r.endMin);
  return at < 0 ? reports.length - 1 : at;
}
