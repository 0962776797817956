import { lazyPart } from '@/drawings/later';
import { group } from 'd3-array';
import { nanoid } from 'nanoid';
import { Suspense, useMemo, useState } from 'react';
import { isEmptied, isThrownOut, shelvesOf, type Shelf } from '@/core/batch/household';
import { isStock } from '@/core/batch/plan';
import type { Batch, Bundle, Cook } from '@/core/batch/schema';
import { aboutJar, bagWorth, dueOf, firstToUse, isGood, keepsOf } from '@/core/keep';
import { setName, isFrozen } from '@/core/vocabulary';
import { formatVolume } from '@/core/quantity';
import { cookAgain } from '@/core/timetable';
import { dayOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { useHousehold } from '@/ui/household';
import { BAG_SET } from '@/ui/larder';
import { Toggle } from '@/ui/forms/Toggle';

// It is asked for when a dish is cooked again.
const AgainSheet = lazyPart(() => import('@/ui/AgainSheet').then((m) => m.AgainSheet));

const HOUR_MS = 3_600_000;

/** Broths and cooks shown; the rest are in the Larder and the Log. */
const SHOWN = 3;

/** Broth in the fridge that is still good, the one to be used first in front. */
function brothsToUse(
  { jars, batches, kitchen }: Bundle,
  now: number,
): readonly (readonly [Shelf, number])[] {
  const keeps = keepsOf(kitchen.larder);
  const good = firstToUse(jars, keeps).filter(
    (jar) =>
      !isFrozen(jar) && isStock(jar) && !jar.thick && !isEmptied(jar) && isGood(jar, keeps, now),
  );
  const due = group(good, (jar) => jar.name);
  return shelvesOf(good, batches, aboutJar(keeps, now)).flatMap((shelf) => {
    const [first] = due.get(shelf.name) ?? [];
    return first ? [[shelf, dueOf(first, keeps)] as const] : [];
  });
}

/** The last cook of each dish, newest first. */
function lastCooks(cooks: readonly Cook[]): readonly Cook[] {
  const ended = cooks
    .filter((cook) => cook.endedAt && !cook.rehearsal && !cook.kettle && !isThrownOut(cook))
    .toSorted((a, b) => b.startedAt.localeCompare(a.startedAt));
  return [...group(ended, (cook) => cook.batch.name).values()].flatMap(([cook]) => cook ?? []);
}

/** Starts from the kitchen itself: the bag of bones, broth that must be used, a dish cooked before. */
export function FromKitchen({
  shelf,
  onShelf,
  onBag,
  onAgain,
}: {
  /** Broth that goes into the next plan instead of water. */
  readonly shelf: Shelf | null;
  readonly onShelf: (shelf: Shelf | null) => void;
  readonly onBag: () => void;
  readonly onAgain: (batch: Batch) => void;
}) {
  const household = useHousehold();
  const { bag, cooks, kitchen } = household;
  const clock = useClock();
  const [again, setAgain] = useState<{ readonly cook: Cook; readonly batch: Batch } | null>(null);
  const hour = Math.floor(clock.now() / HOUR_MS) * HOUR_MS;
  const broths = useMemo(() => brothsToUse(household, hour), [household, hour]);
  const recent = useMemo(() => lastCooks(cooks).slice(0, SHOWN), [cooks]);
  const worth = useMemo(() => bagWorth(bag, BAG_SET), [bag]);
  if (bag.length === 0 && broths.length === 0 && recent.length === 0) return null;
  return (
    <section aria-label="From your kitchen" className="panel space-y-3 p-5">
      <h2 className="font-medium">Or start from your kitchen</h2>
      {bag.length > 0 && (
        <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
          <p className="min-w-0 flex-1 basis-48">
            The bag of bones makes {formatVolume(worth.litres, kitchen.units)} of stock
            {worth.gelatineG > 1 && `, ${setName(BAG_SET)}`}
          </p>
          <Button onClick={onBag}>Make stock</Button>
        </div>
      )}
      {broths.slice(0, SHOWN).map(([one, due]) => (
        <Toggle
          key={one.name}
          label={
            <>
              Use {one.name} instead of water
              <span className="block text-fine text-quiet">
                {formatVolume(
                  one.jars.reduce((sum, { freeL }) => sum + freeL, 0),
                  kitchen.units,
                )}{' '}
                in the fridge, use by {dayOf(new Date(due))}
              </span>
            </>
          }
          checked={shelf?.name === one.name}
          onChange={(on) => onShelf(on ? one : null)}
        />
      ))}
      {recent.length > 0 && (
        <div>
          <h3 className="text-fine text-quiet">Cook again</h3>
          <ul className="divide-y divide-hairline">
            {recent.map((cook) => (
              <li key={cook.id}>
                <button
                  type="button"
                  className="flex min-h-11 w-full flex-wrap items-center justify-between gap-x-3 py-1 text-left hover:text-copper"
                  onClick={() => setAgain({ cook, batch: cookAgain(cook, nanoid(10)) })}
                >
                  <span className="font-medium">{cook.batch.name}</span>
                  <span className="text-fine text-quiet">{dayOf(new Date(cook.startedAt))}</span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
      <Suspense>
        {again && (
          <AgainSheet
            cook={again.cook}
            batch={again.batch}
            onTake={onAgain}
            onClose={() => setAgain(null)}
          />
        )}
      </Suspense>
    </section>
  );
}
