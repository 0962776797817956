import { isMassUnit, MASS_G, SIZE_FACTOR, volumeMl, VOLUME_ML, type Amount } from '../quantity';
import { thermalProperties } from './properties';
import { foodByKey } from './match';
import type { Food } from './types';

/**
 * The food an amount makes of a name: a can of a dry pulse is canned beans, cooked and drained; a
 * can of tomatoes is no fresh one.
 */
export function foodInAmount(food: Food, amount: Amount): Food {
  if (amount.unit !== 'can') return food;
  const canned = food.canned ?? (food.group === 'pulse' && !food.can ? 'canned-beans' : undefined);
  const inCan = canned === undefined ? undefined : foodByKey(canned);
  if (!inCan) return food;
  return food.own ? { ...inCan, name: food.name, own: food.own } : inCan;
}

/**
 * Mass of an amount of a food.
 *
 * @returns grams; null where the food has no such measure ("2 pieces" of water)
 * @example amountGrams(carrot, { value: 3, unit: 'piece' }) // 183
 */
export function amountGrams(food: Food, amount: Amount): number | null {
  const { value, unit } = amount;
  if (isMassUnit(unit)) return value * MASS_G[unit];
  if (unit === 'piece')
    return food.pieceG === undefined
      ? null
      : value * food.pieceG * SIZE_FACTOR[amount.size ?? 'medium'];
  if (unit === 'can') {
    const { netG, drainedG } = food.can ?? { netG: 400, drainedG: 400 };
    return value * (amount.canG ?? netG) * (drainedG / netG);
  }
  const ml = volumeMl(amount) ?? 0;
  return (ml / VOLUME_ML.cup) * cupGrams(food);
}

/**
 * Mass of a US cup of the food: as tabled, or from its density and how it heaps.
 *
 * @example cupGrams(foodByKey('pearl-barley')) // 200
 */
export function cupGrams(food: Food): number {
  if (food.cupG !== undefined) return food.cupG;
  const { density } = thermalProperties(food.composition, 15);
  return (VOLUME_ML.cup * density * food.packing) / 1000;
}

/**
 * The amount in the same unit that has a given mass; in g where the unit cannot say it.
 *
 * @param grams wanted mass, g
 */
export function amountOfGrams(food: Food, like: Amount, grams: number): Amount {
  const one = amountGrams(food, { ...like, value: 1 });
  if (!one) return { value: Math.round(grams), unit: 'g' };
  return { ...like, value: Number((grams / one).toPrecision(4)) };
}
