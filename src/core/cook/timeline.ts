/**
 * Timeline of a cook, folded once from its marks. Whoever asks when the hold ended, when the valve was
 * opened or what was tried reads it here; no one else reads the kinds of marks.
 */
import { staysShut, stepsOf } from '../batch/plan';
import type { Batch, Cook, Mark, Step } from '../batch/schema';
import { MARK, type Reading, type StepEvent } from './marks';
import { byClock } from './order';
import { planNow } from './plan';
import { asOf, secondsOf } from './time';

/** How a moment is known: a hand pressed it, the pot said it, or it follows from other marks and the plan. */
export type How = 'pressed' | 'heard' | 'presumed';

/** A moment of a cook. */
export interface Second {
  /** s from the start of the cook */
  readonly s: number;
  readonly how: How;
}

/** A moment that was pressed or heard; null for one that is only presumed, or not known. */
export function known(second: Second | null | undefined): Second | null {
  return second && second.how !== 'presumed' ? second : null;
}

/** The valve was opened, or closed again. */
export interface ValveSecond extends Second {
  readonly opens: boolean;
}

/** A step as it went; null for what is not known of it. */
export interface StepTimeline {
  readonly id: string;
  /** The lid was locked the first time. Presumed: by the first thing that was marked after it. */
  readonly locked: Second | null;
  readonly pin: Second | null;
  /** At pressure. */
  readonly hot: Second | null;
  /** The hold was over. Presumed: the plan's hold, as it became, after it was at pressure. */
  readonly over: Second | null;
  readonly valve: readonly ValveSecond[];
  readonly down: Second | null;
  /** The lid was off, or an open step was done. Presumed: a later step had begun. */
  readonly off: Second | null;
  /** How often the lid was seated until it came to pressure; 0 where it was not. */
  readonly seatings: number;
}

/** The first opening of the valve; null where it stayed shut. */
export function firstOpened({ valve }: Pick<StepTimeline, 'valve'>): ValveSecond | null {
  return valve.find(({ opens }) => opens) ?? null;
}

/** Observations of a pot that a model of it can be compared with. */
export type SeenKind = 'pin' | 'hot' | 'down' | Reading;

/** Something seen of the pot. */
export interface Observation extends Second {
  readonly kind: SeenKind;
  readonly step: string;
  /** C of a temperature, L of a level; missing for a moment. */
  readonly value?: number;
}

/** A food that was tried. */
export interface TriedFood {
  readonly item: string;
  readonly grade: string;
  /** Step that was open; null where none was said. */
  readonly step: string | null;
  readonly s: number;
}

/** A task beside the pot, s from the start; null where it was not marked. */
export interface TaskTimeline {
  readonly begunS: number | null;
  readonly doneS: number | null;
}

type Fault = NonNullable<Mark['fault']>;

/** All that the marks of a cook say, by its plan as it became. */
export interface Timeline {
  readonly plan: Batch;
  readonly steps: readonly StepTimeline[];
  readonly seen: readonly Observation[];
  /** Every thermometer reading, in the order of the clock: s from the start, and C. */
  readonly readings: readonly { readonly s: number; readonly celsius: number }[];
  readonly tried: readonly TriedFood[];
  /** Food tried without a later change of the plan; null if there is none. */
  readonly openTrial: TriedFood | null;
  readonly tasks: Readonly<Record<string, TaskTimeline>>;
  /** Ids of what was ticked, and of what was said not to be in. */
  readonly ticked: ReadonlySet<string>;
  readonly leftOut: ReadonlySet<string>;
  readonly putRightS: Readonly<Partial<Record<Fault, number>>>;
  readonly scorchedS: number | null;
}

interface Timed {
  readonly mark: Mark;
  readonly s: number;
  readonly event: StepEvent | null;
}

const howOf = ({ heard }: Mark): How => (heard ? 'heard' : 'pressed');
const secondOf = ({ mark, s }: Timed): Second => ({ s, how: howOf(mark) });
const presumed = (s: number | undefined): Second | null =>
  s === undefined ? null : { s, how: 'presumed' };

/** From a lid that is locked to the lid off. */
interface Seating {
  readonly fromS: number;
  readonly untilS: number;
}

/** Times at which the lid was seated; ignores a second locking of a lid that is on. */
function seatingsOf(own: readonly Timed[]): readonly Seating[] {
  const seatings: Seating[] = [];
  let fromS: number | null = null;
  for (const { event, s } of own) {
    if (event === 'locked') fromS ??= s;
    if (event !== 'off' || fromS === null) continue;
    seatings.push({ fromS, untilS: s });
    fromS = null;
  }
  return fromS === null ? seatings : [...seatings, { fromS, untilS: Infinity }];
}

const UNDER_PRESSURE: ReadonlySet<StepEvent> = new Set(['pin', 'hot']);

/** The marks of the seating that came to pressure, or of the last; all where the lid was seated once. */
function ownSeating(own: readonly Timed[]): {
  readonly marks: readonly Timed[];
  readonly seatings: number;
} {
  const all = seatingsOf(own);
  if (all.length < 2) return { marks: own, seatings: all.length };
  const within = ({ fromS, untilS }: Seating) => own.filter(({ s }) => s >= fromS && s <= untilS);
  const came = all.findIndex((seating) =>
    within(seating).some(({ event }) => event !== null && UNDER_PRESSURE.has(event)),
  );
  const at = came < 0 ? all.length - 1 : came;
  return { marks: within(all[at] as Seating), seatings: at + 1 };
}

/**
 * @param own the marks of the step by the clock
 * @param seating those of the lid that counts
 * @param nextS the first mark of any later step, s
 */
function stepTimeline(
  step: Step,
  own: readonly Timed[],
  { marks, seatings }: ReturnType<typeof ownSeating>,
  nextS: number | undefined,
): StepTimeline {
  const first = (event: StepEvent, of = marks): Second | null => {
    const found = of.find((one) => one.event === event);
    return found ? secondOf(found) : null;
  };
  const hot = first('hot');
  const holdS = step.kind === 'pressure' ? 60 * step.holdMin : 0;
  const earliest = own.find(({ event }) => event !== null)?.s ?? nextS;
  return {
    id: step.id,
    locked: first('locked', own) ?? (step.kind === 'pressure' ? presumed(earliest) : null),
    pin: first('pin'),
    hot,
    over: first('over') ?? (hot && presumed(hot.s + holdS)),
    valve: marks.flatMap((one) =>
      one.event === 'opened' || one.event === 'closed'
        ? [{ ...secondOf(one), opens: one.event === 'opened' }]
        : [],
    ),
    down: first('down'),
    off: first('off') ?? presumed(nextS),
    seatings,
  };
}

const READINGS: ReadonlySet<string> = new Set<Reading>(['temperature', 'level']);
const isReading = (kind: string): kind is Reading => READINGS.has(kind);
const isSeen = (event: StepEvent | null): event is 'pin' | 'hot' | 'down' =>
  event === 'pin' || event === 'hot' || event === 'down';

/** Observations of the pot; a mark outside of steps belongs to the lid that is on. */
function observationsOf(
  timed: readonly Timed[],
  own: ReadonlyMap<string, ReadonlySet<Timed>>,
): readonly Observation[] {
  const lids = timed.filter(({ event }) => event === 'locked');
  return timed.flatMap((one): readonly Observation[] => {
    const { mark, s, event } = one;
    const step = mark.step ?? lids.findLast((lid) => lid.s <= s)?.mark.step ?? null;
    // Once the lid is off for good, a reading shows the food's temperature, not the pot's.
    if (
      mark.step === null &&
      timed.some((t) => t.event === 'off' && t.mark.step === step && t.s < s)
    )
      return [];
    const marks = step === null ? undefined : own.get(step);
    if (step === null || !marks) return [];
    if (isSeen(event)) return marks.has(one) ? [{ kind: event, step, ...secondOf(one) }] : [];
    return isReading(mark.kind) && mark.value !== undefined
      ? [{ kind: mark.kind, step, ...secondOf(one), value: mark.value }]
      : [];
  });
}

function triedOf(timed: readonly Timed[]): Pick<Timeline, 'tried' | 'openTrial'> {
  const tried = timed.flatMap(({ mark: { kind, item, grade, step }, s }) =>
    kind === 'tested' && item && grade ? [{ item, grade, step, s }] : [],
  );
  const last = tried.at(-1) ?? null;
  const changed = timed.some(({ mark, s }) => mark.kind === 'changed' && last && s > last.s);
  return { tried, openTrial: changed ? null : last };
}

function tasksOf(timed: readonly Timed[]): Timeline['tasks'] {
  const tasks: Record<string, TaskTimeline> = {};
  for (const { mark, s } of timed) {
    const { kind, item } = mark;
    if (item === undefined) continue;
    const task = tasks[item] ?? { begunS: null, doneS: null };
    if (kind === 'task-begun') tasks[item] = { ...task, begunS: s };
    if (kind === 'task-done') tasks[item] = { ...task, doneS: s };
  }
  return tasks;
}

function putRightOf(timed: readonly Timed[]): Timeline['putRightS'] {
  const found: Partial<Record<Fault, number>> = {};
  for (const { mark, s } of timed)
    if (mark.kind === 'put-right' && mark.fault) found[mark.fault] ??= s;
  return found;
}

type Folded = Pick<Cook, 'batch' | 'marks' | 'startedAt'>;

/** Many parts of a page ask for one timeline at every tick: it is folded once for a list of marks. */
const FOLDED = new WeakMap<readonly Mark[], { readonly of: Folded; readonly timeline: Timeline }>();

/**
 * Folds the marks of a cook. The order of the list does not matter.
 *
 * @param untilS s from the start; what was marked later does not count
 * @example timelineOf(cooked).steps[0].over // { s: 5400, how: 'presumed' }
 */
export function timelineOf(cook: Folded, untilS = Infinity): Timeline {
  if (untilS !== Infinity) return fold(cook, untilS);
  const before = FOLDED.get(cook.marks);
  if (before?.of.batch === cook.batch && before.of.startedAt === cook.startedAt)
    return before.timeline;
  const timeline = fold(cook, untilS);
  FOLDED.set(cook.marks, { of: cook, timeline });
  return timeline;
}

function fold(cook: Folded, untilS: number): Timeline {
  const { marks } = asOf(cook, untilS);
  // Changes of the plan hold from the moment they are made, whichever moment is asked for.
  const plan = planNow(cook);
  const timed = byClock(marks).map((mark) => ({
    mark,
    s: secondsOf(cook, mark.at),
    event: MARK[mark.kind].event,
  }));
  const steps = stepsOf(plan);
  const own = steps.map(({ id }) => timed.filter((t) => t.mark.step === id));
  const firsts = own.map((of) => of.find(({ event }) => event !== null)?.s ?? Infinity);
  const nextOf = (index: number): number | undefined => {
    const next = Math.min(Infinity, ...firsts.slice(index + 1));
    return Number.isFinite(next) ? next : undefined;
  };
  const ids = (kind: Mark['kind']): ReadonlySet<string> =>
    new Set(marks.flatMap((m) => (m.kind === kind && m.item ? [m.item] : [])));
  const seatings = own.map(ownSeating);
  const counted = new Map(steps.map(({ id }, i) => [id, new Set(seatings[i]?.marks)] as const));
  return {
    plan,
    steps: steps.map((step, i) => {
      const of = own[i] ?? [];
      const one = stepTimeline(step, of, seatings[i] ?? ownSeating(of), nextOf(i));
      // A lid that stays on is never off: the rest behind it begins as the pin drops.
      const isOff = of.some(({ event }) => event === 'off');
      return one.down !== null && !isOff && staysShut(plan, step.id)
        ? { ...one, off: one.down }
        : one;
    }),
    seen: observationsOf(timed, counted),
    readings: timed.flatMap(({ mark: { kind, value }, s }) =>
      kind === 'temperature' && value !== undefined ? [{ s, celsius: value }] : [],
    ),
    ...triedOf(timed),
    tasks: tasksOf(timed),
    ticked: ids('ticked'),
    leftOut: ids('left-out'),
    putRightS: putRightOf(timed),
    scorchedS: timed.find(({ mark }) => mark.kind === 'scorch')?.s ?? null,
  };
}

/**
 * A step by its id.
 *
 * @throws RangeError for a step that is not in the plan as it became
 * @example stepIn(timelineOf(cooked), 's1').hot // { s: 1800, how: 'pressed' }
 */
export function stepIn({ steps }: Pick<Timeline, 'steps'>, id: string): StepTimeline {
  const found = steps.find((step) => step.id === id);
  if (!found) throw new RangeError(`no step ${id} in this cook`);
  return found;
}
