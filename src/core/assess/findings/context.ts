import type { Units } from '../../quantity';
import type { Filled } from '../reports';
import type { Model } from '../model';
import type {
  BonesReport,
  Finding,
  FinishReport,
  ItemReport,
  ReleaseReport,
  RunOffReport,
} from '../types';

/** Everything a judgement may look at. */
export interface Context {
  readonly model: Model;
  readonly units: Units;
  readonly filled: Filled;
  readonly items: readonly ItemReport[];
  readonly releases: readonly ReleaseReport[];
  readonly salt: { readonly grams: number; readonly percent: number; readonly massG: number };
  readonly finish: FinishReport;
  readonly bones: readonly BonesReport[];
  readonly runOffs: RunOffReport | null;
  readonly setpointC: number;
  readonly boilC: number;
}

export type Judge = (context: Context) => readonly Finding[];
