'use client';

import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { useState } from 'react';
import { FRIDGE_C, FROZEN_C, type Item, type Kitchen } from '@/core/batch';
import { formatLength, formatTemperature } from '@/core/quantity';
import { Toggle } from '@/ui/Toggle';

/** Cuts a knife makes, mm. */
const LEAST_MM = 2;
const MOST_MM = 100;

/** A slider that shows as it moves and changes the batch once, when the hand lets go. */
function Slide({
  label,
  name,
  value,
  min,
  max,
  show,
  onKeep,
}: {
  readonly label: string;
  readonly name: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly show: (value: number | null) => string;
  readonly onKeep: (value: number) => void;
}) {
  const [moving, setMoving] = useState<number | null>(null);
  const keep = (): void => {
    if (moving !== null && moving !== value) onKeep(moving);
    setMoving(null);
  };
  return (
    <label className="block">
      <span className="flex justify-between">
        <span>{label}</span>
        <b className="figure text-lg">{show(moving)}</b>
      </span>
      <input
        type="range"
        className="h-11 w-full accent-copper"
        min={min}
        max={max}
        step={1}
        aria-label={name}
        value={moving ?? value}
        onChange={(event) => setMoving(Number(event.target.value))}
        onPointerUp={keep}
        onKeyUp={keep}
        onBlur={keep}
      />
    </label>
  );
}

/** Cut and start temperature, changed on the lane itself. */
export function QuickEdit({
  name,
  pieceMm,
  source,
  kitchen,
  words,
  onQuick,
}: {
  readonly name: string;
  /** Its size as it is now, mm; null for what has no pieces. */
  readonly pieceMm: number | null;
  readonly source: Item;
  readonly kitchen: Kitchen;
  /** The lane's details, which open it. */
  readonly words: string;
  readonly onQuick: (id: string, change: Partial<Omit<Item, 'id'>>) => void;
}) {
  const onChange = (change: Partial<Omit<Item, 'id'>>): void => onQuick(source.id, change);
  const { cut, startC } = source;
  const frozen = startC !== undefined && startC < 0;
  return (
    <Popover className="pointer-events-auto inline">
      <PopoverButton
        className="rounded px-0.5 text-quiet underline decoration-copper decoration-dotted underline-offset-4 hover:bg-copper/10"
        aria-label={`Cut and temperature of ${name}: ${words}`}
      >
        {words}
      </PopoverButton>
      <PopoverPanel
        anchor="bottom start"
        className="panel z-30 w-72 space-y-3 p-4 text-[14px] shadow-lg [--anchor-gap:4px] [--anchor-padding:12px]"
      >
        {pieceMm !== null && (
          <Slide
            label="Cut"
            name={`Cut of ${name}, mm`}
            value={cut?.mm ?? Math.round(pieceMm)}
            min={LEAST_MM}
            max={MOST_MM}
            show={(mm) => {
              const now = mm ?? cut?.mm;
              return now === undefined ? 'as it is' : formatLength(now, kitchen.units);
            }}
            onKeep={(mm) => onChange({ cut: { shape: cut?.shape ?? 'cube', mm } })}
          />
        )}
        <Toggle
          label={
            <>
              <span className="sr-only">{name}, </span>frozen
            </>
          }
          checked={frozen}
          onChange={(on) => onChange({ startC: on ? FROZEN_C : undefined })}
        />
        {!frozen && (
          <Slide
            label="Goes in at"
            name={`Start temperature of ${name}, °C`}
            value={startC ?? FRIDGE_C}
            min={0}
            max={100}
            show={(c) => {
              const now = c ?? startC;
              return now === undefined ? 'as kept' : formatTemperature(now, kitchen.units);
            }}
            onKeep={(c) => onChange({ startC: c })}
          />
        )}
      </PopoverPanel>
    </Popover>
  );
}
