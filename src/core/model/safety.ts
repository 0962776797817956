/**
 * Targets that make a food safe to eat: a temperature of the centre (USDA FSIS safe
 * minimum internal temperatures), or minutes of boiling (FDA Bad Bug Book, phytohaemagglutinin).
 * Apart from texture, and no matter of taste.
 */
import { cookValues, USUAL_Z } from '../doneness';
import type { Food, SafetyRule } from '../food';
import { lastOf } from '../series';
import type { Model } from './model';

/** Published: USDA FSIS, C. */
export const SAFE_CENTRE_C: Readonly<Record<Exclude<SafetyRule, 'kidney-bean'>, number>> = {
  poultry: 74,
  minced: 71,
  'whole-cut': 63,
};

/** Published: FDA Bad Bug Book, min at the boil. */
export const KIDNEY_MIN = 30;

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
