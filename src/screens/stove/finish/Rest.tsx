'use client';

import Link from 'next/link';
import { useMemo, type ReactNode } from 'react';
import type { Cook, CoolingKept } from '@/core/batch/schema';
import { isWay, type WayKey } from '@/core/keep';
import { formatLevel, type Units } from '@/core/quantity';
import { isoOf } from '@/session/clock';
import { timeOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { wayName } from '@/ui/cooling/wayWords';
import { useWays, Ways } from '@/ui/cooling/Ways';
import { changeAfter } from '@/ui/larder';

/** Less is eaten on the way, L. */
const WORTH_KEEPING_L = 0.1;

/** Something that cools already, and where it is read. */
function Cools({
  cook,
  cooling,
  units,
}: {
  readonly cook: Cook;
  readonly cooling: CoolingKept;
  readonly units: Units;
}) {
  return (
    <p className="rounded-lg border border-leaf px-4 py-3 text-body" data-testid="cools">
      <b className="font-semibold">{isWay(cooling.way) ? wayName(cooling.way) : cooling.way}</b>,{' '}
      {formatLevel(cooling.litres, units)}, since {timeOf(Date.parse(cooling.at))}. Read it and fill
      jars on the{' '}
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
}

/** Places for the rest of the pot, and how it gets cold in time. */
export function Rest({
  cook,
  openL,
  thick,
  celsius,
  units,
  children,
}: {
  readonly cook: Cook;
  readonly openL: number;
  readonly thick: boolean;
  /** State in the pot. */
  readonly celsius: number;
  readonly units: Units;
  /** Shown below once everything above is there, so that nothing moves away under a finger. */
  readonly children: ReactNode;
}) {
  const clock = useClock();
  const litres = Number(openL.toFixed(2));
  const cooling = cook.after?.cooling;
  const kept = !cooling && litres >= WORTH_KEEPING_L;
  const left = useMemo(
    () => (kept ? { litres, thick, celsius, pot: cook.pot } : null),
    [kept, litres, thick, celsius, cook.pot],
  );
  const ways = useWays(left);
  const stands = !kept || ways.answer !== null || ways.failure !== null;
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
      <section aria-labelledby="the-rest" className="panel space-y-3 p-4">
        <h3 id="the-rest" className="text-lg font-semibold">
          The rest
        </h3>
        {cooling && <Cools cook={cook} cooling={cooling} units={units} />}
        {!cooling && !kept && <p className="text-quiet">Nothing is left over.</p>}
        {kept && (
          <>
            <p className="text-body text-quiet">
              {formatLevel(litres, units)} are left. Never overnight on the counter; hot glass never
              into the freezer. None of this is canning.
            </p>
            <Ways {...ways} onBegin={begin} />
            {stands && (
              <Button
                look="quiet"
                onClick={() =>
                  changeAfter(cook.id, (after) => ({
                    ...after,
                    wasteL: (after.wasteL ?? 0) + litres,
                  }))
                }
              >
                Nothing is kept: pour the rest away
              </Button>
            )}
          </>
        )}
      </section>
      {stands && children}
    </>
  );
}
