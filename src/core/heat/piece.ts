/**
 * The one dimension in which heat goes into a piece.
 *
 * A piece is a box, a cylinder or a ball. It conducts like a body of radius R in n dimensions (1 a
 * slab, 2 a long cylinder, 3 a ball, and all between) that has the same volume over surface, and
 * whose middle has made up three quarters of the difference at the same moment as the middle of the
 * piece. For boxes and cylinders that moment follows from the products of the series of their sides
 * (Carslaw & Jaeger 1959, ch. 5).
 */
import type { BodyShape } from './types';

/** Of the difference, what is left at the moment that is met. */
const LEFT = 0.25;

/** Zeros of J0, and 2 / (zero x J1(zero)): the series of a long cylinder (Abramowitz & Stegun, table 9.5). */
const ROUND: readonly (readonly [number, number])[] = [
  [2.404826, 1.601975],
  [5.520078, -1.064799],
  [8.653728, 0.851399],
  [11.791534, -0.729645],
];
const TERMS = 6;

/** Earlier than this the middle has hardly felt it, and the series want many terms. */
const EARLY = 0.05;

function slabSeries(fo: number): number {
  let sum = 0;
  for (let m = 0; m < TERMS; m++) {
    const zero = (m + 0.5) * Math.PI;
    sum += ((m % 2 === 0 ? 2 : -2) / zero) * Math.exp(-zero * zero * fo);
  }
  return sum;
}

function roundSeries(fo: number): number {
  let sum = 0;
  for (const [zero, factor] of ROUND) sum += factor * Math.exp(-zero * zero * fo);
  return sum;
}

/** Remaining share of the initial difference in the middle; time in mm2, thickness in mm. */
function left(series: (fo: number) => number, mm: number, time: number): number {
  const fo = (4 * time) / (mm * mm);
  return fo < EARLY ? 1 - (1 - series(EARLY)) * (fo / EARLY) ** 6 : series(fo);
}

/** Moment at which three quarters are made up, over the square of the radius, in n dimensions. */
function fourier(n: number): number {
  // Exact at 1, 2 and 3, between them within a hundredth of a line in its reciprocal.
  return 1 / (1.51581 + 1.5973 * (n - 1) + 0.0179 * (n - 1) * (n - 2));
}

/** Sides of a piece, mm; Infinity where it is long or wide. */
export interface Sides {
  /** Diameter of what is round. */
  readonly round?: number;
  /** Thicknesses of what is flat. */
  readonly flat?: readonly number[];
}

/** Moment at which the middle of a piece has made up three quarters, mm2. */
function momentOf(round: number, flat: readonly number[]): number {
  const least = Math.min(round, ...flat);
  let low = 0.02 * least * least;
  let high = least * least;
  for (let i = 0; i < 40; i++) {
    const time = (low + high) / 2;
    const whole = flat.reduce(
      (product, mm) => product * left(slabSeries, mm, time),
      left(roundSeries, round, time),
    );
    if (whole > LEFT) low = time;
    else high = time;
  }
  return (low + high) / 2;
}

const KNOWN = new Map<string, BodyShape>();

/**
 * The body that conducts as a piece does; worked out once for each size.
 *
 * @param sides of a piece: a round side, up to three flat ones, not all infinite
 * @example pieceOf({ flat: [30, 30, 30] }).mm // about 34.9
 * @example pieceOf({ round: 8, flat: [40] }).mm // about 8.9
 */
export function pieceOf({ round = Infinity, flat = [] }: Sides): BodyShape {
  const key = `${round} ${flat.join(' ')}`;
  const known = KNOWN.get(key);
  if (known) return known;
  const moment = momentOf(round, flat);
  const surface = flat.reduce((sum, mm) => sum + 2 / mm, 4 / round);
  const wanted = moment * surface * surface;
  let low = 1;
  let high = 3;
  for (let i = 0; i < 30; i++) {
    const n = (low + high) / 2;
    if (n * n * fourier(n) < wanted) low = n;
    else high = n;
  }
  const n = Number(((low + high) / 2).toFixed(4));
  const piece: BodyShape = { n, mm: 2 * Math.sqrt(moment / fourier(n)) };
  if (KNOWN.size > 500) KNOWN.clear();
  KNOWN.set(key, piece);
  return piece;
}

/** How slowly a piece takes heat: the moment at which its middle has made up three quarters, mm2. */
export function slowness({ n, mm }: BodyShape): number {
  return (fourier(n) * mm * mm) / 4;
}

/** First zeros of the slab, the long cylinder and the ball, and the parabola between. */
function firstZero(n: number): number {
  return Math.PI / 2 + 0.83403 * (n - 1) - 0.04863 * (n - 1) * (n - 2);
}

/** How quickly a piece takes heat in the end, 1/mm: pi over the thickness of a slab. */
export function decayOf({ n, mm }: BodyShape): number {
  return (2 * firstZero(n)) / mm;
}

/** A ball, a long cylinder or a wide slab. */
export const ball = (mm: number): BodyShape => ({ n: 3, mm });
export const rod = (mm: number): BodyShape => ({ n: 2, mm });
export const slab = (mm: number): BodyShape => ({ n: 1, mm });
