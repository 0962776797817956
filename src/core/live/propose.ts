/**
 * Possible moves now, and what each would give and cost: tried in the worlds that agree with the cook so far. One
 * proposal at the most, and only where the plan does not hold.
 */
import { median } from 'd3-array';
import { judgeCourse, mayOffer, type Danger } from '../guard';
import { guardedOf, itemReports, releaseReports, tableMin } from '../model';
import { stepsOf } from '../batch/plan';
import type { Cook, Verdict } from '../batch/schema';
import { goOn, type World } from './believe';
import { shortChances } from './tableDoor';
import { changedAt, isDeclined, planNow, type Move } from '../cook';

type ChangeKind = Move['change'];

/** A small move, tried. */
export interface Option extends Move {
  /** On the table, s from the start, in the middle of the worlds. */
  readonly tableS: number;
  /** How often each food comes out so, 0 to 1. */
  readonly verdicts: Readonly<Record<string, Readonly<Record<Verdict, number>>>>;
  /** Dangers, drawn by the worlds. */
  readonly dangers: readonly Danger[];
}

/** Position of a cook, as far as it matters to the possible moves. */
export type Moment = 'shut' | 'cooling' | 'open';

export interface Proposal {
  readonly option: Option;
  /** Course of the plan without a change. */
  readonly asPlanned: Option;
  /** Reason: foods that would be short or over, or the table. */
  readonly why: 'short' | 'over' | 'late';
  readonly items: readonly string[];
}

/** Worlds in which a move is tried. */
const TRIED = 24;
/** Minutes that are offered: more of a hold, closed again, simmered on. */
const MORE_HOLD_MIN = [2, 4, 7, 11, 16, 24] as const;
const LESS_HOLD_MIN = [-2, -4, -7] as const;
const AGAIN_MIN = [3, 6, 10, 15, 22, 32] as const;
const SIMMER_MIN = [6, 12, 20, 30, 45] as const;

/** A plan does not hold for a food that comes out right this often less than it was to. */
const FALLEN = 0.25;
/** Foods that come out right more often than this are left alone. */
const RIGHT_ENOUGH = 0.55;
/** Nor is it proposed to do what does not make it right this much more often. */
const WORTH = 0.2;
/** Foods that are right must stay so, within this margin. */
const LOST = 0.08;
/** A table that moves by less is where it was, min. */
const MOVED_MIN = 3;
/** A minute later weighs as much as this chance of one food (assumed). */
const MINUTE_WEIGHS = 0.004;

/** Outcomes over the worlds: the table, and how often each food comes out how. */
function outcomeOf(worlds: readonly World[]): Pick<Option, 'tableS' | 'verdicts' | 'dangers'> {
  const verdicts: Record<string, Record<Verdict, number>> = {};
  for (const { model } of worlds)
    for (const { id, verdict } of itemReports(model)) {
      const own = (verdicts[id] ??= { under: 0, right: 0, over: 0 });
      own[verdict] += 1 / worlds.length;
    }
  const [first] = worlds;
  return {
    tableS: median(worlds, ({ model }) => 60 * tableMin(model)) ?? Number.NaN,
    verdicts,
    dangers: first
      ? judgeCourse(guardedOf(first.model, releaseReports(first.model), null, shortChances(worlds)))
      : [],
  };
}

/** Returns whether an option makes no hazard worse than going on as planned. */
const isHarmless = (option: Option, asPlanned: Option): boolean =>
  mayOffer(asPlanned.dangers, option.dangers);

/** Course of the plan without a change. */
function left(worlds: readonly World[], step: string): Option {
  return { change: 'as-it-is', step, ...outcomeOf(worlds.slice(0, TRIED)) };
}

function tried(cook: Cook, nowS: number, worlds: readonly World[], move: Move): Option {
  const changed = changedAt(cook, nowS, move);
  return { ...move, ...outcomeOf(goOn(changed, nowS, worlds.slice(0, TRIED))) };
}

/** How often foods come out right, and how late: more is better. */
function worth(option: Option, asPlanned: Option): number {
  const right = Object.values(option.verdicts).reduce((sum, v) => sum + v.right, 0);
  const laterMin = (option.tableS - asPlanned.tableS) / 60;
  return right - MINUTE_WEIGHS * Math.max(0, laterMin);
}

function best(options: readonly Option[], asPlanned: Option): Option | undefined {
  return options.reduce<Option | undefined>(
    (a, b) => (a && worth(a, asPlanned) >= worth(b, asPlanned) ? a : b),
    undefined,
  );
}

/** Everything comes out as it is wanted this often: it is left alone. */
const AS_WANTED = 0.85;

/** Whether all foods come out as they are wanted if nothing is done. */
function isAsWanted({ verdicts }: Option): boolean {
  return Object.values(verdicts).every(({ right }) => right >= AS_WANTED);
}

/**
 * The choices at an opening, by what comes out as it is wanted, the best first: the best of closing again, of
 * simmering on, and to leave it. A change that spoils more than it mends is not proposed.
 *
 * @param step whose lid is off, or the last that is over
 * @example choicesAt(cooked, 7000, worldsOf(cooked, 7000, { seed: 1, worlds: 10 }), 's1').length // 1
 */
export function choicesAt(
  cook: Cook,
  nowS: number,
  worlds: readonly World[],
  step: string,
): readonly Option[] {
  const asItIs = left(worlds, step);
  if (isAsWanted(asItIs)) return [asItIs];
  const of = (change: ChangeKind, minutes: readonly number[]): readonly Option[] => {
    const found = best(
      minutes
        .map((m) => tried(cook, nowS, worlds, { change, step, minutes: m }))
        .filter((option) => isHarmless(option, asItIs)),
      asItIs,
    );
    return found && worth(found, asItIs) > worth(asItIs, asItIs) ? [found] : [];
  };
  return [...of('close-again', AGAIN_MIN), ...of('simmer-on', SIMMER_MIN), asItIs].toSorted(
    (a, b) => worth(b, asItIs) - worth(a, asItIs),
  );
}

/** A move of the cook's own, weighed beside going on as planned. */
export function weighed(
  cook: Cook,
  nowS: number,
  worlds: readonly World[],
  move: Move,
): { readonly option: Option; readonly asPlanned: Option; readonly harmless: boolean } {
  const asPlanned = left(worlds, move.step);
  const option = tried(cook, nowS, worlds, move);
  return { option, asPlanned, harmless: isHarmless(option, asPlanned) };
}

/** Which foods come out right less often than they were to. */
function fallen(cook: Cook, asPlanned: Option): readonly string[] {
  const predicted = cook.predicted.chances ?? {};
  return Object.entries(asPlanned.verdicts).flatMap(([id, { right }]) => {
    const was = predicted[id] ?? (cook.predicted.verdicts[id] === 'right' ? 0.8 : 0);
    return right < RIGHT_ENOUGH && right < was - FALLEN ? [id] : [];
  });
}

function keepsRight(option: Option, asPlanned: Option): boolean {
  return Object.entries(asPlanned.verdicts).every(
    ([id, { right }]) => (option.verdicts[id]?.right ?? 0) >= right - LOST,
  );
}

/** The moves that may be made at a moment, what is as planned apart. */
export function movesAmong(
  cook: Cook,
  moment: Moment,
  step: string,
  late = false,
): readonly Move[] {
  const found = stepsOf(planNow(cook)).find((s) => s.id === step);
  if (moment === 'open')
    return [
      ...AGAIN_MIN.map((minutes) => ({ change: 'close-again' as const, step, minutes })),
      ...SIMMER_MIN.map((minutes) => ({ change: 'simmer-on' as const, step, minutes })),
    ];
  if (found?.kind !== 'pressure') return [];
  if (moment === 'cooling')
    return found.release?.method === 'quick' ? [] : [{ change: 'release-now', step }];
  const by = late ? LESS_HOLD_MIN : [...MORE_HOLD_MIN, ...LESS_HOLD_MIN];
  return by
    .map((m) => found.holdMin + m)
    .filter((m) => m >= 0)
    .map((minutes) => ({ change: 'hold' as const, step, minutes }));
}

function movesAt(
  cook: Cook,
  nowS: number,
  worlds: readonly World[],
  moment: Moment,
  step: string,
  late: boolean,
): readonly Option[] {
  if (moment === 'open')
    return choicesAt(cook, nowS, worlds, step).filter(({ change }) => change !== 'as-it-is');
  return movesAmong(cook, moment, step, late).map((move) => tried(cook, nowS, worlds, move));
}

/**
 * The one thing to propose; null where the plan holds, or nothing small mends it.
 *
 * @param foretoldS the table as it was last agreed on, s from the start
 * @example proposalOf(cook, 0, worldsOf(cook, 0, { seed: 1, worlds: 10 }), 'hold', 's1', 7500) // null
 */
export function proposalOf(
  cook: Cook,
  nowS: number,
  worlds: readonly World[],
  moment: Moment,
  step: string,
  foretoldS: number,
): Proposal | null {
  if (isDeclined(cook, step)) return null;
  const asPlanned = left(worlds, step);
  const items = fallen(cook, asPlanned);
  // Within what was predicted it is not late.
  const { band, totalMin } = cook.predicted;
  const slackMin = Math.max(MOVED_MIN, band ? band.p90 - totalMin : 0);
  const late = (asPlanned.tableS - foretoldS) / 60 > slackMin;
  if (items.length > 0) {
    const option = best(
      movesAt(cook, nowS, worlds, moment, step, false).filter((o) => isHarmless(o, asPlanned)),
      asPlanned,
    );
    const right = (o: Option): number =>
      items.reduce((sum, id) => sum + (o.verdicts[id]?.right ?? 0), 0);
    if (
      option &&
      right(option) - right(asPlanned) >= WORTH &&
      worth(option, asPlanned) > worth(asPlanned, asPlanned)
    ) {
      const [first] = items;
      const v = first ? asPlanned.verdicts[first] : undefined;
      return { option, asPlanned, items, why: v && v.over > v.under ? 'over' : 'short' };
    }
    return null;
  }
  if (!late || moment === 'open') return null;
  const sooner = movesAt(cook, nowS, worlds, moment, step, true)
    .filter(
      (o) =>
        isHarmless(o, asPlanned) &&
        keepsRight(o, asPlanned) &&
        (asPlanned.tableS - o.tableS) / 60 >= 1.5,
    )
    .sort((a, b) => Math.abs(a.tableS - foretoldS) - Math.abs(b.tableS - foretoldS));
  const [option] = sooner;
  return option ? { option, asPlanned, items: [], why: 'late' } : null;
}

/** Delay until a due move is looked at again, s. */
const LEFT_S = 300;
/** A food that loses less of its chance in that time loses nothing. */
const NOTICED = 0.05;

/** Cost of leaving a due move undone. */
export interface Cost {
  /** The table is later by so much for every minute, min. */
  readonly tableMin: number;
  /** How much less often a food comes out right, for every minute. */
  readonly items: readonly { readonly id: string; readonly lost: number }[];
}

/** Cost of each minute that a due move is left undone. */
export function costOfLeaving(cook: Cook, nowS: number, worlds: readonly World[]): Cost {
  const few = worlds.slice(0, TRIED);
  const now = outcomeOf(few);
  const later = outcomeOf(goOn(cook, nowS + LEFT_S, few));
  const minutes = LEFT_S / 60;
  return {
    tableMin: Math.max(0, later.tableS - now.tableS) / 60 / minutes,
    items: Object.entries(now.verdicts).flatMap(([id, { right }]) => {
      const lost = right - (later.verdicts[id]?.right ?? 0);
      return lost > NOTICED ? [{ id, lost: lost / minutes }] : [];
    }),
  };
}
