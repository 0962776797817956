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
    if (i > 0 && Number.isFinite(t)) {
      const rate = bones.extract.perHour * 10 ** ((t - 100) / Z);
      worked += (rate * (time - (s[i - 1] ?? time))) / 3600;
    }
    return left * (1 - Math.exp(-worked));
  });
}

export type SetState = 'pourable' | 'trembles' | 'soft set' | 'holds a cut';

/**
 * How a broth sets when cold (common practice: under 8 g/L pourable, to 15 trembles, to 30 soft
 * set, above it holds a cut).
 */
export function setOf(gPerL: number): SetState {
  if (gPerL < 8) return 'pourable';
  if (gPerL < 15) return 'trembles';
  return gPerL < 30 ? 'soft set' : 'holds a cut';
}
