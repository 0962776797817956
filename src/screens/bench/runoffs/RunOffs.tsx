'use client';

import { useMemo } from 'react';
import { Said } from '@/ui/said';
import type { Assessment } from '@/core/assess';
import { changeStep, stopAfter } from '@/core/batch/plan';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import type { NextRun } from '@/core/solve';
import { LivePlot, type Plot } from '@/drawings/plot';
import { useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';
import { BlendGlass } from './BlendGlass';
import { RunOffTable } from './RunOffTable';
import { stopsOf } from './rows';
import { Stops } from './Stops';
import { advice, answers } from './words';

const nextRunOf = ({ batch, pot, kitchen }: Pick<RunOffsProps, 'batch' | 'pot' | 'kitchen'>) =>
  ask('nextRun', [batch, pot, kitchen]);

/** Preview of one more run, without changing the plan. */
function useNextRun(batch: Batch, pot: Pot, kitchen: Kitchen): NextRun | null {
  const question = useMemo(() => ({ batch, pot, kitchen }), [batch, pot, kitchen]);
  // The assessment of the same batch tells why it could not be worked out.
  const { answer } = useNewest(question, nextRunOf);
  return answer?.of.batch === batch ? answer.answer : null;
}

export interface RunOffsProps {
  readonly batch: Batch;
  /** The batch as the hand has it. */
  readonly shown: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  /** Of the batch as the hand has it. */
  readonly assessment: Assessment;
  /** Of the batch as the hand has it; null while no hand is on it. */
  readonly light: Plot | null;
  /** Of the batch at rest. */
  readonly rich: Plot | null;
  readonly cursorMin: number | null;
  readonly onCursor: (minute: number | null) => void;
  readonly onBatch: (batch: Batch) => void;
  readonly onInHand: (batch: Batch, done: boolean) => void;
}

/** Worth of the bones: grams over time through all runs, the stops to drag, the broths. */
export function RunOffs({
  batch,
  shown,
  pot,
  kitchen,
  assessment,
  light,
  rich,
  cursorMin,
  onCursor,
  onBatch,
  onInHand,
}: RunOffsProps) {
  const next = useNextRun(batch, pot, kitchen);
  const { bones, runOffs } = assessment;
  if (!runOffs || bones.length === 0)
    return (
      <p className="p-6 text-center text-quiet">
        <Said>These bones give no gelatin in this plan yet.</Said>
      </p>
    );
  return (
    <div className="space-y-2" data-testid="broths">
      <div className="relative h-[130px]">
        <LivePlot inHand={light} settled={rich} cursorMin={cursorMin} onCursor={onCursor} />
        <Stops
          stops={stopsOf(shown, assessment)}
          total={Math.max(1, assessment.time.endMin)}
          onMove={(step, holdMin, done) =>
            onInHand(
              changeStep(batch, step, (s) => (s.kind === 'pressure' ? { ...s, holdMin } : s)),
              done,
            )
          }
        />
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)_auto] gap-4 px-3 max-sm:grid-cols-1">
        <div className="min-w-0 space-y-1.5">
          <RunOffTable
            bones={bones}
            kitchen={kitchen}
            onStop={(runs) => onBatch(stopAfter(batch, runs))}
          />
          <p className="text-fine leading-snug" data-testid="advice">
            <Said>{advice(assessment, next, kitchen.units)}</Said>
          </p>
          <dl className="grid grid-cols-2 gap-x-5 text-fine leading-snug max-sm:grid-cols-1">
            {answers(assessment, kitchen.units).map(([name, value]) => (
              <div
                key={name}
                className="flex justify-between gap-2 border-t border-hairline py-0.5"
              >
                <dt className="text-quiet">
                  <Said>{name}</Said>
                </dt>
                <dd className="text-right">{value}</dd>
              </div>
            ))}
          </dl>
        </div>
        <BlendGlass bones={bones} runOffs={runOffs} kitchen={kitchen} />
      </div>
    </div>
  );
}
