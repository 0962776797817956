/**
 * How firmness goes as a food cooks: two first-order processes side by side, of which a few per
 * cent goes so slowly that large pieces keep their shape through an hour under pressure (Huang &
 * Bourne 1983, Journal of Texture Studies 14; Rao & Lund 1986; both from memory, the share and the
 * ratio of the rates assumed).
 *
 * Time is counted in the cook value at which a food is `late`: soft, creamy, in shreds.
 */

/** Share of the firmness that goes slowly, and how many times slower. */
const SLOW_SHARE = 0.04;
const SLOWER = 30;
/** Looked up in between: the curve is smooth. */
const STEP = 1 / 64;
const LAST = 40;

function exact(x: number): number {
  return (1 - SLOW_SHARE) * 10 ** -x + SLOW_SHARE * 10 ** (-x / SLOWER);
}

const TABLE = Float64Array.from({ length: LAST / STEP + 2 }, (_, i) => exact(i * STEP));

/**
 * Share of the raw firmness that is left.
 *
 * @param x cook value over that at which the food is late, from 0
 * @returns 1 to 0, falling
 * @example firmness(1) // 0.133
 */
export function firmness(x: number): number {
  if (x >= LAST) return exact(x);
  const at = x / STEP;
  const i = Math.floor(at);
  const low = TABLE[i] as number;
  return low + (at - i) * ((TABLE[i + 1] as number) - low);
}

/**
 * The cook value, over that at which the food is late, that leaves a firmness; inverse of
 * `firmness`.
 *
 * @param share above 0, to 1
 */
export function softenedBy(share: number): number {
  let low = 0;
  let high = LAST;
  while (firmness(high) > share && high < 1e4) high *= 2;
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (firmness(middle) > share) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * Cook value of an even piece that is as firm as this one is on average between its outside and its middle.
 * @param centre cook value of the middle, min
 * @param surface of the outside, min
 * @param lateMin at which the food is late, min
 * @example meanCook(2, 6, 100) // 3.96
 */
export function meanCook(centre: number, surface: number, lateMin: number): number {
  if (surface - centre < 0.01 * surface) return centre;
  const mean = (firmness(centre / lateMin) + firmness(surface / lateMin)) / 2;
  return lateMin * softenedBy(mean);
}
