/** A mark that a pot can hardly have made: it is asked about at once. */
import type { Cook, Mark } from '../batch/schema';
import { lastOfHand } from './marks';
import { known, timelineOf } from './timeline';

/** Sooner than this share of what is predicted no pot is there (assumed). */
const TOO_SOON = 0.25;
/** Of what takes less than this nothing is said, min. */
const WORTH_MIN = 3;

export interface Doubt {
  readonly mark: Mark;
  /** It came to pressure, or the pressure was gone. */
  readonly what: 'pressure' | 'down';
  readonly afterMin: number;
  readonly usualMin: number;
}

/**
 * Doubt of what a hand marked last.
 *
 * @returns null where a pot can have done so
 */
export function doubtOf(cook: Cook): Doubt | null {
  const mark = lastOfHand(cook.marks);
  if (!mark || (mark.kind !== 'at-pressure' && mark.kind !== 'pin-down')) return null;
  const step = timelineOf(cook).steps.find(({ id }) => id === mark.step);
  const predicted = cook.predicted.steps.find(({ id }) => id === mark.step);
  if (!step || !predicted) return null;
  const hot = mark.kind === 'at-pressure';
  const from = known(hot ? step.locked : step.over) ?? (hot ? null : step.over);
  const to = known(hot ? step.hot : step.down);
  // A valve that was opened is another matter: it is down in a minute.
  if (!from || !to || (!hot && step.valve.length > 0)) return null;
  const usualMin = hot ? predicted.warmUpMin : predicted.releaseMin;
  const afterMin = (to.s - from.s) / 60;
  if (usualMin < WORTH_MIN || afterMin >= TOO_SOON * usualMin) return null;
  return { mark, what: hot ? 'pressure' : 'down', afterMin, usualMin };
}
