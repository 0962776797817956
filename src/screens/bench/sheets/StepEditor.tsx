'use client';

import { useForm, useFormState, useWatch, type UseFormReturn } from 'react-hook-form';
import * as yup from 'yup';
import { pressureUnit, moveStep, splitHold, usualMinutes } from '@/core/batch/plan';
import { LIMITS, type Batch, type Kitchen, type Pot, type Step } from '@/core/batch/schema';
import {
  LONGEST_WAIT_MIN,
  potKindOf,
  RELEASE_METHODS,
  releaseBy,
  releaseOf,
  releasesFor,
  stepOf,
  waitOf,
  type ReleaseMethod,
} from '@/core/vocabulary';
import { HOT_C } from '@/core/guard';
import { KEEPS_WARM_C } from '@/core/heat';
import { formatPressure, formatTemperature } from '@/core/quantity';
import { Button } from '@/ui/Button';
import { Choice, Field } from '@/ui/forms/Field';
import { neededNumber, numberField } from '@/ui/forms/formFields';
import { formResolver } from '@/ui/forms/formResolver';
import { KeepFoot } from '@/ui/forms/KeepFoot';
import { toNumbers } from '@/ui/forms/numbers';
import { Sheet } from '@/ui/Sheet';
import { allKept, allShown, refusal, unitOf, type Dimensions } from '@/ui/forms/unitFields';
import { ReleaseTable } from './ReleaseTable';

interface Form {
  minutes: number;
  setting: string;
  method: ReleaseMethod;
  afterMin: number;
  /** Before bursts or cold water. */
  waitMin: number;
  keepWarm: boolean;
  /** Of browning; null for none. */
  sideMin: number | null;
  deglazeMl: number | null;
  keep: 'usual' | 'broth' | 'bones';
}

const WAIT = { min: 0, max: LONGEST_WAIT_MIN, wanted: `minutes, 0 to ${LONGEST_WAIT_MIN}` };

const schemaFor = (kind: Step['kind']) =>
  yup.object({
    minutes: neededNumber(kind === 'pressure' ? LIMITS.hold : LIMITS.step),
    setting: yup.string().defined(),
    method: yup.string<ReleaseMethod>().oneOf(RELEASE_METHODS).required(),
    afterMin: neededNumber(WAIT),
    waitMin: neededNumber(WAIT),
    keepWarm: yup.boolean().defined(),
    sideMin: numberField(LIMITS.side),
    deglazeMl: numberField(LIMITS.deglaze),
    keep: yup.string<Form['keep']>().oneOf(['usual', 'broth', 'bones']).required(),
  });

const NUMBERS = ['minutes', 'afterMin', 'waitMin', 'sideMin', 'deglazeMl'];
const DIMENSIONS: Dimensions = { deglazeMl: 'splash' };

function strained(step: Exclude<Step, { kind: 'pressure' }>, form: Form): Step {
  const timed = { ...step, minutes: form.minutes };
  if (timed.kind === 'rest') {
    const { keepWarm: _, ...usual } = timed;
    return form.keepWarm ? { ...usual, keepWarm: true } : usual;
  }
  if (timed.kind === 'saute') {
    const { sideMin: _, deglazeMl: __, ...usual } = timed;
    return {
      ...usual,
      ...(form.sideMin !== null && { sideMin: form.sideMin }),
      ...(form.deglazeMl !== null && { deglazeMl: form.deglazeMl }),
    };
  }
  if (timed.kind !== 'strain') return timed;
  const { keep, ...usual } = timed;
  return form.keep === 'usual' ? usual : { ...usual, keep: form.keep };
}

function PressureFields({
  form,
  pot,
  kitchen,
}: {
  readonly form: UseFormReturn<Form>;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
}) {
  const { register, control } = form;
  // By the hook: the form itself is one and the same whatever its fields say.
  const { errors } = useFormState({ control });
  const { waits } = releaseOf(useWatch({ control, name: 'method' }));
  return (
    <>
      <Choice id="setting" label="Setting" {...register('setting')}>
        {pot.settings.map((s) => (
          <option key={s.name} value={s.name}>
            {s.name}, {formatPressure(s.gaugeKPa, pressureUnit(kitchen))}
          </option>
        ))}
      </Choice>
      <Choice id="method" label="Release" {...register('method')}>
        {releasesFor(pot.kind).map((how) => (
          <option key={how} value={how}>
            {releaseOf(how).chosen}
          </option>
        ))}
      </Choice>
      {waits === 'always' && (
        <Field
          id="afterMin"
          label="Wait before opening, minutes"
          inputMode="numeric"
          {...register('afterMin')}
          error={errors.afterMin?.message}
        />
      )}
      {waits === 'may' && (
        <Field
          id="waitMin"
          label="Wait before it, minutes"
          inputMode="numeric"
          {...register('waitMin')}
          error={errors.waitMin?.message}
        />
      )}
    </>
  );
}

/** Place of the step among the others, and an opening in its hold. */
function Moves({
  batch,
  step,
  onBatch,
  onClose,
}: {
  readonly batch: Batch;
  readonly step: Step;
  readonly onBatch: (batch: Batch) => void;
  readonly onClose: () => void;
}) {
  return (
    <div className="flex flex-wrap gap-2 border-t border-hairline pt-3">
      {([-1, 1] as const).map((by) => {
        const moved = moveStep(batch, step.id, by);
        return (
          <Button
            key={by}
            disabled={moved === batch}
            onClick={() => {
              onBatch(moved);
              onClose();
            }}
          >
            {by < 0 ? 'A step earlier' : 'A step later'}
          </Button>
        );
      })}
      {step.kind === 'pressure' && step.holdMin >= 2 && (
        <Button
          onClick={() => {
            onBatch(splitHold(batch, step.id, Math.round(step.holdMin / 2)));
            onClose();
          }}
        >
          Open the pot half-way
        </Button>
      )}
    </div>
  );
}

/** Changes a step: its minutes; under pressure also the setting and how the steam is let out. */
export function StepEditor({
  step,
  batch,
  pot,
  kitchen,
  removable,
  onSave,
  onBatch,
  onRemove,
  onClose,
}: {
  readonly step: Step;
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly removable: boolean;
  readonly onSave: (step: Step) => void;
  /** A change of more than this step: its place, or an opening in its hold. */
  readonly onBatch: (batch: Batch) => void;
  readonly onRemove: () => void;
  readonly onClose: () => void;
}) {
  const pressed = step.kind === 'pressure';
  const { units } = kitchen;
  const before: Form = {
    minutes: pressed ? step.holdMin : (step.minutes ?? usualMinutes(step.kind)),
    setting: pressed ? (step.setting ?? pot.settings[0]?.name ?? '') : '',
    method: pressed ? (step.release?.method ?? 'natural') : 'natural',
    afterMin: pressed && step.release?.method === 'timed' ? step.release.afterMin : 10,
    waitMin: pressed ? waitOf(step.release) : 0,
    keepWarm: step.kind === 'rest' && step.keepWarm === true,
    sideMin: step.kind === 'saute' ? (step.sideMin ?? null) : null,
    deglazeMl: step.kind === 'saute' ? (step.deglazeMl ?? null) : null,
    keep: (step.kind === 'strain' ? step.keep : undefined) ?? 'usual',
  };
  const form = useForm<Form>({
    defaultValues: allShown(before, DIMENSIONS, units),
    resolver: formResolver(schemaFor(step.kind), (values) =>
      allKept(toNumbers(values, NUMBERS), before, DIMENSIONS, units),
    ),
  });
  const { register, handleSubmit, formState } = form;
  const { errors } = formState;
  const save = handleSubmit((fields) => {
    onSave(
      pressed
        ? {
            ...step,
            holdMin: fields.minutes,
            setting: fields.setting,
            release: releaseBy(
              fields.method,
              step.release,
              fields.method === 'timed' ? fields.afterMin : fields.waitMin,
            ),
          }
        : strained(step, fields),
    );
    onClose();
  });
  return (
    <Sheet open onClose={onClose} title={stepOf(step.kind).title}>
      <form onSubmit={(event) => void save(event)} noValidate className="space-y-4">
        <Field
          id="minutes"
          label={pressed ? 'Hold, minutes' : 'Minutes'}
          inputMode="numeric"
          {...register('minutes')}
          error={errors.minutes?.message}
        />
        {step.kind === 'rest' && potKindOf(pot.kind).keepsWarm && (
          <label className="flex min-h-11 items-center gap-3">
            <input type="checkbox" className="size-5 accent-copper" {...register('keepWarm')} />
            <span>
              the pot is left on and keeps it warm
              <span className="block text-fine text-quiet">
                At about {formatTemperature(KEEPS_WARM_C, kitchen.units)}; read it with a
                thermometer, since below {formatTemperature(HOT_C, kitchen.units)} it begins to
                spoil. Without a tick it counts as switched off.
              </span>
            </span>
          </label>
        )}
        {step.kind === 'saute' && (
          <div className="grid grid-cols-2 gap-4">
            <Field
              id="sideMin"
              label="A side, minutes"
              hint="The minutes follow from this. What does not fit on the bottom is browned in batches."
              inputMode="decimal"
              {...register('sideMin')}
              error={errors.sideMin?.message}
            />
            <Field
              id="deglazeMl"
              label={`Scrape it with, ${unitOf('splash', units)}`}
              hint="Of the liquid, before the rest goes in"
              inputMode="decimal"
              {...register('deglazeMl')}
              error={refusal(errors.deglazeMl?.message, units)}
            />
          </div>
        )}
        {step.kind === 'strain' && (
          <Choice id="keep" label="Stays in the pot" {...register('keep')}>
            <option value="usual">the bones, if fresh water is added; otherwise the broth</option>
            <option value="bones">the bones, for another broth in fresh water</option>
            <option value="broth">the broth</option>
          </Choice>
        )}
        {pressed && <PressureFields form={form} pot={pot} kitchen={kitchen} />}
        {pressed && <ReleaseTable batch={batch} pot={pot} kitchen={kitchen} step={step.id} />}
        <Moves batch={batch} step={step} onBatch={onBatch} onClose={onClose} />
        <KeepFoot
          {...(removable ? { removes: 'Leave this step out', onRemove } : {})}
          onClose={onClose}
        />
      </form>
    </Sheet>
  );
}
