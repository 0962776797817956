'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import { carriedOf, MOST_LINK, writeCarried } from '@/formats/carry';
import { writeBundle } from '@/formats';
import { Button } from '@/ui/Button';
import { shareFile } from '@/ui/files/shareFile';
import { Code } from '@/ui/link/Code';
import { CopyLink } from '@/ui/link/CopyLink';
import { Sheet } from '@/ui/Sheet';

/** A batch for another device: a code with all of it in its link, or a file. */
export function PhoneSheet({
  batch,
  pot,
  kitchen,
  onClose,
}: {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly onClose: () => void;
}) {
  const carried = useMemo(() => carriedOf(batch, pot, kitchen), [batch, pot, kitchen]);
  const [link, setLink] = useState<string | null>(null);
  useEffect(() => {
    let over = false;
    void writeCarried(carried).then((code) => {
      if (!over) setLink(`${location.origin}/take#${code}`);
    });
    return () => {
      over = true;
    };
  }, [carried]);
  const fits = link !== null && link.length <= MOST_LINK;
  return (
    <Sheet
      open
      onClose={onClose}
      title="Send to a phone"
      foot={
        <>
          <Button look="quiet" onClick={onClose}>
            Close
          </Button>
          {fits && <CopyLink link={link} />}
          <Button look="copper" onClick={() => void shareFile(batch.name, writeBundle(carried))}>
            As a file
          </Button>
        </>
      }
    >
      {fits && (
        <>
          <p>
            Scan this with the phone’s camera. The link itself holds the batch, its pot and its
            kitchen; nothing goes to a server. The phone shows it before anything is saved.
          </p>
          <Code link={link} />
        </>
      )}
      {link !== null && !fits && (
        <p role="alert">
          This batch is too long for a code ({link.length.toLocaleString('en')} characters; a camera
          reads {MOST_LINK.toLocaleString('en')}). Send it as a file and bring that in there.
        </p>
      )}
    </Sheet>
  );
}
