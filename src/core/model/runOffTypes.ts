import type { SetState } from '../batch/schema';
import type { StrengthBand } from '../bones';

/** One extraction of bones, from one straining to the next. */
export interface BonesReport {
  /** From 1. */
  readonly run: number;
  /** Its pressure or simmer steps, in order. */
  readonly steps: readonly string[];
  /** Straining at which its broth leaves the pot; null where it stays to the end. */
  readonly step: string | null;
  readonly startMin: number;
  readonly endMin: number;
  /** Gelatine the bones give in it, g. */
  readonly gelatineG: number;
  /** Gelatine that still sets in its broth, with what the liquid brought along, g. */
  readonly strongG: number;
  /** Gelatine in its broth before this run, g: a double stock. */
  readonly carriedG: number;
  /** Broth it gives, L. */
  readonly litres: number;
  /** All gelatine in its broth, g/L. */
  readonly gPerL: number;
  /** Gelatine that still sets, g/L; the set is judged by this. */
  readonly setsGPerL: number;
  /** The same usually bones differ, and how fast they give. */
  readonly setsBand: StrengthBand;
  /** Of all that the bones can give. */
  readonly share: number;
  readonly set: SetState;
  /** Fat melted out in it, g. */
  readonly fatG: number;
  /** Gain of setting gelatine by ten minutes more at the heat it ends with, g; may be below zero. */
  readonly tenMoreG: number;
  /** From the wall or the burner, kWh. */
  readonly fuelKWh: number;
  /** Bones past the number of runs they can take. */
  readonly spent: readonly string[];
  /** Bones that fall into splinters in it. */
  readonly crumbled: readonly string[];
}

/** Broths of the first runs poured together. */
export interface BlendReport {
  /** Runs 1 to this. */
  readonly runs: number;
  readonly litres: number;
  readonly gPerL: number;
  /** The same 8 times in 10. */
  readonly band: StrengthBand;
  readonly set: SetState;
}

/** Flavour that a flavouring has given to a stock. */
export interface FlavourReport {
  readonly item: string;
  readonly valueMin: number;
  readonly bestMin: number;
  readonly tooMuchMin: number;
  readonly spoils: string;
}

/** Worth of the bones; null where there are none. */
export interface RunOffReport {
  /** All that the bones can give, g. */
  readonly mostG: number;
  readonly bonesKg: number;
  readonly blends: readonly BlendReport[];
  readonly wanted: SetState;
  /** From where that set begins, g/L. */
  readonly wantedGPerL: number;
  /** Boiling the blend down to it; null where it sets so already or cannot be boiled. */
  readonly reduce: {
    readonly minutes: number;
    readonly litres: number;
    readonly kWh: number;
  } | null;
  /** Bones for a litre of that set by these runs, kg; null where they give nothing. */
  readonly kgPerL: number | null;
  readonly flavours: readonly FlavourReport[];
}
