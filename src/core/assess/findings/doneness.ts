import type { PlannedStep } from '../../batch';
import { cookRate, donenessOf } from '../../doneness';
import { thermalProperties } from '../../food';
import { formatMinutes } from '../../quantity';
import { flavourIn } from '../model';
import type { Finding, ItemReport, Remedy } from '../types';
import type { Context, Judge } from './context';

/** Extra minutes found in closed form are stretched by this, so that one press is enough. */
const SURE = 1.05;

interface Where {
  readonly index: number;
  readonly step: PlannedStep;
}

/** The last step that cooks an item and whose length can be set. */
function lastCooking(context: Context, item: ItemReport): Where | null {
  const { plan } = context.model;
  const planned = plan.items.find((i) => i.id === item.id);
  if (!planned) return null;
  let found: Where | null = null;
  plan.steps.forEach((step, index) => {
    if (index < planned.entersAt || index >= planned.leavesAt) return;
    if (step.kind === 'simmer' && (!found || found.step.kind !== 'pressure'))
      found = { index, step };
    if (step.kind === 'pressure') found = { index, step };
  });
  return found;
}

function zOf(context: Context, item: ItemReport): number {
  const planned = context.model.plan.items.find((i) => i.id === item.id);
  return (planned && donenessOf(planned.food, planned)?.z) ?? 33.2;
}

/** Centre temperature of an item when a step's hold ends, C. */
function centreAtHoldEnd(context: Context, item: ItemReport, index: number): number {
  const { heat } = context.model;
  const result = heat.steps[index];
  const end = (result?.startS ?? 0) + (result?.warmUpS ?? 0) + (result?.holdS ?? 0);
  const at = heat.trace.s.findLastIndex((s) => s <= end + 0.5);
  return heat.items[item.id]?.centreC[at] ?? Number.NaN;
}

/** Slowest decay of a body's middle towards what is around it: first eigenvalue squared. */
const DECAY = { slab: 2.467, cylinder: 5.783, sphere: 9.87 } as const;
const LONGEST_MIN = 600;

/**
 * Minutes at a temperature until a centre has had so much more: it comes up to the temperature
 * with the slowest decay of its shape while it cooks.
 */
function minutesFor(context: Context, item: ItemReport, from: number, around: number): number {
  const planned = context.model.plan.items.find((i) => i.id === item.id);
  const deficit = (item.needMin ?? 0) - item.cookValueCentreMin;
  if (!planned || !item.piece) return LONGEST_MIN;
  const { density, conductivity, heat } = thermalProperties(planned.food.composition, 60);
  const radius = item.piece.mm / 2000;
  const timeMin = radius ** 2 / ((conductivity / (density * heat)) * DECAY[item.piece.kind]) / 60;
  const z = zOf(context, item);
  let gained = 0;
  let minutes = 0;
  while (gained < deficit && minutes < LONGEST_MIN) {
    minutes += 0.5;
    const centre = around - (around - from) * Math.exp(-minutes / timeMin);
    gained += 0.5 * cookRate(centre, z);
  }
  return minutes;
}

function longer(context: Context, item: ItemReport): Remedy | undefined {
  const where = lastCooking(context, item);
  if (!where || item.needMin === null) return undefined;
  const centre = centreAtHoldEnd(context, item, where.index);
  if (!Number.isFinite(centre)) return undefined;
  const around = where.step.kind === 'pressure' ? context.setpointC : context.boilC;
  const extra = minutesFor(context, item, Math.min(centre, around), around) * SURE;
  const { step } = where;
  if (step.kind === 'pressure') {
    const holdMin = Math.ceil(step.holdMin + extra + 0.2);
    return holdMin > 600
      ? undefined
      : { do: 'set-hold', step: step.id, holdMin, label: `Hold ${formatMinutes(holdMin)}` };
  }
  const minutes = Math.ceil(step.minutes + extra + 0.2);
  return { do: 'set-minutes', step: step.id, minutes, label: `Simmer ${formatMinutes(minutes)}` };
}

/** Minutes at the boil that bring a food into the middle of its window. */
function simmerMinutes(context: Context, item: ItemReport): number {
  const need = item.needMin ?? 0;
  const limit = item.limitMin ?? need * 2;
  return Math.max(
    1,
    Math.round((need + 0.35 * (limit - need)) / cookRate(context.boilC, zOf(context, item))),
  );
}

/** A shorter hold, if every other item stays done with it. */
function shorter(context: Context, item: ItemReport): Remedy | undefined {
  const where = lastCooking(context, item);
  if (!where || item.limitMin === null) return undefined;
  const excess = item.cookValueSurfaceMin - 0.92 * item.limitMin;
  const { step } = where;
  if (step.kind === 'simmer') {
    const minutes = Math.floor(step.minutes - excess / cookRate(context.boilC, zOf(context, item)));
    return minutes < 1
      ? undefined
      : { do: 'set-minutes', step: step.id, minutes, label: `Simmer only ${minutes} min` };
  }
  if (step.kind !== 'pressure') return undefined;
  const less = Math.ceil(excess / cookRate(context.setpointC, zOf(context, item)));
  const holdMin = step.holdMin - less;
  const { index } = where;
  const othersStay = context.items.every((other) => {
    const planned = context.model.plan.items.find((i) => i.id === other.id);
    // What goes in later, or is out by then, does not feel this hold.
    if (!planned || planned.entersAt > index || planned.leavesAt <= index) return true;
    if (other.needMin === null || other.verdict === 'under') return other.needMin === null;
    const lost = less * cookRate(context.setpointC, zOf(context, other));
    return other.cookValueCentreMin - lost > other.needMin;
  });
  return holdMin >= 0 && othersStay
    ? { do: 'set-hold', step: step.id, holdMin, label: `Hold only ${holdMin} min` }
    : undefined;
}

function after(context: Context, item: ItemReport): Remedy | undefined {
  const { plan } = context.model;
  const planned = plan.items.find((i) => i.id === item.id);
  const pressed = plan.steps.some((s, i) => s.kind === 'pressure' && i >= (planned?.entersAt ?? 0));
  if (!pressed) return undefined;
  const minutes = simmerMinutes(context, item);
  return minutes > 45
    ? undefined
    : {
        do: 'put-in-after',
        item: item.id,
        minutes,
        label: `Put it in after opening, ${minutes} min`,
      };
}

/** A pot that never comes to pressure has one thing the matter, not one an ingredient. */
function neverCooks({ model }: Context): boolean {
  return model.heat.steps.some((step) => !step.reached);
}

/** What is in a stock for its flavour is strained out; how long it may stay is another judgement. */
function sacrificed({ model }: Context, item: ItemReport): boolean {
  const planned = model.plan.items.find((i) => i.id === item.id);
  return planned !== undefined && flavourIn(model.plan, planned) !== null;
}

export const undercooked: Judge = (context) =>
  context.items
    .filter(
      (item) => item.verdict === 'under' && !neverCooks(context) && !sacrificed(context, item),
    )
    .map((item): Finding => {
      const share = Math.round((100 * item.cookValueCentreMin) / (item.needMin ?? 1));
      const remedy = longer(context, item);
      return {
        code: 'undercooked',
        level: 'warn',
        title: `${capital(item.name)} stays underdone`,
        message: `Its centre gets ${share} % of what it needs by the time it is on the table.`,
        why: `Cook value of the centre: ${item.cookValueCentreMin.toFixed(0)} min at 100 °C against a need of ${item.needMin?.toFixed(0) ?? '?'} (fitted to common times).`,
        numbers: {
          cookValueMin: item.cookValueCentreMin,
          needMin: item.needMin ?? 0,
        },
        item: item.id,
        ...(remedy && { remedy }),
      };
    });

export const overcooked: Judge = (context) =>
  context.items
    .filter((item) => item.verdict === 'over' && !sacrificed(context, item))
    .map((item): Finding => {
      const remedy = shorter(context, item) ?? after(context, item);
      const end = context.model.heat.steps.at(-1)?.endS ?? 0;
      const early = end / 60 - (item.overMin ?? end / 60);
      return {
        code: 'overcooked',
        level: 'warn',
        title: `${capital(item.name)} goes too far`,
        message: `It is ${item.over ?? 'overdone'} ${formatMinutes(Math.max(1, early))} before it is on the table.`,
        why: `Cook value of the surface: ${item.cookValueSurfaceMin.toFixed(0)} min at 100 °C against a limit of ${item.limitMin?.toFixed(0) ?? '?'} (fitted to common times).`,
        numbers: {
          cookValueMin: item.cookValueSurfaceMin,
          limitMin: item.limitMin ?? 0,
          earlyMin: early,
        },
        item: item.id,
        ...(remedy && { remedy }),
      };
    });

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
