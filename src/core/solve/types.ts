import type { Batch } from '../batch/schema';

/** Wishes for a plan. */
export interface Wishes {
  /** How often the lid may come off and go on again, 0 to 2. */
  readonly openings: number;
  /** Noodles in this pot, in a pan of their own, or as it comes out best. */
  readonly noodles: 'in' | 'apart' | 'either';
  /** Every release natural, every release as quick as is safe, or as it comes out best. */
  readonly release: 'natural' | 'quick' | 'either';
  /** Minutes from now until it has to be on the table. */
  readonly byMin?: number;
  /** Whether smaller cuts may be proposed. */
  readonly cuts: boolean;
  /** Items that stay where the cook has put them. */
  readonly keep: readonly string[];
}

export const USUAL_WISHES: Wishes = {
  openings: 1,
  noodles: 'either',
  release: 'either',
  cuts: true,
  keep: [],
};

/** A wish that no plan meets, and by how much it is missed. */
export interface Unmet {
  readonly wish: 'done' | 'not overdone' | 'by' | 'safe';
  readonly item: string | null;
  /** Minutes: of cooking at the boil missing, past its limit on the table, or late. */
  readonly byMin: number;
  readonly sentence: string;
}

export interface Solution {
  /** The plan, with steps and entries set; the nearest one where a wish is not met. */
  readonly batch: Batch;
  readonly openings: number;
  readonly totalMin: number;
  readonly unmet: readonly Unmet[];
  /** Differences from the batch as it was, in words. */
  readonly changes: readonly string[];
}
