'use client';

import Link from 'next/link';
import type { Cook } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { timeOf } from '@/session/clockText';
import { useClock, useNow } from '@/ui/clock';
import { useBelieved } from '@/ui/cooking/believed';
import { useCookCalls } from '@/ui/cooking/calling';
import { CookClock, useStandIn } from '@/ui/cooking/standIn';
import { whereIs } from '@/ui/cooking/where';

/** Signs that tell pots apart besides their names, without a colour. */
const SIGNS = ['●', '▲', '■', '◆', '★'] as const;

export function signOf(cooks: readonly Cook[], id: string): string {
  const index = cooks.findIndex((cook) => cook.id === id);
  return SIGNS[Math.max(0, index) % SIGNS.length] ?? SIGNS[0];
}

/** Another pot that is on: its next move and when, heard and called from here too. */
function Other({
  cook,
  sign,
  units,
}: {
  readonly cook: Cook;
  readonly sign: string;
  readonly units: Units;
}) {
  const now = useNow();
  const clock = useClock();
  useStandIn(cook, clock);
  const { predicted } = useBelieved(cook, clock);
  const where = whereIs(cook, now, units, predicted);
  useCookCalls(cook, where, now, units);
  const [next] = where.ahead;
  const due = next !== undefined && next.at <= now;
  return (
    <Link
      href={`/stove/${cook.id}`}
      className={`flex min-h-14 max-w-72 short:min-h-11 short:max-w-none short:flex-row short:items-center short:gap-2 short:whitespace-nowrap shrink-0 flex-col justify-center rounded-xl border px-4 py-1 ${due ? 'border-2 border-copper bg-panel' : 'border-hairline bg-panel'}`}
    >
      <span className="text-small">
        <span aria-hidden>{sign}</span> <b>{cook.batch.name}</b>
      </span>
      {next && (
        <span className="text-small text-quiet">
          {due ? <b className="text-copper">now: </b> : `${timeOf(next.at)} `}
          {next.words}
        </span>
      )}
    </Link>
  );
}

/** The pots that are on, where there are several: this one, and the others small. */
export function Pots({
  cooks,
  current,
  units,
}: {
  readonly cooks: readonly Cook[];
  readonly current: string;
  readonly units: Units;
}) {
  if (cooks.length < 2) return null;
  return (
    <nav
      aria-label="Pots that are on"
      className="mx-auto flex w-full max-w-6xl gap-2 overflow-x-auto px-4 pt-2 sm:px-6 sm:pt-4 short:pt-2"
    >
      {cooks.map((cook) =>
        cook.id === current ? (
          <span
            key={cook.id}
            aria-current="page"
            className="flex min-h-14 max-w-72 shrink-0 items-center short:min-h-11 rounded-xl border-2 border-cobalt px-4 text-small font-semibold text-cobalt"
          >
            <span aria-hidden className="mr-1">
              {signOf(cooks, cook.id)}
            </span>
            {cook.batch.name}
          </span>
        ) : (
          <CookClock key={cook.id} cook={cook}>
            <Other cook={cook} sign={signOf(cooks, cook.id)} units={units} />
          </CookClock>
        ),
      )}
    </nav>
  );
}
