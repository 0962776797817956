/** History of a lot, as it is kept: a leaf, so that schemas may be held to it. */

/** How a stretch is known: by a mark or a reading, from the plan, or by nothing but the time. */
export type HowKnown = 'seen' | 'planned' | 'presumed';

/** A stretch of time with its coolest and its warmest temperature. */
export interface Span {
  /** min, above 0 */
  readonly minutes: number;
  /** C */
  readonly coolestC: number;
  readonly warmestC: number;
  readonly how: HowKnown;
}

export interface History {
  /** ISO 8601; when the first span begins. */
  readonly startAt: string;
  readonly spans: readonly Span[];
}
