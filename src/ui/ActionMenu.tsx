'use client';

import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import type { ReactNode } from 'react';

export type MenuEntry = readonly [name: string, does: () => void, tone?: string];

const OPTION =
  'flex min-h-11 w-full items-center rounded-lg px-3 text-left text-body data-focus:bg-copper/10';

/** A button that opens a list of things to do, each named once. */
export function ActionMenu({
  label,
  look,
  children,
  entries,
}: {
  /** Name of the button where it shows no words. */
  readonly label?: string;
  /** Classes of the button. */
  readonly look: string;
  readonly children: ReactNode;
  readonly entries: readonly MenuEntry[];
}) {
  return (
    <Menu>
      <MenuButton className={look} aria-label={label}>
        {children}
      </MenuButton>
      <MenuItems
        anchor="bottom end"
        className="panel z-30 w-64 p-1 shadow-lg outline-none [--anchor-gap:4px]"
      >
        {entries.map(([name, does, tone = '']) => (
          <MenuItem key={name}>
            <button type="button" className={`${OPTION} ${tone}`} onClick={does}>
              {name}
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}
