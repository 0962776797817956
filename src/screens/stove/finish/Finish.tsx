'use client';

import { useRouter } from 'next/navigation';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import type { Cook } from '@/core/batch/schema';
import { planNow } from '@/core/cook';
import type { Units } from '@/core/quantity';
import { accountOf, finishMoves, isThick, type FinishKey, type FinishMove } from '@/core/serve';
import { later } from '@/drawings/later';
import { isoOf } from '@/session/clock';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { saveCook, useHousehold } from '@/ui/household';
import { bonesToBag, changeAfter } from '@/ui/larder';
import { useAssessment } from '@/ui/useAssessment';
import { Bowls } from './Bowls';
import { ended } from '@/core/cook';
import { Move } from './Move';
import { Taste } from './Taste';
import { Thicken } from './Thicken';

// Charts and ways come when something is left over.
const Rest = later(() => import('./Rest').then((m) => m.Rest));

/** Button that opens the choices of a move. */
const OPENS: Readonly<Partial<Record<FinishKey, string>>> = {
  thicken: 'Thicken it',
  taste: 'Taste it now',
};

/** A pot that has just been opened is a little under the boil, C. */
const OPENED_C = 4;

/** The open pot: its moves in order, the taste, the bowls, and where the rest goes. */
export function Finish({ cook, units }: { readonly cook: Cook; readonly units: Units }) {
  const router = useRouter();
  const clock = useClock();
  const [opened, setOpened] = useState<FinishKey | null>(null);
  const { jars } = useHousehold();
  const plan = useMemo(() => planNow(cook), [cook]);
  const { assessment, error } = useAssessment(plan, cook.pot, cook.kitchen);
  const { done = [], dropped = [] } = cook.after ?? {};
  const moves = useMemo(
    () => (assessment ? finishMoves(plan, assessment, units) : []),
    [plan, assessment, units],
  );
  const write = (): void => {
    saveCook(ended(cook, isoOf(clock)));
    router.push(`/log/${cook.id}`);
  };
  const account = assessment && accountOf(assessment.finish.servedL, cook, jars);
  // Before what comes first is done nobody tastes.
  const next = moves.find((m) => !dropped.includes(m.key) && !done.includes(m.key))?.key;
  const extra = (move: FinishMove) => {
    if (!assessment || !account) return null;
    if (move.key === 'thicken')
      return <Thicken cook={cook} assessment={assessment} units={units} />;
    if (move.key === 'taste') return <Taste cook={cook} assessment={assessment} units={units} />;
    if (move.key === 'bowls')
      return <Bowls cook={cook} assessment={assessment} account={account} units={units} />;
    return null;
  };
  const keepBones = (move: FinishMove): void => {
    const at = isoOf(clock);
    bonesToBag(
      cook.id,
      move.key,
      (move.picked ?? []).map(({ food, grams }) => ({
        id: nanoid(10),
        food,
        amount: { value: grams, unit: 'g' },
        at,
      })),
    );
  };
  const end = (
    <Button look="copper" size="large" onClick={write}>
      Write it in the log
    </Button>
  );
  return (
    <div className="mt-3 space-y-4">
      {error && (
        <p role="alert" className="text-rust">
          {error}
        </p>
      )}
      {!assessment && !error && <div className="h-40 animate-pulse rounded-xl bg-hairline/50" />}
      <ol className="panel divide-y divide-hairline px-4" aria-label="Moves at the open pot">
        {moves
          .filter((move) => !dropped.includes(move.key))
          .map((move) => (
            <Move
              key={move.key}
              move={move}
              done={done.includes(move.key)}
              onDone={(on) =>
                changeAfter(cook.id, (after) => ({
                  ...after,
                  done: on ? [...done, move.key] : done.filter((key) => key !== move.key),
                }))
              }
              onDrop={() =>
                changeAfter(cook.id, (after) => ({ ...after, dropped: [...dropped, move.key] }))
              }
              opens={OPENS[move.key]}
              open={(opened ?? next) === move.key}
              onOpen={() => setOpened(move.key)}
              onKeepBones={move.picked ? () => keepBones(move) : undefined}
            >
              {extra(move)}
            </Move>
          ))}
      </ol>
      {dropped.length > 0 && (
        <Button
          look="quiet"
          onClick={() => changeAfter(cook.id, ({ dropped: _, ...after }) => after)}
        >
          Show what was dropped
        </Button>
      )}
      {assessment && account && (
        <Rest
          cook={cook}
          openL={account.openL}
          thick={isThick(assessment)}
          celsius={assessment.boilC - OPENED_C}
          units={units}
        >
          {end}
        </Rest>
      )}
      {!assessment && error && end}
    </div>
  );
}
