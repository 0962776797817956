/**
 * How far a boiling pot swells while steam leaves it: drift flux (DIERS; Fisher et al. 1992,
 * Emergency relief system design using DIERS technology; from memory).
 */
import { liquidDensity, SURFACE_TENSION, vapourDensity } from '../water';

const GRAVITY = 9.80665;
/** Coefficients of the rise velocity, churn-turbulent and bubbly. */
const CHURN = 1.53;
const BUBBLY = 1.18;

/** Rise velocity of bubbles, m/s, for a coefficient of the flow regime. */
function riseVelocity(celsius: number, k: number): number {
  const liquid = liquidDensity(celsius);
  const difference = liquid - vapourDensity(celsius);
  return (k * (SURFACE_TENSION * GRAVITY * difference) ** 0.25) / Math.sqrt(liquid);
}

/** Void of a clean liquid for a flux over its rise velocity: j/U = 2a / (1 - 1.5 a). */
function churn(psi: number): number {
  return psi / (2 + 1.5 * psi);
}

/** Mean void of a clean liquid, churn-turbulent. @param superficial m/s */
export function churnVoid(celsius: number, superficial: number): number {
  return churn(superficial / riseVelocity(celsius, CHURN));
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

const BUBBLY_MOST = bubblyFlux(BUBBLY_PEAK);

/** Lower root by flux, looked up in between: the chance of liquid at the valve asks thousands. */
const BUBBLY_STEPS = 512;
const BUBBLY_ROOTS = Float64Array.from({ length: BUBBLY_STEPS + 1 }, (_, i) => {
  const psi = (BUBBLY_MOST * i) / BUBBLY_STEPS;
  let low = 0;
  let high = BUBBLY_PEAK;
  for (let n = 0; n < 40; n++) {
    const middle = (low + high) / 2;
    if (bubblyFlux(middle) < psi) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
});

/** Void of a foaming liquid: the lower root, or the foam limit if there is none. */
function bubbly(psi: number): number {
  const at = (BUBBLY_STEPS * psi) / BUBBLY_MOST;
  if (at >= BUBBLY_STEPS) return BUBBLY_PEAK;
  const i = Math.floor(at);
  const low = BUBBLY_ROOTS[i] as number;
  return low + (at - i) * ((BUBBLY_ROOTS[i + 1] as number) - low);
}

/** Mean void of a foaming liquid, bubbly. @param superficial m/s */
export function bubblyVoid(celsius: number, superficial: number): number {
  return bubbly(superficial / riseVelocity(celsius, BUBBLY));
}

/**
 * How a pot swells at a temperature, ready to be asked many times.
 *
 * @param celsius temperature of the liquid
 * @param surfaceM2 free surface, m2
 * @returns share of the swollen contents that is steam, for a flow in kg/s and foaming from 0 clean
 *   to 3 foaming, between the two regimes in proportion
 */
export function swelling(
  celsius: number,
  surfaceM2: number,
): (flowKgS: number, foaming: number) => number {
  const each = 1 / (vapourDensity(celsius) * surfaceM2);
  const clean = each / riseVelocity(celsius, CHURN);
  const foamy = each / riseVelocity(celsius, BUBBLY);
  return (flow, foaming) => {
    const share = Math.min(1, Math.max(0, foaming / 3));
    return (1 - share) * churn(flow * clean) + share * bubbly(flow * foamy);
  };
}

/** Share of the swollen contents that is steam; see `swelling`. */
export function voidFraction(
  celsius: number,
  flowKgS: number,
  surfaceM2: number,
  foaming: number,
): number {
  return swelling(celsius, surfaceM2)(flowKgS, foaming);
}

/** Level once swollen. @returns same unit as the level */
export function swollenLevel(level: number, voidShare: number): number {
  return level / (1 - voidShare);
}
