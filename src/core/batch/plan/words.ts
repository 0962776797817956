/** Steps in a cook's words. */
import { formatMinutes } from '../../quantity';
import { releaseOf, stepOf, waitOf, type Release } from '../../vocabulary';
import type { Step } from '../schema/types';

function releaseWords(release: Release = { method: 'natural' }): string {
  const wait = waitOf(release);
  const { planned } = releaseOf(release.method);
  return wait > 0 ? `${planned} after ${formatMinutes(wait)}` : planned;
}

/** A step in a few words. @example stepWords(step) // "hold 25 min, natural release" */
export function stepWords(step: Step): string {
  const { short } = stepOf(step.kind);
  if (step.kind === 'pressure')
    return `${short} ${formatMinutes(step.holdMin)}, ${releaseWords(step.release)}`;
  return step.minutes === undefined ? short : `${short} ${formatMinutes(step.minutes)}`;
}
