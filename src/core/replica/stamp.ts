/**
 * Times at which devices changed something, so that of two changes of one field all devices take the same. A hybrid
 * logical clock (Kulkarni, Demirbas, Madappa, Avva and Leone, Logical Physical Clocks, 2014; from memory): the wall's
 * time, and a counter for when that stands still or runs backwards.
 */

/** Milliseconds, count and device as text. Of two, the later one is the greater text. */
export type Stamp = string;

/** Of what a household held before it had a second device: earlier than every stamp. */
export const BEFORE_ALL: Stamp = '';

const BASE = 36;
const MS_LETTERS = 9;
const COUNT_LETTERS = 4;
const MOST_COUNT = BASE ** COUNT_LETTERS - 1;
const FORM = /^[0-9a-z]{9}[0-9a-z]{4}-[0-9A-Za-z_-]{1,40}$/;

const written = (value: number, letters: number): string =>
  value.toString(BASE).padStart(letters, '0');

/** Whether a value is a stamp, as others send them. */
export const isStamp = (value: unknown): value is Stamp =>
  value === BEFORE_ALL || (typeof value === 'string' && FORM.test(value));

/** Wall time of a stamp, ms; 0 before all. */
export const msOf = (stamp: Stamp): number =>
  stamp === BEFORE_ALL ? 0 : parseInt(stamp.slice(0, MS_LETTERS), BASE);

/** Device that made a stamp; '' before all. */
export const deviceOf = (stamp: Stamp): string => stamp.slice(MS_LETTERS + COUNT_LETTERS + 1);

export const laterOf = (a: Stamp, b: Stamp): Stamp => (a > b ? a : b);

/**
 * The next stamp of a device.
 *
 * @param last latest stamp that it has seen, its own or another's
 * @param wallMs its clock, ms since 1970
 * @param device its id
 * @returns a stamp later than `last`, whatever the clock says
 * @example nextStamp('', 1000, 'desk') // '0000000rs0000-desk'
 */
export function nextStamp(last: Stamp, wallMs: number, device: string): Stamp {
  const lastMs = msOf(last);
  const count = last === BEFORE_ALL ? -1 : parseInt(last.slice(MS_LETTERS, 13), BASE);
  const stands = wallMs <= lastMs;
  const isFull = stands && count >= MOST_COUNT;
  const ms = isFull ? lastMs + 1 : Math.max(Math.floor(wallMs), lastMs);
  const next = stands && !isFull ? count + 1 : 0;
  return `${written(ms, MS_LETTERS)}${written(next, COUNT_LETTERS)}-${device}`;
}
