'use client';

import { useState } from 'react';
import type { Bundle } from '@/core/batch/schema';
import { startOver } from '@/store';
import { Button, buttonLook } from '@/ui/Button';
import { ExportAll } from '@/ui/files/ExportAll';
import { Sheet } from '@/ui/Sheet';
import { isoOf } from '@/session/clock';
import { useClock } from '@/ui/clock';

/** Empties the household, after saying what goes. */
export function StartOver({
  household,
  onClose,
}: {
  readonly household: Bundle;
  readonly onClose: () => void;
}) {
  const clock = useClock();
  const [failed, setFailed] = useState(false);
  const { batches, cooks, pots } = household;
  const go = (): void => {
    startOver(isoOf(clock)).catch(() => setFailed(true));
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title="Start over?"
      foot={
        <>
          <ExportAll className={buttonLook()}>Export everything first</ExportAll>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button look="copper" onClick={go}>
            Empty it
          </Button>
        </>
      }
    >
      <p>
        {batches.length} batches, {cooks.length} cooks and {pots.length} pots are removed from this
        browser. A backup stays here, and the file you export restores everything.
      </p>
      {failed && (
        <p role="alert" className="font-semibold text-rust">
          The backup could not be kept, so nothing was emptied.
        </p>
      )}
    </Sheet>
  );
}
