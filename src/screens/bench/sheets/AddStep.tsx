'use client';

import { useState } from 'react';
import { freshStepId, insertStep, stepsOf } from '@/core/batch/plan';
import type { Batch, Step } from '@/core/batch/schema';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/forms/Field';
import { Sheet } from '@/ui/Sheet';
import { stepNames } from '@/ui/stepNames';
import { STEP_KINDS, stepOf } from '@/core/vocabulary';

function fresh(kind: Step['kind'], id: string): Step {
  return kind === 'pressure'
    ? { id, kind, holdMin: 5, release: { method: 'natural' } }
    : { id, kind };
}

/** Adds a step after another. */
export function AddStep({
  batch,
  onAdd,
  onClose,
}: {
  readonly batch: Batch;
  readonly onAdd: (batch: Batch) => void;
  readonly onClose: () => void;
}) {
  const steps = stepsOf(batch);
  const names = stepNames(batch);
  const [kind, setKind] = useState<Step['kind']>('simmer');
  const [after, setAfter] = useState(steps.at(-1)?.id ?? '');
  return (
    <Sheet
      open
      onClose={onClose}
      title="Add a step"
      foot={
        <>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button
            look="copper"
            onClick={() => {
              onAdd(insertStep(batch, after || null, fresh(kind, freshStepId(batch))));
              onClose();
            }}
          >
            Add it
          </Button>
        </>
      }
    >
      <Choice
        id="kind"
        label="What"
        value={kind}
        onChange={(e) => setKind(e.target.value as Step['kind'])}
      >
        {STEP_KINDS.map((value) => (
          <option key={value} value={value}>
            {stepOf(value).added}
          </option>
        ))}
      </Choice>
      <Choice id="after" label="When" value={after} onChange={(e) => setAfter(e.target.value)}>
        <option value="">first of all</option>
        {steps.map((step, i) => (
          <option key={step.id} value={step.id}>
            after step {i + 1}: {step.kind === 'pressure' ? 'pressure' : names.get(step.id)}
          </option>
        ))}
      </Choice>
    </Sheet>
  );
}
