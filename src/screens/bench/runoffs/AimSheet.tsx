'use client';

import { setName } from '@/core/vocabulary';
import { useState } from 'react';
import { useForm, useFormState, type UseFormReturn } from 'react-hook-form';
import * as yup from 'yup';
import { likedSet } from '@/core/batch/plan';
import {
  LIMITS,
  SETS,
  type Aim,
  type Batch,
  type Kitchen,
  type Pot,
  type SetState,
} from '@/core/batch/schema';
import { SET_FROM } from '@/core/bones';
import { formatLevel, formatMinutes, formatStrength, type Units } from '@/core/quantity';
import type { RunOffOption, RunOffSolution } from '@/core/solve';
import { Button } from '@/ui/Button';
import { Choice, Field } from '@/ui/forms/Field';
import { numberField } from '@/ui/forms/formFields';
import { formResolver } from '@/ui/forms/formResolver';
import { toNumbers } from '@/ui/forms/numbers';
import { Sheet } from '@/ui/Sheet';
import { Wobble } from '@/ui/Wobble';
import { allKept, allShown, refusal, unitOf, type Dimensions } from '@/ui/forms/unitFields';
import { useEnding } from '@/ui/useEnding';
import { ask } from '@/workers';

interface Form {
  set: SetState | '';
  litres?: number | string | null | undefined;
  hours?: number | string | null | undefined;
  openings: string;
}

const DIMENSIONS: Dimensions = { litres: 'volume' };

const schema = yup.object({
  set: yup.string().oneOf(['', ...SETS]),
  litres: numberField(LIMITS.aimLitres),
  hours: numberField(LIMITS.aimHours),
  openings: yup.string(),
});

function aimOf(form: Form): Aim {
  return {
    ...(form.set !== '' && { set: form.set }),
    ...(form.litres != null && { litres: Number(form.litres) }),
    ...(form.hours != null && { hours: Number(form.hours) }),
    ...(form.openings !== '' && { openings: Number(form.openings) }),
  };
}

function OptionRow({
  option,
  chosen,
  kitchen,
  onChoose,
}: {
  readonly option: RunOffOption;
  readonly chosen: boolean;
  readonly kitchen: Kitchen;
  readonly onChoose: () => void;
}) {
  const holds = option.holdsMin.map((m) => formatMinutes(m)).join(' + ');
  return (
    <li className="border-t border-hairline py-2">
      <label className="flex gap-3">
        <input
          type="radio"
          name="runs"
          className="mt-1 size-5 shrink-0 accent-copper"
          checked={chosen}
          onChange={onChoose}
        />
        <span className="flex-1">
          <span className="font-semibold">
            {option.runs === 1 ? 'one broth' : `${option.runs} broths`}
          </span>
          <span className="figure ml-2 text-lg">{formatMinutes(option.totalMin)}</span>
          <span className="ml-2 text-fine text-quiet">{option.fuelKWh.toFixed(1)} kWh</span>
          <span className="block text-fine text-quiet">
            hold {holds}, {formatLevel(option.waterL, kitchen.units)} of water
            {option.runs > 1 && ' each'}
          </span>
          <span className="flex items-center gap-2 text-fine">
            <Wobble set={option.set} className="h-6" />
            {formatLevel(option.litres, kitchen.units)},{' '}
            {formatStrength(option.gPerL, kitchen.units)}: {setName(option.set)}
          </span>
          {option.misses.map((miss) => (
            <span key={miss} className="block text-fine text-rust">
              misses: {miss}
            </span>
          ))}
        </span>
      </label>
    </li>
  );
}

function AimFields({ form, units }: { readonly form: UseFormReturn<Form>; readonly units: Units }) {
  const { register, control } = form;
  // By the hook: the form itself is one and the same whatever its fields say.
  const { errors } = useFormState({ control });
  return (
    <>
      <Choice id="aim-set" label="When cold, it" {...register('set')}>
        <option value="">no preference: stop when another broth is not worth it</option>
        {SETS.map((set) => (
          <option key={set} value={set}>
            {setName(set)}, from {formatStrength(SET_FROM[set], units)}
          </option>
        ))}
      </Choice>
      <Field
        id="aim-litres"
        label={`Broth wanted, ${unitOf('volume', units)}`}
        inputMode="decimal"
        placeholder="any"
        {...register('litres')}
        error={refusal(errors.litres?.message, units)}
      />
      <Field
        id="aim-hours"
        label="Hours you have"
        inputMode="decimal"
        placeholder="any"
        {...register('hours')}
        error={errors.hours?.message}
      />
      <Choice id="aim-openings" label="Pour off in between" {...register('openings')}>
        <option value="">as often as the bones allow</option>
        <option value="0">not at all</option>
        <option value="1">once at most</option>
        <option value="2">twice at most</option>
      </Choice>
    </>
  );
}

/** How many runs the bones are worth: what is wanted, and the best plan for each number of runs. */
export function AimSheet({
  batch,
  pot,
  kitchen,
  onTake,
  onClose,
}: {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly onTake: (batch: Batch) => void;
  readonly onClose: () => void;
}) {
  const aim = batch.aim ?? {};
  const form = useForm<Form>({
    defaultValues: {
      set: aim.set ?? likedSet(kitchen) ?? '',
      litres: allShown(aim, DIMENSIONS, kitchen.units).litres ?? '',
      hours: aim.hours ?? '',
      openings: aim.openings === undefined ? '' : String(aim.openings),
    },
    resolver: formResolver(schema, (values) =>
      allKept(toNumbers(values, ['litres', 'hours']), aim, DIMENSIONS, kitchen.units),
    ),
  });
  const [found, setFound] = useState<RunOffSolution | null>(null);
  const [chosen, setChosen] = useState(0);
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState<string | null>(null);
  const signal = useEnding();
  const find = form.handleSubmit(async (fields) => {
    const own = signal();
    setBusy(true);
    setFailed(null);
    try {
      const asked = [batch, pot, kitchen, aimOf(fields)] as const;
      const solution = await ask('planRunOffs', asked, { signal: own });
      setFound(solution);
      setChosen(solution.best);
    } catch (error) {
      if (own.aborted) return;
      setFailed(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  });
  const option = found?.options[chosen];
  return (
    <Sheet
      open
      onClose={onClose}
      title="How many broths?"
      foot={
        <>
          <Button look="quiet" onClick={onClose}>
            Leave it
          </Button>
          <Button look={option ? 'outline' : 'copper'} disabled={busy} onClick={() => void find()}>
            {busy ? 'Working it out…' : 'Find it'}
          </Button>
          {option && (
            <Button
              look="copper"
              onClick={() => {
                onTake(option.batch);
                onClose();
              }}
            >
              Take it
            </Button>
          )}
        </>
      }
    >
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void find();
        }}
        className="grid grid-cols-2 gap-x-3 gap-y-2 sm:gap-4"
      >
        <AimFields form={form} units={kitchen.units} />
        <button type="submit" className="hidden" />
      </form>
      <div aria-live="polite">
        {busy && <div className="h-24 animate-pulse rounded-xl bg-hairline/50" />}
        {failed !== null && (
          <p role="alert" className="text-rust">
            It could not be worked out: {failed}. Nothing has changed.
          </p>
        )}
        {!busy && found && (
          <div data-testid="run-options">
            <ul aria-label="Plans">
              {found.options.map((o, i) => (
                <OptionRow
                  key={o.runs}
                  option={o}
                  chosen={i === chosen}
                  kitchen={kitchen}
                  onChoose={() => setChosen(i)}
                />
              ))}
            </ul>
            <p className="border-t border-hairline pt-2 text-fine text-quiet">
              No more broths: {found.limit}.
            </p>
          </div>
        )}
      </div>
    </Sheet>
  );
}
