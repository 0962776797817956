'use client';

import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import { ChevronDown, Ellipsis } from 'lucide-react';
import type { Batch, BatchKind, Kitchen, Pot } from '@/core/batch/schema';
import { ActionMenu, type MenuEntry } from '@/ui/ActionMenu';
import { MORE, PICKS, potWords } from './headWords';
import { usePlanActions, useSession } from '../plan';

const KINDS: readonly BatchKind[] = ['soup', 'chili', 'stock', 'broth'];
const OPENS = [
  ['clock', 'Timetable'],
  ['scale', 'Scale, move or split it'],
  ['schools', 'Our habits'],
  ['rehearse', 'Practice run'],
  ['phone', 'Send to a phone'],
  ['help', 'Keyboard shortcuts'],
] as const;
const MENU = 'panel z-30 mt-1 p-1 shadow-lg outline-none [--anchor-gap:4px]';
const OPTION =
  'flex min-h-11 w-full items-center rounded-lg px-3 text-left text-body data-focus:bg-copper/10 data-selected:font-semibold';

/** The batch's pot, to be changed. */
export function PotPicker({
  pots,
  pot,
  kitchen,
  onPick,
}: {
  readonly pots: readonly Pot[];
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly onPick: (pot: Pot) => void;
}) {
  return (
    <Listbox value={pot} by="id" onChange={onPick}>
      <ListboxButton className={PICKS} aria-label={`Pot: ${pot.name}`}>
        {potWords(pot, kitchen.units)}
        <ChevronDown size={15} aria-hidden />
      </ListboxButton>
      <ListboxOptions anchor="bottom start" className={MENU}>
        {pots.map((p) => (
          <ListboxOption key={p.id} value={p} className={OPTION}>
            {potWords(p, kitchen.units)}, {p.kind}
          </ListboxOption>
        ))}
      </ListboxOptions>
    </Listbox>
  );
}

/** All else that is done to a batch. */
export function More({ batch }: { readonly batch: Batch }) {
  const { open } = useSession();
  const { save, saveRecipe, copy, remove } = usePlanActions();
  const entries: readonly MenuEntry[] = [
    ...OPENS.map(([what, name]) => [name, () => open(what)] as const),
    ...(batch.recipe ? [['The original recipe', () => open('recipe')] as const] : []),
    ['Save as a recipe', saveRecipe],
    ...KINDS.map(
      (kind) =>
        [
          `${batch.kind === kind ? '● ' : '○ '}Type: ${kind}`,
          () => save({ ...batch, kind }),
        ] as const,
    ),
    ['Copy this batch', copy],
    ['Delete this batch', remove, 'text-rust'],
  ];
  return (
    <ActionMenu label="More" look={MORE} entries={entries}>
      <Ellipsis size={20} aria-hidden />
    </ActionMenu>
  );
}
