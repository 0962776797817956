'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import { useFieldArray, useForm } from 'react-hook-form';
import { potSchema, type Pot } from '@/core/batch';
import { Button } from '@/ui/Button';
import { Choice, Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import type { Units } from '@/core/quantity';
import { toNumbers } from '@/ui/numbers';
import { allKept, allShown, refusal, shown, unitOf, type Dimensions } from '@/ui/unitFields';

const NUMBERS = [
  'capacityL',
  'innerDiameterCm',
  'maxFill',
  'foamFill',
  'minLiquidL',
  'powerW',
  'efficiency',
  'lossWPerK',
];

const DIMENSIONS: Dimensions = {
  capacityL: 'volume',
  innerDiameterCm: 'across',
  minLiquidL: 'measure',
};
const SETTING: Dimensions = { gaugeKPa: 'pressure' };
/** A setting as it is added, kPa. */
const LOW_KPA = 40;

/** A pot as the fields show it. */
function shownPot(pot: Pot, units: Units): Pot {
  return {
    ...allShown(pot, DIMENSIONS, units),
    settings: pot.settings.map((s) => allShown(s, SETTING, units)),
  };
}

/** What the fields say, as a pot: numbers read into metric, empty optional ones left out. */
function read(values: Pot, before: Pot, units: Units): unknown {
  const pot = allKept(toNumbers(values, NUMBERS), before, DIMENSIONS, units);
  return {
    ...Object.fromEntries(Object.entries(pot).filter(([, v]) => v !== undefined)),
    // By name: a setting that was taken away has moved the others up.
    settings: values.settings.map((s) => {
      const was = before.settings.find(({ name }) => name === s.name) ?? {};
      return allKept(toNumbers(s, ['gaugeKPa']), was, SETTING, units);
    }),
  };
}

/** Everything about a pot. */
export function PotForm({
  pot,
  units,
  onSave,
  onClose,
}: {
  readonly pot: Pot;
  readonly units: Units;
  readonly onSave: (pot: Pot) => void;
  readonly onClose: () => void;
}) {
  const { register, handleSubmit, formState, control } = useForm<Pot>({
    defaultValues: shownPot(pot, units),
    resolver: (values, context, options) =>
      yupResolver(potSchema)(read(values, pot, units) as never, context, options as never) as never,
  });
  const { errors } = formState;
  const settings = useFieldArray({ control, name: 'settings' });
  const save = handleSubmit((values) => {
    onSave(values);
    onClose();
  });
  return (
    <Sheet open onClose={onClose} title={pot.name}>
      <form onSubmit={(event) => void save(event)} noValidate className="space-y-4">
        <div className="grid grid-cols-2 gap-4">
          <Field id="name" label="Name" {...register('name')} error={errors.name?.message} />
          <Choice id="kind" label="Kind" {...register('kind')}>
            <option value="electric">electric</option>
            <option value="stovetop">stovetop</option>
          </Choice>
          <Field
            id="capacityL"
            label={`Capacity to the brim, ${unitOf('volume', units)}`}
            inputMode="decimal"
            {...register('capacityL')}
            error={refusal(errors.capacityL?.message, units)}
          />
          <Field
            id="innerDiameterCm"
            label={`Inside, across, ${unitOf('across', units)}`}
            inputMode="decimal"
            {...register('innerDiameterCm')}
            error={refusal(errors.innerDiameterCm?.message, units)}
          />
          <Field
            id="maxFill"
            label="Fill line, of capacity"
            inputMode="decimal"
            {...register('maxFill')}
            error={errors.maxFill?.message}
          />
          <Field
            id="foamFill"
            label="Foam line, of capacity"
            inputMode="decimal"
            {...register('foamFill')}
            error={errors.foamFill?.message}
          />
          <Field
            id="minLiquidL"
            label={`Minimum liquid, ${unitOf('measure', units)}`}
            inputMode="decimal"
            {...register('minLiquidL')}
            error={refusal(errors.minLiquidL?.message, units, 'measure')}
          />
          <Field
            id="powerW"
            label="Power, W"
            inputMode="decimal"
            {...register('powerW')}
            error={errors.powerW?.message}
          />
        </div>
        <label className="flex min-h-11 items-center gap-3">
          <input type="checkbox" className="size-5 accent-copper" {...register('measured')} />
          <span>
            I have timed it with plain water
            <span className="block text-[13px] text-quiet">
              Its power and losses are then taken as known, and the ranges are narrower.
            </span>
          </span>
        </label>
        <fieldset className="space-y-2">
          <legend className="text-[14px] font-medium">Pressure settings</legend>
          {settings.fields.map((field, i) => (
            <div key={field.id} className="grid grid-cols-[1fr_1fr_auto] items-end gap-3">
              <Field
                id={`setting-${i}`}
                label="Name"
                {...register(`settings.${i}.name`)}
                error={errors.settings?.[i]?.name?.message}
              />
              <Field
                id={`gauge-${i}`}
                label={`${unitOf('pressure', units)} above the air`}
                inputMode="decimal"
                {...register(`settings.${i}.gaugeKPa`)}
                error={refusal(errors.settings?.[i]?.gaugeKPa?.message, units)}
              />
              <Button
                look="quiet"
                disabled={settings.fields.length === 1}
                onClick={() => settings.remove(i)}
              >
                Remove
              </Button>
            </div>
          ))}
          <Button
            look="quiet"
            onClick={() =>
              settings.append({ name: '', gaugeKPa: shown(LOW_KPA, 'pressure', units) })
            }
          >
            Add a setting
          </Button>
        </fieldset>
        <div className="flex justify-end gap-3">
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button type="submit" look="copper">
            Keep
          </Button>
        </div>
      </form>
    </Sheet>
  );
}
