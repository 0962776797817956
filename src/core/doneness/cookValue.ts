/**
 * Cook value: time at 100 C that would cook as far.
 *
 * C = integral of 10^((T - 100) / z) dt, Mansfield 1962. The temperature is taken as linear
 * between samples, for which the integral is exact.
 */

/** z at which the rate doubles every 10 C (common practice, no source), C. */
export const USUAL_Z = 10 / Math.log10(2);

/**
 * Cook value up to every sample.
 *
 * @param s times, s, rising
 * @param celsius temperatures at the times; NaN while out of the pot
 * @param z degrees for a tenfold rate, C, above 0
 * @returns minutes at 100 C, one per sample, starting from 0 and never falling
 * @example cookValues([0, 900], [118, 118], 33.2).at(-1) // 52.3
 */
export function cookValues(
  s: readonly number[],
  celsius: readonly number[],
  z: number,
): readonly number[] {
  const out = new Array<number>(s.length);
  const scale = Math.LN10 / z;
  let sum = 0;
  let before = 0;
  let rateBefore = 0;
  for (let i = 0; i < s.length; i++) {
    const t = celsius[i] ?? Number.NaN;
    const rate = t === t ? Math.exp((t - 100) * scale) : 0;
    if (i > 0 && rate > 0 && rateBefore > 0) {
      const difference = (t - before) * scale;
      const mean = Math.abs(difference) < 1e-6 ? rate : (rate - rateBefore) / difference;
      sum += (mean * ((s[i] as number) - (s[i - 1] as number))) / 60;
    }
    out[i] = sum;
    before = t;
    rateBefore = rate;
  }
  return out;
}

/** How fast cooking goes at a temperature, beside 100 C. @example cookRate(110, 33.2) // 2 */
export function cookRate(celsius: number, z: number): number {
  return 10 ** ((celsius - 100) / z);
}
