/** Reads a number as a cook types it into a field. */
import { readNumber } from './packed';

/** A number that was typed. */
export interface Typed {
  /** NaN for a text that is no number. */
  readonly value: number;
  /** The other number it may mean: ask which. */
  readonly or?: number;
}

const NONE: Typed = { value: Number.NaN };
/** Spaces that group digits: plain, no-break, narrow, thin; and the apostrophe. */
const GROUPED = /(?<=\d)[\s\u00a0\u202f\u2009'’](?=\d{3}(?!\d))/g;
const THOUSANDS = /^[1-9]\d{0,2}(?:,\d{3})+$/;
const BOTH_MARKS = /^\d{1,3}(?:(,)\d{3})+\.\d+$|^\d{1,3}(?:\.\d{3})+,\d+$/;
const DOTS = /^[1-9]\d{0,2}(?:\.\d{3}){2,}$/;
/** "5.300" is five thousand to some; nobody writes the zeros of 5.3. */
const ONE_DOT = /^[1-9]\d{0,2}\.\d\d0$/;
const TIMES = /^(.+?)\s*[x×*]\s*(.+)$/i;

/**
 * Reads a typed number: "5,300", "5 300", "1.250,5", "1,5", "1 1/2", "½", "2 x 400", "-4".
 *
 * A comma before three digits groups thousands, as in English; any other comma is a decimal mark. A dot before
 * three digits that end in 0 may be either, and comes with both numbers.
 *
 * @returns NaN for a text that is no number
 * @example readTyped('5,300').value // 5300
 * @example readTyped('1,5').value // 1.5
 * @example readTyped('2 x 400').value // 800
 * @example readTyped('5.300').or // 5300
 */
export function readTyped(text: string): Typed {
  const said = text.trim().replace(/[−–]/g, '-').replace(GROUPED, '');
  const minus = /^-\s*(?=[\d.,¼-¾⅐-⅞])/.exec(said);
  if (minus) {
    const { value, or } = readTyped(said.slice(minus[0].length));
    return { value: -value, ...(or !== undefined && { or: -or }) };
  }
  const product = TIMES.exec(said);
  if (product) {
    const [a, b] = [readTyped(product[1] ?? ''), readTyped(product[2] ?? '')];
    return a.or === undefined && b.or === undefined ? { value: a.value * b.value } : NONE;
  }
  if (THOUSANDS.test(said)) return { value: Number(said.replaceAll(',', '')) };
  const both = BOTH_MARKS.exec(said);
  if (both) {
    const plain = both[1] ? said.replaceAll(',', '') : said.replaceAll('.', '').replace(',', '.');
    return { value: Number(plain) };
  }
  if (DOTS.test(said)) return { value: Number(said.replaceAll('.', '')) };
  if (ONE_DOT.test(said)) return { value: Number(said), or: Number(said.replace('.', '')) };
  if (/^\d*,\d+$|^\d+,$/.test(said)) return { value: Number(said.replace(',', '.')) };
  return said.includes(',') ? NONE : { value: readNumber(said) };
}
