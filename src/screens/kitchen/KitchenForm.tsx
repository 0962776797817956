'use client';

import { useForm, useWatch } from 'react-hook-form';
import { changed } from '@/core/batch/plan';
import { kitchenSchema, type Kitchen } from '@/core/batch/schema';
import { formSchemaOf } from '@/core/batch/schema/yupOf';
import type { Units } from '@/core/quantity';
import { Choice, Field } from '@/ui/forms/Field';
import { KeepFoot } from '@/ui/forms/KeepFoot';
import { formResolver } from '@/ui/forms/formResolver';
import { toNumbers } from '@/ui/forms/numbers';
import { Sheet } from '@/ui/Sheet';
import {
  allKept,
  allShown,
  altitudeHint,
  refusal,
  unitOf,
  type Dimensions,
} from '@/ui/forms/unitFields';

const DIMENSIONS: Dimensions = { altitudeM: 'altitude', ambientC: 'temperature' };

interface Fields {
  altitudeM: string;
  ambientC: string;
  units: Units;
  english: '' | 'us' | 'uk';
  hours: '' | '12' | '24';
  pressureIn: 'kPa' | 'bar';
}

function shownKitchen(kitchen: Kitchen, units: Units): Fields {
  const seen = allShown(kitchen, DIMENSIONS, units);
  return {
    altitudeM: String(seen.altitudeM),
    ambientC: String(seen.ambientC),
    units,
    english: kitchen.english ?? '',
    hours: kitchen.hours ?? '',
    pressureIn: kitchen.pressureIn ?? 'kPa',
  };
}

/** Values of the fields, in the units that they are shown in. */
function readKitchen(values: Fields, before: Kitchen): Record<string, unknown> {
  const { pressureIn, english, hours, ...rest } = allKept(
    toNumbers(values, Object.keys(DIMENSIONS)),
    before,
    DIMENSIONS,
    values.units,
  );
  return {
    ...before,
    ...rest,
    english: english || undefined,
    hours: hours || undefined,
    pressureIn: pressureIn === 'bar' || before.pressureIn ? pressureIn : undefined,
  };
}

/** Altitude, room and units. */
export function KitchenForm({
  kitchen,
  onSave,
  onClose,
}: {
  readonly kitchen: Kitchen;
  readonly onSave: (kitchen: Kitchen) => void;
  readonly onClose: () => void;
}) {
  const { register, handleSubmit, formState, control, getValues, setValue } = useForm<
    Fields,
    unknown,
    Kitchen
  >({
    defaultValues: shownKitchen(kitchen, kitchen.units),
    resolver: formResolver<Fields, Kitchen>(formSchemaOf(kitchenSchema), (values) =>
      readKitchen(values, kitchen),
    ),
  });
  const { errors } = formState;
  const units = useWatch({ control, name: 'units' });
  const altitude = useWatch({ control, name: 'altitudeM' });
  const { altitudeM } = readKitchen({ ...getValues(), altitudeM: altitude, units }, kitchen);
  /** Shows the fields' values in the other units. */
  const speak = (next: Units): void => {
    const before = getValues();
    const kept = readKitchen({ ...before, units }, kitchen);
    const seen = allShown(kept, DIMENSIONS, next);
    setValue('units', next, { shouldDirty: true });
    for (const field of ['altitudeM', 'ambientC'] as const)
      if (typeof seen[field] === 'number') setValue(field, String(seen[field]));
  };
  const save = handleSubmit((values) => {
    onSave(changed(values, {}));
    onClose();
  });
  return (
    <Sheet open onClose={onClose} title="The kitchen">
      <form onSubmit={(event) => void save(event)} noValidate className="space-y-4">
        <Choice
          id="units"
          label="Units"
          value={units}
          onChange={(event) => speak(event.target.value === 'us' ? 'us' : 'metric')}
        >
          <option value="metric">metric: litres, grams, centimetres, °C</option>
          <option value="us">US: cups and quarts, pounds, inches, °F, psi</option>
        </Choice>
        <div className="grid gap-4 sm:grid-cols-2">
          <Choice id="english" label="English" {...register('english')}>
            <option value="">by its units: {units === 'us' ? 'US' : 'UK'}</option>
            <option value="us">US: as in “ground beef”</option>
            <option value="uk">UK: as in “minced beef”</option>
          </Choice>
          <Choice id="hours" label="Clock" {...register('hours')}>
            <option value="">by its English</option>
            <option value="12">12 hours, 6:30 PM</option>
            <option value="24">24 hours, 18:30</option>
          </Choice>
        </div>
        <div className="grid gap-4 sm:grid-cols-2">
          <Field
            id="altitudeM"
            label={`Altitude, ${unitOf('altitude', units)}`}
            hint={altitudeHint(altitudeM, units)}
            inputMode="decimal"
            {...register('altitudeM')}
            error={refusal(errors.altitudeM?.message, units)}
          />
          <Field
            id="ambientC"
            label={`Room, ${unitOf('temperature', units)}`}
            inputMode="decimal"
            {...register('ambientC')}
            error={refusal(errors.ambientC?.message, units)}
          />
        </div>
        {units === 'metric' && (
          <Choice id="pressureIn" label="Pressure in" {...register('pressureIn')}>
            <option value="kPa">kPa</option>
            <option value="bar">bar</option>
          </Choice>
        )}
        <KeepFoot onClose={onClose} />
      </form>
    </Sheet>
  );
}
