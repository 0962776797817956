/**
 * Whether liquid reaches the valve: a chance, since how full a pot is, how wide its valve and above
 * all how its contents foam is not known to the last. Foaming depends on starch that is dissolved,
 * on fat, on how soon the valve follows a boil (common practice); its spread is assumed.
 *
 * The draws are the same every time: a low-discrepancy set (Halton 1960) through the normal
 * quantile, so that the chance moves smoothly with what it is asked for.
 */
import type { Letting } from '../vocabulary';
import { latentHeat } from '../water';
import { steamFlow, type Valve } from './nozzle';
import { swelling, swollenLevel } from './swell';

/** The pot as its valve is opened. */
export interface AtValve {
  /** Hot level over the brim's, 0 to 1. */
  readonly level: number;
  /** 0 clean to 3 foaming. */
  readonly foaming: number;
  readonly surfaceM2: number;
  readonly valve: Valve;
  readonly outsidePa: number;
  /** Heat taken by cold water over the lid, W/K. */
  readonly coldWaterWPerK: number;
}

/** Standard deviations of logarithms. */
export interface Doubt {
  readonly level: number;
  readonly valve: number;
}

/** Spread of a foaming class, as a factor and besides (assumed). */
const FOAM_FACTOR = 0.15;
const FOAM_MORE = 0.25;
/** Spread of the drift-flux relation, as a factor on the flow (assumed). */
const FLUX = 0.05;
/** Foam on the liquid while steam passes through, share of the level by class (assumed). */
const STANDING = 0.02;
/** Share of the foaming that is left in bursts: between them it falls back (assumed). */
const IN_BURSTS = 0.7;
const TAP_C = 15;
const DRAWS = 200;

function halton(index: number, base: number): number {
  let sum = 0;
  let share = 1 / base;
  for (let i = index; i > 0; i = Math.floor(i / base)) {
    sum += (i % base) * share;
    share /= base;
  }
  return sum;
}

/** Standard normal quantile (Acklam's central and tail rationals, from memory, within 1e-3). */
function quantile(p: number): number {
  const t = Math.sqrt(-2 * Math.log(Math.min(p, 1 - p)));
  const x =
    t -
    (2.515517 + 0.802853 * t + 0.010328 * t * t) /
      (1 + 1.432788 * t + 0.189269 * t * t + 0.001308 * t ** 3);
  return p < 0.5 ? -x : x;
}

const BASES = [2, 3, 5, 7] as const;
const NORMAL: readonly (readonly number[])[] = Array.from({ length: DRAWS }, (_, i) =>
  BASES.map((base) => quantile(halton(i + 1, base))),
);

interface LettingPhysics {
  /** Steam made while the pressure is let go, kg/s. */
  readonly flow: (at: AtValve, celsius: number) => number;
  /** Share of the foaming that counts. */
  readonly foaming: number;
}

const throughValve: LettingPhysics = {
  flow: (at, celsius) => steamFlow(celsius, at.outsidePa, at.valve),
  foaming: 1,
};

/** Effect of each way of letting steam out on the contents. */
const LETTINGS = {
  open: throughValve,
  bursts: { ...throughValve, foaming: IN_BURSTS },
  'cold water': {
    flow: (at, celsius) => (at.coldWaterWPerK * Math.max(0, celsius - TAP_C)) / latentHeat(celsius),
    foaming: 1,
  },
} as const satisfies Record<Letting, LettingPhysics>;

/**
 * Swollen level over the brim's, as it is expected.
 *
 * @param celsius liquid as the valve is opened
 */
export function swollenAt(at: AtValve, celsius: number, how: Letting): number {
  const { flow: flowOf, foaming } = LETTINGS[how];
  const flow = flowOf(at, celsius);
  if (flow <= 0) return at.level;
  const empty = swelling(celsius, at.surfaceM2)(flow, foaming * at.foaming);
  return swollenLevel(at.level, empty);
}

/**
 * Chance that liquid reaches the valve.
 *
 * @param celsius liquid as the valve is opened
 * @returns 0 to 1, in steps of 1/200
 */
export function chanceOfLiquid(at: AtValve, celsius: number, how: Letting, doubt: Doubt): number {
  const { flow: flowOf, foaming: counts } = LETTINGS[how];
  const flow = flowOf(at, celsius);
  if (flow <= 0) return at.level >= 1 ? 1 : 0;
  const foaming = counts * at.foaming;
  const swell = swelling(celsius, at.surfaceM2);
  const flux = Math.hypot(doubt.valve, FLUX);
  let reached = 0;
  for (const [a = 0, b = 0, c = 0, d = 0] of NORMAL) {
    const level = at.level * Math.exp(doubt.level * a);
    const more = flow * Math.exp(flux * b);
    const foam = Math.max(
      0,
      foaming * Math.exp(FOAM_FACTOR * c) + (foaming > 0 ? FOAM_MORE * d : 0),
    );
    const empty = swell(more, foam);
    const standing = 1 + (STANDING * foam * Math.min(1, flow / 1e-3)) / 3;
    if (swollenLevel(level, empty) * standing >= 1) reached++;
  }
  return reached / DRAWS;
}
