/**
 * A cook on its way: the pot, the step it is in, and what the legs of a step have in common.
 *
 * A sealed pot's pressure is that of saturated steam at the liquid's temperature, and of what air was
 * shut in. While anything wet is in an open pot, nothing in it passes the boiling point: the surplus
 * of the heater leaves as steam.
 */
import { latentHeat, saturationPressure, saturationTemperature, WATER_HEAT } from '../water';
import type { Heater, SealingLid } from '../vessel';
import { openEvaporation, openLoss } from './evaporation';
import type { Place, StepNow } from './state';
import { DRY_KG, type PotSystem } from './system';
import type { Drive, HeatStep, Phase } from './types';

/** A liquid this much hotter than its target first gives its heat to what is cold, C. */
const ABOVE_C = 0.5;
/** A bottom without water scorches what lies on it, and pots switch themselves off, C (assumed). */
const SCORCH_C = 150;
/** A pot that takes longer than this to come to temperature never will, s. */
export const PATIENCE_S = 4 * 3600;
const KELVIN = 273.15;
/** Two moments nearer than this are one, s. */
export const SAME_S = 1e-6;
/** Shortest time step in the search for a moment, s. */
export const LEAST_S = 0.05;
/** A liquid this near its target is there, C. */
export const NEAR_C = 2e-4;

/** How a leg ends: what is next begins, or nothing in its step can follow. */
export type Over = 'leg' | 'step' | 'failed' | null;

export class Cooking {
  readonly boilC: number;
  place: { -readonly [K in keyof Place]: Place[K] };

  constructor(
    readonly system: PotSystem,
    readonly steps: readonly HeatStep[],
    place: Place,
    /** Time step of slow phases, s. */
    readonly stepS: number,
    /** When the run is cut, s from the start. */
    readonly untilS: number,
  ) {
    this.boilC = system.boilC;
    this.place = { ...place };
  }

  /** @throws RangeError where no step is on its way */
  get now(): StepNow {
    const { now } = this.place;
    if (!now) throw new RangeError('no step is on its way');
    return now;
  }

  note(more: Partial<StepNow>): void {
    this.place.now = { ...this.now, ...more };
  }

  get step(): HeatStep {
    const step = this.steps[this.place.step];
    if (!step) throw new RangeError(`the plan has no step ${this.place.step}`);
    return step;
  }

  /** s since the leg began */
  get sinceS(): number {
    return this.system.seconds - this.place.beganS;
  }

  /** @throws RangeError for a vessel that is not heated */
  get heater(): Heater {
    const { heater } = this.system.vessel;
    if (!heater) throw new RangeError('this vessel has no heater');
    return heater;
  }

  /** @throws RangeError for a vessel that holds no pressure */
  get lid(): SealingLid {
    const { lid } = this.system.vessel;
    if (!lid) throw new RangeError('this vessel holds no pressure');
    return lid;
  }

  /** Heater at full, W into the contents. */
  get fullW(): number {
    return this.heater.powerW * this.heater.efficiency;
  }

  /** Pressure of the air that was shut in, Pa. */
  #airAt(celsius: number): number {
    return (this.place.airPa * (celsius + KELVIN)) / (this.boilC + KELVIN);
  }

  gauge(): number {
    const { liquidC, air } = this.system;
    const vapour = saturationPressure(Math.max(0.01, liquidC));
    return Math.max(0, (vapour + this.#airAt(liquidC) - air.pressurePa) / 1000);
  }

  /**
   * Temperature at which the sealed pot has a gauge pressure, with the partial pressure of the air shut in
   * (Dalton).
   */
  sealedAt(gaugeKPa: number): number {
    const total = this.system.air.pressurePa + gaugeKPa * 1000;
    const alone = saturationTemperature(total);
    return this.place.airPa > 0 ? saturationTemperature(total - this.#airAt(alone)) : alone;
  }

  sample(phase: Phase, sealed: boolean): void {
    this.system.sample(this.place.step, phase, sealed ? this.gauge() : 0);
  }

  /** Lid off: the loss through the wall stays, the surface evaporates, convects and radiates. */
  open(powerW: number | null): Drive {
    const { vessel, air, liquidC } = this.system;
    return {
      powerW,
      lossWPerK: this.openLoss(liquidC),
      steam: (t) =>
        this.system.isWet ? openEvaporation(Math.min(t, this.boilC), air, vessel.surfaceM2) : 0,
    };
  }

  openLoss(celsius: number): number {
    const { vessel, air } = this.system;
    return vessel.lossWPerK + openLoss(celsius, air, vessel.surfaceM2);
  }

  /**
   * The time that passes next: a whole step, the rest of one that was cut, or up to the cut.
   *
   * @param wholeS length of the step if nothing cuts it, s
   */
  span(wholeS: number): number {
    const asked = this.place.owedS > 0 ? this.place.owedS : wholeS;
    const seconds = Math.min(asked, this.untilS - this.system.seconds);
    this.place.owedS = asked - seconds > SAME_S ? asked - seconds : 0;
    return seconds;
  }

  /**
   * One time step.
   *
   * @param seconds what `span` gave
   * @param until temperature of the liquid at which it ends, C, or null
   */
  advance(seconds: number, drive: Drive, until: number | null): void {
    this.#passed(seconds, this.system.step(seconds, drive, until).seconds);
  }

  /** A time step of a leg, cut where the run is. */
  pass(wholeS: number, drive: Drive, until: number | null = null): void {
    this.advance(this.span(wholeS), drive, until);
  }

  /** A step that ended before its time owes nothing: it was not the cut that ended it. */
  #passed(asked: number, seconds: number): void {
    if (seconds < asked - SAME_S) this.place.owedS = 0;
  }

  /**
   * Whether heating to a temperature of the liquid is over. A pot without liquid gets hotter until its
   * foods have given enough, or until it scorches.
   */
  heated(targetC: number): Over {
    const { system } = this;
    const there =
      system.isWet && system.liquidC >= targetC - NEAR_C && system.liquidC <= targetC + ABOVE_C;
    if (there) return 'leg';
    if (!system.isWet && system.liquidC >= SCORCH_C - NEAR_C) {
      this.note({ scorchedS: system.seconds });
      return 'failed';
    }
    return this.sinceS > PATIENCE_S ? 'failed' : null;
  }

  heat(targetC: number, phase: Phase, sealed: boolean, drive: Drive): void {
    const { system } = this;
    const before = system.liquidC;
    const dryUntil = before < SCORCH_C - NEAR_C ? SCORCH_C : null;
    const wetUntil = before < targetC ? targetC : null;
    this.pass(this.stepS, drive, system.isWet ? wetUntil : dryUntil);
    // First juices on a hot bottom: their steam warms the cold food; what it cannot take leaves.
    if (before > targetC && system.liquidC >= before) this.boilDownTo(targetC);
    this.sample(phase, sealed);
  }

  /**
   * Keeps the liquid at a temperature for a time step; lets it sag when cold pieces draw too much.
   *
   * @param surplusW power that goes into steam, as far as there is any left
   * @returns s that passed: fewer where it came back to the temperature
   */
  #keep(targetC: number, seconds: number, surplusW: number, lossWPerK: number): number {
    const { system, fullW } = this;
    if (system.liquidC < targetC - 0.02)
      return system.step(seconds, { powerW: fullW, lossWPerK }, targetC).seconds;
    const done = system.step(seconds, { powerW: null, mostW: fullW, lossWPerK });
    const surplus = Math.min(surplusW, fullW - Math.max(0, done.powerW));
    if (surplus <= 0) return done.seconds;
    const before = system.waterKg;
    system.vent((surplus * done.seconds) / latentHeat(system.liquidC));
    if (!system.isWet && this.now.scorchedS === null) {
      // The bottom was bare from the moment on at which its last water boiled off.
      const wetS = (done.seconds * Math.max(0, before - DRY_KG)) / (before - system.waterKg || 1);
      this.note({ scorchedS: system.seconds - done.seconds + wetS });
    }
    return done.seconds;
  }

  /** Keeps a temperature for one time step of a leg. */
  keep(targetC: number, wholeS: number, surplusW: number, lossWPerK: number): void {
    const seconds = this.span(wholeS);
    this.#passed(seconds, this.#keep(targetC, seconds, surplusW, lossWPerK));
  }

  /** Keeps a temperature for a time, not counting the time to return to it. */
  keepFor(targetC: number, wholeS: number, surplusW: number, phase: Phase): void {
    const { system } = this;
    const end = system.seconds + this.span(wholeS);
    const lossWPerK = phase === 'saute' ? this.openLoss(targetC) : system.vessel.lossWPerK;
    while (system.seconds < end - SAME_S) {
      const length = Math.min(this.stepS, end - system.seconds);
      this.#keep(targetC, length, surplusW, lossWPerK);
      this.sample(phase, false);
    }
  }

  /** Lid off: what is above the boiling point boils down to it at once. */
  openLid(): void {
    this.boilDownTo(this.boilC);
  }

  boilDownTo(celsius: number): void {
    const { system } = this;
    const above = system.liquidC - celsius;
    if (above <= 0 || system.waterKg <= 0) return;
    const latent = latentHeat(celsius);
    // Foods that leave take their own heat along.
    const steam = system.vent((system.capacity * above) / (latent + WATER_HEAT * above), false);
    system.energy.steamJ += steam * latent;
    system.liquidC -= (steam * latent) / system.capacity;
  }
}
