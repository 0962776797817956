import type { Valve } from '../release';

export interface Heater {
  /** Rated, W. */
  readonly powerW: number;
  /** Share of it that arrives in the contents. */
  readonly efficiency: number;
}

/** A lid that seals, and what it does under steam. */
export interface SealingLid {
  readonly valve: Valve;
  /** Steam blown before the pin rises, as seconds of full power. */
  readonly sealS: number;
  /** From pressure to where the pot's own countdown begins, s. */
  readonly lagS: number;
  /** Power spent on steam while its regulator rocks, W; 0 where it stays shut. */
  readonly rocksW: number;
}

/** Holder of liquid and foods, with the heat that it takes and loses itself. */
export interface Vessel {
  /** To the brim, L: what is not filled holds air until it is blown out. */
  readonly capacityL: number;
  /** Free surface, m2. */
  readonly surfaceM2: number;
  /** Of its own, lid and base included, J/K. */
  readonly bodyJPerK: number;
  /** Closed, W/K; open, its surface loses besides. */
  readonly lossWPerK: number;
  readonly heater: Heater | null;
  readonly lid: SealingLid | null;
}

/** A vessel that comes to pressure. */
export interface PressureVessel extends Vessel {
  readonly heater: Heater;
  readonly lid: SealingLid;
}
