/**
 * The least time in which every item has its window, over whole minutes of holds and simmer.
 *
 * For given minutes each item asks only whether one of its entries suits it, so that the search
 * is over the minutes alone and looks at all of them.
 */
import { valueAt } from '../series';
import { asked, missAbove, missBelow, type Asked } from './edges';
import type { Decision, Frame, Placed } from './frame';
import { LONGEST_HOLDS, LONGEST_SIMMER, type Exposure, type Probe } from './probe';

/** Difference between a run of the model and the tables, by item and entry. */
export type Corrections = ReadonlyMap<
  string,
  { readonly centre: number; readonly surface: number }
>;

export const correctionKey = (id: string, entry: number): string => `${id} ${entry}`;

export interface Found {
  readonly decision: Decision;
  readonly minutes: number;
  /** 0 when every window is met; otherwise how far it is missed, in logarithms. */
  readonly miss: number;
}

/** Shortfall where no simmer would do. */
const NEVER = 5;
/** Weight of an idle simmer besides its minutes (assumed). */
const IDLE_MIN = 3;
/** Steps of the first hold's minutes, by the number of pressure steps. */
const STRIDE = [1, 1, 2] as const;

interface Row {
  readonly item: Placed;
  readonly need: Asked | null;
  readonly limit: Asked | null;
  readonly entries: readonly number[];
  readonly exposures: readonly Exposure[];
  readonly baseCentre: readonly number[];
  readonly baseSurface: readonly number[];
  /** Least and most minutes of simmer when put in after; 0 without a simmer. */
  readonly simmerFrom: number;
  readonly simmerTo: number;
}

function rowOf(
  item: Placed,
  exposures: readonly Exposure[],
  corrections: Corrections,
  steps: number,
  edge: number,
): Row {
  const need = asked(item.from, edge);
  const limit = asked(item.to, -edge);
  const fix = (e: number) =>
    corrections.get(correctionKey(item.id, e)) ?? { centre: 0, surface: 0 };
  const baseCentre = exposures.map((x, e) => x.base.centre + fix(e).centre);
  const baseSurface = exposures.map((x, e) => x.base.surface + fix(e).surface);
  const after = exposures[steps];
  let simmerFrom = 0;
  let simmerTo = 0;
  for (let t = 1; after && t <= LONGEST_SIMMER; t++) {
    const centre = valueAt(baseCentre, steps) + valueAt(after.simmer.centre, t);
    const surface = valueAt(baseSurface, steps) + valueAt(after.simmer.surface, t);
    if (missBelow(need, centre, surface) + missAbove(limit, centre, surface) > 0) continue;
    simmerFrom ||= t;
    simmerTo = t;
  }
  const all = Array.from({ length: steps + 1 }, (_, e) => e);
  const kept = item.kept === null ? null : item.kept < 0 ? steps : Math.min(item.kept, steps - 1);
  return {
    item,
    need,
    limit,
    entries: kept === null ? all : [kept],
    exposures,
    baseCentre,
    baseSurface,
    simmerFrom,
    simmerTo,
  };
}

/** Cook values of an item by entry for given holds, before any simmer. */
interface Held {
  readonly centre: Float64Array;
  readonly surface: Float64Array;
}

function heldBy(row: Row, holds: readonly number[], into: Held): void {
  for (const entry of row.entries) {
    let centre = valueAt(row.baseCentre, entry);
    let surface = valueAt(row.baseSurface, entry);
    const curves = row.exposures[entry]?.holds ?? [];
    for (let j = entry; j < holds.length; j++) {
      const c = curves[j];
      if (!c) continue;
      centre += c.centre[holds[j] as number] as number;
      surface += c.surface[holds[j] as number] as number;
    }
    into.centre[entry] = centre;
    into.surface[entry] = surface;
  }
}

/** Shortfall at an entry: 0 when the window is met. */
function missAt(row: Row, held: Held, entry: number, steps: number, simmer: number): number {
  const curve = (row.exposures[entry] as Exposure).simmer;
  const centre = (held.centre[entry] as number) + (curve.centre[simmer] as number);
  const surface = (held.surface[entry] as number) + (curve.surface[simmer] as number);
  if (entry === steps) {
    if (row.simmerFrom > 0 && row.simmerFrom <= simmer) return 0;
    return row.simmerFrom > 0 ? missBelow(row.need, centre, surface) : NEVER;
  }
  return missBelow(row.need, centre, surface) + missAbove(row.limit, centre, surface);
}

/** Best entry of an item for given minutes: the earliest that suits, or the one that misses least. */
function place(
  row: Row,
  held: Held,
  steps: number,
  simmer: number,
): { entry: number; miss: number } {
  let entry = valueAt(row.entries, 0);
  let miss = Infinity;
  for (const e of row.entries) {
    const here = missAt(row, held, e, steps, simmer);
    if (here >= miss) continue;
    miss = here;
    entry = e;
    if (miss <= 0) break;
  }
  return { entry, miss: Math.max(0, miss) };
}

const nothingHeld = (steps: number): Held => ({
  centre: new Float64Array(steps + 1),
  surface: new Float64Array(steps + 1),
});

/**
 * Minutes of simmer for what goes in after: as few different ones as the windows allow, so that
 * the cook's hands are wanted as seldom as can be.
 */
function simmersOf(rows: readonly Row[], simmerMin: number): Record<string, number> {
  const simmer: Record<string, number> = {};
  let open = rows.filter((row) => {
    const all = row.simmerFrom === 0 || row.simmerTo >= simmerMin;
    if (all) simmer[row.item.id] = simmerMin;
    return !all;
  });
  while (open.length > 0) {
    const earliest = Math.min(...open.map((row) => row.simmerTo));
    const together = open.filter((row) => row.simmerFrom <= earliest);
    const minutes = Math.max(...together.map((row) => row.simmerFrom));
    for (const row of together) simmer[row.item.id] = minutes;
    open = open.filter((row) => !together.includes(row));
  }
  return simmer;
}

function decide(
  rows: readonly Row[],
  probe: Probe,
  holds: readonly number[],
  simmerMin: number,
): Decision {
  const entries = Object.fromEntries(
    rows.map((row) => {
      const held = nothingHeld(holds.length);
      heldBy(row, holds, held);
      return [row.item.id, place(row, held, holds.length, simmerMin).entry];
    }),
  );
  const late = rows.filter((row) => entries[row.item.id] === holds.length);
  return {
    holds,
    releases: probe.releases,
    entries,
    simmer: simmersOf(late, simmerMin),
    simmerMin,
  };
}

/** Every choice of holds, shortest first hold first. */
function* holdsOf(steps: number): Generator<readonly number[]> {
  const [h1 = 0, h2 = 0, h3 = 0] = LONGEST_HOLDS[steps - 1] ?? [];
  const stride = STRIDE[steps - 1] ?? 1;
  for (let a = 0; a <= h1; a += stride) {
    if (steps === 1) yield [a];
    else
      for (let b = 0; b <= h2; b += stride) {
        if (steps === 2) yield [a, b];
        else for (let c = 0; c <= h3; c++) yield [a, b, c];
      }
  }
}

/**
 * Searches all minutes.
 *
 * @param tried decisions that the model has refused already, not to be found again
 * @param edge share of a window's ends that is kept free
 * @returns the quickest decision that meets every window, or the one that misses least
 */
export function search(
  frame: Frame,
  probe: Probe,
  corrections: Corrections,
  tried: ReadonlySet<string>,
  edge: number,
): Found | null {
  const steps = probe.releases.length;
  const rows = frame.placed.map((item) =>
    rowOf(item, probe.exposures[item.id] ?? [], corrections, steps, edge),
  );
  const stir = frame.leastSimmer;
  const held = rows.map(() => nothingHeld(steps));
  let best: { holds: readonly number[]; simmer: number; minutes: number } | null = null;
  let near: { holds: readonly number[]; simmer: number; miss: number } | null = null;
  for (const holds of holdsOf(steps)) {
    if (valueAt(holds, 0) < frame.leastHold) continue;
    const inHolds = holds.reduce((sum, h) => sum + h, 0);
    if (best && probe.otherMin + inHolds + stir >= best.minutes) continue;
    rows.forEach((row, i) => heldBy(row, holds, held[i] as Held));
    for (let simmer = stir; simmer <= LONGEST_SIMMER; simmer++) {
      const minutes = probe.otherMin + inHolds + simmer;
      if (best && minutes >= best.minutes) break;
      let miss = 0;
      let late = false;
      for (let i = 0; i < rows.length; i++) {
        const placed = place(rows[i] as Row, held[i] as Held, steps, simmer);
        miss += placed.miss;
        late ||= placed.entry === steps;
        if (best && miss > 0) break;
        if (near && miss >= near.miss) break;
      }
      if (tried.size > 0 && tried.has(decisionKey(holds, simmer))) continue;
      if (miss === 0) {
        // A simmer that nothing goes in for lets a middle catch up, but a longer hold is less work.
        const idle = simmer > stir && !late ? IDLE_MIN : 0;
        if (!best || minutes + idle < best.minutes)
          best = { holds, simmer, minutes: minutes + idle };
        break;
      }
      if (!best && (!near || miss < near.miss)) near = { holds, simmer, miss };
    }
  }
  const chosen = best ?? near;
  if (!chosen) return null;
  return {
    decision: decide(rows, probe, chosen.holds, chosen.simmer),
    minutes: probe.otherMin + chosen.holds.reduce((sum, h) => sum + h, 0) + chosen.simmer,
    miss: best ? 0 : (near?.miss ?? 0),
  };
}

export function decisionKey(holds: readonly number[], simmer: number): string {
  return `${holds.join(',')} ${simmer}`;
}
