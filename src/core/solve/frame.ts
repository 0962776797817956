/** Parts of a plan, and the building of it. */
import { assess } from '../assess';
import {
  changed,
  entryOf,
  exitOf,
  kept,
  planBatch,
  stay,
  staysOf,
  stepsOf,
  type PlannedItem,
} from '../batch/plan';
import type { Batch, Item, Kitchen, Pot, PressureStep, Release, Step } from '../batch/schema';
import type { Danger } from '../guard';
import { conductionShape, donenessOf, type Doneness } from '../doneness';
import { scaleOf, type Scale, type Where } from '../texture';
import type { Wishes } from './types';

/** Time step of the plan as it is, s. */
const ROUGH_S = 30;
/** Minutes with the lid off between two pressure steps. */
const OPEN_MIN = 3;
/** Minutes of simmer that dairy and thickeners are stirred in with. */
const STIR_MIN = 2;

/** An end of what is wanted of an item. */
export interface Edge {
  readonly where: Where;
  /** Cook value of an even piece, min. */
  readonly minutes: number;
  /** Unit of its firmness, min. */
  readonly lateMin: number;
}

/** An item whose entry the solver chooses. */
export interface Placed {
  readonly id: string;
  readonly z: number;
  /** Start and end of the wish for it; null for an open end. */
  readonly from: Edge | null;
  readonly to: Edge | null;
  /** Pressure step that the cook holds it to, counted from the first; -1 for after, null if free. */
  readonly kept: number | null;
}

/** The parts of a batch that stay, and those that are chosen. */
export interface Frame {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  /** Steps before the first pressure step. */
  readonly prelude: readonly Step[];
  /** Straining, resting and cooling after the last. */
  readonly tail: readonly Step[];
  readonly setting: string | undefined;
  readonly placed: readonly Placed[];
  /** Dairy and thickeners: stirred in at the end. */
  readonly stirredIn: ReadonlySet<string>;
  readonly pressureIds: readonly string[];
  /** Bones are given the hold that the cook has planned for them, min. */
  readonly leastHold: number;
  /** Time for late additions to come to the boil, min. */
  readonly leastSimmer: number;
  /** When it is wanted on the table, min; null when that does not matter. */
  readonly byMin: number | null;
  /** Dangers of the plan as it is; no found plan may be worse. */
  readonly dangers: readonly Danger[];
}

/** Place and time of everything. */
export interface Decision {
  readonly holds: readonly number[];
  readonly releases: readonly Release[];
  /** Index of a pressure step; the number of them for after. */
  readonly entries: Readonly<Record<string, number>>;
  /** Minutes of simmer that each item gets that goes in after. */
  readonly simmer: Readonly<Record<string, number>>;
  /** Whole simmer, min. */
  readonly simmerMin: number;
}

const KEPT_AFTER = new Set<Step['kind']>(['rest', 'cool', 'strain']);

function keptAt(item: PlannedItem, steps: readonly Step[]): number {
  let count = 0;
  for (let i = 0; i < steps.length; i++) {
    if (steps[i]?.kind !== 'pressure') continue;
    if (item.entersAt <= i) return count;
    count++;
  }
  return -1;
}

function edgeAt({ steps, lateMin }: Scale, place: number): Edge | null {
  const step = steps[place];
  return step ? { where: step.where, minutes: step.minutes, lateMin } : null;
}

/** The ends of what is wanted of an item; none for what is in for its flavour. */
function edgesOf(item: PlannedItem, doneness: Doneness): Pick<Placed, 'from' | 'to'> {
  const { food, wish } = item;
  if (!food.family || !wish || item.for === 'flavour') return { from: null, to: null };
  const scale = scaleOf(food.family, doneness, conductionShape(food, item.cut)?.mm ?? 0);
  return { from: edgeAt(scale, wish.from - 1), to: edgeAt(scale, wish.to) };
}

/** @param known dangers of the same batch, where they have been judged */
export function frameOf(
  batch: Batch,
  pot: Pot,
  kitchen: Kitchen,
  wishes: Wishes,
  known?: readonly Danger[],
): Frame {
  const steps = stepsOf(batch);
  const { items } = planBatch({ ...batch, steps }, pot, kitchen);
  const first = steps.findIndex((s) => s.kind === 'pressure');
  const last = steps.findLastIndex((s) => s.kind === 'pressure');
  const pressures = steps.filter((s): s is PressureStep => s.kind === 'pressure');
  const stirredIn = new Set(
    items
      .filter(
        (i) =>
          (i.food.group === 'dairy' && i.food.key !== 'egg') ||
          i.food.key === 'starch' ||
          i.food.key === 'flour',
      )
      .map((i) => i.id),
  );
  const placed = items.flatMap((item): Placed[] => {
    const doneness = donenessOf(item.food, item);
    // Foods browned first are in from the start.
    const browned = first > 0 && item.entersAt < first;
    if (!doneness || item.apart || browned || stirredIn.has(item.id)) return [];
    return [
      {
        id: item.id,
        z: doneness.z,
        ...edgesOf(item, doneness),
        kept: wishes.keep.includes(item.id) ? keptAt(item, steps) : null,
      },
    ];
  });
  return {
    batch,
    pot,
    kitchen,
    prelude: first > 0 ? steps.slice(0, first) : [],
    tail: steps.slice(last + 1).filter((s) => KEPT_AFTER.has(s.kind)),
    setting: pressures[0]?.setting,
    placed,
    stirredIn,
    pressureIds: pressures.map((s) => s.id),
    leastHold: items.some((i) => i.food.group === 'bones') ? (pressures[0]?.holdMin ?? 0) : 0,
    leastSimmer: stirredIn.size > 0 ? STIR_MIN : 0,
    byMin: wishes.byMin ?? null,
    dangers: known ?? assess(batch, pot, kitchen, { stepS: ROUGH_S, curves: false }).dangers,
  };
}

/** Gives out step ids: old ones as long as there are some, then fresh ones. */
function naming(frame: Frame) {
  const used = new Set([...frame.prelude, ...frame.tail].map((s) => s.id));
  const old = frame.pressureIds.filter((id) => !used.has(id));
  for (const id of old) used.add(id);
  let n = 1;
  const fresh = (): string => {
    while (used.has(`s${n}`)) n++;
    used.add(`s${n}`);
    return `s${n}`;
  };
  return { pressure: (): string => old.shift() ?? fresh(), fresh };
}

interface Built {
  readonly steps: readonly Step[];
  readonly pressure: readonly string[];
  /** Step at whose start an item of that pressure step goes in. */
  readonly doors: readonly string[];
  /** Simmer steps with the minutes left from their start. */
  readonly simmers: readonly { readonly id: string; readonly left: number }[];
}

function buildSteps(frame: Frame, decision: Decision): Built {
  const name = naming(frame);
  const steps: Step[] = [...frame.prelude];
  const pressure: string[] = [];
  const doors: string[] = [];
  decision.holds.forEach((holdMin, j) => {
    const id = name.pressure();
    let door = id;
    if (j > 0) {
      door = name.fresh();
      steps.push({ id: door, kind: 'open', minutes: OPEN_MIN });
    }
    steps.push({
      id,
      kind: 'pressure',
      ...(frame.setting !== undefined && { setting: frame.setting }),
      holdMin,
      release: decision.releases[j] ?? { method: 'natural' },
    });
    pressure.push(id);
    doors.push(door);
  });
  const left = [...new Set([decision.simmerMin, ...Object.values(decision.simmer)])]
    .filter((t) => t > 0 && t <= decision.simmerMin)
    .sort((a, b) => b - a);
  const simmers = left.map((t, i) => {
    const id = name.fresh();
    steps.push({ id, kind: 'simmer', minutes: t - (left[i + 1] ?? 0) });
    return { id, left: t };
  });
  return { steps: [...steps, ...frame.tail], pressure, doors, simmers };
}

/** An item with its place in the steps that were built. */
function placedIn(item: Item, frame: Frame, decision: Decision, built: Built): Item {
  const { id } = item;
  const at = decision.entries[id];
  if (item.apart) return item;
  const enters = entryOf(item);
  const has = (step: string | undefined): boolean => built.steps.some((s) => s.id === step);
  const known = has(enters ?? undefined);
  const [{ done }] = staysOf(item);
  const out = exitOf(item);
  const placed = (from: string | null): Item =>
    changed<Item>(item, kept([stay(from, has(out ?? undefined) ? out : null, done)]));
  if (at !== undefined) {
    const after = at >= decision.holds.length;
    const t = decision.simmer[id] ?? decision.simmerMin;
    const door = after ? built.simmers.find((s) => s.left === t)?.id : built.doors[at];
    return placed(door ?? null);
  }
  if (frame.stirredIn.has(id)) {
    const last = built.simmers.at(-1)?.id ?? frame.tail[0]?.id ?? null;
    return placed(last);
  }
  const inPrelude = frame.prelude.some((s) => s.id === enters);
  // Liquids and seasonings go in with the first lid, unless the cook keeps them for later.
  return placed(
    inPrelude || (known && enters === built.doors[0]) ? enters : (built.doors[0] ?? null),
  );
}

/** The batch that a decision makes. */
export function buildPlan(frame: Frame, decision: Decision): Batch {
  const built = buildSteps(frame, decision);
  return {
    ...frame.batch,
    steps: built.steps,
    items: frame.batch.items.map((item) => placedIn(item, frame, decision, built)),
  };
}
