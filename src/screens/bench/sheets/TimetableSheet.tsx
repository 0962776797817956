'use client';

import type { Assessment } from '@/core/assess';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import { movesOf } from '@/core/timetable';
import { writeCalendar } from '@/formats/ical';
import { timeOf, weekdayOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { download } from '@/ui/files/download';
import { MoveList } from '@/ui/lists/MoveList';
import { Sheet } from '@/ui/Sheet';
import { useClock } from '@/ui/clock';

/** A move this long before the pot may lie on the day before, min. */
const EARLIER_MIN = -600;

function wallTime(at: Date, withDay: boolean): string {
  return withDay ? `${weekdayOf(at).slice(0, 3)} ${timeOf(at)}` : timeOf(at);
}

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
      : wallTime(new Date(startMs + minute * 60000), minute < EARLIER_MIN);
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
      title={`${batch.name}: timetable`}
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
          Minutes from the start. Set “ready at” on the Bench for clock times and a calendar.
        </p>
      )}
      <MoveList moves={moves} label="Timetable" clock={(move) => clock(move.minute)} />
    </Sheet>
  );
}
