/**
 * Ways to get a pot cold, side by side: where it stands, in what, for how long; what is needed and how much
 * work it is. One record a way.
 */
import type { Pot } from '../batch';
import { HOLDERS, usableL, type HolderKind } from '../vocabulary';
import { potVessel } from '../vessel';
import {
  coolDown,
  type Cooling,
  type CoolingCurve,
  type Portions,
  type Stand,
  type Surroundings,
} from './cool';
import { judge, RULE, type Judged } from './rule';

/** What is left, and where. */
export interface Left {
  readonly litres: number;
  readonly thick: boolean;
  readonly celsius: number;
  readonly pot: Pot;
}

/** What a household has to cool with. */
export interface AtHand {
  readonly pans: number;
  readonly iceKg: number;
  readonly jars: readonly { readonly kind: HolderKind; readonly count: number }[];
}

/** What a way needs. */
export interface Needs {
  readonly pans?: number;
  readonly iceKg?: number;
  readonly jars?: { readonly kind: HolderKind; readonly count: number };
  readonly keepWarm?: true;
}

interface WayDefinition {
  readonly name: string;
  /** One sentence: what is done. */
  readonly does: string;
  /** Minutes of hands. */
  readonly workMin: number;
  /** It is boiled up again, and cools so often. */
  readonly coolings?: number;
  /** Null where it cannot be done with this. */
  readonly stands: (
    left: Left,
    hand: AtHand,
  ) => { readonly stands: readonly Stand[]; readonly needs: Needs } | null;
}

/** A roasting pan of a home kitchen, 33 by 23 cm (of usual make): its area as a round one. */
const PAN_M2 = 0.33 * 0.23;
const PAN_J_PER_K = 450;
/** Deeper a pan is no shallow one, and shallower none is filled, m. */
const PAN_DEEPEST_M = 0.05;
const PAN_LEAST_M = 0.015;
const GLASS_J_PER_K_L = 400;
/** An inner pot lifted off its base: steel, J/K a litre of room. */
const INNER_J_PER_K_L = 100;
/** Steam is let off before it goes into the fridge, and glass is no longer hot, C. */
const STEAMED_C = 57;
/** Ice also chills the water that it lies in: tap water as heavy as what is cooled (common practice). */
const WATER_L_PER_L = 1;
const TAP_C = 15;
const FUSION = 333_600;
const WATER_J = 4186;
const OVERNIGHT_MIN = 600;
const HALF_A_DAY_MIN = 720;
/** Of two days. */
const COOLINGS = 4;

function inPot({ litres, pot }: Left, more: Partial<Portions> = {}): Portions {
  const radiusM = pot.innerDiameterCm / 200;
  return {
    count: 1,
    shape: { radiusM, heightM: litres / 1000 / (Math.PI * radiusM * radiusM) },
    bodyJPerK: INNER_J_PER_K_L * pot.capacityL,
    ...more,
  };
}

function inPans(litres: number, count: number): Portions {
  return {
    count,
    shape: { radiusM: Math.sqrt(PAN_M2 / Math.PI), heightM: litres / 1000 / count / PAN_M2 },
    bodyJPerK: PAN_J_PER_K,
  };
}

function inJars(litres: number, kind: HolderKind): Portions {
  const { diameterCm, capacityL, glass } = HOLDERS[kind];
  const count = Math.ceil(litres / usableL(kind, false) - 1e-9);
  const radiusM = diameterCm / 200;
  return {
    count,
    shape: { radiusM, heightM: litres / count / 1000 / (Math.PI * radiusM * radiusM) },
    bodyJPerK: glass ? GLASS_J_PER_K_L * capacityL : 0,
  };
}

const stand = (
  place: Stand['place'],
  until: Stand['until'],
  portions: Portions,
  more: Partial<Pick<Stand, 'stirred' | 'open'>> = {},
): Stand => ({ place, until, portions, stirred: false, open: false, ...more });

const cold = (portions: Portions, open = false): Stand =>
  stand('fridge', { celsius: RULE.coldC }, portions, { open });

/**
 * Ice that a pot wants: the heat of what is cooled and of the water around it, over the heat of melting.
 *
 * @returns kg
 * @example iceFor(2, 90, 5) // 2.51
 */
export function iceFor(litres: number, fromC: number, toC: number): number {
  const contents = litres * WATER_J * (fromC - toC);
  const around = litres * WATER_L_PER_L * WATER_J * (TAP_C - 0);
  return Math.max(0, contents + around) / FUSION;
}

export const WAYS = {
  pans: {
    name: 'Shallow pans, then the fridge',
    does: 'Ladle it into shallow pans, let it steam off uncovered, and set them in the fridge apart from each other; cover when cold.',
    workMin: 8,
    stands: ({ litres }, { pans }) => {
      const least = Math.ceil(litres / 1000 / PAN_M2 / PAN_DEEPEST_M);
      const useful = Math.max(1, Math.floor(litres / 1000 / PAN_M2 / PAN_LEAST_M));
      const count = Math.max(least, Math.min(pans, useful));
      const portions = inPans(litres, count);
      return {
        needs: { pans: count },
        stands: [
          stand('room', { celsius: STEAMED_C }, portions, { open: true }),
          cold(portions, true),
        ],
      };
    },
  },
  ice: {
    name: 'The pot in ice water, stirred',
    does: 'Lift the inner pot into a sink of ice and water as high as the soup stands, stir every few minutes until it is cold to the hand, then the fridge.',
    workMin: 15,
    stands: (left) => {
      const portions = inPot(left);
      return {
        needs: { iceKg: iceFor(left.litres, left.celsius, RULE.coldC) },
        stands: [
          stand('ice', { celsius: RULE.coldC }, portions, { stirred: true, open: true }),
          cold(portions),
        ],
      };
    },
  },
  jars: {
    name: 'Jars in cold water, then the fridge',
    does: 'Fill warm jars, let them stand until the glass is only warm, then in a sink of cold water changed once, then the fridge. Never cold water on hot glass.',
    workMin: 12,
    stands: ({ litres }, { jars }) => {
      const fits = jars
        .map(({ kind, count }) => ({ kind, count, portions: inJars(litres, kind) }))
        .filter(({ count, portions }) => portions.count <= count)
        .toSorted((a, b) => HOLDERS[a.kind].capacityL - HOLDERS[b.kind].capacityL)[0];
      const kind = fits?.kind ?? jars[0]?.kind ?? 'half-litre';
      const portions = inJars(litres, kind);
      return {
        needs: { jars: { kind, count: portions.count } },
        stands: [
          stand('room', { celsius: STEAMED_C }, portions),
          stand('water', { celsius: RULE.coolC }, portions),
          cold(portions),
        ],
      };
    },
  },
  'pot-out': {
    name: 'The pot on a rack, then the fridge',
    does: 'Lift the inner pot out, set it on a rack without its lid, and put it in the fridge when it no longer steams.',
    workMin: 2,
    stands: (left) => {
      const portions = inPot(left);
      return {
        needs: {},
        stands: [stand('room', { celsius: STEAMED_C }, portions, { open: true }), cold(portions)],
      };
    },
  },
  'pot-base': {
    name: 'Left in the pot overnight, off',
    does: 'It stands on its base with the lid on until morning.',
    workMin: 0,
    stands: (left) => ({
      needs: {},
      stands: [
        stand(
          'room',
          { minutes: OVERNIGHT_MIN },
          inPot(left, { lossWPerK: potVessel(left.pot).lossWPerK }),
        ),
      ],
    }),
  },
  'twice-a-day': {
    name: 'In the pot for two days, boiled up twice a day',
    does: 'The old way with a stew: left in its pot and boiled up morning and evening. Each time it stands lukewarm for hours.',
    workMin: 20,
    coolings: COOLINGS,
    stands: (left) => ({
      needs: {},
      stands: [
        stand(
          'room',
          { minutes: HALF_A_DAY_MIN },
          inPot(left, { lossWPerK: potVessel(left.pot).lossWPerK }),
        ),
      ],
    }),
  },
  'keep-warm': {
    name: 'Kept warm overnight',
    does: 'It stays on keep-warm with the lid on until morning: hot enough to be safe, where the pot really holds 60 °C. Read it before you go, and in the morning.',
    workMin: 1,
    stands: (left) =>
      left.pot.kind === 'electric'
        ? {
            needs: { keepWarm: true },
            stands: [stand('hot', { minutes: OVERNIGHT_MIN }, inPot(left))],
          }
        : null,
  },
} satisfies Record<string, WayDefinition>;

export type WayKey = keyof typeof WAYS;
const WAY_KEYS = Object.keys(WAYS) as readonly WayKey[];

export const isWay = (key: string): key is WayKey => key in WAYS;

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

const SAFE: ReadonlySet<Judged['verdict']> = new Set(['passes', 'held hot']);
export const isSafe = ({ judged }: Pick<Tried, 'judged'>): boolean => SAFE.has(judged.verdict);

/**
 * All ways, the best that this cook can do first: what is safe, then what is at hand, then what gets it
 * cold, then the least work.
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
  const portions = inPot(left, { lossWPerK: potVessel(left.pot).lossWPerK });
  const one = (startC: number): Judged =>
    judge(
      coolDown(
        { thick: left.thick, startC, stands: [stand('room', { minutes: everyMin }, portions)] },
        surroundings,
      ),
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
