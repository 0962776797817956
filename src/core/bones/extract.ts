/**
 * Gelatine out of bones: first order in what is left, run after run (brief; rates assumed, to be
 * learned from the log). dG/dt = k (Gmax - G), k = k100 10^((T - 100) / z).
 */
import type { Extract } from '../food';

/** The rate doubles every 10 C (common practice, no source). */
const Z = 10 / Math.log10(2);

/** Bones of one kind that a run finds. */
export interface Bones {
  readonly massKg: number;
  readonly extract: Extract;
  /** Gelatine already given, g. */
  readonly givenG: number;
}

/** All that bones can give, g. */
export function mostGelatineG(bones: Bones): number {
  return bones.massKg * bones.extract.gelatineGPerKg;
}

/**
 * Rate at which bones give what they have left.
 *
 * @param celsius temperature of the bone, C
 * @returns 1/h
 */
export function extractionRate(extract: Extract, celsius: number): number {
  return extract.perHour * 10 ** ((celsius - 100) / Z);
}

/**
 * Gelatine that bones give along a trace.
 *
 * @param s times, s, rising
 * @param celsius temperature of the bone at the times; NaN while out of the pot
 * @returns g given up to each time, not counting what was given before
 */
export function gelatineAlong(
  bones: Bones,
  s: readonly number[],
  celsius: readonly number[],
): readonly number[] {
  const left = Math.max(0, mostGelatineG(bones) - bones.givenG);
  let worked = 0;
  return s.map((time, i) => {
    const t = ((celsius[i] ?? NaN) + (celsius[i - 1] ?? NaN)) / 2;
    if (i > 0 && Number.isFinite(t))
      worked += (extractionRate(bones.extract, t) * (time - (s[i - 1] ?? time))) / 3600;
    return left * (1 - Math.exp(-worked));
  });
}
