/**
 * How far a boiling pot swells while steam leaves it: drift flux (DIERS; Fisher et al. 1992,
 * Emergency relief system design using DIERS technology; from memory).
 */
import { liquidDensity, SURFACE_TENSION, vapourDensity } from '../water';

const GRAVITY = 9.80665;

/** Rise velocity of bubbles, m/s, for a coefficient of the flow regime. */
function riseVelocity(celsius: number, k: number): number {
  const liquid = liquidDensity(celsius);
  const difference = liquid - vapourDensity(celsius);
  return (k * (SURFACE_TENSION * GRAVITY * difference) ** 0.25) / Math.sqrt(liquid);
}

/** Mean void of a clean liquid, churn-turbulent: j/U = 2a / (1 - 1.5 a). */
export function churnVoid(celsius: number, superficial: number): number {
  const psi = superficial / riseVelocity(celsius, 1.53);
  return psi / (2 + 1.5 * psi);
}

function bubblyFlux(a: number): number {
  return (a * (1 - a) ** 2) / ((1 - a ** 3) * (1 - 1.2 * a));
}

/** The void at which a bubbly column carries the most steam; beyond it, all goes up. */
const BUBBLY_PEAK = (() => {
  let best = 0;
  for (let a = 0; a < 0.83; a += 0.001) if (bubblyFlux(a) > bubblyFlux(best)) best = a;
  return best;
})();

/** Lower root by flux, looked up in between: the chance of liquid at the valve asks thousands. */
const BUBBLY_STEPS = 512;
const BUBBLY_ROOTS = Float64Array.from({ length: BUBBLY_STEPS + 1 }, (_, i) => {
  const psi = (bubblyFlux(BUBBLY_PEAK) * i) / BUBBLY_STEPS;
  let low = 0;
  let high = BUBBLY_PEAK;
  for (let n = 0; n < 40; n++) {
    const middle = (low + high) / 2;
    if (bubblyFlux(middle) < psi) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
});

/** Mean void of a foaming liquid, bubbly: the lower root; the foam limit where there is none. */
export function bubblyVoid(celsius: number, superficial: number): number {
  const psi = superficial / riseVelocity(celsius, 1.18);
  const at = (BUBBLY_STEPS * psi) / bubblyFlux(BUBBLY_PEAK);
  if (at >= BUBBLY_STEPS) return BUBBLY_PEAK;
  const i = Math.floor(at);
  const low = BUBBLY_ROOTS[i] as number;
  return low + (at - i) * ((BUBBLY_ROOTS[i + 1] as number) - low);
}

/**
 * Share of the swollen contents that is steam.
 *
 * @param celsius temperature of the liquid
 * @param flowKgS steam leaving, kg/s
 * @param surfaceM2 free surface, m2
 * @param foaming 0 clean to 3 foaming; between the two regimes in proportion
 */
export function voidFraction(
  celsius: number,
  flowKgS: number,
  surfaceM2: number,
  foaming: number,
): number {
  const superficial = flowKgS / (vapourDensity(celsius) * surfaceM2);
  const share = Math.min(1, Math.max(0, foaming / 3));
  return (1 - share) * churnVoid(celsius, superficial) + share * bubblyVoid(celsius, superficial);
}

/** Level once swollen. @returns same unit as the level */
export function swollenLevel(level: number, voidShare: number): number {
  return level / (1 - voidShare);
}
