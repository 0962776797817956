/**
 * The pot: one node for free liquid, inner pot and lid, coupled to the bodies in it.
 *
 * Time scheme: SDIRK2 (Alexander 1977), two implicit stages of one substep, second order and
 * L-stable; the second stage starts from the first one's change stretched. Heat that crosses
 * each boundary is booked with the scheme's own weights, so the balance closes by construction
 * of the equations, not by adjustment.
 */
import { thermalProperties } from '../food';
import { latentHeat, WATER_HEAT } from '../water';
import {
  centreC,
  couple,
  isFreezing,
  makeBody,
  remember,
  rewind,
  settle,
  storedHeat,
  stretch,
  surfaceC,
  type Body,
  type Coupling,
} from './body';
import type { Air, HeatItem, HeatPot, ItemTrace, Phase, Trace } from './types';

const GAMMA = 1 - Math.SQRT1_2;
/** How far the first stage's change is carried before the second. */
const STRETCH = (1 - GAMMA) / GAMMA;

/** Rounds between the liquid and bodies with ice at the most. */
const MELT_PASSES = 20;

/** What drives a step: a heater, or a held temperature; losses; steam let out. */
export interface Drive {
  /** Net power of the heater, W; null to hold the liquid where it is. */
  readonly powerW: number | null;
  readonly lossWPerK: number;
  /** Steam leaving at a liquid temperature, kg/s. */
  readonly steam?: (celsius: number) => number;
}

/** What a step did, averaged over it. */
export interface Moved {
  /** W; the power needed when the liquid was held. */
  powerW: number;
  lossW: number;
  steamKgS: number;
}

export class PotSystem {
  liquidC: number;
  liquidKg = 0;
  steamKg = 0;
  seconds = 0;
  readonly bodies: Body[] = [];
  readonly trace: Trace = { s: [], liquidC: [], gaugeKPa: [], step: [], phase: [], steamKg: [] };
  readonly items: Record<string, ItemTrace> = {};
  readonly energy = { intoJ: 0, storedJ: 0, lostJ: 0, steamJ: 0, addedJ: 0 };
  #liquidHeat = 0;
  #startC = 0;
  readonly #coupling: Coupling = { slope: 0, offset: 0 };

  constructor(
    readonly pot: HeatPot,
    readonly air: Air,
    itemIds: readonly string[],
  ) {
    this.liquidC = air.ambientC;
    for (const id of itemIds) this.items[id] = { centreC: [], surfaceC: [] };
    this.energy.addedJ = this.#stored();
  }

  /** Heat capacity of liquid, pot and lid, J/K. */
  get capacity(): number {
    return this.#liquidHeat + this.pot.bodyJPerK;
  }

  /** Everything in the pot above 0 C, J. */
  #stored(): number {
    return this.bodies.reduce((sum, b) => sum + storedHeat(b), this.capacity * this.liquidC);
  }

  put(item: HeatItem): void {
    if (item.massKg <= 0) return;
    if (item.shape) {
      const body = makeBody(item.id, item.massKg, item.composition, item.shape, item.startC);
      this.bodies.push(body);
      this.energy.addedJ += storedHeat(body);
      return;
    }
    const heat = item.massKg * thermalProperties(item.composition, 60).heat;
    this.energy.addedJ += heat * item.startC;
    this.liquidC = (this.capacity * this.liquidC + heat * item.startC) / (this.capacity + heat);
    this.#liquidHeat += heat;
    this.liquidKg += item.massKg;
  }

  take(id: string): void {
    const at = this.bodies.findIndex((b) => b.id === id);
    const body = this.bodies[at];
    if (!body) return;
    this.energy.addedJ -= storedHeat(body);
    this.bodies.splice(at, 1);
  }

  #add(body: Body, substep: number, guess: number, sum: Coupling): void {
    couple(body, substep, guess, this.#coupling);
    sum.slope += this.#coupling.slope;
    sum.offset += this.#coupling.offset;
  }

  /** One implicit stage; leaves liquid and bodies at its end and returns what flowed. */
  #stage(substep: number, fromC: number, drive: Drive, moved: Moved): number {
    const { ambientC } = this.air;
    const steamNow = drive.steam ? drive.steam(fromC) : 0;
    const steamSlope = drive.steam ? (drive.steam(fromC + 0.05) - steamNow) / 0.05 : 0;
    const latent = drive.steam ? latentHeat(fromC) : 0;
    const inertia = this.capacity / substep;
    const held = drive.powerW === null;
    const plain = { slope: 0, offset: 0 };
    let freezing = false;
    for (const body of this.bodies) {
      if (isFreezing(body)) freezing = true;
      else this.#add(body, substep, this.liquidC, plain);
    }
    let guess = held ? this.#startC : this.liquidC;
    let next = guess;
    // Only bodies with ice answer differently at another liquid temperature than expected.
    for (let pass = 0; pass < (freezing ? MELT_PASSES : 1); pass++) {
      const all = { ...plain };
      for (const body of this.bodies) if (isFreezing(body)) this.#add(body, substep, guess, all);
      if (held) {
        next = this.#startC;
        moved.powerW =
          inertia * (next - fromC) +
          drive.lossWPerK * (next - ambientC) +
          all.slope * next -
          all.offset;
        break;
      }
      moved.powerW = drive.powerW ?? 0;
      next =
        (inertia * fromC +
          moved.powerW +
          drive.lossWPerK * ambientC +
          all.offset -
          latent * (steamNow - steamSlope * fromC)) /
        (inertia + drive.lossWPerK + all.slope + latent * steamSlope);
      if (Math.abs(next - guess) < 0.01) break;
      guess = pass < 4 ? next : (next + guess) / 2;
    }
    moved.lossW = drive.lossWPerK * (next - ambientC);
    moved.steamKgS = steamNow + steamSlope * (next - fromC);
    for (const body of this.bodies) settle(body, substep, next);
    return next;
  }

  /**
   * Moves on by a time step. With `until`, stops where the liquid crosses that temperature.
   *
   * @param seconds length of the step, s
   * @param until C, or null
   * @returns what flowed on average, and how long the step really was
   */
  step(seconds: number, drive: Drive, until: number | null = null): Moved & { seconds: number } {
    this.#startC = this.liquidC;
    for (const body of this.bodies) remember(body);
    let length = seconds;
    let done = this.#try(length, drive);
    if (until !== null) {
      // Two secant corrections land within a hundredth of a degree of a smooth crossing.
      for (let i = 0; i < 3; i++) {
        const before = this.#startC - until;
        const after = this.liquidC - until;
        if (before * after > 0 || Math.abs(after) < 0.01 || before === after) break;
        length *= before / (before - after);
        this.#rewind();
        done = this.#try(Math.max(length, 1e-3), drive);
        length = Math.max(length, 1e-3);
      }
    }
    this.#book(done, length);
    return { ...done, seconds: length };
  }

  #rewind(): void {
    this.liquidC = this.#startC;
    for (const body of this.bodies) rewind(body);
  }

  #try(seconds: number, drive: Drive): Moved {
    const substep = GAMMA * seconds;
    const first: Moved = { powerW: 0, lossW: 0, steamKgS: 0 };
    const second: Moved = { powerW: 0, lossW: 0, steamKgS: 0 };
    const stage = this.#stage(substep, this.#startC, drive, first);
    for (const body of this.bodies) stretch(body, STRETCH);
    this.liquidC = stage;
    const from = this.#startC + STRETCH * (stage - this.#startC);
    this.liquidC = this.#stage(substep, from, drive, second);
    const mean = (a: number, b: number): number => (1 - GAMMA) * a + GAMMA * b;
    return {
      powerW: mean(first.powerW, second.powerW),
      lossW: mean(first.lossW, second.lossW),
      steamKgS: mean(first.steamKgS, second.steamKgS),
    };
  }

  #book(done: Moved, seconds: number): void {
    this.seconds += seconds;
    this.energy.intoJ += done.powerW * seconds;
    this.energy.lostJ += done.lossW * seconds;
    this.energy.steamJ += done.steamKgS * seconds * latentHeat(this.liquidC);
    this.vent(done.steamKgS * seconds, false);
  }

  /**
   * Takes steam out of the liquid.
   *
   * @param kg steam
   * @param heated whether its latent heat was supplied on top of the booked power
   */
  vent(kg: number, heated = true): void {
    const gone = Math.min(kg, this.liquidKg);
    this.liquidKg -= gone;
    this.steamKg += gone;
    this.#liquidHeat = Math.max(0, this.#liquidHeat - gone * WATER_HEAT);
    // What leaves takes its own warmth along; that is neither lost nor kept.
    this.energy.addedJ -= gone * WATER_HEAT * this.liquidC;
    if (heated) {
      const latent = gone * latentHeat(this.liquidC);
      this.energy.intoJ += latent;
      this.energy.steamJ += latent;
    }
  }

  /** Adds the present moment to the trace. */
  sample(step: number, phase: Phase, gaugeKPa: number): void {
    const { trace } = this;
    trace.s.push(this.seconds);
    trace.liquidC.push(this.liquidC);
    trace.gaugeKPa.push(gaugeKPa);
    trace.step.push(step);
    trace.phase.push(phase);
    trace.steamKg.push(this.steamKg);
    const length = trace.s.length;
    for (const body of this.bodies) {
      const item = this.items[body.id];
      if (!item) continue;
      while (item.centreC.length < length - 1) {
        item.centreC.push(Number.NaN);
        item.surfaceC.push(Number.NaN);
      }
      item.centreC.push(centreC(body));
      item.surfaceC.push(surfaceC(body, this.liquidC));
    }
  }

  close(): void {
    this.energy.storedJ = this.#stored();
    for (const item of Object.values(this.items))
      while (item.centreC.length < this.trace.s.length) {
        item.centreC.push(Number.NaN);
        item.surfaceC.push(Number.NaN);
      }
  }
}
