'use client';

import { lazyPart } from '@/drawings/later';
import { Said } from '@/ui/said';
import { useRouter } from 'next/navigation';
import { Suspense, useState } from 'react';
import { pressureUnit } from '@/core/batch/plan';
import type { Kitchen, Pot } from '@/core/batch/schema';
import type { OwnFood } from '@/core/food';
import { formatAltitude, formatTemperature } from '@/core/quantity';
import { cookInPot } from '@/core/timetable';
import { boilingPoint } from '@/core/water';
import { isoOf } from '@/session/clock';
import { change } from '@/store';
import { Button } from '@/ui/Button';
import { deleteFood, deletePot, deleteWord, saveFood, savePot, useHousehold } from '@/ui/household';
import { useClock } from '@/ui/clock';
import { useKnown } from '@/ui/learned/known';
import { Devices } from './devices/Devices';
import { Foods } from './Foods';
import { LearnedFoods } from './LearnedFoods';
import { PotCard } from './PotCard';
import { PotKnowledge } from './PotKnowledge';
import { Words } from './Words';

// Forms come when they are opened; that of a food brings the reading of lines along.
const KitchenForm = lazyPart(() => import('./KitchenForm').then((m) => m.KitchenForm));
const NewPot = lazyPart(() => import('./NewPot').then((m) => m.NewPot));
const PotForm = lazyPart(() => import('./PotForm').then((m) => m.PotForm));
const FoodForm = lazyPart(() => import('./FoodForm').then((m) => m.FoodForm));

type Editing =
  | { readonly what: 'kitchen' | 'new pot' }
  | { readonly what: 'pot'; readonly pot: Pot }
  | { readonly what: 'food'; readonly food: OwnFood | null }
  | null;

function KitchenCard({
  kitchen,
  onEdit,
}: {
  readonly kitchen: Kitchen;
  readonly onEdit: () => void;
}) {
  const { units, altitudeM, ambientC } = kitchen;
  return (
    <section aria-labelledby="the-kitchen" className="panel p-5">
      <div className="flex items-center justify-between gap-3">
        <h2 id="the-kitchen" className="text-lg font-semibold">
          The kitchen
        </h2>
        <Button onClick={onEdit}>Change</Button>
      </div>
      <p className="mt-2 text-body">
        At {formatAltitude(altitudeM, units)}, the room at {formatTemperature(ambientC, units)}.
      </p>
      <p className="text-body" data-testid="boils">
        Water boils at {formatTemperature(boilingPoint(altitudeM), units)} here.
      </p>
      <p className="text-small text-quiet">
        <Said>
          {units === 'us'
            ? 'Cups and quarts, pounds, inches, °F, psi.'
            : `Litres, grams, centimetres, °C, ${pressureUnit(kitchen)}.`}
        </Said>
      </p>
    </section>
  );
}

/** Altitude, pots, units and foods: what everything else is worked out from. */
export function KitchenScreen() {
  const { kitchen, pots, batches, foods, cooks } = useHousehold();
  const known = useKnown();
  const clock = useClock();
  const router = useRouter();
  const [editing, setEditing] = useState<Editing>(null);
  const close = (): void => setEditing(null);
  const test = (pot: Pot): void => {
    const as = known?.pots.find((one) => one.id === pot.id) ?? pot;
    void import('./kettle')
      .then(({ startKettle }) => startKettle(as, known?.kitchen ?? kitchen, isoOf(clock)))
      .then((page) => router.push(page));
  };
  return (
    <main className="mx-auto grid w-full max-w-6xl content-start gap-6 px-4 py-6 sm:px-6 lg:grid-cols-[380px_minmax(0,1fr)]">
      <div className="space-y-4">
        <h1 className="figure text-4xl">Kitchen</h1>
        <KitchenCard kitchen={kitchen} onEdit={() => setEditing({ what: 'kitchen' })} />
        <Devices />
        <Foods
          foods={foods}
          batches={batches}
          units={kitchen.units}
          onEdit={(food) => setEditing({ what: 'food', food })}
          onRemove={(food) => deleteFood(food.id)}
        />
        <Words words={kitchen.words ?? []} onForget={({ said }) => deleteWord(said)} />
        <LearnedFoods kitchen={known?.kitchen ?? null} cooks={cooks} />
      </div>
      <section aria-labelledby="pots">
        <div className="mb-4 flex items-end justify-between lg:pt-2">
          <h2 id="pots" className="text-lg font-semibold">
            Pots
          </h2>
          <Button onClick={() => setEditing({ what: 'new pot' })}>Add a pot</Button>
        </div>
        <ul className="space-y-3">
          {pots.map((pot) => (
            <PotCard
              key={pot.id}
              pot={pot}
              kitchen={kitchen}
              batches={batches.filter((b) => b.potId === pot.id).length}
              only={pots.length === 1}
              onEdit={() => setEditing({ what: 'pot', pot })}
              onRemove={() => deletePot(pot.id)}
            >
              <PotKnowledge
                pot={pot}
                kitchen={kitchen}
                cooks={cooks}
                busy={cookInPot(cooks, pot) !== undefined}
                onKettle={() => test(pot)}
              />
            </PotCard>
          ))}
        </ul>
        <p className="mt-4 text-small text-quiet">
          Lines and pressures are those of most pots; your pot’s manual always wins. Set them as it
          says.
        </p>
      </section>
      <Suspense>
        {editing?.what === 'kitchen' && (
          <KitchenForm
            kitchen={kitchen}
            onSave={(next) => change((h) => ({ ...h, kitchen: next }))}
            onClose={close}
          />
        )}
        {editing?.what === 'new pot' && (
          <NewPot
            units={kitchen.units}
            onPick={(pot) => setEditing({ what: 'pot', pot })}
            onClose={close}
          />
        )}
        {editing?.what === 'pot' && (
          <PotForm pot={editing.pot} kitchen={kitchen} onSave={savePot} onClose={close} />
        )}
        {editing?.what === 'food' && (
          <FoodForm
            food={editing.food}
            foods={foods}
            units={kitchen.units}
            onSave={saveFood}
            onClose={close}
          />
        )}
      </Suspense>
    </main>
  );
}
