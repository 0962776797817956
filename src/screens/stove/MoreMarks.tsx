'use client';

import { shown, unitOf } from '@/ui/forms/unitFields';
import { useState } from 'react';
import { type Mark, type MarkKind, LIMITS } from '@/core/batch/schema';
import type { MoreMark } from '@/ui/cooking/due';
import { LITRES_PER_QUART, toCelsius, type Units } from '@/core/quantity';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/forms/Field';
import { numberIn } from '@/ui/forms/numbers';
import { Sheet } from '@/ui/Sheet';

function Reading({
  id,
  label,
  least,
  most,
  unit,
  toSi,
  onRead,
}: {
  readonly id: string;
  readonly label: string;
  readonly least: number;
  readonly most: number;
  readonly unit: string;
  readonly toSi: (value: number) => number;
  readonly onRead: (value: number) => void;
}) {
  const [text, setText] = useState('');
  const [refused, setRefused] = useState(false);
  const value = numberIn(text);
  const right = text.trim() !== '' && value >= least && value <= most;
  return (
    <form
      className="flex items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        setRefused(!right);
        if (right) onRead(toSi(value));
      }}
    >
      <div className="flex-1">
        <Field
          id={id}
          label={`${label}, ${unit}`}
          inputMode="decimal"
          value={text}
          error={refused && !right ? `a number from ${least} to ${most} ${unit}` : undefined}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      <Button type="submit" size="thumb">
        Mark
      </Button>
    </form>
  );
}

/** Occasional observations: a reading, a smell, heat turned down. */
export function MoreMarks({
  kinds,
  units,
  capacityL,
  onClose,
  onMark,
}: {
  /** Those that make sense at this stage, with their words. */
  readonly kinds: readonly MoreMark[];
  readonly units: Units;
  readonly capacityL: number;
  readonly onClose: () => void;
  readonly onMark: (kind: MarkKind, more?: Pick<Mark, 'value' | 'fault'>) => void;
}) {
  const us = units === 'us';
  return (
    <Sheet open onClose={onClose} title="Something happened">
      <div className="grid gap-2 sm:grid-cols-2">
        {kinds.map(([kind, words, fault]) => (
          <Button
            key={words}
            size="large"
            className={fault ? 'sm:col-span-2' : ''}
            onClick={() => onMark(kind, fault && { fault })}
          >
            {words}
          </Button>
        ))}
      </div>
      <Reading
        id="thermometer"
        label="Thermometer"
        least={shown(LIMITS.reading.min, 'temperature', units)}
        most={shown(LIMITS.reading.max, 'temperature', units)}
        unit={unitOf('temperature', units)}
        toSi={(v) => (us ? toCelsius(v) : v)}
        onRead={(v) => onMark('temperature', { value: v })}
      />
      <Reading
        id="level"
        label="Level read off the pot"
        least={0.1}
        most={Math.round((capacityL / (us ? LITRES_PER_QUART : 1)) * 10) / 10}
        unit={us ? 'qt' : 'L'}
        toSi={(v) => (us ? v * LITRES_PER_QUART : v)}
        onRead={(v) => onMark('level', { value: v })}
      />
    </Sheet>
  );
}
