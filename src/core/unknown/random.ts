/** A seeded source of chance: mulberry32 (public domain), and normal numbers by Box and Muller. */
export interface Chance {
  /** From 0 to below 1. */
  readonly uniform: () => number;
  /** Mean 0, standard deviation 1. */
  readonly normal: () => number;
}

/**
 * @param seed a whole number; the same one gives the same chance
 *
 * @example seeded(1).uniform() === seeded(1).uniform() // true
 */
export function seeded(seed: number): Chance {
  let state = seed >>> 0;
  const uniform = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const normal = (): number =>
    Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
  return { uniform, normal };
}

/** Share of a standard normal below a number, within 2e-4 (Page 1977). */
export const phi = (z: number): number =>
  0.5 * (1 + Math.tanh(0.7978845608 * (z + 0.044715 * z * z * z)));

export interface Spread {
  readonly mean: number;
  readonly sd: number;
}

/** Density of a normal, but for its factor. */
export const bell = (x: number, { mean, sd }: Spread): number =>
  Math.exp(-0.5 * ((x - mean) / sd) ** 2) / sd;
