/**
 * The pot as a device: a source of messages and nothing else. One JSON object a line, documented in
 * docs/pot-link.md.
 */
import { stepsOf } from '../batch/plan';
import type { Cook, Mark, MarkKind } from '../batch/schema';

export const MESSAGE_KINDS = [
  'pin-up',
  'countdown',
  'temperature',
  'level',
  'valve',
  'pin-down',
  'lid',
  'fault',
] as const;

export type MessageKind = (typeof MESSAGE_KINDS)[number];

/** What a pot says. */
export interface Message {
  /** ISO 8601 */
  readonly at: string;
  /** Id of the pot. */
  readonly pot: string;
  readonly kind: MessageKind;
  /** C, L; 1 for a valve that opens or a lid that locks, 0 for the other way; a number of a fault. */
  readonly value?: number;
}

/** Where messages come from. */
export interface PotLink {
  /**
   * @param onMessage called with each, in the order of their times
   * @returns stops it
   */
  readonly listen: (onMessage: (message: Message) => void) => () => void;
}

export function writeMessages(messages: readonly Message[]): string {
  return messages.map((message) => `${JSON.stringify(message)}\n`).join('');
}

/** Everything at once, as from a file. */
export function linkOf(messages: readonly Message[]): PotLink {
  return {
    listen: (onMessage) => {
      messages.forEach(onMessage);
      return () => undefined;
    },
  };
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

/** What a message means to a cook. @param step that is on */
export function markOf({ at, kind, value }: Message, step: string | null): Mark {
  const keeps = kind === 'temperature' || kind === 'level';
  return {
    kind: HEARD[kind](value),
    step,
    at,
    heard: true,
    ...(keeps && value !== undefined && { value }),
  };
}

/**
 * A cook as a log of its pot has it: what was heard instead of what was heard before. A log of another time
 * is that of the cook: it began as the log does.
 *
 * @param messages in the order of their times, one at least
 * @param now ms since 1970
 */
export function withLog(cook: Cook, messages: readonly Message[], now: number): Cook {
  const first = Date.parse(messages[0]?.at ?? cook.startedAt);
  const last = Date.parse(messages.at(-1)?.at ?? cook.startedAt);
  const own = first >= Date.parse(cook.startedAt) && last <= now;
  const startedAt = own ? cook.startedAt : new Date(first).toISOString();
  const kept = own
    ? cook.marks.filter((m) => !m.heard)
    : [{ kind: 'started' as const, step: null, at: startedAt }];
  const steps = stepsOf(cook.batch).filter((s) => s.kind === 'pressure');
  let closings = -1;
  const heard = messages.map((message) => {
    if (message.kind === 'lid' && message.value !== 0) closings++;
    return markOf(message, steps[Math.max(0, closings)]?.id ?? null);
  });
  return { ...cook, startedAt, marks: [...kept, ...heard] };
}
