/** Centre of a body with a film after a step change outside: Carslaw & Jaeger 1959, chs 3.11, 7.7, 9.4. */
import type { Solid } from '../food';

/** Roots of the eigenvalue equations, by bisection. */
function root(f: (x: number) => number, low: number, high: number): number {
  let a = low;
  let b = high;
  for (let i = 0; i < 80; i++) {
    const m = (a + b) / 2;
    if (f(a) * f(m) <= 0) b = m;
    else a = m;
  }
  return (a + b) / 2;
}

function j0(x: number): number {
  let sum = 0;
  for (let i = 0; i < 64; i++) sum += Math.cos(x * Math.sin((Math.PI * (i + 0.5)) / 64));
  return sum / 64;
}

function j1(x: number): number {
  let sum = 0;
  for (let i = 0; i < 64; i++) {
    const t = (Math.PI * (i + 0.5)) / 64;
    sum += Math.cos(t - x * Math.sin(t));
  }
  return sum / 64;
}

/**
 * Share of the step that the centre has not yet followed.
 *
 * @param biot film x half thickness (radius) / conductivity
 * @param fourier diffusivity x time / half thickness squared
 */
export function centreSeries(kind: Solid, biot: number, fourier: number): number {
  let sum = 0;
  for (let n = 0; n < 40; n++) {
    const eps = 1e-9;
    if (kind === 'slab') {
      const z = root(
        (x) => x * Math.sin(x) - biot * Math.cos(x),
        n * Math.PI + eps,
        n * Math.PI + Math.PI / 2,
      );
      sum += ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) * Math.exp(-z * z * fourier);
    } else if (kind === 'sphere') {
      const z = root(
        (x) => x * Math.cos(x) - (1 - biot) * Math.sin(x),
        n * Math.PI + eps,
        (n + 1) * Math.PI - eps,
      );
      sum +=
        ((4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z))) *
        Math.exp(-z * z * fourier);
    } else if (n < 12) {
      // The zeros of J0 lie near (n + 3/4) pi; a root of the film equation stands before each.
      const low = n === 0 ? eps : (n + 0.25) * Math.PI - 0.25;
      const z = root((x) => x * j1(x) - biot * j0(x), low, (n + 0.75) * Math.PI + 0.1);
      sum += ((2 * j1(z)) / (z * (j0(z) ** 2 + j1(z) ** 2))) * Math.exp(-z * z * fourier);
    }
  }
  return sum;
}
