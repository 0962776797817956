import type { Assessment, Draws } from '@/core/assess';
import type { Batch, Kitchen, Pot } from '@/core/batch';
import type { ClockText } from './clockText';
import type { Editing } from './editing';

/** What the plan beneath the step bar is told, and what it can do. */
export interface PlanProps {
  readonly batch: Batch;
  /** The batch as the hand has it. */
  readonly shown: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  /** Of the batch as the hand has it. */
  readonly assessment: Assessment;
  /** The last one of a batch at rest. */
  readonly settled: Assessment | null;
  readonly draws: Draws | null;
  readonly clock: ClockText;
  /** Of the batch at rest. */
  readonly settledClock: ClockText;
  readonly cursorMin: number | null;
  readonly onCursor: (minute: number | null) => void;
  readonly onBatch: (batch: Batch) => void;
  readonly onInHand: (batch: Batch, done: boolean) => void;
  readonly onOpen: (what: Editing) => void;
}
