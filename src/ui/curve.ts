/** Geometry of small curves: data in, path out, no drawing. */
import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { line } from 'd3-shape';

const COLD_C = 0;
const HOT_C = 125;

/** Minutes to pixels. */
export function minuteScale(lastMinute: number, width: number): ScaleLinear<number, number> {
  return scaleLinear()
    .domain([0, Math.max(1, lastMinute)])
    .range([0, width]);
}

/** Degrees to pixels, hot at the top. */
export function temperatureScale(height: number): ScaleLinear<number, number> {
  return scaleLinear().domain([COLD_C, HOT_C]).range([height, 0]).clamp(true);
}

/**
 * The path of a curve, thinned to at most a point every second pixel.
 *
 * @returns an SVG path; empty for no data
 */
export function curvePath(
  xs: readonly number[],
  ys: readonly number[],
  x: (v: number) => number,
  y: (v: number) => number,
): string {
  let last = Number.NEGATIVE_INFINITY;
  const points: [number, number][] = [];
  xs.forEach((value, i) => {
    const px = x(value);
    if (px - last < 2 && i !== xs.length - 1) return;
    last = px;
    points.push([Number(px.toFixed(1)), Number(y(ys[i] ?? 0).toFixed(1))]);
  });
  return line()(points) ?? '';
}
