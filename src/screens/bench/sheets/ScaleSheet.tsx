'use client';

import { useEffect, useMemo, useState } from 'react';
import { isStop, type Assessment } from '@/core/assess';
import { forServings, potOf, waysOf, type Way } from '@/core/batch/plan';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import { formatLevel, formatMinutes } from '@/core/quantity';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { ask } from '@/workers';

function Result({
  assessment,
  times,
  kitchen,
}: {
  /** Null where it could not be worked out. */
  readonly assessment: Assessment | null | undefined;
  readonly times: number;
  readonly kitchen: Kitchen;
}) {
  if (assessment === null)
    return (
      <td colSpan={3} className="text-rust max-sm:block max-sm:pb-2 max-sm:pl-7">
        could not be worked out
      </td>
    );
  if (!assessment)
    return (
      <td colSpan={3} className="max-sm:block max-sm:pb-2 max-sm:pl-7">
        <span className="block h-4 w-32 animate-pulse rounded bg-hairline/60" />
      </td>
    );
  const { fill, time, findings } = assessment;
  const over = fill.worstL - fill.lineL;
  const stops = findings.filter(isStop).length;
  return (
    <>
      <td className="figure py-1.5 text-lg max-sm:py-0 max-sm:pl-7">
        {formatMinutes(time.totalMin)}
        {times > 1 && <span className="text-fine font-normal"> each</span>}
      </td>
      <td className={`py-1.5 max-sm:py-0 ${over > 1e-6 ? 'font-semibold text-rust' : 'text-leaf'}`}>
        {over > 1e-6 ? 'over by ' : 'fits, '}
        {formatLevel(Math.abs(over), kitchen.units)}
        {over > 1e-6 ? '' : ' left'}
      </td>
      <td
        className={`max-sm:w-full max-sm:pb-2 max-sm:pl-7 ${stops > 0 ? 'text-rust' : 'text-quiet'}`}
      >
        {stops > 0 ? `${stops} ${stops === 1 ? 'stop' : 'stops'}` : 'nothing to stop it'}
      </td>
    </>
  );
}

/** Each way worked out in its turn. */
function useResults(
  ways: readonly Way[],
  pots: readonly Pot[],
  kitchen: Kitchen,
): ReadonlyMap<Way, Assessment | null> {
  const [results, setResults] = useState<ReadonlyMap<Way, Assessment | null>>(new Map());
  useEffect(() => {
    let over = false;
    const work = async (): Promise<void> => {
      for (const way of ways) {
        const [first] = way.batches;
        if (!first || over) return;
        // One that is given up must not keep the others waiting.
        const result = await ask('assess', [first, potOf(first, pots), kitchen]).catch(() => null);
        if (!over) setResults((known) => new Map([...known, [way, result]]));
      }
    };
    void work();
    return () => {
      over = true;
    };
  }, [ways, pots, kitchen]);
  return results;
}

const COLUMNS = ['way', 'total time', 'line', 'warnings'];

function WayTable({
  ways,
  chosen,
  onChoose,
  results,
  kitchen,
}: {
  readonly ways: readonly Way[];
  readonly chosen: string;
  readonly onChoose: (way: string) => void;
  readonly results: ReadonlyMap<Way, Assessment | null>;
  readonly kitchen: Kitchen;
}) {
  return (
    <table className="w-full text-left text-small">
      <caption className="sr-only">What each way changes</caption>
      <thead className="text-fine text-quiet max-sm:sr-only">
        <tr>
          {COLUMNS.map((name) => (
            <th key={name} className="font-normal" scope="col">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {ways.map((w) => (
          <tr
            key={w.id}
            className="border-t border-hairline max-sm:flex max-sm:flex-wrap max-sm:items-baseline max-sm:gap-x-3"
          >
            <th scope="row" className="pr-3 font-normal max-sm:w-full">
              <label className="flex min-h-11 items-center gap-2">
                <input
                  type="radio"
                  name="way"
                  className="size-5 shrink-0 accent-copper"
                  checked={chosen === w.id}
                  onChange={() => onChoose(w.id)}
                />
                {w.name}
              </label>
            </th>
            <Result assessment={results.get(w)} times={w.batches.length} kitchen={kitchen} />
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** More, less, in another pot, in two: what each changes in time and fill, before it is taken. */
export function ScaleSheet({
  batch,
  pots,
  kitchen,
  assessment,
  onTake,
  onClose,
}: {
  readonly batch: Batch;
  readonly pots: readonly Pot[];
  readonly kitchen: Kitchen;
  readonly assessment: Assessment;
  readonly onTake: (batches: readonly Batch[]) => void;
  readonly onClose: () => void;
}) {
  const now = batch.servings ?? 4;
  const [servings, setServings] = useState(now);
  const [chosen, setChosen] = useState('servings');
  const ways = useMemo<readonly Way[]>(
    () => [
      {
        id: 'servings',
        name: `for ${servings} ${servings === 1 ? 'serving' : 'servings'}`,
        batches: [forServings({ ...batch, servings: now }, servings)],
      },
      ...waysOf(batch, pots, assessment.pot, assessment.fill.scaleToFit),
    ],
    [batch, pots, servings, now, assessment],
  );
  const results = useResults(ways, pots, kitchen);
  const way = ways.find((w) => w.id === chosen);
  const step = (by: number): void => {
    setServings(Math.min(200, Math.max(1, servings + by)));
    setChosen('servings');
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title="Scale, move or split"
      foot={
        <>
          <Button look="quiet" onClick={onClose}>
            Continue as planned
          </Button>
          <Button
            look="copper"
            disabled={!way}
            onClick={() => {
              if (way) onTake(way.batches);
              onClose();
            }}
          >
            Take it
          </Button>
        </>
      }
    >
      <div className="flex items-center gap-2">
        <Button aria-label="One serving fewer" onClick={() => step(-1)}>
          −
        </Button>
        <span className="figure w-24 text-center text-2xl" data-testid="bowls" aria-live="polite">
          {servings} {servings === 1 ? 'serving' : 'servings'}
        </span>
        <Button aria-label="One serving more" onClick={() => step(1)}>
          +
        </Button>
      </div>
      <WayTable
        ways={ways}
        chosen={chosen}
        onChoose={setChosen}
        results={results}
        kitchen={kitchen}
      />
    </Sheet>
  );
}
