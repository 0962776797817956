'use client';

import { lazy, Suspense } from 'react';
import type { Assessment, Draws } from '@/core/assess';
import { changeItem, isBroth, type Batch, type Kitchen, type Pot } from '@/core/batch';
import type { ClockText } from './clockText';
import { throughDoor } from './doors';
import type { Editing } from './editing';
import { Lanes } from './Lanes';

// Tabs, chart and sums of the run-offs come with the first stock or broth.
const BrothPlan = lazy(() => import('./runoffs/BrothPlan').then((m) => ({ default: m.BrothPlan })));

export interface PlanProps {
  readonly batch: Batch;
  /** The batch as the hand has it. */
  readonly shown: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly assessment: Assessment;
  readonly settled: Assessment | null;
  readonly draws: Draws | null;
  readonly clock: ClockText;
  readonly cursorMin: number | null;
  readonly onCursor: (minute: number | null) => void;
  readonly onBatch: (batch: Batch) => void;
  readonly onInHand: (batch: Batch, done: boolean) => void;
  readonly onOpen: (what: Editing) => void;
}

/** What is in the pot, beneath the step bar: a lane an ingredient; of a stock or broth, its run-offs too. */
export function Plan(props: PlanProps) {
  const { batch, shown, kitchen, assessment, draws, cursorMin, onBatch, onOpen } = props;
  const lanes = (
    <Lanes
      assessment={assessment}
      draws={draws}
      batch={shown}
      kitchen={kitchen}
      cursorMin={cursorMin}
      onEdit={(item) => onOpen({ item })}
      onQuick={(item, change) => onBatch(changeItem(batch, item, change))}
      onDoor={(item, door) => onBatch(throughDoor(batch, item, door))}
    />
  );
  return isBroth(batch) ? (
    <Suspense fallback={lanes}>
      <BrothPlan {...props} lanes={lanes} />
    </Suspense>
  ) : (
    lanes
  );
}
