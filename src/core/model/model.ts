/** A batch as the models have run it. */
import type { Kitchen, Pot } from '../batch/schema';
import type { Plan } from '../batch/plan';
import type { Doneness } from '../doneness';
import type { Part } from '../fill';
import type { Air, Hands, HeatResult, Spell } from '../heat';
import type { Scale } from '../texture';
import type { Unknowns } from '../unknown';
import type { PressureVessel } from '../vessel';

export interface ItemCook {
  readonly doneness: Doneness | null;
  /** Its grades; null for what has none. */
  readonly scale: Scale | null;
  readonly centre: readonly number[];
  readonly surface: readonly number[];
}

export interface Model {
  readonly plan: Plan;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly heat: HeatResult;
  readonly vessel: PressureVessel;
  readonly air: Air;
  readonly parts: readonly Part[];
  readonly cooks: Readonly<Record<string, ItemCook>>;
  /** Last sample before each of the plan's pourings. */
  readonly pouredAt: readonly number[];
}

export interface ModelOptions {
  /** Time step, s: 10 by default. */
  readonly stepS?: number;
  /** The state of the world; as given where it is missing. */
  readonly unknowns?: Unknowns;
  /** Steps as they have gone so far, by their ids. */
  readonly lived?: Readonly<Record<string, Lived>>;
  /** End of the run, s from the start; the end of the plan by default. */
  readonly untilS?: number;
  /** Whether what is done goes on drinking; it does by default. */
  readonly swells?: boolean;
  /** Stretches in which the pot is not as it is otherwise. */
  readonly spells?: readonly Spell[];
}

/** Times at which the cook acted in a step, s from the start of the cook. */
export interface Lived extends Hands {
  /** When a step without pressure ends. */
  readonly endsS?: number;
  /** It is not over before. */
  readonly notOverS?: number;
}
