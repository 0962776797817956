/** Kinds of marks, a record each: who gives it, which event of its step it is, and its words. */
import { foodOf } from '../batch/plan';
import type { Batch, Mark, MarkKind } from '../batch/schema';
import { formatLevel, formatMinutes, formatTemperature, type Units } from '../quantity';

/** Ticked in a saute when nothing sticks any more. */
export const SCRAPED = 'scraped';

/** Events of a step. `off` ends it: the lid is off, or an open step is done. */
export type StepEvent = 'locked' | 'pin' | 'hot' | 'over' | 'opened' | 'closed' | 'down' | 'off';

/** Readings of a pot. */
export type Reading = 'temperature' | 'level';

interface MarkIs {
  /** Who gives it: a hand, a hand or the pot itself, or the app as it starts and ends a cook. */
  readonly by: 'hand' | 'hand or pot' | 'app';
  /** The event of its step; null for a mark of something else. */
  readonly event: StepEvent | null;
  /** Whether it is listed to be moved or taken back; ticks have a list of their own. */
  readonly listed: boolean;
  readonly words: string;
}

const mark = (
  words: string,
  event: StepEvent | null = null,
  by: MarkIs['by'] = 'hand',
  listed = true,
): MarkIs => ({ by, event, listed, words });

export const MARK: Readonly<Record<MarkKind, MarkIs>> = {
  started: mark('Started', null, 'app', false),
  'lid-locked': mark('Lid locked', 'locked', 'hand or pot'),
  'pin-up': mark('Pin up', 'pin', 'hand or pot'),
  'at-pressure': mark('At pressure', 'hot', 'hand or pot'),
  'hold-over': mark('Hold ended', 'over'),
  'valve-opened': mark('Valve opened', 'opened', 'hand or pot'),
  'valve-closed': mark('Valve closed again', 'closed', 'hand or pot'),
  'pin-down': mark('Pin down', 'down', 'hand or pot'),
  'lid-off': mark('Lid off', 'off', 'hand or pot'),
  'step-done': mark('Done', 'off'),
  ticked: mark('In', null, 'hand', false),
  'left-out': mark('Left out'),
  'task-begun': mark('Begun'),
  'task-done': mark('Ready'),
  tested: mark('Tried'),
  temperature: mark('Thermometer', null, 'hand or pot'),
  level: mark('Level', null, 'hand or pot'),
  scorch: mark('Smells of scorching', null, 'hand or pot'),
  'heat-down': mark('Heat turned down'),
  'heat-off': mark('Heat off'),
  'put-right': mark('Put right'),
  changed: mark('Plan changed'),
  declined: mark('Left as planned'),
  done: mark('Serve', null, 'app'),
};

/** Words for each fault that was put right. */
export const FAULT_WORDS = {
  valve: 'The valve was open: shut now',
  ring: 'Lid off, ring seated, locked anew',
  bottom: 'Lid off, bottom scraped clean, locked anew',
} as const satisfies Record<NonNullable<Mark['fault']>, string>;

/** The food or task with this id in a batch; the id itself if there is none. */
export function nameOf(batch: Batch, id: string): string {
  const item = batch.items.find((i) => i.id === id);
  if (item) return foodOf(item)?.name ?? item.food;
  return batch.alongside?.find((task) => task.id === id)?.words ?? id;
}

/**
 * A change of the plan, as a button says it.
 *
 * @param minutes of the hold as a whole, or of what is added
 * @param plannedMin the hold as it is planned
 */
export function changeWords(
  change: NonNullable<Mark['change']>,
  minutes = 0,
  plannedMin = 0,
): string {
  switch (change) {
    case 'hold':
      return minutes >= plannedMin
        ? `Hold ${formatMinutes(minutes - plannedMin)} more`
        : `Hold ${formatMinutes(plannedMin - minutes)} less`;
    case 'release-now':
      return 'Open the valve now';
    case 'close-again':
      return `Close again, ${formatMinutes(minutes)} under pressure`;
    case 'simmer-on':
      return `Simmer without the lid, ${formatMinutes(minutes)}`;
    case 'as-it-is':
      return 'Continue as planned';
  }
}

/** A mark, as a line of the list of marks. */
export function markWords(of: Mark, batch: Batch, units: Units): string {
  const { kind, value = 0 } = of;
  const what = [
    of.item && nameOf(batch, of.item),
    of.grade,
    of.fault && FAULT_WORDS[of.fault],
    kind === 'temperature' && formatTemperature(value, units),
    kind === 'level' && formatLevel(value, units),
    kind === 'changed' &&
      of.change &&
      (of.change === 'hold' ? `Hold ${formatMinutes(value)}` : changeWords(of.change, value)),
  ].filter(Boolean);
  return [MARK[kind].words, ...what].join(': ');
}

/** The marks that a cook looks through, the newest first: not what was ticked, nor every reading of the pot. */
export function listedMarks(marks: readonly Mark[]): readonly Mark[] {
  return marks
    .filter(({ kind, heard }) => MARK[kind].listed && !(heard && kind === 'temperature'))
    .toSorted((a, b) => Date.parse(b.at) - Date.parse(a.at));
}

/** The last mark given by hand; undefined if there is none. */
export function lastOfHand(marks: readonly Mark[]): Mark | undefined {
  return marks.findLast(({ kind, heard }) => MARK[kind].by !== 'app' && !heard);
}
