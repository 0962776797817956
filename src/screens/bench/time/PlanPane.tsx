import { useDeferredValue, useMemo } from 'react';
import type { Assessment } from '@/core/assess';
import { changeStep, isBroth, placeStep } from '@/core/batch/plan';
import { EXAMPLE_LINE } from '@/core/batch/reading';
import { later } from '@/drawings/later';
import { LivePlot, tracePlot } from '@/drawings/plot';
import { StepBar } from '@/drawings/steps';
import { CursorSlider } from './CursorSlider';
import { useOverTheClock, usePlan, usePlanActions, useSession } from '../plan';
import { TraceTable } from './TraceTable';

// Lanes need an assessment: load them while that, or the household, is pending.
const Plan = later(() => import('./Plan').then((m) => m.Plan), undefined, true);

/** Temperature and pressure over the time of the cook, with what is not known as a band. */
function Trace() {
  const { cursor } = useSession();
  const inHand = usePlan((p) => p.shown !== p.batch);
  const assessment = usePlan((p) => p.assessment);
  const settled = usePlan((p) => p.settled);
  const draws = usePlan((p) => p.draws);
  const cursorMin = usePlan((p) => p.cursorMin);
  const now = useOverTheClock('assessment');
  const rest = useOverTheClock('settled');
  const light = useMemo(
    () => (inHand && assessment ? tracePlot(assessment, null, now) : null),
    [inHand, assessment, now],
  );
  const rich = useMemo(
    () => (settled ? tracePlot(settled, draws, rest) : null),
    [settled, draws, rest],
  );
  return <LivePlot inHand={light} settled={rich} cursorMin={cursorMin} onCursor={cursor} />;
}

function Steps({ assessment }: { readonly assessment: Assessment }) {
  const { inHand, cursor, open } = useSession();
  const { save } = usePlanActions();
  const batch = usePlan((p) => p.batch);
  const shown = usePlan((p) => p.shown);
  const cursorMin = usePlan((p) => p.cursorMin);
  const { clock } = useOverTheClock('assessment');
  return (
    <>
      <StepBar
        batch={shown}
        assessment={assessment}
        onEdit={(step) => open({ step })}
        onAdd={() => open('new step')}
        onStep={(next, done) =>
          inHand(
            changeStep(batch, next.id, () => next),
            done,
          )
        }
        onOrder={(id, to) => save(placeStep(batch, id, to))}
      />
      <CursorSlider
        totalMin={assessment.time.endMin}
        cursorMin={cursorMin}
        onCursor={cursor}
        clock={clock}
      />
    </>
  );
}

/** The cook over its clock: the Trace, the steps, a lane an ingredient. */
export function PlanPane() {
  const assessment = usePlan((p) => p.assessment);
  const stale = usePlan((p) => p.stale);
  const progress = usePlan((p) => p.progress);
  const broth = usePlan((p) => isBroth(p.batch));
  const empty = usePlan((p) => p.batch.items.length === 0);
  const units = usePlan((p) => p.kitchen.units);
  // The readings first: a lane an ingredient is the most that is drawn here.
  const lanes = useDeferredValue(assessment !== null, false);
  return (
    <section
      aria-label="Temperature and ingredients"
      className="panel order-last flex min-h-0 flex-col p-2 lg:order-none lg:col-start-2 lg:row-span-2 lg:row-start-1"
      aria-busy={stale}
    >
      {/* On a tall window the curves take the room that the lanes leave. */}
      <div
        className={`relative shrink-0 lg:max-h-[55dvh] lg:grow ${broth ? 'h-[170px]' : 'h-[230px]'}`}
        data-testid="trace"
      >
        {empty ? (
          <p className="grid h-full place-items-center px-6 text-center text-quiet">
            Temperature and pressure over time show here once something is in the pot.
          </p>
        ) : (
          <>
            <Trace />
            <TraceTable />
          </>
        )}
      </div>
      {assessment && !empty && <Steps assessment={assessment} />}
      {assessment && progress !== null && (
        <progress
          className="mx-[46px] h-1 accent-steam"
          value={progress}
          max={1}
          aria-label="Working out how sure that is"
        />
      )}
      {assessment && (
        <div
          className="min-h-0 shrink lg:overflow-y-auto"
          tabIndex={0}
          role="group"
          aria-label="Plan"
        >
          {empty ? (
            <p className="p-6 text-center text-quiet">
              Nothing in the pot yet. Say what goes in at “Put in”, such as{' '}
              <b className="text-ink">{EXAMPLE_LINE[units]}</b>.
            </p>
          ) : (
            lanes && <Plan />
          )}
        </div>
      )}
    </section>
  );
}
