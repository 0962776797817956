'use client';

import { nanoid } from 'nanoid';
import { useState } from 'react';
import type { Bundle } from '@/core/batch/schema';
import { readJars, type JarsRead } from '@/formats/jarsCsv';
import { Button } from '@/ui/Button';
import { saveJars } from '@/ui/larder';
import { Sheet } from '@/ui/Sheet';

const MOST_BYTES = 2_000_000;
const SHOWN = 5;

/** A table of jars from elsewhere: looked at first, then taken. */
export function TableIn({
  household,
  onClose,
}: {
  readonly household: Bundle;
  readonly onClose: () => void;
}) {
  const [read, setRead] = useState<JarsRead | null>(null);
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    if (file.size > MOST_BYTES) {
      setRead({ jars: [], wrong: ['the file is larger than any larder: 2 MB at the most'] });
      return;
    }
    const taken = new Set(household.jars.map((jar) => jar.id));
    setRead(readJars(await file.text(), () => nanoid(10), taken));
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title="Jars from a table"
      foot={
        <>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button
            look="copper"
            disabled={!read || read.jars.length === 0}
            onClick={() => {
              if (read && saveJars(read.jars)) onClose();
            }}
          >
            {read && read.jars.length > 0 ? `Take ${read.jars.length} in` : 'Take them in'}
          </Button>
        </>
      }
    >
      <label className="block text-small font-medium">
        A CSV file with columns name, litres, made; where, jar, use by if you like
        <input
          type="file"
          accept=".csv,text/csv"
          className="field mt-1"
          onChange={(event) => void open(event.target.files?.[0])}
        />
      </label>
      {read && read.jars.length > 0 && (
        <p>
          {read.jars.length} {read.jars.length > 1 ? 'jars' : 'jar'}:{' '}
          {read.jars
            .slice(0, SHOWN)
            .map((jar) => jar.name)
            .join(', ')}
          {read.jars.length > SHOWN && ' and more'}.
        </p>
      )}
      {read && read.wrong.length > 0 && (
        <ul role="alert" className="font-medium text-rust">
          {read.wrong.slice(0, SHOWN).map((wrong) => (
            <li key={wrong}>{wrong}</li>
          ))}
          {read.wrong.length > SHOWN && <li>and {read.wrong.length - SHOWN} lines more</li>}
        </ul>
      )}
    </Sheet>
  );
}
