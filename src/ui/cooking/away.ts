/** Coming back to a cook after a while: what was to happen meanwhile, and what has to be asked of it. */
import { useEffect, useState } from 'react';
import type { Cook, MarkKind } from '@/core/batch/schema';
import type { Stage } from '@/core/cook';
import type { Units } from '@/core/quantity';
import { wordsOf } from '@/core/timetable';
import { useClock } from '@/ui/clock';
import { readKept, writeKept } from '@/ui/kept';
import { whereIs, type Where } from './where';

/** Nobody was there for less than this, ms: a look at another page is no absence. */
const AWAY_MS = 4 * 60_000;
/** Moves due within this time are not asked about, ms: they are made now. */
const OVERDUE_MS = 2 * 60_000;
/** That somebody looks at it is kept so often, ms. */
const KEPT_MS = 5000;

const keyOf = (cook: string): string => `retort-watched-${cook}`;

/** Expected moves and their times, ms. */
export interface Meanwhile {
  readonly at: number;
  readonly words: string;
}

export interface Question {
  readonly title: string;
  /** Moves of a hand and their times, ms. */
  readonly mark: MarkKind;
  readonly step: string;
  readonly dueAt: number;
  readonly yes: string;
  readonly no: string;
}

export interface Away {
  readonly from: number;
  readonly meanwhile: readonly Meanwhile[];
  readonly question: Question;
}

const ASKS: Readonly<Partial<Record<MarkKind, Pick<Question, 'title' | 'yes' | 'no'>>>> = {
  'hold-over': {
    title: 'Was the heat turned off in time?',
    yes: 'Yes, at its time',
    no: 'It is still on',
  },
  'valve-opened': {
    title: 'Was the valve opened in time?',
    yes: 'Yes, at its time',
    no: 'It is still shut',
  },
  'step-done': { title: 'Was it done in time?', yes: 'Yes, at its time', no: 'Not yet' },
};

/** Words for a stage that ended by itself. */
function overWords(stage: Stage, units: Units): string {
  switch (stage.kind) {
    case 'hold':
      return stage.mark === null ? 'the hold was over' : 'the heat was to go off';
    case 'wait':
      return 'the wait was over';
    case 'warm-up':
      return 'it was to be at pressure';
    default:
      return `${wordsOf(stage, units).title}: was to be done`;
  }
}

/**
 * Moves due while nobody was there.
 * @param from when somebody was there last, ms
 * @param now ms
 * @returns null where nothing was due that a hand does
 */
export function awayOf(
  cook: Cook,
  { stages, at }: Where,
  from: number,
  now: number,
  units: Units,
): Away | null {
  const stage = stages[at.index];
  const asks = stage?.mark ? ASKS[stage.mark] : undefined;
  if (now - from < AWAY_MS || !stage?.mark || !asks || stage.presumed) return null;
  const dueAt = at.since + stage.expectMin * 60_000;
  if (dueAt < from || now - dueAt < OVERDUE_MS) return null;
  const before = whereIs(cook, from, units).at;
  let over = before.since;
  const passed = stages.slice(before.index, at.index).map((one): Meanwhile => {
    over += one.expectMin * 60_000;
    return { at: over, words: overWords(one, units) };
  });
  return {
    from,
    meanwhile: [
      ...passed.filter((one) => one.at > from),
      { at: dueAt, words: overWords(stage, units) },
    ],
    question: { ...asks, mark: stage.mark, step: stage.step, dueAt },
  };
}

/** When somebody was at a cook last before this page was opened, or shown again, ms; null where it goes on. */
export function useAwayFrom(cook: string): readonly [from: number | null, back: () => void] {
  const clock = useClock();
  const [from, setFrom] = useState<number | null>(null);
  useEffect(() => {
    const look = (): void => {
      if (document.hidden) return;
      const last = Number(readKept(keyOf(cook)) ?? Number.NaN);
      if (clock.now() - last >= AWAY_MS) setFrom(last);
      writeKept(keyOf(cook), String(clock.now()));
    };
    look();
    const stop = clock.every(KEPT_MS, look);
    document.addEventListener('visibilitychange', look);
    return () => {
      stop();
      document.removeEventListener('visibilitychange', look);
    };
  }, [cook, clock]);
  return [from, () => setFrom(null)];
}
