'use client';

import { useEffect, useState } from 'react';
import { asideName, forgetAside, setAside, type SetAside } from '@/store';
import { dateAndTime } from '@/session/clockText';
import { Button } from '../Button';
import { Sheet } from '../Sheet';
import { download } from './download';

const asFile = (record: SetAside): void =>
  download(`retort-damaged-${record.at.slice(0, 10)}.json`, JSON.stringify(record, null, 2));

/** Damaged records that were set aside: what is wrong with each, as a file, or deleted for good. */
export function SetAsideSheet({ onClose }: { readonly onClose: () => void }) {
  const [kept, setKept] = useState<readonly SetAside[] | null>(null);
  const [asked, setAsked] = useState<string | null>(null);
  useEffect(() => {
    setAside().then(setKept, () => setKept([]));
  }, []);
  const forget = async (id: string): Promise<void> => {
    await forgetAside(id);
    setKept((before) => before?.filter((record) => record.id !== id) ?? null);
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title="Damaged records"
      foot={
        <Button look="quiet" onClick={onClose}>
          Close
        </Button>
      }
    >
      <p className="text-small text-quiet">
        This browser could not read these records. They are kept as they were found, and nothing
        else depends on them. Save one as a file if you want to look into it, or bring back a backup
        from before the damage.
      </p>
      {kept?.length === 0 && <p>None.</p>}
      <ul className="divide-y divide-hairline" aria-label="Damaged records">
        {kept?.map((record) => (
          <li key={record.id} className="flex flex-wrap items-center gap-x-3 py-1.5">
            <span className="min-w-0 flex-1 basis-56">
              <b className="font-semibold first-letter:uppercase">{asideName(record)}</b>
              <span className="block text-small text-quiet">
                {record.fault}
                {record.at && `; found ${dateAndTime(new Date(record.at))}`}
              </span>
            </span>
            <Button
              look="quiet"
              aria-label={`Save the ${asideName(record)} as a file`}
              onClick={() => asFile(record)}
            >
              As a file
            </Button>
            {asked === record.id ? (
              <Button
                aria-label={`Yes, delete the ${asideName(record)} for good`}
                onClick={() => void forget(record.id)}
              >
                Yes, delete it
              </Button>
            ) : (
              <Button
                aria-label={`Delete the ${asideName(record)}`}
                onClick={() => setAsked(record.id)}
              >
                Delete
              </Button>
            )}
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
