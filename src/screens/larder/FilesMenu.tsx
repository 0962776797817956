'use client';

import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { Bundle } from '@/core/batch/schema';
import { keepsOf } from '@/core/keep';
import { buttonLook } from '@/ui/Button';
import { download } from '@/ui/download';

// A table is read and written seldom.
const TableIn = lazy(() => import('./TableIn').then((m) => ({ default: m.TableIn })));

const OPTION =
  'flex min-h-11 w-full items-center rounded-lg px-3 text-left text-body data-focus:bg-copper/10';

async function save({ jars, kitchen }: Bundle): Promise<void> {
  const { writeJars } = await import('@/formats/jarsCsv');
  download('jars.csv', writeJars(jars, keepsOf(kitchen.larder)), 'text/csv');
}

/** Jars as a table, out and in. */
export function FilesMenu({ household }: { readonly household: Bundle }) {
  const [reading, setReading] = useState(false);
  return (
    <>
      <Menu>
        <MenuButton className={buttonLook()}>
          Files <ChevronDown size={16} aria-hidden />
        </MenuButton>
        <MenuItems
          anchor="bottom end"
          className="panel z-30 w-64 p-1 shadow-lg outline-none [--anchor-gap:4px]"
        >
          <MenuItem>
            <button type="button" className={OPTION} onClick={() => void save(household)}>
              Jars as CSV
            </button>
          </MenuItem>
          <MenuItem>
            <button type="button" className={OPTION} onClick={() => setReading(true)}>
              Bring in jars from CSV
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
      <Suspense>
        {reading && <TableIn household={household} onClose={() => setReading(false)} />}
      </Suspense>
    </>
  );
}
