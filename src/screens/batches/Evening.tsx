'use client';

import { useMemo, useState } from 'react';
import type { Batch, Bundle } from '@/core/batch/schema';
import { potOf } from '@/core/batch/plan';
import { formatMinutes } from '@/core/quantity';
import { lidS, timelineOf } from '@/core/cook';
import { eveningClashes, eveningOf, type Clash, type Dated } from '@/core/timetable';
import { writeCalendar } from '@/formats/ical';
import { timeOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { assessedOf } from '@/ui/assessed';
import { useClock } from '@/ui/clock';
import { download } from '@/ui/files/download';
import { cooksOnStove, saveBatch, useHousehold } from '@/ui/household';
import { useKnown } from '@/ui/learned/known';
import { MoveList } from '@/ui/lists/MoveList';
import { Sheet } from '@/ui/Sheet';
import { useNewest } from '@/ui/useNewest';

const MINUTE_MS = 60_000;

interface Asked {
  readonly wanted: readonly Batch[];
  readonly household: Pick<Bundle, 'pots' | 'kitchen' | 'cooks'>;
}

/** Plans for the evening and cooks that run, each worked out. */
async function datedAway({ wanted, household }: Asked, signal: AbortSignal) {
  const { pots, kitchen } = household;
  const plans = wanted.map(async (batch): Promise<Dated> => {
    const pot = potOf(batch, pots);
    const assessment = await assessedOf({ batch, pot, kitchen }, signal);
    return { batch, pot, assessment, tableAt: Date.parse(batch.serveAt ?? '') };
  });
  const real = cooksOnStove(household).filter((cook) => !cook.rehearsal);
  const cooks = real.map(async (cook): Promise<Dated> => {
    const assessment = await assessedOf(cook, signal);
    const beganAt = Date.parse(cook.startedAt) + 1000 * (lidS(timelineOf(cook)) ?? 0);
    const tableAt = beganAt + assessment.time.totalMin * MINUTE_MS;
    const batch = { ...cook.batch, id: cook.id };
    return { batch, pot: cook.pot, assessment, tableAt, on: true };
  });
  return Promise.all([...cooks, ...plans]);
}

function clashWords(clash: Clash, dated: readonly Dated[]): string {
  const [first, second] = clash.batches.map((id) => dated.find((d) => d.batch.id === id));
  if (!first || !second) return '';
  const names = `${first.batch.name} and ${second.batch.name}`;
  if (clash.why === 'pot')
    return `${names} both need ${first.pot.name} from ${timeOf(clash.at)}. Move one of them to another pot or another time.`;
  return `${names}: both valves open at ${timeOf(clash.at)}, and you can only stand at one.`;
}

function earlier(batch: Batch, minutes: number): Batch {
  const at = Date.parse(batch.serveAt ?? '') - minutes * MINUTE_MS;
  return { ...batch, serveAt: new Date(at).toISOString() };
}

/** Several batches wanted on the table within a day: what collides, and all moves by one clock. */
export function Evening({ wanted }: { readonly wanted: readonly Batch[] }) {
  const { cooks, batches, kitchen } = useHousehold();
  const known = useKnown();
  const clock = useClock();
  const [open, setOpen] = useState(false);
  const question = useMemo(
    () => known && { wanted, household: { ...known, cooks } },
    [wanted, known, cooks],
  );
  const { answer } = useNewest(question, datedAway);
  const dated = useMemo(() => answer?.answer ?? [], [answer]);
  const { units } = kitchen;
  const moves = useMemo(() => eveningOf(dated, units), [dated, units]);
  const clashes = useMemo(() => eveningClashes(dated, units), [dated, units]);
  const [first] = moves;
  const next = moves.find((move) => move.at >= clock.now()) ?? first;
  if (!first || !next) return null;
  const save = (): void => {
    const events = moves.map((move) => ({
      ...move,
      id: `${move.owner}-${move.id}`,
      minute: (move.at - first.at) / MINUTE_MS,
      title: `${move.name}: ${move.title}`,
    }));
    const text = writeCalendar(events, {
      name: 'The evening',
      batch: 'evening',
      startMs: first.at,
      nowMs: clock.now(),
    });
    download('evening.ics', text, 'text/calendar');
  };
  return (
    <section aria-label="The evening" className="panel mt-5 px-5 py-3">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <p className="min-w-0 flex-1 basis-72">
          <b>{dated.length} dishes within a day</b>
          <span className="block text-small text-quiet">
            {dated.map((one) => `${one.batch.name} ${timeOf(one.tableAt)}`).join(' · ')}; next move{' '}
            {timeOf(next.at)}
          </span>
        </p>
        <Button onClick={() => setOpen(true)}>Timetable for all</Button>
      </div>
      {clashes.map((clash) => {
        const { remedy } = clash;
        const moved = remedy && batches.find((b) => b.id === remedy.batch);
        return (
          <div
            key={`${clash.why} ${clash.batches.join(' ')}`}
            className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-hairline pt-2"
          >
            <p className="min-w-0 flex-1 basis-72 text-rust">{clashWords(clash, dated)}</p>
            {remedy && moved && (
              <Button look="copper" onClick={() => saveBatch(earlier(moved, remedy.earlierMin))}>
                {moved.name} {formatMinutes(remedy.earlierMin)} earlier
              </Button>
            )}
          </div>
        );
      })}
      {open && (
        <Sheet
          open
          onClose={() => setOpen(false)}
          title="The evening: timetable"
          foot={
            <>
              <Button look="quiet" onClick={() => setOpen(false)}>
                Close
              </Button>
              <Button onClick={() => print()}>Print</Button>
              <Button look="copper" onClick={save}>
                Into a calendar
              </Button>
            </>
          }
        >
          <MoveList
            moves={moves}
            label="Timetable of the evening"
            clock={(move) => timeOf(move.at)}
            of={(move) => move.name}
          />
        </Sheet>
      )}
    </section>
  );
}
