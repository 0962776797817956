/** What is left to do when the pot is open. */
import {
  drinks,
  drinksOn,
  reductionMinutes,
  saltPercent,
  saltToAdd,
  slurryFor,
  SOUP_SALT_PERCENT,
} from '../finish';
import { isStock, type Plan, type PlannedItem } from '../batch';
import { valueAt } from '../series';
import { contentsAt, netWatts, type Model } from './model';
import type { FinishReport } from './types';

/**
 * Salt of what is served from the pot. What is taken out again (a smoked hock) has shared its
 * salt with the rest evenly by then (assumed).
 */
export function saltReport(model: Model): { grams: number; percent: number; massG: number } {
  const { plan, heat } = model;
  const last = heat.trace.s.length - 1;
  const inside = plan.items.filter((i) => !i.apart);
  const saltOf = (i: PlannedItem): number => (i.massG * i.food.saltPercent) / 100;
  const endG = (i: PlannedItem): number => i.massG + 1000 * (heat.items[i.id]?.waterKg[last] ?? 0);
  const steamG = 1000 * valueAt(heat.trace.steamKg, last);
  const allG = inside.reduce((sum, i) => sum + i.massG, 0) - steamG;
  let grams = 0;
  let massG = allG;
  for (const item of inside) {
    // What is poured off is served too.
    const leaves = item.leavesAt < plan.steps.length && !item.poured;
    grams += saltOf(item) * (leaves && allG > 0 ? Math.max(0, 1 - endG(item) / allG) : 1);
    if (leaves) massG -= endG(item);
  }
  massG = Math.max(0, massG);
  return { grams, percent: saltPercent(grams, massG), massG };
}

/** What is left in the broth and goes on drinking. */
export function drinkersOf({ items, steps }: Plan): readonly PlannedItem[] {
  return items.filter(
    (i) => !i.apart && i.leavesAt >= steps.length && drinks(i.food.group, i.food.cooked),
  );
}

export function finishReport(model: Model, boilC: number): FinishReport {
  const { plan, heat } = model;
  const salt = saltReport(model);
  const last = heat.trace.s.length - 1;
  const free = last >= 0 ? contentsAt(model, last) : { freeL: 0, freeKg: 0 };
  const netW = netWatts(model, boilC);
  return {
    saltToAddG:
      isStock(plan.batch) || plan.items.length === 0
        ? 0
        : saltToAdd(salt.grams, salt.massG, SOUP_SALT_PERCENT),
    starchG: slurryFor(free.freeL, 'medium').starchG,
    halveMin: netW > 0 ? reductionMinutes(free.freeKg / 2, netW, boilC) : null,
    drinksOnL: drinkersOf(plan).reduce((sum, i) => sum + drinksOn(i.massG, i.food.cooked), 0),
  };
}
