'use client';

import { nanoid } from 'nanoid';
import type { Cook } from '@/core/batch/schema';
import { pressed } from '@/core/cook';
import type { Units } from '@/core/quantity';
import { clashesOf } from '@/core/timetable';
import { isoOf } from '@/session/clock';
import { timeOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { usePageClock } from '@/ui/clock';
import { cookClock } from '@/ui/cooking/standIn';
import { allAhead, type AheadOfAll } from '@/ui/cooking/where';
import { changeCook, cooksOnStove, useHousehold } from '@/ui/household';
import type { Live } from './live';
import { signOf } from './Pots';

/** So many moves are shown; the rest is far away. */
const SHOWN = 6;

/** The next moves of all pots and pans by the clock; nothing where one pot's stages say it all. */
export function NextList({
  cook,
  live,
  units,
}: {
  readonly cook: Cook;
  readonly live: Live;
  readonly units: Units;
}) {
  const page = usePageClock();
  const cooks = cooksOnStove(useHousehold());
  const moves = allAhead(cooks, page, units, new Map([[cook.id, live.ahead]]));
  if (cooks.length < 2 && !moves.some((move) => move.task)) return null;
  const valves = moves.filter((m) => m.stage === 'valve').map((m) => ({ ...m, at: m.wallAt }));
  const mark = ({ cook: of, task, kind }: AheadOfAll): void => {
    const at = isoOf(cookClock(of, page));
    const given = pressed(at, nanoid, {
      kind: kind === 'begin' ? 'task-begun' : 'task-done',
      step: null,
      ...(task && { item: task }),
    });
    changeCook(of.id, (c) => ({ ...c, marks: [...c.marks, ...given] }));
  };
  return (
    <section aria-label="Next moves" className="panel px-4 py-3">
      <h2 className="text-[13px] text-quiet">Next moves</h2>
      {clashesOf(valves).map(([first, second]) => (
        <p key={`${first.owner} ${second.owner}`} role="alert" className="my-1 text-rust">
          Two valves within 2 min at {timeOf(first.wallAt)}: open {first.cook.batch.name} first.{' '}
          {second.cook.batch.name} waits shut, and cooks on a little meanwhile.
        </p>
      ))}
      <ol aria-label="Moves by the clock" className="divide-y divide-hairline">
        {moves.slice(0, SHOWN).map((move) => (
          <li
            key={`${move.owner} ${move.id}`}
            className="flex min-h-9 items-center gap-x-3 py-0.5 text-[15px]"
          >
            <span className={`figure w-14 text-lg ${move.due ? 'text-copper' : ''}`}>
              {move.due ? 'now' : timeOf(move.at)}
            </span>
            <span className="flex min-w-0 flex-1 gap-1.5">
              {cooks.length > 1 && (
                <span title={move.cook.batch.name}>
                  <span aria-hidden>{signOf(cooks, move.owner)}</span>
                  <span className="sr-only">{move.cook.batch.name}: </span>
                </span>
              )}
              <span className="inline-block first-letter:uppercase">{move.words}</span>
            </span>
            {move.task && (move.due || move.kind === 'begin') && (
              <Button
                aria-label={`${move.kind === 'begin' ? 'Begun' : 'Done'}: ${move.words.replace(/: (?:begin|ready)$/, '')}`}
                onClick={() => mark(move)}
              >
                {move.kind === 'begin' ? 'Begun' : 'Done'}
              </Button>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
