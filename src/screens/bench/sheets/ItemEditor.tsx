'use client';

import { useForm, useFormState, useWatch, type UseFormReturn } from 'react-hook-form';
import * as yup from 'yup';
import { foodOf, FRIDGE_C, FROZEN_C, pickMeat, stepsOf } from '@/core/batch/plan';
import {
  CUT_SHAPES,
  LIMITS,
  type Batch,
  type Cut,
  type CutShape,
  type Item,
  type Kitchen,
  type UpTo,
} from '@/core/batch/schema';
import { amountGrams, type Food } from '@/core/food';
import { formatTemperature, UNITS, type Unit, type Units } from '@/core/quantity';
import { Button } from '@/ui/Button';
import { Choice, Field } from '@/ui/forms/Field';
import { neededNumber, numberField } from '@/ui/forms/formFields';
import { formResolver } from '@/ui/forms/formResolver';
import { KeepFoot } from '@/ui/forms/KeepFoot';
import { Sheet } from '@/ui/Sheet';
import { toNumbers } from '@/ui/forms/numbers';
import { stepNames } from '@/ui/stepNames';
import { allKept, allShown, refusal, unitOf, type Dimensions } from '@/ui/forms/unitFields';
import { StayFields } from './StayFields';
import { stayForms, stayFormSchema, staysOfForms, type StayForm } from './stayForms';

interface Form {
  value: number;
  unit: Unit;
  /** A mark on the pot that it fills up to; empty for so much. */
  upTo: UpTo | '';
  shape: CutShape | 'usual';
  mm: number | null;
  start: 'usual' | 'frozen' | 'own';
  startC: number | null;
  soakedH: number | null;
  age: 'usual' | 'old';
  /** Of the first stay, or apart. */
  stays: StayForm[];
}

function schemaFor(item: Item) {
  const food = foodOf(item);
  return yup.object({
    value: neededNumber(LIMITS.amount),
    unit: yup
      .string<Unit>()
      .required()
      .test(
        'measure',
        `a mass or a volume: ${food?.name ?? 'this'} has no usual piece`,
        (unit) => !food || amountGrams(food, { value: 1, unit }) !== null,
      ),
    upTo: yup.string<Form['upTo']>().defined(),
    shape: yup.string<Form['shape']>().required(),
    mm: numberField(LIMITS.cut).when('shape', {
      is: (shape: string) => shape !== 'usual',
      then: () => neededNumber(LIMITS.cut),
    }),
    start: yup.string<Form['start']>().required(),
    startC: numberField(LIMITS.start).when('start', {
      is: 'own',
      then: () => neededNumber(LIMITS.start),
    }),
    soakedH: numberField(LIMITS.soaked),
    age: yup.string<Form['age']>().defined(),
    stays: stayFormSchema,
  });
}

const DIMENSIONS: Dimensions = { mm: 'cut', startC: 'temperature' };

function formOf(item: Item, first: string): Form {
  const { startC } = item;
  return {
    value: item.amount.value,
    unit: item.amount.unit,
    upTo: item.upTo ?? '',
    shape: item.cut?.shape ?? 'usual',
    mm: item.cut?.mm ?? null,
    start: startC === undefined ? 'usual' : startC === FROZEN_C ? 'frozen' : 'own',
    startC: startC ?? null,
    soakedH: item.soakedH ?? null,
    age: item.old ? 'old' : 'usual',
    stays: stayForms(item, first),
  };
}

function itemOf(item: Item, form: Form): Partial<Item> {
  const cut: Cut | undefined =
    form.shape === 'usual' || form.mm === null ? undefined : { shape: form.shape, mm: form.mm };
  const startC =
    form.start === 'usual'
      ? undefined
      : form.start === 'frozen'
        ? FROZEN_C
        : (form.startC ?? undefined);
  const sameUnit = form.unit === item.amount.unit;
  const isTyped = !sameUnit || form.value !== item.amount.value;
  return {
    amount: sameUnit
      ? { ...item.amount, value: form.value }
      : { value: form.value, unit: form.unit },
    // Who types an amount means so much, and no mark any more.
    upTo: isTyped && form.upTo === item.upTo ? undefined : form.upTo || undefined,
    cut,
    startC,
    soakedH: form.soakedH ?? undefined,
    old: form.age === 'old' || undefined,
    ...staysOfForms(item, form.stays),
  } as Partial<Item>;
}

interface Part {
  readonly form: UseFormReturn<Form>;
}

function CutFields({ form, units }: Part & { readonly units: Units }) {
  const { register, control } = form;
  // By the hook: the form itself is one and the same whatever its fields say.
  const { errors } = useFormState({ control });
  const shape = useWatch({ control, name: 'shape' });
  return (
    <div className="grid grid-cols-2 gap-4">
      <Choice id="shape" label="Cut" {...register('shape')}>
        <option value="usual">as it is</option>
        {CUT_SHAPES.map((shape) => (
          <option key={shape} value={shape}>
            {shape}
          </option>
        ))}
      </Choice>
      {shape !== 'usual' && (
        <Field
          id="mm"
          label={`Size, ${unitOf('cut', units)}`}
          inputMode="decimal"
          {...register('mm')}
          error={refusal(errors.mm?.message, units)}
        />
      )}
    </div>
  );
}

function StartFields({
  form,
  food,
  kitchen,
}: Part & { readonly food: Food | undefined; readonly kitchen: Kitchen }) {
  const { units } = kitchen;
  const { register, control } = form;
  // By the hook: the form itself is one and the same whatever its fields say.
  const { errors } = useFormState({ control });
  const start = useWatch({ control, name: 'start' });
  const pulse = food?.group === 'pulse' && !food.can;
  return (
    <div className="grid grid-cols-2 gap-4">
      <Choice id="start" label="Goes in" {...register('start')}>
        <option value="usual">
          {food?.kept === 'fridge'
            ? `chilled, ${formatTemperature(FRIDGE_C, kitchen.units)}`
            : `from the shelf, ${formatTemperature(kitchen.ambientC, kitchen.units)}`}
        </option>
        <option value="frozen">frozen, {formatTemperature(FROZEN_C, kitchen.units)}</option>
        <option value="own">at another temperature</option>
      </Choice>
      {start === 'own' && (
        <Field
          id="startC"
          label={`Temperature, ${unitOf('temperature', units)}`}
          inputMode="decimal"
          {...register('startC')}
          error={refusal(errors.startC?.message, units)}
        />
      )}
      {pulse && (
        <Field
          id="soakedH"
          label="Soaked, hours"
          inputMode="decimal"
          {...register('soakedH')}
          error={errors.soakedH?.message}
        />
      )}
      {pulse && (
        <Choice id="age" label="Age" {...register('age')}>
          <option value="usual">this year’s or last year’s</option>
          <option value="old">years old, slower to soften</option>
        </Choice>
      )}
    </div>
  );
}

/** Corrects an ingredient in place: how much, how cut, how cold, when in and when out. */
export function ItemEditor({
  batch,
  item,
  kitchen,
  onSave,
  onBatch,
  onRemove,
  onClose,
}: {
  readonly batch: Batch;
  readonly item: Item;
  readonly kitchen: Kitchen;
  readonly onSave: (change: Partial<Item>) => void;
  /** A change of more than this ingredient. */
  readonly onBatch: (batch: Batch) => void;
  readonly onRemove: () => void;
  readonly onClose: () => void;
}) {
  const steps = stepsOf(batch);
  const food = foodOf(item);
  const names = stepNames(batch);
  const door = steps.find((step, i) => i > 0 && step.kind === 'open');
  const back = steps.findLast(
    ({ kind }, i) =>
      door !== undefined && i > steps.indexOf(door) && (kind === 'simmer' || kind === 'open'),
  );
  const { units } = kitchen;
  const before = formOf(item, steps[0]?.id ?? '');
  const form = useForm<Form>({
    defaultValues: allShown(before, DIMENSIONS, units),
    // The schema reads the texts of the fields, in metric units, into the form's types.
    resolver: formResolver(schemaFor(item), (values) =>
      allKept(toNumbers(values, ['value', 'mm', 'startC']), before, DIMENSIONS, units),
    ),
  });
  const { register, handleSubmit, formState } = form;
  const { errors } = formState;
  const solid = food?.shape !== null;
  const save = handleSubmit((fields) => {
    onSave(itemOf(item, fields));
    onClose();
  });
  return (
    <Sheet open onClose={onClose} title={food?.name ?? item.food}>
      <form onSubmit={(event) => void save(event)} noValidate className="space-y-4">
        <div className="grid grid-cols-2 gap-4">
          <Field
            id="value"
            label="Amount"
            inputMode="decimal"
            {...register('value')}
            error={errors.value?.message}
          />
          <Choice id="unit" label="Unit" {...register('unit')} error={errors.unit?.message}>
            {UNITS.map((unit) => (
              <option key={unit} value={unit}>
                {unit}
              </option>
            ))}
          </Choice>
        </div>
        {food?.group === 'liquid' && (
          <Choice
            id="upTo"
            label="Fill"
            hint="Fill to a mark (updated whenever something else changes)"
            {...register('upTo')}
          >
            <option value="">so much</option>
            <option value="line">to the line</option>
            <option value="cover">to cover what is in</option>
            <option value="over">to just over what is in</option>
          </Choice>
        )}
        {solid && <CutFields form={form} units={units} />}
        <StartFields form={form} food={food} kitchen={kitchen} />
        <StayFields form={form} batch={batch} solid={solid} />
        {door && food?.picked && !batch.items.some((i) => i.from === item.id) && (
          <div className="flex flex-wrap gap-2">
            {[null, ...(back ? [back.id] : [])].map((returns) => (
              <Button
                key={returns ?? 'table'}
                onClick={() => {
                  onBatch(pickMeat(batch, item.id, door.id, returns));
                  onClose();
                }}
              >
                Pick the meat at {names.get(door.id)}, bones back in
                {returns === null ? ', meat to the table' : `, meat back at ${names.get(returns)}`}
              </Button>
            ))}
          </div>
        )}
        <KeepFoot removes="Leave it out" onRemove={onRemove} onClose={onClose} />
      </form>
    </Sheet>
  );
}
