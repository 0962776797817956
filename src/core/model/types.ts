/** Results of the models for a batch: numbers without a judgement of the whole. */
import type { Verdict } from '../batch/schema';
import type { Body } from '../finish';
import type { Family, FoodGroup, GradeName, Wish } from '../food';
import type { BodyShape, Phase } from '../heat';
import type { ReleaseMethod, StepKind } from '../vocabulary';

export type * from './runOffTypes';

export interface Range {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}

export interface FillReport {
  readonly maxL: number;
  readonly foamL: number;
  /** The line that counts for these foods. */
  readonly lineL: number;
  readonly foams: boolean;
  readonly lidOnL: number;
  readonly hottestL: number;
  readonly swollenL: number;
  readonly releaseL: number;
  readonly finishedBrothL: number;
  /** Still to add; negative when water must come out. */
  readonly waterToLineL: number;
  readonly scaleToFit: number;
  /** Highest level held against the lines. */
  readonly worstL: number;
  /** Run of bones in which it is, from 0; 0 where there is one. */
  readonly run: number;
  /** Surface of the liquid as the lid goes on. */
  readonly liquidL: number;
  /** Top of the heap of solids as the lid goes on. */
  readonly heapL: number;
  readonly freeL: number;
}

/** When the pot is fullest, with heat, swelling and steam counted. */
export interface WorstMoment {
  readonly atMin: number;
  readonly levelL: number;
  readonly when: 'lid on' | 'warm-up' | 'hold' | 'at the valve' | 'open';
  readonly step: string | null;
}

export interface StepReport {
  readonly id: string;
  readonly kind: StepKind;
  readonly startMin: number;
  readonly endMin: number;
  readonly warmUpMin: number;
  readonly holdMin: number;
  readonly releaseMin: number;
}

/** A grade and when it begins. */
export interface GradeFrom {
  readonly grade: GradeName;
  /** min from the start */
  readonly fromMin: number;
}

export interface ItemReport {
  readonly id: string;
  readonly food: string;
  readonly name: string;
  readonly group: FoodGroup;
  /** The grades it goes through; null for what is never judged by texture. */
  readonly family: Family | null;
  readonly massG: number;
  /** Volume it displaces when it goes in, L. */
  readonly volumeL: number;
  /** How big a piece is and how it conducts; null for what joins the liquid. */
  readonly piece: BodyShape | null;
  /** Purpose of the item; flavour is never judged by texture. */
  readonly for: 'eat' | 'flavour';
  readonly fishOut: boolean;
  /** Cooked in a pan of its own; never in this pot. */
  readonly apart: boolean;
  /** Highest centre temperature, C; null for what joins the liquid. */
  readonly centreC: number | null;
  readonly cookValueCentreMin: number;
  readonly cookValueSurfaceMin: number;
  /** Cook value that it has had, by which it is judged whether that has begun, min. */
  readonly hadMin: number;
  /** Cook value at which what is wanted of it begins; null for what has no grades, min. */
  readonly needMin: number | null;
  /** Cook value at which that ends; null where it does not, min. */
  readonly limitMin: number | null;
  /** Grade at the table; null for an item without grades, or cooked apart. */
  readonly grade: GradeName | null;
  /** All that it goes through, in order. */
  readonly grades: readonly GradeFrom[];
  /** The grades that are right; null for what has none. */
  readonly wish: Wish | null;
  /** Its grade against the wish. */
  readonly verdict: Verdict;
  /** Its stays in the pot, min from the start; none where it is apart. */
  readonly stays: readonly { readonly fromMin: number; readonly toMin: number }[];
  /** Start of the first and end of the last. */
  readonly enterMin: number;
  readonly leaveMin: number;
  /** When what is wanted of it begins, min; null if never. */
  readonly doneMin: number | null;
  /** When that ends, min; null if never. */
  readonly overMin: number | null;
}

/** Effect of a release on an item in the pot. */
export interface Texture {
  readonly item: string;
  /** Cook value its surface gains from the end of the hold until the lid is off, min. */
  readonly carryOverMin: number;
  /** How far its centre is above the boiling point around it at the most, C. */
  readonly superheatC: number;
  /** Water that this boils out of it, % of its mass. */
  readonly flashPercent: number;
  /** Cost of the release, in a few words; null if there is none. */
  readonly cost: string | null;
}

export interface ReleaseReport {
  readonly step: string;
  readonly method: ReleaseMethod;
  readonly minutes: number;
  readonly steamG: number;
  /** Swollen level over capacity, as expected. */
  readonly swollenFraction: number;
  /** Chance of liquid at the valve, 0 to 1; 0 where it stays shut. */
  readonly sprayChance: number;
  /** Starchy foam above half is let go at once. */
  readonly foamAboveHalf: boolean;
  readonly advice: string;
  /** Shortest wait before the valve may be opened, min; null when only the pin's drop is safe. */
  readonly waitMin: number | null;
  /** Whether it can be opened right away in bursts. */
  readonly bursts: boolean;
  readonly textures: readonly Texture[];
}

/** Work left when the pot is open. */
export interface FinishReport {
  /** Salt still to add for a soup, g; 0 for stock and broth. */
  readonly saltToAddG: number;
  /** Cornstarch for a medium thickening of what is free, g. */
  readonly starchG: number;
  /** Rolling boil that halves what is free, min; null where the heater cannot boil it. */
  readonly halveMin: number | null;
  /** Litres that pasta and grain absorb by the next day if they stay in the pot. */
  readonly drinksOnL: number;
  /** Thickeners in the broth. */
  readonly body: Body;
  /** Pulses, grain and vegetables that could be blended: their room, L, and the starch that they hold, g. */
  readonly pieces: { readonly litres: number; readonly starchG: number };
  /** Apparent viscosity as it is eaten: from the pot, in an hour, warmed up tomorrow, Pa s. */
  readonly pas: { readonly table: number; readonly hour: number; readonly tomorrow: number };
  /** Fat afloat or in it, g. */
  readonly fatG: number;
  /** Salt in everything served, g, and its mass, g. */
  readonly saltG: number;
  readonly massG: number;
  /** All that is served from this pot, what is eaten of it and the broth, L. */
  readonly servedL: number;
  /** Of a bowl, L, and how many bowls there are. */
  readonly bowlL: number;
  readonly bowls: number;
  /** Power that boils off water, W; 0 where it does not boil. */
  readonly boilsOffW: number;
}

/** The cook sampled for drawing; arrays of one length. */
export interface Series {
  readonly minute: readonly number[];
  readonly liquidC: readonly number[];
  readonly gaugeKPa: readonly number[];
  readonly step: readonly number[];
  readonly phase: readonly Phase[];
  readonly levelL: readonly number[];
  readonly liquidL: readonly number[];
  readonly heapL: readonly number[];
  readonly solidL: readonly number[];
  /** Gelatine in the liquid in the pot, g; all that was given, and what of it still sets. */
  readonly gelatineG: readonly number[];
  readonly strongG: readonly number[];
}
