import type { Verdict } from '../batch';
import type { Doneness } from './needs';

/**
 * Under when the centre has less than the need, over when the surface has more than the limit.
 *
 * @param centreMin cook value of the centre, min
 * @param surfaceMin cook value of the surface, min
 */
export function judge(doneness: Doneness | null, centreMin: number, surfaceMin: number): Verdict {
  if (!doneness) return 'right';
  if (centreMin < doneness.needMin) return 'under';
  return doneness.limitMin !== null && surfaceMin > doneness.limitMin ? 'over' : 'right';
}
