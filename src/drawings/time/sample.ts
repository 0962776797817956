import { bisectRight } from 'd3-array';

/** Index of the sample at a minute, or the last before it; the first before all. */
export function sampleAt({ minute }: { readonly minute: readonly number[] }, at: number): number {
  return Math.max(0, bisectRight(minute, at) - 1);
}

/**
 * Which samples a drawing shows: those a share of the whole apart, and all that are kept whatever
 * their distance.
 *
 * @param share the least distance, a share of the last minute
 * @returns indices, rising
 */
export function thinned(
  minute: readonly number[],
  share: number,
  keep: (index: number) => boolean,
): readonly number[] {
  const least = share * (minute.at(-1) ?? 0);
  let before = Number.NEGATIVE_INFINITY;
  return minute.flatMap((at, i) => {
    const edge = i === 0 || i === minute.length - 1 || keep(i);
    if (!edge && at - before < least) return [];
    before = at;
    return [i];
  });
}
