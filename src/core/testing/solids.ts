/**
 * Conduction into whole bodies, cell by cell, by explicit steps: what the body in n dimensions is held
 * against. Written apart from the model: no shells, no implicit steps, no shared code.
 */

export interface Matter {
  /** W/(m K) */
  readonly conductivity: number;
  /** m2/s */
  readonly diffusivity: number;
  /** W/(m2 K) */
  readonly film: number;
}

/** Temperature around it by the second, C. */
export type Around = (seconds: number) => number;

/** Steps a body of cells on; `flow` gives the change of each cell in C/s. */
function march(
  t: Float64Array,
  seconds: number,
  dt: number,
  flow: (t: Float64Array, outside: number, out: Float64Array) => void,
  around: Around,
  seen: (seconds: number, middle: number) => boolean,
): void {
  const rate = new Float64Array(t.length);
  for (let s = 0; s < seconds; s += dt) {
    flow(t, around(s), rate);
    for (let i = 0; i < t.length; i++) t[i] = (t[i] as number) + dt * (rate[i] as number);
    if (seen(s + dt, t[0] as number)) return;
  }
}

const CELLS = 14;

/** An eighth of a box. @param sides full lengths, mm @returns its middle by the second */
export function boxMiddle(
  sides: readonly [number, number, number],
  startC: number,
  seconds: number,
  around: Around,
  { conductivity, diffusivity, film }: Matter,
  seen: (seconds: number, middle: number) => boolean = () => false,
): number {
  const n = CELLS;
  const widths = sides.map((mm) => mm / 2000 / n);
  const strides = [n * n, n, 1];
  const t = new Float64Array(n ** 3).fill(startC);
  const least = Math.min(...widths);
  march(
    t,
    seconds,
    (0.16 * least * least) / diffusivity,
    (now, outside, out) => {
      out.fill(0);
      for (let i = 0; i < now.length; i++)
        for (let axis = 0; axis < 3; axis++) {
          const width = widths[axis] as number;
          const stride = strides[axis] as number;
          const place = Math.floor(i / stride) % n;
          const here = now[i] as number;
          const inner = place === 0 ? 0 : (now[i - stride] as number) - here;
          const outer =
            place === n - 1
              ? (outside - here) / (0.5 + conductivity / (film * width))
              : (now[i + stride] as number) - here;
          out[i] = (out[i] as number) + (diffusivity * (inner + outer)) / (width * width);
        }
    },
    around,
    seen,
  );
  return t[0] as number;
}

/** A cylinder with both its ends: rings and half of its layers. @param round, long mm */
export function cylinderMiddle(
  round: number,
  long: number,
  startC: number,
  seconds: number,
  around: Around,
  { conductivity, diffusivity, film }: Matter,
  seen: (seconds: number, middle: number) => boolean = () => false,
): number {
  const n = CELLS;
  const dr = round / 2000 / n;
  const dz = long / 2000 / n;
  const t = new Float64Array(n * n).fill(startC);
  const least = Math.min(dr, dz);
  march(
    t,
    seconds,
    (0.2 * least * least) / diffusivity,
    (now, outside, out) => {
      for (let i = 0; i < n; i++)
        for (let j = 0; j < n; j++) {
          const at = i * n + j;
          const here = now[at] as number;
          const inward = i === 0 ? 0 : (i / (i + 0.5)) * ((now[at - n] as number) - here);
          const outward =
            ((i + 1) / (i + 0.5)) *
            (i === n - 1
              ? (outside - here) / (0.5 + conductivity / (film * dr))
              : (now[at + n] as number) - here);
          const down = j === 0 ? 0 : (now[at - 1] as number) - here;
          const up =
            j === n - 1
              ? (outside - here) / (0.5 + conductivity / (film * dz))
              : (now[at + 1] as number) - here;
          out[at] = diffusivity * ((inward + outward) / (dr * dr) + (down + up) / (dz * dz));
        }
    },
    around,
    seen,
  );
  return t[0] as number;
}
