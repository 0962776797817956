/**
 * Reading what was sampled over time. A sample that is not there is a fault of the program, never
 * a nought: a nought would go on as a temperature or a mass.
 */
import { bisectRight } from 'd3-array';

/**
 * A sample by its number.
 *
 * @throws RangeError when no sample has that number
 * @example valueAt([20, 98, 118], 1) // 98
 */
export function valueAt<T>(values: ArrayLike<T>, i: number): T {
  const value = values[i];
  if (value === undefined) throw new RangeError(`no sample ${i} among ${values.length}`);
  return value;
}

/**
 * The last sample.
 *
 * @throws RangeError when there is none
 * @example lastOf([20, 98, 118]) // 118
 */
export function lastOf<T>(values: ArrayLike<T>): T {
  return valueAt(values, values.length - 1);
}

/**
 * A value between samples, linear; the first before them, the last after.
 *
 * @param along where the samples were taken, rising
 * @param from sample that is known not to be past the place asked for: reading on is then quick
 * @throws RangeError when there are no samples
 * @example between([0, 60], [20, 80], 30) // 50
 */
export function between(
  along: readonly number[],
  values: readonly number[],
  at: number,
  from = 0,
): number {
  const i = Math.max(from, bisectRight(along, at, from) - 1);
  const a = valueAt(along, i);
  const low = valueAt(values, i);
  const b = along[i + 1];
  if (b === undefined || !(b > a)) return low;
  const share = Math.min(1, Math.max(0, (at - a) / (b - a)));
  return low + share * (valueAt(values, i + 1) - low);
}

/** Stretches of steps, by the indexes at which they begin and end. */
interface Stays {
  readonly stays: readonly { readonly from: number; readonly to: number }[];
}

/** Whether something is in the pot during a step. */
export function isIn({ stays }: Stays, step: number): boolean {
  return stays.some(({ from, to }) => from <= step && to > step);
}

/** The least number between two that is enough, where all above it are; null where none is. */
export function leastEnough(
  from: number,
  to: number,
  enough: (x: number) => boolean,
): number | null {
  if (!enough(to)) return null;
  let low = from;
  let high = to;
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (enough(middle)) high = middle;
    else low = middle;
  }
  return high;
}
