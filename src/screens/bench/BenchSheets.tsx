'use client';

import { lazy, Suspense } from 'react';
import type { Assessment } from '@/core/assess';
import {
  changeItem,
  changeStep,
  isBroth,
  removeItem,
  removeStep,
  stepsOf,
  type Batch,
  type Kitchen,
  type Pot,
} from '@/core/batch';
import { saveBatch, saveHabit } from '@/ui/household';
import type { Editing } from './editing';

// Editors and their forms come when first opened.
const AddStep = lazy(() => import('./AddStep').then((m) => ({ default: m.AddStep })));
const AimSheet = lazy(() => import('./runoffs/AimSheet').then((m) => ({ default: m.AimSheet })));
const HelpSheet = lazy(() => import('./HelpSheet').then((m) => ({ default: m.HelpSheet })));
const ItemEditor = lazy(() => import('./ItemEditor').then((m) => ({ default: m.ItemEditor })));
const ScaleSheet = lazy(() => import('./ScaleSheet').then((m) => ({ default: m.ScaleSheet })));
const SchoolsSheet = lazy(() =>
  import('./SchoolsSheet').then((m) => ({ default: m.SchoolsSheet })),
);
const SolveSheet = lazy(() => import('./SolveSheet').then((m) => ({ default: m.SolveSheet })));
const StepEditor = lazy(() => import('./StepEditor').then((m) => ({ default: m.StepEditor })));
const TimetableSheet = lazy(() =>
  import('./TimetableSheet').then((m) => ({ default: m.TimetableSheet })),
);

/** The sheet that is open over the Bench, if any. */
export function BenchSheets({
  editing,
  batch,
  pot,
  pots,
  kitchen,
  assessment,
  onTake,
  onClose,
}: {
  readonly editing: Editing;
  readonly batch: Batch;
  readonly pot: Pot;
  readonly pots: readonly Pot[];
  readonly kitchen: Kitchen;
  readonly assessment: Assessment | null;
  readonly onTake: (batches: readonly Batch[]) => void;
  readonly onClose: () => void;
}) {
  const of = typeof editing === 'object' ? editing : null;
  const item = of && 'item' in of ? batch.items.find((i) => i.id === of.item) : undefined;
  const step = of && 'step' in of ? stepsOf(batch).find((s) => s.id === of.step) : undefined;
  return (
    <Suspense fallback={null}>
      {item && (
        <ItemEditor
          batch={batch}
          item={item}
          kitchen={kitchen}
          onSave={(change) => saveBatch(changeItem(batch, item.id, change))}
          onBatch={saveBatch}
          onRemove={() => saveBatch(removeItem(batch, item.id))}
          onClose={onClose}
        />
      )}
      {step && (
        <StepEditor
          step={step}
          batch={batch}
          pot={pot}
          kitchen={kitchen}
          removable={stepsOf(batch).length > 1}
          onSave={(next) => saveBatch(changeStep(batch, step.id, () => next))}
          onBatch={saveBatch}
          onRemove={() => saveBatch(removeStep(batch, step.id))}
          onClose={onClose}
        />
      )}
      {editing === 'new step' && <AddStep batch={batch} onAdd={saveBatch} onClose={onClose} />}
      {editing === 'schools' && (
        <SchoolsSheet
          batch={batch}
          kitchen={kitchen}
          onChange={saveBatch}
          onHabit={saveHabit}
          onClose={onClose}
        />
      )}
      {editing === 'solve' && isBroth(batch) && (
        <AimSheet batch={batch} pot={pot} kitchen={kitchen} onTake={saveBatch} onClose={onClose} />
      )}
      {editing === 'help' && <HelpSheet onClose={onClose} />}
      {editing === 'solve' && assessment && !isBroth(batch) && (
        <SolveSheet
          batch={batch}
          pot={pot}
          kitchen={kitchen}
          assessment={assessment}
          onTake={saveBatch}
          onClose={onClose}
        />
      )}
      {editing === 'clock' && assessment && (
        <TimetableSheet
          batch={batch}
          pot={pot}
          kitchen={kitchen}
          assessment={assessment}
          onClose={onClose}
        />
      )}
      {editing === 'scale' && assessment && (
        <ScaleSheet
          batch={batch}
          pots={pots}
          kitchen={kitchen}
          assessment={assessment}
          onTake={onTake}
          onClose={onClose}
        />
      )}
    </Suspense>
  );
}
