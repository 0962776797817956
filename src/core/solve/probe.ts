/**
 * Exposure of every item from every entry, as tables over the minutes of holds and simmer.
 *
 * One run of the model for each entry, with long holds; shorter ones are read off the same trace.
 * That is exact for what has caught up with the liquid and near enough for the rest: whatever the
 * search proposes is run through the model again.
 */
import { runModel, type Model } from '../model';
import type { Release } from '../batch/schema';
import { between, lastOf, valueAt } from '../series';
import { buildPlan, type Decision, type Frame } from './frame';

/** Longest holds looked at, by the number of pressure steps, min. */
export const LONGEST_HOLDS: readonly (readonly number[])[] = [[150], [150, 60], [150, 50, 24]];
/** Longest simmer, min. */
export const LONGEST_SIMMER = 45;
/** A probe needs no finer steps than this, s. */
const STEP_S = 20;

/** Cook values by whole minutes. */
export interface Curve {
  readonly centre: Float64Array;
  readonly surface: Float64Array;
}

/** An item put in at one entry. */
export interface Exposure {
  /** From warm-ups, releases and what follows the simmer, min at 100 C. */
  readonly base: { readonly centre: number; readonly surface: number };
  /** By pressure step; null for those before it goes in. */
  readonly holds: readonly (Curve | null)[];
  readonly simmer: Curve;
}

export interface Probe {
  /** By item and entry; the last entry is after. */
  readonly exposures: Readonly<Record<string, readonly Exposure[]>>;
  /** Minutes besides holds and simmer. */
  readonly otherMin: number;
  readonly releases: readonly Release[];
}

/** Cook value gained in whole minutes from a moment on. */
function curve(model: Model, id: string, startS: number, minutes: number): Curve {
  const { s } = model.heat.trace;
  const cook = model.cooks[id];
  const from = Math.max(0, s.findIndex((t) => t > startS) - 1);
  const read = (values: readonly number[]): Float64Array => {
    const start = between(s, values, startS, from);
    return Float64Array.from(
      { length: minutes + 1 },
      (_, m) => between(s, values, startS + 60 * m, from) - start,
    );
  };
  const none = new Float64Array(minutes + 1);
  return cook
    ? { centre: read(cook.centre), surface: read(cook.surface) }
    : { centre: none, surface: none };
}

function exposure(model: Model, id: string, entry: number, longest: readonly number[]): Exposure {
  const cook = model.cooks[id];
  const { steps } = model.plan;
  const results = model.heat.steps;
  let j = -1;
  const holds: (Curve | null)[] = [];
  let simmer: Curve | null = null;
  steps.forEach((step, i) => {
    const r = results[i];
    if (!r) return;
    if (step.kind === 'pressure') {
      j++;
      const long = valueAt(longest, j);
      holds.push(j < entry ? null : curve(model, id, r.startS + r.warmUpS, long));
    }
    if (step.kind === 'simmer') simmer ??= curve(model, id, r.startS + r.warmUpS, LONGEST_SIMMER);
  });
  const zero = new Float64Array(LONGEST_SIMMER + 1);
  const last: Curve = simmer ?? { centre: zero, surface: zero };
  const inHolds = (of: 'centre' | 'surface'): number =>
    holds.reduce((sum, c) => sum + (c?.[of].at(-1) ?? 0), 0) + lastOf(last[of]);
  return {
    base: {
      centre: (cook?.centre.at(-1) ?? 0) - inHolds('centre'),
      surface: (cook?.surface.at(-1) ?? 0) - inHolds('surface'),
    },
    holds,
    simmer: last,
  };
}

function impossible(longest: readonly number[], entry: number): Exposure {
  const zero = (n: number): Curve => ({
    centre: new Float64Array(n + 1),
    surface: new Float64Array(n + 1),
  });
  return {
    base: { centre: -1e9, surface: 1e9 },
    holds: longest.map((long, j) => (j < entry ? null : zero(long))),
    simmer: zero(LONGEST_SIMMER),
  };
}

/**
 * Probes a number of pressure steps with given releases.
 *
 * @returns null when the pot does not come to pressure with these contents
 */
export function probe(frame: Frame, releases: readonly Release[]): Probe | null {
  const longest = LONGEST_HOLDS[releases.length - 1] ?? [];
  const exposures: Record<string, Exposure[]> = {};
  let otherMin = 0;
  for (let entry = 0; entry <= releases.length; entry++) {
    const decision: Decision = {
      holds: longest,
      releases,
      entries: Object.fromEntries(frame.placed.map((p) => [p.id, entry])),
      simmer: Object.fromEntries(frame.placed.map((p) => [p.id, LONGEST_SIMMER])),
      simmerMin: LONGEST_SIMMER,
    };
    const model = runModel(buildPlan(frame, decision), frame.pot, frame.kitchen, {
      stepS: STEP_S,
      // Holds this long would have grains drink the pot dry; no plan is as long.
      swells: false,
    });
    const reached = model.heat.steps.every((r) => r.reached);
    // A stew that makes steam of its own juice cannot go in late.
    if (!reached && entry === 0) return null;
    const total = lastOf(model.heat.trace.s) / 60;
    if (entry === 0) otherMin = total - longest.reduce((sum, h) => sum + h, 0) - LONGEST_SIMMER;
    for (const { id } of frame.placed)
      (exposures[id] ??= []).push(
        reached ? exposure(model, id, entry, longest) : impossible(longest, entry),
      );
  }
  return { exposures, otherMin, releases };
}
