'use client';

import { POT_KINDS, potKindOf } from '@/core/vocabulary';
import { useSaid } from '@/ui/said';
import {
  useFieldArray,
  useForm,
  useFormState,
  useWatch,
  type UseFormReturn,
} from 'react-hook-form';
import { problemsOf, usualPowerW } from '@/core/batch/household';
import { potSchema, type Kitchen, type Pot } from '@/core/batch/schema';
import { formSchemaOf } from '@/core/batch/schema/yupOf';
import { usualEfficiency, usualLoss } from '@/core/vessel';
import { formatShare, type Units } from '@/core/quantity';
import { Button } from '@/ui/Button';
import { Choice, Field } from '@/ui/forms/Field';
import { formResolver } from '@/ui/forms/formResolver';
import { KeepFoot } from '@/ui/forms/KeepFoot';
import { Sheet } from '@/ui/Sheet';
import { refusal, shown, unitOf } from '@/ui/forms/unitFields';
import { dangersOfLines } from '@/core/guard';
import { PotLines } from './PotLines';
import { readPot, settingDimension, shownPot, type PotFields } from './potFields';

/** A setting as it is added, kPa. */
const LOW_KPA = 40;
const FORM = 'pot-form';

interface Part {
  readonly form: UseFormReturn<PotFields, unknown, Pot>;
}

function Settings({ form, kitchen }: Part & { readonly kitchen: Kitchen }) {
  const { register, control } = form;
  // By the hook: the form itself is one and the same whatever its fields say.
  const { errors } = useFormState({ control });
  const { units } = kitchen;
  const settings = useFieldArray({ control, name: 'settings' });
  const pressure = settingDimension(kitchen);
  return (
    <fieldset className="space-y-2">
      <legend className="text-small font-medium">Pressure settings</legend>
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
            label={`${unitOf(pressure, units)} above the air`}
            inputMode="decimal"
            {...register(`settings.${i}.gaugeKPa`)}
            error={refusal(errors.settings?.[i]?.gaugeKPa?.message, units, pressure)}
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
          settings.append({ name: '', gaugeKPa: String(shown(LOW_KPA, pressure, units)) })
        }
      >
        Add a setting
      </Button>
    </fieldset>
  );
}

function Heating({ form, drawn, units }: Part & { readonly drawn: Pot; readonly units: Units }) {
  const { register, control } = form;
  // By the hook: the form itself is one and the same whatever its fields say.
  const { errors } = useFormState({ control });
  return (
    <fieldset className="space-y-2">
      <legend className="text-small font-medium">
        How it heats (leave empty for a typical pot)
      </legend>
      <div className="grid gap-3 sm:grid-cols-3">
        <Field
          id="powerW"
          label="Power, W"
          inputMode="decimal"
          hint={`empty: ${usualPowerW(drawn.kind, drawn.capacityL)}`}
          {...register('powerW')}
          error={errors.powerW?.message}
        />
        <Field
          id="efficiency"
          label="Share that arrives"
          inputMode="decimal"
          hint={`empty: ${usualEfficiency(drawn)}`}
          {...register('efficiency')}
          error={errors.efficiency?.message}
        />
        <Field
          id="lossWPerK"
          label={`Lost, ${unitOf('loss', units)}`}
          inputMode="decimal"
          hint={`empty: ${Number(shown(usualLoss(drawn), 'loss', units).toFixed(2))}`}
          {...register('lossWPerK')}
          error={refusal(errors.lossWPerK?.message, units)}
        />
      </div>
      <label className="flex min-h-11 items-center gap-3">
        <input type="checkbox" className="size-5 accent-copper" {...register('measured')} />
        <span>
          I have timed it with plain water
          <span className="block text-fine text-quiet">
            Its power and losses are then taken as known, and the ranges are narrower.
          </span>
        </span>
      </label>
    </fieldset>
  );
}

/** Everything about a pot: its size and lines on a drawing, its pressures, and what is left open. */
export function PotForm({
  pot,
  kitchen,
  onSave,
  onClose,
}: {
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly onSave: (pot: Pot) => void;
  readonly onClose: () => void;
}) {
  const inOwn = useSaid();
  const { units } = kitchen;
  const form = useForm<PotFields, unknown, Pot>({
    defaultValues: shownPot(pot, kitchen),
    resolver: formResolver<PotFields, Pot>(formSchemaOf(potSchema), (values) =>
      readPot(values, pot, kitchen),
    ),
  });
  const { register, handleSubmit, formState, control, setValue } = form;
  const { errors } = formState;
  const said = readPot(useWatch({ control }) as PotFields, pot, kitchen);
  // While a field holds no number the drawing stays as it was.
  const drawn = problemsOf(potSchema, said).length === 0 ? (said as Pot) : pot;
  const save = handleSubmit((values) => {
    onSave(values);
    onClose();
  });
  return (
    <Sheet
      open
      onClose={onClose}
      title={pot.name}
      foot={<KeepFoot form={FORM} onClose={onClose} />}
    >
      <form id={FORM} onSubmit={(event) => void save(event)} noValidate className="space-y-4">
        <div className="grid gap-4 sm:grid-cols-2">
          <Field id="name" label="Name" {...register('name')} error={errors.name?.message} />
          <Choice id="kind" label="Kind" {...register('kind')}>
            {POT_KINDS.map((kind) => (
              <option key={kind} value={kind}>
                {inOwn(potKindOf(kind).chosen)}
              </option>
            ))}
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
        </div>
        <div className="flex flex-wrap items-center gap-4">
          <PotLines
            pot={drawn}
            units={units}
            onLine={(line, share) =>
              setValue(line, formatShare(share), { shouldDirty: true, shouldValidate: true })
            }
          />
          <div className="min-w-40 flex-1 space-y-3">
            <Field
              id="maxFill"
              label="Fill line, of the pot"
              hint="2/3 in most manuals"
              {...register('maxFill')}
              error={errors.maxFill?.message}
            />
            <Field
              id="foamFill"
              label="Foam line, of the pot"
              hint="1/2: beans, grain, what foams"
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
          </div>
        </div>
        {dangersOfLines(drawn).map(({ title, message }) => (
          <p
            key={title}
            role="status"
            className="rounded-lg border border-rust px-3 py-2 text-body"
          >
            <b className="text-rust">{title}</b> {message}
          </p>
        ))}
        <Settings form={form} kitchen={kitchen} />
        <Heating form={form} drawn={drawn} units={units} />
      </form>
    </Sheet>
  );
}
