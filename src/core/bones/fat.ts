/**
 * Fat that melts out of bones and the meat on them: first order, most of it in an hour at the boil
 * (assumed; the rate doubles every 10 C).
 */
const MOST = 0.6;
const PER_HOUR_100 = 1.2;
const Z = 10 / Math.log10(2);

/**
 * Fat afloat along a trace.
 *
 * @param fatG fat in what is in the pot, g
 * @param s times, s, rising
 * @param celsius temperature of the bone; NaN while out of the pot
 * @returns g melted out up to each time
 */
export function fatAlong(
  fatG: number,
  s: readonly number[],
  celsius: readonly number[],
): readonly number[] {
  let worked = 0;
  return s.map((time, i) => {
    const t = ((celsius[i] ?? NaN) + (celsius[i - 1] ?? NaN)) / 2;
    if (i > 0 && Number.isFinite(t))
      worked += (PER_HOUR_100 * 10 ** ((t - 100) / Z) * (time - (s[i - 1] ?? time))) / 3600;
    return MOST * fatG * (1 - Math.exp(-worked));
  });
}
