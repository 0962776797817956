/** Reading a log of a pot's messages, as pasted or from a file. */
import * as yup from 'yup';
import { MESSAGE_KINDS, type Message } from './potLink';

/** Longer texts are not read. */
const MOST_CHARACTERS = 4_000_000;
const MOST_MESSAGES = 20_000;

const messageSchema = yup
  .object({
    at: yup
      .string()
      .strict()
      .required('no time')
      .test('time', 'not a time', (at) => Number.isFinite(Date.parse(at))),
    pot: yup.string().strict().required('no pot').max(200, 'a long name of a pot'),
    kind: yup
      .string()
      .strict()
      .oneOf(MESSAGE_KINDS, `not one of ${MESSAGE_KINDS.join(', ')}`)
      .required('no kind'),
    value: yup.number().strict().min(-50, 'below -50').max(20_000, 'above 20 000'),
  })
  .typeError('not an object');

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
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return 'is not an object';
  try {
    return messageSchema.validateSync(value, { strict: true }) as Message;
  } catch (error) {
    if (error instanceof yup.ValidationError) return `has ${error.errors[0] ?? 'a fault'}`;
    throw error;
  }
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
