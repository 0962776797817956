/**
 * The pot: one node for free liquid, inner pot and lid, coupled to the bodies in it.
 *
 * Time scheme: SDIRK2 (Alexander 1977), two implicit stages of one substep, second order and
 * L-stable; the second stage starts from the first one's change stretched. Heat that crosses
 * each boundary is booked with the scheme's own weights, so the balance closes by construction
 * of the equations, not by adjustment.
 */
import { normalise, thermalProperties } from '../food';
import { latentHeat, saturationPressure, WATER_HEAT } from '../water';
import { isFreezing, makeBody, remember, rewind, storedHeat, wet, type Body } from './body';
import { couple, settle, stretch, type Coupling } from './conduct';
import { Waters } from './exchange';
import { Recorder } from './record';
import type { Air, Drive, HeatItem, HeatPot, Moved, Phase } from './types';

const GAMMA = 1 - Math.SQRT1_2;
/** How far the first stage's change is carried before the second. */
const STRETCH = (1 - GAMMA) / GAMMA;

/** Rounds between the liquid and bodies with ice at the most. */
const MELT_PASSES = 20;

/** A pot with less water than this is dry: its bottom is no longer covered, kg (assumed). */
const DRY_KG = 0.02;
/** Pieces on a hot dry bottom, W/(m2 K) of bottom (assumed; contact, 100 to 500). */
const CONTACT = 250;
/** Between pieces that lie in a heap, the share that liquid can fill (assumed packing of 0.6). */
const PORES = 0.4 / 0.6;
/**
 * How steeply air in the vapour hinders steam from settling on what stands out of the liquid: the
 * film falls with this power of the vapour's share (assumed; air blankets, e.g. Incropera ch. 10).
 */
const BLANKET = 4;
/** Changes of the film below this are let pass. */
const FILM_STEP = 0.02;

export class PotSystem {
  liquidC: number;
  /** Free water, kg. */
  waterKg = 0;
  /** Other things dissolved or afloat in the liquid, kg. */
  otherKg = 0;
  steamKg = 0;
  seconds = 0;
  readonly bodies: Body[] = [];
  readonly record: Recorder;
  readonly energy = { intoJ: 0, storedJ: 0, lostJ: 0, steamJ: 0, addedJ: 0 };
  readonly #waters = new Waters();
  #liquidHeat = 0;
  #startC = 0;
  readonly #coupling: Coupling = { slope: 0, offset: 0 };

  constructor(
    readonly pot: HeatPot,
    readonly air: Air,
    itemIds: readonly string[],
  ) {
    this.liquidC = air.ambientC;
    this.record = new Recorder(itemIds);
    this.energy.addedJ = this.#stored();
  }

  /** Heat capacity of liquid, pot and lid, J/K. */
  get capacity(): number {
    return this.#liquidHeat + this.pot.bodyJPerK;
  }

  /** Whether there is water enough to carry heat and make steam. */
  get isWet(): boolean {
    return this.waterKg > DRY_KG;
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
      if (item.exchange) this.#waters.put(body, item.exchange);
      this.#waters.changed();
      this.energy.addedJ += storedHeat(body);
      return;
    }
    const heat = item.massKg * thermalProperties(item.composition, 60).heat;
    this.energy.addedJ += heat * item.startC;
    this.liquidC = (this.capacity * this.liquidC + heat * item.startC) / (this.capacity + heat);
    this.#liquidHeat += heat;
    const water = item.massKg * normalise(item.composition).water;
    this.waterKg += water;
    this.otherKg += item.massKg - water;
  }

  /** Takes a body out, or as much liquid as was put in with an item and is still there. */
  take(item: HeatItem): void {
    const at = this.bodies.findIndex((b) => b.id === item.id);
    const body = this.bodies[at];
    if (body) {
      this.#carry(true);
      this.energy.addedJ -= storedHeat(body);
      this.bodies.splice(at, 1);
      this.#waters.changed();
      return;
    }
    if (item.shape) return;
    const share = Math.min(1, item.massKg / Math.max(1e-9, this.waterKg + this.otherKg));
    this.energy.addedJ -= share * this.#liquidHeat * this.liquidC;
    this.#liquidHeat *= 1 - share;
    this.waterKg *= 1 - share;
    this.otherKg *= 1 - share;
  }

  /** Pours all liquid off; it takes its heat along, the pot and what is solid keep theirs. */
  pour(): void {
    this.#carry(true);
    this.energy.addedJ -= this.#liquidHeat * this.liquidC;
    this.#liquidHeat = 0;
    this.waterKg = 0;
    this.otherKg = 0;
  }

  /** Water moves between foods and liquid while a time passes. */
  #exchange(seconds: number): void {
    const bottomC = this.isWet ? null : this.liquidC;
    this.waterKg = this.#waters.pass(this.bodies, seconds, bottomC, this.waterKg);
    this.#carry(false);
  }

  /**
   * Boils water off the surfaces of foods that have juice to give.
   *
   * @param kg as much as there is heat for
   * @returns kg that left; its latent heat was supplied on top of the booked power
   */
  dryOff(kg: number): number {
    const taken = this.#waters.dryOff(this.bodies, kg);
    this.waterKg += taken;
    this.#carry(false);
    return this.vent(taken);
  }

  #carry(all: boolean): void {
    const before = this.capacity;
    const after = this.#waters.carry({ capacity: before, celsius: this.liquidC }, all);
    this.#liquidHeat += after.capacity - before;
    this.liquidC = after.celsius;
  }

  /** Head space over what is in the pot, taken as dense as water, L. */
  get headL(): number {
    const kg = this.bodies.reduce((sum, b) => sum + b.massKg, this.waterKg + this.otherKg);
    return Math.max(0.05 * this.pot.capacityL, this.pot.capacityL - kg);
  }

  /**
   * How much of the film reaches the pieces: all of it in liquid and in steam; of what stands out
   * of the liquid, as much as steam settles there. In a dry pot only what lies on the bottom gets
   * heat.
   */
  #cover(): void {
    let films = 0;
    let solidKg = 0;
    for (const body of this.bodies) {
      films += body.wetFilm;
      solidKg += body.massKg;
    }
    const bottom = Math.min(1, (CONTACT * this.pot.surfaceM2) / films);
    let share = bottom;
    if (this.isWet) {
      const under = Math.min(1, (this.waterKg + this.otherKg) / (PORES * solidKg));
      share = under;
      if (under < 1) {
        const vapour = saturationPressure(Math.max(0.01, this.liquidC)) / this.air.pressurePa;
        const above = Math.min(1, vapour) ** BLANKET;
        const exact = Math.max(bottom, under + (1 - under) * above);
        share = Math.min(1, Math.ceil(exact / FILM_STEP) * FILM_STEP);
      }
    }
    for (const body of this.bodies) wet(body, share);
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
    this.#cover();
    this.#startC = this.liquidC;
    for (const body of this.bodies) remember(body);
    let length = seconds;
    let done = this.#try(length, drive);
    if (drive.powerW === null && drive.mostW !== undefined && done.powerW > drive.mostW) {
      // The heater cannot keep up: the liquid sags.
      this.#rewind();
      done = this.#try(length, { ...drive, powerW: drive.mostW });
    }
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
    const asked = done.steamKgS * seconds;
    if (asked > 0) {
      const latent = latentHeat(this.liquidC);
      const gone = this.vent(asked, false);
      this.energy.steamJ += gone * latent;
      // There was less water than the step boiled off: that heat has not left.
      if (gone < asked) this.liquidC += ((asked - gone) * latent) / this.capacity;
    }
    this.#exchange(seconds);
  }

  /**
   * Takes steam out of the liquid.
   *
   * @param kg steam
   * @param heated whether its latent heat was supplied on top of the booked power
   * @returns what left, kg: no more than there is
   */
  vent(kg: number, heated = true): number {
    const gone = Math.min(kg, this.waterKg);
    this.waterKg -= gone;
    this.steamKg += gone;
    this.#liquidHeat -= gone * WATER_HEAT;
    // What leaves takes its own warmth along; that is neither lost nor kept.
    this.energy.addedJ -= gone * WATER_HEAT * this.liquidC;
    if (heated) {
      const latent = gone * latentHeat(this.liquidC);
      this.energy.intoJ += latent;
      this.energy.steamJ += latent;
    }
    return gone;
  }

  /** Adds the present moment to the trace. */
  sample(step: number, phase: Phase, gaugeKPa: number): void {
    const { seconds, liquidC, steamKg } = this;
    const moved = (id: string): number => this.#waters.moved(id);
    this.record.add({ seconds, liquidC, steamKg, step, phase, gaugeKPa }, this.bodies, moved);
  }

  close(): void {
    this.#carry(true);
    this.energy.storedJ = this.#stored();
    this.record.close();
  }
}
