import type { Batch, SetState } from '../../batch/schema';

/** The best plan found with so many runs; checked by the whole model. */
export interface RunOffOption {
  readonly runs: number;
  readonly batch: Batch;
  readonly holdsMin: readonly number[];
  /** Into each run, L. */
  readonly waterL: number;
  readonly totalMin: number;
  /** All runs poured together. */
  readonly litres: number;
  readonly gPerL: number;
  readonly set: SetState;
  readonly fuelKWh: number;
  /** Parts of the aim that it misses, a sentence each. */
  readonly misses: readonly string[];
}

export interface RunOffSolution {
  /** One plan for every number of runs that the bones can take and the aim allows. */
  readonly options: readonly RunOffOption[];
  /** Index of the one to take. */
  readonly best: number;
  /** Why there are no more runs. */
  readonly limit: string;
}
