'use client';

import type { Cook } from '@/core/batch/schema';
import { COLD_C, COLD_WITHIN_MIN, COOL_C } from '@/core/guard';
import { formatTemperature } from '@/core/quantity';
import { isoOf } from '@/session/clock';
import { dateAndTime } from '@/session/clockText';
import { Alarm } from '@/ui/Alarm';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { useHousehold } from '@/ui/household';
import { changeAfter } from '@/ui/larder';

/** Temperature off the heat, C. */
const OFF_C = 95;
const MS_PER_MIN = 60_000;

/** Asks how the rest of a cook was cooled, where nobody has said so: what is not known counts as lost. */
export function WasItCold({ cook, litres }: { readonly cook: Cook; readonly litres: number }) {
  const { units } = useHousehold().kitchen;
  const clock = useClock();
  const at = cook.endedAt ?? cook.startedAt;
  const answer = (cold: boolean): void =>
    changeAfter(cook.id, (after) =>
      cold
        ? {
            ...after,
            cooling: {
              way: 'pans',
              litres: Math.max(0.01, Number(litres.toFixed(2))),
              startC: OFF_C,
              at,
              endedAt: new Date(Date.parse(at) + COLD_WITHIN_MIN * MS_PER_MIN).toISOString(),
            },
          }
        : { ...after, thrownAt: isoOf(clock) },
    );
  return (
    <Alarm title="How was it cooled?">
      <p>
        Since {dateAndTime(new Date(at))} nobody has entered it. Keep it only if it was at{' '}
        {formatTemperature(COOL_C, units)} within 2 h and at {formatTemperature(COLD_C, units)}{' '}
        within 6 h; boiling or freezing does not make it safe otherwise.
      </p>
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => answer(true)}>It was cold in time</Button>
        <Button onClick={() => answer(false)}>No, or nobody knows: throw it out</Button>
      </div>
    </Alarm>
  );
}
