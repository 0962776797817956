'use client';

import { Suspense, useMemo, type ReactNode } from 'react';
import { useShallow } from 'zustand/react/shallow';
import type { Assessment } from '@/core/assess';
import { changeItem, isBroth } from '@/core/batch/plan';
import { runOffPlot } from '@/drawings/plot';
import { Lanes, throughDoor } from '../lanes';
import { useOverTheClock, usePlan, usePlanActions, useSession } from '../plan';
import { BrothPlan } from '../runoffs';

function Broth({
  assessment,
  lanes,
}: {
  readonly assessment: Assessment;
  readonly lanes: ReactNode;
}) {
  const { cursor, inHand } = useSession();
  const { save } = usePlanActions();
  const plan = usePlan(
    useShallow(({ batch, shown, pot, kitchen, settled, cursorMin }) => ({
      batch,
      shown,
      pot,
      kitchen,
      settled,
      cursorMin,
    })),
  );
  const { shown, batch, settled } = plan;
  const now = useOverTheClock('assessment');
  const rest = useOverTheClock('settled');
  const light = useMemo(
    () => (shown === batch ? null : runOffPlot(assessment, now)),
    [shown, batch, assessment, now],
  );
  const rich = useMemo(() => settled && runOffPlot(settled, rest), [settled, rest]);
  return (
    <BrothPlan
      batch={batch}
      shown={shown}
      pot={plan.pot}
      kitchen={plan.kitchen}
      cursorMin={plan.cursorMin}
      assessment={assessment}
      light={light}
      rich={rich}
      onCursor={cursor}
      onBatch={save}
      onInHand={inHand}
      lanes={lanes}
    />
  );
}

/** Contents of the pot, beneath the step bar: a lane an ingredient; of a stock or broth, its broths too. */
export function Plan() {
  const { open } = useSession();
  const { save } = usePlanActions();
  const batch = usePlan((p) => p.batch);
  const shown = usePlan((p) => p.shown);
  const kitchen = usePlan((p) => p.kitchen);
  const assessment = usePlan((p) => p.assessment);
  const draws = usePlan((p) => p.draws);
  const cursorMin = usePlan((p) => p.cursorMin);
  const { clock } = useOverTheClock('assessment');
  if (!assessment) return null;
  const lanes = (
    <Lanes
      assessment={assessment}
      draws={draws}
      batch={shown}
      kitchen={kitchen}
      cursorMin={cursorMin}
      clock={clock}
      onEdit={(item) => open({ item })}
      onTask={(task) => open({ task })}
      onQuick={(item, change) => save(changeItem(batch, item, change))}
      onDoor={(item, door) => save(throughDoor(batch, item, door))}
    />
  );
  return isBroth(batch) ? (
    <Suspense fallback={lanes}>
      <Broth assessment={assessment} lanes={lanes} />
    </Suspense>
  ) : (
    lanes
  );
}
