import { useState } from 'react';
import type { Assessment } from '@/core/assess';
import {
  extractionWaterL,
  setExtractionWater,
  type Batch,
  type Item,
  type Kitchen,
  type Pot,
} from '@/core/batch';
import type { OwnFood } from '@/core/food';
import { AddLine } from './AddLine';
import type { ClockText } from './clockText';
import { Moment } from './Moment';
import { MomentStrip } from './MomentStrip';
import { runAt, runStart } from './runoffs/runAt';
import { sampleAt } from './traceRows';
import { WaterLine } from './WaterLine';
import { Well } from './Well';

/** The pot as it stands at the cursor, or as the run that the cook looks at begins; and what goes in. */
export function WellSide({
  batch,
  shown,
  pot,
  kitchen,
  assessment,
  cursorMin,
  clock,
  foods,
  onCursor,
  onInHand,
  onAdd,
}: {
  readonly batch: Batch;
  /** The batch as the hand has it. */
  readonly shown: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly assessment: Assessment | null;
  readonly cursorMin: number | null;
  readonly clock: ClockText;
  readonly foods: readonly OwnFood[];
  readonly onCursor: (minute: number | null) => void;
  readonly onInHand: (batch: Batch, done: boolean) => void;
  readonly onAdd: (items: readonly Omit<Item, 'id'>[]) => void;
}) {
  /** Which run of the bones is shown while no cursor is on the clock. */
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
      className="flex flex-col gap-2 lg:min-h-0 lg:overflow-x-hidden lg:overflow-y-auto"
    >
      {assessment ? (
        <>
          <Well
            pot={pot}
            kitchen={kitchen}
            assessment={assessment}
            sample={sample}
            waterL={water}
            onWater={(litres, done) => onInHand(setExtractionWater(batch, run, litres), done)}
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
            onCursor={onCursor}
          />
          <Moment assessment={assessment} sample={sample} kitchen={kitchen} clock={clock} />
        </>
      ) : (
        <div className="h-64 animate-pulse rounded-xl bg-hairline/50" />
      )}
      <AddLine units={kitchen.units} foods={foods} onAdd={onAdd} />
    </section>
  );
}
