'use client';

import { format } from 'date-fns';
import type { Assessment } from '@/core/assess';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import { movesOf } from '@/core/timetable';
import { writeCalendar } from '@/formats/ical';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { MoveList } from '@/ui/MoveList';
import { Sheet } from '@/ui/Sheet';
import { useClock } from '@/ui/clock';

/** Every move of the cook by the clock, backward from the table; to print, or for a calendar. */
export function TimetableSheet({
  batch,
  pot,
  kitchen,
  assessment,
  onClose,
}: {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly assessment: Assessment;
  readonly onClose: () => void;
}) {
  const wall = useClock();
  const moves = movesOf(batch, assessment, pot, kitchen.units);
  const total = assessment.time.totalMin;
  const startMs = batch.serveAt ? Date.parse(batch.serveAt) - total * 60000 : null;
  const clock = (minute: number): string =>
    startMs === null
      ? `${minute < 0 ? '−' : '+'}${Math.abs(Math.round(minute))}`
      : format(new Date(startMs + minute * 60000), minute < -600 ? 'EEE HH:mm' : 'HH:mm');
  const save = (): void => {
    if (startMs === null) return;
    const text = writeCalendar(moves, {
      name: batch.name,
      batch: batch.id,
      startMs,
      nowMs: wall.now(),
    });
    download(`${batch.name}.ics`, text, 'text/calendar');
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title={`${batch.name}, by the clock`}
      foot={
        <>
          <Button look="quiet" onClick={onClose}>
            Close
          </Button>
          <Button onClick={() => print()}>Print</Button>
          <Button look="copper" disabled={startMs === null} onClick={save}>
            Into a calendar
          </Button>
        </>
      }
    >
      {startMs === null && (
        <p className="text-quiet">
          Minutes from the start. Set “on the table” on the Bench for clock times and a calendar.
        </p>
      )}
      <MoveList moves={moves} label="Timetable" clock={(move) => clock(move.minute)} />
    </Sheet>
  );
}
