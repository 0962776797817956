/** Reads the contents of the pot at a moment of a run. */
import { isStock, type Plan, type PlannedItem } from '../batch/plan';
import { flavourOf, type Flavour } from '../bones';
import { contents, type Before, type Contents, type Part } from '../fill';
import { openLoss } from '../heat';
import { valueAt, isIn } from '../series';
import type { Step } from '../texture';
import type { ItemCook, Model } from './model';

/** Flavour of an item for a stock; null where it is eaten, or is not in the pot. */
export function flavourIn({ batch }: Plan, item: PlannedItem): Flavour | null {
  return isStock(batch) && item.for === 'flavour' && !item.apart ? flavourOf(item.food) : null;
}

/** First and last grade that is wanted of an item; null where that side is open. */
export function boundsOf(
  { wish }: PlannedItem,
  cook: ItemCook | undefined,
): { readonly from: Step | null; readonly to: Step | null } {
  const steps = cook?.scale?.steps;
  if (!steps || !wish) return { from: null, to: null };
  return { from: steps[wish.from - 1] ?? null, to: steps[wish.to] ?? null };
}

/** A part as it is in a step: what was picked off is gone, and what was blended is liquid. */
function partIn({ heat }: Model, item: PlannedItem, part: Part, step: number): Part {
  const keeps = item.stays.reduce((all, { from, keeps: k }) => (from <= step ? all * k : all), 1);
  const left =
    keeps < 1
      ? {
          ...part,
          massKg: part.massKg * keeps,
          dryL: part.dryL * keeps,
          uptakeKg: part.uptakeKg * keeps,
          swellsKg: part.swellsKg * keeps,
        }
      : part;
  if (item.blendedAt === null || item.blendedAt > step) return left;
  const moved = heat.items[item.id]?.waterKg.at(-1) ?? 0;
  return {
    ...left,
    massKg: left.massKg + moved,
    dryL: left.dryL + moved,
    uptakeKg: 0,
    solid: false,
    swells: false,
  };
}

/** Parts in the pot during a step. */
export function partsAt(model: Model, step: number): readonly Part[] {
  return model.plan.items.flatMap((item, i) => {
    const part = model.parts[i];
    return part && isIn(item, step) ? [partIn(model, item, part, step)] : [];
  });
}

/** Last sample before a step begins; -1 where it is the first. @param steps of the samples */
export function lastBefore(steps: readonly number[], step: number): number {
  const after = steps.findIndex((s) => s >= step);
  return (after < 0 ? steps.length : after) - 1;
}

/** Power that boils water off in the open pot, W. @param boilC where it boils */
export function netWatts({ vessel, air }: Model, boilC: number): number {
  const { heater, surfaceM2 } = vessel;
  const lossWPerK = vessel.lossWPerK + openLoss(boilC, air, surfaceM2);
  return heater.powerW * heater.efficiency - lossWPerK * (boilC - air.ambientC);
}

/**
 * State at a sample: what foods have absorbed or released, and what has been taken out.
 *
 * @param step step whose contents are meant, where the sample is the last one before it
 */
export function standAt(model: Model, sample: number, step?: number): Before {
  const { heat, plan } = model;
  const now = step ?? valueAt(heat.trace.step, sample);
  // The present contents began when broth was last poured off.
  const last = plan.pours.findLastIndex((p) => p <= now);
  const pour = plan.pours[last] ?? -1;
  const since = model.pouredAt[last] ?? -1;
  const movedBy = (id: string, at: number): number =>
    at < 0 ? 0 : (heat.items[id]?.waterKg[at] ?? 0);
  let outsideKg = 0;
  for (const item of plan.items) {
    // Ignore liquids and items removed by the last pour.
    if (item.leavesAt <= pour) continue;
    // Water that it brought along, of another vessel or of the liquid that was poured off.
    const brought =
      item.entersAt <= pour
        ? movedBy(item.id, since)
        : item.entersAt <= now
          ? (heat.items[item.id]?.readied?.waterKg ?? 0)
          : 0;
    const isOut = !isIn(item, now) && item.entersAt <= now;
    // Of what is out, and of what is liquid by now, the pot has what it gave and lacks what it drank.
    if (isOut || (item.blendedAt !== null && item.blendedAt <= now))
      outsideKg -= movedBy(item.id, sample) - brought;
    else outsideKg += brought;
  }
  return {
    progress: (part) => {
      const moved = heat.items[part.id]?.waterKg[sample] ?? 0;
      return part.uptakeKg === 0 ? 0 : Math.max(0, moved / part.uptakeKg);
    },
    steamKg:
      valueAt(heat.trace.steamKg, sample) - (since < 0 ? 0 : valueAt(heat.trace.steamKg, since)),
    outsideKg,
  };
}

/**
 * Contents of the pot at a sample of the trace.
 *
 * @param step step whose contents are meant, where the sample is the last one before it
 */
export function contentsAt(
  model: Model,
  sample: number,
  step = valueAt(model.heat.trace.step, sample),
  parts = partsAt(model, step),
): Contents {
  const { trace } = model.heat;
  const { progress, steamKg, outsideKg } = standAt(model, sample, step);
  return contents(parts, progress, trace.liquidC[sample] ?? 20, steamKg, outsideKg);
}
