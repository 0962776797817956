/** Ways to cool, tried: what each comes to by the model and the rule, and which is the best that can be done. */
import type { HolderKind } from '../vocabulary';
import { coolDown, type Cooling, type CoolingCurve, type Surroundings } from './cool';
import { judge, type Judged } from '../guard';
import {
  HALF_A_DAY_MIN,
  leftStanding,
  WAY_KEYS,
  WAYS,
  type AtHand,
  type Left,
  type Needs,
  type WayDefinition,
  type WayKey,
} from './ways';

/** A way with what it comes to. */
export interface Tried {
  readonly key: WayKey;
  readonly needs: Needs;
  readonly cooling: Cooling;
  readonly curve: CoolingCurve;
  readonly judged: Judged;
  /** Whether what it needs is at hand. */
  readonly has: boolean;
}

const jarsAt = (hand: AtHand, kind: HolderKind): number =>
  hand.jars.filter((j) => j.kind === kind).reduce((sum, j) => sum + j.count, 0);

function hasAll({ pans = 0, iceKg = 0, jars }: Needs, hand: AtHand): boolean {
  return (
    pans <= hand.pans && iceKg <= hand.iceKg && (!jars || jars.count <= jarsAt(hand, jars.kind))
  );
}

/** One way tried; null where this pot cannot do it. */
export function tryWay(
  key: WayKey,
  left: Left,
  hand: AtHand,
  surroundings: Surroundings,
): Tried | null {
  const way: WayDefinition = WAYS[key];
  const plan = way.stands(left, hand);
  if (!plan) return null;
  const cooling: Cooling = { thick: left.thick, startC: left.celsius, stands: plan.stands };
  const curve = coolDown(cooling, surroundings);
  return {
    key,
    needs: plan.needs,
    cooling,
    curve,
    judged: way.coolings
      ? worst(reheated(left, HALF_A_DAY_MIN, way.coolings, surroundings))
      : judge(curve),
    has: hasAll(plan.needs, hand),
  };
}

const SAFE: ReadonlySet<Judged['verdict']> = new Set(['in time', 'held hot']);
/** Whether a way gets it cold, or keeps it hot, by the rule. */
export const isSafe = ({ judged }: Pick<Tried, 'judged'>): boolean => SAFE.has(judged.verdict);

/**
 * All ways, the best that this cook can do first: what is safe, then what is at hand, then what gets it
 * cold, then the least work.
 * @example waysToCool({ litres: 3, thick: false, celsius: 80, pot }, { pans: 2, iceKg: 2, jars: [] }, { ambientC: 20, altitudeM: 0, fridgeC: 4 })[0].key // "pans"
 */
export function waysToCool(left: Left, hand: AtHand, surroundings: Surroundings): readonly Tried[] {
  const rank = (tried: Tried): number =>
    (isSafe(tried) ? 0 : 4) + (tried.has ? 0 : 2) + (tried.judged.verdict === 'held hot' ? 1 : 0);
  return WAY_KEYS.flatMap((key) => tryWay(key, left, hand, surroundings) ?? []).toSorted(
    (a, b) =>
      rank(a) - rank(b) ||
      WAYS[a.key].workMin - WAYS[b.key].workMin ||
      (a.judged.coldMin ?? Infinity) - (b.judged.coldMin ?? Infinity),
  );
}

/** A stew left in its pot and boiled up again every so often: each cooling between is judged by itself. */
export function reheated(
  left: Left,
  everyMin: number,
  times: number,
  surroundings: Surroundings,
): readonly Judged[] {
  const one = (startC: number): Judged =>
    judge(
      coolDown({ thick: left.thick, startC, stands: [leftStanding(left, everyMin)] }, surroundings),
    );
  return Array.from({ length: times }, (_, i) => one(i === 0 ? left.celsius : REBOILED_C));
}

/** Of several coolings the first that fails; where none does, the first. */
function worst(all: readonly Judged[]): Judged {
  const found = all.find((j) => j.verdict === 'throw out') ?? all[0];
  if (!found) throw new RangeError('nothing was cooled');
  return found;
}

/** Boiled up through and through; 74 C at the least (USDA FSIS). */
const REBOILED_C = 95;
