/**
 * The pot as a device: a source of messages and nothing else. One JSON object a line, documented in
 * docs/pot-link.md.
 */
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

/** Message of a pot. */
export interface Message {
  /** ISO 8601 */
  readonly at: string;
  /** Id of the pot. */
  readonly pot: string;
  readonly kind: MessageKind;
  /** C, L; 1 for a valve that opens or a lid that locks, 0 for the other way; a number of a fault. */
  readonly value?: number;
}

/** Source of messages: a practice pot, a log, or a pot that speaks. The one door for all of them. */
export interface PotLink {
  /**
   * @param onMessages called with all that the pot has said so far, by their times, whenever that changes
   * @returns stops it
   */
  readonly listen: (onMessages: (messages: readonly Message[]) => void) => () => void;
}

/** A log as a source: all of it at once. */
export function linkOf(messages: readonly Message[]): PotLink {
  return {
    listen: (onMessages) => {
      onMessages(messages.toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at)));
      return () => undefined;
    },
  };
}

/** Messages as the lines of a log. */
export function writeMessages(messages: readonly Message[]): string {
  return messages.map((message) => `${JSON.stringify(message)}\n`).join('');
}
