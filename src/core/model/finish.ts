/** Work left when the pot is open. */
import {
  apparentPas,
  brokenShare,
  BY_TOMORROW,
  drinks,
  drinksOn,
  CUT_CELLS,
  IN_AN_HOUR,
  loosened,
  MEDIUM_PAS,
  pulpOf,
  reductionMinutes,
  saltPercent,
  saltToAdd,
  SOUP_SALT_PERCENT,
  starchFor,
  starchOf,
  type Body,
} from '../finish';
import { fatAlong } from '../bones';
import type { BonesModel } from './bones';
import { isStock, type Plan, type PlannedItem } from '../batch/plan';
import type { Kitchen } from '../batch/schema';
import { valueAt } from '../series';
import type { Model } from './model';
import { contentsAt, netWatts } from './read';
import type { FinishReport, ItemReport } from './types';

/**
 * Salt of what is served from the pot. What is taken out again (a smoked hock) has shared its
 * salt with the rest evenly by then (assumed).
 * @example saltReport(runModel(batch, pot, kitchen)).percent // 0.413
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
    // Broth that is poured off is served too.
    const leaves = item.leavesAt < plan.steps.length && !item.poured;
    grams += saltOf(item) * (leaves && allG > 0 ? Math.max(0, 1 - endG(item) / allG) : 1);
    if (leaves) massG -= endG(item);
  }
  massG = Math.max(0, massG);
  return { grams, percent: saltPercent(grams, massG), massG };
}

/** Items left in the broth that go on drinking. */
export function drinkersOf({ items, steps }: Plan): readonly PlannedItem[] {
  return items.filter(
    (i) => !i.apart && i.leavesAt >= steps.length && drinks(i.food.group, i.food.cooked),
  );
}

/** Cooked food is about as heavy as water, kg/L (USDA cup weights, from memory: 1.0 to 1.1). */
const COOKED_KG_PER_L = 1.04;
/** A bowl of soup, and one of broth to drink, L (common practice: a US bowl of 1 1/2 cups, a cup of broth). */
const BOWL_L = 0.36;
const CUP_L = 0.24;
/** Eating temperature, C. */
const EATEN_C = 60;

/** Water that an item holds more than it went in with at the end, g. */
function takenG({ heat }: Model, id: string): number {
  const kg = heat.items[id]?.waterKg ?? [];
  return 1000 * (kg.at(-1) ?? 0);
}

/** Share of an item that is left of it: less than 1 where meat was picked. */
function keptShare({ stays }: PlannedItem): number {
  return stays.reduce((share, { keeps }) => share * keeps, 1);
}

/** Thickeners in the pot as it is opened for the last time. */
function bodyOf(
  model: Model,
  reports: readonly ItemReport[],
  bones: BonesModel | null,
  litres: number,
): Body {
  const { plan } = model;
  let starchG = 0;
  let pulpL = 0;
  // It is in the litres of what is free already.
  let blendedL = 0;
  for (const item of plan.items) {
    if (item.apart || item.poured) continue;
    const grade = reports.find((r) => r.id === item.id)?.grade ?? null;
    if (item.blendedAt !== null) {
      starchG += CUT_CELLS * starchOf(item.food, item.massG);
      blendedL += (item.massG + takenG(model, item.id)) / 1000 / COOKED_KG_PER_L;
      continue;
    }
    starchG += loosened(item.food, item.massG, grade);
    pulpL += pulpOf(item.food, item.massG);
    if (item.food.shape !== null && item.leavesAt >= plan.steps.length)
      pulpL +=
        (brokenShare(item.food, grade) * (item.massG + takenG(model, item.id))) /
        1000 /
        COOKED_KG_PER_L;
  }
  return {
    litres: Math.max(0, litres - blendedL),
    starchG,
    pulpL: pulpL + blendedL,
    gelatineG: bones?.strongG.at(-1) ?? 0,
  };
}

/** Items that could be blended: soft pieces that are eaten, and no meat. */
function piecesOf(model: Model, reports: readonly ItemReport[]): FinishReport['pieces'] {
  let litres = 0;
  let starchG = 0;
  for (const item of model.plan.items) {
    const { food, massG } = item;
    const soft = food.group === 'pulse' || food.group === 'grain' || food.group === 'vegetable';
    const whole = item.blendedAt === null && item.leavesAt >= model.plan.steps.length;
    if (!soft || item.apart || item.for !== 'eat' || !whole) continue;
    const grade = reports.find((r) => r.id === item.id)?.grade ?? null;
    const all = (massG + takenG(model, item.id)) / 1000 / COOKED_KG_PER_L;
    litres += (1 - brokenShare(food, grade)) * all;
    starchG += Math.max(0, starchOf(food, massG) - loosened(food, massG, grade));
  }
  return { litres, starchG };
}

/** Of less fat nothing is seen, g. */
const TRACE_G = 1;

/** Fat of oils and of what melts, g. */
function fatOf({ plan, heat }: Model): number {
  return plan.items.reduce((sum, { id, food, massG, apart }) => {
    const all = (massG * food.composition.fat) / 100;
    if (apart || all < TRACE_G) return sum;
    const trace = heat.items[id];
    return sum + (trace ? (fatAlong(all, heat.trace.s, trace.surfaceC).at(-1) ?? 0) : all);
  }, 0);
}

/** Salt that is right in a kitchen, % of what is served: as it was called so, or as most call it. */
function saltWanted({ learned }: Kitchen): number {
  return learned?.salt?.percent ?? SOUP_SALT_PERCENT;
}

export function finishReport(
  model: Model,
  boilC: number,
  reports: readonly ItemReport[],
  bones: BonesModel | null,
): FinishReport {
  const { plan, heat } = model;
  const salt = saltReport(model);
  const last = heat.trace.s.length - 1;
  const free = last >= 0 ? contentsAt(model, last) : { freeL: 0, freeKg: 0 };
  const netW = netWatts(model, boilC);
  const stock = isStock(plan.batch);
  const body = bodyOf(model, reports, bones, free.freeL);
  const drunkL = drinkersOf(plan).reduce((sum, i) => sum + drinksOn(i.massG, i.food.cooked), 0);
  const eatenG = plan.items
    .filter((i) => i.food.shape !== null && i.for === 'eat' && i.leavesAt >= plan.steps.length)
    .filter((i) => !i.apart && i.blendedAt === null)
    .reduce((sum, i) => sum + keptShare(i) * i.massG + takenG(model, i.id), 0);
  const servedL = free.freeL + eatenG / 1000 / COOKED_KG_PER_L;
  const bowlL = stock ? CUP_L : BOWL_L;
  const later = (hours: number, more: number): Body => ({
    ...body,
    litres: Math.max(0.05, body.litres - hours * drunkL),
    starchG: more * body.starchG,
  });
  return {
    saltToAddG:
      stock || plan.items.length === 0
        ? 0
        : saltToAdd(salt.grams, salt.massG, saltWanted(model.kitchen)),
    starchG: starchFor(body, MEDIUM_PAS),
    halveMin: netW > 0 ? reductionMinutes(free.freeKg / 2, netW, boilC) : null,
    drinksOnL: drunkL,
    body,
    pieces: piecesOf(model, reports),
    pas: {
      table: apparentPas(body, EATEN_C),
      hour: apparentPas(later(IN_AN_HOUR_SHARE, IN_AN_HOUR), EATEN_C),
      tomorrow: apparentPas(later(1, BY_TOMORROW), EATEN_C),
    },
    fatG: fatOf(model),
    saltG: salt.grams,
    massG: salt.massG,
    servedL,
    bowlL,
    bowls: servedL / bowlL,
    boilsOffW: Math.max(0, netW),
  };
}

/** Of what is absorbed by tomorrow, so much is drunk in an hour (assumed). */
const IN_AN_HOUR_SHARE = 0.3;
