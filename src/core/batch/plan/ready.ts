/**
 * How bones are readied before they go in, and what that takes from them (common practice: cold
 * water, boiled five minutes and rinsed; or 40 minutes at 220 C. The figures are assumed).
 */
import type { Food } from '../../food';

export interface Readied {
  /** Water lost, share of the weight as bought. */
  readonly waterLost: number;
  /** Of their fat, poured off. */
  readonly fatLost: number;
  /** Of their gelatine, poured off. */
  readonly gelatineLost: number;
  /** Whether the scum has gone. */
  readonly clean: boolean;
}

export const READIED: Readonly<Record<'raw' | 'blanched' | 'roasted', Readied>> = {
  raw: { waterLost: 0, fatLost: 0, gelatineLost: 0, clean: false },
  blanched: { waterLost: 0, fatLost: 0.05, gelatineLost: 0.03, clean: true },
  roasted: { waterLost: 0.15, fatLost: 0.2, gelatineLost: 0, clean: false },
};

/** A food that has lost water before it goes in, and its mass over the mass as bought. @param share of its mass */
export function dried(food: Food, share: number): { readonly food: Food; readonly share: number } {
  return readied(food, { waterLost: share, fatLost: 0, gelatineLost: 0, clean: false });
}

/**
 * Bones as they go into the pot.
 *
 * @returns the food with what it has left, and its mass over the mass as bought
 */
export function readied(food: Food, how: Readied): { readonly food: Food; readonly share: number } {
  const { composition: c } = food;
  const whole = c.water + c.protein + c.fat + c.carbohydrate + c.fibre + c.ash;
  const water = Math.min(c.water, how.waterLost * whole);
  const fat = how.fatLost * c.fat;
  return {
    food: {
      ...food,
      // Blanched bones have left their scum behind: they no longer foam (common practice).
      foaming: how.clean ? 0 : food.foaming,
      composition: { ...c, water: c.water - water, fat: c.fat - fat },
    },
    share: 1 - (water + fat) / whole,
  };
}
