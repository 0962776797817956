'use client';

import { useState } from 'react';
import { stoodOf } from '@/core/cook';
import type { Cook } from '@/core/batch/schema';
import { COLD_C, HOT_C, ruleWords } from '@/core/guard';
import { formatMinutes, formatTemperature, type Units } from '@/core/quantity';
import { Alarm } from '@/ui/Alarm';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { changeCook } from '@/ui/household';

const CODE = 'standing-raw';

/** Asks about raw food that may have stood in the pot for hours: nobody has said when it went in. */
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
  const [text, setText] = useState('');
  if (cook.despite?.some(({ code }) => code === CODE)) return null;
  const title = 'It may have stood too long before it was hot';
  const reason = text.trim();
  return (
    <Alarm title={title}>
      <p>
        By the marks raw food stood for {formatMinutes(stoodOf(cook, now).zoneMin)} between{' '}
        {formatTemperature(COLD_C, units)} and {formatTemperature(HOT_C, units)}; more than 2 h
        makes it unfit, and cooking does not undo it. If it was in the fridge until the pot went on,
        say so. Otherwise throw it out.
      </p>
      <p className="text-[14px] text-quiet">{ruleWords('danger-zone')}</p>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!reason) return;
          changeCook(cook.id, (c) => ({
            ...c,
            despite: [...(c.despite ?? []), { code: CODE, title, reason }],
          }));
        }}
      >
        <div className="min-w-60 flex-1">
          <Field
            id="stood-reason"
            label="Where it was until then"
            hint="The Stove and the log keep showing it."
            maxLength={200}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        </div>
        <Button type="submit" disabled={!reason}>
          Go on
        </Button>
      </form>
    </Alarm>
  );
}
