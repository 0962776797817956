/** The wait before a release, whatever its method. */
import type { Release } from './types';

/** Minutes that a release waits with the valve shut; 0 for one that only waits. */
export function waitOf(release: Release | undefined): number {
  return release && 'afterMin' in release ? (release.afterMin ?? 0) : 0;
}

/**
 * The same release after another wait: bursts stay bursts, cold water stays cold water, with all
 * that was set of them; anything else opens the valve then.
 *
 * @param minutes from 0
 * @example afterWait({ method: 'natural' }, 8) // { method: 'timed', afterMin: 8 }
 */
export function afterWait(release: Release | undefined, minutes: number): Release {
  switch (release?.method) {
    case 'pulsed':
    case 'coldwater': {
      const { afterMin: _, ...rest } = release;
      return minutes > 0 ? { ...rest, afterMin: minutes } : rest;
    }
    default:
      return minutes > 0 ? { method: 'timed', afterMin: minutes } : { method: 'quick' };
  }
}
