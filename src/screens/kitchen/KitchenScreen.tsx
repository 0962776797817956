'use client';

import { Toggle } from '@/ui/Toggle';
import { yupResolver } from '@hookform/resolvers/yup';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { kitchenSchema, type Kitchen, type Pot } from '@/core/batch';
import { formatAcross, formatLevel, formatTemperature } from '@/core/quantity';
import { boilingPoint, setpoint } from '@/core/water';
import { change } from '@/store';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { useHousehold } from '@/ui/household';
import { toNumbers } from '@/ui/numbers';
import { allKept, allShown, refusal, unitOf, type Dimensions } from '@/ui/unitFields';
import { PotForm } from './PotForm';
import { PotSection } from './PotSection';

const DIMENSIONS: Dimensions = { altitudeM: 'altitude', ambientC: 'temperature' };

function KitchenForm({ kitchen }: { readonly kitchen: Kitchen }) {
  const { units } = kitchen;
  const { register, handleSubmit, formState, control } = useForm<Kitchen>({
    values: allShown(kitchen, DIMENSIONS, units),
    // Fields hold text in the kitchen's units; the schema wants numbers in metric ones.
    resolver: (values, context, options) =>
      yupResolver(kitchenSchema)(
        allKept(toNumbers(values, Object.keys(DIMENSIONS)), kitchen, DIMENSIONS, units) as never,
        context,
        options as never,
      ) as never,
  });
  const { errors, isDirty } = formState;
  const said = Number(useWatch({ control, name: 'altitudeM' }));
  const altitude = Number(allKept({ altitudeM: said }, kitchen, DIMENSIONS, units)['altitudeM']);
  const known = Number.isFinite(altitude) && altitude >= -400 && altitude <= 5000;
  const keep = handleSubmit((values) =>
    change((h) => ({ ...h, kitchen: { ...h.kitchen, ...values } })),
  );
  return (
    <form onSubmit={(event) => void keep(event)} noValidate className="panel p-5">
      <h2 className="text-lg font-semibold">The kitchen</h2>
      <div className="mt-3 grid gap-4 sm:grid-cols-2">
        <Field
          id="altitudeM"
          label={`Altitude, ${unitOf('altitude', units)}`}
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
      <p className="mt-3 text-[15px]" data-testid="boils">
        {known
          ? `Water boils at ${formatTemperature(boilingPoint(altitude), kitchen.units)} here.`
          : 'The boiling point follows from the altitude.'}
      </p>
      <div className="mt-3 text-[15px]">
        <Toggle
          label="US kitchen units (cups and quarts, pounds, inches, °F)"
          checked={units === 'us'}
          onChange={(on) =>
            change((h) => ({ ...h, kitchen: { ...h.kitchen, units: on ? 'us' : 'metric' } }))
          }
        />
      </div>
      <Button type="submit" look="copper" className="mt-4" disabled={!isDirty}>
        Keep
      </Button>
    </form>
  );
}

function PotCard({
  pot,
  kitchen,
  batches,
  only,
  onEdit,
}: {
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly batches: number;
  readonly only: boolean;
  readonly onEdit: () => void;
}) {
  const used = batches > 0;
  const high = pot.settings[0];
  return (
    <li
      className="panel flex flex-wrap items-center justify-between gap-4 px-5 py-4"
      data-testid={`pot-${pot.id}`}
    >
      <PotSection pot={pot} units={kitchen.units} />
      <div className="min-w-0 flex-1">
        <h3 className="text-[17px] font-semibold">{pot.name}</h3>
        <p className="text-[14px] text-quiet">
          {formatLevel(pot.capacityL, kitchen.units)},{' '}
          {formatAcross(pot.innerDiameterCm, kitchen.units)}, {pot.kind}, {pot.powerW} W
        </p>
        <p className="text-[14px] text-quiet">
          fill line {formatLevel(pot.maxFill * pot.capacityL, kitchen.units)}, foam line{' '}
          {formatLevel(pot.foamFill * pot.capacityL, kitchen.units)}
          {high &&
            `, ${high.name} is ${formatTemperature(setpoint(kitchen.altitudeM, high.gaugeKPa), kitchen.units)}`}
        </p>
      </div>
      <div className="flex gap-3">
        <Button onClick={onEdit}>Change</Button>
        <Button
          disabled={only || used}
          title={
            only
              ? 'A kitchen needs a pot'
              : used
                ? `${batches} batches are planned in it`
                : undefined
          }
          onClick={() => change((h) => ({ ...h, pots: h.pots.filter((p) => p.id !== pot.id) }))}
        >
          Remove
        </Button>
      </div>
    </li>
  );
}

/** A new pot as most are. */
function usualPot(): Pot {
  return {
    id: nanoid(10),
    name: 'New pot',
    kind: 'electric',
    capacityL: 5.7,
    innerDiameterCm: 22,
    maxFill: 0.667,
    foamFill: 0.5,
    minLiquidL: 0.25,
    powerW: 1000,
    settings: [
      { name: 'high', gaugeKPa: 80 },
      { name: 'low', gaugeKPa: 40 },
    ],
  };
}

/** Altitude, pots and units: what everything else is worked out from. */
export function KitchenScreen() {
  const { kitchen, pots, batches } = useHousehold();
  const [editing, setEditing] = useState<Pot | null>(null);
  return (
    <main className="mx-auto grid w-full max-w-6xl content-start gap-6 px-4 py-6 sm:px-6 lg:grid-cols-[380px_minmax(0,1fr)]">
      <div>
        <h1 className="figure mb-4 text-4xl">Kitchen</h1>
        <KitchenForm kitchen={kitchen} />
      </div>
      <section aria-labelledby="pots">
        <div className="mb-4 flex items-end justify-between lg:pt-2">
          <h2 id="pots" className="text-lg font-semibold">
            Pots
          </h2>
          <Button onClick={() => setEditing(usualPot())}>Add a pot</Button>
        </div>
        <ul className="space-y-3">
          {pots.map((pot) => (
            <PotCard
              key={pot.id}
              pot={pot}
              kitchen={kitchen}
              batches={batches.filter((b) => b.potId === pot.id).length}
              only={pots.length === 1}
              onEdit={() => setEditing(pot)}
            />
          ))}
        </ul>
        <p className="mt-4 text-[14px] text-quiet">
          Lines and pressures are those of most pots; your pot’s manual always wins. Set them as it
          says.
        </p>
      </section>
      {editing && (
        <PotForm
          pot={editing}
          units={kitchen.units}
          onClose={() => setEditing(null)}
          onSave={(pot) =>
            change((h) => ({
              ...h,
              pots: h.pots.some((p) => p.id === pot.id)
                ? h.pots.map((p) => (p.id === pot.id ? pot : p))
                : [...h.pots, pot],
            }))
          }
        />
      )}
    </main>
  );
}
