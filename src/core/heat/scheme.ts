/**
 * The time scheme: SDIRK2 (Alexander 1977), two implicit stages of one substep, second order and
 * L-stable; the second stage starts from the first one's change stretched. Liquid and vessel are one
 * node, solved together with the bodies in it. Heat that crosses each boundary is booked with the
 * scheme's own weights, so the balance closes by construction of the equations, not by adjustment.
 */
import { latentHeat } from '../water';
import { isFreezing, type Body } from './body';
import { couple, settle, stretch, type Coupling } from './conduct';
import type { Drive, Moved } from './types';

const GAMMA = 1 - Math.SQRT1_2;
/** How far the first stage's change is carried before the second. */
const STRETCH = (1 - GAMMA) / GAMMA;

/** Rounds between the liquid and bodies with ice at the most. */
const MELT_PASSES = 20;

/** Liquid and vessel. */
export interface Node {
  /** J/K */
  readonly capacity: number;
  /** C */
  readonly celsius: number;
}

/** Outcome of a time step. */
export interface Stepped extends Moved {
  /** The liquid at its end, C. */
  readonly celsius: number;
  /** Whether liquid and what melts in it came to agree. */
  readonly settled: boolean;
}

/** Reused: this runs for every body of every stage. */
const one: Coupling = { slope: 0, offset: 0, settled: true };

function add(body: Body, substep: number, guess: number, sum: Coupling): void {
  couple(body, substep, guess, one);
  sum.slope += one.slope;
  sum.offset += one.offset;
  sum.settled &&= one.settled;
}

/** One implicit stage; leaves the bodies at its end. */
function stage(
  bodies: readonly Body[],
  node: Node,
  ambientC: number,
  substep: number,
  fromC: number,
  guessC: number,
  drive: Drive,
): Stepped {
  const steamNow = drive.steam ? drive.steam(fromC) : 0;
  const steamSlope = drive.steam ? (drive.steam(fromC + 0.05) - steamNow) / 0.05 : 0;
  const latent = drive.steam ? latentHeat(fromC) : 0;
  const inertia = node.capacity / substep;
  const held = drive.powerW === null;
  const plain: Coupling = { slope: 0, offset: 0, settled: true };
  let freezing = false;
  for (const body of bodies) {
    if (isFreezing(body)) freezing = true;
    else add(body, substep, guessC, plain);
  }
  let settled = true;
  let powerW = drive.powerW ?? 0;
  let guess = held ? node.celsius : guessC;
  let next = guess;
  // Only bodies with ice answer differently at another liquid temperature than expected.
  for (let pass = 0; pass < (freezing ? MELT_PASSES : 1); pass++) {
    const all = { ...plain };
    for (const body of bodies) if (isFreezing(body)) add(body, substep, guess, all);
    settled = all.settled;
    if (held) {
      next = node.celsius;
      powerW =
        inertia * (next - fromC) +
        drive.lossWPerK * (next - ambientC) +
        all.slope * next -
        all.offset;
      break;
    }
    next =
      (inertia * fromC +
        powerW +
        drive.lossWPerK * ambientC +
        all.offset -
        latent * (steamNow - steamSlope * fromC)) /
      (inertia + drive.lossWPerK + all.slope + latent * steamSlope);
    if (Math.abs(next - guess) < 0.01) break;
    settled = false;
    guess = pass < 4 ? next : (next + guess) / 2;
  }
  const steamKgS = steamNow + steamSlope * (next - fromC);
  for (const body of bodies) settle(body, substep, next);
  return {
    settled: settled || !freezing,
    celsius: next,
    powerW,
    lossW: drive.lossWPerK * (next - ambientC),
    steamKgS,
    steamW: latent * steamKgS,
  };
}

/**
 * Moves liquid and bodies on by a time step.
 *
 * @param bodies as `remember` left them; moved on in place
 * @param seconds above 0
 * @returns the liquid at the end of the step, and what flowed on average
 */
export function advance(
  bodies: readonly Body[],
  node: Node,
  ambientC: number,
  seconds: number,
  drive: Drive,
): Stepped {
  const substep = GAMMA * seconds;
  const start = node.celsius;
  const first = stage(bodies, node, ambientC, substep, start, start, drive);
  for (const body of bodies) stretch(body, STRETCH);
  const from = start + STRETCH * (first.celsius - start);
  const second = stage(bodies, node, ambientC, substep, from, first.celsius, drive);
  const mean = (key: keyof Moved): number => (1 - GAMMA) * first[key] + GAMMA * second[key];
  return {
    settled: first.settled && second.settled,
    celsius: second.celsius,
    powerW: mean('powerW'),
    lossW: mean('lossW'),
    steamKgS: mean('steamKgS'),
    steamW: mean('steamW'),
  };
}
