'use client';

import { useState } from 'react';
import type { PredictedRunOff, Run } from '@/core/batch';
import { formatLevel, LITRES_PER_CUP, type Units } from '@/core/quantity';
import { withYield, yieldOf } from '@/core/timetable';
import { saveRun } from './household';
import { Field } from './Field';

const MOST_L = 100;

/** Broth of a run of bones, to the line read off the pot; what is no number is said beneath. */
export function YieldEntry({
  run,
  foretold,
  units,
}: {
  readonly run: Run;
  readonly foretold: PredictedRunOff;
  readonly units: Units;
}) {
  const unitL = units === 'us' ? LITRES_PER_CUP : 1;
  const { litres } = yieldOf(run, foretold.run);
  const shown = litres === undefined ? '' : String(Number((litres / unitL).toFixed(2)));
  const [text, setText] = useState(shown);
  const [of, setOf] = useState(shown);
  if (of !== shown) {
    // Entered elsewhere, or undone: show that.
    setOf(shown);
    setText(shown);
  }
  const value = Number(text.trim().replace(',', '.')) * unitL;
  const wrong = text.trim() !== '' && !(value >= 0 && value <= MOST_L);
  const unit = units === 'us' ? 'cups' : 'L';
  return (
    <Field
      id={`yield-${foretold.run}`}
      label={`Broth of run ${foretold.run}, ${unit}`}
      hint={`foretold ${formatLevel(foretold.litres, units)}, ${foretold.set}`}
      inputMode="decimal"
      value={text}
      error={wrong ? `a number from 0 to ${Math.round(MOST_L / unitL)} ${unit}` : undefined}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => {
        if (wrong || text === shown) return;
        saveRun(withYield(run, foretold.run, { litres: text.trim() === '' ? undefined : value }));
      }}
    />
  );
}
