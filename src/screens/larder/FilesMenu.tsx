'use client';

import { lazyPart } from '@/drawings/later';
import { Suspense, useState } from 'react';
import type { Bundle } from '@/core/batch/schema';
import { keepsOf } from '@/core/keep';
import { download } from '@/ui/files/download';
import { FilesButton } from '@/ui/files/FilesButton';

// A table is read and written seldom.
const TableIn = lazyPart(() => import('./TableIn').then((m) => m.TableIn));

async function save({ jars, kitchen }: Bundle): Promise<void> {
  const { writeJars } = await import('@/formats/jarsCsv');
  download('jars.csv', writeJars(jars, keepsOf(kitchen.larder)), 'text/csv');
}

/** Jars as a table, out and in. */
export function FilesMenu({ household }: { readonly household: Bundle }) {
  const [reading, setReading] = useState(false);
  return (
    <>
      <FilesButton
        entries={[
          ['Jars as CSV', () => void save(household)],
          ['Bring in jars from CSV', () => setReading(true)],
        ]}
      />
      <Suspense>
        {reading && <TableIn household={household} onClose={() => setReading(false)} />}
      </Suspense>
    </>
  );
}
