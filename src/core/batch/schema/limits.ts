/** Limits of the numbers that a cook enters, read off their declarations: every form and handle uses these. */
import { coolingReadingC } from './afterSchema';
import { yieldSchema } from './cookSchema';
import { jarSizeSchema } from './keepSchema';
import {
  aimSchema,
  amountSchema,
  batchSchema,
  cutSchema,
  doneSchema,
  itemSchema,
  kitchenSchema,
  stepSchema,
} from './schema';
import { limitsOf } from './shape';

export type { Limits } from './shape';

const { pressure, simmer, saute } = stepSchema.variants;

export const LIMITS = {
  /** Minutes at pressure. */
  hold: limitsOf(pressure.fields.holdMin),
  /** Minutes of any other step. */
  step: limitsOf(simmer.fields.minutes),
  side: limitsOf(saute.fields.sideMin),
  deglaze: limitsOf(saute.fields.deglazeMl),
  amount: limitsOf(amountSchema.fields.value),
  cut: limitsOf(cutSchema.fields.mm),
  start: limitsOf(itemSchema.fields.startC),
  soaked: limitsOf(itemSchema.fields.soakedH),
  /** Minutes of what is done with a food outside the pot. */
  done: limitsOf(doneSchema.fields.minutes),
  servings: limitsOf(batchSchema.fields.servings),
  aimLitres: limitsOf(aimSchema.fields.litres),
  aimHours: limitsOf(aimSchema.fields.hours),
  altitude: limitsOf(kitchenSchema.fields.altitudeM),
  /** Litres of broth from a run of bones. */
  yield: limitsOf(yieldSchema.fields.litres),
  /** Jars of one size at hand. */
  jars: limitsOf(jarSizeSchema.fields.count),
  /** Reading of a thermometer. */
  reading: limitsOf(coolingReadingC),
} as const;

/** Whether a number is within limits. */
export function isWithin(
  value: number,
  { min, max }: { readonly min: number; readonly max: number },
): boolean {
  return value >= min && value <= max;
}
