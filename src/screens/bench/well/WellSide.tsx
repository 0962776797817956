import { useCallback, useState } from 'react';
import { shelvesOf } from '@/core/batch/household';
import { extractionWaterL, setExtractionWater } from '@/core/batch/plan';
import { MOST_ITEMS, MOST_TASKS } from '@/core/batch/schema';
import { aboutJar, keepsOf, plannable } from '@/core/keep';
import { sampleAt } from '@/drawings/time';
import { Well } from '@/drawings/well';
import { useClock } from '@/ui/clock';
import { saveWord, useHousehold } from '@/ui/household';
import { AddLine } from './AddLine';
import { Moment } from './Moment';
import { describe } from './moments';
import { MomentStrip } from './MomentStrip';
import { useOverTheClock, usePlan, usePlanActions, useSession } from '../plan';
import { runAt, runStart } from '../runoffs';
import { WaterLine } from './WaterLine';

/** The pot at the cursor, or at the start of the selected run; and its ingredients. */
export function WellSide() {
  const { cursor, inHand } = useSession();
  const { putIn } = usePlanActions();
  const { foods, jars, batches, kitchen: home } = useHousehold();
  const wall = useClock();
  // Sort thousands of jars when something is put in, not at every edit.
  const shelves = useCallback(() => {
    const keeps = keepsOf(home.larder);
    const now = wall.now();
    return shelvesOf(plannable(jars, keeps, now), batches, aboutJar(keeps, now));
  }, [jars, home.larder, batches, wall]);
  const batch = usePlan((p) => p.batch);
  const shown = usePlan((p) => p.shown);
  const pot = usePlan((p) => p.pot);
  const kitchen = usePlan((p) => p.kitchen);
  const assessment = usePlan((p) => p.assessment);
  const cursorMin = usePlan((p) => p.cursorMin);
  const { clock } = useOverTheClock('assessment');
  /** Which broth of the bones is shown while no cursor is on the clock. */
  const [chosen, setChosen] = useState(0);
  const runs = assessment?.bones ?? [];
  const run =
    cursorMin === null ? Math.min(chosen, Math.max(0, runs.length - 1)) : runAt(runs, cursorMin);
  const water = extractionWaterL(shown, run);
  const sample =
    assessment === null
      ? null
      : cursorMin === null
        ? runStart(assessment, run)
        : sampleAt(assessment.series, cursorMin);
  return (
    <section
      aria-label="Well"
      className="flex flex-col gap-2 lg:col-start-1 lg:row-span-2 lg:row-start-1 lg:min-h-0 lg:overflow-x-hidden lg:overflow-y-auto"
    >
      {assessment ? (
        <>
          <Well
            pot={pot}
            kitchen={kitchen}
            assessment={assessment}
            sample={sample}
            waterL={water}
            text={describe(assessment, pot, kitchen)}
            onWater={(litres, done) => inHand(setExtractionWater(batch, run, litres), done)}
          />
          <WaterLine
            litres={water}
            run={run}
            runs={runs.length}
            kitchen={kitchen}
            onRun={setChosen}
          />
          <MomentStrip
            assessment={assessment}
            pot={pot}
            kitchen={kitchen}
            cursorMin={cursorMin}
            clock={clock}
            onCursor={cursor}
          />
          <Moment assessment={assessment} sample={sample} kitchen={kitchen} clock={clock} />
        </>
      ) : (
        <div className="h-64 animate-pulse rounded-xl bg-hairline/50" />
      )}
      <AddLine
        units={kitchen.units}
        foods={foods}
        words={home.words}
        onMeant={saveWord}
        shelves={shelves}
        room={MOST_ITEMS - batch.items.length}
        taskRoom={MOST_TASKS - (batch.alongside?.length ?? 0)}
        onAdd={putIn}
      />
    </section>
  );
}
