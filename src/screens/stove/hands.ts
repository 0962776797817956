/** Moves of hands at the stove, as marks; kept as soon as they are made. */
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { stepsOf } from '@/core/batch/plan';
import type { Batch, Cook, Mark, MarkKind } from '@/core/batch/schema';
import { type Move, type Pressed, moveMark, pressed, timelineOf, untick } from '@/core/cook';
import { awayUntilS, type Option } from '@/core/live';
import { isoOf } from '@/session/clock';
import { timeOf } from '@/session/clockText';
import { useClock } from '@/ui/clock';
import { nowSOf } from '@/ui/cooking/standIn';
import { changeCook } from '@/ui/household';
import { openStep, type Live } from './propose/live';
import { unticked } from './TickList';

export interface Hands {
  /** Marks what was pressed; what may not be is refused, and what is not settled asked first. */
  readonly press: (kind: MarkKind, more?: Pick<Mark, 'value' | 'fault'>) => void;
  /** Nobody is at the stove, and until when; null where somebody is. */
  readonly away: string | null;
  /** Why the last press was refused. */
  readonly refused: string | null;
  /** Whether it is to be said what of the list is in. */
  readonly asks: boolean;
  /** @param leftOut ids of what is not in; null where the lid is not locked yet */
  readonly settle: (leftOut: ReadonlySet<string> | null) => void;
  readonly tick: (item: string, ticked: boolean) => void;
  readonly change: (option: Option) => void;
  /** A small move that was not weighed against others. */
  readonly move: (move: Move) => void;
  readonly decline: (option: Option) => void;
  readonly tried: (item: string, grade: string) => void;
  readonly edit: (edit: (marks: readonly Mark[]) => readonly Mark[]) => void;
}

const PIN_IS_UP =
  'The pin is up: this lid does not open under pressure, and none should be made to.';

/** When the hold of a step is over, s from the start; null where it has not begun. */
function overS(cook: Cook, step: string): number | null {
  const { steps, plan } = timelineOf(cook);
  const found = stepsOf(plan).find((s) => s.id === step);
  const hot = steps.find(({ id }) => id === step)?.hot;
  return found?.kind === 'pressure' && hot ? hot.s + 60 * found.holdMin : null;
}

export function useHands(cook: Cook, plan: Batch, { stage, standIn }: Live): Hands {
  const clock = useClock();
  const [refused, setRefused] = useState<string | null>(null);
  const [asks, setAsks] = useState(false);
  const step = stage?.step ?? null;
  const edit: Hands['edit'] = (of) =>
    changeCook(cook.id, (now) => ({ ...now, marks: of(now.marks) }));
  const add = (...given: readonly Pressed[]): void => {
    const made = pressed(isoOf(clock), nanoid, ...given);
    edit((marks) => [...marks, ...made]);
  };
  /** Nobody is at the stove: why nothing is pressed. */
  const backAt = (): string | null => {
    const untilS = step === null ? null : awayUntilS(cook, overS(cook, step), nowSOf(cook, clock));
    if (untilS === null) return null;
    return `You are called away: back at ${timeOf(Date.parse(cook.startedAt) + untilS * 1000)}.`;
  };
  const open = stage ? unticked(cook, plan, stage) : [];
  return {
    away: backAt(),
    refused,
    asks,
    edit,
    press: (kind, more) => {
      const away = backAt();
      const blocked = kind === 'lid-off' && standIn?.face.pinUp === true;
      setRefused(away ?? (blocked ? PIN_IS_UP : null));
      if (blocked || away !== null) return;
      if (kind === 'lid-locked' && open.length > 0) setAsks(true);
      else add({ kind, step, ...more });
    },
    settle: (leftOut) => {
      setAsks(false);
      if (!leftOut) return;
      const items = open.map(({ id }) => ({
        kind: leftOut.has(id) ? ('left-out' as const) : ('ticked' as const),
        step,
        item: id,
      }));
      add(...items, { kind: 'lid-locked', step });
    },
    tick: (item, ticked) => {
      if (ticked) add({ kind: 'ticked', step, item });
      else edit((marks) => untick(marks, item));
    },
    change: (option) => add(moveMark(option)),
    move: (move) => add(moveMark(move)),
    decline: ({ change, step: of }) => add({ kind: 'declined', step: of, change }),
    tried: (item, grade) => {
      const last = step ?? stepsOf(plan).at(-1)?.id ?? '';
      add({ kind: 'tested', step: openStep(cook, last), item, grade });
    },
  };
}
