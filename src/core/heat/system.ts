/**
 * The pot and what is in it: one node for free liquid, vessel and lid, bodies coupled to it, water
 * on the move between them; heat and mass are booked as they cross.
 */
import { normalise, thermalProperties } from '../food';
import type { Vessel } from '../vessel';
import { latentHeat, saturationPressure, saturationTemperature, WATER_HEAT } from '../water';
import { bodyState, remember, resumeBody, rewind, storedHeat, wet, type Body } from './body';
import { moved, Waters } from './exchange';
import { liquidHeat } from './ice';
import {
  finishHeating,
  passOnPlate,
  plateOf,
  plateState,
  resumePlate,
  waterOf,
  type Plate,
} from './plate';
import { asItIsNow, pieceAt } from './pieces';
import { Recorder } from './record';
import { advance, type Stepped } from './scheme';
import type { Place, PotState } from './state';
import type { Air, Drive, EnergyBalance, HeatItem, Moved, Phase, StepResult } from './types';

/** A pot with less water than this is dry: its bottom is no longer covered, kg (assumed). */
export const DRY_KG = 0.02;
/** Pieces on a hot dry bottom, W/(m2 K) of bottom (assumed; contact, 100 to 500). */
const CONTACT = 250;
/** Between pieces that lie in a heap, the share that liquid can fill (assumed packing of 0.6). */
const PORES = 0.4 / 0.6;
/**
 * How steeply air in the vapour hinders steam from condensing on food above the liquid: the
 * film falls with this power of the vapour's share (assumed; air blankets, e.g. Incropera ch. 10).
 */
const BLANKET = 4;
/** A temperature is met this near, C, and looked for so many times at the most. */
const MET_C = 1e-4;
const LOCATES = 12;
/** No step is shorter, s. */
const LEAST_S = 1e-3;
/** Shortest step while melting does not settle, s. */
const SURE_S = 0.3;
/** Changes of the film below this are let pass. */
const FILM_STEP = 0.02;

export class PotSystem {
  liquidC: number;
  /** Heat that melts the ice afloat in the liquid, J; the liquid is at 0 C while there is any. */
  iceJ: number;
  /** Free water, kg. */
  waterKg: number;
  /** Other things dissolved or afloat in the liquid, kg. */
  otherKg: number;
  steamKg: number;
  seconds: number;
  readonly bodies: Body[];
  /** Foods out of the pot that will be back. */
  readonly plates: Plate[];
  readonly record: Recorder;
  readonly energy: { -readonly [K in keyof EnergyBalance]: number };
  /** Time steps in which liquid and melting foods did not come to agree. */
  unsettled = 0;
  /** Boiling point of water in this air, C. */
  readonly boilC: number;
  readonly #waters: Waters;
  #liquidHeat: number;

  /** @throws RangeError where something is in the pot that is not among the items */
  constructor(
    readonly vessel: Vessel,
    readonly air: Air,
    items: readonly HeatItem[],
    from: PotState,
    /** How fine what moves in portions is cut: 1 as usual, less for a smaller time step. */
    readonly fineness = 1,
  ) {
    this.boilC = saturationTemperature(air.pressurePa);
    this.liquidC = from.liquidC;
    this.iceJ = from.iceJ;
    this.waterKg = from.waterKg;
    this.otherKg = from.otherKg;
    this.steamKg = from.steamKg;
    this.seconds = from.seconds;
    this.energy = { ...from.energy };
    this.#liquidHeat = from.liquidJPerK;
    this.#waters = new Waters(fineness);
    const solid = items.filter((i) => i.shape);
    const itemOf = (id: string): HeatItem => {
      const item = solid.find((i) => i.id === id);
      if (!item) throw new RangeError(`${id} is in the pot and not in the plan`);
      return item;
    };
    this.bodies = from.bodies.map((state) => {
      const { body, water } = pieceAt(itemOf(state.id), state.stay);
      if (water) this.#waters.lay(water);
      resumeBody(body, state);
      return body;
    });
    this.plates = from.plates.map((state) =>
      resumePlate(pieceAt(itemOf(state.id), state.stay), state),
    );
    this.#waters.resume(from.waters);
    this.record = new Recorder(
      solid.map((i) => i.id),
      (id) => this.#movedBy(id),
    );
  }

  /** Water that a food has taken up (above zero) or given so far, kg. */
  #movedBy(id: string): number {
    const aside = this.plates.find(({ body }) => body.id === id);
    return aside ? (aside.water ? moved(aside.water) : 0) : this.#waters.moved(id);
  }

  /** The pot as it is now. */
  state(place: Place, steps: readonly StepResult[]): PotState {
    const { liquidC, iceJ, waterKg, otherKg, steamKg, seconds } = this;
    return {
      seconds,
      liquidC,
      iceJ,
      waterKg,
      otherKg,
      liquidJPerK: this.#liquidHeat,
      steamKg,
      bodies: this.bodies.map(bodyState),
      plates: this.plates.map(plateState),
      waters: this.#waters.state(),
      energy: { ...this.energy, storedJ: this.#stored() },
      place,
      steps,
    };
  }

  /** Heat capacity of liquid, pot and lid, J/K. */
  get capacity(): number {
    return this.#liquidHeat + this.vessel.bodyJPerK;
  }

  /** Whether there is water enough to carry heat and make steam. */
  get isWet(): boolean {
    return this.waterKg > DRY_KG;
  }

  /** Everything in the pot above 0 C, J. */
  #stored(): number {
    const liquidJ = this.capacity * this.liquidC - this.iceJ;
    return this.bodies.reduce((sum, b) => sum + storedHeat(b), liquidJ);
  }

  /** Shares the heat of liquid, pot and ice out again: ice only where there is too little for 0 C. */
  #settle(joules: number): void {
    this.liquidC = Math.max(0, joules) / this.capacity;
    this.iceJ = Math.max(0, -joules);
  }

  /** A food goes in for a stay: raw, readied in other vessels, or back from its plate. @param at index of the stay */
  put(item: HeatItem, at = 0): void {
    if (item.massKg <= 0) return;
    if (item.shape) {
      this.#putPiece(item, at);
      return;
    }
    const heat = item.massKg * thermalProperties(item.composition, 60).heat;
    const heating = item.stays[at]?.heated?.at(-1);
    const startC = heating ? (heating.celsius ?? this.boilC) : item.startC;
    const broughtJ = item.massKg * liquidHeat(item.composition, startC);
    const nowJ = this.capacity * this.liquidC - this.iceJ;
    this.energy.addedJ += broughtJ;
    this.#liquidHeat += heat;
    this.#settle(nowJ + broughtJ);
    const water = item.massKg * normalise(item.composition).water;
    this.waterKg += water;
    this.otherKg += item.massKg - water;
  }

  #putPiece(item: HeatItem, at: number): void {
    const stay = item.stays[at];
    const there = this.plates.findIndex(({ body }) => body.id === item.id);
    const [back] = there < 0 ? [] : this.plates.splice(there, 1);
    const plate = back ?? plateOf(pieceAt(item, at), stay?.heated ?? []);
    const readied = finishHeating(plate, this.air, this.boilC);
    if (readied && !back) this.record.readied(item.id, readied);
    const { body, water } = back ? asItIsNow(item, at, back) : plate;
    this.energy.addedJ += storedHeat(body);
    if (water) this.#waters.lay(water);
    this.bodies.push(body);
    this.#waters.changed();
    this.waterKg += plate.dripKg;
    if (back) this.#carry(true);
    if (stay?.blends) this.#blend(item, { ...plate, body, water });
  }

  /** From here on the piece is part of the liquid. */
  #blend(item: HeatItem, plate: Plate): void {
    const { body } = plate;
    const nowJ = this.capacity * this.liquidC - this.iceJ + storedHeat(body);
    this.bodies.splice(this.bodies.indexOf(body), 1);
    const water = waterOf(plate, item.composition);
    const dryKg = body.massKg * (1 - normalise(item.composition).water);
    this.#waters.take(body.id);
    this.#waters.changed();
    this.#liquidHeat += body.capacity.reduce((sum, c) => sum + c, 0);
    this.#settle(nowJ);
    this.waterKg += water;
    this.otherKg += dryKg;
  }

  /** Takes a body out, to its plate where it will be back; or as much liquid as went in with an item and is still there. */
  take(item: HeatItem): void {
    const at = this.bodies.findIndex((b) => b.id === item.id);
    const body = this.bodies[at];
    if (body) {
      this.#carry(true);
      this.energy.addedJ -= storedHeat(body);
      this.bodies.splice(at, 1);
      const next = item.stays[body.stay + 1];
      if (next)
        this.plates.push(plateOf({ body, water: this.#waters.lift(body.id) }, next.heated ?? []));
      else this.#waters.take(body.id);
      this.#waters.changed();
      return;
    }
    if (item.shape) return;
    const share = Math.min(1, item.massKg / Math.max(1e-9, this.waterKg + this.otherKg));
    this.energy.addedJ -= share * (this.#liquidHeat * this.liquidC - this.iceJ);
    this.iceJ *= 1 - share;
    this.#liquidHeat *= 1 - share;
    this.waterKg *= 1 - share;
    this.otherKg *= 1 - share;
  }

  /** Pours all liquid off; it takes its heat along, the pot and what is solid keep theirs. */
  pour(): void {
    this.#carry(true);
    this.energy.addedJ -= this.#liquidHeat * this.liquidC - this.iceJ;
    this.iceJ = 0;
    this.#liquidHeat = 0;
    this.waterKg = 0;
    this.otherKg = 0;
  }

  /** Water moves between foods and liquid while a time passes. */
  #exchange(seconds: number): void {
    const bottomC = this.isWet ? null : this.liquidC;
    this.waterKg = this.#waters.pass(this.bodies, seconds, bottomC, this.waterKg);
    // A dry pot has little to set a portion's heat against: it would be felt when each one comes.
    this.#carry(!this.isWet);
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
    if (this.iceJ > 0) this.#settle(after.capacity * after.celsius - this.iceJ);
  }

  /** Head space over what is in the pot, taken as dense as water, L. */
  get headL(): number {
    const kg = this.bodies.reduce((sum, b) => sum + b.massKg, this.waterKg + this.otherKg);
    return Math.max(0.05 * this.vessel.capacityL, this.vessel.capacityL - kg);
  }

  /**
   * How much of the film reaches the pieces: all of it in liquid and in steam; for food above
   * the liquid, as much as steam condenses there. In a dry pot only food on the bottom gets heat.
   */
  #cover(): void {
    let films = 0;
    let solidKg = 0;
    for (const body of this.bodies) {
      films += body.wetFilm;
      solidKg += body.massKg;
    }
    const bottom = Math.min(1, (CONTACT * this.vessel.surfaceM2) / films);
    let share = bottom;
    if (this.isWet) {
      const under = Math.min(1, (this.waterKg + this.otherKg) / (PORES * solidKg));
      share = under;
      if (under < 1) {
        const vapour = saturationPressure(Math.max(0.01, this.liquidC)) / this.air.pressurePa;
        const above = Math.min(1, vapour) ** BLANKET;
        const exact = Math.max(bottom, under + (1 - under) * above);
        const step = FILM_STEP * this.fineness;
        share = Math.min(1, Math.ceil(exact / step) * step);
      }
    }
    for (const body of this.bodies) wet(body, share);
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
    const startC = this.liquidC;
    for (const body of this.bodies) remember(body);
    if (this.iceJ > 0) return this.#melt(seconds, drive);
    const attempt = (length: number, drive: Drive): Stepped => {
      const node = { capacity: this.capacity, celsius: startC };
      return advance(this.bodies, node, this.air.ambientC, length, drive);
    };
    const again = (length: number, drive: Drive): Stepped => {
      for (const body of this.bodies) rewind(body);
      return attempt(length, drive);
    };
    let length = seconds;
    let done = attempt(length, drive);
    // A shorter step is safer when far more melts than the liquid can warm.
    while (!done.settled && length > SURE_S) {
      length /= 2;
      done = again(length, drive);
    }
    if (!done.settled) this.unsettled++;
    // The liquid sags while the heater cannot keep up.
    if (drive.powerW === null && drive.mostW !== undefined && done.powerW > drive.mostW)
      done = again(length, { ...drive, powerW: drive.mostW });
    if (until !== null) {
      // The crossing lies between a length that is short of it and one that is past it: false position,
      // with the end that stays halved (Illinois), until it is met.
      let short = { length: 0, off: startC - until };
      let past = { length, off: done.celsius - until };
      for (let i = 0; i < LOCATES && short.off * past.off < 0; i++) {
        const share = short.off / (short.off - past.off);
        // Time passes in any case, so that nothing is looked for without end.
        length = Math.max(LEAST_S, short.length + share * (past.length - short.length));
        done = again(length, drive);
        const off = done.celsius - until;
        if (Math.abs(off) < MET_C) break;
        if (off * past.off > 0) {
          past = { length, off };
          short = { ...short, off: short.off / 2 };
        } else {
          short = { length, off };
          past = { ...past, off: past.off / 2 };
        }
      }
    }
    this.liquidC = done.celsius;
    this.#book(done, length);
    // Cold pieces freeze water that is at its freezing point.
    if (this.liquidC < 0) this.#settle(this.capacity * this.liquidC);
    return { ...done, seconds: length };
  }

  /** Moves on by a time step while ice is afloat: the liquid stays at 0 C, and what heat is over melts it. */
  #melt(seconds: number, { powerW, mostW, lossWPerK }: Drive): Moved & { seconds: number } {
    const node = { capacity: this.capacity, celsius: 0 };
    const heldAt0: Drive = { powerW: null, lossWPerK };
    const heater = powerW ?? mostW ?? 0;
    let length = seconds;
    let done = advance(this.bodies, node, this.air.ambientC, length, heldAt0);
    const over = heater - done.powerW;
    // The last ice goes within the step: it ends there.
    if (over * length > this.iceJ) {
      length = Math.max(LEAST_S, this.iceJ / over);
      for (const body of this.bodies) rewind(body);
      done = advance(this.bodies, node, this.air.ambientC, length, heldAt0);
    }
    if (!done.settled) this.unsettled++;
    this.#settle((heater - done.powerW) * length - this.iceJ);
    const moved = { ...done, celsius: this.liquidC, powerW: heater };
    this.#book(moved, length);
    return { ...moved, seconds: length };
  }

  #book(done: Moved, seconds: number): void {
    this.seconds += seconds;
    this.energy.intoJ += done.powerW * seconds;
    this.energy.lostJ += done.lossW * seconds;
    const asked = done.steamKgS * seconds;
    if (asked !== 0) {
      const gone = this.vent(Math.max(0, asked), false);
      const tookJ = (done.steamW * seconds * gone) / asked;
      this.energy.steamJ += tookJ;
      // If less left than the step assumed, its heat has not left either.
      if (gone !== asked) this.liquidC += (done.steamW * seconds - tookJ) / this.capacity;
    }
    this.#exchange(seconds);
    for (const plate of this.plates) passOnPlate(plate, seconds, this.air, this.boilC);
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
    // Foods that leave take their own heat along; it is neither lost nor kept.
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
    const moment = { seconds, liquidC, steamKg, step, phase, gaugeKPa };
    this.record.add(moment, this.bodies, this.plates);
  }

  /** The whole of the water's heat has come over; nothing more is recorded. */
  close(): void {
    this.#carry(true);
    this.energy.storedJ = this.#stored();
    this.record.close();
  }
}
