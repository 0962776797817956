'use client';

import { lazyPart } from '@/drawings/later';
import Link from 'next/link';
import { Suspense, useMemo, useState, useSyncExternalStore } from 'react';
import { isEmptied, isThrownOut, leftInJar } from '@/core/batch/household';
import type { Cook, Jar } from '@/core/batch/schema';
import { keepsOf, type LarderDay, type ToSee } from '@/core/keep';
import { formatVolume } from '@/core/quantity';
import { weekdayOf } from '@/session/clockText';
import { Button, buttonLook } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { useHousehold, coolingNow } from '@/ui/household';
import { surroundingsOf } from '@/ui/larder';
import { useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';
import { Bag } from './Bag';
import { Days } from './Days';
import { FilesMenu } from './FilesMenu';
import { Shelves } from './Shelves';
import { UseFirst } from './UseFirst';

const Cooling = lazyPart(() => import('./Cooling').then((m) => m.Cooling));
const FillJars = lazyPart(() => import('./FillJars').then((m) => m.FillJars));
const JarSheet = lazyPart(() => import('./JarSheet').then((m) => m.JarSheet));
const HabitsSheet = lazyPart(() => import('./HabitsSheet').then((m) => m.HabitsSheet));

type Open =
  | { readonly what: 'fill'; readonly cook: string | null }
  | { readonly what: 'jar'; readonly id: string }
  | { readonly what: 'habits' }
  | null;

const MINUTE_MS = 60_000;
/** From a cook of so many days ago jars may still be filled. */
const FILL_DAYS = 10;

/** The time to the minute: shelves do not change every second. */
function useMinute(): number {
  const clock = useClock();
  return useSyncExternalStore(
    (heard) => clock.every(MINUTE_MS / 4, heard),
    () => Math.floor(clock.now() / MINUTE_MS) * MINUTE_MS,
    () => 0,
  );
}

interface Asked {
  readonly see: ToSee;
  readonly now: number;
}
const ahead = ({ see, now }: Asked, signal: AbortSignal): Promise<readonly LarderDay[]> =>
  ask('daysAhead', [see, now], { signal });

function recent(cooks: readonly Cook[], now: number): readonly Cook[] {
  return cooks
    .filter((cook) => !cook.rehearsal && !cook.kettle && (cook.endedAt ?? cook.after?.cooling))
    .filter((cook) => !isThrownOut(cook))
    .filter((cook) => now - Date.parse(cook.startedAt) < FILL_DAYS * 24 * 60 * MINUTE_MS)
    .toSorted((a, b) => b.startedAt.localeCompare(a.startedAt));
}

/** Till when the broth lasts, by the next days. */
function lastsWords(days: readonly LarderDay[] | undefined): string {
  const out = days?.find((day) => day.notes.some((note) => note.kind === 'runs-out'));
  if (!days) return '';
  return out ? `: it lasts till ${weekdayOf(new Date(out.at))}` : ': it lasts the week';
}

/** The larder: shelves to scale, the next days, what cools, the bag. */
export function LarderScreen() {
  const household = useHousehold();
  const now = useMinute();
  const [open, setOpen] = useState<Open>(null);
  const { jars, batches, cooks, kitchen } = household;
  const { units, larder = {} } = kitchen;
  const keeps = useMemo(() => keepsOf(kitchen.larder), [kitchen.larder]);
  const there = useMemo(() => jars.filter((jar) => !isEmptied(jar)), [jars]);
  const cooling = useMemo(() => coolingNow(cooks), [cooks]);
  const { fridgeC } = surroundingsOf(kitchen);
  const litresADay = larder.litresADay ?? 0;
  // A day is enough: what is to be done in the next days does not change by the minute.
  const hour = Math.floor(now / (60 * MINUTE_MS)) * 60 * MINUTE_MS;
  const asked = useMemo<Asked>(
    () => ({ see: { jars: there, batches, keeps, litresADay }, now: hour }),
    [there, batches, keeps, litresADay, hour],
  );
  const { answer } = useNewest(asked, ahead);
  const litres = there.reduce((sum, jar) => sum + leftInJar(jar), 0);
  const shown = open?.what === 'jar' ? jars.find((jar) => jar.id === open.id) : undefined;
  const close = (): void => setOpen(null);
  const openJar = (jar: Jar): void => setOpen({ what: 'jar', id: jar.id });
  const shelf = { keeps, now, units, onOpen: openJar };
  return (
    <main className="mx-auto grid w-full max-w-6xl content-start gap-6 px-4 py-6 sm:px-6 lg:grid-cols-[minmax(0,1fr)_300px]">
      <div className="min-w-0 space-y-4">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <div>
            <h1 className="figure text-4xl">Larder</h1>
            <p className="text-quiet">
              {there.length === 0
                ? 'Nothing is kept yet.'
                : `${there.length} ${there.length > 1 ? 'jars' : 'jar'}, ${formatVolume(litres, units)}`}
              {litresADay > 0 &&
                ` · you use ${formatVolume(litresADay, units)} of broth a day${there.length > 0 ? lastsWords(answer?.answer) : ''}`}
              {' · '}
              <button
                type="button"
                className="min-h-9 text-cobalt underline underline-offset-4"
                onClick={() => setOpen({ what: 'habits' })}
              >
                change
              </button>
            </p>
          </div>
          <div className="flex flex-wrap gap-2">
            <FilesMenu household={household} />
            <Link href="/larder/labels" className={buttonLook()}>
              Labels
            </Link>
            <Button look="copper" onClick={() => setOpen({ what: 'fill', cook: null })}>
              Fill jars
            </Button>
          </div>
        </div>
        <Suspense>
          {cooling.map((cook) => (
            <Cooling
              key={cook.id}
              cook={cook}
              now={now}
              onCold={({ id }) => setOpen({ what: 'fill', cook: id })}
            />
          ))}
        </Suspense>
        <Shelves jars={there} fridgeC={fridgeC} {...shelf} />
        <Days days={answer?.answer ?? null} units={units} />
      </div>
      <aside className="space-y-6">
        <UseFirst jars={there} {...shelf} />
        <Bag household={household} now={now} />
        <p className="text-fine text-quiet">
          Fridge 3 to 4 days, freezer 2 to 3 months at its best. Never hot glass into the freezer.
          None of this is canning.
        </p>
      </aside>
      <Suspense>
        {open?.what === 'fill' && (
          <FillJars cooks={recent(cooks, now)} first={open.cook} onClose={close} />
        )}
        {shown && <JarSheet jar={shown} keeps={keeps} now={now} onClose={close} />}
        {open?.what === 'habits' && <HabitsSheet habits={larder} units={units} onClose={close} />}
      </Suspense>
    </main>
  );
}
