/** Reading a log of a pot's messages, as pasted or from a file. */
import { isFields } from '../batch/schema';
import { faultsOf, needed, number, object, oneOf, text, time } from '../batch/schema/shape';
import { MESSAGE_KINDS, type Message } from './potLink';

/** Longer texts are not read. */
const MOST_CHARACTERS = 4_000_000;
const MOST_MESSAGES = 20_000;

const messageSchema = object(
  {
    at: needed(time, 'no time'),
    pot: needed(text('the name of a pot'), 'no pot'),
    kind: needed(oneOf(MESSAGE_KINDS), 'no kind'),
    value: number(-50, 20_000, ''),
  },
  'an object',
);

export type Messages =
  | { readonly ok: true; readonly messages: readonly Message[] }
  | { readonly ok: false; readonly problems: readonly string[] };

function readMessage(line: string): Message | string {
  let value: unknown;
  try {
    value = JSON.parse(line);
  } catch {
    return 'is not JSON';
  }
  if (!isFields(value)) return 'is not an object';
  for (const { value: found, wanted } of faultsOf(messageSchema, value))
    return found === undefined ? `has ${wanted}` : `has ${JSON.stringify(found)}, not ${wanted}`;
  return value as unknown as Message;
}

/**
 * Reads a log of messages, as pasted or from a file.
 *
 * @returns them in the order of their times, or what is wrong, line by line
 */
export function readMessages(text: string): Messages {
  if (text.length > MOST_CHARACTERS)
    return { ok: false, problems: ['This is too long for a log of a pot.'] };
  const lines = text.split(/\r?\n/).map((line) => line.trim());
  if (lines.filter(Boolean).length > MOST_MESSAGES)
    return { ok: false, problems: [`More than ${MOST_MESSAGES} messages.`] };
  const messages: Message[] = [];
  const problems: string[] = [];
  lines.forEach((line, i) => {
    if (!line) return;
    const message = readMessage(line);
    if (typeof message === 'string') problems.push(`Line ${i + 1} ${message}.`);
    else messages.push(message);
  });
  if (problems.length > 0) return { ok: false, problems };
  if (messages.length === 0) return { ok: false, problems: ['There is no message in this.'] };
  return { ok: true, messages: messages.sort((a, b) => Date.parse(a.at) - Date.parse(b.at)) };
}
