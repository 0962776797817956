/** State of the household's other devices, as this page knows it. */
import { create } from 'zustand';
import type { OtherDevice, Sharing } from '../store/db';

/** Another device that can be heard now. */
export interface Present {
  readonly name: string;
  /** When it was heard last, ms. */
  readonly heardMs: number;
  /** When a hand touched it last, ms. */
  readonly touchedMs: number;
}

export interface MeetingState {
  readonly sharing: Sharing | null;
  /** `trying`: the server is not reached. */
  readonly line: 'off' | 'trying' | 'open';
  readonly present: Readonly<Record<string, Present>>;
  /** Devices that were here since this page opened, and are out of reach. */
  readonly gone: Readonly<Record<string, Present>>;
  /** When a hand touched this device last, ms. */
  readonly touchedMs: number;
  /** Messages that could not be read, or came twice. */
  readonly unread: number;
  /** Whether something another device said could not be kept here. */
  readonly isStuck: boolean;
}

export const ALONE: MeetingState = {
  sharing: null,
  line: 'off',
  present: {},
  gone: {},
  touchedMs: 0,
  unread: 0,
  isStuck: false,
};

/** Deletions are remembered for this long, ms: 90 days. */
export const REMEMBERED_MS = 90 * 86_400_000;

/**
 * Notice for a device that comes back after deletions were forgotten; null while they are remembered.
 *
 * @param nowMs ms since 1970
 */
export const backAgain = ({ name, met }: OtherDevice, nowMs: number): string | null =>
  nowMs - Date.parse(met) > REMEMBERED_MS
    ? `${name} was away for over 90 days. Anything deleted in that time may have come back.`
    : null;

export const useMeeting = create<MeetingState>()(() => ALONE);

/** Whether this device is the one to call aloud: the one that a hand touched last. */
export function isCaller({ present, touchedMs }: MeetingState): boolean {
  return Object.values(present).every((one) => one.touchedMs <= touchedMs);
}

const listed = (names: readonly string[]): string =>
  new Intl.ListFormat('en-GB', { type: 'conjunction' }).format(names);

/** Names of the other devices that can be heard, as `Phone and Tablet`; '' for none. */
export const namesHere = ({ present }: MeetingState): string =>
  listed(Object.values(present).map(({ name }) => name));

/** Name of the device that calls aloud in the place of this one; '' where this one does. */
export function callerOf(state: MeetingState): string {
  if (isCaller(state)) return '';
  const [last] = Object.values(state.present).toSorted((a, b) => b.touchedMs - a.touchedMs);
  return last?.name ?? '';
}

/** Moves devices out of reach. @param isGone by the id of a device and when it was heard last, ms */
export function parted(
  { present, gone }: MeetingState,
  isGone: (id: string, heardMs: number) => boolean,
): Pick<MeetingState, 'present' | 'gone'> {
  const all = Object.entries(present);
  const out = all.filter(([id, { heardMs }]) => isGone(id, heardMs));
  const left = new Set(out.map(([id]) => id));
  return {
    present: Object.fromEntries(all.filter(([id]) => !left.has(id))),
    gone: { ...gone, ...Object.fromEntries(out) },
  };
}

/**
 * Names of the devices that were here since a time and are out of reach now; '' for none.
 *
 * @param sinceMs ms since 1970
 */
export const namesGone = ({ gone }: MeetingState, sinceMs: number): string =>
  listed(
    Object.values(gone)
      .filter(({ heardMs }) => heardMs >= sinceMs)
      .map(({ name }) => name),
  );

/** Comparisons with one device since both knew the same. */
export interface Comparisons {
  readonly times: number;
  /** When the last one began, ms. */
  readonly at: number;
}

/** After this many comparisons in a row something may not be joinable. */
const MOST_COMPARISONS = 8;
/** Least time between comparisons after that, ms. */
const SLOW_MS = 15_000;

export const isLongRow = ({ times }: Comparisons): boolean => times >= MOST_COMPARISONS;

/** Whether to compare again now: at once in a short row, seldom in a long one. */
export const mayCompare = (row: Comparisons, nowMs: number): boolean =>
  !isLongRow(row) || nowMs - row.at >= SLOW_MS;
