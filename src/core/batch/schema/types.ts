/**
 * The domain, as the schemas describe it: a type is what its schema takes, so that they cannot drift.
 * Units and meanings of fields are in the schemas. Only unions are told apart here: a schema of Yup
 * is one shape with fields that some members do not have.
 */
import type { OwnFood } from '../../food';
import type { MARKS } from './markKinds';
import type {
  cookSchema,
  markSchema,
  predictionSchema,
  runOffSchema,
  yieldSchema,
} from './cookSchema';
import type { afterSchema, coolingSchema, TASTES, THICKENINGS } from './afterSchema';
import type { fromJarSchema, larderSchema } from './keepSchema';
import type { bagItemSchema, JAR_ENDS, jarSchema } from './larderSchema';
import type {
  aimSchema,
  BATCH_KINDS,
  batchSchema,
  CUT_SHAPES,
  cutSchema,
  itemSchema,
  kitchenSchema,
  potSchema,
  putBySchema,
  schoolsSchema,
  SETS,
  settingSchema,
  staySchema,
  stepSchema,
  taskSchema,
  UP_TO,
} from './schema';
import type { Kept } from './shape';

export type { History, Span } from '../../guard/span';
export type { Release, ReleaseMethod, StepKind } from '../../vocabulary';

export type Schools = Kept<typeof schoolsSchema>;
export type Kitchen = Kept<typeof kitchenSchema>;
export type PotSetting = Kept<typeof settingSchema>;
export type Pot = Kept<typeof potSchema>;
export type { PotKind } from '../../vocabulary';
export type CutShape = (typeof CUT_SHAPES)[number];
export type Cut = Kept<typeof cutSchema>;

/** A stretch of time in the pot, from the start of a step to the start of another. */
export type Stay = Kept<typeof staySchema>;
/** Something done with a food outside the pot. */
export type Done = NonNullable<Stay['done']>[number];
export type UpTo = (typeof UP_TO)[number];

export interface Item extends Omit<Kept<typeof itemSchema>, 'own' | 'stays'> {
  readonly own?: OwnFood;
  readonly stays?: readonly Stay[];
}

export type Step = Kept<typeof stepSchema>;
export type PressureStep = Extract<Step, { kind: 'pressure' }>;

/** Something done beside the pot for the same table. */
export type Task = Kept<typeof taskSchema>;

export type PutBy = Kept<typeof putBySchema>;
/** How a broth sets when it is cold. */
export type SetState = (typeof SETS)[number];
export type Aim = Kept<typeof aimSchema>;
export type BatchKind = (typeof BATCH_KINDS)[number];

export interface Batch extends Omit<Kept<typeof batchSchema>, 'items' | 'steps'> {
  readonly items: readonly Item[];
  readonly steps?: readonly Step[];
}

export type MarkKind = (typeof MARKS)[number];
/** Marks pressed outside the steps of a plan belong to no step. */
export interface Mark extends Omit<Kept<typeof markSchema>, 'step'> {
  readonly step: string | null;
}

export type Verdict = Cook['verdicts'][string];
export type Prediction = Omit<Kept<typeof predictionSchema>, 'runOffs'> & {
  readonly runOffs?: readonly PredictedRunOff[];
};
/** Poured off at the start of a step; null for what stays in the pot to the end. */
export type PredictedRunOff = Omit<Kept<typeof runOffSchema>, 'step'> & {
  readonly step: string | null;
};
export type Yield = Kept<typeof yieldSchema>;

export interface Cook extends Omit<Kept<typeof cookSchema>, 'batch' | 'predicted' | 'marks'> {
  readonly batch: Batch;
  readonly predicted: Prediction;
  readonly marks: readonly Mark[];
}

export type { KitchenLearned, Lesson, PotLearned } from './learnedSchema';
export type { Timed, Trait } from './traits';

export type After = Kept<typeof afterSchema>;
export type CoolingKept = Kept<typeof coolingSchema>;
export type Taste = (typeof TASTES)[number];
export type Thickening = (typeof THICKENINGS)[number];

export type Jar = Kept<typeof jarSchema>;
export type { JarPlace } from '../../vocabulary';
export type JarEnd = (typeof JAR_ENDS)[number];
export type FromJar = Kept<typeof fromJarSchema>;
export type LarderHabits = Kept<typeof larderSchema>;
export type BagItem = Omit<Kept<typeof bagItemSchema>, 'own'> & { readonly own?: OwnFood };

/** Everything a household keeps: the file, and the store. */
export interface Bundle {
  readonly format: 'retort';
  readonly version: 4;
  readonly kitchen: Kitchen;
  readonly pots: readonly Pot[];
  readonly batches: readonly Batch[];
  readonly cooks: readonly Cook[];
  /** In the fridge and the freezer, and what has been. */
  readonly jars: readonly Jar[];
  /** Bones and trimmings kept for stock. */
  readonly bag: readonly BagItem[];
  /** My foods that no table has. */
  readonly foods: readonly OwnFood[];
}
