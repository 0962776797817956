/** Candidate changes that would bring an item to its wish, for a trial by the model. */
import { isIn } from '../../series';
import { isToBreakDown, type PlannedItem, type PlannedStep } from '../../batch/plan';
import { cookRate, donenessOf, USUAL_Z } from '../../doneness';
import { gradesOf, spoken, thermalProperties, wishOf } from '../../food';
import { formatLength, formatMinutes } from '../../quantity';
import { centreRuleOf, classesOf, LECTIN_C, LECTIN_MIN, SAFE_CENTRE_C } from '../../guard';
import { decayOf } from '../../heat';
import { boundsOf, foodsOf, type ItemReport } from '../../model';
import { measure } from '../../texture';
import type { Remedy } from '../types';
import { type Context } from './context';

/** Extra minutes found in closed form are stretched by this, so that one press is enough. */
const SURE = 1.05;
const LONGEST_MIN = 600;
/** Degrees above the least at which a centre is aimed. */
const SURE_C = 2;
/** A simmer longer than this is no way to finish a soup, min. */
const LONG_SIMMER = 30;

interface Where {
  readonly index: number;
  readonly step: PlannedStep;
}

function plannedOf({ model }: Context, item: ItemReport): PlannedItem | undefined {
  return model.plan.items.find((i) => i.id === item.id);
}

/** The last step that cooks an item and whose length can be set. */
function lastCooking(context: Context, item: ItemReport): Where | null {
  const planned = plannedOf(context, item);
  if (!planned) return null;
  let found: Where | null = null;
  context.model.plan.steps.forEach((step, index) => {
    if (!isIn(planned, index)) return;
    if (step.kind === 'simmer' && (!found || found.step.kind !== 'pressure'))
      found = { index, step };
    if (step.kind === 'pressure') found = { index, step };
  });
  return found;
}

function zOf(context: Context, item: ItemReport): number {
  const planned = plannedOf(context, item);
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

/**
 * Minutes at a temperature until a food has had enough, and its centre is as hot as it must be: it
 * comes up to the temperature with the slowest decay of its shape while it cooks.
 *
 * @param more than this food needs as given, as a factor: what it needs in most draws
 */
function minutesFor(
  context: Context,
  item: ItemReport,
  from: number,
  around: number,
  more: number,
): number {
  const planned = plannedOf(context, item);
  if (!planned || !item.piece) return LONGEST_MIN;
  const food = foodsOf(context.model).find(({ id }) => id === item.id);
  const classes = food && classesOf(food.said, food.food);
  const need = more * (item.needMin ?? 0);
  const cook = context.model.cooks[item.id];
  const step = boundsOf(planned, cook).from;
  const surfaceRate = cookRate(around, zOf(context, item));
  const had = (centreMin: number, minutes: number): number => {
    const inside = item.cookValueCentreMin + centreMin;
    return cook?.scale && step
      ? measure(cook.scale, step, inside, item.cookValueSurfaceMin + minutes * surfaceRate)
      : inside;
  };
  const lectin = classes?.has('lectin') ? more * LECTIN_MIN - (food?.boiledMin ?? 0) : 0;
  const rule = classes ? centreRuleOf(classes) : null;
  const safeC = rule ? SAFE_CENTRE_C[rule] + MORE_C * (more - 1) : Number.NEGATIVE_INFINITY;
  const { density, conductivity, heat } = thermalProperties(planned.food.composition, 60);
  // The middle follows with the slowest decay of its shape.
  const perM = 1000 * decayOf(item.piece);
  const timeMin = (density * heat) / (conductivity * perM ** 2) / 60;
  const z = zOf(context, item);
  let gained = 0;
  let boiled = 0;
  let minutes = 0;
  let centre = from;
  while (
    (had(gained, minutes) < need || boiled < lectin || centre < safeC + SURE_C) &&
    minutes < LONGEST_MIN
  ) {
    minutes += 0.5;
    centre = around - (around - from) * Math.exp(-minutes / timeMin);
    gained += 0.5 * cookRate(centre, z);
    if (centre >= LECTIN_C) boiled += 0.5 * cookRate(centre, USUAL_Z);
  }
  return minutes;
}

/** The given value, and the value needed in nine draws of ten (assumed spread: need 0.15, pieces 0.12). */
const AIMS = [1, 1.25] as const;
/** Degrees more for a food that needs twice as much. */
const MORE_C = 40;

/** A longer hold or simmer, in which it gets what it lacks: as given, and in nearly every draw. */
export function longer(context: Context, item: ItemReport): readonly Remedy[] {
  const found = AIMS.flatMap((more) => longerBy(context, item, more));
  return found.filter(({ label }, i) => found.findIndex((one) => one.label === label) === i);
}

/** Minutes more that are tried where only chance is against a plan: its draws say which are enough. */
const SURER_MIN = [3, 7, 13, 22] as const;

/** A longer hold or simmer by a few steps, for what is hot enough as given and not in every draw. */
export function surer(context: Context, item: ItemReport): readonly Remedy[] {
  const step = lastCooking(context, item)?.step;
  if (!step) return [];
  return SURER_MIN.map((more): Remedy => {
    if (step.kind === 'pressure') {
      const holdMin = step.holdMin + more;
      return { do: 'set-hold', step: step.id, holdMin, label: `Hold ${formatMinutes(holdMin)}` };
    }
    const minutes = step.minutes + more;
    return { do: 'set-minutes', step: step.id, minutes, label: `Simmer ${formatMinutes(minutes)}` };
  });
}

function longerBy(context: Context, item: ItemReport, more: number): readonly Remedy[] {
  const where = lastCooking(context, item);
  if (!where || item.needMin === null) return [];
  const centre = centreAtHoldEnd(context, item, where.index);
  if (!Number.isFinite(centre)) return [];
  const around = where.step.kind === 'pressure' ? context.setpointC : context.boilC;
  const extra = minutesFor(context, item, Math.min(centre, around), around, more) * SURE;
  const { step } = where;
  if (step.kind === 'pressure') {
    const holdMin = Math.ceil(step.holdMin + extra + 0.2);
    return holdMin > LONGEST_MIN
      ? []
      : [{ do: 'set-hold', step: step.id, holdMin, label: `Hold ${formatMinutes(holdMin)}` }];
  }
  const minutes = Math.ceil(step.minutes + extra + 0.2);
  return [{ do: 'set-minutes', step: step.id, minutes, label: `Simmer ${formatMinutes(minutes)}` }];
}

/** In smaller pieces, so that the middle follows sooner. */
export function smaller(context: Context, item: ItemReport): readonly Remedy[] {
  const cut = plannedOf(context, item)?.cut;
  const lags = item.cookValueCentreMin < 0.7 * item.cookValueSurfaceMin;
  if (!cut || !lags || cut.mm < 20) return [];
  const mm = Math.max(10, Math.round((0.6 * cut.mm) / 5) * 5);
  const size = formatLength(mm, context.units);
  return [{ do: 'set-cut', item: item.id, mm, label: `Cut the ${spoken(item.name)} to ${size}` }];
}

/** Minutes at the boil that bring a food into the middle of what is wanted of it. */
function simmerMinutes(context: Context, item: ItemReport): number {
  const need = item.needMin ?? 0;
  const limit = item.limitMin ?? need * 2;
  return Math.max(
    1,
    Math.round((need + 0.35 * (limit - need)) / cookRate(context.boilC, zOf(context, item))),
  );
}

/** A shorter hold or simmer, by what it has had too much. */
export function shorter(context: Context, item: ItemReport): readonly Remedy[] {
  const where = lastCooking(context, item);
  if (!where || item.limitMin === null) return [];
  const excess = item.cookValueSurfaceMin - 0.92 * item.limitMin;
  const { step } = where;
  if (step.kind === 'simmer') {
    const minutes = Math.floor(step.minutes - excess / cookRate(context.boilC, zOf(context, item)));
    return minutes < 1
      ? []
      : [
          {
            do: 'set-minutes',
            step: step.id,
            minutes,
            label: `Simmer without the lidly ${minutes} min`,
          },
        ];
  }
  if (step.kind !== 'pressure') return [];
  const less = Math.ceil(excess / cookRate(context.setpointC, zOf(context, item)));
  const holdMin = step.holdMin - less;
  return holdMin < 0
    ? []
    : [{ do: 'set-hold', step: step.id, holdMin, label: `Hold only ${holdMin} min` }];
}

/** Opened sooner, where the wait is what does it. */
export function sooner(context: Context, item: ItemReport): readonly Remedy[] {
  const where = lastCooking(context, item);
  if (where?.step.kind !== 'pressure' || where.step.release.method === 'quick') return [];
  const report = context.releases.find((r) => r.step === where.step.id);
  if (!report || report.waitMin === null) return [];
  const { waitMin } = report;
  return [
    {
      do: 'set-release',
      step: where.step.id,
      release: waitMin === 0 ? { method: 'quick' } : { method: 'timed', afterMin: waitMin },
      label: waitMin === 0 ? 'Open the valve at once' : `Open the valve after ${waitMin} min`,
    },
  ];
}

/** Put in when the lid is off for good. */
export function after(context: Context, item: ItemReport): readonly Remedy[] {
  const { plan } = context.model;
  const planned = plannedOf(context, item);
  const pressed = plan.steps.some((s, i) => s.kind === 'pressure' && i >= (planned?.entersAt ?? 0));
  const minutes = simmerMinutes(context, item);
  return !pressed || minutes > LONG_SIMMER
    ? []
    : [
        {
          do: 'put-in-after',
          item: item.id,
          minutes,
          label: `Put it in after opening, ${minutes} min`,
        },
      ];
}

/** Put in at an opening, for the end of the hold. */
export function late(context: Context, item: ItemReport): readonly Remedy[] {
  const where = lastCooking(context, item);
  const planned = plannedOf(context, item);
  if (where?.step.kind !== 'pressure' || !planned || planned.entersAt > where.index) return [];
  const { needMin, limitMin } = item;
  if (needMin === null || limitMin === null) return [];
  const rate = cookRate(context.setpointC, zOf(context, item));
  const minutes = Math.max(1, Math.round(Math.sqrt(Math.max(1, needMin) * limitMin) / rate / 1.5));
  return minutes >= where.step.holdMin - 1
    ? []
    : [
        {
          do: 'put-in-late',
          item: item.id,
          step: where.step.id,
          minutes,
          label: `Open ${minutes} min before the end for the ${spoken(item.name)}`,
        },
      ];
}

/** In a pan of its own. */
export function apart(context: Context, item: ItemReport): readonly Remedy[] {
  const planned = plannedOf(context, item);
  if (!planned || isToBreakDown(planned)) return [];
  return planned.food.group === 'pasta' || planned.food.group === 'grain'
    ? [{ do: 'apart', item: item.id, label: `Cook the ${spoken(item.name)} separately` }]
    : [];
}

/** Or it is what the cook wants after all. */
export function calledRight(context: Context, item: ItemReport): readonly Remedy[] {
  const { grade, family, wish } = item;
  const planned = plannedOf(context, item);
  if (!grade || !family || !wish || !planned) return [];
  const place = gradesOf(family).indexOf(grade);
  const from = gradesOf(family).indexOf(wish.from);
  const to = gradesOf(family).indexOf(wish.to);
  return [
    {
      do: 'set-wish',
      item: item.id,
      wish: wishOf(family, { from: Math.min(from, place), to: Math.max(to, place) }),
      label: `“${grade}” is how I want it`,
    },
  ];
}
