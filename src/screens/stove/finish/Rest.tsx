'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import type { Cook } from '@/core/batch';
import type { WayKey } from '@/core/keep';
import { formatLevel, type Units } from '@/core/quantity';
import { isoOf } from '@/session/clock';
import { timeOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { wayName } from '@/ui/cooling/wayWords';
import { Ways } from '@/ui/cooling/Ways';
import { changeAfter } from '@/ui/larder';
import { isWay } from '@/core/keep';

/** Less is eaten on the way, L. */
const WORTH_KEEPING_L = 0.1;

/** Where the rest of the pot goes, and how it gets cold in time. */
export function Rest({
  cook,
  openL,
  thick,
  celsius,
  units,
}: {
  readonly cook: Cook;
  readonly openL: number;
  readonly thick: boolean;
  /** As it stands in the pot. */
  readonly celsius: number;
  readonly units: Units;
}) {
  const clock = useClock();
  const litres = Number(openL.toFixed(2));
  const left = useMemo(
    () => ({ litres, thick, celsius, pot: cook.pot }),
    [litres, thick, celsius, cook.pot],
  );
  const cooling = cook.after?.cooling;
  if (cooling)
    return (
      <p className="rounded-lg border border-leaf px-4 py-3 text-[16px]" data-testid="cools">
        <b className="font-semibold">{isWay(cooling.way) ? wayName(cooling.way) : cooling.way}</b>,{' '}
        {formatLevel(cooling.litres, units)}, since {timeOf(Date.parse(cooling.at))}. Read it and
        fill jars on the{' '}
        <Link href="/larder" className="text-cobalt underline underline-offset-4">
          Larder
        </Link>
        .{' '}
        <Button
          look="quiet"
          onClick={() => changeAfter(cook.id, ({ cooling: _, ...after }) => after)}
        >
          Another way
        </Button>
      </p>
    );
  if (litres < WORTH_KEEPING_L) return <p className="text-quiet">Nothing is left over.</p>;
  const begin = (way: WayKey): void =>
    changeAfter(cook.id, (after) => ({
      ...after,
      cooling: {
        way,
        litres,
        ...(thick && { thick }),
        startC: Number(celsius.toFixed(1)),
        at: isoOf(clock),
      },
    }));
  return (
    <>
      <p className="text-[15px] text-quiet">
        {formatLevel(litres, units)} are left. Never overnight on the counter; hot glass never into
        the freezer. None of this is canning.
      </p>
      <Ways left={left} onBegin={begin} />
      <Button
        look="quiet"
        onClick={() =>
          changeAfter(cook.id, (after) => ({ ...after, wasteL: (after.wasteL ?? 0) + litres }))
        }
      >
        Nothing is kept: pour the rest away
      </Button>
    </>
  );
}
