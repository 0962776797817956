/**
 * Targets that make a food safe to eat: a temperature of the centre (USDA FSIS safe
 * minimum internal temperatures), or minutes of boiling (FDA Bad Bug Book, phytohaemagglutinin).
 * Apart from texture, and no matter of taste.
 */
import { cookValues, USUAL_Z } from '../doneness';
import type { Food } from '../food';
import { SAFE_CENTRE_C } from '../guard';
import { lastOf } from '../series';
import type { Model } from './model';

/** Centre that is safe, C; null where no temperature decides. */
export function safeCentreC({ safety }: Food): number | null {
  return safety && safety !== 'kidney-bean' ? SAFE_CENTRE_C[safety] : null;
}

/**
 * Minutes at 100 C that the middle of an item has had. The rate at which the lectin goes is taken
 * to double in 10 C like cooking (assumed).
 */
export function boiledMin(model: Model, id: string): number {
  const trace = model.heat.items[id];
  return trace ? lastOf(cookValues(model.heat.trace.s, trace.centreC, USUAL_Z)) : 0;
}
