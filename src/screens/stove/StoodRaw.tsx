'use client';

import { stoodOf } from '@/core/cook';
import type { Cook } from '@/core/batch/schema';
import { COLD_C, HOT_C, ruleWords } from '@/core/guard';
import { formatMinutes, formatTemperature, type Units } from '@/core/quantity';
import { Alarm } from '@/ui/Alarm';
import { changeCook } from '@/ui/household';
import { ReasonForm } from '@/ui/forms/ReasonForm';

const CODE = 'standing-raw';

/** Asks about raw food that may have been in the pot for hours: its time was not marked. */
export function StoodRaw({
  cook,
  units,
  now,
}: {
  readonly cook: Cook;
  readonly units: Units;
  /** ms */
  readonly now: number;
}) {
  if (cook.despite?.some(({ code }) => code === CODE)) return null;
  const title = 'It may have stood too long before it was hot';
  return (
    <Alarm title={title}>
      <p>
        By your marks, raw food stood for {formatMinutes(stoodOf(cook, now).zoneMin)} between{' '}
        {formatTemperature(COLD_C, units)} and {formatTemperature(HOT_C, units)}. More than 2 h
        makes it unsafe, and cooking does not change that. If it was in the fridge until the pot
        went on, say so. Otherwise throw it out.
      </p>
      <p className="text-small text-quiet">{ruleWords('danger-zone')}</p>
      <ReasonForm
        id="stood-reason"
        label="Where it was until then"
        hint="The Stove and the Log keep showing your reason."
        words="Go on"
        onReason={(reason) =>
          changeCook(cook.id, (c) => ({
            ...c,
            despite: [...(c.despite ?? []), { code: CODE, title, reason }],
          }))
        }
      />
    </Alarm>
  );
}
