/** Plain facts of one pot, planned or lived: what hazards are judged by. Whoever has a model fills them in. */
import type { Food } from '../food';
import type { Units } from '../quantity';
import type { History, Span } from './history';

export interface CourseFood {
  readonly id: string;
  /** Key of the table, or the name in this kitchen. */
  readonly said: string;
  /** Row of the table, or the kitchen's own food made of one. */
  readonly food: Food;
  readonly massG: number;
  /** Indexes of the step at whose start it first goes in, and of the one at which it is out for good. */
  readonly entersAt: number;
  readonly leavesAt: number;
  /** Its stays in the pot, by the indexes of their steps. */
  readonly stays: readonly { readonly from: number; readonly to: number }[];
  /** Cooked in a pan of its own. */
  readonly apart: boolean;
  readonly startC: number;
  /** Hottest middle, C; of what joins the liquid, the liquid while it is in. Null where heat decides nothing, or it is never in. */
  readonly hottestC: number | null;
  /** Minutes that the middle stays at 63 C or above. */
  readonly restMin: number;
  /** Minutes between cold and hot on a plate: between two stays, or until the table once it is out for good. */
  readonly asideMin?: number;
  /** Minutes at 100 C that its middle has had, none below 95 C. */
  readonly boiledMin: number;
  /** How often, of draws, the middle or the boil falls short, 0 to 1; null while nothing was drawn. */
  readonly shortChance: number | null;
  /** Jars that it comes from: what each has been through, and its last day (ISO 8601). */
  readonly history?: History;
  readonly useBy?: string;
}

export interface CourseStep {
  readonly id: string;
  /** Kind of step, such as pressure, simmer, rest. */
  readonly kind: string;
  readonly minutes: number;
  /** Whether a valve lets the steam out; no where the pin drops by itself. */
  readonly opens: boolean;
  /** Minutes with the valve shut before it is opened. */
  readonly waitMin: number;
  /** Chance of liquid at the valve, and how high it swells, L; 0 where no valve is opened. */
  readonly sprayChance: number;
  readonly swollenL: number;
  /** Starchy foam is above half as the valve is opened hot. */
  readonly foamAboveHalf: boolean;
}

export interface CourseFill {
  readonly worstL: number;
  readonly lineL: number;
  readonly lidOnL: number;
  readonly foams: boolean;
}

export interface Course {
  readonly foods: readonly CourseFood[];
  readonly steps: readonly CourseStep[];
  /** Contents of the pot from the first perishable food to the end. */
  readonly spans: readonly Span[];
  /** Minute at which the spans begin. */
  readonly spansFromMin: number;
  readonly fill: CourseFill | null;
  readonly pot: { readonly keepsWarm: boolean; readonly capacityL: number };
  readonly roomC: number;
  /** Liquid that is water or holds mostly water, L. */
  readonly wateryL: number;
  /** ISO 8601; null if unmarked. */
  readonly serveAt: string | null;
  readonly units: Units;
}
