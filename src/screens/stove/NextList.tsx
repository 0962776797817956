'use client';

import { clashesOf } from '@/core/timetable';
import { timeOf } from '@/session/clockText';
import { TaskButton, type Moves } from './AlsoDue';
import { signOf } from './Pots';

/** Number of moves shown; the rest is far away. */
const SHOWN = 6;

/** The next moves of all pots and pans by the clock; nothing where one pot's stages say it all. */
export function NextList({
  moves: { cooks, all: moves, first: shown },
}: {
  readonly moves: Moves;
}) {
  if (cooks.length < 2 && !moves.some((move) => move.task)) return null;
  const valves = moves.filter((m) => m.stage === 'valve').map((m) => ({ ...m, at: m.wallAt }));
  return (
    <section aria-label="Next moves" className="panel px-4 py-3">
      <h2 className="text-fine text-quiet">Next moves</h2>
      {clashesOf(valves).map(([first, second]) => (
        <p key={`${first.owner} ${second.owner}`} role="alert" className="my-1 text-rust">
          Two valves within 2 min at {timeOf(first.wallAt)}: open {first.cook.batch.name} first.{' '}
          {second.cook.batch.name} waits shut, and cooks on a little meanwhile.
        </p>
      ))}
      <ol aria-label="Next moves of all pots" className="divide-y divide-hairline">
        {moves.slice(0, SHOWN).map((move) => (
          <li
            key={`${move.owner} ${move.id}`}
            className="flex min-h-9 items-center gap-x-3 py-0.5 text-body"
          >
            <span
              className={`figure min-w-14 whitespace-nowrap text-lg ${move.due ? 'text-copper' : ''}`}
            >
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
            {!shown.some(({ owner, id }) => owner === move.owner && id === move.id) && (
              <TaskButton move={move} />
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
