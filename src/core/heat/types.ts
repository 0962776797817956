import type { Composition } from '../food';
import type { PlainKind, Release } from '../vocabulary';

/** Water that a food takes up or gives back. */
export interface Exchange {
  /** In the end, kg: above zero taken up, below zero given. */
  readonly kg: number;
  /** Minutes at 100 C until nine tenths have moved. */
  readonly doneMin: number;
  /** Degrees for a tenfold rate, C. */
  readonly z: number;
  /** Uptake after it is done: final mass, kg, and minutes at 100 C to nine tenths of it. */
  readonly swells?: { readonly kg: number; readonly doneMin: number } | null;
}

/** A body in n dimensions: 1 a slab, 2 a long cylinder, 3 a ball, and all between. */
export interface BodyShape {
  readonly n: number;
  /** Full thickness or diameter, mm. */
  readonly mm: number;
}

/** Heat that a food gets in another vessel, before it goes in or between two stays. */
export interface Heating {
  readonly minutes: number;
  /** Its surface is driven towards this, C; null for boiling water, of which it may drink. */
  readonly celsius: number | null;
  /** W/(m2 K); null for that of hot water. */
  readonly film: number | null;
  /** Water that it loses there, share of its mass; of what is readied before its first stay the plan tells. */
  readonly lost?: number;
}

/** A stay in the pot: from the start of a step to the start of another, by their indexes. */
export interface HeatStay {
  readonly from: number;
  readonly to: number;
  /** In other vessels before it goes in, in order. */
  readonly heated?: readonly Heating[];
  /** Another piece than before. */
  readonly shape?: BodyShape;
  /** Share of it that goes in; all of it where it is missing. */
  readonly keeps?: number;
  /** It becomes part of the liquid. */
  readonly blends?: boolean;
}

/** Contents of the pot, as the heat model sees them. */
export interface HeatItem {
  readonly id: string;
  readonly massKg: number;
  readonly composition: Composition;
  /** Null for what becomes part of the liquid. */
  readonly shape: BodyShape | null;
  readonly startC: number;
  /** In order; between two of them it lies on a plate. */
  readonly stays: readonly HeatStay[];
  readonly exchange?: Exchange | null;
}

/** Actual moves of hands in a pressure step, s from the start of the cook, instead of its minutes. */
export interface Hands {
  /** The hold ends: the pot's program, or the heat goes off. */
  readonly holdEndsS?: number;
  /** The valve: opened, closed again, opened again. */
  readonly valveS?: readonly number[];
  /** No valve is opened before. */
  readonly shutUntilS?: number;
  /** The pin was seen to drop. */
  readonly downS?: number;
}

export type HeatStep =
  | {
      readonly kind: PlainKind;
      readonly minutes: number;
      /** All liquid is poured off as it begins; what is solid stays. */
      readonly pours?: boolean;
      /** The pot's thermostat keeps it warm while it stands with its lid on. */
      readonly keepsWarm?: boolean;
      /** When it really ends, s from the start; after its minutes where it is missing. */
      readonly endsS?: number;
      /** It is not over before, s from the start. */
      readonly notOverS?: number;
    }
  | {
      readonly kind: 'pressure';
      readonly gaugeKPa: number;
      readonly holdMin: number;
      readonly release: Release;
      readonly hands?: Hands;
    };

export interface Air {
  /** Pa */
  readonly pressurePa: number;
  /** C */
  readonly ambientC: number;
}

export type Phase = PlainKind | 'warm-up' | 'hold' | 'release';

/** In each one thing drives the pot until one thing ends it. */
export type LegName =
  | 'to the boil'
  | 'seal'
  | 'to pressure'
  | 'lag'
  | 'hold'
  | 'shut'
  | 'let off'
  | 'stand'
  | 'brown'
  | 'up'
  | 'simmer';

/** The cook, sampled at the end of every time step. Arrays of one length. */
export interface Trace {
  /** s from the start */
  readonly s: number[];
  readonly liquidC: number[];
  readonly gaugeKPa: number[];
  readonly step: number[];
  readonly phase: Phase[];
  /** Steam gone so far, kg. */
  readonly steamKg: number[];
}

/** Temperatures of a piece while it is readied in other vessels, before its time in the pot. */
export interface Readying {
  readonly s: number[];
  readonly centreC: number[];
  readonly surfaceC: number[];
  /** Water that it drank there (above zero) or gave, kg. */
  readonly waterKg: number;
}

/** Temperatures of one item at the samples of the trace, on its plate too; NaN while it is not there. */
export interface ItemTrace {
  /** Missing where it was not readied, and where the run went on from later. */
  readonly readied?: Readying;
  readonly centreC: number[];
  readonly surfaceC: number[];
  /** Water taken up (above zero) or given (below) so far, kg; it stays when the item leaves. */
  readonly waterKg: number[];
}

export interface StepResult {
  readonly startS: number;
  readonly endS: number;
  readonly warmUpS: number;
  /** When the pin rose, s from the start; null for other steps and where it never did. */
  readonly pinS: number | null;
  readonly holdS: number;
  readonly releaseS: number;
  /** Steam that left during release, kg. */
  readonly releaseSteamKg: number;
  /** False when the pot could not get to its temperature. */
  readonly reached: boolean;
  /** When the pot ran dry and hot enough to scorch, s from the start; null if it did not. */
  readonly scorchedS: number | null;
  /** Free water when it seals, kg; null for other steps and where it never seals. */
  readonly sealedKg: number | null;
  /** Heat that its heater gave the contents, J. */
  readonly heaterJ: number;
  /** Liquid when the valve is first opened, C; null for natural release and other steps. */
  readonly valveOpensC: number | null;
}

/** Heat in and out over the whole cook, J; into = stored + lost + steam. */
export interface EnergyBalance {
  readonly intoJ: number;
  readonly storedJ: number;
  readonly lostJ: number;
  readonly steamJ: number;
  readonly addedJ: number;
}

/** Drivers of a step: a heater or a held temperature; losses; steam let out. */
export interface Drive {
  /** Net power of the heater, W; null to hold the liquid where it is. */
  readonly powerW: number | null;
  /** Most power that the heater can give to hold the liquid, W. */
  readonly mostW?: number;
  readonly lossWPerK: number;
  /** Steam leaving at a liquid temperature, kg/s. */
  readonly steam?: (celsius: number) => number;
}

/** Averages over a step. */
export interface Moved {
  /** W; the power needed when the liquid was held. */
  readonly powerW: number;
  readonly lossW: number;
  readonly steamKgS: number;
  /** Heat that the steam takes, W. */
  readonly steamW: number;
}
