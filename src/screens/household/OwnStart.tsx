'use client';

import { LIMITS, isWithin } from '@/core/batch/schema';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { UsualPot } from '@/core/batch/household';
import type { Units } from '@/core/quantity';
import { begin } from '@/store';
import { Button } from '@/ui/Button';
import { Choice, Field } from '@/ui/forms/Field';
import { toNumbers, whichNumber } from '@/ui/forms/numbers';
import { potName, PotRow } from '@/ui/PotRow';
import { allKept, altitudeHint, unitOf } from '@/ui/forms/unitFields';
import { emptyKitchen } from './sample';

/** Whether this browser speaks as cooks do who measure in cups. */
function usualUnits(): Units {
  return navigator.language === 'en-US' ? 'us' : 'metric';
}

/** A kitchen of one's own: its units, its altitude and its pot; then on to the first plan. */
export function OwnStart({ onBack }: { readonly onBack: () => void }) {
  const router = useRouter();
  const [units, setUnits] = useState<Units>(usualUnits);
  const [altitude, setAltitude] = useState('0');
  const { altitudeM } = allKept(
    toNumbers({ altitudeM: altitude }, ['altitudeM']),
    {},
    { altitudeM: 'altitude' },
    units,
  );
  const known =
    typeof altitudeM === 'number' && isWithin(altitudeM, LIMITS.altitude) ? altitudeM : null;
  const pick = async (pot: UsualPot): Promise<void> => {
    if (known === null) return;
    const own = { ...pot, id: 'p1', name: potName(pot, units) };
    await begin(await emptyKitchen({ altitudeM: known, units }, own));
    router.push('/desk');
  };
  return (
    <main className="mx-auto w-full max-w-5xl flex-1 space-y-6 p-6">
      <h1 className="figure text-4xl">Which pot is yours?</h1>
      <p className="max-w-prose">
        Pick the nearest, then plan your first batch. You can set its exact size and lines in the
        Kitchen at any time; your pot’s manual always wins.
      </p>
      <div className="grid max-w-xl gap-4 sm:grid-cols-2">
        <Choice
          id="own-units"
          label="Units"
          value={units}
          onChange={(event) => setUnits(event.target.value === 'us' ? 'us' : 'metric')}
        >
          <option value="metric">litres and grams</option>
          <option value="us">US cups, quarts and pounds</option>
        </Choice>
        <Field
          id="own-altitude"
          label={`Altitude of your kitchen, ${unitOf('altitude', units)}`}
          hint={altitudeHint(altitudeM, units)}
          inputMode="decimal"
          value={altitude}
          onChange={(event) => setAltitude(event.target.value)}
          error={
            known === null
              ? (whichNumber(altitude) ?? 'an altitude, such as 0 or 1,200')
              : undefined
          }
        />
      </div>
      <PotRow units={units} onPick={(pot) => void pick(pot)} />
      <Button look="quiet" onClick={onBack}>
        Back
      </Button>
    </main>
  );
}
