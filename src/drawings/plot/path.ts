/** Paths of a plot's parts: data in, SVG path out, no drawing. */
import { bisectCenter } from 'd3-array';
import { path, type Path } from 'd3-path';
import { valueAt } from '@/core/series';
import { sideOf, type Band, type Curve, type Plot } from './plot';

/** Units of a light drawing; it is stretched to its place. */
export const PLOT_WIDE = 600;
export const PLOT_HIGH = 200;
/** Points nearer than this are one, units of the drawing. */
const NEAR = 2;

/** Position of a minute, share of the width from the left. */
export function alongOf({ lastMin }: Plot, minute: number): number {
  return minute / Math.max(1, lastMin);
}

/** The minute of the plot nearest to a share of the width, 0 to 1 from the left; null outside. */
export function minuteAt({ minutes, lastMin }: Plot, along: number): number | null {
  if (!(along >= 0 && along <= 1)) return null;
  return minutes[bisectCenter(minutes, along * Math.max(1, lastMin))] ?? null;
}

/** Position of a value, share of the height from the top, clamped to 0..1. */
export function downOf(top: number, value: number): number {
  return Math.min(1, Math.max(0, 1 - value / top));
}

const short = (value: number): number => Number(value.toFixed(1));

/**
 * The points of a curve or band, thinned to what can be told apart; ends and breaks are kept.
 *
 * @returns indices of minutes, rising
 */
function told<T>(plot: Plot, values: readonly (T | null)[]): readonly number[] {
  let last = Number.NEGATIVE_INFINITY;
  return plot.minutes.flatMap((minute, i) => {
    const x = alongOf(plot, minute) * PLOT_WIDE;
    const value = values[i] ?? null;
    const edge = value === null || i === values.length - 1 || (values[i + 1] ?? null) === null;
    if (!edge && x - last < NEAR) return [];
    last = value === null ? Number.NEGATIVE_INFINITY : x;
    return [i];
  });
}

type Point = readonly [x: number, y: number];

/** Stretches of a curve without a break: x, and y by each of some values. */
function* stretches<T>(
  plot: Plot,
  values: readonly (T | null)[],
  y: (value: T) => readonly number[],
): Generator<readonly (readonly [x: number, ys: readonly number[]])[]> {
  let stretch: (readonly [number, readonly number[]])[] = [];
  for (const i of told(plot, values)) {
    const value = values[i] ?? null;
    if (value !== null)
      stretch.push([short(alongOf(plot, valueAt(plot.minutes, i)) * PLOT_WIDE), y(value)]);
    else if (stretch.length > 0) {
      yield stretch;
      stretch = [];
    }
  }
  if (stretch.length > 0) yield stretch;
}

/** Draws points one after another; a single one is a dot. */
function trail(pen: Path, points: readonly Point[]): void {
  points.forEach(([x, y], i) => (i === 0 ? pen.moveTo(x, y) : pen.lineTo(x, y)));
  if (points.length === 1) pen.closePath();
}

/** @returns an SVG path in the units of a light drawing; empty for no data */
export function curvePath(plot: Plot, { side, values }: Pick<Curve, 'side' | 'values'>): string {
  const { top } = sideOf(plot, side);
  const pen = path();
  const y = (value: number): readonly number[] => [short(downOf(top, value) * PLOT_HIGH)];
  for (const stretch of stretches(plot, values, y))
    trail(
      pen,
      stretch.map(([x, [at = 0]]) => [x, at]),
    );
  return pen.toString();
}

/** The same, filled down to nought. */
export function areaPath(plot: Plot, { side, values }: Pick<Curve, 'side' | 'values'>): string {
  const from = values.map((v): readonly [number, number] | null => (v === null ? null : [0, v]));
  return bandPath(plot, { side, values: from });
}

export function bandPath(plot: Plot, { side, values }: Pick<Band, 'side' | 'values'>): string {
  const { top } = sideOf(plot, side);
  const pen = path();
  const y = (ends: readonly [number, number]): readonly number[] =>
    ends.map((end) => short(downOf(top, end) * PLOT_HIGH));
  for (const stretch of stretches(plot, values, y)) {
    // Out along the upper end, back along the lower one.
    trail(pen, [
      ...stretch.map(([x, [, high = 0]]): Point => [x, high]),
      ...stretch.toReversed().map(([x, [low = 0]]): Point => [x, low]),
    ]);
    pen.closePath();
  }
  return pen.toString();
}
