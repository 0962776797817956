'use client';

import { useEffect, useState } from 'react';
import { backups, begin, changeWithBackup, useApp, type Backup } from '@/store';
import { dateAndTime } from '@/session/clockText';
import { isoOf } from '@/session/clock';
import { Button } from '../Button';
import { useClock } from '../clock';
import { download } from './download';
import { Sheet } from '../Sheet';
import { readFileAway } from '@/workers';

/** Backups, the newest first: each to bring back or to save as a file. */
export function BackupsSheet({ onClose }: { readonly onClose: () => void }) {
  const clock = useClock();
  const [kept, setKept] = useState<readonly Backup[] | null>(null);
  const isShared = useApp((s) => s.isShared);
  const [said, setSaid] = useState<string | null>(null);
  useEffect(() => {
    backups().then(setKept, () => setKept([]));
  }, []);
  const restore = async (backup: Backup): Promise<void> => {
    const read = await readFileAway(new Blob([backup.text]), () => undefined).catch(() => null);
    if (!read?.ok) {
      const [problem] = read?.problems ?? [];
      const why = problem ? `${problem.path}, ${problem.found}` : 'it took too long';
      setSaid(`It cannot be read: ${why}. Nothing has changed.`);
      return;
    }
    const { bundle } = read;
    try {
      if (useApp.getState().household)
        await changeWithBackup(
          'before a backup was brought back',
          isoOf(clock),
          () => bundle,
          bundle,
        );
      else await begin(bundle);
      onClose();
    } catch {
      setSaid('The current kitchen could not be backed up first, so nothing was changed.');
    }
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title="Backups"
      foot={
        <Button look="quiet" onClick={onClose}>
          Close
        </Button>
      }
    >
      <p className="text-small text-quiet">
        This browser keeps a backup of the last seven days with changes, each as the day began, and
        of the last five times something was replaced. A file of your own is safer.
      </p>
      {isShared && (
        <p>
          This kitchen is on other devices too: what you bring back comes to them, and what it
          replaces goes from them.
        </p>
      )}
      {said && (
        <p role="alert" className="font-semibold text-rust">
          {said}
        </p>
      )}
      {kept?.length === 0 && <p>None yet: the first one is made with the next change.</p>}
      <ul className="divide-y divide-hairline" aria-label="Backups">
        {kept?.map((backup) => (
          <li key={backup.id} className="flex flex-wrap items-center gap-x-3 py-1.5">
            <span className="min-w-0 flex-1 basis-56">
              <b className="font-semibold">{dateAndTime(new Date(backup.at))}</b>
              <span className="block text-small text-quiet">{backup.why}</span>
            </span>
            <Button
              look="quiet"
              aria-label={`Save the backup of ${dateAndTime(new Date(backup.at))} as a file`}
              onClick={() => download(`retort-${backup.at.slice(0, 10)}.json`, backup.text)}
            >
              As a file
            </Button>
            <Button
              aria-label={`Bring back the backup of ${dateAndTime(new Date(backup.at))}`}
              onClick={() => void restore(backup)}
            >
              Bring back
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
