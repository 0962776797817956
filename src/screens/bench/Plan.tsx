'use client';

import { lazy, Suspense } from 'react';
import { changeItem, isBroth } from '@/core/batch';
import { throughDoor } from './doors';
import type { PlanProps } from './planProps';
import { Lanes } from './Lanes';

// Tabs, chart and sums of the run-offs come with the first stock or broth.
const BrothPlan = lazy(() => import('./runoffs/BrothPlan').then((m) => ({ default: m.BrothPlan })));

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
