'use client';

import { setName } from '@/core/vocabulary';
import { useState } from 'react';
import { type PredictedRunOff, type Cook, LIMITS, isWithin } from '@/core/batch/schema';
import { formatLevel, LITRES_PER_QUART, type Units } from '@/core/quantity';
import { withYield, yieldOf } from '@/core/timetable';
import { saveCook } from './household';
import { Field } from './forms/Field';
import { numberIn } from './forms/numbers';

/** Broth of a run of bones, to the line read off the pot; what is no number is said beneath. */
export function YieldEntry({
  cook,
  predicted,
  units,
}: {
  readonly cook: Cook;
  readonly predicted: PredictedRunOff;
  readonly units: Units;
}) {
  const unitL = units === 'us' ? LITRES_PER_QUART : 1;
  const { litres } = yieldOf(cook, predicted.run);
  const kept = litres === undefined ? '' : String(Number((litres / unitL).toFixed(2)));
  const [text, setText] = useState(kept);
  const [of, setOf] = useState(kept);
  if (of !== kept) {
    // Undone, or entered elsewhere: show that. Half a number being typed is left alone.
    setOf(kept);
    if (kept === '' ? text.trim() !== '' : numberIn(text) !== Number(kept)) setText(kept);
  }
  const value = numberIn(text) * unitL;
  const empty = text.trim() === '';
  const wrong = !empty && !isWithin(value, LIMITS.yield);
  const unit = units === 'us' ? 'qt' : 'L';
  return (
    <Field
      id={`yield-${predicted.run}`}
      label={`Broth ${predicted.run}, ${unit}`}
      hint={`predicted ${formatLevel(predicted.litres, units)}, ${setName(predicted.set)}`}
      inputMode="decimal"
      value={text}
      error={
        wrong ? `a number from 0 to ${Math.round(LIMITS.yield.max / unitL)} ${unit}` : undefined
      }
      onChange={(event) => {
        const typed = event.target.value;
        const now = numberIn(typed) * unitL;
        setText(typed);
        if (typed.trim() === '') saveCook(withYield(cook, predicted.run, { litres: undefined }));
        else if (now >= 0 && now <= LIMITS.yield.max)
          saveCook(withYield(cook, predicted.run, { litres: now }));
      }}
    />
  );
}
