'use client';

import {
  Listbox,
  ListboxButton,
  ListboxOption,
  ListboxOptions,
  Menu,
  MenuButton,
  MenuItem,
  MenuItems,
} from '@headlessui/react';
import { ChevronDown, Ellipsis } from 'lucide-react';
import { useState } from 'react';
import { isBroth, type Batch, type BatchKind, type Kitchen, type Pot } from '@/core/batch';
import { formatAltitude, formatLevel } from '@/core/quantity';
import { Button } from '@/ui/Button';
import { ServingTime } from './ServingTime';

const KINDS: readonly BatchKind[] = ['soup', 'chili', 'stock', 'broth'];
const OPENS = [
  ['clock', 'By the clock'],
  ['scale', 'Scale, move or split it'],
  ['schools', 'How we do it'],
  ['help', 'Keys'],
] as const;
const MENU = 'panel z-30 mt-1 p-1 shadow-lg outline-none [--anchor-gap:4px]';
const OPTION =
  'flex min-h-11 w-full items-center rounded-lg px-3 text-left text-[15px] data-focus:bg-copper/10 data-selected:font-semibold';

function Name({
  batch,
  onChange,
}: {
  readonly batch: Batch;
  readonly onChange: (batch: Batch) => void;
}) {
  const [text, setText] = useState(batch.name);
  const [of, setOf] = useState(batch.name);
  if (of !== batch.name) {
    // Changed elsewhere (undo, another tab): show that.
    setOf(batch.name);
    setText(batch.name);
  }
  return (
    <input
      aria-label="Name of the batch"
      value={text}
      maxLength={200}
      className="figure -ml-1 min-h-9 w-full truncate rounded border-b-2 border-transparent bg-transparent px-1 text-[26px] leading-8 hover:border-hairline focus:border-copper focus:outline-none"
      onChange={(event) => setText(event.target.value)}
      onBlur={() => {
        const name = text.trim();
        if (name && name !== batch.name) onChange({ ...batch, name });
        else setText(batch.name);
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
      }}
    />
  );
}

function PotPicker({
  pots,
  pot,
  kitchen,
  onPick,
}: {
  readonly pots: readonly Pot[];
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly onPick: (id: string) => void;
}) {
  return (
    <Listbox value={pot.id} onChange={onPick}>
      <ListboxButton
        className="inline-flex min-h-9 items-center gap-1 rounded px-1 underline decoration-copper decoration-dotted underline-offset-4 hover:bg-copper/5"
        aria-label={`Pot: ${pot.name}`}
      >
        {pot.name}, {formatLevel(pot.capacityL, kitchen.units)}
        <ChevronDown size={15} aria-hidden />
      </ListboxButton>
      <ListboxOptions anchor="bottom start" className={MENU}>
        {pots.map((p) => (
          <ListboxOption key={p.id} value={p.id} className={OPTION}>
            {p.name}, {formatLevel(p.capacityL, kitchen.units)}, {p.kind}
          </ListboxOption>
        ))}
      </ListboxOptions>
    </Listbox>
  );
}

function withServeAt(batch: Batch, at: string | null): Batch {
  if (at) return { ...batch, serveAt: at };
  return Object.fromEntries(
    Object.entries(batch).filter(([k]) => k !== 'serveAt'),
  ) as unknown as Batch;
}

export interface BenchHeadProps {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly pots: readonly Pot[];
  readonly kitchen: Kitchen;
  readonly ready: boolean;
  /** How long the plan takes, min. */
  readonly totalMin: number;
  readonly onChange: (batch: Batch) => void;
  readonly onStove: () => void;
  readonly onRecipe: () => void;
  readonly onOpen: (what: 'solve' | 'clock' | 'scale' | 'schools' | 'help') => void;
  readonly onCopy: () => void;
  readonly onDelete: () => void;
}

/** Name, servings, pot and altitude; the serving time; to the stove. */
export function BenchHead({
  batch,
  pot,
  pots,
  kitchen,
  ready,
  totalMin,
  onChange,
  onStove,
  onRecipe,
  onOpen,
  onCopy,
  onDelete,
}: BenchHeadProps) {
  return (
    <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
      <div className="min-w-0 flex-1 basis-72">
        <h1 className="sr-only">{batch.name}</h1>
        <Name batch={batch} onChange={onChange} />
        <div className="flex flex-wrap items-center gap-x-2 text-[14px] text-quiet">
          <label className="inline-flex items-center gap-1">
            <input
              type="number"
              min={1}
              max={200}
              aria-label="Servings"
              value={batch.servings ?? ''}
              placeholder="?"
              className="min-h-9 w-14 rounded border border-hairline bg-panel px-1.5"
              onChange={(event) => {
                const servings = Math.round(Number(event.target.value));
                if (servings >= 1 && servings <= 200) onChange({ ...batch, servings });
              }}
            />
            bowls
          </label>
          ·
          <PotPicker
            pots={pots}
            pot={pot}
            kitchen={kitchen}
            onPick={(potId) => onChange({ ...batch, potId })}
          />
          · <span>{formatAltitude(kitchen.altitudeM, kitchen.units)}</span>
        </div>
      </div>
      <ServingTime
        serveAt={batch.serveAt}
        totalMin={totalMin}
        onChange={(at) => onChange(withServeAt(batch, at))}
      />
      <Button className="max-sm:order-3" disabled={!ready} onClick={() => onOpen('solve')}>
        {isBroth(batch) ? 'How many runs?' : 'Find the order'}
      </Button>
      <Button look="copper" className="max-sm:order-3" disabled={!ready} onClick={onStove}>
        Take it to the stove
      </Button>
      <Menu>
        <MenuButton
          className="grid size-11 place-items-center rounded-full border border-hairline max-sm:order-2 max-sm:self-end"
          aria-label="More"
        >
          <Ellipsis size={20} aria-hidden />
        </MenuButton>
        <MenuItems anchor="bottom end" className={`${MENU} w-60`}>
          {OPENS.map(([what, name]) => (
            <MenuItem key={what}>
              <button type="button" className={OPTION} onClick={() => onOpen(what)}>
                {name}
              </button>
            </MenuItem>
          ))}
          <MenuItem>
            <button type="button" className={OPTION} onClick={onRecipe}>
              Save as a recipe
            </button>
          </MenuItem>
          {KINDS.map((kind) => (
            <MenuItem key={kind}>
              <button type="button" className={OPTION} onClick={() => onChange({ ...batch, kind })}>
                {batch.kind === kind ? '● ' : '○ '}It is a {kind}
              </button>
            </MenuItem>
          ))}
          <MenuItem>
            <button type="button" className={OPTION} onClick={onCopy}>
              Copy this batch
            </button>
          </MenuItem>
          <MenuItem>
            <button type="button" className={`${OPTION} text-rust`} onClick={onDelete}>
              Delete this batch
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
    </div>
  );
}
