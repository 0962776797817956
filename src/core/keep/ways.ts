/**
 * Ways to cool a pot, side by side: place, vessel and time; what is needed and how much
 * work it is. One record a way.
 */
import type { Pot } from '../batch/schema';
import { FUSION } from '../heat';
import { HOLDERS, usableL, type CoolingKey, type HolderKind, potKindOf } from '../vocabulary';
import { COLD_C, COOL_C, HOT_C } from '../guard';
import { potVessel } from '../vessel';
import type { Portions, Stand } from './cool';

/** The rest of a pot, and its place. */
export interface Left {
  readonly litres: number;
  readonly thick: boolean;
  readonly celsius: number;
  readonly pot: Pot;
}

/** Equipment of a household for cooling. */
export interface AtHand {
  readonly pans: number;
  readonly iceKg: number;
  readonly jars: readonly { readonly kind: HolderKind; readonly count: number }[];
}

/** Equipment that a way needs. */
export interface Needs {
  readonly pans?: number;
  readonly iceKg?: number;
  readonly jars?: { readonly kind: HolderKind; readonly count: number };
  readonly keepWarm?: true;
}

export interface WayDefinition {
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
/** Ice also chills the water that it lies in: tap water as heavy as what is cooled (common practice). */
const WATER_L_PER_L = 1;
const TAP_C = 15;
const WATER_J = 4186;
const OVERNIGHT_MIN = 600;
export const HALF_A_DAY_MIN = 720;
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

/** Left on its base with the lid on, switched off. */
export function leftStanding(left: Left, minutes: number): Stand {
  const { lossWPerK } = potVessel(left.pot);
  return stand('room', { minutes }, inPot(left, { lossWPerK }));
}

const cold = (portions: Portions, open = false): Stand =>
  stand('fridge', { celsius: COLD_C }, portions, { open });

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
        stands: [stand('room', { celsius: HOT_C }, portions, { open: true }), cold(portions, true)],
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
        needs: { iceKg: iceFor(left.litres, left.celsius, COLD_C) },
        stands: [
          stand('ice', { celsius: COLD_C }, portions, { stirred: true, open: true }),
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
          stand('room', { celsius: HOT_C }, portions),
          stand('water', { celsius: COOL_C }, portions),
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
        stands: [stand('room', { celsius: HOT_C }, portions, { open: true }), cold(portions)],
      };
    },
  },
  'pot-base': {
    name: 'Left in the pot overnight, off',
    does: 'It stands on its base with the lid on until morning.',
    workMin: 0,
    stands: (left) => ({
      needs: {},
      stands: [leftStanding(left, OVERNIGHT_MIN)],
    }),
  },
  'twice-a-day': {
    name: 'In the pot for two days, boiled up twice a day',
    does: 'The old way with a stew: left in its pot and boiled up morning and evening. Each time it stands lukewarm for hours.',
    workMin: 20,
    coolings: COOLINGS,
    stands: (left) => ({
      needs: {},
      stands: [leftStanding(left, HALF_A_DAY_MIN)],
    }),
  },
  'keep-warm': {
    name: 'Kept warm overnight',
    does: 'It stays on keep-warm with the lid on until morning. Many pots hold less than they say: read it with a thermometer before you go, and in the morning.',
    workMin: 1,
    stands: (left) =>
      potKindOf(left.pot.kind).keepsWarm
        ? {
            needs: { keepWarm: true },
            stands: [stand('hot', { minutes: OVERNIGHT_MIN }, inPot(left))],
          }
        : null,
  },
} satisfies Record<CoolingKey, WayDefinition>;

export type WayKey = CoolingKey;
export const WAY_KEYS = Object.keys(WAYS) as readonly WayKey[];

export const isWay = (key: string): key is WayKey => key in WAYS;
