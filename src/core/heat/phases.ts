/**
 * The phases of a cook: how each drives the pot, and when it ends.
 *
 * A sealed pot's pressure is that of saturated steam at the liquid's temperature; its air has
 * been driven out before it sealed. While anything wet is in an open pot, nothing in it passes
 * the boiling point: the surplus of the heater leaves as steam.
 */
import { latentHeat, saturationPressure, saturationTemperature } from '../water';
import { steamFlow } from '../release';
import { openEvaporation, openLoss } from './evaporation';
import type { PotSystem } from './system';
import type { Drive, Phase } from './types';

/** Gauge pressure at which the pin drops, kPa (brief: natural release ends below 3 kPa). */
export const PIN_DROPS_KPA = 3;
/** Gauge pressure at which an open valve is quiet, kPa (assumed). */
const QUIET_KPA = 0.5;
/** A liquid this much hotter than its target first gives its heat to what is cold, C. */
const ABOVE_C = 0.5;
/** A bottom without water scorches what lies on it, and pots switch themselves off, C (assumed). */
const SCORCH_C = 150;
/** A pan on saute is kept at this, C (assumed, 160 to 200). */
const PAN_C = 180;
/** Share of the power that boils water off what is browned, in portions, rather than warm it (assumed). */
const BROWNING_SHARE = 0.5;
/** Pieces in more liquid than this stew and do not brown, kg (assumed). */
const STEWING_KG = 0.15;
/** Power spent on steam while a regulator rocks, W (assumed). */
const REGULATOR_W = 100;
/** Power spent on steam in a gentle simmer, W (assumed: about 0.4 kg/h, near what still air takes). */
const SIMMER_W = 250;
/** A pot that takes longer than this to come to temperature never will, s. */
const PATIENCE_S = 4 * 3600;
/** Time after which a held pot changes slowly, s. */
const SETTLING_S = 300;
/** Heat loss with cold water over the lid, W/K (assumed). */
export const COLD_WATER_W_PER_K = 25;
/** Where an electric pot keeps what it has cooked, C (common practice, 70 to 75). */
export const KEEPS_WARM_C = 72;
/** Mole of gas in a litre at a kelvin and a pascal: 1e-3 / 8.314. */
const MOL_PER_PA_L = 1.2028e-4;
const STEAM_KG_PER_MOL = 0.018015;
const KELVIN = 273.15;

export interface Pace {
  /** Time step of slow phases, s. */
  readonly stepS: number;
}

export class Phases {
  readonly boilC: number;
  /** When the pot ran dry in the present step, s; null if it did not. */
  scorchedS: number | null = null;
  /** Air left in the head space as it sealed, Pa at the boiling point. */
  #airPa = 0;

  constructor(
    readonly system: PotSystem,
    readonly pace: Pace,
  ) {
    this.boilC = saturationTemperature(system.air.pressurePa);
  }

  /** Heater at full, W into the contents. */
  get #full(): number {
    return this.system.pot.powerW * this.system.pot.efficiency;
  }

  gauge(): number {
    const { liquidC, air } = this.system;
    const vapour = saturationPressure(Math.max(0.01, liquidC));
    return Math.max(0, (vapour + this.#airAt(liquidC) - air.pressurePa) / 1000);
  }

  /** Pressure of the air that was shut in, Pa. */
  #airAt(celsius: number): number {
    return (this.#airPa * (celsius + KELVIN)) / (this.boilC + KELVIN);
  }

  /** Where the sealed pot has a gauge pressure: air that was shut in takes its part (Dalton). */
  #sealedAt(gaugeKPa: number): number {
    const total = this.system.air.pressurePa + gaugeKPa * 1000;
    const alone = saturationTemperature(total);
    return this.#airPa > 0 ? saturationTemperature(total - this.#airAt(alone)) : alone;
  }

  #sample(step: number, phase: Phase, sealed: boolean): void {
    this.system.sample(step, phase, sealed ? this.gauge() : 0);
  }

  /** Lid off: the loss through the wall stays, the surface evaporates, convects and radiates. */
  #open(powerW: number | null): Drive {
    const { pot, air, liquidC } = this.system;
    return {
      powerW,
      lossWPerK: this.#openLoss(liquidC),
      steam: (t) =>
        this.system.isWet ? openEvaporation(Math.min(t, this.boilC), air, pot.surfaceM2) : 0,
    };
  }

  #openLoss(celsius: number): number {
    const { pot, air } = this.system;
    return pot.lossWPerK + openLoss(celsius, air, pot.surfaceM2);
  }

  /**
   * Heats to a temperature of the liquid. A pot without liquid gets hotter until its foods have
   * given enough, or until it scorches.
   *
   * @returns s taken, and whether it got there
   */
  #heatTo(target: number, step: number, phase: Phase, sealed: boolean) {
    const { system, pace } = this;
    const start = system.seconds;
    const lidOn: Drive = { powerW: this.#full, lossWPerK: system.pot.lossWPerK };
    const taken = (reached: boolean) => ({ seconds: system.seconds - start, reached });
    while (!system.isWet || system.liquidC < target - 0.01 || system.liquidC > target + ABOVE_C) {
      if (!system.isWet && system.liquidC >= SCORCH_C) {
        this.scorchedS = system.seconds;
        return taken(false);
      }
      if (system.seconds - start > PATIENCE_S) return taken(false);
      const before = system.liquidC;
      const drive = phase === 'simmer' ? this.#open(this.#full) : lidOn;
      system.step(pace.stepS, drive, system.isWet && before < target ? target : null);
      // First juices on a hot bottom: their steam warms the cold food; what it cannot take leaves.
      if (before > target && system.liquidC >= before) this.#boilDownTo(target);
      this.#sample(step, phase, sealed);
    }
    return taken(true);
  }

  /** Keeps the liquid at a temperature for a time; lets it sag when cold pieces draw too much. */
  #keep(
    target: number,
    seconds: number,
    step: number,
    phase: Phase,
    surplusW: number,
    sealed: boolean,
  ): void {
    const { system, pace } = this;
    const lidOff = phase === 'simmer' || phase === 'saute';
    const lossWPerK = lidOff ? this.#openLoss(target) : system.pot.lossWPerK;
    const begin = system.seconds;
    const end = begin + seconds;
    while (system.seconds < end - 1e-6) {
      // Once the pieces have caught up little changes; the scheme is exact enough at long steps.
      const pacing = system.seconds - begin < SETTLING_S ? 1 : 3;
      const length = Math.min(pace.stepS * pacing, end - system.seconds);
      if (system.liquidC < target - 0.02)
        system.step(length, { powerW: this.#full, lossWPerK }, target);
      else {
        const drive = { powerW: null, mostW: this.#full, lossWPerK };
        const done = system.step(length, drive);
        const surplus = Math.min(surplusW, this.#full - Math.max(0, done.powerW));
        if (surplus > 0) {
          system.vent((surplus * done.seconds) / latentHeat(system.liquidC));
          if (!system.isWet) this.scorchedS ??= system.seconds;
        }
      }
      this.#sample(step, phase, sealed);
    }
  }

  /** From whatever it is to the pressure of a setting, and on to where the countdown begins. */
  warmUp(step: number, gaugeKPa: number) {
    const { system } = this;
    this.#airPa = 0;
    const first = this.#heatTo(this.boilC, step, 'warm-up', false);
    if (!first.reached) return { ...first, targetC: this.#sealedAt(gaugeKPa) };
    const start = system.seconds;
    const sealed = this.#seal(step);
    const targetC = this.#sealedAt(gaugeKPa);
    const { reached } = sealed ? this.#heatTo(targetC, step, 'warm-up', true) : { reached: false };
    if (reached) this.#keep(targetC, system.pot.lagS, step, 'warm-up', 0, true);
    return { seconds: first.seconds + system.seconds - start, reached, targetC };
  }

  /**
   * Blows steam until the pin rises; what blows takes the air of the head space along, well mixed.
   *
   * @returns false when the water does not last
   */
  #seal(step: number): boolean {
    const { system, pace } = this;
    const steam = (system.pot.sealS * this.#full) / latentHeat(this.boilC);
    const blown = system.steamKg + steam;
    const gas = (MOL_PER_PA_L * system.air.pressurePa * system.headL) / (this.boilC + KELVIN);
    this.#airPa = system.air.pressurePa * Math.exp(-steam / STEAM_KG_PER_MOL / gas);
    const patience = system.seconds + PATIENCE_S;
    while (system.steamKg < blown - 1e-6) {
      if (!system.isWet || system.seconds > patience) {
        this.scorchedS ??= system.isWet ? null : system.seconds;
        return false;
      }
      // Cold pieces draw on the power first; what they leave is steam.
      const left = (blown - system.steamKg) * latentHeat(this.boilC);
      const seconds = Math.min(pace.stepS, Math.max(1, left / this.#full));
      this.#keep(this.boilC, seconds, step, 'warm-up', this.#full, false);
    }
    return true;
  }

  hold(step: number, targetC: number, minutes: number): void {
    const surplus = this.system.pot.kind === 'stovetop' ? REGULATOR_W : 0;
    this.#keep(targetC, minutes * 60, step, 'hold', surplus, true);
  }

  /** Lets the pot cool shut until the pin drops, or for a time. @returns true when the pin dropped */
  natural(step: number, limitS: number, lossWPerK = this.system.pot.lossWPerK): boolean {
    const { system, pace } = this;
    const quiet = this.#sealedAt(PIN_DROPS_KPA);
    const end = system.seconds + limitS;
    while (system.liquidC > quiet + 0.01 && system.seconds < end - 1e-6) {
      const length = Math.min(pace.stepS * 3, end - system.seconds);
      system.step(length, { powerW: 0, lossWPerK }, quiet);
      this.#sample(step, 'release', true);
    }
    return system.liquidC <= quiet + 0.01;
  }

  coldWater(step: number): void {
    this.natural(step, 3600, COLD_WATER_W_PER_K);
  }

  /**
   * Opens the valve until it is quiet.
   *
   * @param duty share of the time it is open
   */
  quick(step: number, duty: number): void {
    const { system } = this;
    const { pressurePa } = system.air;
    const quiet = saturationTemperature(pressurePa + QUIET_KPA * 1000);
    const drive: Drive = {
      powerW: 0,
      lossWPerK: system.pot.lossWPerK,
      steam: (t) => duty * steamFlow(t, pressurePa, system.pot.valve),
    };
    const end = system.seconds + 3600;
    while (system.liquidC > quiet + 0.01 && system.seconds < end) {
      system.step(Math.min(4, this.pace.stepS), drive, quiet);
      this.#sample(step, 'release', true);
    }
  }

  /** Lid off: what is above the boiling point boils down to it at once. */
  openLid(): void {
    this.#boilDownTo(this.boilC);
  }

  #boilDownTo(celsius: number): void {
    const { system } = this;
    const above = system.liquidC - celsius;
    if (above <= 0 || system.waterKg <= 0) return;
    const latent = latentHeat(celsius);
    const steam = system.vent((system.capacity * above) / latent, false);
    system.energy.steamJ += steam * latent;
    system.liquidC -= (steam * latent) / system.capacity;
  }

  /**
   * Heater off, lid off (open, strain, cool, prep) or on (rest).
   *
   * @param keepsWarm whether a thermostat catches it on the way down
   */
  stand(step: number, phase: Phase, minutes: number, lidOn: boolean, keepsWarm = false): void {
    const { system, pace } = this;
    const end = system.seconds + minutes * 60;
    while (system.seconds < end - 1e-6) {
      const length = Math.min(pace.stepS * (minutes > 60 ? 4 : 1), end - system.seconds);
      const caught = keepsWarm && system.liquidC >= KEEPS_WARM_C - 0.01;
      const drive = lidOn ? { powerW: 0, lossWPerK: system.pot.lossWPerK } : this.#open(0);
      if (caught && system.liquidC <= KEEPS_WARM_C + 0.01)
        system.step(length, { ...drive, powerW: null, mostW: this.#full });
      else system.step(length, drive, caught ? KEEPS_WARM_C : null);
      this.openLid();
      this.#sample(step, phase, false);
    }
  }

  /**
   * Browns in the open pot. Juices boil off as they come, so that the pan stays at the boiling
   * point while there is water and gets hotter, up to its thermostat, when there is none.
   */
  brown(step: number, minutes: number): void {
    const { system, pace } = this;
    const end = system.seconds + minutes * 60;
    while (system.seconds < end - 1e-6) {
      const length = Math.min(pace.stepS, end - system.seconds);
      const lossWPerK = this.#openLoss(system.liquidC);
      this.openLid();
      if (system.liquidC >= PAN_C - 0.01) this.#keep(PAN_C, length, step, 'saute', 0, false);
      else {
        const hot = system.liquidC > this.boilC - 10 && system.waterKg < STEWING_KG;
        const watts = hot ? BROWNING_SHARE * this.#full : 0;
        const latent = latentHeat(this.boilC);
        const dried = watts > 0 ? (system.dryOff((watts * length) / latent) * latent) / length : 0;
        system.step(length, { powerW: this.#full - dried, lossWPerK }, PAN_C);
        this.openLid();
        this.#sample(step, 'saute', false);
      }
    }
  }

  /** Open pot on the heat: up to the boil, then a time at it. @returns s until it boils */
  boil(step: number, minutes: number) {
    const warm = this.#heatTo(this.boilC, step, 'simmer', false);
    if (warm.reached) this.#keep(this.boilC, minutes * 60, step, 'simmer', SIMMER_W, false);
    return warm;
  }
}
