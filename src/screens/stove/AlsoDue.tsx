'use client';

/** Other due moves of every pot and pan, or else the next ones: on the first screen. */
import Link from 'next/link';
import { nanoid } from 'nanoid';
import type { Cook } from '@/core/batch/schema';
import { pressed } from '@/core/cook';
import type { Units } from '@/core/quantity';
import { isoOf, type Clock } from '@/session/clock';
import { timeOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { usePageClock } from '@/ui/clock';
import { cookClock } from '@/ui/cooking/standIn';
import { allAhead, type AheadOfAll } from '@/ui/cooking/where';
import { changeCook, cooksOnStove, useHousehold } from '@/ui/household';
import type { Live } from './propose/live';
import { signOf } from './Pots';

/** Number of moves on the first screen. */
const SHOWN = 3;

/** A task beside a pot is begun, or done. */
export function markTask({ cook, task, kind }: AheadOfAll, page: Clock): void {
  const given = pressed(isoOf(cookClock(cook, page)), nanoid, {
    kind: kind === 'begin' ? 'task-begun' : 'task-done',
    step: null,
    ...(task && { item: task }),
  });
  changeCook(cook.id, (c) => ({ ...c, marks: [...c.marks, ...given] }));
}

/** The button of a task that is due, or may begin. */
export function TaskButton({ move }: { readonly move: AheadOfAll }) {
  const page = usePageClock();
  if (!move.task || !(move.due || move.kind === 'begin')) return null;
  const word = move.kind === 'begin' ? 'Begun' : 'Done';
  return (
    <Button
      aria-label={`${word}: ${move.words.replace(/: (?:begin|ready)$/, '')}`}
      onClick={() => markTask(move, page)}
    >
      {word}
    </Button>
  );
}

/** A later move of this pot waits for its present one; every other due move is shown. */
const isDueBeside = (move: AheadOfAll, cook: Cook): boolean =>
  move.due && (move.owner !== cook.id || move.task !== undefined);

/** Moves on the first screen: all that are due elsewhere, or else the next ones. */
function onFirstScreen(
  moves: readonly AheadOfAll[],
  cook: Cook,
  { stage }: Live,
): readonly AheadOfAll[] {
  const others = moves.filter((move) => move.owner !== cook.id || move.id !== stage?.id);
  const due = others.filter((move) => isDueBeside(move, cook));
  return due.length > 0 ? due.slice(0, SHOWN) : others.slice(0, 1);
}

/** The moves of everything on the stove, and those on the first screen. */
export interface Moves {
  readonly cooks: readonly Cook[];
  readonly all: readonly AheadOfAll[];
  readonly first: readonly AheadOfAll[];
}

export function useMoves(cook: Cook, live: Live, units: Units): Moves {
  const page = usePageClock();
  const cooks = cooksOnStove(useHousehold());
  const all = allAhead(cooks, page, units, new Map([[cook.id, live.ahead]]));
  return { cooks, all, first: onFirstScreen(all, cook, live) };
}

export function AlsoDue({
  cook,
  moves: { cooks, first: shown },
}: {
  readonly cook: Cook;
  readonly moves: Moves;
}) {
  if (shown.length === 0) return null;
  return (
    <ul aria-label="Also due, or next" className="max-w-2xl">
      {shown.map((move) => (
        <li
          key={`${move.owner} ${move.id}`}
          className={`flex min-h-11 items-center gap-x-3 border-t border-hairline text-body ${move.due ? 'font-medium' : 'text-quiet'}`}
        >
          <span
            className={`figure min-w-12 whitespace-nowrap text-lg ${move.due ? 'text-copper' : ''}`}
          >
            {isDueBeside(move, cook) ? 'now' : timeOf(move.at)}
          </span>
          <span className="min-w-0 flex-1">
            {cooks.length > 1 && <span aria-hidden>{signOf(cooks, move.owner)} </span>}
            {move.owner === cook.id ? (
              <span className="inline-block first-letter:uppercase">{move.words}</span>
            ) : (
              <Link className="underline underline-offset-4" href={`/stove/${move.owner}`}>
                {move.cook.batch.name}: {move.words}
              </Link>
            )}
          </span>
          <TaskButton move={move} />
        </li>
      ))}
    </ul>
  );
}
