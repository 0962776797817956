'use client';

import { useForm } from 'react-hook-form';
import { larderSchema, type LarderHabits } from '@/core/batch/schema';
import { formSchemaOf } from '@/core/batch/schema/yupOf';
import { FREEZER_MONTHS, FRIDGE_DAYS } from '@/core/guard';
import type { Units } from '@/core/quantity';
import { Field } from '@/ui/forms/Field';
import { formResolver } from '@/ui/forms/formResolver';
import { KeepFoot } from '@/ui/forms/KeepFoot';
import { saveLarderHabits } from '@/ui/larder';
import { toNumbers } from '@/ui/forms/numbers';
import { Sheet } from '@/ui/Sheet';
import { allKept, allShown, refusal, unitOf, type Dimensions } from '@/ui/forms/unitFields';

const FIELDS = ['litresADay', 'fridgeDays', 'freezerMonths', 'fridgeC', 'pans', 'iceKg'] as const;
const DIMENSIONS: Dimensions = {
  litresADay: 'measure',
  fridgeC: 'temperature',
  iceKg: 'weight',
};

type Texts = Record<(typeof FIELDS)[number], string>;

/** How this household keeps and uses what it cooks. */
export function HabitsSheet({
  habits,
  units,
  onClose,
}: {
  readonly habits: LarderHabits;
  readonly units: Units;
  readonly onClose: () => void;
}) {
  const { jars, ...numbers } = habits;
  const { register, handleSubmit, formState } = useForm<Texts, unknown, LarderHabits>({
    defaultValues: Object.fromEntries(
      FIELDS.map((field) => {
        const value = allShown(numbers, DIMENSIONS, units)[field];
        return [field, value === undefined ? '' : String(value)];
      }),
    ),
    resolver: formResolver<Texts, LarderHabits>(formSchemaOf(larderSchema), (texts) =>
      allKept(toNumbers(texts, FIELDS), numbers, DIMENSIONS, units),
    ),
  });
  const field = (name: (typeof FIELDS)[number], label: string, hint?: string) => (
    <Field
      id={`larder-${name}`}
      label={label}
      hint={hint}
      inputMode="decimal"
      error={refusal(formState.errors[name]?.message, units, DIMENSIONS[name])}
      {...register(name)}
    />
  );
  return (
    <Sheet
      open
      onClose={onClose}
      title="How you keep food"
      foot={<KeepFoot onClose={onClose} form="larder-habits" />}
    >
      <form
        id="larder-habits"
        className="grid gap-4 sm:grid-cols-2"
        noValidate
        onSubmit={(event) =>
          void handleSubmit((kept) => {
            if (saveLarderHabits({ ...habits, ...clean(kept) })) onClose();
          })(event)
        }
      >
        {field(
          'litresADay',
          `Broth used a day, ${unitOf('measure', units)}`,
          'For drinking and cooking; the next days are planned with it',
        )}
        {field('fridgeC', `The fridge is at, ${unitOf('temperature', units)}`)}
        {field('fridgeDays', 'Soup in the fridge, days', `Published: ${FRIDGE_DAYS.join(' to ')}`)}
        {field(
          'freezerMonths',
          'In the freezer, months',
          `Published, for best quality: ${FREEZER_MONTHS.join(' to ')}`,
        )}
        {field('pans', 'Shallow pans at hand')}
        {field('iceKg', `Ice at hand, ${unitOf('weight', units)}`)}
      </form>
    </Sheet>
  );
}

/** Empty fields mean the usual. */
function clean(kept: LarderHabits): LarderHabits {
  return Object.fromEntries(
    Object.entries(kept).filter(([, value]) => value !== undefined),
  ) as LarderHabits;
}
