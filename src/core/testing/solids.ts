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

/** Surroundings of a body. */
export interface Bath {
  readonly startC: number;
  readonly seconds: number;
  /** Temperature around it by the second, C. */
  readonly around: (seconds: number) => number;
  readonly matter: Matter;
  /** Sees its middle at every step; stops where it says so. */
  readonly seen: (seconds: number, middle: number) => boolean;
}

/** Steps a body of cells on; `flow` gives the change of each cell in C/s. */
function march(
  cells: number,
  { startC, seconds, around, seen }: Bath,
  dt: number,
  flow: (t: Float64Array, outside: number, out: Float64Array) => void,
): void {
  const t = new Float64Array(cells).fill(startC);
  const rate = new Float64Array(cells);
  for (let s = 0; s < seconds; s += dt) {
    flow(t, around(s), rate);
    for (let i = 0; i < cells; i++) t[i] = (t[i] as number) + dt * (rate[i] as number);
    if (seen(s + dt, t[0] as number)) return;
  }
}

const CELLS = 14;

/** An eighth of a box; its middle is the first cell. @param sides full lengths, mm */
export function boxMiddle(sides: readonly [number, number, number], bath: Bath): void {
  const { conductivity, diffusivity, film } = bath.matter;
  const n = CELLS;
  const widths = sides.map((mm) => mm / 2000 / n);
  const strides = [n * n, n, 1];
  const least = Math.min(...widths);
  march(n ** 3, bath, (0.16 * least * least) / diffusivity, (now, outside, out) => {
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
  });
}

/** A cylinder with both its ends: rings and half of its layers. @param round, long mm */
export function cylinderMiddle(round: number, long: number, bath: Bath): void {
  const { conductivity, diffusivity, film } = bath.matter;
  const n = CELLS;
  const dr = round / 2000 / n;
  const dz = long / 2000 / n;
  const least = Math.min(dr, dz);
  march(n * n, bath, (0.2 * least * least) / diffusivity, (now, outside, out) => {
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
  });
}
