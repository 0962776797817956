import type { OwnFood } from '../food';
import type { Amount, Units } from '../quantity';
import type { Release } from '../vocabulary';

export type { Release, ReleaseMethod, StepKind } from '../vocabulary';

/** Choices where practitioners differ; what is missing is not chosen. */
export interface Schools {
  readonly noodles?: 'in' | 'apart';
  readonly salt?: 'early' | 'late';
  readonly release?: 'natural' | 'quick';
  readonly bones?: 'raw' | 'blanched' | 'roasted';
  readonly vinegar?: 'with' | 'without';
  /** How vegetables are liked. */
  readonly vegetables?: 'soft' | 'bite';
  readonly beans?: 'whole' | 'creamy';
  /** A breast in one piece: pulled into shreds, or sliced. */
  readonly breast?: 'pulled' | 'juicy';
}

/** Where the cooking is done and how it is spoken of. */
export interface Kitchen {
  /** m above the sea */
  readonly altitudeM: number;
  /** C */
  readonly ambientC: number;
  readonly units: Units;
  /** What a metric kitchen reads pressure in; kPa when missing. */
  readonly pressureIn?: 'kPa' | 'bar';
  /** What this kitchen usually does. */
  readonly habits?: Schools;
}

export interface PotSetting {
  readonly name: string;
  /** Pressure above the air outside, kPa. */
  readonly gaugeKPa: number;
}

export type PotKind = 'electric' | 'stovetop';

export interface Pot {
  readonly id: string;
  readonly name: string;
  readonly kind: PotKind;
  /** To the brim, L. */
  readonly capacityL: number;
  readonly innerDiameterCm: number;
  /** Fill line as a fraction of capacity. */
  readonly maxFill: number;
  /** Fill line for what foams or swells, as a fraction of capacity. */
  readonly foamFill: number;
  /** Free liquid needed to make steam, L. */
  readonly minLiquidL: number;
  readonly powerW: number;
  readonly settings: readonly PotSetting[];
  /** Whether the cook has timed it with plain water, so that power and losses are known. */
  readonly measured?: boolean;
  /** Share of the power that reaches the contents, 0 to 1. */
  readonly efficiency?: number;
  /** Heat lost per degree above the room, W/K, lid on. */
  readonly lossWPerK?: number;
}

export type CutShape = 'whole' | 'slice' | 'cube' | 'stick' | 'crumb' | 'leaf';

export interface Cut {
  readonly shape: CutShape;
  /** Thickness of a slice, edge of a cube, diameter of a stick, mm. */
  readonly mm: number;
}

export interface Item {
  readonly id: string;
  /** Key of the food table, a name the add line understands, or that of a food of the kitchen. */
  readonly food: string;
  /** What it is, where it is a food of the kitchen: as it was when it went in. */
  readonly own?: OwnFood;
  readonly amount: Amount;
  readonly cut?: Cut;
  /** Temperature when it goes in, C; below zero it is frozen. */
  readonly startC?: number;
  /** Hours soaked beforehand (pulses). */
  readonly soakedH?: number;
  /** Kept for years: slower to soften (pulses). */
  readonly old?: boolean;
  /** Cooked in a pan of its own and joined in the bowl. */
  readonly apart?: boolean;
  /** What it is in for; flavour is spent and not judged by texture. By food and dish when missing. */
  readonly for?: 'eat' | 'flavour';
  /** The grades that are right, first and last; by food and dish when missing. */
  readonly wish?: { readonly from: string; readonly to: string };
  /** Step at whose start it goes in; null or missing for the first. */
  readonly enters?: string | null;
  /**
   * Step at whose start it is taken out. Null or missing: it stays, or goes at the next strain if
   * it is something that is strained out.
   */
  readonly leaves?: string | null;
  /** The bones of another item, picked clean and put back: what that one gave is gone from them. */
  readonly from?: string;
}

export type Step =
  | { readonly id: string; readonly kind: 'prep'; readonly minutes?: number }
  | { readonly id: string; readonly kind: 'saute'; readonly minutes?: number }
  | {
      readonly id: string;
      readonly kind: 'pressure';
      readonly setting?: string;
      readonly holdMin: number;
      readonly release?: Release;
    }
  | { readonly id: string; readonly kind: 'open'; readonly minutes?: number }
  | {
      readonly id: string;
      readonly kind: 'strain';
      readonly minutes?: number;
      /**
       * What stays in the pot: the broth, for a finish, or the bones, for a run in fresh water.
       * Missing: the bones where fresh liquid is put to them afterwards.
       */
      readonly keep?: 'broth' | 'bones';
    }
  | { readonly id: string; readonly kind: 'simmer'; readonly minutes?: number }
  | {
      readonly id: string;
      readonly kind: 'rest';
      readonly minutes?: number;
      /** Whether the pot keeps it warm; an electric pot does unless this says no. */
      readonly keepWarm?: boolean;
    }
  | { readonly id: string; readonly kind: 'cool'; readonly minutes?: number };

export type PressureStep = Extract<Step, { kind: 'pressure' }>;

/** A judgement the cook has weighed and put by. */
export interface PutBy {
  readonly code: string;
  readonly item?: string;
  readonly step?: string;
  /** Why, in the cook's words. */
  readonly reason: string;
}

/** How a broth sets when it is cold. */
export type SetState = 'pourable' | 'trembles' | 'soft set' | 'holds a cut';

/** What a cook wants of bones. */
export interface Aim {
  readonly set?: SetState;
  /** Broth wanted, L. */
  readonly litres?: number;
  /** Hours at hand, from cold to the last straining. */
  readonly hours?: number;
  /** How often the pot may be opened and filled again, 0 to 4. */
  readonly openings?: number;
}

export type BatchKind = 'soup' | 'chili' | 'stock' | 'broth';

export interface Batch {
  readonly id: string;
  readonly name: string;
  readonly potId?: string;
  readonly servings?: number;
  readonly kind?: BatchKind;
  readonly items: readonly Item[];
  readonly steps?: readonly Step[];
  /** When it is to be on the table, ISO 8601. */
  readonly serveAt?: string;
  readonly note?: string;
  readonly putBy?: readonly PutBy[];
  /** How its bones are readied; raw when missing. */
  readonly bones?: 'blanched' | 'roasted';
  /** What is wanted of its bones. */
  readonly aim?: Aim;
  /** The run this plan came from, by "cook again". */
  readonly fromCook?: string;
}

export type MarkKind =
  | 'started'
  | 'lid-locked'
  | 'at-pressure'
  | 'hold-over'
  | 'valve-opened'
  | 'pin-down'
  | 'lid-off'
  | 'step-done'
  | 'done';

/** A moment the cook pressed, ISO 8601. */
export interface Mark {
  readonly kind: MarkKind;
  readonly step: string | null;
  readonly at: string;
}

export type Verdict = 'under' | 'right' | 'over';

/** What the plan said when the pot went on. */
export interface Prediction {
  readonly totalMin: number;
  readonly steps: readonly {
    readonly id: string;
    readonly warmUpMin: number;
    readonly holdMin: number;
    readonly releaseMin: number;
    readonly minutes: number;
  }[];
  readonly verdicts: Readonly<Record<string, Verdict>>;
  readonly finishedBrothL: number;
  /** Items to fish out at the table. */
  readonly fishOut?: readonly string[];
  /** The curve, thinned: arrays of one length; missing in what an older version foretold. */
  readonly trace?: {
    readonly minute: readonly number[];
    readonly liquidC: readonly number[];
    readonly boilC: number;
  };
  /** To the table, 8 times in 10, min; missing where it was not drawn. */
  readonly band?: { readonly p10: number; readonly p90: number };
  /** How often each item was to come out right, 0 to 1; missing where it was not drawn. */
  readonly chances?: Readonly<Record<string, number>>;
  /** What each run of bones was to give; missing where there are none. */
  readonly runOffs?: readonly PredictedRunOff[];
}

/** One extraction of bones as foretold. */
export interface PredictedRunOff {
  /** From 1. */
  readonly run: number;
  /** Step at whose start it is poured off; null for what stays in the pot to the end. */
  readonly step: string | null;
  readonly litres: number;
  /** Gelatine that sets, g/L. */
  readonly gPerL: number;
  readonly set: SetState;
}

/** What an extraction of bones really gave. */
export interface Yield {
  /** From 1. */
  readonly run: number;
  /** L, to the line read off the pot. */
  readonly litres?: number;
  /** After a night in the cold. */
  readonly set?: SetState;
}

/** One cooking of a batch: the plan as it was, what was predicted, what happened. */
export interface Cook {
  readonly id: string;
  readonly batch: Batch;
  /** What it was cooked in and where, as they were then. */
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  /** Version of the models that foretold it. */
  readonly model: number;
  readonly startedAt: string;
  readonly endedAt?: string;
  readonly predicted: Prediction;
  readonly marks: readonly Mark[];
  readonly verdicts: Readonly<Record<string, Verdict>>;
  /** What each run of bones gave. */
  readonly yields?: readonly Yield[];
  readonly note?: string;
  /** What to change next time. */
  readonly nextTime?: {
    readonly holdMin?: number;
    readonly waterMl?: number;
  };
}

/** Everything a household keeps: the file, and the store. */
export interface Bundle {
  readonly format: 'retort';
  readonly version: 2;
  readonly kitchen: Kitchen;
  readonly pots: readonly Pot[];
  readonly batches: readonly Batch[];
  readonly cooks: readonly Cook[];
  readonly jars: readonly unknown[];
  /** What this kitchen cooks and no table has. */
  readonly foods: readonly OwnFood[];
}
