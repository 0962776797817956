'use client';

import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { useState } from 'react';
import type { ItemReport } from '@/core/model';
import { FRIDGE_C, FROZEN_C } from '@/core/batch/plan';
import { type Item, type Kitchen, LIMITS } from '@/core/batch/schema';
import { presetsOf } from '@/core/food';
import { formatLength, formatTemperature } from '@/core/quantity';
import { Toggle } from '@/ui/forms/Toggle';
import { Said } from '@/ui/said';

/** Range of the slider, mm: the usual cuts of a knife. The editor takes the others. */
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
        aria-valuetext={show(moving)}
        value={moving ?? value}
        onChange={(event) => setMoving(Number(event.target.value))}
        onPointerUp={keep}
        onKeyUp={keep}
        onBlur={keep}
      />
    </label>
  );
}

/** Wish for an ingredient, in two touches: open, choose. */
function WishChoice({
  item,
  source,
  onChange,
}: {
  readonly item: ItemReport;
  readonly source: Item;
  readonly onChange: (change: Partial<Omit<Item, 'id'>>) => void;
}) {
  const { family, wish } = item;
  const presets = family ? presetsOf(family) : [];
  if (presets.length === 0) return null;
  const flavour = item.for === 'flavour';
  const chip = (words: string, on: boolean, change: Partial<Omit<Item, 'id'>>) => (
    <button
      key={words}
      type="button"
      aria-pressed={on}
      onClick={() => onChange(change)}
      className={`min-h-11 rounded-full border px-3 ${on ? 'border-copper bg-copper text-white' : 'border-ink/40 bg-panel hover:bg-copper/10'}`}
    >
      <Said>{words}</Said>
    </button>
  );
  return (
    <div role="group" aria-label={`What you want of ${item.name}`}>
      <p className="mb-1.5">
        Wanted
        {wish && !flavour && (
          <span className="text-quiet">
            : {wish.from === wish.to ? wish.from : `${wish.from} to ${wish.to}`}
          </span>
        )}
      </p>
      <div className="flex flex-wrap gap-1.5">
        {presets.map(({ words, from, to }) =>
          chip(words, !flavour && source.wish?.from === from && source.wish.to === to, {
            wish: { from, to },
            for: 'eat',
          }),
        )}
        {chip('as usual', source.wish === undefined && source.for === undefined, {
          wish: undefined,
          for: undefined,
        })}
        {chip('for flavour only', flavour, { for: 'flavour', wish: undefined })}
      </div>
    </div>
  );
}

/** Wish, cut and start temperature, changed on the lane itself. */
export function QuickEdit({
  item,
  source,
  kitchen,
  words,
  onQuick,
}: {
  readonly item: ItemReport;
  readonly source: Item;
  readonly kitchen: Kitchen;
  /** The lane's details, which open it. */
  readonly words: string;
  readonly onQuick: (id: string, change: Partial<Omit<Item, 'id'>>) => void;
}) {
  const onChange = (change: Partial<Omit<Item, 'id'>>): void => onQuick(source.id, change);
  const { name } = item;
  const pieceMm = item.piece?.mm ?? null;
  const { cut, startC } = source;
  const frozen = startC !== undefined && startC < 0;
  return (
    <Popover className="pointer-events-auto inline">
      <PopoverButton
        className="inline-flex min-h-6 min-w-6 items-center rounded px-0.5 text-quiet underline decoration-copper decoration-dotted underline-offset-4 hover:bg-copper/10 focus-visible:-outline-offset-2"
        aria-label={`Wish, cut and temperature of ${name}: ${words}`}
      >
        {words}
      </PopoverButton>
      <PopoverPanel
        anchor="bottom start"
        className="panel z-30 w-72 space-y-3 p-4 text-small shadow-lg [--anchor-gap:4px] [--anchor-padding:12px]"
      >
        <WishChoice item={item} source={source} onChange={onChange} />
        {pieceMm !== null && (
          <Slide
            label="Cut"
            name={`Cut of ${name}`}
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
            name={`Start temperature of ${name}`}
            value={startC ?? FRIDGE_C}
            min={0}
            max={LIMITS.start.max}
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
