/** Steps in a cook's words. */
import { formatMinutes } from '../quantity';
import type { Release, Step } from './types';

function afterWords(minutes: number | undefined): string {
  return minutes ? ` after ${formatMinutes(minutes)}` : '';
}

function releaseWords(release: Release | undefined): string {
  switch (release?.method) {
    case 'quick':
      return 'quick release';
    case 'timed':
      return `valve after ${formatMinutes(release.afterMin)}`;
    case 'pulsed':
      return `valve in bursts${afterWords(release.afterMin)}`;
    case 'coldwater':
      return `cold water over the lid${afterWords(release.afterMin)}`;
    default:
      return 'natural release';
  }
}

/** A step in a few words. @example stepWords(step) // "hold 25 min, natural release" */
export function stepWords(step: Step): string {
  if (step.kind === 'pressure')
    return `hold ${formatMinutes(step.holdMin)}, ${releaseWords(step.release)}`;
  const minutes = step.minutes === undefined ? '' : ` ${formatMinutes(step.minutes)}`;
  return `${step.kind === 'saute' ? 'brown' : step.kind}${minutes}`;
}
