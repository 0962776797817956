'use client';

import { timelineOf } from '@/core/cook';
import type { Cook } from '@/core/batch/schema';
import { formatMinutes, type Units } from '@/core/quantity';
import { timeOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { goBy, useApart, useClock } from '@/ui/clock';
import { CookTrace } from '@/ui/CookTrace';
import { useAwake } from '@/ui/cooking/calling';
import { changeCook } from '@/ui/household';
import type { Moves } from './AlsoDue';
import { CallCard } from './CallCard';
import type { Live } from './propose/live';
import { NextList } from './NextList';
import { Stages } from './Stages';
import { StandInFace } from './practice/StandInFace';
import { StoveSwitches } from './StoveHead';

/** Interval between redraws of the column beside the clock, ms. */
const DRAWN_MS = 10_000;

/** The practice pot's time goes on from where it is, at another speed. */
function atSpeed(cook: Cook, times: number, cookNow: number): Cook {
  const { standIn } = cook;
  if (!standIn) return cook;
  const at = Date.parse(standIn.wallAt) + (cookNow - Date.parse(standIn.cookAt)) / standIn.times;
  return {
    ...cook,
    standIn: {
      ...standIn,
      times,
      wallAt: new Date(at).toISOString(),
      cookAt: new Date(cookNow).toISOString(),
    },
  };
}

/** When it is on the table: the plan and the latest prediction. */
function Table({ live }: { readonly live: Live }) {
  const { belief, plannedAt, tableAt } = live;
  const planned = timeOf(plannedAt);
  const shown = timeOf(tableAt);
  // Centre the band on the one time shown.
  const offset = belief ? tableAt - belief.tableS.p50 * 1000 : 0;
  return (
    <section aria-label="Ready at" className="panel px-4 py-3">
      <p className="text-fine text-quiet">Ready at</p>
      <p className="figure text-4xl" data-testid="table">
        {shown}
      </p>
      <p className="text-small text-quiet">
        {belief
          ? `usually ${timeOf(offset + belief.tableS.p10 * 1000)} to ${timeOf(offset + belief.tableS.p90 * 1000)}`
          : shown === planned
            ? 'as planned'
            : ''}
        {shown !== planned && `${belief ? '; ' : ''}planned ${planned}`}
      </p>
    </section>
  );
}

/** Correction of the clock by the cook, and the way back. */
function Apart() {
  const apartMs = useApart();
  if (apartMs === 0) return null;
  return (
    <p className="flex flex-wrap items-center gap-x-3 text-small">
      The page’s own timer differs from this device’s clock by{' '}
      {formatMinutes(Math.abs(apartMs) / 60_000)}.
      <Button look="quiet" onClick={() => goBy('wall')}>
        Go by the clock
      </Button>
    </p>
  );
}

/** Beside what is to be done: the table, the practice pot, how it went, what comes. */
export function StoveAside({
  cook,
  live,
  moves,
  units,
  now,
}: {
  readonly cook: Cook;
  readonly live: Live;
  readonly moves: Moves;
  readonly units: Units;
  /** ms */
  readonly now: number;
}) {
  const clock = useClock();
  const awake = useAwake(true);
  const drawnAt = Math.floor(now / DRAWN_MS) * DRAWN_MS;
  return (
    <aside className="space-y-4">
      <Table live={live} />
      <NextList moves={moves} />
      {cook.standIn && (
        <StandInFace
          standIn={cook.standIn}
          face={live.standIn?.face ?? null}
          units={units}
          onTimes={(times) => changeCook(cook.id, (c) => atSpeed(c, times, clock.now()))}
        />
      )}
      <CookTrace
        cook={cook}
        nowMin={Math.max(0, drawnAt - Date.parse(cook.startedAt)) / 60000}
        lived={live.belief}
      />
      <Stages
        stages={live.stages}
        at={live.at}
        startedAt={Date.parse(cook.startedAt)}
        steps={timelineOf(cook).steps}
        units={units}
        now={now}
      />
      <CallCard cook={cook} live={live} awake={awake} />
      <StoveSwitches />
      <Apart />
      <p className="text-fine text-quiet">Your pot’s manual always wins over what is said here.</p>
    </aside>
  );
}
