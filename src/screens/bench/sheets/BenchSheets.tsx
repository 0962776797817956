'use client';

import { lazyPart } from '@/drawings/later';
import { Suspense } from 'react';
import { useShallow } from 'zustand/react/shallow';
import {
  changeItem,
  changeStep,
  changeTask,
  isBroth,
  removeItem,
  removeStep,
  removeTask,
  stepsOf,
} from '@/core/batch/plan';
import { rehearsalsOf, saveHabit, useHousehold } from '@/ui/household';
import { usePlan, usePlanActions, useSession } from '../plan';
import { AimSheet } from '../runoffs';

// Editors and their forms come when first opened.
const AddStep = lazyPart(() => import('./AddStep').then((m) => m.AddStep));
const HelpSheet = lazyPart(() => import('./HelpSheet').then((m) => m.HelpSheet));
const ItemEditor = lazyPart(() => import('./ItemEditor').then((m) => m.ItemEditor));
const PhoneSheet = lazyPart(() => import('./PhoneSheet').then((m) => m.PhoneSheet));
const RecipeTextSheet = lazyPart(() => import('./RecipeTextSheet').then((m) => m.RecipeTextSheet));
const RehearseSheet = lazyPart(() => import('./RehearseSheet').then((m) => m.RehearseSheet));
const ScaleSheet = lazyPart(() => import('./ScaleSheet').then((m) => m.ScaleSheet));
const SchoolsSheet = lazyPart(() => import('./SchoolsSheet').then((m) => m.SchoolsSheet));
const SolveSheet = lazyPart(() => import('./SolveSheet').then((m) => m.SolveSheet));
const StepEditor = lazyPart(() => import('./StepEditor').then((m) => m.StepEditor));
const TaskEditor = lazyPart(() => import('./TaskEditor').then((m) => m.TaskEditor));
const TimetableSheet = lazyPart(() => import('./TimetableSheet').then((m) => m.TimetableSheet));

/** The sheet that is open over the Bench, if any. */
export function BenchSheets() {
  const { open } = useSession();
  const { save, takeAll, rehearse } = usePlanActions();
  const { cooks } = useHousehold();
  const { batch, pot, pots, kitchen, assessment, opened } = usePlan(
    useShallow((p) => ({
      batch: p.batch,
      pot: p.pot,
      pots: p.pots,
      kitchen: p.kitchen,
      assessment: p.assessment,
      opened: p.opened,
    })),
  );
  const onClose = (): void => open(null);
  const of = typeof opened === 'object' ? opened : null;
  const item = of && 'item' in of ? batch.items.find((i) => i.id === of.item) : undefined;
  const step = of && 'step' in of ? stepsOf(batch).find((s) => s.id === of.step) : undefined;
  const task = of && 'task' in of ? batch.alongside?.find((t) => t.id === of.task) : undefined;
  return (
    <Suspense fallback={null}>
      {item && (
        <ItemEditor
          batch={batch}
          item={item}
          kitchen={kitchen}
          onSave={(change) => save(changeItem(batch, item.id, change))}
          onBatch={save}
          onRemove={() => save(removeItem(batch, item.id))}
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
          onSave={(next) => save(changeStep(batch, step.id, () => next))}
          onBatch={save}
          onRemove={() => save(removeStep(batch, step.id))}
          onClose={onClose}
        />
      )}
      {task && (
        <TaskEditor
          task={task}
          lids={stepsOf(batch).filter((s) => s.kind === 'pressure').length}
          units={kitchen.units}
          onSave={(next) => save(changeTask(batch, task.id, () => next))}
          onRemove={() => save(removeTask(batch, task.id))}
          onClose={onClose}
        />
      )}
      {opened === 'new step' && <AddStep batch={batch} onAdd={save} onClose={onClose} />}
      {opened === 'schools' && (
        <SchoolsSheet
          batch={batch}
          kitchen={kitchen}
          onChange={save}
          onHabit={saveHabit}
          onClose={onClose}
        />
      )}
      {opened === 'solve' && isBroth(batch) && (
        <AimSheet batch={batch} pot={pot} kitchen={kitchen} onTake={save} onClose={onClose} />
      )}
      {opened === 'phone' && (
        <PhoneSheet batch={batch} pot={pot} kitchen={kitchen} onClose={onClose} />
      )}
      {opened === 'rehearse' && assessment && (
        <RehearseSheet
          batch={batch}
          before={rehearsalsOf(cooks, batch.id)}
          onGo={rehearse}
          onClose={onClose}
        />
      )}
      {opened === 'recipe' && batch.recipe && (
        <RecipeTextSheet recipe={batch.recipe} onClose={onClose} />
      )}
      {opened === 'help' && <HelpSheet onClose={onClose} />}
      {opened === 'solve' && assessment && !isBroth(batch) && (
        <SolveSheet
          batch={batch}
          pot={pot}
          kitchen={kitchen}
          assessment={assessment}
          onTake={save}
          onClose={onClose}
        />
      )}
      {opened === 'clock' && assessment && (
        <TimetableSheet
          batch={batch}
          pot={pot}
          kitchen={kitchen}
          assessment={assessment}
          onClose={onClose}
        />
      )}
      {opened === 'scale' && assessment && (
        <ScaleSheet
          batch={batch}
          pots={pots}
          kitchen={kitchen}
          assessment={assessment}
          onTake={takeAll}
          onClose={onClose}
        />
      )}
    </Suspense>
  );
}
