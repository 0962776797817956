/** Why a pot is late coming to pressure: what to look at first, by its chance. */
import { knowledgeOf, phi, POT_SPREAD } from '../unknown';
import type { Pot } from '../batch/schema';

export type LateCause = 'valve' | 'ring' | 'heat';

/** Probability that a lid is locked with its valve open, or its ring not seated (assumed). */
const BEFALLS = { valve: 0.05, ring: 0.03 } as const;

/**
 * Chances of what may keep a pot from its pressure, the likeliest first; together 1.
 *
 * A pot merely weaker than assumed would have to be weak enough not to be there by now; a valve or a
 * ring that lets steam out keeps it from pressure whatever its heat.
 *
 * @param elapsedMin since the lid was locked, min
 * @param expectMin as predicted, min
 */
export function lateCauses(
  pot: Pot,
  elapsedMin: number,
  expectMin: number,
): readonly { readonly cause: LateCause; readonly chance: number }[] {
  const { power, efficiency } = POT_SPREAD[pot.kind][knowledgeOf(pot)];
  const sd = Math.hypot(power, efficiency);
  const late = Math.max(1, elapsedMin / Math.max(1, expectMin));
  // Least heat that explains a delay this long.
  const weak = phi(-Math.log(late) / sd);
  const all = weak + BEFALLS.valve + BEFALLS.ring;
  return [
    { cause: 'heat' as const, chance: weak / all },
    { cause: 'valve' as const, chance: BEFALLS.valve / all },
    { cause: 'ring' as const, chance: BEFALLS.ring / all },
  ].toSorted((a, b) => b.chance - a.chance);
}
