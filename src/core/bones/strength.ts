import { valueAt } from '../series';
/**
 * Loss of set: gelatine in hot liquid is broken into pieces too short to gel, first order in what
 * still sets (brief: a smaller z than extraction, so that there is a best time; half in about a
 * day at 100 C and in five hours at 117 C, assumed).
 */
const LOSS_PER_HOUR_100 = 0.03;
const LOSS_Z = 25;

/** Rate at which dissolved gelatine stops setting, 1/h. @param celsius temperature of the liquid */
export function lossRate(celsius: number): number {
  return LOSS_PER_HOUR_100 * 10 ** ((celsius - 100) / LOSS_Z);
}

/**
 * Gelatine that still sets, along a trace: dE/dt = dG/dt - kd E.
 *
 * @param s times, s, rising
 * @param celsius temperature of the liquid at the times
 * @param givenG gelatine given up to each time, g, rising; its first value is taken as all strong
 * @returns g that still set, at the times
 * @example strongAlong([0, 3600], [100, 100], [10, 10])[1] // 10 exp(-0.03) = 9.70
 */
export function strongAlong(
  s: readonly number[],
  celsius: readonly number[],
  givenG: readonly number[],
): readonly number[] {
  let strong = valueAt(givenG, 0);
  return s.map((time, i) => {
    if (i === 0) return strong;
    const hours = (time - (s[i - 1] ?? time)) / 3600;
    const kept = Math.exp(-lossRate(((celsius[i] ?? 20) + (celsius[i - 1] ?? 20)) / 2) * hours);
    const fresh = valueAt(givenG, i) - valueAt(givenG, i - 1);
    // Extract from the present step has lost half as much as the extract before it.
    strong = strong * kept + fresh * Math.sqrt(kept);
    return strong;
  });
}
