'use client';

import { X } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { countedItem, foodOf } from '@/core/batch/plan';
import type { ReadLine } from '@/core/batch/reading';
import type { BagItem, Bundle } from '@/core/batch/schema';
import { bagWorth, daysBetween } from '@/core/keep';
import { spoken } from '@/core/food';
import { formatVolume, type Units } from '@/core/quantity';
import { isoOf } from '@/session/clock';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { addToBag, BAG_SET, makeStock, takeFromBag } from '@/ui/larder';
import { ask } from '@/workers';
import { Term } from '@/ui/Term';

function ageWords(days: number): string {
  if (days < 1) return 'today';
  if (days < 14) return `${days} ${days > 1 ? 'days' : 'day'}`;
  return `${Math.round(days / 7)} weeks`;
}

/** A line into the bag; what is no food stays, and is said. */
function AddToBag({ household, units }: { readonly household: Bundle; readonly units: Units }) {
  const clock = useClock();
  const [text, setText] = useState('');
  const [refused, setRefused] = useState<string | null>(null);
  const { foods, kitchen } = household;
  const own = useMemo(
    () => ({ foods, units, words: kitchen.words }),
    [foods, units, kitchen.words],
  );
  const put = async (): Promise<void> => {
    const lines = await ask('readLines', [text, own]).catch((): readonly ReadLine[] => []);
    const bad = lines.find((line) => !line.item);
    if (lines.length === 0 || bad) {
      setRefused(bad ? `“${bad.text}” is not a food that Retort knows.` : 'Could not read that.');
      return;
    }
    const at = isoOf(clock);
    const items = lines.flatMap(({ item }): BagItem[] =>
      item
        ? [
            {
              id: nanoid(10),
              food: item.food,
              ...(item.own && { own: item.own }),
              amount: item.amount,
              at,
            },
          ]
        : [],
    );
    if (addToBag(items)) {
      setText('');
      setRefused(null);
    }
  };
  return (
    <form
      className="mt-2"
      onSubmit={(event) => {
        event.preventDefault();
        void put();
      }}
    >
      <label htmlFor="into-the-bag" className="text-fine text-quiet">
        Into the bag
      </label>
      <span className="mt-1 flex gap-2">
        <input
          id="into-the-bag"
          className="field min-w-0"
          value={text}
          placeholder={units === 'us' ? '1 lb turkey frame' : '400 g leek tops'}
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit" disabled={!text.trim()}>
          Add
        </Button>
      </span>
      {refused && (
        <p role="alert" className="mt-1 text-fine font-medium text-rust">
          {refused}
        </p>
      )}
    </form>
  );
}

/** Bones and trimmings kept for stock, and what stock they are enough for. */
export function Bag({ household, now }: { readonly household: Bundle; readonly now: number }) {
  const router = useRouter();
  const { bag, kitchen } = household;
  const { units } = kitchen;
  const worth = bagWorth(bag, BAG_SET);
  const make = (): void => {
    const batch = makeStock(nanoid(10));
    if (batch) router.push(`/bench/${batch.id}`);
  };
  return (
    <section aria-labelledby="the-bag" className="panel p-4">
      <h2 id="the-bag" className="font-semibold">
        <Term id="bag">The bag in the freezer</Term>
      </h2>
      {bag.length === 0 ? (
        <p className="mt-1 text-small text-quiet">
          Empty. Bones that are picked clean and trimmings go in here until there is enough for a
          stock.
        </p>
      ) : (
        <>
          <ul className="mt-1" aria-label="In the bag">
            {bag.map((item) => {
              const name = spoken(foodOf(item)?.name ?? item.food);
              return (
                <li key={item.id} className="flex items-center gap-2 text-small">
                  <span className="min-w-0 flex-1">{countedItem(item, units)}</span>
                  <span className="text-quiet">
                    {ageWords(daysBetween(Date.parse(item.at), now))}
                  </span>
                  <button
                    type="button"
                    aria-label={`Take ${name} out of the bag`}
                    className="grid size-11 place-items-center text-quiet"
                    onClick={() => takeFromBag(item.id)}
                  >
                    <X size={16} aria-hidden />
                  </button>
                </li>
              );
            })}
          </ul>
          <p className="mt-1">
            Enough for <b className="font-semibold">{formatVolume(worth.litres, units)}</b>
            {worth.gelatineG > 1 ? (
              <>
                {' '}
                that <b className="font-semibold">sets wobbly</b>
              </>
            ) : (
              ' of stock'
            )}
            .
          </p>
          <Button look="copper" className="mt-2" onClick={make}>
            Make stock of it
          </Button>
        </>
      )}
      <AddToBag household={household} units={units} />
    </section>
  );
}
