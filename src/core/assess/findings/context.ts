import type { Units } from '../../quantity';
import type { Danger } from '../../guard';
import type { Draws } from '../draws';
import type {
  BonesReport,
  Filled,
  FinishReport,
  ItemReport,
  Model,
  ReleaseReport,
  RunOffReport,
} from '../../model';
import type { Finding } from '../types';

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
  /** Dangers that the guard finds. */
  readonly dangers: readonly Danger[];
  /** Frequencies of outcomes; null while they are unknown. */
  readonly draws: Draws | null;
}

/** From this chance on a thing is worth a warning. */
export const LIKELY = 0.5;

export type Judge = (context: Context) => readonly Finding[];
