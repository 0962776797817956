/** Turns presses of the cook and messages of the pot into marks. */
import { stepsOf } from '../batch/plan';
import { markId, type Cook, type Mark, type MarkKind } from '../batch/schema';
import { atmosphericPressure, saturationTemperature } from '../water';
import { MARK } from './marks';
import { byClock } from './order';
import { planNow, type Move } from './plan';
import type { Message, MessageKind } from './potLink';
import { momentOf, secondsOf } from './time';

/** The mark with which a cook begins. @param at ISO 8601 */
export function startMark(at: string): Mark {
  return { id: 'started', kind: 'started', step: null, at };
}

/** A cook as it was before its end was marked. */
export function notOver<T extends Pick<Cook, 'marks'>>(cook: T): T {
  return { ...cook, marks: cook.marks.filter((m) => m.kind !== 'done') };
}

/**
 * A cook that is over.
 *
 * @param at ISO 8601
 * @example ended(cook, at).marks.at(-1).kind // "done"
 */
export function ended(cook: Cook, at: string): Cook {
  const done: Mark = { id: 'done', kind: 'done', step: null, at };
  return { ...cook, endedAt: at, marks: [...notOver(cook).marks, done] };
}

/** Fields of a mark that a press gives: all but its time and id. */
export type Pressed = Omit<Mark, 'id' | 'at' | 'heard'>;

/**
 * Marks as a hand gives them, at one moment.
 *
 * @param newId gives another id at every call
 * @example pressed(at, () => 'm1', { kind: 'pin-up', step: 's1' }) // [{ kind: 'pin-up', step: 's1', id: 'm1', at: '2026-11-24T18:00:00.000Z' }]
 */
export function pressed(at: string, newId: () => string, ...given: readonly Pressed[]): Mark[] {
  return given.map((mark) => ({ ...mark, id: newId(), at }));
}

/** A cook without what a thermometer read, to be tried and not kept. */
export function withoutReadings<T extends Pick<Cook, 'marks'>>(cook: T): T {
  return { ...cook, marks: cook.marks.filter((m) => m.kind !== 'temperature') };
}

/** Takes back the tick of an item. */
export function untick(marks: readonly Mark[], item: string): readonly Mark[] {
  return marks.filter((m) => !(m.kind === 'ticked' && m.item === item));
}

/** Takes back a mark. */
export function takeBack(marks: readonly Mark[], id: string): readonly Mark[] {
  return marks.filter((m) => m.id !== id);
}

/** A change of the plan as a hand gives it. */
export function moveMark({ change, step, minutes }: Move): Pressed {
  return { kind: 'changed', step, change, ...(minutes !== undefined && { value: minutes }) };
}

/** A cook with a mark more, to be tried and not kept. @param s from its start */
function trying(cook: Cook, s: number, given: Pressed): Cook {
  return { ...cook, marks: [...cook.marks, ...pressed(momentOf(cook, s), () => 'tried', given)] };
}

/**
 * A cook whose plan is changed at a moment, to be tried and not kept.
 *
 * @param s from its start
 * @example changedAt(cook, 60, { step: 's1', change: 'hold', minutes: 50 }).marks.at(-1) // { kind: 'changed', value: 50 }
 */
export function changedAt(cook: Cook, s: number, move: Move): Cook {
  return trying(cook, s, moveMark(move));
}

/** A cook whose fault is put right at a moment, to be tried and not kept. @param s from its start */
export function mendedAt(
  cook: Cook,
  s: number,
  step: string,
  fault: NonNullable<Mark['fault']>,
): Cook {
  return trying(cook, s, { kind: 'put-right', step, fault });
}

const HEARD = {
  'pin-up': () => 'pin-up',
  countdown: () => 'at-pressure',
  temperature: () => 'temperature',
  level: () => 'level',
  valve: (value) => (value === 0 ? 'valve-closed' : 'valve-opened'),
  'pin-down': () => 'pin-down',
  lid: (value) => (value === 0 ? 'lid-off' : 'lid-locked'),
  // A pot that stops with a fault has most often scorched.
  fault: () => 'scorch',
} as const satisfies Record<MessageKind, (value: number | undefined) => MarkKind>;

/** Hotter than it boils in the open by this much, it is under pressure, K (assumed). */
const UNDER_PRESSURE_K = 4;

const SIGNS: ReadonlySet<MarkKind> = new Set(['pin-up', 'at-pressure', 'valve-opened', 'pin-down']);

/** Marks without their steps, the hand's and the pot's, by the clock. */
type Stepless = Omit<Mark, 'step'> & { readonly step?: string | null };

/**
 * The step that each message belongs to. A lid that is locked begins the next step of pressure, but where it
 * comes to nothing before it is off again: then it is the same lid, seated once more. After the last step
 * everything belongs to that.
 */
function stepsOfHeard(
  cook: Pick<Cook, 'batch' | 'marks' | 'kitchen'>,
  heard: readonly Stepless[],
): ReadonlyMap<string, string | null> {
  const lids = stepsOf(planNow(cook)).filter((s) => s.kind === 'pressure');
  const hotC =
    saturationTemperature(atmosphericPressure(cook.kitchen.altitudeM)) + UNDER_PRESSURE_K;
  const isSign = ({ kind, value = 0 }: Stepless): boolean =>
    SIGNS.has(kind) || (kind === 'temperature' && value > hotC);
  const hands: readonly Stepless[] = cook.marks.filter((m) => !m.heard);
  const all = byClock([...hands, ...heard] as readonly Mark[]);
  const shuts = all.some(({ kind }) => kind === 'lid-locked');
  // Trust only the lid signals of a pot that reports no pressure.
  const speaks = all.some(isSign);
  const of = new Map<string, string | null>();
  let index = shuts || !speaks ? -1 : 0;
  let shut = false;
  let came = true;
  for (const mark of all) {
    const own = mark.heard ? -1 : lids.findIndex(({ id }) => id === mark.step);
    if (MARK[mark.kind].event === 'locked') {
      if (own >= 0) index = own;
      else if (!shut && (came || !speaks)) index = Math.min(index + 1, lids.length - 1);
      if (!shut) came = false;
      shut = true;
    } else if (mark.kind === 'lid-off') shut = false;
    else if (isSign(mark)) came = true;
    if (mark.heard) of.set(mark.id, lids[index]?.id ?? null);
  }
  return of;
}

/**
 * A cook that hears its pot: what was heard before is replaced.
 *
 * @param messages all that the pot has said so far
 * @example heardBy(cook, [{ at, pot: 'p1', kind: 'pin-up' }]).marks.at(-1).kind // "pin-up"
 */
export function heardBy<T extends Pick<Cook, 'batch' | 'marks' | 'kitchen'>>(
  cook: T,
  messages: readonly Message[],
): T {
  const taken = new Set<string>();
  const heard = messages.map(({ at, kind, value }): Stepless => {
    const what = HEARD[kind](value);
    const id = markId({ kind: what, at }, taken);
    taken.add(id);
    const reads = kind === 'temperature' || kind === 'level';
    return { id, kind: what, at, heard: true, ...(reads && value !== undefined && { value }) };
  });
  const steps = stepsOfHeard(cook, heard);
  const hands = cook.marks.filter((m) => !m.heard);
  const marks = heard.map((mark): Mark => ({ ...mark, step: steps.get(mark.id) ?? null }));
  return { ...cook, marks: [...hands, ...marks] };
}

/** Whether the pot has said the same in both; hands may have done something else. */
export function sameHeard(a: Pick<Cook, 'marks'>, b: Pick<Cook, 'marks'>): boolean {
  const [own, other] = [a, b].map(({ marks }) => marks.filter((m) => m.heard));
  return (
    own?.length === other?.length &&
    (own ?? []).every((m, i) => m.id === other?.[i]?.id && m.step === other[i]?.step)
  );
}

/**
 * The cook in a log of its pot. If the log is from another time, the cook takes the log's start.
 *
 * @param messages by their times, one at least
 * @param now ms since 1970
 */
export function withLog(cook: Cook, messages: readonly Message[], now: number): Cook {
  const first = messages[0]?.at ?? cook.startedAt;
  const last = messages.at(-1)?.at ?? cook.startedAt;
  const own = secondsOf(cook, first) >= 0 && Date.parse(last) <= now;
  if (own) return heardBy(cook, messages);
  const startedAt = new Date(first).toISOString();
  return heardBy({ ...cook, startedAt, marks: [startMark(startedAt)] }, messages);
}
