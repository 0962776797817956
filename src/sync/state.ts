/** What this page knows of the household's other devices. */
import { create } from 'zustand';
import type { Sharing } from '../store/db';

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
  touchedMs: 0,
  unread: 0,
  isStuck: false,
};

export const useMeeting = create<MeetingState>()(() => ALONE);

/** Whether this device is the one to call aloud: the one that a hand touched last. */
export function isCaller({ present, touchedMs }: MeetingState): boolean {
  return Object.values(present).every((one) => one.touchedMs <= touchedMs);
}
